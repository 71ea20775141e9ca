package hopsel.core.plan;

import hopsel.core.plan.Network.Edge;
import hopsel.core.plan.Network.Node;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/**
 * The earliest moments of a network if every person and machine could do any number of things at once.
 *
 * <p>All rules between activities, and the calendars, only ever push a start later; so pushing until nothing moves
 * (Bellman and Ford's labels, with calendars) gives the least solution, or shows that there is none.
 */
final class Relaxation {

    private final Network network;
    private final int[] earliest;
    private final boolean possible;

    private Relaxation(Network network, BitSet withoutEdges, BitSet withoutCalendars) {
        this.network = network;
        this.earliest = new int[network.nodes.size() + 1];
        this.possible = push(withoutEdges, withoutCalendars);
    }

    static Relaxation of(Network network) {
        return new Relaxation(network, new BitSet(), new BitSet());
    }

    /** As if some edges and some activities' calendars were not there; for finding out which of them are to blame. */
    static Relaxation without(Network network, BitSet edges, BitSet calendars) {
        return new Relaxation(network, edges, calendars);
    }

    boolean possible() {
        return possible;
    }

    int earliest(int node) {
        return earliest[node];
    }

    private boolean push(BitSet withoutEdges, BitSet withoutCalendars) {
        List<List<Edge>> out = new ArrayList<>();
        earliest[network.end] = 0;
        for (int n = 0; n < earliest.length; n++) {
            out.add(new ArrayList<>());
        }
        for (int e = 0; e < network.edges.size(); e++) {
            if (!withoutEdges.get(e)) {
                out.get(network.edges.get(e).from()).add(network.edges.get(e));
            }
        }
        Deque<Integer> open = new ArrayDeque<>();
        for (int n = 0; n < network.end; n++) {
            earliest[n] = calendar(n, withoutCalendars).atOrAfter(-Calendar.NEVER);
            if (earliest[n] >= network.horizon) {
                return false;
            }
            open.add(n);
        }
        open.add(network.end);
        return settle(out, open, withoutCalendars);
    }

    private boolean settle(List<List<Edge>> out, Deque<Integer> open, BitSet withoutCalendars) {
        while (!open.isEmpty()) {
            int from = open.poll();
            for (Edge edge : out.get(from)) {
                int to = edge.to();
                int moved = earliest[from] <= -Calendar.NEVER ? -Calendar.NEVER : earliest[from] + edge.least();
                if (moved > earliest[to]) {
                    earliest[to] = to == network.end ? moved : calendar(to, withoutCalendars).atOrAfter(moved);
                    if (earliest[to] > network.horizon) {
                        return false;
                    }
                    open.add(to);
                }
            }
        }
        return true;
    }

    private Calendar calendar(int node, BitSet without) {
        return without.get(node) ? Calendar.ALWAYS : network.nodes.get(node).calendar();
    }

    /**
     * Seconds before which the class cannot be over: the longest chain, or the hosts' hands work on air between the
     * moment it can begin and what has to follow it. {@link Calendar#NEVER} where the rules contradict each other.
     */
    int lowerBound() {
        if (!possible) {
            return Calendar.NEVER;
        }
        int[] tails = tails();
        List<Integer> shows = new ArrayList<>();
        for (int n = 0; n < network.end; n++) {
            Node node = network.nodes.get(n);
            if (node.shown() && node.task().hands() && tails[n] > -Calendar.NEVER) {
                shows.add(n);
            }
        }
        return Math.max(earliest[network.end], load(shows, tails));
    }

    private int load(List<Integer> shows, int[] tails) {
        shows.sort(Comparator.comparingInt(n -> -earliest[n]));
        int best = 0;
        for (int last : shows) {
            int after = tails[last] - network.nodes.get(last).duration();
            int sum = 0;
            for (int n : shows) {
                int duration = network.nodes.get(n).duration();
                if (tails[n] - duration >= after) {
                    sum += duration;
                    best = Math.max(best, earliest[n] + (sum + network.problem.hosts - 1) / network.problem.hosts + after);
                }
            }
        }
        return best;
    }

    /** Seconds from each start to the end of the class at least. */
    private int[] tails() {
        int[] tails = new int[earliest.length];
        Arrays.fill(tails, -Calendar.NEVER);
        tails[network.end] = 0;
        boolean moved = true;
        for (int round = 0; moved && round < tails.length; round++) {
            moved = false;
            for (Edge edge : network.edges) {
                int through = tails[edge.to()] <= -Calendar.NEVER ? -Calendar.NEVER : tails[edge.to()] + edge.least();
                if (through > tails[edge.from()]) {
                    tails[edge.from()] = through;
                    moved = true;
                }
            }
        }
        return tails;
    }
}
