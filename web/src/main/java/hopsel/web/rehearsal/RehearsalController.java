package hopsel.web.rehearsal;

import hopsel.core.advice.Checks;
import hopsel.core.advice.DropList;
import hopsel.core.advice.Rehearsal;
import hopsel.core.advice.Talk;
import hopsel.core.plan.Wishes;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.Remembered;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.util.List;
import java.util.Objects;

/** The rehearsal of a class. */
@Controller
class RehearsalController {

    private static final int RUNS = 10_000;
    private static final long SEED = 1;

    private final ClassPages pages;
    /** What takes a while to work out is kept with the plan it belongs to. */
    private final Remembered<Rehearsal> rehearsals = new Remembered<>();

    private final Remembered<List<DropList.Drop>> drops = new Remembered<>();

    RehearsalController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}/rehearsal")
    String rehearsal(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.REHEARSAL, model);
        if (planned.plan().possible() && !planned.plan().activities().isEmpty()) {
            Rehearsal rehearsal =
                    rehearsals.of(id, planned, "", () -> Rehearsal.of(planned.cooking(), planned.plan(), RUNS, SEED));
            model.addAttribute("rehearsal", rehearsal);
            model.addAttribute(
                    "spread",
                    EndSpread.of(rehearsal, planned.cooking().airMinutes().seconds()));
            model.addAttribute("talk", Talk.of(planned.cooking(), planned.plan()));
            model.addAttribute("checks", Checks.of(planned.cooking(), planned.plan()));
        }
        return "rehearsal/rehearsal";
    }

    @GetMapping("/classes/{id}/rehearsal/drops")
    String drops(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.REHEARSAL, model);
        Wishes wishes = (Wishes) Objects.requireNonNull(model.getAttribute("wishes"));
        model.addAttribute(
                "drops",
                planned.plan().possible()
                        ? drops.of(id, planned, wishes, () -> DropList.of(planned.cooking(), wishes, planned.plan()))
                        : List.of());
        return "rehearsal/drops";
    }
}
