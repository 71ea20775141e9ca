package hopsel.web.bench;

import hopsel.core.dish.Dish;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.bench.RecipeLinks.Link;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;

/** A dish of a class beside the recipe that it was taken from: what is different, and taking it over both ways. */
@Controller
class RecipeController {

    private final ClassStore classes;
    private final RecipeLinks links;

    RecipeController(ClassStore classes, RecipeLinks links) {
        this.classes = classes;
        this.links = links;
    }

    private StoredClass stored(long id) {
        return classes.find(id).orElseThrow(NotFoundException::new);
    }

    private static Dish dish(StoredClass stored, String id) {
        return stored.cooking().dishes().stream()
                .filter(own -> own.id().equals(id))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    @GetMapping("/classes/{id}/dishes/{dish}/recipe")
    String compare(@PathVariable("id") long id, @PathVariable("dish") String dishId, Model model) {
        StoredClass stored = stored(id);
        Dish dish = dish(stored, dishId);
        model.addAttribute("id", id);
        model.addAttribute("version", stored.version());
        model.addAttribute("cooking", stored.cooking());
        model.addAttribute("dish", dish);
        model.addAttribute("link", links.of(stored.cooking(), dish).orElse(null));
        return "dish/recipe";
    }

    @PostMapping("/classes/{id}/dishes/{dish}/recipe")
    String takeOver(
            @PathVariable("id") long id,
            @PathVariable("dish") String dishId,
            @RequestParam("version") int version,
            @RequestParam("state") int state,
            @RequestParam("into") String into,
            Principal who,
            RedirectAttributes next) {
        StoredClass stored = stored(id);
        Dish dish = dish(stored, dishId);
        Link link = links.of(stored.cooking(), dish).orElseThrow(NotFoundException::new);
        try {
            if (link.recipe().revision() != state) {
                throw new StaleDishException();
            }
            if (into.equals("class")) {
                links.intoClass(stored, version, dish, link, who.getName());
            } else {
                links.intoRecipe(stored, version, dish, link, who.getName());
            }
            next.addFlashAttribute("told", into.equals("class") ? "recipe.into-class" : "recipe.into-recipe");
        } catch (StaleClassException | StaleDishException e) {
            next.addFlashAttribute("warned", "recipe.stale");
        }
        return "redirect:/classes/%d/dishes/%s/recipe".formatted(id, dish.id());
    }
}
