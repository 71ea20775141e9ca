package hopsel.core.advice;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

/**
 * How one plan differs from another. Immutable.
 *
 * @param moved activities that start at another time or are done by somebody else
 * @param swapsIn steps that are swapped out now and were not before
 * @param swapsOut steps that were swapped out before and are no longer
 * @param shownNow steps that are shown now
 * @param hiddenNow steps that are no longer shown
 * @param endBy seconds by which the class ends later; negative: earlier
 * @param costs by how much more is given up; 0 where one of them does not say
 * @param turns how often more a host turns to another dish; 0 where one of them does not say
 */
public record Moves(
        List<Move> moved,
        List<StepRef> swapsIn,
        List<StepRef> swapsOut,
        List<StepRef> shownNow,
        List<StepRef> hiddenNow,
        int endBy,
        int costs,
        int turns) {

    /**
     * An activity in both plans.
     *
     * @param before as it was
     * @param now as it is
     */
    public record Move(Activity before, Activity now) {

        /** Seconds by which it starts later; negative: earlier. */
        public int by() {
            return now.start() - before.start();
        }

        /** Whether somebody else does it. */
        public boolean handedOver() {
            return !before.person().equals(now.person());
        }
    }

    /** What moved between two plans. */
    public static Moves between(Plan before, Plan now) {
        List<Move> moved = new ArrayList<>();
        for (Activity activity : now.activities()) {
            Optional<Activity> old = before.activities().stream()
                    .filter(other ->
                            other.step().equals(activity.step()) && other.copy().equals(activity.copy()))
                    .findFirst();
            old.filter(other ->
                            other.start() != activity.start() || !other.person().equals(activity.person()))
                    .ifPresent(other -> moved.add(new Move(other, activity)));
        }
        return new Moves(
                moved,
                less(now.swaps(), before.swaps()),
                less(before.swaps(), now.swaps()),
                less(before.notShown(), now.notShown()),
                less(now.notShown(), before.notShown()),
                now.airEnd() - before.airEnd(),
                more(before, now, Pace::cost),
                more(before, now, Pace::changes));
    }

    private static int more(Plan before, Plan now, ToIntFunction<Pace> figure) {
        return before.pace().isPresent() && now.pace().isPresent()
                ? figure.applyAsInt(now.pace().get())
                        - figure.applyAsInt(before.pace().get())
                : 0;
    }

    private static List<StepRef> less(List<StepRef> from, List<StepRef> gone) {
        Set<StepRef> out = new HashSet<>(gone);
        return from.stream().filter(ref -> !out.contains(ref)).toList();
    }

    /** Whether both are the same run sheet. */
    public boolean none() {
        return moved.isEmpty() && swapsIn.isEmpty() && swapsOut.isEmpty() && shownNow.isEmpty() && hiddenNow.isEmpty();
    }
}
