package hopsel.core.solve;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Earliest and latest of every moment under the rules that hold, with the reason of each, and a way back.
 *
 * <p>Every bound follows from one other bound by one edge, so a bound's reason is a chain of edges, and the guards
 * along it are what it depends on.
 */
final class Moments {

    /** Beyond any time of a class. */
    static final int FAR = Integer.MAX_VALUE / 4;

    private static final int ROOT = -1;
    private static final int SUSPICIOUS = 6;

    /** Bounds, two for each moment: lowest at 2 × moment, and minus the highest at 2 × moment + 1. */
    private int[] bounds = new int[16];

    private int[] entries = new int[16];
    private int[] raises = new int[16];
    private int size;
    /** By side: the edges along which it moves others. */
    private final List<Edges> along = new ArrayList<>();

    private final Ints changed = new Ints();
    private final Ints before = new Ints();
    private final Ints beforeEntry = new Ints();
    private final Ints premise = new Ints();
    private final List<Reason> because = new ArrayList<>();
    private int[] seen = new int[16];
    private int look;
    private final Ints open = new Ints();
    private final Ints raised = new Ints();

    int add(int lowest, int highest) {
        if (2 * size + 2 > bounds.length) {
            bounds = Arrays.copyOf(bounds, bounds.length * 2);
            entries = Arrays.copyOf(entries, bounds.length);
            raises = Arrays.copyOf(raises, bounds.length);
        }
        bounds[2 * size] = lowest;
        bounds[2 * size + 1] = -highest;
        entries[2 * size] = ROOT;
        entries[2 * size + 1] = ROOT;
        along.add(new Edges());
        along.add(new Edges());
        return size++;
    }

    int size() {
        return size;
    }

    void link(Edge edge) {
        along.get(2 * edge.from()).add(edge, 2 * edge.to());
        along.get(2 * edge.to() + 1).add(edge, 2 * edge.from() + 1);
    }

    /** The edges along which a side moves others. */
    Edges along(int side) {
        return along.get(side);
    }

    int lowest(int moment) {
        return bounds[2 * moment];
    }

    int highest(int moment) {
        return -bounds[2 * moment + 1];
    }

    int bound(int side) {
        return bounds[side];
    }

    /** The number of changes so far; a point to which {@link #back} returns. */
    int mark() {
        return changed.size();
    }

    int changedSide(int entry) {
        return changed.get(entry);
    }

    /** The last change of a bound; negative where it never changed. */
    int entry(int side) {
        return entries[side];
    }

    /** A new value of a bound that follows from another by an edge. */
    void set(int side, int value, Edge edge, int from) {
        change(side, value, edge, entries[from]);
    }

    /** A new value of a bound that follows from several others. */
    void set(int side, int value, Deduction deduction) {
        change(side, value, deduction, ROOT);
    }

    private void change(int side, int value, Reason reason, int from) {
        changed.add(side);
        before.add(bounds[side]);
        beforeEntry.add(entries[side]);
        premise.add(from);
        because.add(reason);
        bounds[side] = value;
        entries[side] = changed.size() - 1;
        if (raises[side]++ == 0) {
            raised.add(side);
        }
    }

    void back(int mark) {
        for (int e = changed.size() - 1; e >= mark; e--) {
            int side = changed.get(e);
            bounds[side] = before.get(e);
            entries[side] = beforeEntry.get(e);
        }
        changed.shrink(mark);
        before.shrink(mark);
        beforeEntry.shrink(mark);
        premise.shrink(mark);
        because.subList(mark, because.size()).clear();
    }

    /** Forgets how often bounds were moved since the last call. */
    void calm() {
        for (int i = 0; i < raised.size(); i++) {
            raises[raised.get(i)] = 0;
        }
        raised.shrink(0);
    }

    /** Whether a bound moved so often that a circle is likely. */
    boolean suspicious(int side) {
        return raises[side] > SUSPICIOUS && raises[side] % SUSPICIOUS == 1;
    }

    /** The guards of a circle of edges through this bound, or null where its chain has none. */
    int @Nullable [] circle(int side) {
        Ints guards = new Ints();
        int at = entries[side];
        while (at != ROOT && because.get(at) instanceof Edge edge) {
            guards.add(edge.guard());
            at = premise.get(at);
            if (at != ROOT && changed.get(at) == side) {
                return guards.toArray();
            }
        }
        return null;
    }

    /** Collects the guards that a bound depended on when there had been so many changes. */
    void explain(int side, int mark, Ints guards) {
        int entry = entries[side];
        while (entry >= mark) {
            entry = beforeEntry.get(entry);
        }
        explainAll(new int[] {entry}, guards);
    }

    /** Collects the guards that a deduction depends on. */
    void explain(Deduction deduction, Ints guards) {
        for (int guard : deduction.guards()) {
            guards.add(guard);
        }
        explainAll(deduction.entries(), guards);
    }

    private void explainAll(int[] from, Ints guards) {
        if (seen.length < changed.size()) {
            seen = Arrays.copyOf(seen, changed.size() * 2);
        }
        look++;
        visit(from);
        while (!open.isEmpty()) {
            int entry = open.last();
            open.shrink(open.size() - 1);
            if (because.get(entry) instanceof Edge edge) {
                guards.add(edge.guard());
                visit(premise.get(entry));
            } else if (because.get(entry) instanceof Deduction deduction) {
                for (int guard : deduction.guards()) {
                    guards.add(guard);
                }
                visit(deduction.entries());
            }
        }
    }

    private void visit(int... some) {
        for (int entry : some) {
            if (entry != ROOT && seen[entry] != look) {
                seen[entry] = look;
                open.add(entry);
            }
        }
    }
}
