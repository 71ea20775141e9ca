package hopsel.core.solve;

import java.util.function.BooleanSupplier;

/** How much a search may do, counted in rules looked at, so that the same question always gets the same answer. */
public final class Work {

    private long left;
    private final BooleanSupplier stopped;

    /** @param most rules that may be looked at */
    public Work(long most) {
        this(most, () -> false);
    }

    /**
     * @param most rules that may be looked at
     * @param stopped whether somebody has had enough; asked again and again, from the thread that searches
     */
    public Work(long most, BooleanSupplier stopped) {
        this.left = most;
        this.stopped = stopped;
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
        return left <= 0 || stopped.getAsBoolean();
    }

    /** Rules that may still be looked at. */
    public long left() {
        return left;
    }

    /** A part of it; what the part does is counted here by {@link #settle}. */
    public Work share(long most) {
        return new Work(Math.min(left, most), stopped);
    }

    /** Counts what a part has done. */
    public void settle(Work part, long given) {
        left -= Math.min(left, given) - part.left;
    }
}
