package hopsel.core.nutrition;

import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.nutrition.NutritionFacts.Part;

import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The amounts of a dish, bent as little as can be so that a serving holds what somebody wants of it: the least sum of
 * squares of what each amount changes by, as a share of it, between half of it and twice of it (a convex quadratic
 * programme, solved by ojAlgo). What seasons, sets or comes out of the tap stays as it is.
 *
 * @param changes lines with another amount, in the order of the dish
 * @param facts of the dish with these amounts
 * @param met whether a serving then holds what was wanted, to a fiftieth
 */
public record Bent(List<Change> changes, NutritionFacts facts, boolean met) {

    private static final double LEAST = 0.5;
    private static final double MOST = 2;
    /** What missing the target weighs against changing amounts: enough that it is met wherever it can be. */
    private static final double MEETS = 1_000_000;

    private static final BigDecimal NEAR = new BigDecimal("0.02");
    private static final Set<Trait> STAYS = Set.of(Trait.SPICE, Trait.SEASONING, Trait.TAP, Trait.GELS);

    /** Keeps its own copy. */
    public Bent {
        changes = List.copyOf(changes);
    }

    /**
     * A line with another amount.
     *
     * @param line id
     * @param item name
     * @param before grams as written
     * @param after grams, as a scale shows them
     */
    public record Change(String line, String item, BigDecimal before, BigDecimal after) {}

    /** The dish with these amounts. */
    public Dish applied(Dish dish) {
        Dish now = dish;
        for (Change change : changes) {
            Optional<Amount> amount = Optional.of(Amount.of(change.after, Unit.G));
            now = now.changeLine(change.line, line -> line.withAmount(amount));
        }
        return now;
    }

    private record Weighed(IngredientLine line, Item item, BigDecimal grams, boolean free) {

        private double holds(String nutrient) {
            return item.nutrients()
                            .map(own -> own.values().getOrDefault(nutrient, BigDecimal.ZERO))
                            .orElse(BigDecimal.ZERO)
                            .doubleValue()
                    * grams.doubleValue()
                    / 100;
        }
    }

    /**
     * Bends a dish.
     *
     * @param wanted in a serving, by name of the value; each above 0
     */
    public static Bent of(Dish dish, Catalogue catalogue, Weigher weigher, Map<String, BigDecimal> wanted) {
        List<Weighed> all = dish.lines()
                .flatMap(line -> line
                        .amount()
                        .flatMap(amount -> weigher.grams(catalogue.get(line.item()), amount))
                        .filter(grams -> grams.signum() > 0)
                        .map(grams -> weighed(line, catalogue.get(line.item()), grams, wanted.keySet()))
                        .stream())
                .toList();
        double[] factors = factors(all, dish.servings().doubleValue(), wanted);
        List<Change> changes = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Weighed own = all.get(i);
            BigDecimal after = own.free ? scale(own.grams.multiply(BigDecimal.valueOf(factors[i]))) : own.grams;
            if (own.free && after.compareTo(scale(own.grams)) != 0) {
                changes.add(new Change(own.line.id(), own.item.name(), own.grams, after));
                parts.add(new Part(own.item, Optional.of(after)));
            } else {
                parts.add(new Part(own.item, Optional.of(own.grams)));
            }
        }
        NutritionFacts facts = NutritionFacts.of(parts);
        NutritionFacts serving = facts.perServing(dish.servings());
        boolean met = wanted.entrySet().stream()
                .allMatch(one -> serving.value(one.getKey())
                                .subtract(one.getValue())
                                .abs()
                                .compareTo(one.getValue().multiply(NEAR))
                        <= 0);
        return new Bent(changes, facts, met);
    }

    private static Weighed weighed(IngredientLine line, Item item, BigDecimal grams, Set<String> wanted) {
        boolean known = item.nutrients()
                .filter(own -> own.values().keySet().containsAll(wanted))
                .isPresent();
        boolean stays = item.traits().stream().anyMatch(STAYS::contains);
        return new Weighed(line, item, grams, known && !stays);
    }

    private static double[] factors(List<Weighed> all, double servings, Map<String, BigDecimal> wanted) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        Expression cost = model.newExpression("cost").weight(1);
        List<Variable> amounts = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            boolean free = all.get(i).free;
            Variable amount =
                    model.newVariable("amount" + i).lower(free ? LEAST : 1).upper(free ? MOST : 1);
            cost.set(amount, amount, 1);
            cost.set(amount, -2);
            amounts.add(amount);
        }
        wanted.forEach((nutrient, perServing) -> {
            double whole = perServing.doubleValue() * servings;
            Variable off = model.newVariable("off " + nutrient).lower(-1_000).upper(1_000);
            cost.set(off, off, MEETS);
            Expression holds = model.newExpression(nutrient).level(1);
            for (int i = 0; i < all.size(); i++) {
                holds.set(amounts.get(i), all.get(i).holds(nutrient) / whole);
            }
            holds.set(off, -1);
        });
        Optimisation.Result best = model.minimise();
        double[] factors = new double[all.size()];
        for (int i = 0; i < factors.length; i++) {
            factors[i] = best.doubleValue(i);
        }
        return factors;
    }

    /** As a kitchen scale shows it: half grams under 10 g, fives from 100 g. */
    private static BigDecimal scale(BigDecimal grams) {
        BigDecimal step = BigDecimal.ONE;
        if (grams.compareTo(BigDecimal.TEN) < 0) {
            step = new BigDecimal("0.5");
        } else if (grams.compareTo(BigDecimal.valueOf(100)) >= 0) {
            step = BigDecimal.valueOf(5);
        }
        return grams.divide(step, 0, RoundingMode.HALF_UP).multiply(step);
    }
}
