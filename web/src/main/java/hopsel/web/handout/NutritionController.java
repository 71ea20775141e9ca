package hopsel.web.handout;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.nutrition.Bent;
import hopsel.core.nutrition.NutritionLabel;
import hopsel.core.nutrition.Versions;
import hopsel.core.nutrition.Versions.Version;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.math.BigDecimal;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Typical values of a dish, beside another version, another dish or a label; and amounts that are bent to what a
 * serving should hold.
 */
@Controller
class NutritionController {

    private final ClassPages pages;
    private final PlanDesk plans;
    private final ClassChanges changes;
    private final Catalogue builtIn;

    NutritionController(ClassPages pages, PlanDesk plans, ClassChanges changes, Catalogue builtIn) {
        this.pages = pages;
        this.plans = plans;
        this.changes = changes;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/handouts/nutrition")
    String nutrition(
            @PathVariable("id") long id,
            @RequestParam(value = "dish", required = false) String dish,
            @RequestParam(value = "one", defaultValue = "written") String one,
            @RequestParam(value = "two", defaultValue = "") String two,
            @RequestParam(value = "label", defaultValue = "EUROPE") NutritionLabel label,
            @RequestParam Map<String, String> fields,
            Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        CookingClass cooking = planned.cooking();
        Dish chosen = chosen(cooking, dish);
        List<Version> versions = new ArrayList<>(Versions.of(cooking, chosen, builtIn));
        NutritionForm form = new NutritionForm(fields);
        try {
            form.label().ifPresent(versions::add);
            Map<String, BigDecimal> wanted = form.wanted();
            if (!wanted.isEmpty()) {
                model.addAttribute("wanted", wanted);
                model.addAttribute("bent", Bent.of(chosen, planned.catalogue(), cooking.weigher(), wanted));
            }
        } catch (BadEntryException e) {
            model.addAttribute("wrongField", e.field());
            model.addAttribute("wrong", e.getMessage());
        }
        Version first = find(versions, one, versions.get(0));
        Version second = find(versions, two, versions.get(Math.min(1, versions.size() - 1)));
        model.addAttribute("typed", fields);
        model.addAttribute("dish", chosen);
        model.addAttribute("versions", versions);
        model.addAttribute("one", first);
        model.addAttribute("two", second);
        model.addAttribute("label", label);
        model.addAttribute("labels", NutritionLabel.values());
        return "handout/nutrition";
    }

    /** Takes amounts that were bent into the dish of this class; the recipe on the bench stays as it is. */
    @PostMapping("/classes/{id}/handouts/nutrition")
    String bend(
            @PathVariable("id") long id,
            @RequestParam("dish") String dish,
            @RequestParam("version") int version,
            @RequestParam Map<String, String> fields,
            Principal who,
            RedirectAttributes next) {
        StoredClass stored = plans.find(id).orElseThrow(NotFoundException::new).stored();
        CookingClass cooking = stored.cooking();
        Dish chosen = chosen(cooking, dish);
        try {
            Map<String, BigDecimal> wanted = new NutritionForm(fields).wanted();
            Bent bent = Bent.of(chosen, cooking.catalogue(builtIn), cooking.weigher(), wanted);
            Dish changed = bent.applied(chosen);
            List<Dish> dishes = cooking.dishes().stream()
                    .map(own -> own.id().equals(dish) ? changed : own)
                    .toList();
            String said = "amounts of %s are bent to what a serving should hold".formatted(chosen.title());
            changes.change(id, version, cooking.with(dishes), stored.wishes(), who.getName(), said);
            next.addFlashAttribute("told", "nutrition.bent");
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of(e.getMessage()));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        next.addAttribute("dish", dish);
        return "redirect:/classes/%d/handouts/nutrition".formatted(id);
    }

    private static Dish chosen(CookingClass cooking, String dish) {
        return cooking.dishes().stream()
                .filter(own -> own.id().equals(dish))
                .findFirst()
                .or(() -> cooking.dishes().stream().findFirst())
                .orElseThrow(NotFoundException::new);
    }

    private static Version find(List<Version> versions, String key, Version otherwise) {
        return versions.stream()
                .filter(version -> version.key().equals(key))
                .findFirst()
                .orElse(otherwise);
    }
}
