package hopsel.core.measure;

import java.math.BigDecimal;

/**
 * How much of an ingredient: a number and a unit, or "certain, and up to". Immutable.
 *
 * @param low  what certainly goes in; 0 or more, at most {@code high}
 * @param high what may go in at most, above 0; trays, kits and shopping count with it
 * @param unit what is counted
 */
public record Amount(BigDecimal low, BigDecimal high, Unit unit) {

    /** Checks the order of the two ends. */
    public Amount {
        low = Decimals.notNegative("The lower amount", low);
        high = Decimals.positive("The amount", high);
        if (low.compareTo(high) > 0) {
            throw new IllegalArgumentException("The lower amount [%s] is above the upper [%s].".formatted(low, high));
        }
    }

    /** A single amount. */
    public static Amount of(BigDecimal number, Unit unit) {
        return new Amount(number, number, unit);
    }

    /** Whether both ends differ. */
    public boolean isRange() {
        return low.compareTo(high) != 0;
    }
}
