package hopsel.core.dish;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * What some of those who eat a dish get otherwise: mild and hot, with peanuts and without. Lines of a variant go into
 * that share of the servings alone; all other lines go into every serving.
 *
 * @param id unique in its dish
 * @param title as on a label, such as "mild"
 * @param share of the servings, above 0 and below 1; those of all variants of a dish come to 1
 */
@Copyable
public record DishVariant(String id, String title, BigDecimal share) implements DishVariantBuilder.With {

    /**
     * A dish as those have it who get this variant: lines of others are gone, and so are steps in which nothing else
     * went in; who waited for them waits for what they waited for.
     */
    public Dish of(Dish dish) {
        Predicate<IngredientLine> theirs =
                line -> line.variant().filter(other -> !other.equals(id)).isEmpty();
        Set<String> gone = new HashSet<>();
        dish.lines().filter(theirs.negate()).map(IngredientLine::id).forEach(gone::add);
        Map<String, List<After>> skipped = new TreeMap<>();
        dish.steps()
                .filter(step ->
                        !step.uses().isEmpty() && step.uses().stream().allMatch(use -> gone.contains(use.ingredient())))
                .forEach(step -> skipped.put(step.id(), step.after()));
        return dish.withVariants(List.of(this)).eachComponent(component -> component
                .withIngredients(component.ingredients().stream().filter(theirs).toList())
                .withSteps(component.steps().stream()
                        .filter(step -> !skipped.containsKey(step.id()))
                        .map(step -> step.withAfter(bridged(step.after(), skipped))
                                .withUses(step.uses().stream()
                                        .filter(use -> !gone.contains(use.ingredient()))
                                        .toList()))
                        .toList()));
    }

    private static List<After> bridged(List<After> after, Map<String, List<After>> skipped) {
        List<After> next = after;
        // A chain of skipped steps is at most as long as there are skipped steps.
        for (int i = 0; i <= skipped.size(); i++) {
            next = next.stream()
                    .flatMap(own -> skipped.getOrDefault(own.step(), List.of(own)).stream())
                    .distinct()
                    .toList();
        }
        return next;
    }
}
