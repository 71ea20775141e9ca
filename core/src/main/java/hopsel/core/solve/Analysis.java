package hopsel.core.solve;

import java.util.Arrays;

/** From what broke to the first decision that alone, with earlier levels, makes it break. */
final class Analysis {

    private final Trail trail;
    private final Moments moments;
    private final boolean[] seen;
    private final Ints lower = new Ints();
    private final int top;
    private int open;
    private int[] clause = {};
    private int backTo;

    /**
     * @param broken true literals that cannot all be true
     * @param top the highest level among them
     */
    Analysis(Trail trail, Moments moments, int[] broken, int top) {
        this.trail = trail;
        this.moments = moments;
        this.seen = new boolean[trail.decisions()];
        this.top = top;
        for (int literal : broken) {
            see(literal);
        }
        finish(lastOfTop());
    }

    /** What was learnt; its first literal follows on the level to go back to. */
    int[] clause() {
        return clause;
    }

    int backTo() {
        return backTo;
    }

    /** How many levels the clause speaks of. */
    int levelsSpoken() {
        return (int) Arrays.stream(clause).map(trail::level).distinct().count();
    }

    private void see(int literal) {
        if (seen[Literal.decision(literal)] || trail.level(literal) == 0) {
            return;
        }
        seen[Literal.decision(literal)] = true;
        trail.bump(literal);
        if (trail.level(literal) == top) {
            open++;
        } else {
            lower.add(literal);
        }
    }

    private int lastOfTop() {
        int at = trail.size();
        while (true) {
            int literal = trail.literal(--at);
            if (seen[Literal.decision(literal)] && trail.level(literal) == top) {
                if (--open == 0) {
                    return literal;
                }
                for (int premise : premises(trail, moments, literal)) {
                    see(premise);
                }
            }
        }
    }

    private void finish(int asserted) {
        Ints kept = new Ints();
        kept.add(Literal.not(asserted));
        for (int i = 0; i < lower.size(); i++) {
            if (!redundant(lower.get(i))) {
                kept.add(Literal.not(lower.get(i)));
            }
        }
        clause = kept.toArray();
        if (clause.length > 1) {
            int highest = 1;
            for (int i = 2; i < clause.length; i++) {
                highest = trail.level(clause[i]) > trail.level(clause[highest]) ? i : highest;
            }
            int swap = clause[1];
            clause[1] = clause[highest];
            clause[highest] = swap;
            backTo = trail.level(clause[1]);
        }
    }

    /** Whether a literal follows from others that are in the clause anyway. */
    private boolean redundant(int literal) {
        return trail.reason(literal) != null
                && Arrays.stream(premises(trail, moments, literal))
                        .allMatch(premise -> seen[Literal.decision(premise)] || trail.level(premise) == 0);
    }

    /** The true literals from which a literal followed. */
    private static int[] premises(Trail trail, Moments moments, int literal) {
        Ints found = new Ints();
        if (trail.reason(literal) instanceof Clause clause) {
            for (int other : clause.literals) {
                if (other != literal) {
                    found.add(Literal.not(other));
                }
            }
        } else if (trail.reason(literal) instanceof Edge edge) {
            moments.explain(2 * edge.from(), trail.changesBefore(literal), found);
            moments.explain(2 * edge.to() + 1, trail.changesBefore(literal), found);
        }
        return found.toArray();
    }

    /** The assumptions that led to the opposite of one, and that one. */
    static int[] blamed(Trail trail, Moments moments, int assumption) {
        Ints blamed = new Ints();
        blamed.add(assumption);
        boolean[] seen = new boolean[trail.decisions()];
        seen[Literal.decision(assumption)] = true;
        for (int i = trail.size() - 1; i >= 0; i--) {
            int literal = trail.literal(i);
            if (seen[Literal.decision(literal)] && trail.level(literal) > 0) {
                if (trail.reason(literal) == null) {
                    blamed.add(literal);
                }
                for (int premise : premises(trail, moments, literal)) {
                    seen[Literal.decision(premise)] = true;
                }
            }
        }
        return Arrays.stream(blamed.toArray()).distinct().toArray();
    }
}
