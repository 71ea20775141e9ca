package hopsel.core.dish;

import hopsel.core.measure.Amount;
import hopsel.core.measure.Scaling;

import java.util.Optional;

/**
 * A line of a recipe's list.
 *
 * @param id       unique in its dish
 * @param item     id in the catalogue
 * @param amount   for the dish's servings; empty: to taste, and nothing is counted
 * @param prep     the cut, such as "finely diced"
 * @param scaling  how it grows with the servings
 * @param optional whether the dish is complete without it
 * @param from     kit, home or host
 * @param said     the recipe's own words where the item is a guess from them that nobody has confirmed; they stand on
 *                 every page in the place of the item's name. Empty: it is that item
 */
public record IngredientLine(String id, String item, Optional<Amount> amount, Optional<String> prep, Scaling scaling,
                             boolean optional, Source from, Optional<String> said) {

    /** A line whose item is no guess. */
    public IngredientLine(String id, String item, Optional<Amount> amount, Optional<String> prep, Scaling scaling,
                          boolean optional, Source from) {
        this(id, item, amount, prep, scaling, optional, from, Optional.empty());
    }

    /** The same line with another amount. */
    public IngredientLine with(Optional<Amount> other) {
        return new IngredientLine(id, item, other, prep, scaling, optional, from, said);
    }

    /** The same line with another item, which somebody chose. */
    public IngredientLine of(String otherItem, Optional<Amount> other, Optional<String> otherPrep) {
        return new IngredientLine(id, otherItem, other, otherPrep, scaling, optional, from,
                otherItem.equals(item) ? said : Optional.empty());
    }

    /** The same line under another id. */
    public IngredientLine named(String otherId) {
        return new IngredientLine(otherId, item, amount, prep, scaling, optional, from, said);
    }

    /** The same line, whose item somebody who knows has looked at. */
    public IngredientLine confirmed() {
        return new IngredientLine(id, item, amount, prep, scaling, optional, from, Optional.empty());
    }

    /** The same line, whose item is a guess from these words. */
    public IngredientLine guessedFrom(String words) {
        return new IngredientLine(id, item, amount, prep, scaling, optional, from, Optional.of(words));
    }
}
