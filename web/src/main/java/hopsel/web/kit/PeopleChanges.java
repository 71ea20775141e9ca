package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.item.Catalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.guest.AttendeeForm;
import hopsel.web.guest.HouseRules;
import hopsel.web.guest.ParticularsStore;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the host changes of those who take part: all of a form, or nothing of it. Nobody is removed here. */
@Component
class PeopleChanges {

    private final ClassStore store;
    private final Guests guests;
    private final ParticularsStore particulars;
    private final HouseRules rules;
    private final Catalogue builtIn;

    PeopleChanges(ClassStore store, Guests guests, ParticularsStore particulars, HouseRules rules, Catalogue builtIn) {
        this.store = store;
        this.guests = guests;
        this.particulars = particulars;
        this.rules = rules;
        this.builtIn = builtIn;
    }

    /** Saves a form; what guests said of themselves meanwhile stays, and so do those who are not in it. */
    @Transactional(rollbackFor = BadEntryException.class)
    public void save(long id, Map<String, String> fields) throws BadEntryException {
        guests.lock(id);
        CookingClass cooking =
                store.find(id).orElseThrow(NotFoundException::new).cooking();
        Map<String, Particulars> known = particulars.of(id);
        List<AttendeeForm.Row> rows =
                new AttendeeForm(cooking, cooking.catalogue(builtIn), rules.all()).rows(new Entered(fields), known);
        for (AttendeeForm.Row row : rows) {
            Optional<Attendee> before = cooking.attendees().stream()
                    .filter(own -> own.id().equals(row.attendee().id()))
                    .findFirst();
            if (before.isEmpty()) {
                guests.add(id, row.attendee(), null);
            } else if (!before.get().equals(row.attendee())) {
                guests.put(id, row.attendee());
            }
            if (!row.known().equals(known.getOrDefault(row.attendee().id(), Particulars.UNKNOWN))) {
                particulars.keep(id, row.attendee().id(), row.known());
            }
        }
    }

    /** Adds people of a sheet. */
    @Transactional
    public void add(long id, List<AttendeeForm.Row> rows) {
        guests.lock(id);
        rows.forEach(row -> {
            guests.add(id, row.attendee(), null);
            particulars.keep(id, row.attendee().id(), row.known());
        });
    }
}
