package hopsel.core.bench;

import hopsel.core.dish.IngredientLine;
import hopsel.core.measure.Amount;

import java.math.BigDecimal;
import java.util.Optional;

/** Ingredient lines made from other lines. */
final class Lines {

    private Lines() {
    }

    static IngredientLine amount(IngredientLine line, Amount amount) {
        return line.with(Optional.of(amount));
    }

    static IngredientLine item(IngredientLine line, String item, Optional<Amount> amount, Optional<String> prep) {
        return line.of(item, amount, prep);
    }

    static IngredientLine renamed(IngredientLine line, String id, BigDecimal factor) {
        return line.named(id).with(line.amount().map(amount -> amount.times(factor)));
    }
}
