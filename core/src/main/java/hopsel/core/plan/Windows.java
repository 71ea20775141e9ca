package hopsel.core.plan;

import hopsel.core.plan.Network.Edge;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;

/**
 * Earliest and latest starts of all activities, kept true while orders are added, and taken back.
 *
 * <p>A trail remembers every change, so that a search can return to any point before.
 */
final class Windows {

    private final Network network;
    private final int size;
    private final int[] earliest;
    private final int[] latest;
    private final Calendar[] calendars;
    private final List<List<Edge>> out = new ArrayList<>();
    private final List<List<Edge>> in = new ArrayList<>();
    private final Deque<Runnable> trail = new ArrayDeque<>();
    private final Deque<Integer> open = new ArrayDeque<>();
    private final boolean[] waiting;
    private final Budget budget;
    private boolean contradicted;

    Windows(Network network, int deadline, Budget budget) {
        this.network = network;
        this.size = network.end + 1;
        this.earliest = new int[size];
        this.latest = new int[size];
        this.calendars = new Calendar[size];
        this.waiting = new boolean[size];
        this.budget = budget;
        for (int n = 0; n < size; n++) {
            out.add(new ArrayList<>());
            in.add(new ArrayList<>());
        }
        network.edges.forEach(this::link);
        for (int n = 0; n < network.end; n++) {
            calendars[n] = network.nodes.get(n).calendar();
            earliest[n] = calendars[n].atOrAfter(-Calendar.NEVER);
            latest[n] = calendars[n].atOrBefore(network.horizon);
            contradicted |= earliest[n] > latest[n];
            wake(n);
        }
        calendars[network.end] = Calendar.ALWAYS;
        latest[network.end] = Math.min(deadline, network.horizon);
        wake(network.end);
    }

    private void link(Edge edge) {
        out.get(edge.from()).add(edge);
        in.get(edge.to()).add(edge);
    }

    int earliest(int node) {
        return earliest[node];
    }

    int latest(int node) {
        return latest[node];
    }

    /** A point to which {@link #back} can return. */
    int mark() {
        return trail.size();
    }

    /** Takes back everything since the mark. */
    void back(int mark) {
        while (trail.size() > mark) {
            trail.pop().run();
        }
        open.clear();
        Arrays.fill(waiting, false);
        contradicted = false;
    }

    /** Adds an order: one ends, a gap passes, the other starts. */
    void order(int first, int then, int gap) {
        Edge edge = new Edge(first, then, network.nodes.get(first).duration() + gap, 15, Edge.Sort.ORDER, gap);
        link(edge);
        trail.push(() -> {
            out.get(first).remove(out.get(first).size() - 1);
            in.get(then).remove(in.get(then).size() - 1);
        });
        wake(first);
        wake(then);
    }

    /** Lets an activity start only at some moments. */
    void restrict(int node, Calendar calendar) {
        Calendar before = calendars[node];
        calendars[node] = calendar;
        trail.push(() -> calendars[node] = before);
        raise(node, earliest[node]);
        lower(node, latest[node]);
    }

    private void wake(int node) {
        if (!waiting[node]) {
            waiting[node] = true;
            open.add(node);
        }
    }

    /** Pushes until nothing moves; false: there is no way. */
    boolean settle() {
        while (!contradicted && !open.isEmpty()) {
            int node = open.poll();
            waiting[node] = false;
            budget.spend(1 + out.get(node).size() + in.get(node).size());
            push(node);
            if (budget.spent()) {
                return false;
            }
        }
        return !contradicted;
    }

    private void push(int node) {
        for (Edge edge : out.get(node)) {
            if (earliest[node] + edge.least() > earliest[edge.to()]) {
                raise(edge.to(), earliest[node] + edge.least());
            }
        }
        for (Edge edge : in.get(node)) {
            if (latest[node] - edge.least() < latest[edge.from()]) {
                lower(edge.from(), latest[node] - edge.least());
            }
        }
    }

    private void raise(int node, int moment) {
        int before = earliest[node];
        int after = node == network.end ? moment : calendars[node].atOrAfter(moment);
        if (after > before) {
            earliest[node] = after;
            trail.push(() -> earliest[node] = before);
            contradicted |= after > latest[node];
            wake(node);
        }
    }

    private void lower(int node, int moment) {
        int before = latest[node];
        int after = node == network.end ? moment : calendars[node].atOrBefore(moment);
        if (after < before) {
            latest[node] = after;
            trail.push(() -> latest[node] = before);
            contradicted |= earliest[node] > after;
            wake(node);
        }
    }
}
