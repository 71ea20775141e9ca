package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Ancestry;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;
import hopsel.core.measure.Working.Operation;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The batches that a plan asks for: the demo batch and one more for every swap-out, with what goes into each step.
 *
 * <p>A step that is not shown is made once, in a larger quantity, for the main copy and every copy that builds on it.
 */
public final class Batches {

    private final CookingClass cooking;
    private final Catalogue catalogue;
    private final Set<StepRef> swaps;
    private final Set<StepRef> notShown;
    private final Map<StepRef, SwapBatch> batches = new LinkedHashMap<>();

    private Batches(CookingClass cooking, Catalogue builtIn, Plan plan) {
        this.cooking = cooking;
        this.catalogue = cooking.catalogue(builtIn);
        this.swaps = plan.swapped();
        this.notShown = Set.copyOf(plan.notShown());
        for (Dish dish : cooking.dishes()) {
            collect(dish);
        }
    }

    /** The batches of a class under a plan; of an impossible plan, the demo batch alone. */
    public static Batches of(CookingClass cooking, Catalogue builtIn, Plan plan) {
        return new Batches(cooking, builtIn, plan);
    }

    private void collect(Dish dish) {
        Ancestry ancestry = Ancestry.of(dish);
        dish.steps()
                .map(Step::id)
                .map(id -> new StepRef(dish.id(), id))
                .filter(swaps::contains)
                .forEach(swap -> {
                    SwapBatch batch = new SwapBatch(new ArrayList<>(), new ArrayList<>());
                    Set<String> before = ancestry.before(swap.step());
                    dish.steps().forEach(step -> {
                        if (step.id().equals(swap.step()) || (before.contains(step.id()) && shown(dish, step))) {
                            batch.copied.add(step);
                        } else if (before.contains(step.id())) {
                            batch.shared.add(step);
                        }
                    });
                    batches.put(swap, batch);
                });
    }

    private boolean shown(Dish dish, Step step) {
        return step.show() == Show.MUST
                || (step.show() == Show.MAY && !notShown.contains(cooking.made(new StepRef(dish.id(), step.id()))));
    }

    /** Edible grams of a line at a number of servings of its dish; 0 for a line "to taste". */
    public BigDecimal grams(Dish dish, IngredientLine line, BigDecimal servings) {
        return line.amount()
                .map(amount -> cooking.weigher()
                        .grams(catalogue.get(line.item()), amount)
                        .orElseThrow(() ->
                                new IllegalArgumentException("The line [%s] cannot be weighed.".formatted(line.id())))
                        .multiply(
                                line.scaling().factor(Decimals.ratio(servings, dish.servingsOf(line))), Decimals.EXACT))
                .orElse(BigDecimal.ZERO);
    }

    /** How {@link #grams} comes about. */
    public Working working(Dish dish, IngredientLine line, BigDecimal servings) {
        if (line.amount().isEmpty()) {
            return Working.NONE;
        }
        Amount amount = line.amount().get();
        BigDecimal of = dish.servingsOf(line);
        Working working = weighed(
                Working.NONE.then(Operation.AMOUNT, amount.high(), amount.unit().word(), of),
                catalogue.get(line.item()),
                amount);
        return switch (line.scaling()) {
            case LINEAR -> working.then(Operation.LINEAR, servings, of);
            case DAMPED ->
                working.then(Operation.DAMPED, servings, of, Scaling.DAMPED.factor(Decimals.ratio(servings, of)));
            case FIXED -> working.then(Operation.FIXED);
        };
    }

    private Working weighed(Working working, Item item, Amount amount) {
        Unit unit = amount.unit();
        return switch (unit) {
            case PIECE ->
                working.then(Operation.PIECE, item.gramsPerPiece(amount.size()).orElseThrow(), item.edibleShare());
            case CAN -> working.then(Operation.CAN, item.gramsPerCan().orElseThrow());
            default ->
                cooking.measures()
                        .millilitres(unit)
                        .map(ml -> working.then(
                                Operation.VOLUME, ml, item.gramsPerMl().orElseThrow()))
                        .orElseGet(() ->
                                working.then(Operation.WEIGHT, unit.grams().orElseThrow()));
        };
    }

