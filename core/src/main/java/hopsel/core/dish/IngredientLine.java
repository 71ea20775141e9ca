package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Scaling;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * A line of a recipe's list.
 *
 * @param id unique in its dish
 * @param item id in the catalogue
 * @param amount for the dish's servings; empty: to taste, and nothing is counted
 * @param prep the cut, such as "finely diced"
 * @param scaling how it grows with the servings
 * @param optional whether the dish is complete without it
 * @param from kit, home or host
 * @param said the recipe's own words where the item is a guess from them that nobody has confirmed; they stand on every
 *     page in the place of the item's name. Empty: it is that item
 * @param byTaste how the amount is found by taste and feel, in the unit of the amount; empty: it is as written
 * @param variant id of the variant of the dish whose servings alone it goes into; empty: it goes into all
 */
@Copyable
public record IngredientLine(
        String id,
        String item,
        Optional<Amount> amount,
        Optional<String> prep,
        Scaling scaling,
        boolean optional,
        Source from,
        Optional<String> said,
        Optional<ByTaste> byTaste,
        Optional<String> variant)
        implements IngredientLineBuilder.With {

    /** A line whose item is no guess, from the kit, that grows with the dish. */
    public static IngredientLine of(String id, String item, Optional<Amount> amount) {
        return IngredientLineBuilder.builder()
                .id(id)
                .item(item)
                .amount(amount)
                .scaling(Scaling.LINEAR)
                .from(Source.KIT)
                .build();
    }

    /** The same line with another amount; what is found by taste is in the unit that it was said in. */
    public IngredientLine measured(Optional<Amount> other) {
        boolean sameUnit = amount.isPresent()
                && other.isPresent()
                && amount.get().unit() == other.get().unit();
        return withAmount(other).withByTaste(byTaste.filter(taste -> sameUnit));
    }

    /** The same line, so many times as much. */
    public IngredientLine times(BigDecimal factor) {
        return withAmount(amount.map(own -> own.times(factor))).withByTaste(byTaste.map(own -> own.times(factor)));
    }

    /** The same line with another item, which somebody chose. */
    public IngredientLine of(String otherItem, Optional<Amount> other, Optional<String> otherPrep) {
        return measured(other)
                .withItem(otherItem)
                .withPrep(otherPrep)
                .withSaid(said.filter(words -> otherItem.equals(item)));
    }

    /** The same line, whose item somebody who knows has looked at. */
    public IngredientLine confirmed() {
        return withSaid(Optional.empty());
    }
}
