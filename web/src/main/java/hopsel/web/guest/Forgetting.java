package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.web.classes.BrokenClassException;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.classes.StoredClass;
import hopsel.web.house.HouseStore;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.Optional;

/**
 * Erases guests once the term is over that the house keeps them for, and those removed once they cannot be put back.
 */
@Component
public class Forgetting {

    private static final Logger LOG = LoggerFactory.getLogger(Forgetting.class);
    private static final String WHO = "Hopsel, by the term of the house";

    private final ClassStore classes;
    private final Guests people;
    private final Removal removal;
    private final HouseStore house;
    private final Clock clock;

    Forgetting(ClassStore classes, Guests people, Removal removal, HouseStore house, Clock clock) {
        this.classes = classes;
        this.people = people;
        this.removal = removal;
        this.house = house;
        this.clock = clock;
    }

    /** Erases whose time is over; each guest is one transaction. */
    @Scheduled(
            fixedDelayString = "${hopsel.forget-every:3600000}",
            initialDelayString = "${hopsel.forget-every:300000}")
    public void forget() {
        removal.forget();
        Optional<Integer> months = house.now().guestMonths();
        months.ifPresent(own -> classes.entries().forEach(entry -> forget(entry.id(), own)));
    }

    private void forget(long id, int months) {
        try {
            Optional<CookingClass> over = classes.find(id)
                    .map(StoredClass::cooking)
                    .filter(cooking -> cooking.onAir().plusMonths(months).isBefore(ZonedDateTime.now(clock)));
            if (over.isPresent()) {
                over.get().attendees().forEach(guest -> removal.erase(id, guest.id(), WHO));
                removal.eraseForGood(id);
                // Who never got a place has told as much of themselves.
                people.waiting(id)
                        .forEach(one -> removal.erase(id, one.attendee().id(), WHO));
            }
        } catch (BrokenClassException e) {
            LOG.warn("Guests of class {}, which cannot be read, are kept.", id);
        }
    }
}
