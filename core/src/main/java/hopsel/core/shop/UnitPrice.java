package hopsel.core.shop;

import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a gram of something costs, as bought. */
public final class UnitPrice {

    private UnitPrice() {}

    /** Of the packs that are bought, or of the best pack where the shelf gives it; empty: nobody has said a price. */
    public static Optional<BigDecimal> of(Item item, List<Purchase> purchases) {
        Optional<BigDecimal> paid = purchases.stream()
                .filter(purchase ->
                        purchase.item().equals(item.id()) && !purchase.packs().isEmpty())
                .map(purchase -> Decimals.ratio(purchase.cost(), purchase.buyGrams()))
                .findFirst();
        return paid.or(() -> item.packs().stream()
                .map(pack -> Decimals.ratio(pack.price(), pack.grams()))
                .min(Comparator.naturalOrder()));
    }
}
