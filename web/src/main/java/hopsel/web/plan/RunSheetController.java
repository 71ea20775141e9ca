package hopsel.web.plan;

import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Station;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The run sheet of a class, drawn and as a list. */
@Controller
class RunSheetController {

    private final ClassPages pages;

    RunSheetController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}/plan")
    String runSheet(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.PLAN, model);
        if (planned.plan().possible()) {
            model.addAttribute("drawing", RunSheetDrawing.of(planned.cooking(), planned.plan()));
            model.addAttribute("rows", RunSheetRow.of(planned.cooking(), planned.plan()));
        }
        return "plan/run-sheet";
    }
}
