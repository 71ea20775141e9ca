package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.plan.Making.Use;
import hopsel.core.solve.Demand;
import hopsel.core.solve.Solver;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Rules 12 to 15: who comes first where two want the same person or place, or too many want one place.
 *
 * <p>Most pairs never meet, so an order is made a decision only once two of the main copy exclude each other, or once
 * two others clash; and that a place is too full is told to the solver once it was.
 */
final class Places {

    private final Model model;
    private final Solver solver;
    private final List<List<Use>> uses = new ArrayList<>();
    private final Map<Long, Integer> orders = new HashMap<>();
    private final List<Pair> pairs = new ArrayList<>();
    private final Map<Long, Boolean> known = new HashMap<>();
    private final Set<List<Integer>> crowds = new HashSet<>();

    Places(Model model) {
        this.model = model;
        this.solver = model.solver;
        model.problem.machines.forEach(machine -> uses.add(new ArrayList<>()));
        model.makings.forEach(making -> making.uses.forEach(
                need -> need.forEach(use -> uses.get(use.machine()).add(use))));
        for (int m = 0; m < uses.size(); m++) {
            if (uses.get(m).size() > 1) {
                solver.capacity(
                        model.problem.machines.get(m).capacity(),
                        uses.get(m).stream().map(Places::demand).toList());
            }
        }
        if (model.problem.hosts > 1) {
            solver.capacity(
                    model.problem.hosts,
                    model.makings.stream()
                            .filter(making -> making.isMain() && making.task.hands() && making.shown != FALSE)
                            .map(making -> new Demand(
                                    making.start,
                                    making.task.duration(),
                                    making.task.duration(),
                                    FALSE,
                                    1,
                                    making.shown))
                            .toList());
        }
        for (List<Use> all : uses) {
            for (Use one : all) {
                for (Use two : all) {
                    if (one.making().number < two.making().number
                            && one.making().isMain()
                            && two.making().isMain()) {
                        exclude(one, two);
                    }
                }
            }
        }
    }

    private static Demand demand(Use use) {
        Making making = use.making();
        int full = making.task.duration();
        return new Demand(
                making.start,
                full,
                making.brief == FALSE ? full : making.task.shownFor(),
                making.brief,
                use.units(),
                use.literal());
    }

    /** Two uses of a machine that exclude each other. */
    private record Pair(Use one, Use two, int oneFirst, int twoFirst, int gap, int gapBack) {}

    /** Makes the order of two uses a decision, if they exclude each other and it is none yet. */
    private boolean exclude(Use one, Use two) {
        Machine machine = model.problem.machines.get(one.machine());
        int gap = gap(machine, one, two);
        int gapBack = gap(machine, two, one);
        if (gap == Machine.NO_GAP
                || (gap == 0 && gapBack == 0 && model.inSequence(one.making(), two.making()))
                || known.putIfAbsent(key(one, two, one.machine()), true) != null) {
            return false;
        }
        int oneFirst = before(one.making(), two.making());
        int twoFirst = before(two.making(), one.making());
        follow(one.making(), two.making(), gap, solver.all(oneFirst, one.literal(), two.literal()));
        follow(two.making(), one.making(), gapBack, solver.all(twoFirst, one.literal(), two.literal()));
        solver.clause(not(one.literal()), not(two.literal()), oneFirst, twoFirst);
        pairs.add(new Pair(one, two, oneFirst, twoFirst, gap, gapBack));
        return true;
    }

    private static long key(Use one, Use two, int machine) {
        return ((long) machine << 40) + ((long) one.making().number << 20) + two.making().number;
    }

    /** Seconds between two uses that exclude each other, or {@link Machine#NO_GAP} where they may overlap. */
    private static int gap(Machine machine, Use first, Use then) {
        int gap = first.units() + then.units() > machine.capacity() ? 0 : Machine.NO_GAP;
        if (machine.rinse() > 0
                && !first.making().task.component().equals(then.making().task.component())) {
            gap = machine.rinse();
        }
        return machine.resource() == null ? gap : Math.max(gap, machine.heatGap(first.heat(), then.heat()));
    }

