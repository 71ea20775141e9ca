package hopsel.core.bench;

import hopsel.core.Copyable;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.RecipeState;
import hopsel.core.dish.Step;
import hopsel.core.dish.Yield;
import hopsel.core.food.Staging;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A dish on the bench, and around it what only its author needs. Immutable; {@link Edits} makes the next one. All that
 * is true of the dish stands in the dish itself and goes with it into classes.
 *
 * @param dish components, lines and steps
 * @param items ingredients the dish brings, over those of the catalogue
 * @param measures cups and spoons it is written in
 * @param notes what its author said or has yet to look at
 */
@Copyable
public record Draft(Dish dish, List<Item> items, Measures measures, Notes notes) implements DraftBuilder.With {

    /** Keeps its own copy. */
    public Draft {
        items = List.copyOf(items);
    }

    /** The draft for a recipe that was read. */
    public static Draft of(DishProposal proposal, String source, Measures measures) {
        Notes notes = Notes.NONE
                .withSource(source)
                .withGuessed(proposal.guessed())
                .withHeadline(proposal.recipe().headline().map(time -> time.likely()));
        Dish dish = proposal.dish();
        Dish counted =
                dish.withYields(dish.yields().withPieces(proposal.recipe().pieces()));
        boolean servingsSaid = proposal.recipe().servings().isPresent();
        return new Draft(
                counted, proposal.items(), measures, servingsSaid ? notes : notes.guess(Notes.DISH, "servings"));
    }

    /** With proposals for how its steps are brought before people, marked as guessed. */
    public Draft staged() {
        Notes marked = notes;
        for (Step step : dish.steps().toList()) {
            marked = Staging.of(dish, step).any() ? marked.guess(step.id(), Notes.SHOWN) : marked;
        }
        return with(Staging.staged(dish)).with(marked);
    }

    /** The same draft as that recipe in that state. */
    public Draft keptAs(RecipeState recipe) {
        return with(dish.withRecipe(Optional.of(recipe)));
    }

    /** The catalogue with the dish's own items over it. */
    public Catalogue catalogue(Catalogue builtIn) {
        return builtIn.with(items);
    }

    /** Turns amounts into grams. */
    public Weigher weigher() {
        return new Weigher(measures);
    }

    /** The step of that id, if there is one. */
    public Optional<Step> step(String id) {
        return dish.step(id);
    }

    /** The line of that id, if there is one. */
    public Optional<IngredientLine> line(String id) {
        return dish.lines().filter(line -> line.id().equals(id)).findFirst();
    }

    /** The component that holds a step or a line. */
    public Optional<Component> home(String id) {
        return dish.home(id);
    }

    /** The same amounts, told in the cups and spoons of another place. */
    public Draft in(Measures others) {
        return with(dish.eachLine(line -> told(line, others))).withMeasures(others);
    }

    private IngredientLine told(IngredientLine line, Measures others) {
        Optional<BigDecimal> own = line.amount().flatMap(amount -> measures.millilitres(amount.unit()));
        if (own.isEmpty()) {
            return line;
        }
        BigDecimal other = others.millilitres(line.amount().get().unit()).orElseThrow();
        return line.times(Decimals.ratio(own.get(), other));
    }

    /** With another dish. */
    public Draft with(Dish other) {
        return withDish(other);
    }

    /** With other notes. */
    public Draft with(Notes other) {
        return withNotes(other);
    }

    /** With every component changed by a rule. */
    Draft eachComponent(UnaryOperator<Component> rule) {
        return with(dish.eachComponent(rule));
    }

    /** With every line changed by a rule. */
    Draft eachLine(UnaryOperator<IngredientLine> rule) {
        return with(dish.eachLine(rule));
    }

    /** With every step changed by a rule. */
    Draft eachStep(UnaryOperator<Step> rule) {
        return with(dish.eachStep(rule));
    }

    /** With what the dish makes changed by a rule. */
    public Draft making(UnaryOperator<Yield> rule) {
        return with(dish.withYields(rule.apply(dish.yields())));
    }
}
