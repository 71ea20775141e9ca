package hopsel.web.setup;

import hopsel.core.advice.Ideas;
import hopsel.core.advice.Ideas.Candidate;
import hopsel.core.advice.Ideas.Idea;
import hopsel.core.bench.Colleague;
import hopsel.core.bench.Placing;
import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.web.bench.BenchStore;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Which of the house's dishes go together in this class. */
@Controller
class IdeasController {

    private static final int MOST_DISHES = 24;

    private final ClassPages pages;
    private final PlanDesk desk;
    private final ClassStore store;
    private final ClassChanges changes;
    private final BenchStore bench;
    private final HouseCatalogue house;
    private final Catalogue catalogue;

    IdeasController(
            ClassPages pages,
            PlanDesk desk,
            ClassStore store,
            ClassChanges changes,
            BenchStore bench,
            HouseCatalogue house,
            Catalogue catalogue) {
        this.pages = pages;
        this.desk = desk;
        this.store = store;
        this.changes = changes;
        this.bench = bench;
        this.house = house;
        this.catalogue = catalogue;
    }

    @GetMapping("/classes/{id}/ideas")
    String ideas(
            @PathVariable("id") long id, @RequestParam(value = "count", defaultValue = "3") int count, Model model) {
        pages.open(id, Station.SET_UP, model);
        int dishes = Math.max(1, Math.min(4, count));
        List<Candidate> all = candidates(id);
        List<Idea> ideas =
                Ideas.of(store.find(id).orElseThrow(NotFoundException::new).cooking(), all, dishes, catalogue);
        model.addAttribute("count", dishes);
        model.addAttribute("from", all.size());
        model.addAttribute("ideas", ideas);
        return "setup/ideas";
    }

    /** Every dish of every class once, by title, and then those of the bench that have passed the gate. */
    private List<Candidate> candidates(long id) {
        List<Candidate> all = new ArrayList<>();
        desk.readable().stream().map(found -> found.stored().cooking()).forEach(cooking -> cooking.dishes().stream()
                .filter(dish -> all.size() < MOST_DISHES
                        && all.stream().noneMatch(other -> other.dish().title().equals(dish.title())))
                .forEach(dish -> all.add(new Candidate(dish, cooking.items(), cooking.substitutions()))));
        bench.all().stream()
                .map(StoredDish::sheet)
                .filter(sheet -> all.size() < MOST_DISHES
                        && all.stream()
                                .noneMatch(other ->
                                        other.dish().title().equals(sheet.dish().title())))
                .filter(sheet -> Colleague.gate(sheet, house.now()).isEmpty())
                .forEach(sheet -> all.add(new Candidate(
                        sheet.in(store.find(id)
                                        .orElseThrow(NotFoundException::new)
                                        .cooking()
                                        .measures())
                                .dish(),
                        Placing.brought(sheet, house.now(), catalogue),
                        List.of())));
        return all;
    }

    @PostMapping("/classes/{id}/ideas")
    String take(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("title") String[] titles,
            RedirectAttributes next,
            Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        List<Candidate> all = candidates(id);
        List<Candidate> chosen = Arrays.stream(titles)
                .map(title -> all.stream()
                        .filter(own -> own.dish().title().equals(title))
                        .findFirst())
                .flatMap(Optional::stream)
                .toList();
        CookingClass wanted = Ideas.with(stored.cooking(), chosen);
        try {
            if (!chosen.isEmpty() && ClassReview.of(wanted, catalogue).isEmpty()) {
                changes.change(
                        id,
                        version,
                        wanted,
                        stored.wishes(),
                        who.getName(),
                        "dishes: "
                                + String.join(
                                        ", ",
                                        chosen.stream()
                                                .map(Candidate::dish)
                                                .map(Dish::title)
                                                .toList()));
            }
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/set-up".formatted(id);
    }
}
