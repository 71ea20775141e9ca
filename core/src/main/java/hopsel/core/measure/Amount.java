package hopsel.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;

/**
 * How much of an ingredient: a number and a unit, or "certain, and up to". Immutable.
 *
 * @param low what certainly goes in; 0 or more, at most {@code high}
 * @param high what may go in at most, above 0; trays, kits and shopping count with it
 * @param unit what is counted
 * @param size which kind of piece, such as large or bunch; empty: the usual one, or not a piece
 */
public record Amount(BigDecimal low, BigDecimal high, Unit unit, Optional<String> size) {

    /** Checks the order of the two ends. */
    public Amount {
        low = Decimals.notNegative("The lower amount", low);
        high = Decimals.positive("The amount", high);
        if (low.compareTo(high) > 0) {
            throw new IllegalArgumentException("The lower amount [%s] is above the upper [%s].".formatted(low, high));
        }
    }

    /** An amount without a size. */
    public Amount(BigDecimal low, BigDecimal high, Unit unit) {
        this(low, high, unit, Optional.empty());
    }

    /** A single amount. */
    public static Amount of(BigDecimal number, Unit unit) {
        return new Amount(number, number, unit);
    }

    /** The same amount times a factor above 0. */
    public Amount times(BigDecimal factor) {
        return new Amount(low.multiply(factor, Decimals.EXACT), high.multiply(factor, Decimals.EXACT), unit, size);
    }

    /** What certainly goes in, of a weight of the upper end; empty where there is only one amount. */
    public Optional<BigDecimal> certain(BigDecimal upper) {
        return isRange() ? Optional.of(upper.multiply(Decimals.ratio(low, high), Decimals.EXACT)) : Optional.empty();
    }

    /** Whether both ends differ. */
    public boolean isRange() {
        return low.compareTo(high) != 0;
    }

    /** As one would type it, such as {@code 1.5 cup}, {@code 4-5 large} or {@code up to 50 ml}; six digits at most. */
    public String written() {
        String number;
        if (!isRange()) {
            number = plain(high);
        } else if (low.signum() == 0) {
            number = "up to " + plain(high);
        } else {
            number = plain(low) + "-" + plain(high);
        }
        String word =
                switch (unit) {
                    case PIECE -> size.orElse("");
                    case FLOZ -> "fl oz";
                    case CUP, CAN -> high.compareTo(BigDecimal.ONE) > 0 ? unit.word() + "s" : unit.word();
                    case PINCH -> high.compareTo(BigDecimal.ONE) > 0 ? "pinches" : unit.word();
                    default -> unit.word();
                };
        return word.isEmpty() ? number : number + " " + word;
    }

    /** As somebody would write it down: grams and millilitres to tenths, all else to four digits. */
    public Amount handy() {
        return new Amount(handy(low), handy(high), unit, size);
    }

    private BigDecimal handy(BigDecimal number) {
        boolean tenths = (unit == Unit.G || unit == Unit.ML) && number.compareTo(BigDecimal.ONE) >= 0;
        return Decimals.plain(tenths ? Decimals.tenths(number) : number.round(new MathContext(4)));
    }

    private static String plain(BigDecimal number) {
        return Decimals.plain(number.round(new MathContext(6))).toPlainString();
    }
}