    /** The literal that one making is over before the other starts. */
    private int before(Making first, Making then) {
        long key = ((long) first.number << 20) + then.number;
        Integer there = orders.get(key);
        if (there != null) {
            return there;
        }
        int literal = solver.decision();
        orders.put(key, literal);
        follow(first, then, 0, literal);
        return literal;
    }

    /** An order that is a decision. */
    record Order(int first, int then, int literal) {}

    /** The orders of all that exclude each other; those of crowds, which may overlap, are left free. */
    Stream<Order> orders() {
        return pairs.stream()
                .flatMap(pair -> Stream.of(
                        new Order(pair.one.making().number, pair.two.making().number, pair.oneFirst),
                        new Order(pair.two.making().number, pair.one.making().number, pair.twoFirst)));
    }

    private void follow(Making first, Making then, int gap, int guard) {
        if (first.brief == FALSE) {
            solver.order(first.start, then.start, first.task.duration() + gap, guard);
        } else {
            solver.order(first.start, then.start, first.task.shownFor() + gap, guard);
            solver.order(first.start, then.start, first.task.duration() + gap, solver.all(guard, not(first.brief)));
        }
    }

    // ---- what does not go together as things stand

    /** How many hold the same machine while a use would. */
    int others(Use use) {
        int others = 0;
        for (Use other : uses.get(use.machine())) {
            others += held(other) && start(other) < end(use) && start(use) < end(other) ? 1 : 0;
        }
        return others;
    }

    /** The most urgent order to decide, or {@link #NOTHING}; the literal that is to be tried first. */
    int clash() {
        Pair worst = null;
        double most = -1;
        for (Pair pair : pairs) {
            if (held(pair.one)
                    && held(pair.two)
                    && solver.open(pair.oneFirst)
                    && solver.open(pair.twoFirst)
                    && clashes(pair)) {
                double blame = solver.blame(pair.oneFirst) + solver.blame(pair.twoFirst);
                if (worst == null || blame > most || (blame == most && moment(pair) < moment(worst))) {
                    worst = pair;
                    most = blame;
                }
            }
        }
        return worst == null ? NOTHING : first(worst);
    }

    static final int NOTHING = -1;

    private boolean held(Use use) {
        return solver.value(use.literal()) > 0;
    }

    private boolean clashes(Pair pair) {
        int one = solver.lowest(pair.one.making().start);
        int two = solver.lowest(pair.two.making().start);
        return one + model.duration(pair.one.making()) + pair.gap > two
                && two + model.duration(pair.two.making()) + pair.gapBack > one;
    }

    private int moment(Pair pair) {
        return Math.max(solver.lowest(pair.one.making().start), solver.lowest(pair.two.making().start));
    }

    /** The order that went well before, or else the one that leaves more room. */
    private int first(Pair pair) {
        if (solver.preferred(pair.oneFirst) != solver.preferred(pair.twoFirst)) {
            return solver.preferred(pair.oneFirst) ? pair.oneFirst : pair.twoFirst;
        }
        return slack(pair.one.making(), pair.two.making(), pair.gap)
                        >= slack(pair.two.making(), pair.one.making(), pair.gapBack)
                ? pair.oneFirst
                : pair.twoFirst;
    }

    private int slack(Making first, Making then, int gap) {
        return solver.highest(then.start) - solver.lowest(first.start) - model.duration(first) - gap;
    }

    /** Tells the solver of pairs that clash and were not known to; whether there was any. */
    boolean meet() {
        boolean told = false;
        for (List<Use> all : uses) {
            for (int i = 0; i < all.size(); i++) {
                Use two = all.get(i);
                // Pairs of the main copy, which comes first, are known from the start.
                for (int j = 0; j < i && !two.making().isMain() && held(two); j++) {
                    told |= held(all.get(j)) && meets(all.get(j), two);
                }
            }
        }
        return told;
    }

    private int start(Use use) {
        return solver.lowest(use.making().start);
    }