    /**
     * What goes into the activity of a step in a copy; of what is made once for two dishes, that of both.
     *
     * @return one portion for each use, those "to taste" with 0 grams
     */
    public List<Portion> portions(StepRef ref, Copy copy) {
        return Stream.concat(Stream.of(ref), cooking.alsoFor(ref).stream())
                .filter(own -> copy.once()
                        || own.dish().equals(copy.swapOf().orElseThrow().dish()))
                .flatMap(own -> ownPortions(own, copy))
                .toList();
    }

    private Stream<Portion> ownPortions(StepRef ref, Copy copy) {
        Dish dish = cooking.dish(ref.dish());
        Step step = cooking.step(ref);
        BigDecimal times = BigDecimal.valueOf(copy.once() ? 1 + sharers(step, ref.dish()) : 1);
        return step.uses().stream().map(use -> portion(dish, use, times));
    }

    private Portion portion(Dish dish, Use use, BigDecimal times) {
        IngredientLine line = dish.line(use.ingredient());
        BigDecimal servings = cooking.provision().demoServings();
        BigDecimal grams = grams(dish, line, servings)
                .multiply(use.share(), Decimals.EXACT)
                .multiply(times);
        return new Portion(
                line,
                grams,
                working(dish, line, servings).then(Operation.SHARE, use.share()).then(Operation.BATCHES, times));
    }

    private long sharers(Step step, String dish) {
        return batches.entrySet().stream()
                .filter(entry -> entry.getKey().dish().equals(dish))
                .filter(entry -> entry.getValue().shared.contains(step))
                .count();
    }

    /** What each swap-out costs in ingredients: its copied steps and its part of the shared ones. */
    public List<Portion> swapPortions(Dish dish) {
        List<Portion> portions = new ArrayList<>();
        batches.forEach((swap, batch) -> {
            if (swap.dish().equals(dish.id())) {
                batch.copied.forEach(
                        step -> step.uses().forEach(use -> portions.add(portion(dish, use, BigDecimal.ONE))));
                batch.shared.forEach(
                        step -> step.uses().forEach(use -> portions.add(portion(dish, use, BigDecimal.ONE))));
            }
        });
        return portions;
    }

    /** The making of every step: all in the main copy, then those made beforehand, in the order of the class file. */
    public List<Making> makings() {
        List<Making> makings = new ArrayList<>();
        for (Dish dish : cooking.dishes()) {
            dish.steps().forEach(step -> {
                StepRef ref = cooking.made(new StepRef(dish.id(), step.id()));
                if (ref.dish().equals(dish.id())) {
                    makings.add(new Making(ref, Copy.MAIN));
                }
                batches.forEach((swap, batch) -> {
                    if (swap.dish().equals(dish.id()) && batch.copied.contains(step)) {
                        makings.add(new Making(ref, Copy.swap(swap)));
                    }
                });
            });
        }
        return makings;
    }

    /** How many swap-outs of final steps a dish has; each gives a batch that can be tasted. */
    public long swappedFinals(Dish dish) {
        Set<String> finals = dish.finalSteps();
        return swaps.stream()
                .filter(swap -> swap.dish().equals(dish.id()) && finals.contains(swap.step()))
                .count();
    }

    /**
     * A step in one of its copies.
     *
     * @param step which
     * @param copy main, or made beforehand
     */
    public record Making(StepRef step, Copy copy) {}

    /**
     * What of a line goes in.
     *
     * @param line which
     * @param grams edible, exact; 0 for "to taste"
     * @param working how the grams come about
     */
    public record Portion(IngredientLine line, BigDecimal grams, Working working) {

        /** A part of it, 0 to 1. */
        Portion share(BigDecimal of) {
            return new Portion(line, grams.multiply(of, Decimals.EXACT), working.then(Operation.SHARE, of));
        }
    }

    private record SwapBatch(List<Step> copied, List<Step> shared) {}
}
