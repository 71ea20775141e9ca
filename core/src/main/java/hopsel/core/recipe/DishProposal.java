package hopsel.core.recipe;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Practice;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.ReadRecipe.StepInPart;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The dish that a recipe, as it was read, proposes.
 *
 * @param dish    components, lines and steps
 * @param items   ingredients that the catalogue does not know; nothing is known of them but their name
 * @param guessed by step, the members that were guessed and not read
 * @param recipe  what it was made from
 */
public record DishProposal(Dish dish, List<Item> items, Map<String, Set<String>> guessed, ReadRecipe recipe) {

    private static final BigDecimal USUAL_SERVINGS = BigDecimal.valueOf(4);
    private static final Set<String> STRONG = Set.of("baking-powder", "bicarbonate", "instant-yeast", "red-chilli", "jalapeno", "birds-eye-chilli",
            "dried-chilli", "chilli-flakes", "chilli-powder", "cayenne", "black-pepper", "peppercorns", "cloves", "cloves-ground", "star-anise",
            "cinnamon-stick", "nutmeg", "allspice", "asafoetida", "liquid-smoke", "hot-sauce", "sriracha", "harissa", "chipotle-adobo", "saffron");

    /** Keeps its own copies. */
    public DishProposal {
        items = List.copyOf(items);
        guessed = Map.copyOf(guessed);
    }

    /** The proposal for a recipe. */
    public static DishProposal of(ReadRecipe recipe) {
        List<Item> items = new ArrayList<>();
        Map<String, Set<String>> guessed = new LinkedHashMap<>();
        List<Component> components = new ArrayList<>();
        for (Part part : recipe.parts()) {
            List<IngredientLine> lines = part.lines().stream().map(line -> line(line, items)).toList();
            List<Step> steps = part.steps().stream().map(step -> step(step, guessed)).toList();
            components.add(new Component("part-" + (components.size() + 1), part.title(), lines, steps));
        }
        String id = Slug.of(recipe.title());
        return new DishProposal(new Dish(id, recipe.title(), recipe.servings().orElse(USUAL_SERVINGS), components), items, guessed, recipe);
    }

    private static IngredientLine line(ReadRecipe.Line line, List<Item> items) {
        ReadLine read = line.read();
        String item = read.item().map(Item::id).orElseGet(() -> unknown(read.name(), items));
        Optional<Amount> amount = read.amount().or(() -> read.bare().map(bare -> new Amount(bare.low(), bare.high(), Unit.PIECE)));
        return new IngredientLine(line.id(), item, amount.map(value -> heaped(read, value)), read.prep(), scaling(read), read.optional(), source(read));
    }

    private static Amount heaped(ReadLine read, Amount amount) {
        String said = read.prep().orElse("");
        return said.startsWith("heap") ? amount.times(LineReader.HEAPED) : said.startsWith("scant") ? amount.times(LineReader.SCANT) : amount;
    }

    private static String unknown(String name, List<Item> items) {
        String id = Slug.of(name);
        if (items.stream().noneMatch(item -> item.id().equals(id))) {
            items.add(new Item(id, name, Optional.empty(), Optional.empty(), Optional.empty(), BigDecimal.ONE, Set.of(), Origin.CHECK_LABEL,
                    Optional.empty(), Optional.empty(), List.of(), Optional.empty(), Optional.empty(), Practice.NONE));
        }
        return id;
    }

    private static Scaling scaling(ReadLine read) {
        if (read.prep().filter(prep -> prep.matches("(?i).*\\b(?:for|to) (?:the pan|frying|greas|dust|brush|oil|roll).*")).isPresent()) {
            return Scaling.FIXED;
        }
        return read.item().filter(item -> STRONG.contains(item.id())).isPresent() ? Scaling.DAMPED : Scaling.LINEAR;
    }

    private static Source source(ReadLine read) {
        boolean atHome = read.item().filter(item -> item.id().equals("water") || item.id().equals("black-pepper") || item.id().equals("ice")
                || item.is().filter(rule -> rule == HouseRule.OIL).isPresent() || item.id().equals("salt")).isPresent();
        return atHome ? Source.HOME : Source.KIT;
    }

    private static Step step(StepInPart step, Map<String, Set<String>> guessed) {
        ReadStep read = step.read();
        guessed.put(step.id(), read.guessed());
        Show show = read.work() == Work.REST ? Show.NEVER : Show.MAY;
        return new Step(step.id(), read.title(), Optional.of(read.text()), read.minutes(), read.work(), show, read.needs(),
                step.after().stream().map(After::of).toList(), Optional.empty(), Optional.empty(), step.uses(), read.checkEvery(),
                read.cue(), Optional.empty(), read.loud() ? Optional.of("loud") : Optional.empty());
    }
}
