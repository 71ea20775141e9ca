package hopsel.core.bench;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A dish on the bench: the dish itself and everything noted about it. Immutable; {@link Edits} makes the next one.
 *
 * @param dish     components, lines and steps
 * @param items    ingredients the dish brings, over those of the catalogue
 * @param measures cups and spoons it is written in
 * @param notes    what the contract of class files has no place for
 */
public record Worksheet(Dish dish, List<Item> items, Measures measures, Notes notes) {

    /** Keeps its own copy. */
    public Worksheet {
        items = List.copyOf(items);
    }

    /** The worksheet for a recipe that was read. */
    public static Worksheet of(DishProposal proposal, String source, Measures measures) {
        Notes notes = Notes.NONE.withSource(source).withGuessed(proposal.guessed())
                .withPieces(proposal.recipe().pieces()).withHeadline(proposal.recipe().headline().map(time -> time.likely()));
        boolean servingsSaid = proposal.recipe().servings().isPresent();
        return new Worksheet(proposal.dish(), proposal.items(), measures, servingsSaid ? notes : notes.guess(Notes.DISH, "servings"));
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
        return dish.steps().filter(step -> step.id().equals(id)).findFirst();
    }

    /** The line of that id, if there is one. */
    public Optional<IngredientLine> line(String id) {
        return dish.lines().filter(line -> line.id().equals(id)).findFirst();
    }

    /** The component that holds a step or a line. */
    public Optional<Component> home(String id) {
        return dish.components().stream().filter(component -> component.steps().stream().anyMatch(step -> step.id().equals(id))
                || component.ingredients().stream().anyMatch(line -> line.id().equals(id))).findFirst();
    }

    /** The same amounts, told in the cups and spoons of another place. */
    public Worksheet in(Measures others) {
        return new Worksheet(eachLine(line -> line.amount().filter(amount -> measures.millilitres(amount.unit()).isPresent()).isEmpty() ? line
                : Lines.amount(line, line.amount().get().times(Decimals.ratio(measures.millilitres(line.amount().get().unit()).orElseThrow(),
                others.millilitres(line.amount().get().unit()).orElseThrow())))).dish, items, others, notes);
    }

    /** With another dish. */
    public Worksheet with(Dish other) {
        return new Worksheet(other, items, measures, notes);
    }

    /** With other notes. */
    public Worksheet with(Notes other) {
        return new Worksheet(dish, items, measures, other);
    }

    /** With every component changed by a rule. */
    Worksheet eachComponent(UnaryOperator<Component> rule) {
        return with(dish.eachComponent(rule));
    }

    /** With every step changed by a rule. */
    Worksheet eachStep(UnaryOperator<Step> rule) {
        return eachComponent(component -> new Component(component.id(), component.title(), component.ingredients(),
                component.steps().stream().map(rule).toList()));
    }

    /** With every line changed by a rule. */
    Worksheet eachLine(UnaryOperator<IngredientLine> rule) {
        return eachComponent(component -> new Component(component.id(), component.title(),
                component.ingredients().stream().map(rule).toList(), component.steps()));
    }
}
