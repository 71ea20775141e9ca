package hopsel.core.dish;

import hopsel.core.Copyable;

import java.util.Optional;

/**
 * Where a component was taken from.
 *
 * @param title of the dish, as it was called then
 * @param recipe id of its recipe; empty: it is none that is kept
 */
@Copyable
public record Base(String title, Optional<String> recipe) implements BaseBuilder.With {

    /** A component of a recipe that is kept. */
    public static Base of(Dish dish) {
        return new Base(dish.title(), dish.recipe().map(RecipeState::id));
    }

    /** What two components share that come from the same place. */
    public String key() {
        return recipe.orElse(title);
    }
}
