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
 */
public record IngredientLine(String id, String item, Optional<Amount> amount, Optional<String> prep, Scaling scaling,
                             boolean optional, Source from) {
}
