package hopsel.web.dish;

import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The first page of a class: what it is, and its dishes taken apart. */
@Controller
class DishesController {

    private final ClassPages pages;

    DishesController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}")
    String dishes(@PathVariable("id") long id, Model model) {
        pages.open(id, Station.DISHES, model);
        return "dish/dishes";
    }
}
