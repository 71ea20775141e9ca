package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Demand;
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
 * Rules 12 to 15, 18 and 19: who comes first where two want the same person or place, or too many want one place.
 *
 * <p>Most pairs never meet, so an order is made a decision only once two of the main copy exclude each other, or once
 * two others clash; and that a place is too full is told to the solver once it was.
 */
final class Places {

    private final Model model;
    private final Solver solver;
    private final List<List<Use>> uses = new ArrayList<>();
    private final Map<Long, Integer> orders = new HashMap<>();
    /** By two pieces of work: the literal that one person does both. */
    private final Map<Long, Integer> byOne = new HashMap<>();

    private final List<Pair> pairs = new ArrayList<>();
    private final Map<Long, Boolean> known = new HashMap<>();
    private final Set<List<Integer>> crowds = new HashSet<>();
    /** Whether what comes first is ordered first, and not what was to blame most. */
    private boolean inTurn;

    Places(Model model) {
        this.model = model;
        this.solver = model.solver;
        model.problem.machines.forEach(machine -> uses.add(new ArrayList<>()));
        model.stretches.forEach(stretch -> stretch.uses.forEach(
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
                    model.stretches.stream()
                            .filter(this::isHosts)
                            .map(stretch -> demand(stretch, 1, stretch.shown == TRUE ? stretch.present : stretch.shown))
                            .toList());
        }
        for (List<Use> all : uses) {
            for (Use one : all) {
                for (Use two : all) {
                    if (one.stretch().number < two.stretch().number
                            && one.stretch().isMain()
                            && two.stretch().isMain()) {
                        exclude(one, two);
                    }
                }
            }
        }
    }

    /** Whether it takes a host's hands where it is shown, as far as that is certain. */
    private boolean isHosts(Stretch stretch) {
        if (stretch instanceof Making making) {
            return making.isMain() && !making.outOfSight && making.task.hands() && making.shown != FALSE;
        }
        return stretch.shown == TRUE;
    }

    private static Demand demand(Use use) {
        return demand(use.stretch(), use.units(), use.literal());
    }

    private static Demand demand(Stretch stretch, int units, int held) {
        return new Demand(
                stretch.start,
                stretch.full,
                stretch.brief == FALSE ? stretch.full : stretch.shortened,
                stretch.brief,
                units,
                held);
    }

    /** Two uses of a machine that exclude each other. */
    private record Pair(Use one, Use two, int oneFirst, int twoFirst, int gap, int gapBack) {}

    /** Makes the order of two uses a decision, if they exclude each other and it is none yet. */
    private boolean exclude(Use one, Use two) {
        Machine machine = model.problem.machines.get(one.machine());
        int gap = gap(machine, one, two);
        int gapBack = gap(machine, two, one);
        if (gap == Machine.NO_GAP
                || (gap == 0 && gapBack == 0 && model.inSequence(one.stretch(), two.stretch()))
                || known.putIfAbsent(key(one, two, one.machine()), true) != null) {
            return false;
        }
        int oneFirst = before(one.stretch(), two.stretch());
        int twoFirst = before(two.stretch(), one.stretch());
        if (model.problem.second && machine.person() != null) {
            turn(one, two, gap, oneFirst, twoFirst);
        } else if (!model.problem.second || gap > 0 || gapBack > 0) {
            follow(one.stretch(), two.stretch(), gap, solver.all(oneFirst, one.literal(), two.literal()));
            follow(two.stretch(), one.stretch(), gapBack, solver.all(twoFirst, one.literal(), two.literal()));
        }
        solver.clause(not(one.literal()), not(two.literal()), oneFirst, twoFirst);
        pairs.add(new Pair(one, two, oneFirst, twoFirst, gap, gapBack));
        return true;
    }

    /** Time to turn between two that somebody does, whoever it is; told once for all people. */
    private void turn(Use one, Use two, int gap, int oneFirst, int twoFirst) {
        if (gap == 0) {
            return;
        }
        long key = key(one, two, 0);
        Integer same = byOne.get(key);
        if (same == null) {
            same = solver.decision();
            byOne.put(key, same);
            follow(one.stretch(), two.stretch(), gap, solver.all(oneFirst, same));
            follow(two.stretch(), one.stretch(), gap, solver.all(twoFirst, same));
        }
        solver.clause(not(one.literal()), not(two.literal()), same);
    }

    private static long key(Use one, Use two, int machine) {
        return ((long) machine << 40) + ((long) one.stretch().number << 20) + two.stretch().number;
    }

