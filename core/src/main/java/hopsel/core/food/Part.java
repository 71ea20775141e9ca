package hopsel.core.food;

import hopsel.core.Copyable;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Use;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What is left of a line of the recipe in something that is made of it.
 *
 * @param line of the recipe
 * @param item what it is
 * @param entered share of the line that went in, by the step at which it did, each above 0
 * @param soaked whether it lay in something wet
 * @param heated whether it was hot through at least once
 * @param boiled minutes at a boil, at most, a minute under pressure counted three times
 * @param medium whether it is the water that something was soaked, boiled or steamed in
 * @param away whether it was poured off
 */
@Copyable
public record Part(
        IngredientLine line,
        Item item,
        Map<String, BigDecimal> entered,
        boolean soaked,
        boolean heated,
        int boiled,
        boolean medium,
        boolean away)
        implements PartBuilder.With {

    /** Keeps its own copy. */
    public Part {
        entered = Map.copyOf(entered);
    }

    /** As it comes from the shop. */
    static Part fresh(IngredientLine line, Item item, Use use, String step) {
        return new Part(line, item, Map.of(step, use.share()), false, false, 0, false, false);
    }

    /** The share of the line that is in it, above 0 up to 1. */
    public BigDecimal share() {
        return entered.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Whether it is ready to eat as far as heat goes: it was heated, or is sold cooked. */
    public boolean isCooked() {
        return heated || item.has(Trait.COOKED) || item.has(Trait.CANNED);
    }

    /** The same line that came here on two ways: as raw as the rawer of the two; what went in once is there once. */
    public Part together(Part other) {
        Map<String, BigDecimal> both = new LinkedHashMap<>(entered);
        both.putAll(other.entered);
        return new Part(
                line,
                item,
                both,
                soaked && other.soaked,
                heated && other.heated,
                Math.min(boiled, other.boiled),
                medium && other.medium,
                away && other.away);
    }
}
