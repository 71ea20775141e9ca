package hopsel.core.recipe;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads which components stand on the side of a dish, such as a dip or a garnish. */
public final class Aside {

    /** What components on the side of a dish are called; kitchen English. */
    private static final Pattern ASIDE = Pattern.compile(
            "\\b(?:dips?|garnish\\w*|toppings?|top|relish|pickles?|pickled|salsa|drizzles?|crumbs?|sprinkles?|"
                    + "side|salad|curls?|extras?|dill cream|sour cream)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Something on the side and something else, such as noodles and toppings, is not on the side. */
    private static final Pattern MORE = Pattern.compile("\\b(?:and|with)\\b|&", Pattern.CASE_INSENSITIVE);

    private Aside() {}

    /**
     * Whether a dish can do without a component: it is named like something on the side, or may be left out line by
     * line; nothing but the last steps of the dish waits for it, and something else is left.
     */
    public static boolean goesWithout(Dish dish, Component component) {
        boolean aside = ASIDE.matcher(component.title()).find()
                        && !MORE.matcher(component.title()).find()
                || component.steps().stream()
                        .allMatch(step -> ASIDE.matcher(step.title()).find());
        boolean optional = !component.ingredients().isEmpty()
                && component.ingredients().stream().allMatch(IngredientLine::optional);
        // A last sprinkle can go; a component of steps that the dish ends with puts it onto the plate.
        boolean endsElsewhere = component.steps().size() == 1
                || dish.finalSteps().stream().anyMatch(id -> component.steps().stream()
                        .noneMatch(step -> step.id().equals(id)));
        return (aside || optional) && endsElsewhere && onlyTheLastWaitFor(dish, component);
    }

    private static boolean onlyTheLastWaitFor(Dish dish, Component component) {
        Set<String> own = component.steps().stream().map(Step::id).collect(Collectors.toSet());
        List<Step> others =
                dish.steps().filter(step -> !own.contains(step.id())).toList();
        Set<String> waiting = others.stream()
                .filter(step -> step.after().stream().anyMatch(after -> own.contains(after.step())))
                .map(Step::id)
                .collect(Collectors.toSet());
        return !others.isEmpty()
                && others.stream()
                        .noneMatch(step -> step.after().stream().anyMatch(after -> waiting.contains(after.step())));
    }
}
