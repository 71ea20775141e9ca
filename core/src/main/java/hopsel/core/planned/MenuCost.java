package hopsel.core.planned;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.kit.Packing;
import hopsel.core.mise.Batches;
import hopsel.core.provision.Demand;
import hopsel.core.provision.Shopping;
import hopsel.core.shop.Purchase;

import java.math.BigDecimal;
import java.util.List;

/**
 * What a menu costs in work and money.
 *
 * @param kinds of kit
 * @param seconds of packing for one person, the quicker of the two ways
 * @param bought price of all packs
 */
public record MenuCost(int kinds, int seconds, BigDecimal bought) {

    /**
     * Of a class that is planned, or of the same with other ingredients in its dishes.
     *
     * @param wanted the same dishes and steps
     */
    public static MenuCost of(PlannedClass planned, CookingClass wanted, Catalogue builtIn) {
        Batches batches = Batches.of(wanted, builtIn, planned.plan());
        List<Kit> kits = KitPacker.pack(wanted, builtIn, batches);
        Demand demand = Demand.of(wanted, batches, kits);
        AsSold sold = AsSold.of(wanted, builtIn, kits, Shopping.of(wanted, builtIn, demand));
        List<Purchase> purchases = Shopping.of(wanted, builtIn, demand, sold);
        Packing packing = Packing.of(wanted, builtIn, kits, purchases, sold);
        return new MenuCost(
                packing.kinds().size(),
                Math.min(packing.byKit(), packing.byItem()),
                purchases.stream().map(Purchase::cost).reduce(BigDecimal.ZERO, BigDecimal::add));
    }
}
