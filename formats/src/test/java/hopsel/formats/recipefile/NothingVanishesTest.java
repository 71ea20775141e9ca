package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.ReadLine;
import hopsel.core.recipe.ReadRecipe;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.RecipeReader;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Every word of a recipe is in the dish or laid aside for the host to see; no food hides behind another on its line.
 */
class NothingVanishesTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final LineReader LINES = new LineReader(CATALOGUE, Measures.METRIC);
    /** Words that say where something stands, and nothing of the food. */
    private static final Set<String> FRAME = Set.of(
            "ingredients",
            "method",
            "you'll",
            "need",
            "for",
            "the",
            "serves",
            "prep",
            "cook",
            "total",
            "min",
            "minutes",
            "and",
            "each",
            "then",
            "step",
            "time",
            "ready",
            "what",
            "with",
            "tips");

    private static Set<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}']+"))
                .filter(word -> word.length() > 2 && !FRAME.contains(word))
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Harbour noodles\nServes 2. Prep 15 min | Cook: 20 minutes\n\nYou'll need: 200 g rice noodles, 2 "
                        + "tbsp peanut butter\nFor serving peanuts and sesame seeds\n\nSoaking: 8 hours\n1 tbsp "
                        + "each soy sauce and sesame oil\nsalt and pepper\n"
                        + "100 g cashews blended with 200 ml water\n200 g wheat berries (400 g, soaked "
                        + "overnight)\n\nBring a big pot of water to the boil (soak the cashews for 4 "
                        + "hours first), then simmer the lentils for 30 minutes until tender. "
                        + "Serves 4.\n\nCook for 20 minutes.\nTip: nuts burn\nNotes: "
                        + "walnut oil is nice too",
                "Laksa for many\n\nNoodles: 600g rice noodles, soaked in boiling water 8 min then drained and rinsed "
                        + "cold.\n\nToppings: 400g tofu puffs halved, beansprouts 300g blanched for 30 secs, cucumber "
                        + "matchsticks, mint, chilli. Each bowl gets noodles first, then toppings, then broth.\n\nOh "
                        + "and Kim can't have peanuts (there are none).",
                "CELLAR SOUP\n2 onions\n1 l stock\n\nChop everything and sweat it slowly in a wide pan with a lid "
                        + "on, stirring now and then. Add the stock and simmer 25 minutes. Blend until smooth and "
                        + "season. Serves 4.\nLeftovers keep three days in the fridge.",
                "Quay bread\nIngredients (makes 2 loaves)\n500 g flour, 7 g yeast\nstrong flour or "
                        + "wholemeal\nMethod\nKnead the dough for ten minutes with the walnuts.\nFor the "
                        + "crust:\nStorage: freezes well\nTips",
                "Sago\nIngredients for the syrup\n100 g palm sugar (or molasses)\nMethod: melt the sugar "
                        + "gently\nThanks to Pia for the almonds idea!"
            })
    void everyWordIsInTheDishOrLaidAside(String text) {
        ReadRecipe recipe = RecipeReader.read(text, CATALOGUE, Measures.METRIC);
        Stream<String> parts =
                recipe.parts().stream().flatMap(part -> Stream.concat(Stream.of(part.title()), said(part)));
        Set<String> kept = Stream.of(Stream.of(recipe.title()), parts, recipe.unread().stream())
                .flatMap(all -> all)
                .flatMap(piece -> words(piece).stream())
                .collect(Collectors.toSet());
        assertThat(kept).containsAll(words(text.replaceAll("(?m)^(?:Serves|Ingredients \\(makes) .*$", "")));
    }

    private static Stream<String> said(Part part) {
        return Stream.concat(
                part.lines().stream().map(line -> line.read().text()),
                part.steps().stream().map(step -> step.read().text()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "50 g peanuts and sesame seeds|peanuts; sesame seeds",
                "olive oil, salt and tahini|olive oil; salt; tahini",
                "1 tbsp each soy sauce and sesame oil|soy sauce; sesame oil",
                "100 g cashews blended with 200 ml water|cashews; 200 ml water",
                "80 g tofu in soy sauce|tofu; soy sauce",
                "2 tbsp tahini + 1 lemon|tahini; 1 lemon",
                "150 g rice tossed with cashews|rice; cashews",
                "3 tbsp miso & sesame seeds|miso; sesame seeds"
            })
    void aLineWithSeveralFoodsIsNoneOfThem(String text, String foods) {
        ReadLine read = LINES.read(text);
        assertThat(read.item()).isEmpty();
        assertThat(read.foods()).containsExactly(foods.split("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "400 g can chickpeas, drained and rinsed|chickpeas-can",
                "12 sun-dried tomatoes in oil|sun-dried-tomato",
                "200 g rice, rinsed with cold water|white-rice",
                "2 limes, plus lime wedges to serve|lime",
                "1 bunch coriander, leaves and stems|coriander-leaf",
                "zest and juice of 1 lemon|lemon",
                "2 tbsp olive oil, plus more for frying|olive-oil",
                "1 red onion, finely chopped|red-onion",
                "2 celery stalks|celery",
                "500 g strong white bread flour, plus extra for dusting|strong-flour"
            })
    void oneFoodInManyWordsIsOne(String text, String item) {
        ReadLine read = LINES.read(text);
        assertThat(read.foods()).isEmpty();
        assertThat(read.item().map(Item::id)).contains(item);
        assertThat(read.exact()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "200 g rye berries",
                "2 tbsp hazelnut miso",
                "1 veal stock cube",
                "2 tbsp smoked black beans",
                "2 tbsp walnut ketchup",
                "3 tbsp goat butter beans",
                "1 cup peanut noodles",
                "oyster mushrooms stuffed peppers"
            })
    void aMatchThatIsNotExactIsAGuessOrNone(String text) {
        ReadLine read = LINES.read(text);
        assertThat(read.item().isEmpty() || !read.exact())
                .as(text + " > " + read.item().map(Item::id))
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"salt and pepper", "1 tbsp each soy sauce and sesame oil"})
    void seasoningsWithoutAnAmountAndSoMuchOfEachArePartedIntoLines(String text) {
        ReadRecipe recipe = RecipeReader.read(
                "Dish\nIngredients\n1 onion\n" + text + "\nMethod\nFry the onion 5 minutes.",
                CATALOGUE,
                Measures.METRIC);
        List<ReadLine> lines = recipe.parts().stream()
                .flatMap(part -> part.lines().stream())
                .map(ReadRecipe.Line::read)
                .toList();
        assertThat(lines).hasSize(3).allMatch(line -> line.item().isPresent());
        assertThat(recipe.unread()).isEmpty();
        assertThat(lines.subList(1, 3))
                .extracting(ReadLine::amount)
                .as("the same of each")
                .containsOnly(lines.get(1).amount());
    }
}
