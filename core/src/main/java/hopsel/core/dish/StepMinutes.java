package hopsel.core.dish;

import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;

/**
 * How long a step takes, with its range. Plans use {@code likely}.
 *
 * @param low at least, 0 or more
 * @param likely usually, above 0
 * @param high at most
 */
public record StepMinutes(Minutes low, Minutes likely, Minutes high) {

    /** The longest that a step may take: 364 days, for a class file takes times under a year. */
    public static final Minutes LONGEST = Minutes.of(364L * 24 * 60);

    /** Checks the order. */
    public StepMinutes {
        if (low.isNegative() || low.compareTo(likely) > 0 || likely.compareTo(high) > 0) {
            throw new IllegalArgumentException(
                    "The minutes [%s, %s, %s] are not low ≤ likely ≤ high.".formatted(low, likely, high));
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

    /**
     * The same work several times, one after the other.
     *
     * @param often 1 or more
     */
    public StepMinutes times(int often) {
        BigDecimal factor = BigDecimal.valueOf(often);
        return new StepMinutes(
                Minutes.of(low.value().multiply(factor)),
                Minutes.of(likely.value().multiply(factor)),
                Minutes.of(high.value().multiply(factor)));
    }

    /** Another likely length; the range goes along in proportion, to the half minute. */
    public StepMinutes stretched(Minutes other) {
        BigDecimal factor = Decimals.ratio(other.value(), likely.value());
        Minutes least = Minutes.of(low.value().multiply(factor)).toHalves();
        Minutes most = Minutes.of(high.value().multiply(factor)).toHalves();
        return new StepMinutes(
                least.compareTo(other) > 0 ? other : least, other, most.compareTo(other) < 0 ? other : most);
    }
}
