package hopsel.web.office;

import hopsel.core.house.Venue;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.house.VenueStore;
import hopsel.web.house.VenueStore.Stored;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** The kitchens of the house; a change is offered to the classes that are still to come, never to past ones. */
@Controller
class KitchensController {

    private static final String PAGE = "redirect:/house/kitchens";
    private static final int LONGEST = 200;

    private final VenueStore venues;
    private final ClassStore classes;
    private final ClassChanges changes;
    private final Clock clock;

    KitchensController(VenueStore venues, ClassStore classes, ClassChanges changes, Clock clock) {
        this.venues = venues;
        this.classes = classes;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A kitchen on the page.
     *
     * @param coming classes that are still to be held there
     * @param apart of these, those that are held there as it was before
     */
    record Shown(long id, Venue venue, List<StoredClass> coming, List<StoredClass> apart) {}

    @GetMapping("/house/kitchens")
    String kitchens(Model model) {
        model.addAttribute("kitchens", venues.all().stream().map(this::shown).toList());
        model.addAttribute("zones", new TreeSet<>(ZoneId.getAvailableZoneIds()));
        return "office/kitchens";
    }

    private Shown shown(Stored stored) {
        List<StoredClass> coming = venues.classes(stored.id()).stream()
                .flatMap(id -> classes.readable(id).stream())
                .filter(one -> one.cooking().onAir().toInstant().isAfter(clock.instant()))
                .toList();
        return new Shown(
                stored.id(),
                stored.venue(),
                coming,
                coming.stream()
                        .filter(one -> !stored.venue().isAsIn(one.cooking()))
                        .toList());
    }

    /** Name, address and zone. */
    @PostMapping("/house/kitchens/{id}")
    String change(
            @PathVariable("id") long id,
            @RequestParam Map<String, String> fields,
            Principal who,
            RedirectAttributes next) {
        Stored stored = venues.find(id).orElseThrow(NotFoundException::new);
        Entered in = new Entered(fields);
        try {
            String name = in.must("name", LONGEST);
            Venue wanted = stored.venue()
                    .withName(name)
                    .withAddress(in.text("address").orElse(""))
                    .withZone(ZoneId.of(in.must("zone")));
            venues.change(id, wanted, who.getName());
            next.addFlashAttribute("told", "frame.saved");
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("The %s %s".formatted(e.field(), e.getMessage())));
            next.addFlashAttribute("typed", fields);
            next.addFlashAttribute("typedOf", id);
        } catch (DateTimeException e) {
            next.addFlashAttribute(
                    "warnedLines",
                    List.of("There's no such time zone. Choose one from the list, such as Europe/Lisbon."));
            next.addFlashAttribute("typed", fields);
            next.addFlashAttribute("typedOf", id);
        }
        return PAGE;
    }

    /** The classes that are still to come are held there as the kitchen is now. */
    @PostMapping("/house/kitchens/{id}/coming")
    String takeOver(@PathVariable("id") long id, Principal who, RedirectAttributes next) {
        Stored stored = venues.find(id).orElseThrow(NotFoundException::new);
        int taken = 0;
        for (StoredClass one : shown(stored).apart()) {
            try {
                changes.change(
                        one.id(),
                        one.version(),
                        stored.venue().held(one.cooking()),
                        one.wishes(),
                        who.getName(),
                        "kitchen");
                taken++;
            } catch (StaleClassException e) {
                next.addFlashAttribute("warned", "classes.stale");
            }
        }
        next.addFlashAttribute(
                "toldLines", List.of("Used in %d %s.".formatted(taken, taken == 1 ? "class" : "classes")));
        return PAGE;
    }

    @PostMapping("/house/kitchens/{id}/remove")
    String remove(@PathVariable("id") long id, RedirectAttributes next) {
        venues.remove(id);
        next.addFlashAttribute("toldLines", List.of("Kitchen deleted. Classes keep what they had."));
        return PAGE;
    }
}
