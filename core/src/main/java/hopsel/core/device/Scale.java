package hopsel.core.device;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;

/**
 * A simulated kitchen scale: it wobbles before it settles, can drift, be overloaded, and fall silent. Immutable; what
 * it shows at a moment is a function of its state.
 *
 * @param load grams that lie on it now
 * @param was grams that lay on it before the last change
 * @param zero grams that tare takes off
 * @param changed when the load last changed
 * @param zeroed when it was last set to zero; drift counts from there
 * @param fault what is wrong with it
 */
public record Scale(BigDecimal load, BigDecimal was, BigDecimal zero, Instant changed, Instant zeroed, Fault fault) {

    /** What can be wrong with a scale. */
    public enum Fault {
        NONE,
        DRIFTS,
        SHAKY,
        SILENT
    }

    /** What a scale can hold, grams, and what it shows, grams. */
    public static final BigDecimal CAPACITY = BigDecimal.valueOf(5000);

    private static final BigDecimal SHOWS = new BigDecimal("0.1");
    /** Seconds in which the wobble falls to a third, and after which a weight is said to have settled. */
    private static final double DAMPING = 0.35;

    private static final double SETTLED = 1.4;
    /** Swings a second, and how far the first goes as a share of the change. */
    private static final double SWINGS = 2.3;

    private static final double FIRST = 0.12;
    /** Grams a minute of a scale that drifts, and how far one on a shaky table swings for ever. */
    private static final double DRIFT = 1.5;

    private static final double SHAKE = 1.2;

    /** What a scale says. */
    public sealed interface Reading {
        /**
         * A weight.
         *
         * @param grams as shown, to a tenth
         * @param settled whether it stands still
         */
        record Weight(BigDecimal grams, boolean settled) implements Reading {}

        /** More than it can hold. */
        record Overload() implements Reading {}

        /** No word from it. */
        record Silent() implements Reading {}
    }

    /** An empty scale, as it is switched on. */
    public static Scale on(Instant now) {
        return new Scale(
                BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO, now.minus(Duration.ofMinutes(1)), now, Fault.NONE);
    }

    /** With more, or less, on it; never less than nothing. */
    public Scale put(BigDecimal grams, Instant now) {
        return new Scale(load.add(grams).max(BigDecimal.ZERO), load, zero, now, zeroed, fault);
    }

    /** With nothing on it. */
    public Scale cleared(Instant now) {
        return put(load.negate(), now);
    }

    /** Set to zero with what lies on it. */
    public Scale tared(Instant now) {
        return new Scale(load, was, load, changed, now, fault);
    }

    /** With something wrong, or nothing. */
    public Scale with(Fault other, Instant now) {
        return new Scale(
                load, was, zero, changed, other == Fault.DRIFTS && fault != Fault.DRIFTS ? now : zeroed, other);
    }

    /** What it says at a moment. */
    public Reading read(Instant now) {
        if (fault == Fault.SILENT) {
            return new Reading.Silent();
        }
        if (load.compareTo(CAPACITY) > 0) {
            return new Reading.Overload();
        }
        double since = Math.max(0, Duration.between(changed, now).toMillis() / 1000.0);
        double wobble = load.subtract(was).doubleValue()
                * FIRST
                * Math.exp(-since / DAMPING)
                * Math.cos(2 * Math.PI * SWINGS * since);
        double shake = fault == Fault.SHAKY ? SHAKE * Math.sin(2 * Math.PI * 0.7 * now.toEpochMilli() / 1000.0) : 0;
        double drift =
                fault == Fault.DRIFTS ? DRIFT * Duration.between(zeroed, now).toMillis() / 60_000.0 : 0;
        BigDecimal shown = load.subtract(zero)
                .add(BigDecimal.valueOf(wobble + shake + drift))
                .divide(SHOWS, 0, RoundingMode.HALF_UP)
                .multiply(SHOWS);
        return new Reading.Weight(shown, since >= SETTLED && fault != Fault.SHAKY);
    }
}
