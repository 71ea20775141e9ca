package hopsel.core.caution;

import hopsel.core.dish.Cut;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.food.Condition;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.Heat;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.recipe.CutReader;
import hopsel.core.recipe.Said;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.util.function.Predicate;

/**
 * A dish, or one step of it, as the rules ask about it.
 *
 * @param dish whose lines and steps are asked
 * @param flow of the dish that it is, or is a step of
 */
record CookedDish(Dish dish, Catalogue catalogue, FoodFlow flow) {

    boolean line(Predicate<IngredientLine> test) {
        return dish.lines().anyMatch(test);
    }

    /** What is said to be done to it and is no cut that anybody knows is one where there is something to cut. */
    boolean isCut(IngredientLine line) {
        boolean piece = catalogue
                .find(line.item())
                .filter(item -> item.has(Trait.WHOLE) || item.has(Trait.LEAF))
                .isPresent();
        return line.prep().isPresent()
                && CutReader.of(line.prep()).map(Cut::takesBlade).orElse(piece);
    }

    boolean item(Predicate<Item> test) {
        return line(line -> catalogue.find(line.item()).filter(test).isPresent());
    }

    boolean has(Trait trait) {
        return item(item -> item.has(trait));
    }

    boolean falls(HouseRule rule) {
        return item(item -> item.falls(rule));
    }

    boolean step(Predicate<Step> test) {
        return dish.steps().anyMatch(test);
    }

    boolean says(Said what) {
        return step(what::in);
    }

    boolean does(Predicate<Technique> what) {
        return step(step -> TechniqueReader.of(step).stream().anyMatch(what));
    }

    boolean does(Does what) {
        return step(step -> step.needs().stream().anyMatch(need -> need.does(what)));
    }

    /** Soaked nuts are poured off without anybody being scalded. */
    boolean drainsHot() {
        return step(step -> TechniqueReader.of(step).contains(Technique.DRAIN)
                && (Heat.heats(step) || flow.into(step).stream().anyMatch(product -> product.is(Condition.HOT))));
    }

    /** A nut "cheese" begins with nuts that are soaked and blended. */
    static boolean isNut(Item item) {
        return item.has(Trait.DRY) && item.allergens().contains(Allergen.TREE_NUT);
    }

    /** Whether an oven or a hob of the step is asked for more than that. */
    static boolean above(Step step, BigDecimal celsius) {
        return step.needs().stream()
                .map(Need::celsius)
                .anyMatch(asked -> asked.isPresent() && asked.get().compareTo(celsius) > 0);
    }
}
