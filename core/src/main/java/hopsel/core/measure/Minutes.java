package hopsel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A length of time, or a moment relative to going on air, in minutes as the cook wrote it. Immutable.
 *
 * @param value minutes; may be fractional, and negative for a moment before the class
 */
public record Minutes(BigDecimal value) implements Comparable<Minutes> {

    /** No time at all, or the moment of going on air. */
    public static final Minutes ZERO = new Minutes(BigDecimal.ZERO);

    private static final BigDecimal SIXTY = BigDecimal.valueOf(60);
    private static final BigDecimal HALF = new BigDecimal("0.5");

    /** Keeps the value without trailing zeros. */
    public Minutes {
        value = Decimals.plain(value);
    }

    /** So many minutes. */
    public static Minutes of(BigDecimal minutes) {
        return new Minutes(minutes);
    }

    /** So many whole minutes. */
    public static Minutes of(long minutes) {
        return new Minutes(BigDecimal.valueOf(minutes));
    }

    /** Whole seconds, halves rounded up (towards later). */
    public int seconds() {
        return value.multiply(SIXTY).add(HALF).setScale(0, RoundingMode.FLOOR).intValueExact();
    }

    /** The nearest half minute. */
    public Minutes toHalves() {
        return new Minutes(value.add(value).setScale(0, RoundingMode.HALF_UP).multiply(HALF));
    }

    /** Whether this is before zero. */
    public boolean isNegative() {
        return value.signum() < 0;
    }

    @Override
    public int compareTo(Minutes other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value.toPlainString();
    }
}
