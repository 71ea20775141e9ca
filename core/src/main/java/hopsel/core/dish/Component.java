package hopsel.core.dish;

import java.util.List;

/**
 * A part of a dish with its own vessel and tempo: the dough, the filling, the dip.
 *
 * @param id          unique in its dish
 * @param title       short name
 * @param ingredients its lines
 * @param steps       in the order of the recipe
 */
public record Component(String id, String title, List<IngredientLine> ingredients, List<Step> steps) {

    /** Keeps its own copies. */
    public Component {
        ingredients = List.copyOf(ingredients);
        steps = List.copyOf(steps);
    }
}
