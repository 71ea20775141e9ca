package hopsel.core.bench;

import hopsel.core.FactTable;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.RecipeReader;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is usually bought, made from scratch: a component that takes the place of a line, and the way back.
 *
 * @param item id of what is bought
 * @param yields grams that the recipe gives; kitchen practice
 * @param recipe read like any other; empty where nobody wrote one
 */
public record HomeMade(String item, int yields, String recipe) {

    private static final String HEAD = "== ";
    private static final List<HomeMade> ALL = FactTable.blocks(HomeMade.class, "home-made.txt", HEAD).stream()
            .map(block -> HomeMade.read(block.get(0), block.subList(1, block.size())))
            .toList();

    private static HomeMade read(String head, List<String> recipe) {
        List<String> cells = FactTable.cells(head.substring(HEAD.length()));
        return new HomeMade(
                cells.get(0), recipe.isEmpty() ? 0 : Integer.parseInt(cells.get(1)), String.join("\n", recipe));
    }

    /** Whether something is usually bought that some make from scratch. */
    public static boolean isShortcut(String item) {
        return ALL.stream().anyMatch(made -> made.item.equals(item));
    }

    /** How something that is usually bought is made, if that is written here. */
    public static Optional<HomeMade> of(String item) {
        return all().stream().filter(made -> made.item.equals(item)).findFirst();
    }

    /** All that have a recipe. */
    public static List<HomeMade> all() {
        return ALL.stream().filter(made -> !made.recipe.isEmpty()).toList();
    }

    /** What the component is called. */
    public String title(Catalogue catalogue) {
        String name = catalogue.get(item).shortName();
        return "Home-made " + name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    /** The recipe as a dish of one component. */
    public Draft sheet(Catalogue builtIn) {
        String text = title(builtIn) + "\nServes 1\n\nIngredients\n" + recipe;
        DishProposal proposal =
                DishProposal.of(RecipeReader.read(text, builtIn, Measures.METRIC), new Weigher(Measures.METRIC));
        return Draft.of(proposal, "", Measures.METRIC);
    }

    /**
     * The dish with this made in it instead of bought: its own component, as much as the line asks for; what used the
     * line waits for it.
     *
     * @param grams that the line asks for, above 0
     */
    Draft inPlaceOf(Draft sheet, IngredientLine line, BigDecimal grams, Catalogue builtIn) throws RefusedEditException {
        Draft made = sheet(builtIn);
        BigDecimal servings = Decimals.ratio(sheet.dish().servings().multiply(BigDecimal.valueOf(yields)), grams);
        Draft sized = Edits.dish(made.in(sheet.measures()), made.dish().title(), servings);
        Draft with =
                BringIn.whole(sheet, sized, sized.dish().components().get(0).id());
        List<Step> steps = with.dish()
                .components()
                .get(with.dish().components().size() - 1)
                .steps();
        After done = After.of(steps.get(steps.size() - 1).id());
        Draft tied = with.eachStep(
                step -> step.uses().stream().noneMatch(use -> use.ingredient().equals(line.id()))
                        ? step
                        : step.withAfter(Stream.concat(step.after().stream(), Stream.of(done))
                                .toList()));
        return Edits.removeLine(first(tied, done.step()), line.id());
    }

    /** The last component put in front of the first that waits for its last step: nobody reads a recipe backwards. */
    private static Draft first(Draft sheet, String last) {
        List<Component> components = new ArrayList<>(sheet.dish().components());
        Component made = components.remove(components.size() - 1);
        int at = 0;
        while (at < components.size()
                && components.get(at).steps().stream().noneMatch(step -> step.after().stream()
                        .anyMatch(after -> after.step().equals(last)))) {
            at++;
        }
        components.add(at, made);
        return sheet.with(sheet.dish().withComponents(components));
    }

    /** The component of a dish that was put in by {@link #inPlaceOf}, if it still is there. */
    Optional<Component> in(Draft sheet, Catalogue builtIn) {
        return sheet.dish().components().stream()
                .filter(own -> own.base()
                        .filter(base -> base.title().equals(title(builtIn)))
                        .isPresent())
                .filter(own -> !own.steps().isEmpty() && !own.ingredients().isEmpty())
                .findFirst();
    }

    /** The way back: the component goes, and as much is bought as it gave. */
    Draft bought(Draft sheet, Component made, Catalogue builtIn) throws RefusedEditException {
        IngredientLine first = made.ingredients().get(0);
        IngredientLine written = sheet(builtIn)
                .dish()
                .lines()
                .filter(line -> line.item().equals(first.item()))
                .findFirst()
                .orElse(first);
        BigDecimal factor = Decimals.ratio(grams(sheet, first, builtIn), grams(sheet(builtIn), written, builtIn));
        BigDecimal grams =
                Decimals.tenths(factor.multiply(BigDecimal.valueOf(yields))).max(new BigDecimal("0.1"));
        String last = made.steps().get(made.steps().size() - 1).id();
        Optional<Step> user = sheet.dish()
                .steps()
                .filter(step ->
                        step.after().stream().anyMatch(after -> after.step().equals(last)))
                .findFirst();
        String home = user.flatMap(step -> sheet.home(step.id()))
                .map(Component::id)
                .orElseGet(() -> sheet.dish().components().stream()
                        .filter(own -> !own.equals(made))
                        .map(Component::id)
                        .findFirst()
                        .orElse(made.id()));
        String id = Edits.newLine(sheet, item);
        Draft listed = Edits.line(sheet, home, IngredientLine.of(id, item, Optional.of(Amount.of(grams, Unit.G))));
        Draft used = user.isEmpty()
                ? listed
                : Edits.change(
                        listed,
                        user.get().id(),
                        step -> step.withUses(
                                Stream.concat(step.uses().stream(), Stream.of(new Use(id, BigDecimal.ONE)))
                                        .toList()));
        Draft untied = used.eachStep(step -> step.withAfter(step.after().stream()
                .filter(after -> !after.step().equals(last))
                .toList()));
        return Edits.removeComponent(untied, made.id());
    }

    private static BigDecimal grams(Draft sheet, IngredientLine line, Catalogue builtIn) {
        return line.amount()
                .flatMap(
                        amount -> sheet.weigher().grams(sheet.catalogue(builtIn).get(line.item()), amount))
                .orElse(BigDecimal.ONE);
    }
}
