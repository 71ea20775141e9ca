package hopsel.core.dish;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A dish as it is written down.
 *
 * @param id         unique in the class
 * @param title      as announced
 * @param servings   what the amounts are for, above 0
 * @param components in the order of the recipe
 * @param passages   what else stands in the recipe
 */
public record Dish(String id, String title, BigDecimal servings, List<Component> components, Passages passages) {

    /** What components on the side of a dish are called; kitchen English. */
    private static final Pattern ASIDE = Pattern.compile("\\b(?:dips?|garnish\\w*|toppings?|top|relish|pickles?|pickled|salsa|drizzles?|crumbs?|sprinkles?|side|salad|curls?|extras?|dill cream|sour cream)\\b", Pattern.CASE_INSENSITIVE);

    /** Something on the side and something else, such as noodles and toppings, is not on the side. */
    private static final Pattern MORE = Pattern.compile("\\b(?:and|with)\\b|&", Pattern.CASE_INSENSITIVE);

    /** Keeps its own copy. */
    public Dish {
        components = List.copyOf(components);
    }

    /** A dish of whose recipe every word was placed. */
    public Dish(String id, String title, BigDecimal servings, List<Component> components) {
        this(id, title, servings, components, Passages.NONE);
    }

    /** The same dish with other components. */
    public Dish with(List<Component> others) {
        return new Dish(id, title, servings, others, passages);
    }

    /** The same dish, of whose recipe this is left over. */
    public Dish with(Passages others) {
        return new Dish(id, title, servings, components, others);
    }

    /** The same dish under another id. */
    public Dish named(String otherId) {
        return new Dish(otherId, title, servings, components, passages);
    }

    /** The same dish by another title and for another number of servings. */
    public Dish called(String otherTitle, BigDecimal otherServings) {
        return new Dish(id, otherTitle, otherServings, components, passages);
    }

    /** The same dish with every component changed by a rule. */
    public Dish eachComponent(UnaryOperator<Component> rule) {
        return with(components.stream().map(rule).toList());
    }

    /** All lines, component by component. */
    public Stream<IngredientLine> lines() {
        return components.stream().flatMap(component -> component.ingredients().stream());
    }

    /** All steps, component by component. */
    public Stream<Step> steps() {
        return components.stream().flatMap(component -> component.steps().stream());
    }

    /**
     * The line of that id.
     *
     * @throws IllegalArgumentException if there is none: a class that was reviewed names only lines that exist
     */
    public IngredientLine line(String lineId) {
        return lines().filter(line -> line.id().equals(lineId)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no line [%s] in %s.".formatted(lineId, id)));
    }

    /**
     * Whether a dish can do without a component: it is named like something on the side, or may be left out line by line;
     * nothing but the last steps of the dish waits for it, and something else is left.
     */
    public boolean goesWithout(Component component) {
        boolean aside = ASIDE.matcher(component.title()).find() && !MORE.matcher(component.title()).find() || component.steps().stream().allMatch(step -> ASIDE.matcher(step.title()).find());
        boolean optional = !component.ingredients().isEmpty() && component.ingredients().stream().allMatch(IngredientLine::optional);
        // A last sprinkle can go; a component of steps that the dish ends with puts it onto the plate.
        boolean endsElsewhere = component.steps().size() == 1 || finalSteps().stream().anyMatch(id -> component.steps().stream().noneMatch(step -> step.id().equals(id)));
        return (aside || optional) && endsElsewhere && onlyTheLastWaitFor(component);
    }

    private boolean onlyTheLastWaitFor(Component component) {
        Set<String> own = component.steps().stream().map(Step::id).collect(Collectors.toSet());
        List<Step> others = steps().filter(step -> !own.contains(step.id())).toList();
        Set<String> waiting = others.stream().filter(step -> step.after().stream().anyMatch(after -> own.contains(after.step()))).map(Step::id).collect(Collectors.toSet());
        return !others.isEmpty() && others.stream().noneMatch(step -> step.after().stream().anyMatch(after -> waiting.contains(after.step())));
    }

    /** The ids of the steps that no other step comes after. */
    public Set<String> finalSteps() {
        Set<String> followed = steps().flatMap(step -> step.after().stream()).map(After::step).collect(Collectors.toSet());
        return steps().map(Step::id).filter(step -> !followed.contains(step)).collect(Collectors.toSet());
    }
}
