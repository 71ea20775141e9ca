package hopsel.core.solve;

import java.util.Arrays;

/**
 * The edges that leave one side of a moment, in columns: what is read of each at every move of the bound lies together,
 * for that is where the search spends its time.
 */
final class Edges {

    private int[] guards = new int[4];
    private int[] sides = new int[4];
    private int[] leasts = new int[4];
    private Edge[] edges = new Edge[4];
    private int size;

    /** @param side the bound that the edge may move, in the numbering of {@link Moments} */
    void add(Edge edge, int side) {
        if (size == edges.length) {
            int more = size * 2;
            guards = Arrays.copyOf(guards, more);
            sides = Arrays.copyOf(sides, more);
            leasts = Arrays.copyOf(leasts, more);
            edges = Arrays.copyOf(edges, more);
        }
        guards[size] = edge.guard();
        sides[size] = side;
        leasts[size] = edge.least();
        edges[size++] = edge;
    }

    int size() {
        return size;
    }

    int guard(int index) {
        return guards[index];
    }

    int side(int index) {
        return sides[index];
    }

    int least(int index) {
        return leasts[index];
    }

    Edge edge(int index) {
        return edges[index];
    }
}
