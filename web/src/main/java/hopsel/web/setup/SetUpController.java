package hopsel.web.setup;

import hopsel.core.advice.DropList;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Notes;
import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Shared;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Wishes;
import hopsel.core.plan.Wishes.DishOrder;
import hopsel.core.planned.PlannedClass;
import hopsel.web.bench.BenchStore;
import hopsel.web.bench.IntoClass;
import hopsel.web.bench.NewClass;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;
import hopsel.web.plan.PlanDesk;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The set-up of a class. Every change is stored and planned at once; what is refused stays as it was typed. */
@Controller
class SetUpController {

    private static final Pattern CHOICE = Pattern.compile("(bench|class) (\\d{1,15})(?: (.{1,200}))?");

    /** Where a new class is held: in a kitchen of the house, or in the one of another class. */
    private static final Pattern KITCHEN = Pattern.compile("(kitchen|class)-(\\d{1,18})");

    private final ClassPages pages;
    private final PlanDesk desk;
    private final ClassStore store;
    private final ClassChanges changes;
    private final BenchStore bench;
    private final IntoClass intoClass;
    private final Catalogue catalogue;
    private final NewClass newClass;

    SetUpController(
            ClassPages pages,
            PlanDesk desk,
            ClassStore store,
            ClassChanges changes,
            BenchStore bench,
            IntoClass intoClass,
            Catalogue catalogue,
            NewClass newClass) {
        this.pages = pages;
        this.desk = desk;
        this.store = store;
        this.changes = changes;
        this.bench = bench;
        this.intoClass = intoClass;
        this.catalogue = catalogue;
        this.newClass = newClass;
    }

    /** A new class, in the kitchen of another one or in a usual one. */
    @PostMapping("/classes/new")
    String begin(
            @RequestParam(value = "like", defaultValue = "") String like,
            @RequestParam(value = "zone", defaultValue = "") String zone) {
        Matcher chosen = KITCHEN.matcher(like);
        Optional<Long> number = chosen.matches() ? Optional.of(Long.parseLong(chosen.group(2))) : Optional.empty();
        boolean kept = chosen.matches() && chosen.group(1).equals("kitchen");
        long id = kept ? newClass.beginAt(number.orElseThrow()) : newClass.begin(number, zone);
        return "redirect:/classes/%d/set-up".formatted(id);
    }

    @GetMapping("/classes/{id}/set-up")
    String setUp(@PathVariable("id") long id, Model model) {
        open(id, model);
        return "setup/set-up";
    }

    private void open(long id, Model model) {
        PlannedClass planned = pages.open(id, Station.SET_UP, model);
        model.addAttribute(
                "hosts",
                planned.cooking().people().stream()
                        .filter(person -> person.role() == Role.HOST)
                        .toList());
        model.addAttribute("droppable", DropList.choices(planned.cooking()));
        model.addAttribute("roles", SetUpForm.roles());
        model.addAttribute("bench", bench.all());
        model.addAttribute("offers", offers(id, planned.cooking()));
        model.addAttribute("steps", changes.steps(id));
        model.addAttribute("history", changes.history(id));
        model.addAttribute("proposals", ShownDish.proposals(ShownDish.of(planned.cooking())));
        model.addAttribute("sharings", sharings(planned.cooking()));
        model.addAttribute(
                "zones",
                ZoneId.getAvailableZoneIds().stream()
                        .filter(zone -> zone.contains("/") && !zone.startsWith("Etc/") && !zone.startsWith("SystemV/"))
                        .sorted()
                        .toList());
    }

    /** Components that are, or could be, made once for two dishes. */
    private static List<Sharing> sharings(CookingClass cooking) {
        List<Sharing> found = new ArrayList<>();
        for (Dish dish : cooking.dishes()) {
            for (Component component : dish.components()) {
                ComponentRef ref = new ComponentRef(dish.id(), component.id());
                Optional<Shared> now = cooking.shared().stream()
                        .filter(shared -> shared.also().equals(ref))
                        .findFirst();
                now.or(() -> later(cooking, dish) ? Shared.find(cooking, dish, component) : Optional.empty())
                        .ifPresent(shared -> found.add(new Sharing(
                                ref.toString(),
                                component.title(),
                                dish.title(),
                                cooking.dish(shared.made().dish()).title(),
                                now.isPresent())));
            }
        }
        return found;
    }

    /** Only the later of two dishes asks, so that the question is put once. */
    private static boolean later(CookingClass cooking, Dish dish) {
        return cooking.dishes().indexOf(dish) > 0;
    }

    /** A component that could be made with another dish's. */
    record Sharing(String ref, String title, String dish, String with, boolean now) {}

