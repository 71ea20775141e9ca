package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.caution.Caution;
import hopsel.core.caution.CautionFinder;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Technique;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.TechniqueReader;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/** What is done at a step: read off its words once, and after that as somebody said it. */
class TechniquesTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Soak the noodles in warm water.|soak",
                "Press the tofu for 20 minutes.|press",
                "Build up the pressure.|pressure-cook",
                "Fry the shallots until golden.|fry",
                "Stir in the brown sugar.|mix",
                "Line a baking tray with baking paper.|",
                "Bake at 180 °C until firm.|bake",
                "Dissolve the baking powder.|",
                "Drain the pasta and toss it in the sauce.|drain mix",
                "Chill for two hours until set.|chill set",
                "Scatter the chilli flakes.|",
                "Blend until smooth, then strain.|blend drain",
                "Knead for 8 minutes, then let it rise.|knead proof",
                "Steam the buns over simmering water.|steam simmer",
                "Simmer the broth; it must not boil.|simmer",
                "Slice the cucumber and serve.|cut serve",
                "Set the tofu aside.|",
                "Chop the chard.|cut",
                "Add the pulses and the herbes de Provence.|",
                "Rest at room temperature.|rest",
                "Blend the soaked cashews with the water.|blend",
                "Stir in the cooked lentils.|mix",
                "Roll out the dough with a rubber spatula at hand.|roll",
                "Bring it together into a soft dough.|knead",
                "Add a quarter of the stock.|",
                "Steam the dumplings and serve on toast.|steam serve",
                "Fry the vegan mince.|fry",
                "Wait.|"
            })
    void theyAreReadOffTheWords(String text, String techniques) {
        Set<String> wanted = techniques == null ? Set.of() : Set.of(techniques.split(" "));
        assertThat(TechniqueReader.read(text).stream().map(Technique::word).collect(Collectors.toSet()))
                .isEqualTo(wanted);
    }

    private static Dish dish(String method) {
        String text = "Something\\n\\nServes 4\\n\\nIngredients\\n400 g carrots\\n2 tbsp olive oil\\n\\nMethod\\n1. "
                + method;
        return Draft.of(RecipeFile.read(text.replace("\\n", "\n"), CATALOGUE, Measures.METRIC), text, Measures.METRIC)
                .dish();
    }

    @Test
    void whatAHostSaysComesBeforeTheWordsAndCautionsFollowIt() {
        Dish read = dish("Toss the carrots in the oil, like the ones we fry on Sundays.");
        assertThat(read.steps().findFirst().orElseThrow().techniques())
                .as("stored once it was read")
                .contains(Technique.FRY, Technique.MIX);
        assertThat(CautionFinder.of(read, CATALOGUE)).contains(Caution.HOT_OIL);
        Dish said =
                read.eachComponent(component -> component.eachStep(step -> step.withTechniques(Set.of(Technique.MIX))));
        assertThat(CautionFinder.of(said, CATALOGUE)).doesNotContain(Caution.HOT_OIL);
    }

    /** A soak of ten to twelve hours is not uncertain: it is drained when the plan says so. */
    @ParameterizedTest
    @CsvSource({
        "Soak the carrots overnight., true",
        "Chill the carrots in the fridge for 2 hours., true",
        "Let the carrots marinate for 30 minutes., true",
        "Let the dough rise for 60 minutes., false",
        "Roast the carrots at 200 °C for 30 minutes., false",
        "Slice the carrots for 5 minutes., false"
    })
    void whatLastsAtLeastSoLongIsNotUncertain(String method, boolean atLeast) {
        assertThat(dish(method).steps().anyMatch(TechniqueReader::isAtLeast)).isEqualTo(atLeast);
    }

    @Test
    void noTwoHaveOneWordAndEachIsHotOrNot() {
        assertThat(Arrays.stream(Technique.values()).map(Technique::word)).doesNotHaveDuplicates();
        assertThat(Arrays.stream(Technique.values()).filter(Technique::heats))
                .containsExactly(
                        Technique.SWEAT,
                        Technique.FRY,
                        Technique.TOAST,
                        Technique.DEGLAZE,
                        Technique.BOIL,
                        Technique.SIMMER,
                        Technique.BLANCH,
                        Technique.STEAM,
                        Technique.PRESSURE_COOK,
                        Technique.BAKE,
                        Technique.GRILL,
                        Technique.REHEAT);
    }
}
