package hopsel.web.vote;

import hopsel.core.bench.Draft;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.vote.IdeaCost;
import hopsel.web.bench.BenchStore;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.security.Principal;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Ideas for coming classes: what guests voted for, and what each would take. */
@Controller
class VoteController {

    private final VoteStore store;
    private final BenchStore bench;
    private final PlanDesk plans;
    private final Catalogue builtIn;

    VoteController(VoteStore store, BenchStore bench, PlanDesk plans, Catalogue builtIn) {
        this.store = store;
        this.bench = bench;
        this.plans = plans;
        this.builtIn = builtIn;
    }

    /** An idea with its dishes and what it takes. */
    public record Weighed(VoteStore.Idea idea, List<String> dishes, IdeaCost cost) {}

    @GetMapping("/ideas")
    String ideas(Model model) {
        List<StoredDish> dishes = bench.all();
        List<Attendee> regulars = regulars();
        model.addAttribute(
                "ideas",
                store.ideas().stream()
                        .map(idea -> weighed(idea, dishes, regulars))
                        .sorted(Comparator.comparingInt((Weighed weighed) -> -weighed.idea.votes()))
                        .toList());
        model.addAttribute("dishes", dishes);
        return "vote/ideas";
    }

    private Weighed weighed(VoteStore.Idea idea, List<StoredDish> all, List<Attendee> regulars) {
        List<Draft> sheets = all.stream()
                .filter(dish -> idea.dishes().contains(dish.id()))
                .map(StoredDish::sheet)
                .toList();
        return new Weighed(
                idea,
                sheets.stream().map(sheet -> sheet.dish().title()).toList(),
                IdeaCost.of(sheets, builtIn, regulars));
    }

    /** Everybody who was or will be in a class, each once by name. */
    private List<Attendee> regulars() {
        Map<String, Attendee> byName = new LinkedHashMap<>();
        plans.readable().forEach(known -> known.stored()
                .cooking()
                .attendees()
                .forEach(attendee -> byName.put(attendee.name(), attendee)));
        return List.copyOf(byName.values());
    }

    @PostMapping("/ideas")
    String add(
            @RequestParam("title") String title,
            @RequestParam(value = "dish", required = false) List<Long> dishes,
            Principal who) {
        if (!title.isBlank() && title.length() <= 200) {
            store.add(
                    title.strip(),
                    dishes == null ? List.of() : dishes.stream().limit(12).toList(),
                    who.getName());
        }
        return "redirect:/ideas";
    }

    @PostMapping("/ideas/close")
    String close(@RequestParam("id") long id) {
        store.close(id);
        return "redirect:/ideas";
    }
}
