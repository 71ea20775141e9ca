package hopsel.core.solve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Clauses by the two literals each is watched by, and what was learnt among them. */
final class Clauses {

    private static final int MORE = 300;
    private static final int TELLING = 2;

    private final Trail trail;
    private final List<List<Clause>> watches = new ArrayList<>();
    private final List<Clause> learnt = new ArrayList<>();
    private int keepAtMost = 3000;

    Clauses(Trail trail) {
        this.trail = trail;
    }

    /** Room for one more decision. */
    void grow() {
        watches.add(new ArrayList<>());
        watches.add(new ArrayList<>());
    }

    /** The clauses that may follow up on a literal that became false. */
    List<Clause> watching(int wrong) {
        return watches.get(wrong);
    }

    /** Watches the two literals that became false last, or not yet. */
    void watch(Clause clause) {
        int[] literals = clause.literals;
        for (int place = 0; place < 2; place++) {
            int best = place;
            for (int k = place + 1; k < literals.length; k++) {
                if (lateness(literals[k]) > lateness(literals[best])) {
                    best = k;
                }
            }
            int swap = literals[place];
            literals[place] = literals[best];
            literals[best] = swap;
            watches.get(literals[place]).add(clause);
        }
    }

    private int lateness(int literal) {
        return trail.value(literal) >= 0 ? Integer.MAX_VALUE : trail.level(literal);
    }

    /** Looks for another literal to watch than one that became false; the other is first afterwards. */
    boolean movesOn(Clause clause, int wrong) {
        int[] literals = clause.literals;
        if (literals[0] == wrong) {
            literals[0] = literals[1];
            literals[1] = wrong;
        }
        if (trail.value(literals[0]) > 0) {
            return false;
        }
        for (int k = 2; k < literals.length; k++) {
            if (trail.value(literals[k]) >= 0) {
                literals[1] = literals[k];
                literals[k] = wrong;
                watches.get(literals[1]).add(clause);
                return true;
            }
        }
        return false;
    }

    /** Puts in what was learnt: its first literal is about to follow, its second became false last. */
    void learn(Clause fact) {
        learnt.add(fact);
        watches.get(fact.literals[0]).add(fact);
        watches.get(fact.literals[1]).add(fact);
    }

    /** Drops half of what was learnt, the least telling first, once there is much of it. */
    void forget() {
        if (learnt.size() < keepAtMost) {
            return;
        }
        List<Clause> sorted = new ArrayList<>(learnt);
        sorted.sort(Comparator.comparingInt(clause -> clause.levels));
        for (Clause clause : sorted.subList(sorted.size() / 2, sorted.size())) {
            clause.dropped = clause.levels > TELLING;
        }
        learnt.removeIf(clause -> clause.dropped);
        keepAtMost += MORE;
    }
}
