package hopsel.core.solve;

/** How much a search may do, counted in rules looked at, so that the same question always gets the same answer. */
public final class Work {

    private long left;

    /** @param most rules that may be looked at */
    public Work(long most) {
        this.left = most;
    }

    /** Counts some. */
    public void spend(long rules) {
        left -= rules;
    }

    /** Allows more. */
    public void grant(long more) {
        left += more;
    }

    /** Whether nothing is left. */
    public boolean spent() {
        return left <= 0;
    }

    /** Rules that may still be looked at. */
    public long left() {
        return left;
    }

    /** A part of it; what the part does is counted here by {@link #settle}. */
    public Work share(long most) {
        return new Work(Math.min(left, most));
    }

    /** Counts what a part has done. */
    public void settle(Work part, long given) {
        left -= Math.min(left, given) - part.left;
    }
}
