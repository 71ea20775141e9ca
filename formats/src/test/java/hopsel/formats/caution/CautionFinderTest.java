package hopsel.formats.caution;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.HomeMade;
import hopsel.core.caution.Caution;
import hopsel.core.caution.CautionFinder;
import hopsel.core.caution.FoundCaution;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.util.List;

/** Each matter of the cautions, where it has to be said, and where it would be a false alarm. */
class CautionFinderTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();

    private static Dish dish(String ingredients, String method) {
        return RecipeFile.read(
                        "Something\n\nServes 4\n\nIngredients\n" + ingredients.replace("; ", "\n") + "\n\nMethod\n1. "
                                + method,
                        CATALOGUE,
                        Measures.METRIC)
                .dish();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            250 g dried black beans                   | Soak the beans overnight.                                 | DRY_BEANS
            250 g dried chickpeas                     | Soak the chickpeas overnight.                             | DRY_BEANS
            250 g dried kidney beans                  | Boil the beans for 60 minutes.                            | DRY_BEANS
            200 g basmati rice                        | Boil the rice for 12 minutes.                             | COOLING
            400 g potatoes                            | Steam the potatoes for 20 minutes.                        | COOLING
            1 can black beans                         | Reheat the beans for 5 minutes.                           | REHEATING
            300 g plain flour; 150 ml water           | Knead the flour and water into a dough for 8 minutes.     | RAW_FLOUR
            300 g shiitake                            | Fry the mushrooms for 6 minutes.                          | MUSHROOMS
            100 g mung bean sprouts                   | Scatter the sprouts over.                                 | SPROUTS
            4 cloves garlic; 100 ml olive oil         | Warm the garlic in the oil for 5 minutes.                 | GARLIC_IN_OIL
            5 sprigs rosemary; 100 ml olive oil       | Let the rosemary steep in the oil for 30 minutes.         | GARLIC_IN_OIL
            300 g firm tofu                           | Press the tofu for 20 minutes.                            | KEEP_CHILLED
            100 g cashew nuts                         | Blend the cashews for 2 minutes.                          | KEEP_CHILLED
            100 g cashew nuts                         | Soak the cashews for 2 hours.                             | KEEP_CHILLED
            1 tbsp white miso                         | Stir in the miso.                                         | CHECK_LABEL
            100 g rocket                              | Toss the rocket.                                          | KEEP_CHILLED
            1 can chickpeas                           | Mash the chickpeas for 2 minutes.                         | KEEP_CHILLED
            500 g tomatoes                            | Simmer for 20 minutes, then blend in a blender for 1 minute. | HOT_BLENDER
            500 ml vegetable stock                    | Blend the hot stock in a blender for 1 minute.            | HOT_BLENDER
            200 g pearl barley                        | Cook in a pressure cooker for 20 minutes.                 | PRESSURE
            500 ml rapeseed oil; 300 g tempeh         | Fry the tempeh in the oil for 4 minutes.                  | HOT_OIL
            400 g carrots                             | Roast on baking paper at 240 °C for 20 minutes.           | PARCHMENT
            400 g carrots                             | Grill the carrots on baking paper for 10 minutes.         | PARCHMENT
            2 avocados                                | Mash the avocados for 1 minute.                           | KNIVES
            400 g carrots, diced                      | Boil for 10 minutes.                                      | KNIVES
            4 carrots, tops off                       | Boil for 10 minutes.                                      | KNIVES
            20 g mint, stalks off                     | Scatter the mint over.                                    | KNIVES
            400 g carrots                             | Roast at 200 °C for 20 minutes.                           | STEAM
            100 ml white wine                         | Simmer the wine for 5 minutes.                            | ALCOHOL
            330 ml beer; 200 g plain flour            | Whisk the beer and flour into a batter for 2 minutes.     | ALCOHOL
            24 dumpling wrappers                      | Fill the wrappers and steam the dumplings for 10 minutes. | HOT_CENTRES
            1 cube vegetable stock cube               | Dissolve the stock cube.                                  | CHECK_LABEL
            1 carrot                                  | Wash it.                                                  | ALLERGENS
            """)
    void isSaidWhereItHasToBe(String ingredients, String method, Caution caution) {
        assertThat(CautionFinder.of(dish(ingredients, method), CATALOGUE)).contains(caution);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            1 can black beans                         | Warm the beans for 5 minutes.                             | DRY_BEANS
            200 g red lentils                         | Simmer the lentils for 15 minutes.                        | DRY_BEANS
            150 g sauerkraut, drained                 | Fold in the kraut.                                        | KNIVES
            250 g plain flour, sifted                 | Whisk the flour into a batter for 2 minutes.              | KNIVES
            4 dried apricots                          | Chop the apricots.                                        | DRY_BEANS
            2 tbsp white wine vinegar                 | Stir in the vinegar.                                      | ALCOHOL
            400 g carrots                             | Roast at 240 °C for 20 minutes.                           | PARCHMENT
            4 cloves garlic; 400 g tomatoes           | Simmer for 20 minutes.                                    | GARLIC_IN_OIL
            5 sprigs rosemary; 1 tbsp olive oil       | Roast the rosemary with the oil at 200 °C for 10 minutes. | GARLIC_IN_OIL
            200 g sugar                               | Melt the sugar.                                           | RAW_FLOUR
            400 g carrots                             | Chill in the fridge for 20 minutes.                       | STEAM
            150 g cashews; 1 l water                  | Soak the cashews in the water for 4 hours. Drain the cashews. | STEAM
            400 g carrots                             | Boil for 10 minutes.                                      | CHECK_LABEL
            400 g carrots                             | Boil for 10 minutes.                                      | COOLING
            200 g basmati rice                        | Rinse the rice under cold water for 1 minute.             | COOLING
            400 g carrots                             | Boil for 10 minutes.                                      | REHEATING
            400 g carrots                             | Boil for 10 minutes.                                      | MUSHROOMS
            400 g carrots                             | Boil for 10 minutes.                                      | SPROUTS
            200 g basmati rice                        | Boil the rice for 12 minutes.                             | KEEP_CHILLED
            100 g cashew nuts                         | Scatter the cashews over.                                 | KEEP_CHILLED
            400 g carrots                             | Boil for 10 minutes, then blend for 1 minute.             | KEEP_CHILLED
            200 g plain flour                         | Blend the flour with the rest for 1 minute.               | KEEP_CHILLED
            400 g carrots                             | Boil for 10 minutes.                                      | HOT_CENTRES
            24 dumpling wrappers                      | Fill the wrappers and chill them for 10 minutes.          | HOT_CENTRES
            200 g dark chocolate                      | Melt the chocolate over the pot.                          | MUSHROOMS
            400 g carrots                             | Roast at 200 °C for 20 minutes.                           | PRESSURE
            400 g carrots                             | Simmer for 20 minutes, then chill in the fridge.          | HOT_BLENDER
            400 g carrots                             | Chill on baking paper in the fridge for 20 minutes.       | PARCHMENT
            400 g carrots                             | Roast on baking paper at 220 °C for 20 minutes.           | PARCHMENT
            """)
    void isNotSaidForNothing(String ingredients, String method, Caution caution) {
        assertThat(CautionFinder.of(dish(ingredients, method), CATALOGUE)).doesNotContain(caution);
    }

    @Test
    void whatIsMadeFromScratchBringsItsOwn() {
        assertThat(CautionFinder.of(
                        HomeMade.of("chilli-oil").orElseThrow().sheet(CATALOGUE).dish(), CATALOGUE))
                .contains(Caution.GARLIC_IN_OIL);
        assertThat(CautionFinder.of(
                        HomeMade.of("naan").orElseThrow().sheet(CATALOGUE).dish(), CATALOGUE))
                .contains(Caution.RAW_FLOUR);
    }

    /** A caution stands at the steps that it is about, and once for the dish where it is about no step. */
    @Test
    void aCautionKnowsItsSteps() {
        Dish dish = dish(
                "200 g basmati rice; 4 cloves garlic; 100 ml olive oil",
                "Boil the rice for 12 minutes.\n2. Warm the garlic in the oil for 5 minutes.\n3. Serve the rice.");
        List<FoundCaution> found = FoundCaution.of(dish, CATALOGUE);
        assertThat(found)
                .extracting(FoundCaution::caution)
                .containsExactlyElementsOf(CautionFinder.of(dish, CATALOGUE))
                .contains(Caution.ALLERGENS, Caution.COOLING, Caution.GARLIC_IN_OIL);
        assertThat(steps(found, Caution.ALLERGENS)).isEmpty();
        assertThat(steps(found, Caution.COOLING)).singleElement().asString().contains("rice");
        assertThat(steps(found, Caution.GARLIC_IN_OIL))
                .as("rice in the pot is no garlic in oil")
                .singleElement()
                .asString()
                .contains("garlic");
    }

    private static List<String> steps(List<FoundCaution> found, Caution caution) {
        return found.stream()
                .filter(own -> own.caution() == caution)
                .flatMap(own -> own.steps().stream())
                .toList();
    }
}
