package hopsel.web.kit;

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
        pages.open(id, Station.KITS, model);
        return "kit/kits";
    }
}
