package hopsel.core.plan;

/**
 * A complete answer for one choice.
 *
 * @param network activities and rules
 * @param starts seconds, by node; the last is {@code airEnd}
 * @param people machine number by node, or -1 where no hands are needed
 * @param machines machine number by node and need
 */
record Schedule(Network network, int[] starts, int[] people, int[][] machines) {

    static final int NOBODY = -1;

    int airEnd() {
        return starts[network.end];
    }

    int end(int node) {
        return starts[node] + network.nodes.get(node).duration();
    }
}
