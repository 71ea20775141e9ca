package hopsel.core.plan;

import hopsel.core.plan.Network.Node;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Finds starts, people and machines for one choice, not later than a deadline.
 *
 * <p>Precedence constraint posting (Cesta, Oddi and Smith, "A constraint-based method for project scheduling with
 * time windows", 2002): all activities start as early as the rules between them allow; where two then want the same
 * person or too many the same machine, an order is posted between two of them, and everything is pushed again. Where
 * an order leads nowhere, the other is tried. Pairs that can only be in one order any more are put into it at once.
 */
final class Scheduler {

    private static final int UNDECIDED = -2;

    private final Network network;
    private final Budget budget;
    private final Random random;
    private final double noise;
    private final boolean tightFirst;
    private final Windows windows;
    private final int[] people;
    private final int[][] machines;
    private final Usage usage;
    private final List<Pair> pairs = new ArrayList<>();
    private final Deque<Runnable> trail = new ArrayDeque<>();
    private final double[] favour;
    private long failuresLeft;

    /**
     * A search.
     *
     * @param deadline latest {@code airEnd}, seconds
     * @param failures dead ends after which it gives up
     * @param seed     even: clashes are settled in the order of time; odd: the tightest first; from 2 on with some noise
     */
    Scheduler(Network network, int deadline, long failures, long seed, Budget budget) {
        this.network = network;
        this.budget = budget;
        this.random = new Random(seed);
        this.tightFirst = seed % 2 == 1;
        this.noise = seed < 2 ? 0 : 0.3;
        this.failuresLeft = failures;
        this.windows = new Windows(network, deadline, budget);
        this.people = new int[network.end];
        this.machines = new int[network.end][];
        this.usage = new Usage(network, people, machines);
        this.favour = IntStream.range(0, network.end).mapToDouble(n -> random.nextGaussian()).toArray();
    }

    /** The schedule; empty where none was found. */
    Optional<Schedule> find() {
        assignTheOnlyOnes();
        return search() ? Optional.of(schedule()) : Optional.empty();
    }

    /** Whether the last search looked at everything, so that nothing found means that there is nothing. */
    boolean exhausted() {
        return failuresLeft > 0 && !budget.spent();
    }

    private void assignTheOnlyOnes() {
        for (int n = 0; n < network.end; n++) {
            Node node = network.nodes.get(n);
            people[n] = node.task().hands() ? UNDECIDED : Schedule.NOBODY;
            machines[n] = new int[node.task().requirements().size()];
            Arrays.fill(machines[n], UNDECIDED);
        }
        for (int n = 0; n < network.end; n++) {
            for (int need = 0; need < machines[n].length; need++) {
                int[] able = network.nodes.get(n).task().requirements().get(need).able();
                if (able.length == 1 && usage.room(n, need, able[0])) {
                    assignMachine(n, need, able[0]);
                }
            }
            int[] able = peopleFor(n);
            if (people[n] == UNDECIDED && able.length == 1) {
                assignPerson(n, able[0]);
            }
        }
        trail.clear();
    }

    private int[] peopleFor(int node) {
        return network.problem.people(network.nodes.get(node).shown());
    }

    private void assignPerson(int node, int person) {
        people[node] = person;
        trail.push(() -> people[node] = UNDECIDED);
        Node at = network.nodes.get(node);
        if (!at.shown() && network.problem.isHost(person)) {
            windows.restrict(node, Calendar.of(network.problem.windows, at.duration(), false));
        }
        pairUp(node, person);
    }

    private void assignMachine(int node, int need, int machine) {
        machines[node][need] = machine;
        trail.push(() -> machines[node][need] = UNDECIDED);
        pairUp(node, machine);
    }

    private void pairUp(int node, int machine) {
        int known = pairs.size();
        for (int other = 0; other < network.end; other++) {
            if (other != node && usage.units(other, machine) > 0) {
                int gap = usage.gap(node, other, machine);
                if (gap != Machine.NO_GAP) {
                    pairs.add(new Pair(node, other, gap, usage.gap(other, node, machine)));
                }
            }
        }
        budget.spend(network.end / 4 + 1);
        trail.push(() -> pairs.subList(known, pairs.size()).clear());
    }

    private boolean search() {
        if (!propagate()) {
            failuresLeft--;
            return false;
        }
        List<Runnable> ways = decide();
        if (ways == null) {
            return true;
        }
        for (Runnable way : ways) {
            int mark = windows.mark();
            int own = trail.size();
            way.run();
            if (search()) {
                return true;
            }
            windows.back(mark);
            while (trail.size() > own) {
                trail.pop().run();
            }
            if (failuresLeft <= 0 || budget.spent()) {
                return false;
            }
        }
        return false;
    }

    /** Settles all starts, and orders the pairs that have only one order left. */
    private boolean propagate() {
        boolean moved = true;
        while (moved) {
            if (!windows.settle()) {
                return false;
            }
            moved = false;
            budget.spend(pairs.size() / 2 + 1);
            for (Pair pair : pairs) {
                if (!pair.ordered) {
                    boolean firstFirst = pair.possible(true);
                    boolean thenFirst = pair.possible(false);
                    if (!firstFirst && !thenFirst) {
                        return false;
                    }
                    if (firstFirst != thenFirst) {
                        pair.order(firstFirst);
                        moved = true;
                    }
                }
            }
        }
        return true;
    }

    /** The ways out of the earliest thing still to be decided, most promising first; null: all is decided. */
    private List<Runnable> decide() {
        int[] byStart = IntStream.range(0, network.end).boxed()
                .sorted(Comparator.<Integer>comparingInt(windows::earliest).thenComparingInt(n -> n))
                .mapToInt(n -> n).toArray();
        budget.spend(network.end);
        int undecided = Arrays.stream(byStart).filter(this::unassigned).findFirst().orElse(-1);
        int until = undecided < 0 ? Calendar.NEVER : windows.earliest(undecided);
        Pair clash = tightFirst ? tightest(until) : clash(until);
        if (tightFirst && clash != null) {
            return clash.ways();
        }
        int at = clash == null ? until : clash.moment();
        Crowd crowd = crowd(byStart, at);
        if (crowd != null) {
            return crowd.ways();
        }
        if (clash != null) {
            return clash.ways();
        }
        return undecided < 0 ? null : assignments(undecided);
    }

    private boolean unassigned(int node) {
        return people[node] == UNDECIDED || Arrays.stream(machines[node]).anyMatch(machine -> machine == UNDECIDED);
    }

    private Pair clash(int until) {
        Pair earliest = null;
        for (Pair pair : pairs) {
            if (pair.clashes() && pair.moment() < until && (earliest == null || pair.moment() < earliest.moment())) {
                earliest = pair;
            }
        }
        return earliest;
    }

    /** The clash that leaves the least room, whichever way it is ordered. */
    private Pair tightest(int until) {
        Pair tightest = null;
        double least = Double.MAX_VALUE;
        for (Pair pair : pairs) {
            if (pair.clashes() && pair.moment() < until) {
                double room = pair.room();
                if (room < least) {
                    least = room;
                    tightest = pair;
                }
            }
        }
        return tightest;
    }

    /** The first moment before {@code until} at which a machine holds more than it can. */
    private Crowd crowd(int[] byStart, int until) {
        for (int n : byStart) {
            if (windows.earliest(n) >= until) {
                return null;
            }
            for (int machine : machines[n]) {
                if (machine >= 0) {
                    List<Integer> there = together(byStart, n, machine);
                    int load = there.stream().mapToInt(other -> usage.units(other, machine)).sum();
                    if (there.size() > 2 && load > network.problem.machines.get(machine).capacity()) {
                        return new Crowd(there);
                    }
                }
            }
        }
        return null;
    }

    private List<Integer> together(int[] byStart, int node, int machine) {
        List<Integer> there = new ArrayList<>();
        int moment = windows.earliest(node);
        for (int other : byStart) {
            int start = windows.earliest(other);
            if (start <= moment && moment < start + network.nodes.get(other).duration() && usage.units(other, machine) > 0) {
                there.add(other);
            }
        }
        return there;
    }

    private List<Runnable> assignments(int node) {
        List<Runnable> ways = new ArrayList<>();
        if (people[node] == UNDECIDED) {
            Arrays.stream(peopleFor(node)).boxed()
                    .sorted(Comparator.<Integer>comparingInt(p -> overlaps(node, p)).thenComparingInt(p -> awkward(node, p)))
                    .forEach(person -> ways.add(() -> assignPerson(node, person)));
            return ways;
        }
        int need = IntStream.range(0, machines[node].length).filter(i -> machines[node][i] == UNDECIDED).findFirst().orElseThrow();
        Arrays.stream(network.nodes.get(node).task().requirements().get(need).able()).boxed()
                .filter(machine -> usage.room(node, need, machine))
                .sorted(Comparator.comparingInt(machine -> overlaps(node, machine)))
                .forEach(machine -> ways.add(() -> assignMachine(node, need, machine)));
        return ways;
    }

    /** Off camera an assistant comes before a host, who has to talk. */
    private int awkward(int node, int person) {
        return !network.nodes.get(node).shown() && network.problem.isHost(person) ? 1 : 0;
    }

    private int overlaps(int node, int machine) {
        int start = windows.earliest(node);
        int end = start + network.nodes.get(node).duration();
        int sum = 0;
        for (int other = 0; other < network.end; other++) {
            int theirs = windows.earliest(other);
            if (other != node && theirs < end && start < theirs + network.nodes.get(other).duration()) {
                sum += usage.units(other, machine);
            }
        }
        return sum;
    }

    private double urgency(int node) {
        int slack = windows.latest(node) - windows.earliest(node);
        return windows.latest(node) + noise * favour[node] * Math.min(slack, 3600);
    }

    private Schedule schedule() {
        int[] starts = IntStream.rangeClosed(0, network.end).map(windows::earliest).toArray();
        return new Schedule(network, starts, people.clone(),
                Arrays.stream(machines).map(int[]::clone).toArray(int[][]::new));
    }

    /** Two activities that must not overlap on a machine. */
    private final class Pair {

        private final int first;
        private final int then;
        private final int gap;
        private final int gapBack;
        private final int firstLasts;
        private final int thenLasts;
        private boolean ordered;

        Pair(int first, int then, int gap, int gapBack) {
            this.first = first;
            this.then = then;
            this.gap = gap;
            this.gapBack = gapBack;
            this.firstLasts = network.nodes.get(first).duration();
            this.thenLasts = network.nodes.get(then).duration();
        }

        boolean possible(boolean firstFirst) {
            return firstFirst ? windows.earliest(first) + firstLasts + gap <= windows.latest(then)
                    : windows.earliest(then) + thenLasts + gapBack <= windows.latest(first);
        }

        boolean clashes() {
            return windows.earliest(first) + firstLasts + gap > windows.earliest(then)
                    && windows.earliest(then) + thenLasts + gapBack > windows.earliest(first);
        }

        int moment() {
            return Math.max(windows.earliest(first), windows.earliest(then));
        }

        void order(boolean firstFirst) {
            ordered = true;
            trail.push(() -> ordered = false);
            if (firstFirst) {
                windows.order(first, then, gap);
            } else {
                windows.order(then, first, gapBack);
            }
        }

        int slack(boolean firstFirst) {
            return firstFirst ? windows.latest(then) - windows.earliest(first) - firstLasts - gap
                    : windows.latest(first) - windows.earliest(then) - thenLasts - gapBack;
        }

        /** Small where both orders are tight, or one of them is (Smith and Cheng's bias, 1993). */
        double room() {
            double least = Math.min(slack(true), slack(false)) + 1.0;
            double most = Math.max(slack(true), slack(false)) + 1.0;
            double similar = least / most;
            return least / Math.sqrt(similar) * (1 + noise * Math.abs(favour[first] + favour[then]));
        }

        List<Runnable> ways() {
            if (tightFirst) {
                boolean roomier = slack(true) >= slack(false);
                return List.of(() -> order(roomier), () -> order(!roomier));
            }
            double a = urgency(first);
            double b = urgency(then);
            boolean firstFirst = a < b || (a == b && first < then);
            return List.of(() -> order(firstFirst), () -> order(!firstFirst));
        }
    }

    /** Activities that are too many for a machine together; at least two of them have to come one after the other. */
    private final class Crowd {

        private final List<Integer> members;

        Crowd(List<Integer> members) {
            this.members = members;
        }

        List<Runnable> ways() {
            List<int[]> orders = new ArrayList<>();
            for (int a : members) {
                for (int b : members) {
                    if (a != b && windows.earliest(a) + network.nodes.get(a).duration() <= windows.latest(b)) {
                        orders.add(new int[] {a, b});
                    }
                }
            }
            orders.sort(Comparator.<int[]>comparingDouble(this::loss).thenComparingInt(o -> o[0]).thenComparingInt(o -> o[1]));
            return orders.stream().<Runnable>map(o -> () -> windows.order(o[0], o[1], 0)).toList();
        }

        /** How little room an order leaves: the one that ends first goes first, the least urgent waits. */
        private double loss(int[] order) {
            return windows.earliest(order[0]) + network.nodes.get(order[0]).duration() - urgency(order[1]);
        }
    }
}
