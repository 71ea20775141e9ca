package hopsel.core.caution;

import hopsel.core.dish.Cut;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.recipe.CutReader;
import hopsel.core.recipe.Said;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Finds the cautions of a dish from what goes in and what is done, by rules that can be listed.
 *
 * <p>It asks traits, techniques and places, and for the little that no fact says the words of a step; a caution too
 * many is meant to be more likely than one too few.
 */
public final class CautionFinder {

    private static final BigDecimal PAPER_LIMIT = BigDecimal.valueOf(220);

    private static final List<Rule> RULES = List.of(
            new Rule(Caution.ALLERGENS, scene -> true),
            new Rule(Caution.CHECK_LABEL, scene -> scene.item(item -> item.origin() == Origin.CHECK_LABEL)),
            new Rule(
                    Caution.COOLING,
                    scene -> (scene.has(Trait.STARCHY) || scene.has(Trait.PULSE))
                            && scene.does(Technique::cooksThrough)),
            new Rule(Caution.REHEATING, scene -> scene.does(Technique.REHEAT::equals)),
            new Rule(Caution.DRY_BEANS, scene -> scene.has(Trait.DRY_BEAN) || scene.says(Said.DRIED_BEANS)),
            new Rule(
                    Caution.RAW_FLOUR,
                    scene -> scene.has(Trait.FLOUR)
                            && scene.does(
                                    EnumSet.of(Technique.KNEAD, Technique.MIX, Technique.WHISK, Technique.ROLL)
                                            ::contains)),
            new Rule(Caution.MUSHROOMS, scene -> scene.has(Trait.MUSHROOM)),
            new Rule(Caution.SPROUTS, scene -> scene.falls(HouseRule.RAW_SPROUTS)),
            new Rule(
                    Caution.GARLIC_IN_OIL,
                    scene -> scene.falls(HouseRule.OIL)
                            && (scene.has(Trait.GARLIC)
                                    || scene.has(Trait.HERB) && scene.does(Technique.INFUSE::equals))),
            new Rule(
                    Caution.KEEP_CHILLED,
                    scene -> scene.has(Trait.KEEP_COLD)
                            || scene.has(Trait.PULSE)
                            || scene.item(CautionFinder::isNut)
                                    && scene.does(EnumSet.of(Technique.BLEND, Technique.SOAK)::contains)),
            new Rule(
                    Caution.HOT_BLENDER,
                    scene -> scene.step(step -> step.needs().stream().anyMatch(Need::isClosedJar))
                            && (scene.does(Technique::heats) || scene.says(Said.HOT))),
            new Rule(Caution.PRESSURE, scene -> scene.does(Does.PRESSES)),
            new Rule(Caution.HOT_OIL, scene -> scene.falls(HouseRule.OIL) && scene.does(Technique.FRY::equals)),
            new Rule(
                    Caution.PARCHMENT,
                    scene -> scene.step(step -> (above(step, PAPER_LIMIT)
                                    || step.needs().stream().anyMatch(need -> need.is(PlaceKind.GRILL)))
                            && Said.PAPER.in(step))),
            new Rule(
                    Caution.KNIVES,
                    scene -> scene.line(scene::isCut) || scene.has(Trait.HARD) || scene.does(Technique.CUT::equals)),
            new Rule(
                    Caution.STEAM,
                    scene -> scene.does(Does.STEAMS)
                            || scene.does(EnumSet.of(Technique.DRAIN, Technique.STEAM)::contains)
                            || scene.says(Said.LID_OFF)),
            new Rule(Caution.ALCOHOL, scene -> scene.falls(HouseRule.ALCOHOL)),
            new Rule(
                    Caution.HOT_CENTRES,
                    scene -> (scene.does(EnumSet.of(Technique.FILL, Technique.SHAPE)::contains)
                                    || scene.says(Said.MOLTEN))
                            && scene.does(Technique::heats)));

    private CautionFinder() {}

    /** The cautions of a dish, in the order of {@link Caution}. */
    public static Set<Caution> of(Dish dish, Catalogue catalogue) {
        Scene scene = new Scene(dish, catalogue);
        Set<Caution> found = EnumSet.noneOf(Caution.class);
        RULES.stream().filter(rule -> rule.applies.test(scene)).forEach(rule -> found.add(rule.caution));
        return found;
    }

    /** The allergens of a list of items, in the order of the law's list. */
    public static List<Allergen> allergens(List<Item> items) {
        return items.stream()
                .flatMap(item -> item.allergens().stream())
                .distinct()
                .sorted()
                .toList();
    }

    /** A nut "cheese" begins with nuts that are soaked and blended. */
    private static boolean isNut(Item item) {
        return item.has(Trait.DRY) && item.allergens().contains(Allergen.TREE_NUT);
    }

    private static boolean above(Step step, BigDecimal celsius) {
        return step.needs().stream()
                .map(Need::celsius)
                .anyMatch(asked -> asked.isPresent() && asked.get().compareTo(celsius) > 0);
    }

    private record Rule(Caution caution, Predicate<Scene> applies) {}

    /** A dish, as the rules ask about it. */
    private record Scene(Dish dish, Catalogue catalogue) {

        boolean line(Predicate<IngredientLine> test) {
            return dish.lines().anyMatch(test);
        }

        /** What is said to be done to it and is no cut that anybody knows is one where there is something to cut. */
        boolean isCut(IngredientLine line) {
            boolean piece = catalogue
                    .find(line.item())
                    .filter(item -> item.has(Trait.WHOLE) || item.has(Trait.LEAF))
                    .isPresent();
            return line.prep().isPresent()
                    && CutReader.of(line.prep()).map(Cut::takesBlade).orElse(piece);
        }

        boolean item(Predicate<Item> test) {
            return line(line -> catalogue.find(line.item()).filter(test).isPresent());
        }

        boolean has(Trait trait) {
            return item(item -> item.has(trait));
        }

        boolean falls(HouseRule rule) {
            return item(item -> item.falls(rule));
        }

        boolean step(Predicate<Step> test) {
            return dish.steps().anyMatch(test);
        }

        boolean says(Said what) {
            return step(what::in);
        }

        boolean does(Predicate<Technique> what) {
            return step(step -> TechniqueReader.of(step).stream().anyMatch(what));
        }

        boolean does(Does what) {
            return step(step -> step.needs().stream().anyMatch(need -> need.does(what)));
        }
    }
}
