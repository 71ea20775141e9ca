package hopsel.core.plan;

import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Network.Edge;
import hopsel.core.plan.Network.Node;
import hopsel.core.plan.Problem.Task;
import hopsel.core.plan.Schedule.HandsAt;
import hopsel.core.plan.Schedule.TalkAt;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Turns a schedule into the plan that people read: work before the class as late as it may be, ovens with their heat.
 */
final class PlanBuilder {

    private final Problem problem;
    private final Network network;
    private final Schedule schedule;
    private final int[] starts;
    private final Usage usage;
    private final Set<StepRef> pinned;

    private PlanBuilder(Problem problem, Wishes wishes, Schedule schedule) {
        this.problem = problem;
        this.network = schedule.network();
        this.pinned = wishes.pins().keySet();
        this.schedule = schedule;
        this.starts = schedule.starts().clone();
        this.usage = new Usage(network, schedule.people(), schedule.machines());
    }

    static Plan build(Problem problem, Wishes wishes, Schedule schedule) {
        PlanBuilder builder = new PlanBuilder(problem, wishes, schedule);
        if (problem.second) {
            builder.showWhenReady();
        }
        builder.freshen();
        return builder.plan();
    }

    /**
     * Shows a swap-out no sooner than the finished one is ready to be taken out, where everything else leaves the time:
     * the rules would let the raw one go in before.
     */
    private void showWhenReady() {
        for (int n = 0; n < network.end; n++) {
            int made = madeEarlier(n);
            if (made >= 0 && starts[n] >= 0 && !fixed(n)) {
                int ready = starts[made] + duration(made) - duration(n);
                starts[n] = Math.max(starts[n], Math.min(ready, latestAlone(n)));
            }
        }
    }

    /** The finished one that is shown in place of a main activity; -1 where it is not swapped out. */
    private int madeEarlier(int node) {
        Node at = network.nodes.get(node);
        for (int n = 0; at.copy().isMain() && n < network.end; n++) {
            Node other = network.nodes.get(n);
            if (other.ref().equals(at.ref()) && other.copy().equals(Copy.swap(at.ref()))) {
                return n;
            }
        }
        return -1;
    }

    /** The latest start of one activity while everything else stays where it is. */
    private int latestAlone(int node) {
        int latest = beforeTalk(node);
        for (Edge edge : network.edges) {
            latest = edge.from() == node ? Math.min(latest, starts[edge.to()] - edge.least()) : latest;
        }
        for (Edge edge : ordersAsTheyAre(node)) {
            latest = Math.min(latest, starts[edge.to()] - edge.least());
        }
        return latest;
    }

