package hopsel.core.bench;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.RecipeState;
import hopsel.core.item.Catalogue;

import java.util.List;
import java.util.Optional;

/**
 * How a dish of a class and the recipe that it was taken from stand to each other, at the servings of the class.
 *
 * @param inRecipe what is different in the recipe since it was taken
 * @param inClass what is different in the class since it was taken
 * @param apart what is different between the two now, from the class's dish to the recipe's
 * @param known whether the state that was taken is known; where it is not, only {@code apart} is told
 */
public record RecipeCheck(List<DishChange> inRecipe, List<DishChange> inClass, List<DishChange> apart, boolean known) {

    /** Keeps its own copies. */
    public RecipeCheck {
        inRecipe = List.copyOf(inRecipe);
        inClass = List.copyOf(inClass);
        apart = List.copyOf(apart);
    }

    /**
     * Compares.
     *
     * @param dish of the class
     * @param taken the state of the recipe that it was taken from; empty: nobody knows it
     * @param now the recipe as it is
     * @param house the catalogue with the house's own items
     */
    public static RecipeCheck of(CookingClass cooking, Dish dish, Optional<Draft> taken, Draft now, Catalogue house) {
        Catalogue catalogue = now.catalogue(house).with(cooking.items());
        Dish recipe = fitted(cooking, dish, now, house);
        Optional<Dish> then = taken.map(draft -> fitted(cooking, dish, draft, house));
        return new RecipeCheck(
                then.map(old -> DishChange.between(old, recipe, catalogue)).orElse(List.of()),
                then.map(old -> DishChange.between(old, dish, catalogue)).orElse(List.of()),
                DishChange.between(dish, recipe, catalogue),
                then.isPresent());
    }

    /** Whether the recipe has moved on: there is something to take over into the class. */
    public boolean isRecipeNewer() {
        return known ? !inRecipe.isEmpty() && !apart.isEmpty() : !apart.isEmpty();
    }

    /** Whether the class has gone its own way: there is something to take over into the recipe. */
    public boolean isClassOther() {
        return known ? !inClass.isEmpty() && !apart.isEmpty() : !apart.isEmpty();
    }

    /** How the two stand to each other, in a word. */
    public enum Standing {
        SAME,
        NEWER,
        OTHER,
        BOTH,
        UNKNOWN
    }

    /** Which of the two has changed since the dish was taken. */
    public Standing standing() {
        if (apart.isEmpty()) {
            return Standing.SAME;
        }
        if (!known) {
            return Standing.UNKNOWN;
        }
        if (isRecipeNewer()) {
            return isClassOther() ? Standing.BOTH : Standing.NEWER;
        }
        return Standing.OTHER;
    }

    /** The recipe as it would stand in the class: in its cups and spoons, for its servings. */
    private static Dish fitted(CookingClass cooking, Dish dish, Draft draft, Catalogue house) {
        return Placing.dish(sized(draft, dish), cooking, house);
    }

    private static Draft sized(Draft draft, Dish dish) {
        boolean same = draft.dish().servings().compareTo(dish.servings()) == 0;
        return same ? draft : Resize.byServings(draft, dish.servings()).sheet();
    }

    /** The class with the recipe as it is now, for as many servings as before. */
    public static CookingClass intoClass(
            CookingClass cooking, Dish dish, Draft now, Catalogue house, Catalogue builtIn) {
        return Placing.into(cooking, sized(now, dish), house, builtIn);
    }

    /**
     * The recipe with the dish as it stands in the class, for as many servings as before; what its author noted stays.
     */
    public static Draft intoRecipe(CookingClass cooking, Dish dish, Draft now, Catalogue builtIn) {
        Draft own = new Draft(dish, cooking.items(), cooking.measures(), now.notes());
        Dish sized = sized(own, now.dish()).in(now.measures()).dish();
        Dish kept = sized.withId(now.dish().id())
                .withTitle(now.dish().title())
                .withRecipe(now.dish().recipe());
        return now.with(kept).withItems(Placing.brought(own.with(kept), builtIn.with(now.items()), builtIn));
    }

    /** The class, whose dish was put into a state of its recipe. */
    public static CookingClass asOf(CookingClass cooking, Dish dish, RecipeState state) {
        return cooking.with(dish.withRecipe(Optional.of(state)));
    }
}
