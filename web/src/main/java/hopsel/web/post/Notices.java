package hopsel.web.post;

import hopsel.core.guest.Attendee;
import hopsel.core.guest.Contact;
import hopsel.web.frame.OwnAddress;
import hopsel.web.guest.SignupStore.Placed;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import java.util.List;
import java.util.stream.Stream;

/** Tells guests by mail that they have a place, or wait for one, with the link to their own page. */
@Component
class Notices {

    /** Whoever types another person's address into the form again and again does not fill their box. */
    private static final int MOST_AN_HOUR = 5;

    private final OwnAddress address;
    private final PostOffice post;

    Notices(OwnAddress address, PostOffice post) {
        this.address = address;
        this.post = post;
    }

    /** What they cannot have, read back to them. */
    private static String readBack(Attendee attendee) {
        List<String> all = Stream.concat(attendee.avoids().stream(), attendee.ownWords().stream())
                .distinct()
                .toList();
        String unchecked = attendee.ownWords().isEmpty()
                ? ""
                : " Hopsel cannot check %s: please talk to the host before you come."
                        .formatted(String.join(", ", attendee.ownWords()));
        return all.isEmpty()
                ? ""
                : "\n\nYou told us that you cannot have: %s.%s".formatted(String.join(", ", all), unchecked);
    }

    @EventListener
    void placed(Placed placed) {
        if (PostOffice.isAddress(Contact.mail(placed.contact()))
                && post.lately(Contact.mail(placed.contact())) < MOST_AN_HOUR) {
            String link = address.of("/guest/" + placed.secret());
            String told = placed.waiting()
                    ? "The class is full; you're on the waiting list. Your own page shows when you have a place."
                    : "You have a place. Your own page says what is in your kit, what to do before, and how to "
                            + "get there.";
            post.send(
                    placed.classId(),
                    placed.attendee().id(),
                    Contact.mail(placed.contact()),
                    (placed.waiting() ? "Waiting list: " : "Your place: ") + placed.title(),
                    told + readBack(placed.attendee()) + "\n\n" + link
                            + "\n\nKeep it to yourself: whoever has it sees what you told us. You can change "
                            + "that, or have it erased, on the page.\n");
        }
    }
}