    private int end(Use use) {
        return start(use) + model.duration(use.making());
    }

    private boolean meets(Use one, Use two) {
        int gap = one.making() == two.making()
                ? Machine.NO_GAP
                : gap(model.problem.machines.get(one.machine()), one, two);
        if (gap == Machine.NO_GAP
                || end(one) + gap <= start(two)
                || end(two) + gap(model.problem.machines.get(one.machine()), two, one) <= start(one)) {
            return false;
        }
        return exclude(one, two);
    }

    /** The order to decide where too many are in one place at one moment, the earliest first, or {@link #NOTHING}. */
    int crowd() {
        List<Use> earliest = List.of();
        int moment = Integer.MAX_VALUE;
        for (int m = 0; m < uses.size(); m++) {
            if (model.problem.machines.get(m).capacity() > 1) {
                List<Use> held = held(uses.get(m));
                int crowded = crowded(held, model.problem.machines.get(m).capacity());
                if (crowded < moment) {
                    moment = crowded;
                    earliest = held;
                }
            }
        }
        return moment == Integer.MAX_VALUE ? NOTHING : thin(at(earliest, moment));
    }

    private List<Use> held(List<Use> all) {
        List<Use> held = new ArrayList<>();
        for (Use use : all) {
            if (held(use)) {
                held.add(use);
            }
        }
        return held;
    }

    /** The first moment at which there are too many; {@link Integer#MAX_VALUE}: never. */
    private int crowded(List<Use> held, int capacity) {
        int n = held.size();
        int[] starts = new int[n];
        int[] ends = new int[n];
        for (int i = 0; i < n; i++) {
            starts[i] = start(held.get(i));
            ends[i] = end(held.get(i));
        }
        int first = Integer.MAX_VALUE;
        for (int i = 0; i < n; i++) {
            int sum = 0;
            for (int j = 0; j < n; j++) {
                sum += starts[j] <= starts[i] && starts[i] < ends[j]
                        ? held.get(j).units()
                        : 0;
            }
            first = sum > capacity ? Math.min(first, starts[i]) : first;
        }
        return first;
    }

    private List<Use> at(List<Use> held, int moment) {
        List<Use> there = held.stream()
                .filter(use -> start(use) <= moment && moment < end(use))
                .toList();
        return fewest(
                there,
                there.stream().mapToInt(Use::units).sum(),
                model.problem.machines.get(there.get(0).machine()).capacity());
    }

    /** Leaves out whoever is not needed for the crowd, the smallest first. */
    private static List<Use> fewest(List<Use> crowd, int sum, int capacity) {
        int left = sum;
        List<Use> kept = new ArrayList<>(crowd);
        for (Use use :
                crowd.stream().sorted(Comparator.comparingInt(Use::units)).toList()) {
            if (left - use.units() > capacity) {
                left -= use.units();
                kept.remove(use);
            }
        }
        return kept;
    }

    /** Tells that of a crowd one has to be over before another starts, and chooses which. */
    private int thin(List<Use> crowd) {
        List<Integer> rule = new ArrayList<>(crowd.stream()
                .map(use -> not(use.literal()))
                .distinct()
                .filter(literal -> literal != FALSE)
                .toList());
        int best = NOTHING;
        double most = Double.NEGATIVE_INFINITY;
        for (Use one : crowd) {
            for (Use two : crowd) {
                if (one.making() != two.making()) {
                    int order = before(one.making(), two.making());
                    rule.add(order);
                    double promise = promise(order, one, two);
                    if (solver.open(order) && promise > most) {
                        best = order;
                        most = promise;
                    }
                }
            }
        }
        if (crowds.add(rule)) {
            solver.clause(rule.stream().mapToInt(Integer::intValue).toArray());
        }
        return best;
    }

    /** What went well before first; otherwise whoever ends first goes first, and the least urgent waits. */
    private double promise(int order, Use one, Use two) {
        double room = solver.highest(two.making().start) - end(one);
        return room + (solver.preferred(order) ? 1e9 : 0);
    }
}
