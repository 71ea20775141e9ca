package hopsel.core.mise;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.CookName;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What stands in a bowl as a cook counts it, beside its weight: as the recipe writes it where that counts or measures;
 * else small amounts of what pours or is spooned in spoons, and more of what pours in millilitres. Cut vegetables and
 * half a kilo of flour are only weighed.
 *
 * @param amount such as 3, 1 can, 2 tbsp; empty where it is only weighed
 * @param name as it is called beside that
 */
public record Counted(Optional<String> amount, String name) {

    /** Millilitres up to which somebody takes a spoon. Kitchen practice. */
    private static final BigDecimal SPOONED = BigDecimal.valueOf(60);

    private static final BigDecimal JUG = BigDecimal.valueOf(5);
    private static final Set<Unit> COUNTS = EnumSet.of(Unit.PIECE, Unit.CAN, Unit.CUP, Unit.TBSP, Unit.TSP, Unit.PINCH);

    /** What is in a bowl of a tray. */
    public static Counted of(Tray.Bowl bowl, BigDecimal grams, Item item, Weigher weigher) {
        Optional<Amount> written = bowl.written()
                .filter(amount -> COUNTS.contains(amount.unit()))
                .flatMap(amount -> asWritten(amount, grams, item, weigher));
        return new Counted(
                written.map(amount -> CookAmount.of(amount, BigDecimal.ONE, weigher.measures()))
                        .or(() -> poured(grams, item, weigher)),
                CookName.of(item, written.or(bowl::written)));
    }

    /** So much of the line as its grams are of all of it. */
    private static Optional<Amount> asWritten(Amount amount, BigDecimal grams, Item item, Weigher weigher) {
        return weigher.gramsPer(item, amount.unit(), amount.size())
                .filter(one -> one.signum() > 0)
                .map(one -> Decimals.ratio(grams, one))
                .map(number -> new Amount(number, number, amount.unit(), amount.size()));
    }

    private static Optional<String> poured(BigDecimal grams, Item item, Weigher weigher) {
        if (!item.isWet() && !item.has(Trait.DRY) && !item.has(Trait.LEAF)) {
            return Optional.empty();
        }
        return item.gramsPerMl()
                .map(density -> Decimals.ratio(grams, density))
                .filter(millilitres -> item.has(Trait.LIQUID) || millilitres.compareTo(SPOONED) <= 0)
                .map(millilitres -> {
                    if (millilitres.compareTo(SPOONED) > 0) {
                        BigDecimal jug =
                                millilitres.divide(JUG, 0, RoundingMode.HALF_UP).multiply(JUG);
                        return CookAmount.of(jug, Unit.ML, weigher.measures());
                    }
                    BigDecimal cup = weigher.measures().millilitres(Unit.CUP).orElseThrow();
                    return CookAmount.of(Decimals.ratio(millilitres, cup), Unit.CUP, weigher.measures());
                });
    }
}
