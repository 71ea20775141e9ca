package hopsel.web.kit;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Doubt;
import hopsel.core.diet.Doubt.Why;
import hopsel.core.diet.Guess;
import hopsel.core.diet.LabelFinding;
import hopsel.core.diet.MenuChoice;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.guest.Avoided;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.planned.MenuCost;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import hopsel.web.plan.ClassPages;
import hopsel.web.tick.LabelsRead;
import hopsel.web.tick.TickStore;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One menu for everybody, or several: what suits whom, what would have to change, and how many kinds of kit it takes.
 */
@Controller
class MenusController {

    private final ClassPages pages;
    private final GuestStore guests;
    private final ClassStore store;
    private final ClassChanges changes;
    private final Guests attendees;
    private final LabelsRead labels;
    private final TickStore ticks;
    private final Catalogue builtIn;

    MenusController(
            ClassPages pages,
            GuestStore guests,
            ClassStore store,
            ClassChanges changes,
            Guests attendees,
            LabelsRead labels,
            TickStore ticks,
            Catalogue builtIn) {
        this.pages = pages;
        this.guests = guests;
        this.store = store;
        this.changes = changes;
        this.attendees = attendees;
        this.labels = labels;
        this.ticks = ticks;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/menus")
    String menus(@PathVariable("id") long id, Principal who, Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "menus");
        MenuChoice choice = MenuChoice.of(planned.cooking(), builtIn, labels.of(id));
        model.addAttribute("choice", choice);
        model.addAttribute("products", choice.newProducts(planned.cooking()));
        model.addAttribute("now", MenuCost.of(planned, planned.cooking(), builtIn));
        model.addAttribute("fewest", MenuCost.of(planned, choice.packed(planned.cooking()), builtIn));
        model.addAttribute("packedSo", choice.packed(planned.cooking()).equals(planned.cooking()));
        model.addAttribute("served", planned.cooking().attendees().stream().anyMatch(attendee -> !attendee.served()
                .isEmpty()));
        if (!choice.oneMenu().isEmpty()) {
            model.addAttribute("one", MenuCost.of(planned, choice.applied(planned.cooking(), builtIn), builtIn));
        }
        Stream<String> ids =
                planned.cooking().dishes().stream().flatMap(Dish::lines).map(IngredientLine::item);
        List<Item> used = ids.distinct().map(planned.catalogue()::get).toList();
        model.addAttribute(
                "labels",
                used.stream()
                        .filter(item -> item.origin() == Origin.CHECK_LABEL)
                        .sorted(Comparator.comparing(Item::id))
                        .toList());
        model.addAttribute(
                "guesses",
                used.stream().filter(item -> item.takenFor().isPresent()).toList());
        model.addAttribute("unknown", used.stream().filter(Item::isNameOnly).toList());
        model.addAttribute(
                "unread",
                planned.cooking().dishes().stream()
                        .flatMap(dish -> dish.passages().unread().stream())
                        .map(passage -> new Doubt(Why.UNREAD, passage))
                        .toList());
        model.addAttribute("ticks", ticks.now(id, LabelsRead.LIST));
        model.addAttribute(
                "words", Arrays.stream(Allergen.values()).map(Allergen::word).toList());
        return "kit/menus";
    }

    /** Changes the dishes so that everybody eats the same. */
    @PostMapping("/classes/{id}/menus")
    String takeOne(
            @PathVariable("id") long id, @RequestParam("version") int version, RedirectAttributes next, Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        CookingClass wanted =
                MenuChoice.of(stored.cooking(), builtIn, labels.of(id)).applied(stored.cooking(), builtIn);
        try {
            if (ClassReview.of(wanted, builtIn).isEmpty()) {
                changes.change(id, version, wanted, stored.wishes(), who.getName(), "one menu for everybody");
                next.addFlashAttribute(
                        "toldLines",
                        List.of("Everybody eats the same now. Plan, shopping, kits and handouts are updated; undo "
                                + "is in the set-up."));
            }
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/menus".formatted(id);
    }

    /** Packs the fewest kinds of kit, or each kit by its own list again. */
    @PostMapping("/classes/{id}/menus/kits")
    String takeFewest(
            @PathVariable("id") long id,
            @RequestParam(value = "own", defaultValue = "false") boolean own,
            RedirectAttributes next) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        CookingClass wanted = own
                ? stored.cooking()
                        .withAttendees(stored.cooking().attendees().stream()
                                .map(attendee -> attendee.served(Map.of()))
                                .toList())
                : MenuChoice.of(stored.cooking(), builtIn, labels.of(id)).packed(stored.cooking());
        attendees.serve(id, wanted.attendees());
        next.addFlashAttribute("toldLines", List.of("Kits, shopping, labels and handouts are updated."));
        return "redirect:/classes/%d/menus#several".formatted(id);
    }

    /** The host has looked: what was guessed is what it was taken for. */
    @PostMapping("/classes/{id}/menus/guess")
    String guess(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("item") String item,
            RedirectAttributes next,
            Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Item guessed = stored.cooking().catalogue(builtIn).find(item).orElseThrow(NotFoundException::new);
        try {
            changes.change(
                    id,
                    version,
                    Guess.confirmed(stored.cooking(), guessed, builtIn),
                    stored.wishes(),
                    who.getName(),
                    "“%s” confirmed".formatted(guessed.name()));
            next.addFlashAttribute("toldLines", List.of("Confirmed. Kits, labels and handouts are updated."));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/menus#confirm".formatted(id);
    }

    /** What the label of this class's pack says beyond what the catalogue knows. */
    @PostMapping("/classes/{id}/menus/label")
    String label(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("item") String item,
            @RequestParam("contains") String contains,
            @RequestParam(value = "animal", defaultValue = "") String animal,
            RedirectAttributes next,
            Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Catalogue catalogue = stored.cooking().catalogue(builtIn);
        Set<Allergen> found = EnumSet.noneOf(Allergen.class);
        for (String said : contains.split("[,;/]")) {
            Optional<Allergen> allergen =
                    Optional.ofNullable(Avoided.said().get(said.strip().toLowerCase(Locale.ROOT)));
            if (!said.isBlank() && allergen.isEmpty()) {
                next.addFlashAttribute(
                        "warnedLines",
                        List.of("Contains has “%s”, which isn't one of the 14 allergens. Write one of: %s."
                                .formatted(
                                        said.strip(),
                                        Arrays.stream(Allergen.values())
                                                .map(Allergen::word)
                                                .collect(Collectors.joining(", ")))));
                return "redirect:/classes/%d/menus#read".formatted(id);
            }
            allergen.ifPresent(found::add);
        }
        try {
            if (catalogue.find(item).isEmpty()) {
                throw new NotFoundException();
            }
            changes.change(
                    id,
                    version,
                    LabelFinding.apply(stored.cooking(), catalogue, item, found, !animal.isEmpty()),
                    stored.wishes(),
                    who.getName(),
                    "what a label says");
            next.addFlashAttribute(
                    "toldLines", List.of("Saved for this class. Kits, labels and handouts are updated."));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/menus#read".formatted(id);
    }
}
