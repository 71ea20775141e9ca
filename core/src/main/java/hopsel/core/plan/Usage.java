package hopsel.core.plan;

import hopsel.core.plan.Network.Node;

/** When two activities may share a machine, and how far apart they have to be where they may not. */
final class Usage {

    private final Network network;
    private final int[] people;
    private final int[][] machines;

    Usage(Network network, int[] people, int[][] machines) {
        this.network = network;
        this.people = people;
        this.machines = machines;
    }

    /** Units of a machine that an activity holds. */
    int units(int node, int machine) {
        if (people[node] == machine) {
            return 1;
        }
        int sum = 0;
        Node held = network.nodes.get(node);
        for (int need = 0; need < machines[node].length; need++) {
            if (machines[node][need] == machine) {
                sum += held.task().requirements().get(need).units();
            }
        }
        return sum;
    }

    /**
     * Seconds from the end of the first to the start of the second on this machine, if they must not overlap;
     * {@link Machine#NO_GAP} if they may.
     */
    int gap(int first, int then, int machine) {
        Machine held = network.problem.machines.get(machine);
        int gap = units(first, machine) + units(then, machine) > held.capacity() ? 0 : Machine.NO_GAP;
        if (held.rinse() > 0 && strangers(first, then)) {
            gap = Math.max(gap, held.rinse());
        }
        return Math.max(gap, heatGap(first, then, machine, held));
    }

    private boolean strangers(int first, int then) {
        return !network.nodes
                .get(first)
                .task()
                .component()
                .equals(network.nodes.get(then).task().component());
    }

    private int heatGap(int first, int then, int machine, Machine held) {
        int gap = Machine.NO_GAP;
        for (int i = 0; i < machines[first].length; i++) {
            for (int j = 0; j < machines[then].length && machines[first][i] == machine; j++) {
                if (machines[then][j] == machine) {
                    gap = Math.max(
                            gap,
                            held.heatGap(
                                    network.nodes
                                            .get(first)
                                            .task()
                                            .requirements()
                                            .get(i)
                                            .heat(),
                                    network.nodes
                                            .get(then)
                                            .task()
                                            .requirements()
                                            .get(j)
                                            .heat()));
                }
            }
        }
        return gap;
    }
}
