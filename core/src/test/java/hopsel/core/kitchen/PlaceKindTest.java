package hopsel.core.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.kitchen.PlaceKind.Does;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/** The table of places, row by row: whoever changes what one does has to change it here, too. */
class PlaceKindTest {

    @ParameterizedTest
    @CsvSource({
        "OVEN, HEATS STEAMS MAY_LACK",
        "BURNER, HEATS RING",
        "GRIDDLE, HEATS RING TOUCHES MAY_LACK",
        "GRILL, HEATS TOUCHES MAY_LACK",
        "STEAMER, HEATS STEAMS TOUCHES MAY_LACK",
        "PRESSURE_COOKER, HEATS SEALS PRESSES MAY_LACK",
        "SLOW_COOKER, HEATS GENTLE MAY_LACK",
        "RICE_COOKER, HEATS MAY_LACK",
        "FRYER, HEATS TOUCHES OIL MAY_LACK",
        "AIR_FRYER, HEATS TOUCHES MAY_LACK",
        "MICROWAVE, HEATS MAY_LACK",
        "TOASTER, HEATS TOUCHES",
        "BLENDER, MIXES SEALS LOUD MAY_LACK",
        "IMMERSION_BLENDER, MIXES LOUD MAY_LACK",
        "FOOD_PROCESSOR, MIXES SEALS LOUD MAY_LACK",
        "STAND_MIXER, MIXES LOUD MAY_LACK",
        "SPICE_GRINDER, MIXES SEALS LOUD MAY_LACK",
        "JUICER, MIXES LOUD MAY_LACK",
        "ICE_CREAM_MAKER, MIXES COOLS MAY_LACK",
        "FRIDGE, COOLS",
        "FREEZER, COOLS FREEZES",
        "COOL_BOX, COOLS",
        "BLAST_CHILLER, COOLS",
        "PASTA_MACHINE, TOUCHES",
        "SCALE, TOUCHES"
    })
    void eachDoesWhatItDoesAndNothingElse(PlaceKind kind, String does) {
        Set<String> wanted = Set.of(does.split(" "));
        assertThat(Arrays.stream(Does.values()).filter(kind::does).map(Does::name))
                .containsExactlyInAnyOrderElementsOf(wanted);
    }

    @ParameterizedTest
    @CsvSource({
        "oven, OVEN",
        "Gas burner, BURNER",
        "induction hob, BURNER",
        "microwave oven, MICROWAVE",
        "deep-fat-fryer, FRYER",
        "big stand mixer, STAND_MIXER",
        "hand mixer, STAND_MIXER",
        "stick-blender, IMMERSION_BLENDER",
        "hand blender, IMMERSION_BLENDER",
        "blender glass, BLENDER",
        "coffee-grinder, SPICE_GRINDER",
        "air fryer, AIR_FRYER",
        "refrigerator, FRIDGE",
        "scales, SCALE",
        "tandoor,",
        "counter,"
    })
    void itIsKnownByWhateverAKitchenCallsIt(String name, PlaceKind kind) {
        assertThat(PlaceKind.of(name).orElse(null)).isEqualTo(kind);
        assertThat(PlaceKind.does(name, Does.HEATS)).isEqualTo(kind != null && kind.does(Does.HEATS));
    }

    @Test
    void noTwoShareAWord() {
        Set<String> words = new HashSet<>();
        for (PlaceKind kind : PlaceKind.values()) {
            assertThat(words.add(kind.word())).as(kind.word()).isTrue();
            assertThat(PlaceKind.of(kind.word())).contains(kind);
        }
    }
}
