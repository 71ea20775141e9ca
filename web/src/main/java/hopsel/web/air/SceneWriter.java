package hopsel.web.air;

import hopsel.core.air.AirState;
import hopsel.core.air.Ovens;
import hopsel.core.air.Taste;
import hopsel.core.bench.Ladders;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Placement;
import hopsel.core.planned.PlannedClass;
import hopsel.core.recipe.CookName;
import hopsel.web.air.AirScript.Goes;
import hopsel.web.air.AirScript.Scene;
import hopsel.web.air.AirView.Rung;
import hopsel.web.air.AirView.Words;
import hopsel.web.frame.Figures;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Writes down what is said of the steps of a class whatever happens. Works nothing out itself. */
final class SceneWriter {

    private final PlannedClass planned;
    private final CookingClass cooking;
    private final List<Activity> activities;
    private final Map<String, Words> words;
    private final Map<String, Integer> pages;
    private final Figures figures;

    SceneWriter(
            PlannedClass planned,
            List<Activity> activities,
            Map<String, Words> words,
            Map<String, Integer> pages,
            Figures figures) {
        this.figures = figures;
        this.planned = planned;
        this.activities = activities;
        this.cooking = planned.cooking();
        this.words = words;
        this.pages = pages;
    }

    List<Scene> scenes() {
        List<Scene> scenes = new ArrayList<>();
        int alone = 0;
        for (Activity activity : activities) {
            scenes.add(scene(activity, alone));
            alone += activity.person().isPresent() ? 0 : 1;
        }
        return scenes;
    }

    private Scene scene(Activity activity, int sign) {
        Dish dish = cooking.dish(activity.step().dish());
        Step step = cooking.step(activity.step());
        Words said = words.getOrDefault(activity.step().toString(), Words.NONE);
        return new Scene(
                AirState.key(activity),
                dish.title(),
                step.title(),
                step.instruction(),
                step.say().orElse(""),
                step.cue().orElse(""),
                step.noise().isPresent(),
                activity.placements().stream().map(this::place).distinct().toList(),
                step.uses().stream()
                        .map(use -> goes(dish, dish.line(use.ingredient()), use.share()))
                        .toList(),
                Ladders.of(step).stream()
                        .map(rung -> new Rung(rung.trouble(), rung.remedy() + ": " + rung.dose() + ". " + rung.limit()))
                        .toList(),
                said.care(),
                said.rescues(),
                Ovens.ifCold(cooking, activity, activity.duration()),
                sign,
                pages.getOrDefault(dish.title(), 0));
    }

    private String place(Placement place) {
        return cooking.place(place.resource())
                + place.celsius().map(celsius -> " " + figures.heat(celsius)).orElse("");
    }

    private Goes goes(Dish dish, IngredientLine line, BigDecimal share) {
        BigDecimal factor = factor(cooking, dish, line, share);
        String amount = line.amount()
                .map(own -> CookAmount.of(own, factor, cooking.measures()) + " ")
                .orElse("");
        String name = CookName.of(
                        planned.catalogue().get(line.item()), line.amount().map(own -> own.times(factor)))
                .toLowerCase(Locale.ROOT);
        return new Goes(dish.id() + "/" + line.id(), line.item(), amount + name, Taste.seasons(line));
    }

    /** How many times as much of a line goes in as its recipe says. */
    static BigDecimal factor(CookingClass cooking, Dish dish, IngredientLine line, BigDecimal share) {
        BigDecimal servings = Decimals.ratio(cooking.provision().demoServings(), dish.servings());
        return line.scaling().factor(servings).multiply(share);
    }
}
