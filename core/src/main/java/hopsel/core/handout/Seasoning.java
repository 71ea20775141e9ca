package hopsel.core.handout;

import hopsel.core.dish.ByTaste;
import hopsel.core.dish.IngredientLine;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * How an amount is found by taste, as a cook measures it.
 *
 * @param name of the ingredient
 * @param start what goes in first
 * @param by so much more at a time
 * @param most never more than this
 * @param cue when to stop
 */
public record Seasoning(String name, String start, String by, String most, String cue) {

    /**
     * For so many times the recipe; empty where the amount is as written.
     *
     * @param name of what goes in
     */
    public static Optional<Seasoning> of(IngredientLine line, String name, BigDecimal factor, Measures measures) {
        return line.byTaste().flatMap(taste -> line.amount()
                .map(amount -> of(taste.times(line.scaling().factor(factor)), amount.unit(), name, measures)));
    }

    private static Seasoning of(ByTaste taste, Unit unit, String name, Measures measures) {
        return new Seasoning(
                name,
                CookAmount.of(taste.start(), unit, measures),
                CookAmount.of(taste.step(), unit, measures),
                CookAmount.of(taste.ceiling(), unit, measures),
                taste.cue());
    }
}
