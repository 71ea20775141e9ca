package hopsel.web.plan;

import hopsel.core.advice.Remedies;
import hopsel.core.kit.CrossContact;
import hopsel.core.mise.Holding;
import hopsel.core.plan.Plan;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.ClassChanges;
import hopsel.web.frame.Station;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The run sheet of a class, drawn and as a list. */
@Controller
class RunSheetController {

    private final ClassPages pages;
    private final ClassChanges changes;

    RunSheetController(ClassPages pages, ClassChanges changes) {
        this.pages = pages;
        this.changes = changes;
    }

    @GetMapping("/classes/{id}/plan")
    String runSheet(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.PLAN, model);
        model.addAttribute("steps", changes.steps(id));
        model.addAttribute("unused", Remedies.unused(planned.cooking(), planned.plan()));
        if (planned.plan().possible()) {
            model.addAttribute("drawing", RunSheetDrawing.of(planned.cooking(), planned.plan()));
            model.addAttribute(
                    "holdingBroken",
                    Holding.of(planned.cooking(), planned.plan(), planned.catalogue())
                            .broken());
            model.addAttribute(
                    "contacts",
                    CrossContact.of(planned.cooking(), planned.plan(), planned.catalogue())
                            .contacts());
            model.addAttribute("rows", RunSheetRow.of(planned.cooking(), planned.plan()));
        }
        return "plan/run-sheet";
    }

    /** The run sheet before the last change beside the one now. */
    @GetMapping("/classes/{id}/plan/compare")
    String compare(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.PLAN, model);
        if (model.getAttribute("previous") instanceof Plan before) {
            model.addAttribute("pairs", PlanPair.of(before, planned.plan()));
        }
        return "plan/compare";
    }
}
