package hopsel.core.dish;

import hopsel.core.Copyable;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A part of a dish with its own vessel and tempo: the dough, the filling, the dip.
 *
 * @param id unique in its dish
 * @param title short name
 * @param ingredients its lines
 * @param steps in the order of the recipe
 * @param base the dish that it was taken from; empty: it is this dish's own
 */
@Copyable
public record Component(
        String id, String title, List<IngredientLine> ingredients, List<Step> steps, Optional<Base> base)
        implements ComponentBuilder.With {

    /** Keeps its own copies. */
    public Component {
        ingredients = List.copyOf(ingredients);
        steps = List.copyOf(steps);
    }

    /** A dish's own component. */
    public Component(String id, String title, List<IngredientLine> ingredients, List<Step> steps) {
        this(id, title, ingredients, steps, Optional.empty());
    }

    /** The same component with every line changed by a rule. */
    public Component eachLine(UnaryOperator<IngredientLine> rule) {
        return withIngredients(ingredients.stream().map(rule).toList());
    }

    /** The same component with every step changed by a rule. */
    public Component eachStep(UnaryOperator<Step> rule) {
        return withSteps(steps.stream().map(rule).toList());
    }

    /** Whether a step or a line of that id is in it. */
    public boolean holds(String id) {
        return steps.stream().anyMatch(step -> step.id().equals(id))
                || ingredients.stream().anyMatch(line -> line.id().equals(id));
    }
}
