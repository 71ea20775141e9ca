package hopsel.core.air;

import hopsel.core.air.Happened.Tasted;
import hopsel.core.dish.IngredientLine;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Amounts that are found by taste on air: each touch is a little more or less, and it all adds up to what it came to.
 */
public final class Taste {

    /** A touch, thousandths of what the recipe says. */
    public static final int TOUCH = 250;

    private static final BigDecimal THOUSAND = BigDecimal.valueOf(1000);
    private static final Set<Unit> SMALL = Set.of(Unit.PINCH, Unit.TSP, Unit.TBSP);

    private Taste() {}

    /** Whether a line is one that hosts season with: to taste, a range, or spoons and pinches. */
    public static boolean seasons(IngredientLine line) {
        return line.amount()
                .map(amount -> amount.isRange() || SMALL.contains(amount.unit()))
                .orElse(true);
    }

    /** Thousandths that were added to a line by taste, by {@code dish/line}; empty: nobody touched it. */
    public static Optional<Integer> added(AirState state, String key) {
        return state.events().stream()
                .flatMap(event ->
                        event.what() instanceof Tasted own && own.line().equals(key)
                                ? Stream.of(own.thousandths())
                                : Stream.empty())
                .reduce(Integer::sum);
    }

    /**
     * What an amount came to. Of a range, the touches count from what certainly goes in; of nothing but "to taste",
     * each is a pinch.
     *
     * @return empty where nothing is left of it
     */
    public static Optional<Amount> cameTo(IngredientLine line, int added) {
        BigDecimal factor = BigDecimal.ONE.add(BigDecimal.valueOf(added).divide(THOUSAND));
        BigDecimal number = line.amount()
                .map(amount -> (amount.low().signum() > 0 ? amount.low() : amount.high())
                        .multiply(amount.low().signum() > 0 ? factor : factor.subtract(BigDecimal.ONE)))
                .orElseGet(() -> BigDecimal.valueOf(added).divide(BigDecimal.valueOf(TOUCH)));
        return number.signum() <= 0
                ? Optional.empty()
                : Optional.of(new Amount(
                        number,
                        number,
                        line.amount().map(Amount::unit).orElse(Unit.PINCH),
                        line.amount().flatMap(Amount::size)));
    }
}
