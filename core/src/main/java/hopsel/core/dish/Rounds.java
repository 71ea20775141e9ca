package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Pieces that do not all fit at once: 24 dumplings, 6 to a pan, are 4 rounds of 5 minutes; a second pan halves them.
 *
 * @param pieces how many, above 0
 * @param perRound how many a pan takes at once, above 0
 * @param each minutes of a round
 * @param pans pans side by side, at least 1
 */
@Copyable
public record Rounds(BigDecimal pieces, BigDecimal perRound, Minutes each, int pans) implements RoundsBuilder.With {

    /** Checks the figures. */
    public Rounds {
        pieces = Decimals.positive("The pieces", pieces);
        perRound = Decimals.positive("The pieces per batch", perRound);
        if (pans < 1) {
            throw new IllegalArgumentException("The pans [%d] must be at least 1.".formatted(pans));
        }
    }

    /** How many rounds that makes. */
    public int count() {
        return pieces.divide(perRound.multiply(BigDecimal.valueOf(pans)), 0, RoundingMode.CEILING)
                .intValueExact();
    }

    /** What they take together. */
    public Minutes minutes() {
        return Minutes.of(each.value().multiply(BigDecimal.valueOf(count())));
    }

    /** For another number of pieces. */
    public Rounds withPieces(BigDecimal number) {
        return new Rounds(number.setScale(0, RoundingMode.HALF_UP).max(BigDecimal.ONE), perRound, each, pans);
    }
}
