package hopsel.core.mise;

import hopsel.core.kitchen.Tool;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;

/** Bowls as a teaching kitchen has them, from the pinch bowl up, by what they hold to the brim. */
public enum BowlSize {
    PINCH(60),
    SMALL(250),
    MEDIUM(1000),
    LARGE(3000),
    HUGE(8000);

    /** A bowl is filled to two thirds, so that there is room to mix. Kitchen practice. */
    private static final BigDecimal FILLED = new BigDecimal("0.667");

    private final int millilitres;

    BowlSize(int millilitres) {
        this.millilitres = millilitres;
    }

    /** What it holds to the brim, ml. */
    public int millilitres() {
        return millilitres;
    }

    /** The smallest in which so much can still be mixed; the largest where none is large enough. */
    public static BowlSize holding(BigDecimal millilitres) {
        for (BowlSize size : values()) {
            if (millilitres.compareTo(BigDecimal.valueOf(size.millilitres).multiply(FILLED)) <= 0) {
                return size;
            }
        }
        return HUGE;
    }

    /** How many of this size so much takes; more than 1 only for the largest. */
    public int number(BigDecimal millilitres) {
        return millilitres
                .divide(BigDecimal.valueOf(this.millilitres).multiply(FILLED), 0, RoundingMode.CEILING)
                .max(BigDecimal.ONE)
                .intValue();
    }

    /** Across the brim, cm: a bowl is half a ball, and V = ⅔ π r³. */
    public double diameter() {
        return 2 * Math.cbrt(3.0 * millilitres / (2 * Math.PI));
    }

    /** As a tool of the kitchen. */
    public Tool tool() {
        return switch (this) {
            case PINCH -> new Tool(1, Optional.empty(), "pinch bowl");
            case HUGE -> new Tool(1, Optional.of("8 l"), "bowl");
            default -> new Tool(1, Optional.of(name().toLowerCase(Locale.ROOT)), "bowl");
        };
    }
}
