package hopsel.web.kit;

import hopsel.core.kit.Kit;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Station;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The kits of a class. */
@Controller
class KitsController {

    private final ClassPages pages;

    KitsController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}/kits")
    String kits(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        model.addAttribute("kits", planned.kits().stream().sorted(Kit.PACKING_ORDER).toList());
        return "kit/kits";
    }
}
