package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A step tried at another time, by planning with it there.
 *
 * @param shift minutes later; negative: earlier
 * @param moment when it begins, in seconds from going on air
 * @param plan what comes of it
 * @param moves how that differs from the plan now; empty where it cannot be
 */
public record Trial(int shift, int moment, Plan plan, Optional<Moves> moves) {

    private static final int[] SHIFTS = {-20, -10, -5, 5, 10, 20};

    /** Some times around the one that a step has in a plan; none where it is not done in class. */
    public static List<Trial> around(StepRef step, CookingClass cooking, Wishes wishes, Plan now) {
        Wishes near = wishes.near(now);
        return now.activities().stream()
                .filter(activity ->
                        activity.step().equals(step) && activity.copy().isMain())
                .map(Activity::start)
                .findFirst()
                .map(start -> Arrays.stream(SHIFTS)
                        .parallel()
                        .mapToObj(shift -> at(shift, start, near, cooking, step, now))
                        .toList())
                .orElse(List.of());
    }

    private static Trial at(int shift, int start, Wishes near, CookingClass cooking, StepRef step, Plan now) {
        int moment = start + Minutes.of(shift).seconds();
        Plan plan = Planner.sketch(cooking, near.pin(step, Optional.of(moment))).plan();
        return new Trial(
                shift, moment, plan, Optional.of(plan).filter(Plan::possible).map(then -> Moves.between(now, then)));
    }
}
