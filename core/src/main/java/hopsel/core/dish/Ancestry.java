package hopsel.core.dish;

import hopsel.core.Known;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What has to happen before a step of a dish, directly or at several removes. */
public final class Ancestry {

    private final Map<String, Step> steps;

    private Ancestry(Map<String, Step> steps) {
        this.steps = steps;
    }

    /** The ancestry of a dish whose steps do not wait for each other in a circle. */
    public static Ancestry of(Dish dish) {
        return new Ancestry(dish.steps().collect(Collectors.toMap(Step::id, Function.identity())));
    }

    /** The ids of all steps that come before the given one, through {@code after}; not the step itself. */
    public Set<String> before(String step) {
        Set<String> found = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>();
        open.push(step);
        while (!open.isEmpty()) {
            for (After after : Known.in(steps, open.pop()).after()) {
                if (found.add(after.step())) {
                    open.push(after.step());
                }
            }
        }
        return found;
    }
}
