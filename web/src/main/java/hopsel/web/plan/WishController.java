package hopsel.web.plan;

import hopsel.core.advice.Remedies;
import hopsel.core.advice.Remedy;
import hopsel.core.advice.Trial;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.film.ShootingDay;
import hopsel.core.plan.Wishes;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the host asks of the planner: pins, no swap-out, show it; what would be if; and taking a remedy. */
@Controller
class WishController {

    private static final long A_YEAR = Duration.ofDays(365).toSeconds();

    private final PlanDesk desk;
    private final ClassPages pages;
    private final ClassChanges changes;

    WishController(PlanDesk desk, ClassPages pages, ClassChanges changes) {
        this.desk = desk;
        this.pages = pages;
        this.changes = changes;
    }

    /** The plan as it is now will do. */
    @PostMapping("/classes/{id}/plan/enough")
    String enough(@PathVariable("id") long id) {
        desk.enough(id);
        return "redirect:/classes/%d/plan".formatted(id);
    }

    @PostMapping("/classes/{id}/wish")
    String wish(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("step") String step,
            @RequestParam("wish") String wish,
            @RequestParam(value = "at", defaultValue = "") String at,
            @RequestParam(value = "moment", required = false) Integer dropped,
            RedirectAttributes next,
            Principal who) {
        StoredClass stored = desk.find(id).orElseThrow(NotFoundException::new).stored();
        CookingClass cooking = stored.cooking();
        StepRef ref = ref(cooking, step);
        String title = "“%s”".formatted(cooking.step(ref).title());
        Wishes now = stored.wishes();
        try {
            switch (wish) {
                case "pin" ->
                    change(
                            stored,
                            version,
                            now.pin(ref, Optional.of(within(dropped == null ? moment(cooking, at) : dropped))),
                            who,
                            title + " pinned");
                case "unpin" ->
                    change(stored, version, now.pin(ref, Optional.empty()), who, title + " no longer pinned");
                case "no-swap" ->
                    change(stored, version, now.swapping(ref, false), who, title + " not to be swapped out");
                case "swap-again" ->
                    change(stored, version, now.swapping(ref, true), who, title + " may be swapped out again");
                case "show" -> change(stored, version, now.showing(ref, true), who, title + " to be shown");
                case "show-again" ->
                    change(stored, version, now.showing(ref, false), who, title + " need not be shown");
                case "give" -> {
                    Optional<String> person = given(cooking, at);
                    change(stored, version, now.give(ref, person), who, title + " given to somebody");
                }
                default -> throw new NotFoundException();
            }
            next.addFlashAttribute("moved", true);
        } catch (DateTimeException e) {
            next.addFlashAttribute(
                    "warnedLines",
                    List.of("We don't understand the time “%s”. Write a date and time, like 2027-02-13T18:30."
                            .formatted(at)));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/plan".formatted(id);
    }

    /** Whoever has time, or somebody who is there. */
    private static Optional<String> given(CookingClass cooking, String person) {
        if (!person.isEmpty()
                && cooking.people().stream().noneMatch(one -> one.id().equals(person))) {
            throw new NotFoundException();
        }
        return Optional.of(person).filter(id -> !id.isEmpty());
    }

    private void change(StoredClass stored, int version, Wishes wishes, Principal who, String what)
            throws StaleClassException {
        changes.change(stored.id(), version, stored.cooking(), wishes, who.getName(), what);
    }

    private static StepRef ref(CookingClass cooking, String text) {
        return cooking.dishes().stream()
                .flatMap(dish -> dish.steps().map(step -> new StepRef(dish.id(), step.id())))
                .filter(ref -> ref.toString().equals(text))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    private static long moment(CookingClass cooking, String at) {
        return Duration.between(cooking.onAir(), LocalDateTime.parse(at).atZone(cooking.zone()))
                .toSeconds();
    }

    /** Nobody cooks a year before a class. */
    private static int within(long moment) {
        if (Math.abs(moment) > A_YEAR) {
            throw new DateTimeException("more than a year away");
        }
        return (int) moment;
    }

    /** What would happen if a step came earlier or later: each tried by planning. */
    @GetMapping("/classes/{id}/plan/ask")
    String ask(@PathVariable("id") long id, @RequestParam("step") String step, Model model) {
        PlannedClass planned = pages.open(id, Station.PLAN, model);
        CookingClass cooking = planned.cooking();
        StepRef ref = cooking.made(ref(cooking, step));
        StoredClass stored = desk.find(id).orElseThrow(NotFoundException::new).stored();
        List<Trial> trials = Trial.around(ref, cooking, stored.wishes(), planned.plan());
        if (trials.isEmpty()) {
            throw new NotFoundException();
        }
        model.addAttribute("step", cooking.step(ref));
        model.addAttribute("ref", ref);
        model.addAttribute(
                "start",
                trials.get(0).moment()
                        - Duration.ofMinutes(trials.get(0).shift()).toSeconds());
        model.addAttribute("trials", trials);
        return "plan/ask";
    }

    @GetMapping("/classes/{id}/plan/remedies")
    String remedies(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.PLAN, model);
        model.addAttribute("remedies", of(id, planned));
        return "plan/remedies";
    }

    /** None for a film: they would be tried on the day of shooting, and taking one would store that as the class. */
    private List<Remedy> of(long id, PlannedClass planned) {
        if (ShootingDay.isFilm(planned.cooking())) {
            return List.of();
        }
        return Remedies.of(
                planned.cooking(),
                desk.find(id).orElseThrow(NotFoundException::new).stored().wishes(),
                planned.plan());
    }

    @PostMapping("/classes/{id}/plan/remedies")
    String take(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam Map<String, String> chosen,
            RedirectAttributes next,
            Principal who) {
        PlanDesk.Planned found = desk.find(id).orElseThrow(NotFoundException::new);
        String wanted = "%s %s %s"
                .formatted(chosen.get("kind"), chosen.getOrDefault("step", ""), chosen.getOrDefault("what", ""));
        Optional<Remedy> remedy = of(id, found.whole()).stream()
                .filter(own -> wanted.equals("%s %s %s"
                        .formatted(own.kind(), own.step().map(StepRef::toString).orElse(""), own.what())))
                .findFirst();
        try {
            if (remedy.isPresent()) {
                changes.change(
                        id, version, remedy.get().changed(), found.stored().wishes(), who.getName(), "a remedy taken");
                next.addFlashAttribute("moved", true);
            }
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/plan".formatted(id);
    }
}
