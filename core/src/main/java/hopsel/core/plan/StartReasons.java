package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.After;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Why an activity starts when it does: what it waited for, who and what was busy until then, what holds it back. */
public final class StartReasons {

    private final CookingClass cooking;
    private final Plan plan;

    private StartReasons(CookingClass cooking, Plan plan) {
        this.cooking = cooking;
        this.plan = plan;
    }

    /** The reasons of one activity, those that come before it first. */
    public static List<Reason> of(CookingClass cooking, Plan plan, Activity activity) {
        StartReasons reasons = new StartReasons(cooking, plan);
        List<Reason> found = new ArrayList<>();
        reasons.waits(activity, found);
        reasons.busy(activity, found);
        reasons.kept(activity, found);
        return found;
    }

    private void waits(Activity activity, List<Reason> found) {
        for (After after : cooking.step(activity.step()).after()) {
            StepRef ref = cooking.made(new StepRef(activity.step().dish(), after.step()));
            madeBefore(activity, ref)
                    .ifPresent(before -> found.add(new Reason(
                            Cause.WAITS_FOR, before, before.end(), after.least().seconds())));
        }
    }

    /** The activity whose result is used: of the same copy, or the one made beforehand, or the shared one. */
    private Optional<Activity> madeBefore(Activity activity, StepRef ref) {
        Copy wanted = activity.copy().isMain() && plan.swaps().contains(ref) ? Copy.swap(ref) : activity.copy();
        return find(ref, wanted).or(() -> find(ref, Copy.MAIN));
    }

    private Optional<Activity> find(StepRef ref, Copy copy) {
        return plan.activities().stream()
                .filter(other -> other.step().equals(ref) && other.copy().equals(copy))
                .findFirst();
    }

    private void busy(Activity activity, List<Reason> found) {
        for (Activity other : plan.activities()) {
            if (other.end() == activity.start()
                    && other != activity
                    && !activity.person().isEmpty()
                    && other.person().equals(activity.person())) {
                found.add(new Reason(Cause.SAME_PERSON, other, other.end(), 0));
            } else if (other.end() <= activity.start()
                    && activity.start() - other.end() <= 1200
                    && sharesPlace(activity, other)) {
                found.add(new Reason(Cause.SAME_PLACE, other, other.end(), activity.start() - other.end()));
            }
        }
    }

    private static boolean sharesPlace(Activity activity, Activity other) {
        return activity.placements().stream().anyMatch(mine -> other.placements().stream()
                .anyMatch(theirs -> mine.resource().equals(theirs.resource())
                        && !mine.celsius().equals(theirs.celsius())));
    }

    private void kept(Activity activity, List<Reason> found) {
        Step step = cooking.step(activity.step());
        step.keeps().ifPresent(keeps -> plan.activities().stream()
                .filter(next -> next.start() >= activity.end() && uses(next, activity))
                .forEach(next -> found.add(new Reason(Cause.KEEPS_FOR, next, next.start(), keeps.seconds()))));
    }

    private boolean uses(Activity next, Activity activity) {
        return cooking.step(next.step()).after().stream()
                        .anyMatch(after -> cooking.made(new StepRef(next.step().dish(), after.step()))
                                .equals(activity.step()))
                && madeBefore(next, activity.step()).filter(activity::equals).isPresent();
    }

    /** What kind of reason. */
    public enum Cause {
        /** It comes after the other, and some seconds more. */
        WAITS_FOR,
        /** Its person was busy with the other until then. */
        SAME_PERSON,
        /** Its place had another temperature until some seconds before. */
        SAME_PLACE,
        /** The other uses its result, which keeps only some seconds. */
        KEEPS_FOR
    }

    /**
     * One reason.
     *
     * @param kind which kind
     * @param other the other activity
     * @param moment seconds relative to going on air at which the other ends, or starts
     * @param seconds the figure that belongs to the kind
     */
    public record Reason(Cause kind, Activity other, int moment, int seconds) {}
}
