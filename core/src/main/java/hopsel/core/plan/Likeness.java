package hopsel.core.plan;

import static hopsel.core.solve.Literal.not;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Answer;
import hopsel.core.solve.Solver;

import org.jspecify.annotations.Nullable;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Keeps a plan near the one that people know: what was decided there is tried first, and of equals the nearer is taken.
 */
final class Likeness {

    private static final long PATIENCE = 300;

    private final Attempts attempts;
    private final Model model;
    private final Solver solver;
    private final Plan known;
    private final Map<String, Activity> activities = new HashMap<>();

    Likeness(Attempts attempts, Plan known) {
        this.attempts = attempts;
        this.model = attempts.model;
        this.solver = attempts.solver;
        this.known = known;
        known.activities().forEach(activity -> activities.put(activity.step() + " " + activity.copy(), activity));
    }

    /** Decisions as they are in the known plan are tried first. */
    void prefer() {
        Set<StepRef> swaps = new HashSet<>(known.swaps());
        Set<StepRef> hidden = new HashSet<>(known.notShown());
        for (Making making : model.makings) {
            int t = making.task.number();
            if (making.isMain()) {
                solver.prefer(hidden.contains(making.task.ref()) ? not(model.shown[t]) : model.shown[t]);
                solver.prefer(swaps.contains(making.task.ref()) ? model.swapped[t] : not(model.swapped[t]));
                boolean cut = activities.containsKey(making.task.ref() + " " + Copy.PART);
                solver.prefer(cut ? model.split[t] : not(model.split[t]));
            }
            Activity before = find(making);
            if (before != null) {
                prefer(making, before);
            }
        }
        attempts.around.places().orders().forEach(order -> {
            Activity first = find(model.stretches.get(order.first()).making());
            Activity then = find(model.stretches.get(order.then()).making());
            if (first != null && then != null) {
                solver.prefer(first.end() <= then.start() ? order.literal() : not(order.literal()));
            }
        });
    }

    private @Nullable Activity find(@Nullable Making making) {
        return making == null ? null : activities.get(making.task.ref() + " " + making.copy());
    }

    private void prefer(Making making, Activity before) {
        int[] windows = making.times;
        for (int time = 0; time < windows.length; time++) {
            boolean onAir = time == windows.length - 1;
            solver.prefer(onAir == (before.start() >= 0) ? windows[time] : not(windows[time]));
        }
        for (List<Use> need : making.uses) {
            for (Use use : need) {
                String id = model.problem.machines.get(use.machine()).id();
                boolean same = before.person().filter(id::equals).isPresent()
                        || before.placements().stream()
                                .anyMatch(placement -> placement.resource().equals(id));
                solver.prefer(same ? use.literal() : not(use.literal()));
            }
        }
    }

    /** The best plan, or one as good that was looked for near the known one, whichever moves less. */
    Schedule nearest() {
        Schedule best = attempts.found();
        prefer();
        if (attempts.attempt(PATIENCE, Math.max(1, attempts.left()), attempts.endsBy(best.airEnd())) != Answer.FOUND) {
            return best;
        }
        return moved(attempts.found()) < moved(best) ? attempts.found() : best;
    }

    private long moved(Schedule schedule) {
        long sum = 0;
        for (int n = 0; n < schedule.network().end; n++) {
            Network.Node node = schedule.network().nodes.get(n);
            Activity before = activities.get(node.ref() + " " + node.copy());
            sum += before == null ? Calendar.NEVER / 1000 : Math.abs(schedule.starts()[n] - before.start());
        }
        return sum;
    }
}
