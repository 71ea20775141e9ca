package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The looks at watched steps: at their interval, moved to where somebody's hands are free, and marked where nobody's
 * are.
 */
public final class Checks {

    private Checks() {}

    /**
     * A look at something that is watched.
     *
     * @param step which
     * @param copy of it
     * @param asked seconds relative to going on air at which it is due
     * @param moment at which it is done
     * @param person id of who has a hand free; empty: nobody has
     */
    public record Check(StepRef step, Copy copy, int asked, int moment, Optional<String> person) {}

    /** All looks of a plan in order of time. */
    public static List<Check> of(CookingClass cooking, Plan plan) {
        List<Check> checks = new ArrayList<>();
        for (Activity activity : plan.activities()) {
            Step step = cooking.step(activity.step());
            int every = step.checkEvery()
                    .map(Minutes::seconds)
                    .orElse(step.minutes().high().seconds());
            int first =
                    step.firstLook().or(step::checkEvery).map(Minutes::seconds).orElse(0);
            for (int due = activity.start() + first;
                    step.work() == Work.WATCH && first > 0 && due < activity.end();
                    due += every) {
                checks.add(check(cooking, plan, activity, due, Math.min(first, every)));
            }
        }
        checks.sort(Comparator.comparingInt(Check::moment).thenComparing(Check::step));
        return checks;
    }

    private static Check check(CookingClass cooking, Plan plan, Activity activity, int due, int every) {
        for (int shift = 0; shift <= every / 3; shift += 15) {
            for (int moment : new int[] {due - shift, due + shift}) {
                Optional<String> free = moment <= activity.start() || moment > activity.end()
                        ? Optional.empty()
                        : free(cooking, plan, moment);
                if (free.isPresent()) {
                    return new Check(activity.step(), activity.copy(), due, moment, free);
                }
            }
        }
        return new Check(activity.step(), activity.copy(), due, due, Optional.empty());
    }

    /** Assistants stand behind the hosts in the list, and are asked first. */
    private static Optional<String> free(CookingClass cooking, Plan plan, int moment) {
        return cooking.people().stream()
                .filter(person -> plan.activities().stream()
                        .noneMatch(other -> other.person().equals(Optional.of(person.id()))
                                && other.start() <= moment
                                && moment < other.end()))
                .max(Comparator.comparing(person -> person.role()))
                .map(person -> person.id());
    }
}
