package hopsel.core.plan;

import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Solver;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A moment before which a class cannot be over, for want of hands, rings or shelves.
 *
 * <p>Of what is certain to hold a machine, take those that cannot start before some moment and have some time after
 * them: together they need at least their hours divided by what the machine holds.
 */
final class Energy {

    private final Model model;
    private final Solver solver;
    private final Tails tails;

    Energy(Model model) {
        this.model = model;
        this.solver = model.solver;
        this.tails = new Tails(model.problem);
    }

    int bound() {
        int best = 0;
        for (int machine = 0; machine < model.problem.machines.size(); machine++) {
            best = Math.max(best, bound(machine));
        }
        return best;
    }

    private int bound(int machine) {
        int number = machine;
        List<Use> certain = new ArrayList<>(model.stretches.stream()
                .flatMap(stretch -> stretch.uses.stream())
                .flatMap(List::stream)
                .filter(use -> use.machine() == number && solver.value(use.literal()) > 0)
                .toList());
        certain.sort(Comparator.comparingInt((Use use) -> -head(use)));
        int capacity = model.problem.machines.get(machine).capacity();
        int best = 0;
        for (Use last : certain) {
            int tail = tail(last);
            long sum = 0;
            for (Use use : certain) {
                if (tail(use) >= tail) {
                    sum += (long) duration(use) * use.units();
                    best = (int) Math.max(best, head(use) + (sum + capacity - 1) / capacity + tail);
                }
            }
        }
        return best;
    }

    private int head(Use use) {
        return solver.lowest(use.stretch().start);
    }

    /** Seconds that have to follow its end. */
    private int tail(Use use) {
        return use.stretch() instanceof Making making && making.isMain() && !making.outOfSight
                ? tails.of(making.task)
                : 0;
    }

    private int duration(Use use) {
        Stretch stretch = use.stretch();
        int whole = solver.value(stretch.shown) > 0 || !(stretch instanceof Making making)
                ? stretch.full
                : Math.min(stretch.full, making.task.offCamera().duration());
        return solver.value(stretch.brief) < 0 ? whole : Math.min(stretch.shortened, whole);
    }
}
