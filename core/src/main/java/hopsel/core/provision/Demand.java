package hopsel.core.provision;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Provision;
import hopsel.core.dish.Dish;
import hopsel.core.kit.Kit;
import hopsel.core.measure.Decimals;
import hopsel.core.mise.Batches;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What the class needs of each item, in edible grams, and for what. Immutable once made. */
public final class Demand {

    /** What something is needed for. */
    public enum Purpose {
        /** The demo batch. */
        DEMO,
        /** Second batches for swap-outs. */
        SWAP_OUTS,
        /** What the tasting needs beyond these. */
        TASTING,
        /** All kits together. */
        KITS
    }

    private final CookingClass cooking;
    private final Batches batches;
    private final Map<String, Map<Purpose, BigDecimal>> byItem = new TreeMap<>();

    private Demand(CookingClass cooking, Batches batches, List<Kit> kits) {
        this.cooking = cooking;
        this.batches = batches;
        for (Dish dish : cooking.dishes()) {
            add(dish, cooking.provision().demoServings(), Purpose.DEMO);
            batches.swapPortions(dish)
                    .forEach(portion -> add(portion.line().item(), Purpose.SWAP_OUTS, portion.grams()));
            add(dish, missingTasting(dish), Purpose.TASTING);
        }
        kits.forEach(kit -> kit.lines().forEach(line -> add(line.item(), Purpose.KITS, line.grams())));
    }

    /** The demand of a class. */
    public static Demand of(CookingClass cooking, Batches batches, List<Kit> kits) {
        return new Demand(cooking, batches, kits);
    }

    /**
     * Servings that have to be cooked for the tasting alone: what it needs, less what the demo batch gives (one serving
     * of it is kept for show) and less the batches of swapped-out final steps.
     */
    public BigDecimal missingTasting(Dish dish) {
        Provision provision = cooking.provision();
        BigDecimal wanted = provision.tastingServings();
        BigDecimal spare = provision
                .demoServings()
                .subtract(BigDecimal.ONE)
                .max(BigDecimal.ZERO)
                .add(provision.demoServings().multiply(BigDecimal.valueOf(batches.swappedFinals(dish))));
        return wanted.subtract(spare).max(BigDecimal.ZERO);
    }

    private void add(Dish dish, BigDecimal servings, Purpose purpose) {
        if (servings.signum() > 0) {
            dish.lines().forEach(line -> add(line.item(), purpose, batches.grams(dish, line, servings)));
        }
    }

    private void add(String item, Purpose purpose, BigDecimal grams) {
        if (grams.signum() > 0) {
            byItem.computeIfAbsent(item, any -> new EnumMap<>(Purpose.class)).merge(purpose, grams, BigDecimal::add);
        }
    }

    /** Ids of the items with a demand, sorted. */
    public Iterable<String> items() {
        return byItem.keySet();
    }

    /** The parts of an item's demand, without the spare share; a purpose with none is missing. */
    public Map<Purpose, BigDecimal> parts(String item) {
        return Collections.unmodifiableMap(byItem.getOrDefault(item, new EnumMap<>(Purpose.class)));
    }

    /** The demand for an item with the spare share, edible grams, exact. */
    public BigDecimal grams(String item) {
        BigDecimal sum = parts(item).values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal spare = cooking.provision().sparePercent().movePointLeft(2);
        return sum.multiply(BigDecimal.ONE.add(spare), Decimals.EXACT);
    }
}
