package hopsel.core.diet;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.util.List;
import java.util.Set;

/** Foods with allergens in running text: what a step says and no list has. */
class FoodWordsTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            Item.nameOnly("toast", "Toast").withAllergens(Set.of(Allergen.GLUTEN)),
            Item.nameOnly("wraps", "Wraps").withAllergens(Set.of(Allergen.GLUTEN)),
            Item.nameOnly("rolls", "Bread rolls").withAllergens(Set.of(Allergen.GLUTEN)),
            Item.nameOnly("coconut-milk", "Coconut milk"),
            Item.nameOnly("tempeh", "Tempeh").withAllergens(Set.of(Allergen.SOY))));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Fry the tempeh.|tempeh",
                "Pour in the coconut milk.|",
                "Pour in the milk.|milk",
                "Serve with bread rolls.|bread roll",
                "Serve on toast.|toast",
                "Toast the seeds.|",
                "Warm a pan and toast until brown.|",
                "Toast gently for two minutes.|",
                "Put it on toast and eat.|toast",
                "Flatten to a disc, wrap it, chill.|",
                "Wrap the dough and chill it.|",
                "Spread it on a large wrap.|wrap",
                "Fold, wrap, serve.|wrap",
                "Wrap with beans|wrap",
                "Wrap it in a damp cloth.|",
                "Cover with cling wrap.|",
                "Fill each wrap.|wrap",
                "Serve in a tortilla wrap.|wrap",
                "Wraps, warmed|wrap",
                "Wrap the wraps in foil.|wrap",
                "It is nut-free.|",
                "It should smell like bread.|",
                "soft like butter|",
                "something crunchy like peanuts|peanut",
                "like peanuts|peanut",
                "It should taste of sesame.|",
                "A dash of sesame.|sesame"
            })
    void theyAreHeard(String text, String words) {
        assertThat(FoodWords.of(CATALOGUE).in(text))
                .extracting(named -> String.join(" ", named.words()))
                .containsExactly(words == null ? new String[0] : words.split(","));
    }

    @Test
    void whatIsHeardBringsItsAllergens() {
        assertThat(FoodWords.of(CATALOGUE).in("Tempeh on toast"))
                .extracting(FoodWords.Named::allergens)
                .containsExactly(Set.of(Allergen.SOY), Set.of(Allergen.GLUTEN));
    }

    /** A name that is known twice, once with an allergen, is taken for the one with it. */
    @Test
    void theCarefulMeaningOfANameWinsAndAnotherCatalogueHasOtherWords() {
        Catalogue twice = Catalogue.of(List.of(
                Item.nameOnly("crisps", "Crisps"),
                Item.nameOnly("wheat-crisps", "Crisps").withAllergens(Set.of(Allergen.GLUTEN))));
        assertThat(FoodWords.of(twice).in("Scatter crisps over it")).hasSize(1);
        Catalogue reversed = Catalogue.of(List.of(
                Item.nameOnly("wheat-crisps", "Crisps").withAllergens(Set.of(Allergen.GLUTEN)),
                Item.nameOnly("crisps", "Crisps")));
        assertThat(FoodWords.of(reversed).in("Scatter crisps over it")).hasSize(1);
        assertThat(FoodWords.of(CATALOGUE).in("Scatter crisps over it")).isEmpty();
    }
}
