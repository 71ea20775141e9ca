package hopsel.core.plan;

/** How much work the planner may do, counted in inequalities looked at, so that the same class gives the same plan. */
final class Budget {

    private long left;

    Budget(long work) {
        this.left = work;
    }

    void spend(long work) {
        left -= work;
    }

    boolean spent() {
        return left <= 0;
    }

    /** A part of what is left, to be paid back by {@link #spend} when it is used. */
    Budget share(long work) {
        return new Budget(Math.min(left, work));
    }

    long left() {
        return left;
    }
}
