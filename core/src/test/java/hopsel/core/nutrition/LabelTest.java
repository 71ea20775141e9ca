package hopsel.core.nutrition;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.item.Trait;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Roundings by the two rule books, and a dough of flour, tofu and salt that is bent to what a serving should hold. */
class LabelTest {

    @ParameterizedTest
    @CsvSource({
        "EU_ENERGY, 83.5, 84",
        "EU_GRAMS, 12.4, 12",
        "EU_GRAMS, 9.94, 9.9",
        "EU_GRAMS, 0.51, 0.5",
        "EU_GRAMS, 0.5, < 0.5",
        "EU_GRAMS, 0, 0",
        "EU_SATURATES, 0.1, < 0.1",
        "EU_SATURATES, 0.14, 0.1",
        "EU_SALT, 1.27, 1.3",
        "EU_SALT, 0.127, 0.13",
        "EU_SALT, 0.0125, < 0.01",
        "EU_TWO_FIGURES, 14.6, 15",
        "EU_TWO_FIGURES, 0.126, 0.13",
        "EU_THREE_FIGURES, 1234, 1230",
        "US_CALORIES, 4.9, 0",
        "US_CALORIES, 47, 45",
        "US_CALORIES, 53, 50",
        "US_CALORIES, 56, 60",
        "US_FAT, 0.4, 0",
        "US_FAT, 4.7, 4.5",
        "US_FAT, 5.4, 5",
        "US_GRAMS, 0.49, 0",
        "US_GRAMS, 0.7, < 1",
        "US_GRAMS, 1.5, 2",
        "US_CHOLESTEROL, 1.9, 0",
        "US_CHOLESTEROL, 3, < 5",
        "US_CHOLESTEROL, 8, 10",
        "US_SODIUM, 138, 140",
        "US_SODIUM, 143, 140",
        "US_SODIUM, 146, 150",
        "US_TENS, 26, 30",
        "US_TENTHS, 0.26, 0.3"
    })
    void anAmountIsWrittenByTheRulesOfItsLabel(LabelRounding rule, String amount, String written) {
        assertThat(rule.write(new BigDecimal(amount)).text()).isEqualTo(written);
    }

    private static final Item FLOUR = item("flour", "10", "70", "3");
    private static final Item TOFU = item("tofu", "15", "2", "1");
    private static final Item SALT = item("salt", "0", "0", "0").withTraits(Set.of(Trait.SEASONING));
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(FLOUR, TOFU, SALT));

    private static Item item(String id, String protein, String carbs, String fibre) {
        return Item.nameOnly(id, id)
                .withOrigin(Origin.PLANT)
                .withNutrients(Optional.of(new Nutrients(Map.of(
                        "protein", new BigDecimal(protein),
                        "carbs", new BigDecimal(carbs),
                        "fibre", new BigDecimal(fibre)))));
    }

    private static Dish dish() {
        List<IngredientLine> lines = List.of(line("flour", 200), line("tofu", 200), line("salt", 10));
        return new Dish(
                "dough", "Dough", BigDecimal.valueOf(2), List.of(new Component("all", "All", lines, List.of())));
    }

    private static IngredientLine line(String item, int grams) {
        return IngredientLine.of(item, item, Optional.of(Amount.of(BigDecimal.valueOf(grams), Unit.G)));
    }

    private static Bent bent(Map<String, BigDecimal> wanted) {
        return Bent.of(
                dish(),
                CATALOGUE,
                FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                        .weigher(),
                wanted);
    }

    /** 20 g and 30 g of protein are there, 60 are wanted: factors 1 + 10 × 20 / 1300 and 1 + 10 × 30 / 1300. */
    @Test
    void amountsChangeAsLittleAsTheyCan() {
        Bent bent = bent(Map.of("protein", BigDecimal.valueOf(30)));
        assertThat(bent.met()).isTrue();
        assertThat(bent.changes())
                .extracting(change -> change.line() + " " + change.after().toPlainString())
                .as("230.8 and 246.2, as a scale shows them; salt stays")
                .containsExactly("flour 230", "tofu 245");
        assertThat(bent.applied(dish()).lines())
                .extracting(line -> line.amount().orElseThrow().high().intValue())
                .containsExactly(230, 245, 10);
    }

    @Test
    void whatCannotBeReachedIsSaidAndApproached() {
        Bent bent = bent(Map.of("protein", BigDecimal.valueOf(100)));
        assertThat(bent.met()).isFalse();
        assertThat(bent.changes())
                .extracting(change -> change.after().intValue())
                .as("twice as much and no more")
                .containsExactly(400, 400);
    }

    @Test
    void twoAimsAreMetTogether() {
        Bent bent = bent(Map.of("protein", BigDecimal.valueOf(27), "carbs", BigDecimal.valueOf(60)));
        NutritionFacts serving = bent.facts().perServing(BigDecimal.valueOf(2));
        assertThat(bent.met()).isTrue();
        assertThat(serving.value("protein").doubleValue()).isBetween(26.5, 27.5);
        assertThat(serving.value("carbs").doubleValue()).isBetween(58.8, 61.2);
    }

    @Test
    void carbohydrateOfTheUnitedStatesIsAllOfItWithFibre() {
        NutritionFacts flour =
                NutritionFacts.of(List.of(new NutritionFacts.Part(FLOUR, Optional.of(BigDecimal.valueOf(100)))));
        assertThat(amount(NutritionLabel.EUROPE, flour)).isEqualTo("70");
        assertThat(amount(NutritionLabel.UNITED_STATES, flour)).isEqualTo("73");
    }

    private static String amount(NutritionLabel label, NutritionFacts facts) {
        return label.lines(facts).stream()
                .filter(line -> line.key().equals("carbs"))
                .map(NutritionLabel.Shown::amount)
                .findFirst()
                .orElseThrow();
    }
}
