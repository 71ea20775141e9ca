package hopsel.core.shop;

import hopsel.core.item.Pack;

import java.math.BigDecimal;

/**
 * So many of one pack.
 *
 * @param pack which
 * @param count how many, at least 1
 */
public record PackCount(Pack pack, long count) {

    /** What they hold. */
    public BigDecimal grams() {
        return pack.grams().multiply(BigDecimal.valueOf(count));
    }

    /** What they cost. */
    public BigDecimal cost() {
        return pack.price().multiply(BigDecimal.valueOf(count));
    }
}
