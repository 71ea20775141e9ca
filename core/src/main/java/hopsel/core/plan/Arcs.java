package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Network.Edge;
import hopsel.core.plan.Problem.Task;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What each activity of a plan waits for, if everything keeps its order: rules, hands and places. Immutable.
 *
 * @param arcs in the order of the activities they lead to
 * @param tops for each activity, whether the class is not over before it is
 */
public record Arcs(List<Arc> arcs, boolean[] tops) {

    /** Why one comes after another. */
    public enum Bond {
        ORDER,
        HANDS,
        PLACE,
        TALK
    }

    /**
     * One activity after another.
     *
     * @param before number of the first in the plan's list
     * @param then number of the second
     * @param gap seconds at least from the end, or, for a swap-out, from the start, of the first
     * @param kind why
     * @param keeps seconds that the first keeps before the second; -1: no limit
     */
    public record Arc(int before, int then, int gap, Bond kind, int keeps) {}

    /** The arcs of a plan that is possible. */
    public static Arcs of(CookingClass cooking, Plan plan) {
        Problem problem = new Problem(cooking);
        Choice choice = Choice.open(problem);
        for (Task task : problem.tasks) {
            int t = task.number();
            choice = choice.showOpen(t) ? choice.withShown(t, !plan.notShown().contains(task.ref())) : choice;
            choice = choice.swapOpen(t) ? choice.withSwapped(t, plan.swaps().contains(task.ref())) : choice;
        }
        for (Activity activity : plan.activities()) {
            choice = activity.copy().part()
                    ? choice.withSplit(problem.task(activity.step()).number())
                    : choice;
        }
        return new Builder(new Network(problem, choice), plan).build();
    }

    private static final class Builder {

        private final Network network;
        private final Plan plan;
        private final int[] activity;
        private final List<Arc> arcs = new ArrayList<>();

        Builder(Network network, Plan plan) {
            this.network = network;
            this.plan = plan;
            Map<String, Integer> numbers = new HashMap<>();
            for (int i = 0; i < plan.activities().size(); i++) {
                numbers.put(
                        plan.activities().get(i).step() + " "
                                + plan.activities().get(i).copy(),
                        i);
            }
            this.activity = network.nodes.stream()
                    .mapToInt(node -> numbers.get(node.ref() + " " + node.copy()))
                    .toArray();
        }

        Arcs build() {
            boolean[] tops = new boolean[activity.length];
            for (Edge edge : network.edges) {
                if (edge.sort() == Edge.Sort.END) {
                    tops[activity[edge.from()]] = true;
                } else if (edge.sort() == Edge.Sort.ORDER) {
                    int keeps = network.edges.stream()
                            .filter(other -> other.sort() == Edge.Sort.KEEPS
                                    && other.from() == edge.to()
                                    && other.to() == edge.from())
                            .mapToInt(Edge::figure)
                            .findFirst()
                            .orElse(-1);
                    int gap = edge.least() - network.nodes.get(edge.from()).duration();
                    arcs.add(new Arc(activity[edge.from()], activity[edge.to()], gap, Bond.ORDER, keeps));
                }
            }
            for (int before = 0; before < activity.length; before++) {
                for (int then = 0; then < activity.length; then++) {
                    held(before, then);
                }
            }
            arcs.sort(Comparator.comparingInt(Arc::then).thenComparingInt(Arc::before));
            return new Arcs(List.copyOf(arcs), tops);
        }

        private void held(int before, int then) {
            Activity one = plan.activities().get(before);
            Activity two = plan.activities().get(then);
            if (one.end() > two.start() || before == then) {
                return;
            }
            if (one.person().isPresent() && one.person().equals(two.person())) {
                arcs.add(new Arc(before, then, 0, Bond.HANDS, -1));
            }
            one.placements().stream()
                    .filter(place -> two.placements().stream()
                            .anyMatch(other ->
                                    other.resource().equals(place.resource()) && excludes(place, other, one, two)))
                    .findFirst()
                    .ifPresent(
                            place -> arcs.add(new Arc(before, then, gap(one, two, place.resource()), Bond.PLACE, -1)));
        }

        private boolean excludes(Placement one, Placement two, Activity first, Activity then) {
            Machine machine = machine(one.resource());
            return one.units() + two.units() > machine.capacity() || gap(first, then, one.resource()) > 0;
        }

        private Machine machine(String id) {
            return network.problem.machines.stream()
                    .filter(machine -> machine.id().equals(id))
                    .findFirst()
                    .orElseThrow();
        }

        private int gap(Activity first, Activity then, String resource) {
            Machine machine = machine(resource);
            Task one = network.problem.task(first.step());
            Task two = network.problem.task(then.step());
            int heat = one.requirements().stream()
                    .flatMapToInt(mine -> two.requirements().stream()
                            .flatMapToInt(theirs -> IntStream.of(machine.heatGap(mine.heat(), theirs.heat()))))
                    .max()
                    .orElse(0);
            int rinse = one.component().equals(two.component()) ? 0 : machine.rinse();
            return Math.max(0, Math.max(heat, rinse));
        }
    }
}
