package hopsel.formats.json;

import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * What a number may be.
 *
 * @param least smallest value
 * @param open whether {@code least} itself is too small
 * @param most largest value; from here on it is beyond reason
 * @param whole whether fractions make no sense
 */
public record Bounds(BigDecimal least, boolean open, BigDecimal most, boolean whole) {

    /** Decimals that a number may have. */
    public static final int MOST_DECIMALS = 24;

    private static final BigDecimal A_YEAR = BigDecimal.valueOf(365 * 24 * 60);
    private static final BigDecimal BEYOND_REASON = BigDecimal.valueOf(10_000_000);

    /** Minutes of 0 or more, less than a year. */
    public static final Bounds TIME = new Bounds(BigDecimal.ZERO, false, A_YEAR, false);
    /** Minutes above 0, less than a year. */
    public static final Bounds SOME_TIME = new Bounds(BigDecimal.ZERO, true, A_YEAR, false);
    /** Minutes before or after going on air, within a year. */
    public static final Bounds MOMENT = new Bounds(A_YEAR.negate(), true, A_YEAR, false);
    /** 0 or more. */
    public static final Bounds NOT_NEGATIVE = new Bounds(BigDecimal.ZERO, false, BEYOND_REASON, false);
    /** Above 0. */
    public static final Bounds POSITIVE = new Bounds(BigDecimal.ZERO, true, BEYOND_REASON, false);
    /** A whole number, at least 1. */
    public static final Bounds COUNT = new Bounds(BigDecimal.ONE, false, BigDecimal.valueOf(10_000), true);
    /** A whole number, 0 or more. */
    public static final Bounds WHOLE = new Bounds(BigDecimal.ZERO, false, BigDecimal.valueOf(10_000), true);
    /** Days that something takes or is done before, 1 to 60. */
    public static final Bounds DAYS = new Bounds(BigDecimal.ONE, false, BigDecimal.valueOf(61), true);
    /** A share above 0 and below 1. */
    public static final Bounds LIKELIHOOD = new Bounds(BigDecimal.ZERO, true, BigDecimal.ONE, false);
    /** Above 0, at most 1. */
    public static final Bounds SHARE = new Bounds(BigDecimal.ZERO, true, new BigDecimal("1.0000000001"), false);
    /** Degrees of a kitchen, from deep frozen to a wood-fired oven. */
    public static final Bounds CELSIUS = new Bounds(BigDecimal.valueOf(-100), false, BigDecimal.valueOf(1000), false);

    /** What is wrong with the number, as a remedy; empty: nothing. */
    Optional<String> fault(BigDecimal number) {
        int low = number.compareTo(least);
        if (low < 0 || (open && low == 0)) {
            return Optional.of("It must be %s %s.".formatted(open ? "above" : "at least", least.toPlainString()));
        }
        if (number.compareTo(most) >= 0 || number.scale() > MOST_DECIMALS) {
            return Optional.of("That is beyond reason: it must be below %s.".formatted(most.toPlainString()));
        }
        if (whole && number.stripTrailingZeros().scale() > 0) {
            return Optional.of("It must be a whole number.");
        }
        return Optional.empty();
    }

    /** A value that does no harm where a faulty one stood. */
    BigDecimal harmless() {
        return BigDecimal.ONE;
    }

    /** The same as a schema says it. */
    ObjectNode schema() {
        ObjectNode node = Json.object().put("type", whole ? "integer" : "number");
        node.put(open ? "exclusiveMinimum" : "minimum", least);
        return this.equals(SHARE) ? node.put("maximum", 1) : node.put("exclusiveMaximum", most);
    }
}
