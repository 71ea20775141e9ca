package hopsel.web.kit;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.MenuChoice;
import hopsel.core.diet.Substitution;
import hopsel.core.item.Catalogue;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.StandIn;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.List;

/** One menu for everybody, or several: what suits whom, what would have to change, and how many kinds of kit it takes. */
@Controller
class MenusController {

    private final ClassPages pages;
    private final GuestStore guests;
    private final ClassStore store;
    private final ClassChanges changes;
    private final Catalogue builtIn;

    MenusController(ClassPages pages, GuestStore guests, ClassStore store, ClassChanges changes, Catalogue builtIn) {
        this.pages = pages;
        this.guests = guests;
        this.store = store;
        this.changes = changes;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/menus")
    String menus(@PathVariable("id") long id, Principal who, Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "menus");
        MenuChoice choice = MenuChoice.of(planned.cooking(), builtIn);
        model.addAttribute("choice", choice);
        model.addAttribute("products", choice.newProducts(planned.cooking()));
        return "kit/menus";
    }

    /** Changes the dishes so that everybody eats the same. */
    @PostMapping("/classes/{id}/menus")
    String takeOne(@PathVariable("id") long id, @RequestParam("version") int version, RedirectAttributes next, Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        CookingClass wanted = stored.cooking();
        for (MenuChoice.Change change : MenuChoice.of(wanted, builtIn).oneMenu()) {
            CookingClass before = wanted;
            wanted = change.use().map((Substitution use) -> StandIn.apply(before, builtIn, change.item(), use.use(), use.ratio())).orElseGet(() -> StandIn.without(before, change.item()));
        }
        try {
            if (ClassReview.of(wanted, builtIn).isEmpty()) {
                changes.change(id, version, wanted, stored.wishes(), who.getName(), "one menu for everybody");
                next.addFlashAttribute("toldLines", List.of("Everybody eats the same now. Plan, shopping, kits and handouts follow; undo stands in the set-up."));
            }
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/menus".formatted(id);
    }
}
