package hopsel.core.kitchen;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;

/**
 * An oven, a hob, an appliance, a fridge.
 *
 * @param id unique in the kitchen
 * @param kind what a step asks for, such as {@code oven}
 * @param units shelves, rings, or 1 for a blender; at least 1
 * @param rinse between two components, 0 for none
 * @param heatPerMinute °C it gains in a minute, above 0
 * @param coolPerMinute °C it loses in a minute, above 0
 */
@Copyable
public record Resource(
        String id, String kind, int units, Minutes rinse, BigDecimal heatPerMinute, BigDecimal coolPerMinute)
        implements ResourceBuilder.With {

    /** What an oven gains in a minute where nothing is said, °C. */
    public static final BigDecimal USUAL_HEAT = BigDecimal.valueOf(12);
    /** What an oven loses in a minute where nothing is said, °C. */
    public static final BigDecimal USUAL_COOL = BigDecimal.valueOf(6);

    /** Checks the figures. */
    public Resource {
        if (units < 1) {
            throw new IllegalArgumentException("The units [%d] of %s must be at least 1.".formatted(units, id));
        }
        heatPerMinute = Decimals.positive("heatPerMinute of " + id, heatPerMinute);
        coolPerMinute = Decimals.positive("coolPerMinute of " + id, coolPerMinute);
    }
}
