package hopsel.web.mise;

import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Station;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Trays in the order of use, and everything that is washed and cut once. */
@Controller
class MiseController {

    private final ClassPages pages;

    MiseController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}/mise")
    String mise(@PathVariable("id") long id, Model model) {
        pages.open(id, Station.MISE, model);
        return "mise/mise";
    }
}
