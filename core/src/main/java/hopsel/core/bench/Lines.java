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
        return new IngredientLine(line.id(), line.item(), Optional.of(amount), line.prep(), line.scaling(), line.optional(), line.from());
    }

    static IngredientLine item(IngredientLine line, String item, Optional<Amount> amount, Optional<String> prep) {
        return new IngredientLine(line.id(), item, amount, prep, line.scaling(), line.optional(), line.from());
    }

    static IngredientLine renamed(IngredientLine line, String id, BigDecimal factor) {
        return new IngredientLine(id, line.item(), line.amount().map(amount -> amount.times(factor)), line.prep(), line.scaling(),
                line.optional(), line.from());
    }
}
