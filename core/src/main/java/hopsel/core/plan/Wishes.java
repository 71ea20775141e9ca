package hopsel.core.plan;

import hopsel.core.dish.StepRef;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the host wants beside the rules. Immutable.
 *
 * @param pins seconds relative to going on air at which the main activity of a step starts
 * @param notSwapped steps that are not to be swapped out
 * @param shown {@code may} steps that are to be shown
 * @param near the plan that people know already: among plans that are as good, the one nearest to it is taken
 */
public record Wishes(Map<StepRef, Integer> pins, Set<StepRef> notSwapped, Set<StepRef> shown, Optional<Plan> near) {

    /** Nothing beside the rules. */
    public static final Wishes NONE = new Wishes(Map.of(), Set.of(), Set.of(), Optional.empty());

    /** Keeps its own copies. */
    public Wishes {
        pins = Map.copyOf(pins);
        notSwapped = Set.copyOf(notSwapped);
        shown = Set.copyOf(shown);
    }

    /** The same, near another plan. */
    public Wishes near(Plan plan) {
        return new Wishes(pins, notSwapped, shown, Optional.of(plan));
    }

    /** Only those about certain steps. */
    public Wishes among(Set<StepRef> steps) {
        Map<StepRef, Integer> kept = new HashMap<>(pins);
        kept.keySet().retainAll(steps);
        return new Wishes(
                kept,
                notSwapped.stream().filter(steps::contains).collect(Collectors.toSet()),
                shown.stream().filter(steps::contains).collect(Collectors.toSet()),
                near);
    }

    /** The same, with a step pinned to a moment; empty: no longer pinned. */
    public Wishes pin(StepRef step, Optional<Integer> moment) {
        Map<StepRef, Integer> others = new HashMap<>(pins);
        others.remove(step);
        moment.ifPresent(seconds -> others.put(step, seconds));
        return new Wishes(others, notSwapped, shown, near);
    }

    /** The same, with a step that is not to be swapped out, or may be again. */
    public Wishes swapping(StepRef step, boolean allowed) {
        return new Wishes(pins, changed(notSwapped, step, !allowed), shown, near);
    }

    /** The same, with a step that is to be shown, or need not be. */
    public Wishes showing(StepRef step, boolean wanted) {
        return new Wishes(pins, notSwapped, changed(shown, step, wanted), near);
    }

    private static Set<StepRef> changed(Set<StepRef> some, StepRef step, boolean add) {
        Set<StepRef> others = new HashSet<>(some);
        others.remove(step);
        if (add) {
            others.add(step);
        }
        return others;
    }

    /** Whether nothing is asked for. */
    public boolean none() {
        return pins.isEmpty() && notSwapped.isEmpty() && shown.isEmpty();
    }
}
