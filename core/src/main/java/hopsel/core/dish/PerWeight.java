package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Minutes that go by the weight of what goes in, as with pressure cookers: so many in any case, and so many a kilogram.
 *
 * @param base minutes in any case, 0 or more
 * @param perKg minutes a kilogram, 0 or more; one of the two above 0
 */
@Copyable
public record PerWeight(Minutes base, Minutes perKg) implements PerWeightBuilder.With {

    private static final BigDecimal KILO = BigDecimal.valueOf(1000);

    /** Checks the figures. */
    public PerWeight {
        if (base.isNegative()
                || perKg.isNegative()
                || base.value().add(perKg.value()).signum() == 0) {
            throw new IllegalArgumentException(
                    "The minutes [%s] and [%s a kg] must be 0 or more, and not both 0.".formatted(base, perKg));
        }
    }

    /** Minutes that were reckoned for one weight, for so many times as much: what is above the base grows. */
    public Minutes grown(Minutes minutes, BigDecimal factor) {
        BigDecimal above = minutes.value().subtract(base.value()).max(BigDecimal.ZERO);
        return Minutes.of(base.value()
                .add(above.multiply(factor))
                .setScale(1, RoundingMode.HALF_UP)
                .max(BigDecimal.ONE));
    }

    /** The minutes for a weight in grams, to the half minute, at least one. */
    public Minutes minutes(BigDecimal grams) {
        BigDecimal exact = base.value().add(perKg.value().multiply(Decimals.ratio(grams, KILO)));
        return Minutes.of(exact.max(BigDecimal.ONE)).toHalves();
    }
}
