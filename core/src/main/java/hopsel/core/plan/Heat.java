package hopsel.core.plan;

import java.math.BigDecimal;

/**
 * The temperatures an activity accepts, in °C, both ends included.
 *
 * @param from lower end
 * @param to upper end
 */
record Heat(BigDecimal from, BigDecimal to) {

    static Heat around(BigDecimal celsius, BigDecimal tolerance) {
        return new Heat(celsius.subtract(tolerance), celsius.add(tolerance));
    }

    boolean meets(Heat other) {
        return from.compareTo(other.to) <= 0 && other.from.compareTo(to) <= 0;
    }

    Heat common(Heat other) {
        return new Heat(from.max(other.from), to.min(other.to));
    }

    BigDecimal nearest(BigDecimal celsius) {
        return celsius.max(from).min(to);
    }
}
