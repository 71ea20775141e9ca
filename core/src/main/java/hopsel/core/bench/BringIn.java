package hopsel.core.bench;

import hopsel.core.dish.Base;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.recipe.Slug;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Takes a component of another dish into a dish: as much as its servings want, a share, or a share out of it. */
public final class BringIn {

    /** Nobody takes more than a hundred times what a recipe gives. */
    private static final BigDecimal MOST_TIMES = BigDecimal.valueOf(100);

    private BringIn() {}

    /**
     * Both dishes once a component is parted.
     *
     * @param here the dish that takes its share
     * @param there the dish that keeps the rest
     */
    public record Parted(Draft here, Draft there) {}

    /** At the servings of this dish. */
    public static Draft whole(Draft sheet, Draft other, String component) throws RefusedEditException {
        return times(
                sheet,
                other,
                component,
                Decimals.ratio(sheet.dish().servings(), other.dish().servings()));
    }

    /**
     * So much of it, made for this dish on top of what the other makes.
     *
     * @param taken such as half a cup, 200 g, a third of it, all but half a cup
     */
    public static Draft share(Draft sheet, Draft other, String component, String taken, Catalogue builtIn)
            throws RefusedEditException {
        return times(sheet, other, component, shareOf(other, component, taken, sheet, builtIn));
    }

    /** So much of it for this dish, and the rest stays in the other: both together make what the recipe gives. */
    public static Parted parted(Draft sheet, Draft other, String component, String taken, Catalogue builtIn)
            throws RefusedEditException {
        BigDecimal share = shareOf(other, component, taken, sheet, builtIn);
        if (share.compareTo(BigDecimal.ONE) >= 0) {
            throw new RefusedEditException(
                    "How much of it: “%s” is all of it or more, and the other dish would have none. Take less."
                            .formatted(taken));
        }
        BigDecimal rest = BigDecimal.ONE.subtract(share);
        Draft there =
                other.eachComponent(own -> own.id().equals(component) ? own.eachLine(line -> sized(line, rest)) : own);
        return new Parted(times(sheet, other, component, share), there);
    }

    private static BigDecimal shareOf(Draft other, String component, String taken, Draft sheet, Catalogue builtIn)
            throws RefusedEditException {
        PartYield yields = PartYield.of(other, Edits.component(other, component), builtIn);
        BigDecimal share = yields.share(taken, sheet.measures())
                .orElseThrow(() -> new RefusedEditException(
                        yields.grams().isPresent()
                                ? ("How much of it: “%s” is not an amount of it. Write half a cup, 200 g, a third, or "
                                                + "all but half a cup.")
                                        .formatted(taken)
                                : "How much of it: nobody knows what it weighs, for a line in it has no amount. Write "
                                        + "a half or a third, or complete its lines first."));
        if (share.compareTo(MOST_TIMES) > 0) {
            throw new RefusedEditException(
                    "How much of it: “%s” is more than a hundred times what the recipe gives.".formatted(taken));
        }
        return share;
    }

    private static IngredientLine sized(IngredientLine line, BigDecimal factor) {
        // The variants of the other dish are not this one's: whatever is in it, is in it for everybody.
        IngredientLine sized =
                line.withVariant(Optional.empty()).times(line.scaling().factor(factor));
        return sized.withAmount(sized.amount().map(Amount::handy));
    }

    private static Draft times(Draft sheet, Draft other, String component, BigDecimal factor)
            throws RefusedEditException {
        Component own = Edits.component(other, component);
        Map<String, String> ids = new LinkedHashMap<>();
        own.ingredients()
                .forEach(line -> ids.put(
                        line.id(),
                        Slug.free(line.id(), taken -> sheet.line(taken).isPresent() || ids.containsValue(taken))));
        Map<String, String> steps = new LinkedHashMap<>();
        own.steps()
                .forEach(step -> steps.put(
                        step.id(),
                        Slug.free(step.id(), taken -> sheet.step(taken).isPresent() || steps.containsValue(taken))));
        List<IngredientLine> lines = own.ingredients().stream()
                .map(line -> sized(line.withId(ids.get(line.id())), factor))
                .toList();
        List<Step> copies = own.steps().stream()
                .map(step -> Steps.renamed(step, ids, steps))
                .toList();
        String id = Slug.free(own.title(), taken -> sheet.dish().components().stream()
                .anyMatch(known -> known.id().equals(taken)));
        List<Component> components = new ArrayList<>(sheet.dish().components());
        components.add(
                own.withId(id).withIngredients(lines).withSteps(copies).withBase(Optional.of(Base.of(other.dish()))));
        List<Item> items = new ArrayList<>(sheet.items());
        other.items().stream()
                .filter(item -> items.stream().noneMatch(known -> known.id().equals(item.id())))
                .forEach(items::add);
        // What nobody has placed of the other recipe may be about this component.
        Dish dish = sheet.dish()
                .withComponents(components)
                .withPassages(sheet.dish().passages().and(other.dish().passages()));
        return sheet.with(dish).withItems(items);
    }
}
