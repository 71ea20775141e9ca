package hopsel.core.provision;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.Kit;
import hopsel.core.measure.Decimals;
import hopsel.core.mise.Batches;
import hopsel.core.shop.Purchase;
import hopsel.core.shop.UnitPrice;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a class costs in ingredients: what is used, at the price of the packs it comes from, and what has to be paid.
 *
 * @param dishes each with its demo batch
 * @param kits cost by attendee, by the id
 * @param used cost of everything that is used
 * @param bought cost of all packs; what is left over stays on the shelf
 * @param unknown names of items that have no price
 */
public record Costing(
        List<DishCost> dishes, Map<String, BigDecimal> kits, BigDecimal used, BigDecimal bought, List<String> unknown) {

    /**
     * A dish.
     *
     * @param title of it
     * @param batch cost of the demo batch
     * @param perServing cost of a serving of it
     */
    public record DishCost(String title, BigDecimal batch, BigDecimal perServing) {}

    /** The costs of a class. */
    public static Costing of(
            CookingClass cooking,
            Catalogue prices,
            Batches batches,
            Demand demand,
            List<Kit> kits,
            List<Purchase> purchases,
            AsSold sold) {
        Catalogue catalogue = cooking.catalogue(prices);
        Map<String, Optional<BigDecimal>> perGram = new LinkedHashMap<>();
        demand.items().forEach(id -> perGram.put(id, UnitPrice.of(catalogue.get(id), purchases)));
        List<DishCost> dishes = new ArrayList<>();
        for (Dish dish : cooking.dishes()) {
            BigDecimal servings = cooking.provision().demoServings();
            BigDecimal batch = dish.lines()
                    .map(line -> cost(perGram, catalogue, line.item(), batches.grams(dish, line, servings)))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            dishes.add(new DishCost(dish.title(), batch, Decimals.ratio(batch, servings)));
        }
        Map<String, BigDecimal> byKit = new LinkedHashMap<>();
        kits.forEach(kit -> byKit.put(
                kit.attendee().id(),
                kit.lines().stream()
                        .filter(line -> sold.of(line.item()).isEmpty())
                        .map(line -> cost(perGram, catalogue, line.item(), line.grams()))
                        .reduce(sold.cost(kit.attendee().id(), catalogue), BigDecimal::add)));
        BigDecimal used = BigDecimal.ZERO;
        List<String> unknown = new ArrayList<>();
        for (String id : demand.items()) {
            used = used.add(cost(perGram, catalogue, id, demand.grams(id)));
            if (Known.in(perGram, id).isEmpty()) {
                unknown.add(catalogue.get(id).name());
            }
        }
        return new Costing(
                dishes,
                byKit,
                used,
                purchases.stream().map(Purchase::cost).reduce(BigDecimal.ZERO, BigDecimal::add),
                unknown);
    }

    private static BigDecimal cost(
            Map<String, Optional<BigDecimal>> perGram, Catalogue catalogue, String item, BigDecimal edible) {
        return perGram.getOrDefault(item, Optional.empty())
                .map(price -> Decimals.ratio(edible, catalogue.get(item).edibleShare())
                        .multiply(price, Decimals.EXACT))
                .orElse(BigDecimal.ZERO);
    }

    /** What is left of the fees, or what they lack. */
    public BigDecimal margin(BigDecimal fee, int attendees) {
        return fee.multiply(BigDecimal.valueOf(attendees)).subtract(bought);
    }
}
