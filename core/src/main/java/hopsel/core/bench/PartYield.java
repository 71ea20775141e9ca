package hopsel.core.bench;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.Part;
import hopsel.core.food.Product;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.TakenShare;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a component gives, cooked from its own lines alone: its weight with the water that dry things drank, without
 * what was poured off; steam is not reckoned.
 *
 * @param grams that it gives; empty where something in it has no weight
 * @param millilitres that it fills; empty likewise
 * @param parts what is in it, each line once
 */
public record PartYield(Optional<BigDecimal> grams, Optional<BigDecimal> millilitres, List<Part> parts) {

    /** Keeps its own copy. */
    public PartYield {
        parts = List.copyOf(parts);
    }

    /** What a component of this sheet gives. */
    public static PartYield of(Draft sheet, Component component, Catalogue builtIn) {
        Set<String> own = component.steps().stream().map(step -> step.id()).collect(Collectors.toSet());
        Component alone = component.eachStep(step -> step.withAfter(step.after().stream()
                .filter(after -> own.contains(after.step()))
                .toList()));
        Dish dish = sheet.dish().withComponents(List.of(alone));
        FoodFlow flow = FoodFlow.of(dish, sheet.catalogue(builtIn));
        // Half of a line at each of two ends is all of it.
        Map<String, Part> byLine = new LinkedHashMap<>();
        flow.served().stream()
                .flatMap(product -> product.inIt().stream())
                .forEach(part -> byLine.merge(part.line().id(), part, Part::together));
        List<Part> parts = List.copyOf(byLine.values());
        Product all = new Product(component.id(), parts, Set.of());
        Weigher weigher = sheet.weigher();
        return new PartYield(all.grams(weigher), all.millilitres(weigher), parts);
    }

    /** The share of it that these words name, such as "half a cup"; empty where they cannot be held against it. */
    Optional<BigDecimal> share(String words, Measures measures) {
        return TakenShare.of(words, grams, millilitres, measures);
    }

    /** What each part weighs as it stands in it, heaviest first; what is to taste is left out. */
    public List<Weighed> weighed(Weigher weigher) {
        return parts.stream()
                .flatMap(part -> new Product(part.line().id(), parts, Set.of())
                                .grams(part, weigher)
                                .map(grams -> new Weighed(part.item().shortName(), grams))
                                .stream())
                .sorted((one, two) -> two.grams.compareTo(one.grams))
                .toList();
    }

    /**
     * One part of it.
     *
     * @param name of the ingredient
     * @param grams cooked
     */
    public record Weighed(String name, BigDecimal grams) {}
}
