package hopsel.core.plan;

import hopsel.core.Copyable;
import hopsel.core.dish.StepRef;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
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
 * @param given who is to do a step, or lend a hand to it where it runs by itself: id of a person
 * @param voice the host who is to say all that is planned to be said; empty: whoever has time
 * @param order of the dishes of the class
 * @param drops what is left out first where time runs short on air, in this order: a dish by its id, or a component as
 *     {@code dish/component}; the plan leaves nothing out
 * @param near the plan that people know already: among plans that are as good, the one nearest to it is taken
 */
@Copyable
public record Wishes(
        Map<StepRef, Integer> pins,
        Set<StepRef> notSwapped,
        Set<StepRef> shown,
        Map<StepRef, String> given,
        Optional<String> voice,
        DishOrder order,
        List<String> drops,
        Optional<Plan> near)
        implements WishesBuilder.With {

    /** In which order the dishes of a class are to come. */
    public enum DishOrder {
        /** As it suits. */
        ANY,
        /** They are finished in the order of the menu. */
        SERVED,
        /** One after another: what is shown of a dish comes before all that is shown of the next. */
        COOKED
    }

    /** Nothing beside the rules. */
    public static final Wishes NONE = new Wishes(Map.of(), Set.of(), Set.of(), Optional.empty());

    /** Keeps its own copies. */
    public Wishes {
        pins = Map.copyOf(pins);
        notSwapped = Set.copyOf(notSwapped);
        shown = Set.copyOf(shown);
        given = Map.copyOf(given);
        drops = List.copyOf(drops);
    }

    /** Of single steps alone. */
    public Wishes(Map<StepRef, Integer> pins, Set<StepRef> notSwapped, Set<StepRef> shown, Optional<Plan> near) {
        this(pins, notSwapped, shown, Map.of(), Optional.empty(), DishOrder.ANY, List.of(), near);
    }

    /** The same, near another plan. */
    public Wishes near(Plan plan) {
        return withNear(Optional.of(plan));
    }

    /** Only those about certain steps, and those about the whole. */
    public Wishes among(Set<StepRef> steps) {
        return withPins(among(pins, steps))
                .withNotSwapped(notSwapped.stream().filter(steps::contains).collect(Collectors.toSet()))
                .withShown(shown.stream().filter(steps::contains).collect(Collectors.toSet()))
                .withGiven(among(given, steps))
                .withDrops(drops.stream()
                        .filter(what -> steps.stream()
                                .anyMatch(step -> what.equals(step.dish()) || what.startsWith(step.dish() + "/")))
                        .toList());
    }

    private static <T> Map<StepRef, T> among(Map<StepRef, T> all, Set<StepRef> steps) {
        Map<StepRef, T> kept = new HashMap<>(all);
        kept.keySet().retainAll(steps);
        return kept;
    }

    /** Only those that speak of people who are there. */
    public Wishes amongPeople(Set<String> people) {
        Map<StepRef, String> kept = new HashMap<>(given);
        kept.values().retainAll(people);
        return withGiven(kept).withVoice(voice.filter(people::contains));
    }

    /** The same, with a step pinned to a moment; empty: no longer pinned. */
    public Wishes pin(StepRef step, Optional<Integer> moment) {
        return withPins(changed(pins, step, moment));
    }

    /** The same, with a step given to a person; empty: to whoever has time. */
    public Wishes give(StepRef step, Optional<String> person) {
        return withGiven(changed(given, step, person));
    }

    private static <T> Map<StepRef, T> changed(Map<StepRef, T> some, StepRef step, Optional<T> value) {
        Map<StepRef, T> others = new HashMap<>(some);
        others.remove(step);
        value.ifPresent(one -> others.put(step, one));
        return others;
    }

    /** The same, with a step that is not to be swapped out, or may be again. */
    public Wishes swapping(StepRef step, boolean allowed) {
        return withNotSwapped(changed(notSwapped, step, !allowed));
    }

    /** The same, with a step that is to be shown, or need not be. */
    public Wishes showing(StepRef step, boolean wanted) {
        return withShown(changed(shown, step, wanted));
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
        return withNear(Optional.empty()).equals(NONE);
    }
}
