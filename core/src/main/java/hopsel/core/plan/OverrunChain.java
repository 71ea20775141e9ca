package hopsel.core.plan;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Network.Edge;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** The chain of activities, each starting the moment the one before lets it, that makes a class overrun. */
final class OverrunChain {

    private final Problem problem;
    private final Network network;
    private final int[] starts;
    private final Usage usage;

    private OverrunChain(Problem problem, Network network, int[] starts, Usage usage) {
        this.problem = problem;
        this.network = network;
        this.starts = starts;
        this.usage = usage;
    }

    static Conflict of(Problem problem, Network network, int[] starts, Usage usage) {
        OverrunChain chain = new OverrunChain(problem, network, starts, usage);
        List<Integer> nodes = chain.nodes();
        List<StepRef> steps =
                nodes.stream().map(n -> network.nodes.get(n).ref()).distinct().toList();
        int over = starts[network.end] - problem.air;
        return new Conflict(
                7,
                steps,
                ("The class runs over by %s because these follow each other without a gap: %s. "
                                + "A swap-out, prep ahead, another pair of hands or a longer class would fix it.")
                        .formatted(
                                Words.time(over),
                                String.join(
                                        ", then ",
                                        nodes.stream()
                                                .map(n -> Words.quoted(
                                                        network.nodes.get(n).task()))
                                                .distinct()
                                                .toList())));
    }

    private List<Integer> nodes() {
        List<Integer> chain = new ArrayList<>();
        int at = cause(network.end, chain);
        if (at < 0) {
            // The closing words are last: what they waited for.
            at = IntStream.range(0, network.end)
                    .boxed()
                    .max(Comparator.comparingInt(
                            n -> starts[n] + network.nodes.get(n).duration()))
                    .orElse(-1);
        }
        while (at >= 0 && chain.size() <= network.end) {
            chain.add(at);
            at = cause(at, chain);
        }
        Collections.reverse(chain);
        return chain;
    }

    /** What a node had to wait for: a rule first, a person or a machine otherwise; -1: nothing. */
    private int cause(int node, List<Integer> seen) {
        if (node != network.end && starts[node] <= 0) {
            return -1;
        }
        for (Edge edge : network.edges) {
            if (edge.to() == node
                    && edge.from() != network.end
                    && !seen.contains(edge.from())
                    && starts[edge.from()] + edge.least() == starts[node]) {
                return edge.from();
            }
        }
        for (int other = 0; node != network.end && other < network.end; other++) {
            if (!seen.contains(other) && other != node && freed(other, node)) {
                return other;
            }
        }
        return -1;
    }

    private boolean freed(int other, int node) {
        int end = starts[other] + network.nodes.get(other).duration();
        for (int machine = 0; machine < problem.machines.size() && end <= starts[node]; machine++) {
            if (usage.units(other, machine) > 0
                    && usage.units(node, machine) > 0
                    && end + Math.max(0, usage.gap(other, node, machine)) == starts[node]) {
                return true;
            }
        }
        return false;
    }
}
