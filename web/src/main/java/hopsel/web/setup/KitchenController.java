package hopsel.web.setup;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.house.Venue;
import hopsel.core.item.Catalogue;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.NotFoundException;
import hopsel.web.house.VenueStore;
import hopsel.web.house.VenueStore.Stored;

import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.List;
import java.util.Optional;

/** The kitchen of a class: taken from those of the house, or kept among them. */
@Controller
class KitchenController {

    private static final int LONGEST = 200;

    private final ClassStore store;
    private final ClassChanges changes;
    private final VenueStore venues;
    private final Catalogue catalogue;
    private final AllOrNothing all;

    KitchenController(
            ClassStore store, ClassChanges changes, VenueStore venues, Catalogue catalogue, AllOrNothing all) {
        this.all = all;
        this.store = store;
        this.changes = changes;
        this.venues = venues;
        this.catalogue = catalogue;
    }

    /** The class is held in another kitchen. */
    @PostMapping("/classes/{id}/kitchen")
    String hold(
            @PathVariable("id") long id, @RequestParam("venue") long venue, Principal who, RedirectAttributes next) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Stored taken = venues.find(venue).orElseThrow(NotFoundException::new);
        CookingClass wanted = taken.venue().held(stored.cooking());
        List<Finding> findings = ClassReview.of(wanted, catalogue);
        if (!findings.isEmpty()) {
            next.addFlashAttribute("warnedLines", List.of(findings.get(0).text()));
            return page(id);
        }
        try {
            all.of(() -> {
                if (!wanted.equals(stored.cooking())) {
                    changes.change(id, stored.version(), wanted, stored.wishes(), who.getName(), "kitchen");
                }
                venues.assign(id, venue);
            });
            next.addFlashAttribute(
                    "toldLines",
                    List.of("Now held in “%s”.".formatted(taken.venue().name())));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return page(id);
    }

    /** The kitchen of the class is kept: under a new name, or in place of what was known of it. */
    @PostMapping("/classes/{id}/kitchen/keep")
    @Transactional
    String keep(
            @PathVariable("id") long id,
            @RequestParam(value = "name", defaultValue = "") String name,
            @RequestParam(value = "venue", required = false) Long venue,
            Principal who,
            RedirectAttributes next) {
        CookingClass cooking =
                store.find(id).orElseThrow(NotFoundException::new).cooking();
        Optional<Stored> known = Optional.ofNullable(venue).flatMap(venues::find);
        String called = name.strip();
        if (known.isEmpty() && (called.isEmpty() || called.length() > LONGEST)) {
            next.addFlashAttribute(
                    "warnedLines",
                    List.of("The kitchen has no name. Write one, at most %d letters.".formatted(LONGEST)));
            return page(id);
        }
        Venue wanted = known.map(
                        own -> Venue.of(cooking, own.venue().name(), own.venue().address()))
                .orElseGet(() -> Venue.of(cooking, called, ""));
        long kept = known.map(Stored::id).orElseGet(() -> venues.add(wanted, who.getName()));
        known.ifPresent(own -> venues.change(own.id(), wanted, who.getName()));
        venues.assign(id, kept);
        next.addFlashAttribute("toldLines", List.of("Saved “%s” to your kitchens.".formatted(wanted.name())));
        return page(id);
    }

    private static String page(long id) {
        return "redirect:/classes/%d/set-up".formatted(id);
    }
}
