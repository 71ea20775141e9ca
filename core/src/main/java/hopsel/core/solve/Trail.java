package hopsel.core.solve;

import org.jspecify.annotations.Nullable;

import java.util.Arrays;

/** What is decided so far, in order, with the reason of each, and how decisions went before. */
final class Trail {

    private static final double DECAY = 1 / 0.95;
    private static final double HIGHEST = 1e100;

    /** By literal, both of a decision side by side. */
    private byte[] values = new byte[128];

    private boolean[] phases = new boolean[64];
    private double[] blame = new double[64];
    private int[] level = new int[64];
    private int[] changesBefore = new int[64];
    private Reason[] reasons = new Reason[64];
    private int decisions;
    private double increment = 1;
    /**
     * The way the last way that was found went; every new start begins there (Beck, "Solution-guided multi-point
     * constructive search", 2007).
     */
    private boolean[] best = {};

    private final Ints literals = new Ints();
    private final Ints levels = new Ints();
    private final Ints marks = new Ints();

    /** A new decision; the answer is its number. */
    int add() {
        if (decisions == phases.length) {
            int more = decisions * 2;
            values = Arrays.copyOf(values, 2 * more);
            phases = Arrays.copyOf(phases, more);
            blame = Arrays.copyOf(blame, more);
            level = Arrays.copyOf(level, more);
            changesBefore = Arrays.copyOf(changesBefore, more);
            reasons = Arrays.copyOf(reasons, more);
        }
        return decisions++;
    }

    int decisions() {
        return decisions;
    }

    int size() {
        return literals.size();
    }

    int literal(int index) {
        return literals.get(index);
    }

    /** 1 true, -1 false, 0 open. */
    int value(int literal) {
        return values[literal];
    }

    int level(int literal) {
        return level[Literal.decision(literal)];
    }

    /** Whether a literal has a value once and for all. */
    boolean fixed(int literal, int value) {
        return value(literal) == value && level(literal) == 0;
    }

    Reason reason(int literal) {
        return reasons[Literal.decision(literal)];
    }

    /** How many bounds had changed when the literal was set. */
    int changesBefore(int literal) {
        return changesBefore[Literal.decision(literal)];
    }

    void assign(int literal, @Nullable Reason reason, int changes) {
        int decision = Literal.decision(literal);
        values[literal] = 1;
        values[Literal.not(literal)] = -1;
        phases[decision] = (literal & 1) == 0;
        level[decision] = levels.size();
        changesBefore[decision] = changes;
        reasons[decision] = reason;
        literals.add(literal);
    }

    /** Opens a level; everything set from here on goes with it. */
    void open(int changes) {
        levels.add(literals.size());
        marks.add(changes);
    }

    int levels() {
        return levels.size();
    }

    /** Takes the levels above one back; the answer is how many bounds had changed then. */
    int back(int to) {
        int mark = levels.get(to);
        for (int i = literals.size() - 1; i >= mark; i--) {
            int literal = literals.get(i);
            values[literal] = 0;
            values[Literal.not(literal)] = 0;
        }
        literals.shrink(mark);
        int changes = marks.get(to);
        levels.shrink(to);
        marks.shrink(to);
        return changes;
    }

    // ---- how decisions went before

    boolean preferred(int literal) {
        return phases[Literal.decision(literal)] == ((literal & 1) == 0);
    }

    void prefer(int literal) {
        phases[Literal.decision(literal)] = (literal & 1) == 0;
    }

    /** Keeps how everything went for {@link #recall}. */
    void remember() {
        best = Arrays.copyOf(phases, decisions);
    }

    void recall() {
        System.arraycopy(best, 0, phases, 0, best.length);
    }

    double blame(int literal) {
        return blame[Literal.decision(literal)];
    }

    void bump(int literal) {
        blame[Literal.decision(literal)] += increment;
        if (blame[Literal.decision(literal)] > HIGHEST) {
            for (int d = 0; d < decisions; d++) {
                blame[d] /= HIGHEST;
            }
            increment /= HIGHEST;
        }
    }

    /** Blame that is older counts for less. */
    void age() {
        increment *= DECAY;
    }
}
