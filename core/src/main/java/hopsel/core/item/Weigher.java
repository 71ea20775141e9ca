package hopsel.core.item;

import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * Turns amounts into edible grams.
 *
 * <p>Volume goes by density, a piece by its weight as bought times what is left after trimming, a can by its drained
 * weight. A pinch is 0.3 g.
 *
 * @param measures the cups and spoons in use
 */
public record Weigher(Measures measures) {

    /**
     * Edible grams of the upper end of the amount; empty where the item lacks the figure that {@link #missing} names.
     */
    public Optional<BigDecimal> grams(Item item, Amount amount) {
        return gramsPer(item, amount.unit(), amount.size()).map(amount.high()::multiply);
    }

    /**
     * Edible grams in one unit of the item; empty where they cannot be known.
     *
     * @param size of a piece; empty: the usual one
     */
    public Optional<BigDecimal> gramsPer(Item item, Unit unit, Optional<String> size) {
        if (unit == Unit.PIECE) {
            return item.gramsPerPiece(size).map(item.edibleShare()::multiply);
        }
        if (unit == Unit.CAN) {
            return item.gramsPerCan();
        }
        return unit.grams().or(() -> measures.millilitres(unit)
                .flatMap(ml -> item.gramsPerMl().map(ml::multiply)));
    }

    /** The member of the item that would be needed to weigh this amount. */
    public static String missing(Amount amount) {
        return switch (amount.unit()) {
            case PIECE -> amount.size().map(size -> "pieces." + size).orElse("gramsPerPiece");
            case CAN -> "gramsPerCan";
            default -> "gramsPerMl";
        };
    }
}
