package hopsel.core.caution;

import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A caution of a dish, and the steps that call for it.
 *
 * @param caution which
 * @param steps titles of the steps; empty: it is about the dish
 */
public record FoundCaution(Caution caution, List<String> steps) {

    /** Keeps its own copy. */
    public FoundCaution {
        steps = List.copyOf(steps);
    }

    /** The cautions of a dish, in the order of {@link Caution}. */
    public static List<FoundCaution> of(Dish dish, Catalogue catalogue) {
        Map<Caution, List<String>> steps = new EnumMap<>(Caution.class);
        CautionFinder.of(dish, catalogue).forEach(caution -> steps.put(caution, new ArrayList<>()));
        dish.steps().forEach(step -> StepCautions.of(dish, step, catalogue)
                .forEach(caution ->
                        steps.computeIfAbsent(caution, any -> new ArrayList<>()).add(step.title())));
        return steps.entrySet().stream()
                .map(entry -> new FoundCaution(entry.getKey(), entry.getValue()))
                .toList();
    }
}
