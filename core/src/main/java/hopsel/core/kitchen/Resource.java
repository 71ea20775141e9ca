package hopsel.core.kitchen;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * An oven, a hob, an appliance, a fridge.
 *
 * @param id unique in the kitchen
 * @param kind what a step asks for, such as {@code oven}
 * @param units shelves, rings, or 1 for a blender; at least 1
 * @param rinse between two components, 0 for none
 * @param heatPerMinute °C it gains in a minute, above 0
 * @param coolPerMinute °C it loses in a minute, above 0
 * @param name what people call it, such as "left oven"; empty: it is called after its id
 */
@Copyable
public record Resource(
        String id,
        String kind,
        int units,
        Minutes rinse,
        BigDecimal heatPerMinute,
        BigDecimal coolPerMinute,
        Optional<String> name)
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

    /** A place that heats and cools as usual, and is called after its id. */
    public static Resource usual(String id, String kind, int units, Minutes rinse) {
        return new Resource(id, kind, units, rinse, USUAL_HEAT, USUAL_COOL, Optional.empty());
    }

    /** As people say it: oven 2, left oven. */
    public String called() {
        return name.orElse(id.replace('-', ' '));
    }
}
