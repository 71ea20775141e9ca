package hopsel.web.provision;

import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Purchase;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Station;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.math.BigDecimal;

/** The shopping list of a class. */
@Controller
class ShoppingController {

    private final ClassPages pages;

    ShoppingController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}/shopping")
    String shopping(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.SHOPPING, model);
        model.addAttribute("total", planned.shopping().stream().map(Purchase::cost).reduce(BigDecimal.ZERO, BigDecimal::add));
        return "provision/shopping";
    }
}
