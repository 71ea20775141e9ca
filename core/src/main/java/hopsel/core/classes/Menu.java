package hopsel.core.classes;

import hopsel.core.Copyable;
import hopsel.core.dish.Dish;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Measures;

import java.util.List;

/**
 * What is cooked in a class, and what it needs to be read.
 *
 * @param measures cups and spoons
 * @param items ingredients the class brings itself
 * @param dishes what is cooked
 * @param substitutions in the order of preference
 * @param shared components that are made once for two dishes
 */
@Copyable
public record Menu(
        Measures measures, List<Item> items, List<Dish> dishes, List<Substitution> substitutions, List<Shared> shared)
        implements MenuBuilder.With {

    /** Keeps its own copies. */
    public Menu {
        items = List.copyOf(items);
        dishes = List.copyOf(dishes);
        substitutions = List.copyOf(substitutions);
        shared = List.copyOf(shared);
    }
}
