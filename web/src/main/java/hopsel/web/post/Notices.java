package hopsel.web.post;

import hopsel.web.frame.OwnAddress;
import hopsel.web.guest.SignupStore.Placed;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Tells guests by mail that they have a place, or wait for one, with the link to their own page. */
@Component
class Notices {

    private final OwnAddress address;
    private final PostOffice post;

    Notices(OwnAddress address, PostOffice post) {
        this.address = address;
        this.post = post;
    }

    @EventListener
    void placed(Placed placed) {
        if (PostOffice.isAddress(placed.contact())) {
            String link = address.of("/guest/" + placed.secret());
            String told = placed.waiting() ? "All places are taken; you are on the waiting list. Your own page tells when you have a place." : "You have a place. Your own page says what is in your kit, what to do before, and how to get there.";
            post.send(placed.classId(), placed.attendee(), placed.contact(), (placed.waiting() ? "Waiting list: " : "Your place: ") + placed.title(), told + "\n\n" + link + "\n\nKeep it to yourself: whoever has it sees what you told us. You can change that, or have it erased, on the page.\n");
        }
    }
}
