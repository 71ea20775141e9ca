package hopsel.core.handout;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.Need;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.handout.StepScale.What;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.ToolReader;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What another number of servings does to a step: never to its minutes, unless the host said so. */
class StepScaleTest {

    private static Step step(String place, String text) {
        return Step.of("s", "Do it", StepMinutes.of(Minutes.of(20)), Work.WATCH)
                .withText(Optional.of(text))
                .withNeeds(List.of(new Need(place, 1, Optional.empty(), BigDecimal.ZERO)));
    }

    private static StepScale scaled(Step step, String factor) {
        return StepScale.of(step, new BigDecimal(factor));
    }

    /** A fifth more goes into the same pan. */
    @ParameterizedTest
    @CsvSource({
        "burner, Fry the tempeh until golden, 1, , 1",
        "burner, Fry the tempeh until golden, 1.2, , 1",
        "burner, Fry the tempeh until golden, 1.21, ROUNDS, 2",
        "griddle, Toast the flatbreads, 3, ROUNDS, 3",
        "burner, Fry them in two rounds, 2, ROUNDS, 4",
        "burner, Fry them in 3 batches, 0.5, ROUNDS, 2",
        "burner, Fry them in four goes, 1.05, , 1",
        "burner, Bring to the boil and simmer, 2, BOIL_LATER, 1",
        "burner, Bring to the boil and simmer, 0.5, BOIL_SOONER, 1",
        "burner, Simmer the lentils, 3, , 1",
        "fridge, Fry notes are kept cold, 3, , 1",
        "fridge, Bring to the boil tomorrow, 3, , 1"
    })
    void onTheRing(String place, String text, String factor, What what, int number) {
        StepScale scale = scaled(step(place, text), factor);
        assertThat(scale.what()).isEqualTo(Optional.ofNullable(what));
        assertThat(scale.number()).isEqualTo(number);
        assertThat(scale.thing()).isEqualTo(what == What.ROUNDS ? "pan" : "");
    }

    @ParameterizedTest
    @CsvSource({"2, TINS, 2", "1.2, , 1", "0.51, , 1", "0.5, SMALLER_TIN, 1", "80, TINS, 60"})
    void inATin(String factor, What what, int number) {
        Step tart = step("oven", "Bake").withTools(List.of(ToolReader.parse("tart tin")));
        assertThat(scaled(tart, factor))
                .isEqualTo(
                        what == null
                                ? new StepScale(Optional.empty(), 1, "")
                                : new StepScale(Optional.of(what), number, "tart tin"));
        assertThat(scaled(tart.withNeeds(List.of()), factor).what())
                .as("a tin is a tin before it is in the oven")
                .isEqualTo(Optional.ofNullable(what));
    }

    @Test
    void anOvenWithoutATinSaysNothingAndARingIsNotAskedThen() {
        Step roast = step("oven", "Fry notes, and bring to the boil").withTools(List.of(ToolReader.parse("whisk")));
        assertThat(scaled(roast, "4").what()).isEmpty();
    }

    @Test
    void roundsThatTheHostCountedAreCountedAgain() {
        Step dumplings = step("burner", "Boil them")
                .withRounds(Optional.of(new Rounds(BigDecimal.valueOf(24), BigDecimal.TEN, Minutes.of(6), 1)));
        assertThat(scaled(dumplings, "2")).isEqualTo(new StepScale(Optional.of(What.ROUNDS), 5, "pan"));
        assertThat(scaled(dumplings, "1.25").what())
                .as("30 are three rounds, too")
                .isEmpty();
    }

    @Test
    void minutesGrowOnlyWhereTheHostSaidThatTheyGoByWeight() {
        Step roast = step("oven", "Roast it").withPerWeight(Optional.of(new PerWeight(Minutes.of(5), Minutes.of(30))));
        assertThat(scaled(roast, "2")).isEqualTo(new StepScale(Optional.of(What.BY_WEIGHT), 35, ""));
        assertThat(scaled(roast, "1").what()).isEmpty();
    }
}
