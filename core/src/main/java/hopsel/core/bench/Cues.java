package hopsel.core.bench;

import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.food.Condition;
import hopsel.core.food.Product;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The usual sign that food is done, by what goes in and where it cooks. Kitchen practice; where the table has no row,
 * nothing is proposed, and whoever knows the dish is asked.
 */
final class Cues {

    private static final List<Row> ROWS = List.of(
            new Row(
                    need -> need.is(PlaceKind.OVEN),
                    scene -> some(scene.items, Trait.FLOUR) || some(scene.items, Trait.WHOLE),
                    "the edges are golden and the middle is firm"),
            new Row(
                    need -> need.is(PlaceKind.GRILL),
                    scene -> some(scene.items, Trait.WHOLE),
                    "it has dark marks and lifts off easily"),
            new Row(
                    need -> need.is(PlaceKind.STEAMER),
                    scene -> some(scene.items, Trait.WHOLE) || some(scene.items, Trait.LEAF),
                    "it is soft right through"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> !scene.items.isEmpty() && scene.items.stream().allMatch(Cues::isSaltedWater),
                    "big bubbles go on when you stir"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> all(scene.all, item -> item.has(Trait.CRUNCH)) && !scene.wet,
                    "they smell and are a shade darker"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> all(scene.all, item -> item.has(Trait.MUSHROOM)) && !scene.wet,
                    "the water they gave off is gone and the edges are brown"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> some(scene.items, Trait.FLOUR) && scene.baked,
                    "the underside has brown spots and lets go of the pan"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> all(scene.all, Cues::isPungent) && !scene.wet,
                    "it is soft and smells sweet"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> all(scene.all, item -> item.has(Trait.SPICE) || item.has(Trait.HERB)),
                    "it smells strong and has not darkened"),
            new Row(
                    need -> need.does(Does.HEATS),
                    scene -> scene.items.stream().anyMatch(item -> item.has(Trait.PULSE) && item.has(Trait.DRIED))
                            && scene.wet,
                    "the biggest one crushes against the roof of your mouth, no hard core"),
            new Row(
                    need -> need.does(Does.HEATS),
                    scene -> some(scene.items, Trait.DRIED) && some(scene.items, Trait.STARCHY),
                    "a tested one has no hard core"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> rooted(scene.items) && scene.wet,
                    "a knife slides in with no effort"),
            new Row(
                    need -> need.does(Does.RING),
                    scene -> scene.items.stream().anyMatch(item -> item.has(Trait.KEEP_COLD) && item.has(Trait.WHOLE))
                            && !scene.wet,
                    "the underside is golden and lets go of the pan"));

    private Cues() {}

    /** The sign, where the table has one for what goes in at this step. */
    static Optional<String> of(Step step, List<Item> goesIn, Product made) {
        Scene scene = new Scene(goesIn, made.items(), made.runs(), made.is(Condition.BAKED));
        return goesIn.isEmpty()
                ? Optional.empty()
                : ROWS.stream()
                        .filter(row -> step.needs().stream().anyMatch(row.at) && row.food.test(scene))
                        .map(Row::cue)
                        .findFirst();
    }

    private static boolean some(List<Item> items, Trait trait) {
        return items.stream().anyMatch(item -> item.has(trait));
    }

    private static boolean isSaltedWater(Item item) {
        return item.has(Trait.TAP) || item.has(Trait.SEASONING);
    }

    /** Seasoning aside. */
    private static boolean all(List<Item> items, Predicate<Item> test) {
        List<Item> rest =
                items.stream().filter(item -> !item.has(Trait.LASTING)).toList();
        return !rest.isEmpty() && rest.stream().allMatch(test);
    }

    private static boolean isPungent(Item item) {
        return item.has(Trait.PUNGENT) || item.has(Trait.GARLIC);
    }

    private static boolean rooted(List<Item> items) {
        return items.stream()
                .filter(item -> !item.has(Trait.CANNED) && !item.has(Trait.PULSE))
                .anyMatch(item -> item.has(Trait.WHOLE) && (item.has(Trait.STARCHY) || item.has(Trait.HARD)));
    }

    private record Row(Predicate<Need> at, Predicate<Scene> food, String cue) {}

    /**
     * What the rows ask about.
     *
     * @param items that go in
     * @param all that are in it then, what came here before among them
     * @param wet whether water, stock or milk is in the pan, whenever it went in
     * @param baked whether a dough or a batter gets firm
     */
    private record Scene(List<Item> items, List<Item> all, boolean wet, boolean baked) {}
}
