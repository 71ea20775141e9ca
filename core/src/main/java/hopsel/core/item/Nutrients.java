package hopsel.core.item;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Typical values per 100 g edible: energy in kcal, iron, calcium, vitamin C and cholesterol in mg, vitamin B12 in µg,
 * all else in grams. A value that is missing is unknown, not zero.
 *
 * @param values by name, in the order of {@link #NAMES}
 */
public record Nutrients(Map<String, BigDecimal> values) {

    /** The values that every label has. */
    public static final List<String> MAIN =
            List.of("kcal", "protein", "fat", "saturates", "carbs", "sugars", "fibre", "salt");

    /** All values that may be given. */
    public static final List<String> NAMES = List.of(
            "kcal",
            "protein",
            "fat",
            "saturates",
            "carbs",
            "sugars",
            "fibre",
            "salt",
            "iron",
            "calcium",
            "vitaminC",
            "b12",
            "cholesterol");

    /** Keeps its own copy. */
    public Nutrients {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }
}
