package hopsel.core.provision;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Provision;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kit.AsSold;
import hopsel.core.measure.Decimals;
import hopsel.core.shop.PackChoice;
import hopsel.core.shop.PackCount;
import hopsel.core.shop.Purchase;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** The shopping list: what must be bought of every item with a demand, in packs. */
public final class Shopping {

    private Shopping() {}

    /** Sorted by item; what goes into kits as it is sold is bought so. */
    public static List<Purchase> of(CookingClass cooking, Catalogue builtIn, Demand demand, AsSold sold) {
        return sold.bought(of(cooking, builtIn, demand), cooking.catalogue(builtIn));
    }

    /** Sorted by item, with every kit weighed out of the cheapest packs. */
    public static List<Purchase> of(CookingClass cooking, Catalogue builtIn, Demand demand) {
        Catalogue catalogue = cooking.catalogue(builtIn);
        List<Purchase> purchases = new ArrayList<>();
        for (String item : demand.items()) {
            purchases.add(bought(catalogue.get(item), demand.grams(item), inPantry(cooking, item)));
        }
        return purchases;
    }

    private static Purchase bought(Item item, BigDecimal demand, BigDecimal pantry) {
        BigDecimal needed =
                Decimals.ratio(demand, item.edibleShare()).subtract(pantry).max(BigDecimal.ZERO);
        return purchase(item, demand, needed);
    }

    /**
     * What is bought to cover a need.
     *
     * @param demand edible, for the record
     * @param needed as bought, 0 or more
     */
    static Purchase purchase(Item item, BigDecimal demand, BigDecimal needed) {
        if (item.packs().isEmpty()) {
            return new Purchase(item.id(), demand, needed, List.of(), needed, BigDecimal.ZERO, BigDecimal.ZERO);
        }
        List<PackCount> packs = PackChoice.cover(needed, item.packs());
        BigDecimal grams = packs.stream().map(PackCount::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal cost = packs.stream().map(PackCount::cost).reduce(BigDecimal.ZERO, BigDecimal::add);
        return new Purchase(
                item.id(),
                demand,
                needed,
                packs,
                grams,
                cost,
                grams.subtract(needed).max(BigDecimal.ZERO));
    }

    private static BigDecimal inPantry(CookingClass cooking, String item) {
        return cooking.provision().pantry().stream()
                .filter(stock -> stock.item().equals(item))
                .map(Provision.Stock::grams)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
