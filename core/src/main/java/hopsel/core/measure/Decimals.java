package hopsel.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * The one place that says how exact numbers are carried and rounded.
 *
 * <p>Sums are carried to 34 digits and rounded once, at the end. Because a third of something has no end in decimals, a
 * figure is first brought to 20 digits, so that three thirds are one again before the last rounding.
 */
public final class Decimals {

    /** Precision of every division and root in the core. */
    public static final MathContext EXACT = MathContext.DECIMAL128;

    private static final MathContext GUARD = new MathContext(20, RoundingMode.HALF_UP);

    private Decimals() {}

    /** The same number without trailing zeros, so that 1.50 and 1.5 are equal records. */
    public static BigDecimal plain(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
    }

    /** Grams as lists show them: to 0.1, half up. */
    public static BigDecimal tenths(BigDecimal grams) {
        return grams.round(GUARD).setScale(1, RoundingMode.HALF_UP);
    }

    /** Money as lists show it: to 0.01, half up. */
    public static BigDecimal money(BigDecimal amount) {
        return amount.round(GUARD).setScale(2, RoundingMode.HALF_UP);
    }

    /** {@code dividend} ÷ {@code divisor} to 34 digits. */
    public static BigDecimal ratio(BigDecimal dividend, BigDecimal divisor) {
        return dividend.divide(divisor, EXACT);
    }

    /** Fails with a message that names the thing and the value, unless the number is above zero. */
    public static BigDecimal positive(String what, BigDecimal number) {
        if (number.signum() <= 0) {
            throw new IllegalArgumentException("%s [%s] must be above 0.".formatted(what, number.toPlainString()));
        }
        return plain(number);
    }

    /** Fails with a message that names the thing and the value, if the number is below zero. */
    public static BigDecimal notNegative(String what, BigDecimal number) {
        if (number.signum() < 0) {
            throw new IllegalArgumentException("%s [%s] must not be below 0.".formatted(what, number.toPlainString()));
        }
        return plain(number);
    }
}