    @PostMapping("/classes/{id}/set-up")
    ModelAndView keep(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam Map<String, String> fields,
            RedirectAttributes next,
            Principal who,
            Model model) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Entered entered = new Entered(fields);
        try {
            CookingClass wanted = new SetUpForm(stored.cooking(), entered).cooking();
            List<Finding> findings = ClassReview.of(wanted, catalogue);
            if (!findings.isEmpty()) {
                return refused(id, "", findings.get(0).text(), fields, model);
            }
            Wishes wishes = wishes(stored.wishes(), wanted, entered);
            if (!wanted.equals(stored.cooking()) || !wishes.equals(stored.wishes())) {
                changes.change(id, version, wanted, wishes, who.getName(), what(stored.cooking(), wanted));
            }
            Optional<String> dish = entered.text("add-dish");
            if (dish.isPresent()) {
                put(id, dish.get(), who, next);
            }
        } catch (BadEntryException e) {
            return refused(id, e.field(), e.getMessage(), fields, model);
        } catch (StaleClassException e) {
            return refused(
                    id,
                    "",
                    "Somebody else changed this class just now. What you typed is still here: look it over, and "
                            + "keep it again.",
                    fields,
                    model);
        }
        return new ModelAndView("redirect:/classes/%d/set-up".formatted(id));
    }

    /** As they were before where the page did not ask. */
    private static Wishes wishes(Wishes before, CookingClass cooking, Entered entered) throws BadEntryException {
        Wishes wishes = entered.fields().containsKey("order")
                ? before.withOrder(entered.choice("order", DishOrder.values(), DishOrder::name))
                : before;
        Wishes spoken = entered.fields().containsKey("voice") ? wishes.withVoice(entered.text("voice")) : wishes;
        return entered.fields().containsKey("drop-0") ? spoken.withDrops(drops(cooking, entered)) : spoken;
    }

    private static List<String> drops(CookingClass cooking, Entered entered) throws BadEntryException {
        Set<String> choices = DropList.choices(cooking).keySet();
        List<String> drops = new ArrayList<>();
        for (int i = 0; entered.fields().containsKey("drop-" + i); i++) {
            entered.text("drop-" + i)
                    .filter(what -> choices.contains(what) && !drops.contains(what))
                    .ifPresent(drops::add);
        }
        return drops;
    }

    /** Which parts of a class were changed, for undo. */
    private static String what(CookingClass before, CookingClass now) {
        Map<String, Function<CookingClass, Object>> parts = new LinkedHashMap<>();
        parts.put("title", CookingClass::title);
        parts.put("style", CookingClass::style);
        parts.put("time", CookingClass::onAir);
        parts.put("class length", CookingClass::airMinutes);
        parts.put("dishes", CookingClass::dishes);
        parts.put("what is made once", CookingClass::shared);
        parts.put("people", CookingClass::people);
        parts.put("kitchen", CookingClass::resources);
        parts.put("prep windows", CookingClass::prepWindows);
        parts.put("room", CookingClass::room);
        parts.put("quantities", CookingClass::provision);
        parts.put("how it is held", CookingClass::tempo);
        parts.values().removeIf(part -> part.apply(before).equals(part.apply(now)));
        return parts.isEmpty() ? "cups, spoons and wishes" : String.join(", ", parts.keySet());
    }

    /** Puts in a dish of the bench ({@code bench 12}) or of another class ({@code class 1 laksa}). */
    private void put(long id, String choice, Principal who, RedirectAttributes next) {
        Matcher matcher = CHOICE.matcher(choice);
        if (!matcher.matches()) {
            return;
        }
        long number = Long.parseLong(matcher.group(2));
        Optional<IntoClass.Outcome> outcome = matcher.group(1).equals("bench")
                ? bench.find(number).map(found -> intoClass.put(found.sheet(), id, who.getName()))
                : store.readable(number).map(StoredClass::cooking).flatMap(cooking -> cooking.dishes().stream()
                        .filter(dish -> dish.id().equals(matcher.group(3)))
                        .findFirst()
                        .map(dish -> intoClass.carryOver(
                                new Draft(dish, cooking.items(), cooking.measures(), Notes.NONE), id, who.getName())));
        outcome.ifPresent(out -> next.addFlashAttribute(out.done() ? "toldLines" : "warnedLines", out.lines()));
    }

    /** Dishes that are in other classes and not in this one, by title. */
    private List<Offer> offers(long id, CookingClass cooking) {
        List<Offer> offers = new ArrayList<>();
        desk.readable().stream()
                .map(PlanDesk.Planned::stored)
                .filter(other -> other.id() != id)
                .forEach(other -> other.cooking().dishes().stream()
                        .filter(dish -> cooking.dishes().stream()
                                        .noneMatch(own -> own.title().equals(dish.title()))
                                && offers.stream()
                                        .noneMatch(offer -> offer.title().equals(dish.title())))
                        .forEach(dish ->
                                offers.add(new Offer("class %d %s".formatted(other.id(), dish.id()), dish.title()))));
        offers.sort(Comparator.comparing(Offer::title));
        return offers;
    }

    /** A dish that can be chosen. */
    record Offer(String value, String title) {}

    /** The page with everything as it was typed, and what is wrong beside it. */
    private ModelAndView refused(long id, String field, String message, Map<String, String> fields, Model model) {
        open(id, model);
        model.addAttribute("typed", fields);
        model.addAttribute("wrongField", field.replaceAll("-\\d+$", ""));
        model.addAttribute("wrong", message);
        ModelAndView page = new ModelAndView("setup/set-up", HttpStatus.UNPROCESSABLE_CONTENT);
        page.addAllObjects(model.asMap());
        return page;
    }

    @PostMapping("/classes/{id}/undo")
    String undo(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam(value = "back", defaultValue = "set-up") String back,
            RedirectAttributes next) {
        return move(id, back, next, () -> changes.undo(id, version));
    }

    @PostMapping("/classes/{id}/redo")
    String redo(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam(value = "back", defaultValue = "set-up") String back,
            RedirectAttributes next) {
        return move(id, back, next, () -> changes.redo(id, version));
    }

    private static String move(long id, String back, RedirectAttributes next, Moving moving) {
        try {
            moving.run();
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/%s"
                .formatted(id, List.of("plan", "showing").contains(back) ? back : "set-up");
    }

    private interface Moving {

        void run() throws StaleClassException;
    }
}
