package hopsel.core.dish;

import hopsel.core.measure.Minutes;

/**
 * How long a step takes, with its range. Plans use {@code likely}.
 *
 * @param low    at least, 0 or more
 * @param likely usually, above 0
 * @param high   at most
 */
public record StepMinutes(Minutes low, Minutes likely, Minutes high) {

    /** Checks the order. */
    public StepMinutes {
        if (low.isNegative() || low.compareTo(likely) > 0 || likely.compareTo(high) > 0) {
            throw new IllegalArgumentException("The minutes [%s, %s, %s] are not low ≤ likely ≤ high."
                    .formatted(low, likely, high));
        }
    }

    /** Always the same. */
    public static StepMinutes of(Minutes minutes) {
        return new StepMinutes(minutes, minutes, minutes);
    }

    /** Whether the ends differ. */
    public boolean isRange() {
        return low.compareTo(high) != 0;
    }
}
