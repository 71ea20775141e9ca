package hopsel.core.dish;

import hopsel.core.Copyable;

import java.math.BigDecimal;

/**
 * That a line, or a share of it, goes in at a step.
 *
 * @param ingredient id of a line of the dish
 * @param share above 0 up to 1
 */
@Copyable
public record Use(String ingredient, BigDecimal share) implements UseBuilder.With {

    /** All of a line. */
    public static Use all(String ingredient) {
        return new Use(ingredient, BigDecimal.ONE);
    }
}