    /**
     * Moves what is done before the class as late as everything else allows: fresher, and less to keep.
     *
     * <p>Whatever shares a machine and came one after the other goes on doing so; then every rule only ever says "no
     * later than", and lowering all starts until nothing moves gives the latest of them.
     */
    private void freshen() {
        List<Edge> edges = new ArrayList<>(network.edges);
        for (int n = 0; n < network.end; n++) {
            if (starts[n] < 0) {
                edges.addAll(ordersAsTheyAre(n));
            }
            edges.addAll(readyWhenShown(n));
        }
        int[] latest = IntStream.rangeClosed(0, network.end)
                .map(n -> starts[n] >= 0 || fixed(n) ? starts[n] : calendar(n).atOrBefore(Math.min(-1, beforeTalk(n))))
                .toArray();
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Edge edge : edges) {
                int from = edge.from();
                int limit = latest[edge.to()] - edge.least();
                if (limit < latest[from] && starts[from] < 0 && !fixed(from)) {
                    latest[from] = calendar(from).atOrBefore(limit);
                    moved = true;
                }
            }
        }
        System.arraycopy(latest, 0, starts, 0, starts.length);
    }

    private boolean fixed(int node) {
        return node == network.end
                || (network.nodes.get(node).copy().isMain()
                        && pinned.contains(network.nodes.get(node).ref()));
    }

    /** The latest start at which whatever comes before something that is said still does. */
    private int beforeTalk(int node) {
        int latest = Calendar.NEVER;
        boolean loud = network.nodes.get(node).task().loud();
        for (TalkAt talk : schedule.talk()) {
            for (Hold hold : holds(node)) {
                boolean hers = hold.machine == talk.machine() && starts[node] + hold.until() <= talk.start();
                latest = hers ? Math.min(latest, talk.start() - hold.until()) : latest;
            }
            boolean still = loud || talk.piece().at() == TalkPiece.Moment.CLOSING;
            if (still && starts[node] + duration(node) <= talk.start()) {
                latest = Math.min(latest, talk.start() - duration(node));
            }
        }
        return latest;
    }

    /** A machine that is held for a part of an activity, in seconds after its start. */
    private record Hold(int machine, int from, int until) {}

    private List<Hold> holds(int node) {
        List<Hold> holds = new ArrayList<>();
        if (schedule.people()[node] != Schedule.NOBODY) {
            holds.add(new Hold(schedule.people()[node], 0, duration(node)));
        }
        IntStream.of(schedule.machines()[node])
                .distinct()
                .forEach(machine -> holds.add(new Hold(machine, 0, duration(node))));
        schedule.hands()
                .get(node)
                .forEach(part -> holds.add(new Hold(part.machine(), part.offset(), part.offset() + part.lasts())));
        return holds;
    }

    /** The finished one stays ready by the time it is shown, where it is so. */
    private List<Edge> readyWhenShown(int node) {
        int made = problem.second ? madeEarlier(node) : -1;
        int least = made < 0 ? 0 : duration(made) - duration(node);
        return made >= 0 && starts[made] + least <= starts[node]
                ? List.of(new Edge(made, node, least, 10, Edge.Sort.ORDER, 0))
                : List.of();
    }

    /** What shares a machine with an activity and comes after it goes on doing so. */
    private List<Edge> ordersAsTheyAre(int first) {
        List<Edge> orders = new ArrayList<>();
        for (int then = 0; then < network.end; then++) {
            for (Hold one : first == then ? List.<Hold>of() : holds(first)) {
                for (Hold two : holds(then)) {
                    if (one.machine == two.machine && starts[first] + one.until <= starts[then] + two.from) {
                        int gap = Math.max(0, gap(first, then, one.machine));
                        orders.add(new Edge(first, then, one.until + gap - two.from, 15, Edge.Sort.ORDER, gap));
                    }
                }
            }
        }
        return orders;
    }

    private int gap(int first, int then, int machine) {
        if (problem.machines.get(machine).person() == null) {
            return usage.gap(first, then, machine);
        }
        boolean turns = schedule.people()[first] == machine
                && schedule.people()[then] == machine
                && !network.nodes
                        .get(first)
                        .ref()
                        .dish()
                        .equals(network.nodes.get(then).ref().dish());
        return turns ? problem.cooking.tempo().turn().seconds() : 0;
    }

    private Calendar calendar(int node) {
        Node at = network.nodes.get(node);
        boolean byHost = schedule.people()[node] != Schedule.NOBODY && problem.isHost(schedule.people()[node]);
        Calendar calendar = byHost && !at.shown() ? Calendar.of(problem.windows, at.duration(), false) : at.calendar();
        for (HandsAt part : schedule.hands().get(node)) {
            boolean passing = !problem.hasAssistant || !problem.isHost(part.machine());
            calendar = at.shown()
                    ? calendar
                    : calendar.and(
                            Calendar.of(problem.windows, part.lasts(), passing).earlier(part.offset()));
        }
        return calendar;
    }

    private int duration(int node) {
        return network.nodes.get(node).duration();
    }

    private Plan plan() {
        List<Activity> activities = IntStream.range(0, network.end)
                .mapToObj(this::activity)
                .sorted(Activity.ORDER)
                .toList();
        int airEnd = schedule.airEnd();
        int overrun = Math.max(0, airEnd - problem.air);
        List<Conflict> conflicts = overrun > 0 ? List.of(OverrunChain.of(problem, network, starts, usage)) : List.of();
        return new Plan(
                overrun > 0 ? Verdict.OVERRUNS : Verdict.FITS,
                airEnd,
                overrun,
                refs(task -> network.choice.isSwapped(task.number())),
                refs(task -> task.may() && network.choice.isHidden(task.number())),
                activities,
                conflicts,
                problem.second ? Optional.of(pace()) : Optional.empty());
    }

    private Pace pace() {
        List<Pace.Talk> talk = schedule.talk().stream()
                .map(said -> new Pace.Talk(said.piece().id(), id(said.machine()), said.start(), said.end()))
                .toList();
        return new Pace(talk, Price.of(problem, network.choice), Turns.count(schedule), Optional.empty());
    }

    private String id(int machine) {
        return problem.machines.get(machine).id();
    }

    private List<StepRef> refs(Predicate<Task> which) {
        return problem.tasks.stream().filter(which).map(Task::ref).sorted().toList();
    }

    private Activity activity(int node) {
        Node at = network.nodes.get(node);
        List<Placement> placements = new ArrayList<>();
        for (int need = 0; need < schedule.machines()[node].length; need++) {
            int machine = schedule.machines()[node][need];
            Requirement requirement = at.task().requirements().get(need);
            Optional<BigDecimal> celsius =
                    requirement.heat() == null ? Optional.empty() : Optional.of(setting(node, machine, at, need));
            placements.add(new Placement(problem.machines.get(machine).id(), requirement.units(), celsius));
        }
        int person = schedule.people()[node];
        Optional<String> who = person == Schedule.NOBODY
                ? Optional.empty()
                : Optional.of(problem.machines.get(person).id());
        List<Activity.Hands> hands = schedule.hands().get(node).stream()
                .map(part -> new Activity.Hands(
                        part.part(),
                        id(part.machine()),
                        starts[node] + part.offset(),
                        starts[node] + part.offset() + part.lasts()))
                .toList();
        return new Activity(
                at.ref(), at.copy(), at.shown(), starts[node], starts[node] + at.duration(), who, placements, hands);
    }

    /** The asked temperature, moved as little as everything in the oven at the start of the activity wants. */
    private BigDecimal setting(int node, int machine, Node at, int need) {
        Heat common = Objects.requireNonNull(at.task().requirements().get(need).heat(), "it is set to no heat");
        for (int other = 0; other < network.end; other++) {
            if (starts[other] <= starts[node] && starts[node] < starts[other] + duration(other)) {
                for (int i = 0; i < schedule.machines()[other].length; i++) {
                    Heat heat = network.nodes
                            .get(other)
                            .task()
                            .requirements()
                            .get(i)
                            .heat();
                    if (schedule.machines()[other][i] == machine && heat != null && common.meets(heat)) {
                        common = common.common(heat);
                    }
                }
            }
        }
        return common.nearest(at.task().step().needs().get(need).celsius().orElseThrow());
    }
}
