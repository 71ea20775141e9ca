package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * What the amounts of a dish are for.
 *
 * @param servings above 0
 * @param unit what a serving is, where it is no plate: jars, loaves; empty: servings
 * @param pieces how many pieces it makes, above 0
 * @param pieceWidth width of a piece, cm
 */
@Copyable
public record Yield(
        BigDecimal servings, Optional<String> unit, Optional<BigDecimal> pieces, Optional<BigDecimal> pieceWidth)
        implements YieldBuilder.With {

    private static final BigDecimal LEAST = new BigDecimal("0.01");

    /** So many servings, of which nothing more is known. */
    public static Yield of(BigDecimal servings) {
        return new Yield(servings, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** So many times as much, rounded to hundredths, never nothing. */
    public Yield times(BigDecimal factor) {
        return withServings(rounded(servings.multiply(factor)))
                .withPieces(pieces.map(own -> rounded(own.multiply(factor))));
    }

    private static BigDecimal rounded(BigDecimal number) {
        return Decimals.plain(number.setScale(2, RoundingMode.HALF_UP)).max(LEAST);
    }
}
