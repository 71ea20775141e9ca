package hopsel.core.vote;

import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.diet.OwnMenu;
import hopsel.core.dish.IngredientLine;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What an idea would take, from its dishes.
 *
 * @param parts dish by dish
 * @param unpriced names of items without a price: what they cost is left out
 * @param avoid regulars who avoid something in it that must not be left out
 * @param regulars how many there are
 * @param avoided what they avoid in it, and how many of them, the most first
 */
public record IdeaCost(List<Part> parts, List<String> unpriced, int avoid, int regulars, Map<String, Integer> avoided) {

    /**
     * A dish of an idea.
     *
     * @param title of it
     * @param handsOn seconds of hands work
     * @param elapsed seconds of its longest chain
     * @param perServing ingredients of a serving, at the price of the best pack
     */
    public record Part(String title, int handsOn, int elapsed, BigDecimal perServing) {}

    /** Keeps its own copies. */
    public IdeaCost {
        parts = List.copyOf(parts);
        unpriced = List.copyOf(unpriced);
        avoided = Collections.unmodifiableMap(new LinkedHashMap<>(avoided));
    }

    /** Of dishes as they stand on the bench. */
    public static IdeaCost of(List<Draft> dishes, Catalogue builtIn, List<Attendee> regulars) {
        List<Part> parts = new ArrayList<>();
        List<String> unpriced = new ArrayList<>();
        for (Draft sheet : dishes) {
            DishTimes times = DishTimes.of(sheet.dish());
            Catalogue catalogue = sheet.catalogue(builtIn);
            BigDecimal batch = sheet.dish()
                    .lines()
                    .map(line -> cost(line, sheet, catalogue, unpriced))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            parts.add(new Part(
                    sheet.dish().title(),
                    times.handsOn(),
                    times.elapsed(),
                    Decimals.ratio(batch, sheet.dish().servings())));
        }
        Map<String, Integer> counts = new TreeMap<>();
        int avoid = 0;
        for (Attendee regular : regulars) {
            Set<String> met = new TreeSet<>();
            dishes.forEach(sheet -> sheet.dish()
                    .lines()
                    .filter(line -> !line.optional())
                    .forEach(line -> sheet.catalogue(builtIn)
                            .find(line.item())
                            .ifPresent(item -> met.addAll(OwnMenu.avoided(item, regular)))));
            met.forEach(word -> counts.merge(word, 1, Integer::sum));
            avoid += met.isEmpty() ? 0 : 1;
        }
        Map<String, Integer> most = new LinkedHashMap<>();
        counts.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .forEach(entry -> most.put(entry.getKey(), entry.getValue()));
        return new IdeaCost(parts, unpriced.stream().distinct().toList(), avoid, regulars.size(), most);
    }

    /** Seconds of hands work of all dishes. */
    public int handsOn() {
        return parts.stream().mapToInt(Part::handsOn).sum();
    }

    /** Seconds of the longest chain among them: no class of it is shorter without swap-outs. */
    public int longest() {
        return parts.stream().mapToInt(Part::elapsed).max().orElse(0);
    }

    /** Ingredients of a serving of each dish. */
    public BigDecimal perServing() {
        return parts.stream().map(Part::perServing).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static BigDecimal cost(IngredientLine line, Draft sheet, Catalogue catalogue, List<String> unpriced) {
        Optional<Item> item = catalogue.find(line.item());
        Optional<BigDecimal> grams = item.flatMap(
                known -> line.amount().flatMap(amount -> sheet.weigher().grams(known, amount)));
        if (grams.isEmpty()) {
            return BigDecimal.ZERO;
        }
        Optional<BigDecimal> price = item.get().packs().stream()
                .map(pack -> Decimals.ratio(pack.price(), pack.grams()))
                .min(Comparator.naturalOrder());
        if (price.isEmpty()) {
            unpriced.add(item.get().name());
        }
        return price.map(gram ->
                        Decimals.ratio(grams.get(), item.get().edibleShare()).multiply(gram, Decimals.EXACT))
                .orElse(BigDecimal.ZERO);
    }
}
