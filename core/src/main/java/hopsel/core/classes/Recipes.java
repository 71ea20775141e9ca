package hopsel.core.classes;

import hopsel.core.dish.Dish;
import hopsel.core.dish.RecipeState;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Sees to it that every dish of a class says which recipe it is. */
public final class Recipes {

    private Recipes() {}

    /**
     * The class with a recipe for each dish that names none: that of a dish that is just the same, otherwise a new one.
     * Two dishes of one title are two recipes.
     *
     * @param known dishes that are known already
     * @param fresh an id that no recipe has
     */
    public static CookingClass told(CookingClass cooking, List<Dish> known, Supplier<String> fresh) {
        return cooking.with(cooking.dishes().stream()
                .map(dish -> dish.recipe().isPresent()
                        ? dish
                        : dish.withRecipe(
                                Optional.of(same(dish, known).orElseGet(() -> new RecipeState(fresh.get(), 0)))))
                .toList());
    }

    /** The class with the recipes of a state before, where a dish of the same id and title was there. */
    public static CookingClass kept(CookingClass cooking, List<Dish> before) {
        return cooking.with(cooking.dishes().stream()
                .map(dish -> dish.recipe().isPresent()
                        ? dish
                        : dish.withRecipe(before.stream()
                                .filter(old -> old.id().equals(dish.id())
                                        && old.title().equals(dish.title()))
                                .flatMap(old -> old.recipe().stream())
                                .findFirst()))
                .toList());
    }

    private static Optional<RecipeState> same(Dish dish, List<Dish> known) {
        return known.stream()
                .filter(other -> other.withRecipe(Optional.empty()).equals(dish))
                .flatMap(other -> other.recipe().stream())
                .findFirst();
    }
}
