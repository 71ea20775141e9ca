package hopsel.core.dish;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A dish as it is written down. This is the one place from which a dish is walked ({@link #lines}, {@link #steps},
 * {@link #step}, {@link #line}, {@link #home}) and changed ({@link #eachComponent}, {@link #eachLine},
 * {@link #eachStep}, {@link #change}).
 *
 * @param id unique in the class
 * @param title as announced
 * @param yields what the amounts are for
 * @param components in the order of the recipe
 * @param passages what else stands in the recipe
 * @param vessel what it is made in
 * @param recipe which recipe it is, and in which state; empty: nobody keeps its recipe
 * @param variants what some get otherwise; empty: everybody gets the same. One alone: this is the dish as those have it
 *     who get that variant
 */
@Copyable
public record Dish(
        String id,
        String title,
        Yield yields,
        List<Component> components,
        Passages passages,
        Optional<Vessel> vessel,
        Optional<RecipeState> recipe,
        List<DishVariant> variants)
        implements DishBuilder.With {

    /** Keeps its own copy. */
    public Dish {
        components = List.copyOf(components);
        variants = List.copyOf(variants);
    }

    /** A dish of whose recipe every word was placed. */
    public Dish(String id, String title, BigDecimal servings, List<Component> components) {
        this(id, title, Yield.of(servings), components, Passages.NONE, Optional.empty(), Optional.empty(), List.of());
    }

    /** What the amounts are for, above 0. */
    public BigDecimal servings() {
        return yields.servings();
    }

    /**
     * For how many servings a line's amount is. In a whole dish a line of a variant is reckoned among all servings, for
     * a batch holds them all; for those who get the variant it is among theirs.
     */
    public BigDecimal servingsOf(IngredientLine line) {
        return variants.size() == 1 && line.variant().isPresent()
                ? servings().multiply(variants.get(0).share())
                : servings();
    }

    /** The title as on a label; with the variant's where this is the dish as some have it. */
    public String titleForSome() {
        return variants.size() == 1 ? "%s, %s".formatted(title, variants.get(0).title()) : title;
    }

    /** The variant that a line is for; empty: it goes into all servings. */
    public Optional<DishVariant> variantOf(IngredientLine line) {
        return variants.stream()
                .filter(own -> line.variant().filter(own.id()::equals).isPresent())
                .findFirst();
    }

    /** The same dish by another title and for another number of servings. */
    public Dish called(String otherTitle, BigDecimal otherServings) {
        return withTitle(otherTitle).withYields(yields.withServings(otherServings));
    }

    /** The same dish with every component changed by a rule. */
    public Dish eachComponent(UnaryOperator<Component> rule) {
        return withComponents(components.stream().map(rule).toList());
    }

    /** The same dish with every line changed by a rule. */
    public Dish eachLine(UnaryOperator<IngredientLine> rule) {
        return eachComponent(component -> component.eachLine(rule));
    }

    /** The same dish with every step changed by a rule. */
    public Dish eachStep(UnaryOperator<Step> rule) {
        return eachComponent(component -> component.eachStep(rule));
    }

    /** The same dish with one step changed by a rule. */
    public Dish change(String stepId, UnaryOperator<Step> rule) {
        return eachStep(step -> step.id().equals(stepId) ? rule.apply(step) : step);
    }

    /** The same dish with one line changed by a rule. */
    public Dish changeLine(String lineId, UnaryOperator<IngredientLine> rule) {
        return eachLine(line -> line.id().equals(lineId) ? rule.apply(line) : line);
    }

    /** All lines, component by component. */
    public Stream<IngredientLine> lines() {
        return components.stream().flatMap(component -> component.ingredients().stream());
    }

    /** All steps, component by component. */
    public Stream<Step> steps() {
        return components.stream().flatMap(component -> component.steps().stream());
    }

    /** The step of that id, if there is one. */
    public Optional<Step> step(String stepId) {
        return steps().filter(step -> step.id().equals(stepId)).findFirst();
    }

    /** The component that holds a step or a line of that id. */
    public Optional<Component> home(String held) {
        return components.stream().filter(component -> component.holds(held)).findFirst();
    }

    /**
     * Whether this and another are the same recipe, whatever they are called and in whichever state; where neither says
     * which recipe it is, the id tells.
     */
    public boolean isSameRecipe(Dish other) {
        Optional<String> own = recipe.map(RecipeState::id);
        return own.equals(other.recipe.map(RecipeState::id)) && (own.isPresent() || id.equals(other.id));
    }

    /**
     * The line of that id.
     *
     * @throws IllegalArgumentException if there is none: a class that was reviewed names only lines that exist
     */
    public IngredientLine line(String lineId) {
        return lines().filter(line -> line.id().equals(lineId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no line [%s] in %s.".formatted(lineId, id)));
    }

    /** Whether no step waits for this one. */
    public boolean isFinal(String step) {
        return steps().flatMap(own -> own.after().stream())
                .noneMatch(after -> after.step().equals(step));
    }

    /** The ids of the steps that no other step comes after. */
    public Set<String> finalSteps() {
        Set<String> followed =
                steps().flatMap(step -> step.after().stream()).map(After::step).collect(Collectors.toSet());
        return steps().map(Step::id).filter(step -> !followed.contains(step)).collect(Collectors.toSet());
    }
}
