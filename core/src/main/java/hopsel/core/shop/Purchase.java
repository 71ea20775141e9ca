package hopsel.core.shop;

import java.math.BigDecimal;
import java.util.List;

/**
 * What is bought of one item.
 *
 * @param item id
 * @param demandGrams edible, with the spare share, exact
 * @param neededGrams as bought, less the pantry, exact; 0 or more
 * @param packs what covers it; empty: sold loose, or nothing has to be bought
 * @param buyGrams what the packs hold; of something sold loose, just what is needed
 * @param cost of all packs
 * @param leftGrams bought and not needed, exact
 */
public record Purchase(
        String item,
        BigDecimal demandGrams,
        BigDecimal neededGrams,
        List<PackCount> packs,
        BigDecimal buyGrams,
        BigDecimal cost,
        BigDecimal leftGrams) {

    /** Keeps its own copy. */
    public Purchase {
        packs = List.copyOf(packs);
    }

    /** This, and packs that are needed whole. */
    public Purchase and(PackCount whole) {
        return new Purchase(
                item,
                demandGrams,
                neededGrams.add(whole.grams()),
                PackCount.with(whole, packs),
                buyGrams.add(whole.grams()),
                cost.add(whole.cost()),
                leftGrams);
    }
}
