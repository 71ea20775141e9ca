package hopsel.core.plan;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Network.Edge;
import hopsel.core.plan.Problem.Task;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * A smallest set of rules that contradict each other: taking any one of them away would leave no contradiction.
 *
 * <p>A deletion filter (Chinneck, "Feasibility and Infeasibility in Optimization", 2008): each rule in turn is taken
 * away for good if what is left still contradicts itself.
 */
final class Contradiction {

    private final Problem problem;
    private final Network network;
    private final BitSet edgesOut = new BitSet();
    private final BitSet calendarsOut = new BitSet();

    private Contradiction(Problem problem, Network network) {
        this.problem = problem;
        this.network = network;
        for (int n = 0; n < network.end; n++) {
            drop(calendarsOut, n);
        }
        for (int e = 0; e < network.edges.size(); e++) {
            drop(edgesOut, e);
        }
    }

    /** The conflicts behind an impossible relaxation. */
    static List<Conflict> explain(Problem problem, Network network) {
        return new Contradiction(problem, network).conflicts();
    }

    private void drop(BitSet out, int index) {
        out.set(index);
        if (Relaxation.without(network, edgesOut, calendarsOut).possible()) {
            out.clear(index);
        }
    }

    private List<Conflict> conflicts() {
        List<Conflict> conflicts = new ArrayList<>();
        for (int n = 0; n < network.end; n++) {
            if (!calendarsOut.get(n)) {
                calendar(network.nodes.get(n), conflicts);
            }
        }
        for (int e = 0; e < network.edges.size(); e++) {
            if (!edgesOut.get(e)) {
                conflicts.add(edge(network.edges.get(e)));
            }
        }
        return conflicts.stream().distinct().toList();
    }

    private void calendar(Network.Node node, List<Conflict> conflicts) {
        Task task = node.task();
        List<StepRef> steps = List.of(task.ref());
        if (node.shown()) {
            conflicts.add(new Conflict(2, steps, "%s must be shown, so it cannot start before the class. Let it be done off camera."
                    .formatted(Words.quoted(task))));
            return;
        }
        conflicts.add(new Conflict(4, steps, "%s (%s) can only be begun while somebody is in the kitchen%s. %s"
                .formatted(Words.quoted(task), Words.time(task.duration()), opening(), "Open the kitchen earlier or for longer.")));
        if (task.hands() && !problem.hasAssistant) {
            conflicts.add(new Conflict(3, steps, "%s is hands work off camera; on air only an assistant could do it, and there is none. %s"
                    .formatted(Words.quoted(task), "Bring an assistant, or show it.")));
        }
    }

    private String opening() {
        return problem.windows.isEmpty() ? ", and it is not open before the class"
                : ", from %s at the earliest".formatted(Words.moment(problem.windows.get(0)[0]));
    }

    private Conflict edge(Edge edge) {
        List<StepRef> steps = new ArrayList<>();
        for (int n : new int[] {edge.from(), edge.to()}) {
            if (n != network.end && !steps.contains(network.nodes.get(n).ref())) {
                steps.add(network.nodes.get(n).ref());
            }
        }
        return new Conflict(edge.rule(), steps, message(edge));
    }

    private String message(Edge edge) {
        String from = name(edge.from());
        String to = name(edge.to());
        return switch (edge.sort()) {
            case KEEPS -> "%s keeps only %s before %s. Let it keep longer, or make it later.".formatted(to,
                    Words.time(edge.figure()), edge.from() == network.end ? "the end of the class" : from);
            case WITHIN -> "%s has to start within %s of the end of %s. Allow more time between them.".formatted(from,
                    Words.time(edge.figure()), to);
            case END -> "The class is not over before %s is done.".formatted(from);
            case ORDER -> edge.figure() > 0 ? "%s waits for %s, and %s more.".formatted(to, from, Words.time(edge.figure()))
                    : "%s waits for %s.".formatted(to, from);
        };
    }

    private String name(int node) {
        return node == network.end ? "the end of the class" : Words.quoted(network.nodes.get(node).task());
    }
}
