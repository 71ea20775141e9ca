package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Item;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.ReadRecipe;
import hopsel.core.recipe.RecipeReader;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Somebody talks: an amount belongs to the food beside it, in whatever sentence, and the last word counts. */
class HeardAmountsTest {

    private static final String OPENING = "Okay, so I'm going to make a soup. You just fry two onions. ";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Spinach. Two hundred grams, it looks like a mountain.                 | spinach      | 200 G",
                "Salt, I'd say a teaspoon and a half.                                  | salt         | 1.5 TSP",
                "Then ten or so curry leaves, stand back.                              | curry-leaf   | 10 PIECE",
                "You need one and a half cups of plain flour.                          | plain-flour  | 1.5 CUP",
                "Four tablespoons of ice water, you might need five depending on the flour, mine did, so five "
                        + "tablespoons "
                        + "total.                                                      | water        | 5 TBSP",
                "Two blocks of tempeh, 250 each, so 500 grams cut into cubes.          | tempeh       | 500 G",
                "The noodles, three hundred grams, flat rice noodles.                  | rice-noodles | 300 G",
                "So grab your pumpkin. I'm using about a kilo.                         | pumpkin      | 1 KG",
                "Butter on top if you like. And a hundred grams of peanut butter in the sauce. | butter | by eye",
                "Soy sauce, three tablespoons for the tofu. For the dip one tablespoon of soy sauce, no, make that two. "
                        + "                                                            | soy-sauce    | 3 TBSP + 2 TBSP",
                "One carrot, 300 grams of kerisik.                                     | carrot       | 1 PIECE",
                "A tablespoon of soy sauce in the marinade. In the dip a tablespoon of soy sauce, actually make that two. "
                        + "                                                            | soy-sauce    | 2 TBSP + 1 TBSP",
            })
    void theAmountIsOfWhatStandsBesideIt(String said, String item, String amount) {
        assertThat(heard(said, item)).isEqualTo(amount);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Some people put two carrots in, I don't.    | carrot",
                "My neighbour adds 100 grams of cashews.     | cashews",
                "Keep them in a tea towel.                   | black-tea",
                "Leave it for twenty minutes.                | mint",
            })
    void whatOthersTakeIsNotHeard(String said, String item) {
        assertThat(heard(said, item)).isEqualTo("none");
    }

    /**
     * A word that nobody knows may be a food: while nobody was asked, nothing is said of what a dish is made without.
     */
    @Test
    void onlyWhatSpeaksOfTheListAloneIsNotAskedAbout() {
        ReadRecipe read = RecipeReader.read(
                OPENING
                        + "So grab your pumpkin. I'm using about a kilo. Some gremlata beside the pumpkin, obviously. "
                        + "My neighbour loves peanuts with pumpkin.",
                BuiltInCatalogue.load(),
                Measures.METRIC);
        assertThat(read.told()).contains("So grab your pumpkin.");
        assertThat(read.told()).noneMatch(passage -> passage.contains("gremlata") || passage.contains("peanuts"));
    }

    private static String heard(String said, String item) {
        ReadRecipe read = RecipeReader.read(OPENING + said, BuiltInCatalogue.load(), Measures.METRIC);
        return read.parts().stream()
                .flatMap(part -> part.lines().stream())
                .map(line -> line.read())
                .filter(line -> line.item().map(Item::id).filter(item::equals).isPresent())
                .map(line -> line.amount()
                        .map(amount -> amount.high().stripTrailingZeros().toPlainString() + " " + amount.unit())
                        .orElse("by eye"))
                .reduce((one, other) -> one + " + " + other)
                .orElse("none");
    }
}
