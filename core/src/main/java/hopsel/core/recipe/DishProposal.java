package hopsel.core.recipe;

import hopsel.core.Known;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Passages;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.ReadRecipe.StepInPart;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The dish that a recipe, as it was read, proposes.
 *
 * @param dish components, lines and steps
 * @param items ingredients that the catalogue does not know; nothing is known of them but their name
 * @param guessed by step, the members that were guessed and not read
 * @param recipe what it was made from
 */
public record DishProposal(Dish dish, List<Item> items, Map<String, Set<String>> guessed, ReadRecipe recipe) {

    private static final Pattern MEASURE =
            Pattern.compile("\\d\\s?(?:g|kg|ml|cl|dl|l|oz|lb|tsp|tbsp|cups?|cans?|tins?)\\b", Pattern.CASE_INSENSITIVE);

    /** The longest that anything may take; a recipe that says more is asked about it. */
    private static final BigDecimal USUAL_SERVINGS = BigDecimal.valueOf(4);

    private static final int LONGEST_TITLE = 200;

    /** Keeps its own copies. */
    public DishProposal {
        items = List.copyOf(items);
        guessed = Map.copyOf(guessed);
    }

    /** The proposal for a recipe, weighed in the cups and spoons it was read in. */
    public static DishProposal of(ReadRecipe recipe, Weigher weigher) {
        List<Item> items = new ArrayList<>();
        Map<String, Set<String>> guessed = new LinkedHashMap<>();
        List<Component> components = new ArrayList<>();
        for (Part part : recipe.parts()) {
            List<IngredientLine> lines = part.lines().stream()
                    .map(line -> line(line, items, weigher))
                    .toList();
            List<Step> steps =
                    part.steps().stream().map(step -> step(step, guessed)).toList();
            components.add(new Component("part-" + (components.size() + 1), part.title(), lines, steps));
        }
        String title = recipe.title().length() <= LONGEST_TITLE
                ? recipe.title()
                : recipe.title().substring(0, LONGEST_TITLE);
        String id = Slug.of(title);
        return new DishProposal(
                new Dish(id, title, recipe.servings().orElse(USUAL_SERVINGS), components)
                        .withPassages(passages(recipe)),
                items,
                guessed,
                recipe);
    }

    private static IngredientLine line(ReadRecipe.Line line, List<Item> items, Weigher weigher) {
        RecipeLines.Proposed proposed = RecipeLines.propose(line.read(), line.id(), weigher);
        proposed.unknown()
                .filter(item -> items.stream().noneMatch(known -> known.id().equals(item.id())))
                .ifPresent(items::add);
        return proposed.line();
    }

    private static Minutes least(Minutes minutes) {
        return minutes.compareTo(StepMinutes.LONGEST) > 0 ? StepMinutes.LONGEST : minutes;
    }

    private static Step step(StepInPart step, Map<String, Set<String>> guessed) {
        ReadStep read = step.read();
        boolean beyond = read.minutes().high().compareTo(StepMinutes.LONGEST) > 0;
        guessed.put(
                step.id(),
                beyond
                        ? Stream.concat(read.guessed().stream(), Stream.of("minutes"))
                                .collect(Collectors.toUnmodifiableSet())
                        : read.guessed());
        StepMinutes minutes = beyond
                ? new StepMinutes(
                        least(read.minutes().low()), least(read.minutes().likely()), StepMinutes.LONGEST)
                : read.minutes();
        Show show = read.work() == Work.REST ? Show.NEVER : Show.MAY;
        return Step.of(step.id(), read.title(), minutes, read.work()).with(made -> made.text(Optional.of(read.text()))
                .show(show)
                .needs(read.needs())
                .after(step.after().stream().map(After::of).toList())
                .uses(step.uses())
                .checkEvery(read.checkEvery())
                .cue(read.cue())
                .say(step.say())
                .techniques(
                        read.techniques().isEmpty()
                                ? TechniqueReader.read(read.title() + ". " + read.text())
                                : read.techniques())
                .noise(read.loud() ? Optional.of("loud") : Optional.empty()));
    }

    /** Whatever names an amount may be something to eat: somebody has to look at it. */
    private static boolean isNoFood(String passage) {
        boolean said = StepReader.isStorage(passage)
                || BesideRecipe.isPage(passage)
                || BesideRecipe.isBeside(passage)
                || PlainText.isAround(passage)
                || Narration.isChatter(passage);
        return said && !namesAmount(passage);
    }

    /** Whether a passage names an amount of something. */
    public static boolean namesAmount(String passage) {
        return MEASURE.matcher(passage).find();
    }

    /** How long it keeps and where it stands in a book are no food; what is told there stays in sight, laid aside. */
    private static Passages passages(ReadRecipe recipe) {
        Map<Boolean, List<String>> aside = recipe.unread().stream()
                .collect(Collectors.partitioningBy(
                        passage -> isNoFood(passage) || recipe.told().contains(passage)));
        return new Passages(Known.in(aside, false), Known.in(aside, true));
    }
}
