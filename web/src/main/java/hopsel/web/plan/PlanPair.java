package hopsel.web.plan;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * An activity in two plans.
 *
 * @param step which
 * @param copy of it
 * @param before null where the plan before has no such activity
 * @param now null where the plan now has none
 */
record PlanPair(StepRef step, Copy copy, @Nullable Activity before, @Nullable Activity now) {

    /** All activities of both plans, in the order of the plan now. */
    static List<PlanPair> of(Plan before, Plan now) {
        List<PlanPair> pairs = new ArrayList<>();
        now.activities()
                .forEach(activity ->
                        pairs.add(new PlanPair(activity.step(), activity.copy(), find(before, activity), activity)));
        before.activities().stream()
                .filter(activity -> find(now, activity) == null)
                .forEach(activity -> pairs.add(new PlanPair(activity.step(), activity.copy(), activity, null)));
        pairs.sort(Comparator.comparingInt(pair -> pair.either().start()));
        return pairs;
    }

    private Activity either() {
        return now != null ? now : Objects.requireNonNull(before, "one of the plans has it");
    }

    private static @Nullable Activity find(Plan plan, Activity activity) {
        return plan.activities().stream()
                .filter(other ->
                        other.step().equals(activity.step()) && other.copy().equals(activity.copy()))
                .findFirst()
                .orElse(null);
    }

    /** Whether anything of it changed. */
    public boolean changed() {
        return before == null
                || now == null
                || before.start() != now.start()
                || !before.person().equals(now.person())
                || before.shown() != now.shown();
    }
}
