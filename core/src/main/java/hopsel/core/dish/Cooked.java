package hopsel.core.dish;

import hopsel.core.kitchen.PlaceKind.Does;

import java.util.HashSet;
import java.util.Set;

/** Whether what goes into a dish meets heat afterwards. */
public final class Cooked {

    private Cooked() {}

    /**
     * Whether every step that a line goes into heats it, or is followed by one that does; false where no step uses it.
     */
    public static boolean isCooked(Dish dish, IngredientLine line) {
        var steps = dish.steps()
                .filter(step ->
                        step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id())))
                .toList();
        return !steps.isEmpty() && steps.stream().allMatch(step -> heats(dish, step, new HashSet<>()));
    }

    private static boolean heats(Dish dish, Step step, Set<String> seen) {
        return step.needs().stream().anyMatch(need -> need.does(Does.HEATS))
                || seen.add(step.id())
                        && dish.steps()
                                .filter(next -> next.after().stream()
                                        .anyMatch(after -> after.step().equals(step.id())))
                                .anyMatch(next -> heats(dish, next, seen));
    }
}
