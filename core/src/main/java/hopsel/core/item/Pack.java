package hopsel.core.item;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;

/**
 * A size in which an ingredient is sold.
 *
 * @param grams what it holds, above 0
 * @param price what one costs, 0 or more, in the class's currency
 */
@Copyable
public record Pack(BigDecimal grams, BigDecimal price) implements PackBuilder.With {

    /** Checks both figures. */
    public Pack {
        grams = Decimals.positive("The grams of a pack", grams);
        price = Decimals.notNegative("The price of a pack", price);
    }
}
