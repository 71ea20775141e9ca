package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** "2 cups cooked millet" is far less than two cups of millet: what is bought and weighed is dry. */
final class CookedGrain {

    /** Grams in a millilitre of cooked grain, loosely filled. Kitchen practice. */
    private static final BigDecimal LOOSE = new BigDecimal("0.7");

    private CookedGrain() {}

    /** Whether its name says cooked, and it is sold dry. "1 cup quinoa, cooked" is measured first, and cooked then. */
    static boolean isSaid(String name, Item item) {
        List<String> words = ItemFinder.words(name);
        return item.practice().cooked().isPresent()
                && !item.has(Trait.COOKED)
                && !item.has(Trait.CANNED)
                && words.contains("cooked");
    }

    /** Grams dry of something that was weighed soaked; empty where it was not, or nobody knows how it swells. */
    static Optional<BigDecimal> unsoaked(Item item, String name, Optional<Amount> amount, Weigher weigher) {
        boolean soaked = ItemFinder.words(name).contains("soaked");
        return item.practice().soaked().filter(any -> soaked).flatMap(factor -> amount.flatMap(
                        own -> own.unit().grams().map(own.high()::multiply))
                .map(grams -> Decimals.ratio(grams, factor)));
    }

    /** Grams dry; empty where the amount is no weight or volume. */
    static Optional<BigDecimal> dry(Item item, Optional<Amount> amount, Weigher weigher) {
        BigDecimal factor = item.practice().cooked().orElseThrow();
        return amount.flatMap(own -> weigher.measures()
                        .millilitres(own.unit())
                        .map(own.high()::multiply)
                        .map(LOOSE::multiply)
                        .or(() -> weigher.grams(item, own)))
                .map(cooked -> Decimals.ratio(cooked, factor));
    }
}
