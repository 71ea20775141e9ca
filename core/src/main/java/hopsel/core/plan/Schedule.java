package hopsel.core.plan;

import hopsel.core.classes.TalkPiece;

import java.util.List;

/**
 * A complete answer for one choice.
 *
 * @param network activities and rules
 * @param starts seconds, by node; the last is {@code airEnd}
 * @param people machine number by node, or -1 where no hands are needed
 * @param machines machine number by node and need
 * @param hands by node: hands at its ends, or while it is shown
 * @param talk what is said, in order
 */
record Schedule(
        Network network, int[] starts, int[] people, int[][] machines, List<List<HandsAt>> hands, List<TalkAt> talk) {

    /**
     * Somebody's hands for a part of an activity.
     *
     * @param offset seconds after its start
     * @param lasts seconds
     * @param machine number of the person
     */
    record HandsAt(HandsPart part, int offset, int lasts, int machine) {}

    /**
     * What is said.
     *
     * @param start seconds
     * @param machine number of the person
     */
    record TalkAt(TalkPiece piece, int start, int machine) {

        int end() {
            return start + piece.minutes().seconds();
        }
    }

    static final int NOBODY = -1;

    int airEnd() {
        return starts[network.end];
    }

    int end(int node) {
        return starts[node] + network.nodes.get(node).duration();
    }
}
