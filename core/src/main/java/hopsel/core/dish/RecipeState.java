package hopsel.core.dish;

import hopsel.core.Copyable;

/**
 * Which recipe a dish is, and in which of its states it was taken. The id lasts: it is kept when the dish goes into a
 * class, is renamed or comes back, so what is learned follows the dish and not its title.
 *
 * @param id of the recipe, the same for ever
 * @param state counted up with every change of the recipe; 0 where nobody keeps its states
 */
@Copyable
public record RecipeState(String id, int state) implements RecipeStateBuilder.With {

    /** The same recipe in another state. */
    public RecipeState at(int other) {
        return new RecipeState(id, other);
    }
}
