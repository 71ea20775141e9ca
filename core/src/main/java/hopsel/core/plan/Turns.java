package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.TRUE;

import hopsel.core.Known;
import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Guide;
import hopsel.core.solve.Literal;
import hopsel.core.solve.Solver;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How often a host turns to another dish before the audience.
 *
 * <p>Each piece of shown work has a count, no less than that of any piece of the same host before it, and one more
 * where the dishes differ. The longest such chain goes through all of them in order, so the last count is the number of
 * changes; the next host counts on from there.
 */
final class Turns {

    private final Model model;
    private final Solver solver;
    private final Places places;
    private final List<List<Use>> byHost = new ArrayList<>();
    /** Moment that comes no earlier than the number of changes. */
    final int changes;

    Turns(Model model, Places places) {
        this.model = model;
        this.solver = model.solver;
        this.places = places;
        int last = model.zero;
        for (int m = 0; m < model.problem.machines.size(); m++) {
            if (model.problem.isHost(m)) {
                List<Use> work = work(m);
                byHost.add(work);
                last = count(work, last);
            }
        }
        this.changes = last;
    }

    private List<Use> work(int host) {
        Stream<Making> seen = model.makings.stream()
                .filter(making -> making.isMain() && !making.outOfSight && making.task.hands())
                .filter(making -> making.shown != FALSE);
        return seen.flatMap(making -> making.uses.stream().flatMap(List::stream))
                .filter(use -> use.machine() == host)
                .toList();
    }

    private int count(List<Use> work, int last) {
        Map<Use, Integer> counts = new HashMap<>();
        int sum = solver.moment(0, Calendar.NEVER);
        solver.order(last, sum, 0, TRUE);
        for (Use use : work) {
            int count = solver.moment(0, Calendar.NEVER);
            counts.put(use, count);
            solver.order(last, count, 0, TRUE);
            solver.order(count, sum, 0, solver.all(use.literal(), use.stretch().shown));
        }
        for (Use one : work) {
            for (Use two : work) {
                int first = one == two ? FALSE : places.order(one.stretch(), two.stretch());
                if (first != FALSE) {
                    int guard =
                            solver.all(first, one.literal(), two.literal(), one.stretch().shown, two.stretch().shown);
                    int change = one.stretch().dish().equals(two.stretch().dish()) ? 0 : 1;
                    solver.order(Known.in(counts, one), Known.in(counts, two), change, guard);
                }
            }
        }
        return sum;
    }

    /** The order of two neighbours that nobody decided yet, the way they stand, or {@link Guide#DONE}. */
    int undecided() {
        for (List<Use> work : byHost) {
            List<Use> there = new ArrayList<>(work);
            there.removeIf(use -> solver.value(use.literal()) <= 0 || solver.value(use.stretch().shown) <= 0);
            there.sort(Comparator.comparingInt(use -> solver.lowest(use.stretch().start)));
            for (int i = 1; i < there.size(); i++) {
                int order =
                        places.order(there.get(i - 1).stretch(), there.get(i).stretch());
                if (solver.open(order)) {
                    return order;
                }
            }
        }
        return Guide.DONE;
    }

    /** The dishes that hosts work on before the audience, in the order in which they are first. */
    List<String> dishes() {
        Comparator<Use> sooner = Comparator.comparingInt(use -> solver.lowest(use.stretch().start));
        Stream<Use> inTurn = byHost.stream().flatMap(List::stream).sorted(sooner);
        return inTurn.map(use -> use.stretch().dish()).distinct().toList();
    }

    /** Tries work on dishes that come sooner in a row before work on later ones. */
    void prefer(List<String> dishes) {
        for (List<Use> work : byHost) {
            for (Use one : work) {
                for (Use two : work) {
                    int order = one == two ? FALSE : places.order(one.stretch(), two.stretch());
                    int sooner = dishes.indexOf(one.stretch().dish())
                            - dishes.indexOf(two.stretch().dish());
                    if (order > TRUE && sooner < 0) {
                        solver.prefer(order);
                    } else if (order > TRUE && sooner > 0) {
                        solver.prefer(Literal.not(order));
                    }
                }
            }
        }
    }

    /** The fewest there can be: each host may keep to dishes of their own. */
    int least() {
        Set<String> dishes = new HashSet<>();
        byHost.forEach(work -> work.stream()
                .filter(use -> use.stretch().shown == TRUE)
                .forEach(use -> dishes.add(use.stretch().dish())));
        return Math.max(0, dishes.size() - byHost.size());
    }

    /** How often it is in a schedule. */
    static int count(Schedule schedule) {
        Network network = schedule.network();
        Map<Integer, List<Integer>> byHost = new HashMap<>();
        for (int n = 0; n < network.end; n++) {
            if (network.nodes.get(n).shown() && schedule.people()[n] != Schedule.NOBODY) {
                byHost.computeIfAbsent(schedule.people()[n], host -> new ArrayList<>())
                        .add(n);
            }
        }
        int changes = 0;
        for (List<Integer> work : byHost.values()) {
            work.sort(
                    Comparator.comparingInt((Integer n) -> schedule.starts()[n]).thenComparingInt(schedule::end));
            for (int i = 1; i < work.size(); i++) {
                String before = network.nodes.get(work.get(i - 1)).ref().dish();
                changes += Objects.equals(
                                before, network.nodes.get(work.get(i)).ref().dish())
                        ? 0
                        : 1;
            }
        }
        return changes;
    }
}