    /** Seconds between two uses that exclude each other, or {@link Machine#NO_GAP} where they may overlap. */
    private int gap(Machine machine, Use first, Use then) {
        int gap = first.units() + then.units() > machine.capacity() ? 0 : Machine.NO_GAP;
        if (machine.person() != null) {
            return turns(first.stretch(), then.stretch()) ? turn() : gap;
        }
        if (machine.rinse() > 0
                && !Objects.equals(first.stretch().component(), then.stretch().component())) {
            gap = machine.rinse();
        }
        return machine.resource() == null ? gap : Math.max(gap, machine.heatGap(first.heat(), then.heat()));
    }

    private int turn() {
        return model.problem.cooking.tempo().turn().seconds();
    }

    private static boolean turns(Stretch first, Stretch then) {
        return first.worksOn() != null && then.worksOn() != null && !Objects.equals(first.worksOn(), then.worksOn());
    }

    /** The literal that one making is over before the other starts. */
    private int before(Stretch first, Stretch then) {
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

    /** From here on, what comes first is ordered first, or else what was to blame most. */
    void inTurn(boolean yes) {
        inTurn = yes;
    }

    /** An order that is a decision. */
    record Order(int first, int then, int literal) {}

    /** The orders of all that exclude each other; those of crowds, which may overlap, are left free. */
    Stream<Order> orders() {
        return pairs.stream()
                .flatMap(pair -> Stream.of(
                        new Order(pair.one.stretch().number, pair.two.stretch().number, pair.oneFirst),
                        new Order(pair.two.stretch().number, pair.one.stretch().number, pair.twoFirst)));
    }

    /**
     * The literal that one of two that exclude each other is over before the other starts: true or false where that is
     * settled by what they wait for.
     */
    int order(Stretch first, Stretch then) {
        Integer there = orders.get(((long) first.number << 20) + then.number);
        if (there != null) {
            return there;
        }
        return model.waitsFor(then, first) ? TRUE : FALSE;
    }

    private void follow(Stretch first, Stretch then, int gap, int guard) {
        if (first.brief == FALSE) {
            solver.order(first.start, then.start, first.full + gap, guard);
        } else {
            solver.order(first.start, then.start, first.shortened + gap, guard);
            solver.order(first.start, then.start, first.full + gap, solver.all(guard, not(first.brief)));
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
        double most = Double.NEGATIVE_INFINITY;
        for (Pair pair : pairs) {
            if (held(pair.one)
                    && held(pair.two)
                    && solver.open(pair.oneFirst)
                    && solver.open(pair.twoFirst)
                    && clashes(pair)) {
                double blame = inTurn ? -moment(pair) : solver.blame(pair.oneFirst) + solver.blame(pair.twoFirst);
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
        int one = solver.lowest(pair.one.stretch().start);
        int two = solver.lowest(pair.two.stretch().start);
        return one + pair.one.stretch().duration(solver) + pair.gap > two
                && two + pair.two.stretch().duration(solver) + pair.gapBack > one;
    }

    private int moment(Pair pair) {
        return Math.max(solver.lowest(pair.one.stretch().start), solver.lowest(pair.two.stretch().start));
    }

    /** The order that went well before, or else the one that leaves more room. */
    private int first(Pair pair) {
        if (solver.preferred(pair.oneFirst) != solver.preferred(pair.twoFirst)) {
            return solver.preferred(pair.oneFirst) ? pair.oneFirst : pair.twoFirst;
        }
        return slack(pair.one.stretch(), pair.two.stretch(), pair.gap)
                        >= slack(pair.two.stretch(), pair.one.stretch(), pair.gapBack)
                ? pair.oneFirst
                : pair.twoFirst;
    }

    private int slack(Stretch first, Stretch then, int gap) {
        return solver.highest(then.start) - solver.lowest(first.start) - first.duration(solver) - gap;
    }

    /** Tells the solver of pairs that clash and were not known to; whether there was any. */
    boolean meet() {
        boolean told = false;
        for (List<Use> all : uses) {
            for (int i = 0; i < all.size(); i++) {
                Use two = all.get(i);
                boolean main = two.stretch().isMain();
                for (int j = 0; j < i && held(two); j++) {
                    // Pairs of the main copy are known from the start.
                    boolean known = main && all.get(j).stretch().isMain();
                    told |= !known && held(all.get(j)) && meets(all.get(j), two);
                }
            }
        }
        return told;
    }

    private int start(Use use) {
        return solver.lowest(use.stretch().start);
    }

    private int end(Use use) {
        return start(use) + use.stretch().duration(solver);
    }

    private boolean meets(Use one, Use two) {
        int gap = one.stretch() == two.stretch()
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
                if (one.stretch() != two.stretch()) {
                    int order = before(one.stretch(), two.stretch());
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
        double room = solver.highest(two.stretch().start) - end(one);
        return room + (solver.preferred(order) ? 1e9 : 0);
    }
}
