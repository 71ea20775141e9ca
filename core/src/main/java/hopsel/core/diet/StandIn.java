package hopsel.core.diet;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Something else in place of what the shop does not have: in every dish of the class, and so in every kit and handout.
 */
public final class StandIn {

    private StandIn() {}

    /**
     * The class with another item in place of one, weight for weight by a ratio.
     *
     * @param ratio grams of the other for each gram, above 0
     */
    public static CookingClass apply(
            CookingClass cooking, Catalogue builtIn, String item, String use, BigDecimal ratio) {
        Catalogue catalogue = cooking.catalogue(builtIn);
        List<Dish> dishes = cooking.dishes().stream()
                .map(dish -> dish.eachComponent(component -> component.withIngredients(component.ingredients().stream()
                        .map(line -> line.item().equals(item) ? line(cooking, catalogue, line, use, ratio) : line)
                        .toList())))
                .toList();
        return cooking.with(dishes);
    }

    /** Something that could stand in: so many grams of it for each gram. */
    public record Choice(String use, BigDecimal ratio) {}

    /** What could stand in for an item: what the class says first, then what cooks do and the catalogue knows. */
    public static List<Choice> choices(CookingClass cooking, Catalogue builtIn, String item) {
        Stream<Choice> own = cooking.substitutions().stream()
                .filter(known -> known.replaced().equals(item))
                .map(known -> new Choice(known.use(), known.ratio()));
        Catalogue catalogue = cooking.catalogue(builtIn);
        Stream<Choice> usual = KnownSubstitution.of(item).stream()
                .filter(known -> catalogue.find(known.use()).isPresent())
                .map(known -> new Choice(known.use(), known.ratio()));
        Map<String, Choice> byUse = new LinkedHashMap<>();
        Stream.concat(own, usual).forEach(choice -> byUse.putIfAbsent(choice.use, choice));
        return List.copyOf(byUse.values());
    }

    /** The class without an item, where every line of it may be left out. */
    public static CookingClass without(CookingClass cooking, String item) {
        return cooking.with(cooking.dishes().stream()
                .map(dish -> {
                    List<String> gone = dish.lines()
                            .filter(line -> line.item().equals(item) && line.optional())
                            .map(IngredientLine::id)
                            .toList();
                    return dish.eachComponent(component -> component
                            .withIngredients(component.ingredients().stream()
                                    .filter(line -> !gone.contains(line.id()))
                                    .toList())
                            .eachStep(step -> step.withUses(step.uses().stream()
                                    .filter(use -> !gone.contains(use.ingredient()))
                                    .toList())));
                })
                .toList());
    }

    private static IngredientLine line(
            CookingClass cooking, Catalogue catalogue, IngredientLine line, String use, BigDecimal ratio) {
        Optional<Amount> amount = line.amount().map(old -> {
            BigDecimal high =
                    cooking.weigher().grams(catalogue.get(line.item()), old).orElseThrow();
            BigDecimal low = high.multiply(Decimals.ratio(old.low(), old.high()), Decimals.EXACT);
            return new Amount(grams(low, ratio), grams(high, ratio), Unit.G, Optional.empty());
        });
        return line.of(use, amount, line.prep());
    }

    private static BigDecimal grams(BigDecimal grams, BigDecimal ratio) {
        return grams.multiply(ratio).setScale(1, RoundingMode.HALF_UP);
    }
}
