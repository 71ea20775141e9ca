package hopsel.core.item;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Typical values per 100 g edible, in grams but for {@code kcal}. A value that is missing is unknown, not zero.
 *
 * @param values by name, in the order of {@link #NAMES}
 */
public record Nutrients(Map<String, BigDecimal> values) {

    /** The values that may be given. */
    public static final List<String> NAMES =
            List.of("kcal", "protein", "fat", "saturates", "carbs", "sugars", "fibre", "salt");

    /** Keeps its own copy. */
    public Nutrients {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }
}
