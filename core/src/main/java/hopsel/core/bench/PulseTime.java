package hopsel.core.bench;

import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.kitchen.PlaceKind.Does;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;

/** How long what goes into a dish is hot, from the step that it goes into to the end. */
final class PulseTime {

    /** A minute under pressure cooks like three at a boil. Kitchen practice. */
    private static final int UNDER_PRESSURE = 3;

    private static final int MINUTE = 60;

    private PulseTime() {}

    /** Minutes at a boil. */
    static int minutes(Dish dish, IngredientLine line) {
        Set<Step> seen = new LinkedHashSet<>();
        Deque<Step> open = new ArrayDeque<>(dish.steps()
                .filter(step ->
                        step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id())))
                .toList());
        while (!open.isEmpty()) {
            Step step = open.pop();
            if (seen.add(step)) {
                dish.steps()
                        .filter(next -> next.after().stream()
                                .anyMatch(after -> after.step().equals(step.id())))
                        .forEach(open::add);
            }
        }
        return seen.stream().mapToInt(PulseTime::minutes).sum();
    }

    private static int minutes(Step step) {
        boolean hot = step.needs().stream().anyMatch(need -> need.does(Does.HEATS));
        boolean pressure = step.needs().stream().anyMatch((Need need) -> need.does(Does.PRESSES));
        int minutes = hot ? step.minutes().high().seconds() / MINUTE : 0;
        return pressure ? minutes * UNDER_PRESSURE : minutes;
    }
}
