package hopsel.core.food;

import hopsel.core.Copyable;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;

import java.math.BigDecimal;

/**
 * What is left of a line of the recipe in something that is made of it.
 *
 * @param line of the recipe
 * @param item what it is
 * @param share of the line that is in it, above 0 up to 1
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
        BigDecimal share,
        boolean soaked,
        boolean heated,
        int boiled,
        boolean medium,
        boolean away)
        implements PartBuilder.With {

    /** As it comes from the shop. */
    static Part fresh(IngredientLine line, Item item, BigDecimal share) {
        return new Part(line, item, share, false, false, 0, false, false);
    }

    /** Whether it is ready to eat as far as heat goes: it was heated, or is sold cooked. */
    public boolean isCooked() {
        return heated || item.has(Trait.COOKED) || item.has(Trait.CANNED);
    }

    /** The same line that came here on two ways: as raw as the rawer of the two. */
    Part together(Part other) {
        return new Part(
                line,
                item,
                share.max(other.share),
                soaked && other.soaked,
                heated && other.heated,
                Math.min(boiled, other.boiled),
                medium && other.medium,
                away && other.away);
    }
}
