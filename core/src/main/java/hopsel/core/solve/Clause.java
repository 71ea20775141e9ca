package hopsel.core.solve;

/** At least one of some literals is true; the first two are the ones watched. */
final class Clause implements Reason {

    final int[] literals;
    /** How many decision levels it spoke of when it was learnt; few is good. */
    final int levels;

    boolean dropped;

    Clause(int[] literals, int levels) {
        this.literals = literals;
        this.levels = levels;
    }
}
