package hopsel.web.handout;

import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.nutrition.NutritionLabel;
import hopsel.core.nutrition.Versions;
import hopsel.core.nutrition.Versions.Version;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import java.util.List;

/** Typical values of a dish, and of two versions of it side by side. */
@Controller
class NutritionController {

    private final ClassPages pages;
    private final Catalogue builtIn;

    NutritionController(ClassPages pages, Catalogue builtIn) {
        this.pages = pages;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/handouts/nutrition")
    String nutrition(
            @PathVariable("id") long id,
            @RequestParam(value = "dish", required = false) String dish,
            @RequestParam(value = "one", defaultValue = "written") String one,
            @RequestParam(value = "two", defaultValue = "") String two,
            @RequestParam(value = "label", defaultValue = "EUROPE") NutritionLabel label,
            Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        List<Dish> dishes = planned.cooking().dishes();
        Dish chosen = dishes.stream()
                .filter(own -> own.id().equals(dish))
                .findFirst()
                .or(() -> dishes.stream().findFirst())
                .orElseThrow(NotFoundException::new);
        List<Version> versions = Versions.of(planned.cooking(), chosen, builtIn);
        Version first = find(versions, one, versions.get(0));
        Version second = find(versions, two, versions.get(Math.min(1, versions.size() - 1)));
        model.addAttribute("dish", chosen);
        model.addAttribute("versions", versions);
        model.addAttribute("one", first);
        model.addAttribute("two", second);
        model.addAttribute("label", label);
        model.addAttribute("labels", NutritionLabel.values());
        return "handout/nutrition";
    }

    private static Version find(List<Version> versions, String key, Version otherwise) {
        return versions.stream()
                .filter(version -> version.key().equals(key))
                .findFirst()
                .orElse(otherwise);
    }
}
