package hopsel.core.plan;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Network.Edge;
import hopsel.core.plan.Network.Node;
import hopsel.core.plan.Problem.Task;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** Turns a schedule into the plan that people read: work before the class as late as it may be, ovens with their heat. */
final class PlanBuilder {

    private final Problem problem;
    private final Network network;
    private final Schedule schedule;
    private final int[] starts;
    private final Usage usage;

    private PlanBuilder(Problem problem, Schedule schedule) {
        this.problem = problem;
        this.network = schedule.network();
        this.schedule = schedule;
        this.starts = schedule.starts().clone();
        this.usage = new Usage(network, schedule.people(), schedule.machines());
    }

    static Plan build(Problem problem, Schedule schedule) {
        PlanBuilder builder = new PlanBuilder(problem, schedule);
        builder.freshen();
        return builder.plan();
    }

    /** Moves what is done before the class as late as everything else allows, last first: fresher, and less to keep. */
    private void freshen() {
        List<Integer> before = IntStream.range(0, network.end).filter(n -> starts[n] < 0).boxed()
                .sorted(Comparator.<Integer>comparingInt(n -> -starts[n]).thenComparingInt(n -> -n)).toList();
        for (int node : before) {
            starts[node] = latest(node);
        }
    }

    private int latest(int node) {
        Calendar calendar = calendar(node);
        int at = calendar.atOrBefore(Math.min(-1, latestByEdges(node)));
        while (at > starts[node]) {
            int limit = latestByMachines(node, at);
            if (limit == at) {
                return at;
            }
            at = calendar.atOrBefore(limit);
        }
        return starts[node];
    }

    private Calendar calendar(int node) {
        Node at = network.nodes.get(node);
        boolean byHost = schedule.people()[node] != Schedule.NOBODY && problem.isHost(schedule.people()[node]);
        return byHost && !at.shown() ? Calendar.of(problem.windows, at.duration(), false) : at.calendar();
    }

    private int latestByEdges(int node) {
        int latest = Calendar.NEVER;
        for (Edge edge : network.edges) {
            if (edge.from() == node) {
                latest = Math.min(latest, starts[edge.to()] - edge.least());
            }
        }
        return latest;
    }

    /** The given start if all machines are free then, else the last one before which the nearest clash allows. */
    private int latestByMachines(int node, int at) {
        int latest = at;
        for (int machine : machines(node)) {
            List<Integer> there = new ArrayList<>();
            for (int other = 0; other < network.end; other++) {
                if (other != node && usage.units(other, machine) > 0) {
                    int gap = usage.gap(node, other, machine);
                    if (gap != Machine.NO_GAP && clashes(node, at, other, gap, usage.gap(other, node, machine))) {
                        latest = Math.min(latest, starts[other] - gap - duration(node));
                    } else if (starts[other] < at + duration(node) && at < starts[other] + duration(other)) {
                        there.add(other);
                    }
                }
            }
            latest = Math.min(latest, latestInCrowd(node, machine, at, there));
        }
        return latest;
    }

    private boolean clashes(int node, int at, int other, int gap, int gapBack) {
        return at + duration(node) + gap > starts[other] && starts[other] + duration(other) + gapBack > at;
    }

    private int latestInCrowd(int node, int machine, int at, List<Integer> there) {
        int capacity = problem.machines.get(machine).capacity();
        for (int other : there) {
            int moment = Math.max(at, starts[other]);
            int load = usage.units(node, machine) + there.stream()
                    .filter(o -> starts[o] <= moment && moment < starts[o] + duration(o))
                    .mapToInt(o -> usage.units(o, machine)).sum();
            if (load > capacity) {
                return Math.min(at - 1, starts[other] - duration(node));
            }
        }
        return at;
    }

    private int[] machines(int node) {
        IntStream places = IntStream.of(schedule.machines()[node]).distinct();
        int person = schedule.people()[node];
        return person == Schedule.NOBODY ? places.toArray() : IntStream.concat(IntStream.of(person), places).toArray();
    }

    private int duration(int node) {
        return network.nodes.get(node).duration();
    }

    private Plan plan() {
        List<Activity> activities = IntStream.range(0, network.end).mapToObj(this::activity).sorted(Activity.ORDER).toList();
        int airEnd = schedule.airEnd();
        int overrun = Math.max(0, airEnd - problem.air);
        List<Conflict> conflicts = overrun > 0 ? List.of(OverrunChain.of(problem, network, starts, usage)) : List.of();
        return new Plan(overrun > 0 ? Verdict.OVERRUNS : Verdict.FITS, airEnd, overrun,
                refs(task -> network.choice.isSwapped(task.number())),
                refs(task -> task.may() && network.choice.isHidden(task.number())), activities, conflicts);
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
            Optional<BigDecimal> celsius = requirement.heat() == null ? Optional.empty()
                    : Optional.of(setting(node, machine, at, need));
            placements.add(new Placement(problem.machines.get(machine).id(), requirement.units(), celsius));
        }
        int person = schedule.people()[node];
        Optional<String> who = person == Schedule.NOBODY ? Optional.empty() : Optional.of(problem.machines.get(person).id());
        return new Activity(at.ref(), at.copy(), at.shown(), starts[node], starts[node] + at.duration(), who, placements);
    }

    /** The asked temperature, moved as little as everything in the oven at the start of the activity wants. */
    private BigDecimal setting(int node, int machine, Node at, int need) {
        Heat common = at.task().requirements().get(need).heat();
        for (int other = 0; other < network.end; other++) {
            if (starts[other] <= starts[node] && starts[node] < starts[other] + duration(other)) {
                for (int i = 0; i < schedule.machines()[other].length; i++) {
                    Heat heat = network.nodes.get(other).task().requirements().get(i).heat();
                    if (schedule.machines()[other][i] == machine && heat != null && common.meets(heat)) {
                        common = common.common(heat);
                    }
                }
            }
        }
        return common.nearest(at.task().step().needs().get(need).celsius().orElseThrow());
    }
}
