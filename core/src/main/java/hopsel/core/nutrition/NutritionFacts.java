package hopsel.core.nutrition;

import hopsel.core.Known;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The typical values of all that goes into a dish, before it is cooked. Never a claim. Immutable.
 *
 * <p>A value that an item lacks is unknown, not zero: the sum is then only what is known, and the item is named.
 *
 * @param grams edible, of all that is weighed
 * @param values sums by name of the value, in the order of {@link Nutrients#NAMES}
 * @param missing names of items that lack a value, by its name
 * @param unweighed names of items that go in to taste and count nothing
 */
public record NutritionFacts(
        BigDecimal grams, Map<String, BigDecimal> values, Map<String, List<String>> missing, List<String> unweighed) {

    /** Kilojoules in a kilocalorie, by definition of the thermochemical calorie. */
    public static final BigDecimal KJ = new BigDecimal("4.184");

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** Something that goes in; empty grams: to taste. */
    public record Part(Item item, Optional<BigDecimal> grams) {}

    /** Keeps its own copies. */
    public NutritionFacts {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
        missing = Collections.unmodifiableMap(new LinkedHashMap<>(missing));
        unweighed = List.copyOf(unweighed);
    }

    /** The sum of what goes in. */
    public static NutritionFacts of(List<Part> parts) {
        BigDecimal grams = BigDecimal.ZERO;
        Map<String, BigDecimal> values = new LinkedHashMap<>();
        Map<String, List<String>> missing = new LinkedHashMap<>();
        Nutrients.NAMES.forEach(name -> values.put(name, BigDecimal.ZERO));
        for (Part part : parts) {
            if (part.grams.isPresent() && part.grams.get().signum() > 0) {
                grams = grams.add(part.grams.get());
                add(values, missing, part.item, part.grams.get());
            }
        }
        List<String> unweighed = parts.stream()
                .filter(part -> part.grams.isEmpty())
                .map(part -> part.item.name())
                .distinct()
                .toList();
        return new NutritionFacts(grams, values, missing, unweighed);
    }

    private static void add(
            Map<String, BigDecimal> values, Map<String, List<String>> missing, Item item, BigDecimal grams) {
        for (String name : Nutrients.NAMES) {
            Optional<BigDecimal> per100 =
                    item.nutrients().map(nutrients -> nutrients.values().get(name));
            if (per100.isPresent()) {
                values.merge(
                        name,
                        per100.get().multiply(grams, Decimals.EXACT).divide(HUNDRED, Decimals.EXACT),
                        BigDecimal::add);
            } else {
                List<String> names = missing.computeIfAbsent(name, any -> new ArrayList<>());
                if (!names.contains(item.name())) {
                    names.add(item.name());
                }
            }
        }
    }

    /** The share of one of so many servings. */
    public NutritionFacts perServing(BigDecimal servings) {
        return times(Decimals.ratio(BigDecimal.ONE, servings));
    }

    /** What 100 g hold, as weighed in; nothing where nothing is weighed. */
    public NutritionFacts per100() {
        return grams.signum() == 0 ? this : times(Decimals.ratio(HUNDRED, grams));
    }

    private NutritionFacts times(BigDecimal factor) {
        Map<String, BigDecimal> shares = new LinkedHashMap<>();
        values.forEach((name, value) -> shares.put(name, value.multiply(factor, Decimals.EXACT)));
        return new NutritionFacts(grams.multiply(factor, Decimals.EXACT), shares, missing, unweighed);
    }

    /** A value by name. */
    public BigDecimal value(String name) {
        return Known.in(values, name);
    }

    /** Whether every item that is weighed has this value. */
    public boolean complete(String name) {
        return !missing.containsKey(name);
    }

    /** Whether anything at all is known of this value. */
    public boolean known(String name) {
        return complete(name) || value(name).signum() > 0;
    }

    /** Names of all items that lack any value that every label has. */
    public List<String> lacking() {
        Stream<Map.Entry<String, List<String>>> main =
                missing.entrySet().stream().filter(value -> Nutrients.MAIN.contains(value.getKey()));
        return main.flatMap(value -> value.getValue().stream()).distinct().toList();
    }
}
