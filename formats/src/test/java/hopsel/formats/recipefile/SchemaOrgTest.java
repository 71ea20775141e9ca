package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.json.Json;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;

/** schema.org recipes as other people's pages write them, and as they go out again. */
class SchemaOrgTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final String INGREDIENTS = "\"recipeIngredient\":[\"400 g carrots\",\"2 tbsp olive oil\"]";

    private static DishProposal read(String members) {
        return RecipeFile.read(
                "{\"@context\":\"https://schema.org\",\"@type\":\"Recipe\",\"name\":\"Carrots\"," + members + "}",
                CATALOGUE,
                Measures.METRIC);
    }

    /** Every way in which two steps may be written. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "[\"Boil the carrots for 10 minutes.\",\"Fry them in the oil for 5 minutes.\"]",
                "\"1. Boil the carrots for 10 minutes.\\n2. Fry them in the oil for 5 minutes.\"",
                "[{\"@type\":\"HowToStep\",\"text\":\"Boil the carrots for 10 "
                        + "minutes.\"},{\"@type\":\"HowToStep\",\"text\":\"Fry them in the oil for 5 minutes.\"}]",
                "[{\"@type\":\"HowToSection\",\"name\":\"Carrots\",\"itemListElement\":[{\"@type\":\"HowToStep\","
                        + "\"text\":\"Boil the carrots for 10 minutes.\"},"
                        + "{\"@type\":\"HowToStep\",\"name\":\"Fry them in the oil for 5 minutes.\"}]}]",
                "{\"@type\":\"ItemList\",\"itemListElement\":[{\"@type\":\"HowToStep\",\"text\":\"<p>Boil the "
                        + "carrots for 10&nbsp;minutes.</p>\"},"
                        + "{\"@type\":\"HowToStep\",\"text\":\"Fry them in the oil for 5 minutes.\"}]}"
            })
    void instructionsInEveryForm(String instructions) {
        Dish dish =
                read(INGREDIENTS + ",\"recipeInstructions\":" + instructions).dish();
        List<Step> steps = dish.steps().toList();
        assertThat(steps).extracting(step -> step.minutes().likely().seconds()).containsExactly(600, 300);
        assertThat(steps.get(1).uses()).extracting(use -> use.ingredient()).contains("olive-oil");
    }

    /** Of a range of servings the fewer count: nobody goes short. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "recipeYield":"6"                                       | 6 |
            "recipeYield":6                                         | 6 |
            "recipeYield":"Serves 4-6"                              | 4 |
            "recipeYield":["4","4 servings"]                        | 4 |
            "recipeYield":{"@type":"QuantitativeValue","value":3}   | 3 |
            "yield":"x"                                             | 4 |
            "totalTime":"P0DT1H30M"                                 | 4 | 90
            "totalTime":"PT0M","cookTime":"PT20M"                   | 4 | 20
            "totalTime":"half an hour"                              | 4 |
            """)
    void yieldsAndTimesInEveryForm(String member, int servings, Integer headline) {
        DishProposal read = read(INGREDIENTS + ",\"recipeInstructions\":\"Boil for 10 minutes.\"," + member);
        assertThat(read.dish().servings()).isEqualByComparingTo(String.valueOf(servings));
        assertThat(read.recipe()
                        .headline()
                        .map(time -> time.likely().seconds() / 60)
                        .orElse(null))
                .isEqualTo(headline);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "[{\"@type\":\"WebSite\"},%s]",
                "{\"@graph\":[{\"@type\":\"Person\",\"name\":\"x\"},%s]}",
                "{\"@type\":\"WebPage\",\"mainEntity\":%s}",
                "<html><head><script type=\"application/ld+json\">{broken</script><script "
                        + "type=\"application/ld+json\">%s</script></head><body><p>Other words</p></body></html>"
            })
    void theRecipeIsFoundWhereverItStands(String around) {
        String recipe = "{\"@type\":[\"Recipe\",\"NewsArticle\"],\"name\":\"Found\"," + INGREDIENTS
                + ",\"recipeInstructions\":\"Boil for 10 minutes.\"}";
        assertThat(RecipeFile.read(around.replace("%s", recipe), CATALOGUE, Measures.METRIC)
                        .dish()
                        .title())
                .isEqualTo("Found");
    }

    @Test
    void whatGoesOutIsARecipeWithDurationsThatAddUp() {
        DishProposal read = read("\"recipeYield\":\"4\"," + INGREDIENTS
                + ",\"recipeInstructions\":[\"Preheat the oven to 200 °C.\",\"Roast the carrots in the "
                + "oil for 35 minutes until soft.\"]");
        JsonNode out = Json.read(SchemaOrgWriter.write(Draft.of(read, "", Measures.METRIC), CATALOGUE)
                .getBytes(StandardCharsets.UTF_8));
        assertThat(out.get("@context").stringValue()).isEqualTo("https://schema.org");
        assertThat(out.get("recipeYield").asString()).contains("4");
        Duration total = Duration.parse(out.get("totalTime").stringValue());
        assertThat(total)
                .isEqualTo(Duration.parse(out.get("prepTime").stringValue())
                        .plus(Duration.parse(out.get("cookTime").stringValue())));
        assertThat(total.toMinutes()).isGreaterThanOrEqualTo(35);
        assertThat(out.get("recipeIngredient").valueStream().map(JsonNode::stringValue))
                .hasSize(2)
                .anyMatch(line -> line.startsWith("400 g carrot"));
    }

    /** Several hands' worth of work does not fit into the longest chain; whoever cooks from the document is alone. */
    @Test
    void aTotalIsNeverShorterThanTheHandsWork() {
        DishProposal read = RecipeFile.read(
                "Salad\nServes 2\n\nIngredients\n200 g carrots\n\nDressing:\n2 tbsp olive "
                        + "oil\n\nMethod\nCarrots:\n1. Grate the carrots for 12 minutes.\n\n"
                        + "Dressing:\n1. Whisk the oil for 9 minutes.",
                CATALOGUE,
                Measures.METRIC);
        JsonNode out = Json.read(SchemaOrgWriter.write(Draft.of(read, "", Measures.METRIC), CATALOGUE)
                .getBytes(StandardCharsets.UTF_8));
        assertThat(Duration.parse(out.get("totalTime").stringValue())).isGreaterThanOrEqualTo(Duration.ofMinutes(21));
        assertThat(Duration.parse(out.get("cookTime").stringValue()).isNegative())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "400 g carrots, true",
        "100 g butter, false",
        "500 ml vegetable stock, false",
        "2 cups moonberries, false"
    })
    void aDietIsClaimedOnlyWhereEveryIngredientIsKnownToBeOfPlants(String line, boolean claimed) {
        DishProposal read = RecipeFile.read(
                "Dish\n\nIngredients\n" + line + "\n\nMethod\n1. Stir for 5 minutes.", CATALOGUE, Measures.METRIC);
        assertThat(SchemaOrgWriter.write(Draft.of(read, "", Measures.METRIC), CATALOGUE)
                        .contains("VeganDiet"))
                .isEqualTo(claimed);
    }
}
