package hopsel.core.vote;

import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Worksheet;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Menu;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What an idea would take, from its dishes.
 *
 * @param handsOn    seconds of hands work of all dishes
 * @param longest    seconds of the longest chain among them: no class of it is shorter without swap-outs
 * @param perServing ingredients of a serving of each dish, at the price of the best pack; what has no price is left out
 * @param unpriced   names of items without a price
 * @param avoid      regulars who avoid something in it that must not be left out
 * @param regulars   how many there are
 */
public record IdeaCost(int handsOn, int longest, BigDecimal perServing, List<String> unpriced, int avoid, int regulars) {

    /** Of dishes as they stand on the bench. */
    public static IdeaCost of(List<Worksheet> dishes, Catalogue builtIn, List<Attendee> regulars) {
        int handsOn = 0;
        int longest = 0;
        BigDecimal cost = BigDecimal.ZERO;
        List<String> unpriced = new ArrayList<>();
        for (Worksheet sheet : dishes) {
            DishTimes times = DishTimes.of(sheet.dish());
            handsOn += times.handsOn();
            longest = Math.max(longest, times.elapsed());
            Catalogue catalogue = sheet.catalogue(builtIn);
            BigDecimal batch = sheet.dish().lines().map(line -> cost(line, sheet, catalogue, unpriced)).reduce(BigDecimal.ZERO, BigDecimal::add);
            cost = cost.add(Decimals.ratio(batch, sheet.dish().servings()));
        }
        int avoid = (int) regulars.stream().filter(regular -> dishes.stream().anyMatch(sheet -> sheet.dish().lines().filter(line -> !line.optional())
                .anyMatch(line -> sheet.catalogue(builtIn).find(line.item()).filter(item -> !Menu.avoided(item, regular).isEmpty()).isPresent()))).count();
        return new IdeaCost(handsOn, longest, cost, unpriced.stream().distinct().toList(), avoid, regulars.size());
    }

    private static BigDecimal cost(IngredientLine line, Worksheet sheet, Catalogue catalogue, List<String> unpriced) {
        Optional<Item> item = catalogue.find(line.item());
        Optional<BigDecimal> grams = item.flatMap(known -> line.amount().flatMap(amount -> sheet.weigher().grams(known, amount)));
        if (grams.isEmpty()) {
            return BigDecimal.ZERO;
        }
        Optional<BigDecimal> price = item.get().packs().stream().map(pack -> Decimals.ratio(pack.price(), pack.grams())).min(Comparator.naturalOrder());
        if (price.isEmpty()) {
            unpriced.add(item.get().name());
        }
        return price.map(gram -> Decimals.ratio(grams.get(), item.get().edibleShare()).multiply(gram, Decimals.EXACT)).orElse(BigDecimal.ZERO);
    }
}
