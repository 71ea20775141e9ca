package hopsel.web.classlist;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Courses;
import hopsel.web.classes.Guests;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.house.VenueStore;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.math.BigDecimal;
import java.security.Principal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A class held again: on another day, or on several as a course with the same guests. */
@Controller
class AgainController {

    private static final int MOST_TIMES = 12;
    private static final int MOST_DAYS = 366;

    private final ClassStore store;
    private final ClassChanges changes;
    private final VenueStore venues;
    private final Courses courses;
    private final ParticularsStore particulars;
    private final AttendeeStyles styles;
    private final AllOrNothing all;

    AgainController(
            ClassStore store,
            ClassChanges changes,
            VenueStore venues,
            Courses courses,
            ParticularsStore particulars,
            AttendeeStyles styles,
            AllOrNothing all) {
        this.store = store;
        this.changes = changes;
        this.venues = venues;
        this.courses = courses;
        this.particulars = particulars;
        this.styles = styles;
        this.all = all;
    }

    /** How it is held again. */
    private record Wanted(List<LocalDate> days, boolean sameGuests) {

        boolean course() {
            return sameGuests || days.size() > 1;
        }
    }

    /**
     * Dishes, kitchen, plan and wishes move along; guests where they come to all of it, as people of that evening: what
     * one of them changes or signs off from there is for there.
     */
    @PostMapping("/classes/{id}/again")
    String again(
            @PathVariable("id") long id,
            @RequestParam Map<String, String> fields,
            RedirectAttributes next,
            Principal who)
            throws StaleClassException {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        try {
            Wanted wanted = wanted(new Entered(fields), fields.containsKey("guests"));
            List<Long> fresh = new ArrayList<>();
            all.of(() -> {
                for (LocalDate day : wanted.days) {
                    fresh.add(held(stored, day, wanted, who.getName()));
                }
            });
            next.addFlashAttribute("told", wanted.course() ? "classes.course.done" : "classes.again.done");
            return wanted.days.size() > 1
                    ? "redirect:/classes/%d".formatted(id)
                    : "redirect:/classes/%d/set-up".formatted(fresh.get(0));
        } catch (BadEntryException e) {
            next.addFlashAttribute("wrongField", e.field());
            next.addFlashAttribute("wrong", e.getMessage());
            next.addFlashAttribute("typed", fields);
            return "redirect:/classes/%d#again".formatted(id);
        }
    }

    private static Wanted wanted(Entered in, boolean sameGuests) throws BadEntryException {
        LocalDate first;
        try {
            first = LocalDate.parse(in.must("day"));
        } catch (DateTimeParseException e) {
            throw new BadEntryException("day", "is no date. Choose one from the calendar.");
        }
        int times = whole(in, "times", MOST_TIMES);
        int every = whole(in, "every", MOST_DAYS);
        List<LocalDate> days = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            days.add(first.plusDays((long) i * every));
        }
        return new Wanted(days, sameGuests);
    }

    /** A whole number from 1; where nothing is typed, once a week is meant. */
    private static int whole(Entered in, String field, int most) throws BadEntryException {
        BigDecimal number = in.number(field).orElse(field.equals("times") ? BigDecimal.ONE : BigDecimal.valueOf(7));
        if (number.stripTrailingZeros().scale() > 0
                || number.signum() <= 0
                || number.compareTo(BigDecimal.valueOf(most)) > 0) {
            throw new BadEntryException(field, "has to be a whole number from 1 to %d.".formatted(most));
        }
        return number.intValueExact();
    }

    private long held(StoredClass stored, LocalDate day, Wanted wanted, String who) throws StaleClassException {
        CookingClass cooking = stored.cooking();
        Map<String, String> same = new LinkedHashMap<>();
        List<Attendee> guests = new ArrayList<>();
        for (Attendee guest : wanted.sameGuests ? cooking.attendees() : List.<Attendee>of()) {
            same.put(guest.id(), Guests.freshId());
            guests.add(guest.named(same.get(guest.id())));
        }
        CookingClass copy =
                cooking.starting(day.atTime(cooking.startsAt().toLocalTime())).withAttendees(guests);
        long fresh = store.add(copy);
        Map<String, Particulars> known = particulars.of(stored.id());
        same.forEach((guest, now) -> {
            particulars.keep(fresh, now, known.getOrDefault(guest, Particulars.UNKNOWN));
            styles.copy(stored.id(), guest, fresh, now);
        });
        changes.change(fresh, 1, copy, stored.wishes(), who, "held again");
        venues.of(stored.id()).ifPresent(venue -> venues.assign(fresh, venue.id()));
        if (wanted.course()) {
            courses.join(stored.id(), fresh);
        }
        return fresh;
    }
}
