package hopsel.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.food.Staging.Matter;
import hopsel.core.measure.Minutes;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What is proposed of steps of which nobody has said how they are shown. */
class StagingTest {

    @ParameterizedTest
    @CsvSource({
        "Peel and dice the swede, HANDS, 0",
        "Mash the swede, HANDS, 1",
        "Fry the cubes, HANDS, 2",
        "Fill and fold the parcels, HANDS, 3",
        "Fry the onions, WATCH, 1",
        "Let the dough rest, REST, 0",
        "Hum a tune, HANDS, 1"
    })
    void aStepIsWorthSeeingForWhatIsDoneAtIt(String title, Work work, int worth) {
        assertThat(proposed(step(title, 5, work)).worth()).isEqualTo(worth);
    }

    @ParameterizedTest
    @CsvSource({
        "oven, WATCH, 0.5, 0.5",
        "burner, WATCH, 0.5, 0",
        "fridge, REST, 0.5, 0",
        "oven, HANDS, 0, 0",
        "scale, WATCH, 0, 0"
    })
    void handsPutInAndTakeOutWhereAPlaceWantsThem(String place, Work work, String in, String out) {
        Step step = step("Warm through", 10, work).withNeeds(List.of(need(place)));

        HandsOn hands = proposed(step).handsOn();

        assertThat(hands).isEqualTo(new HandsOn(minutes(in), minutes(out)));
    }

    @Test
    void whatIsDrainedIsTakenOffTheRingByHand() {
        Step step = step("Boil and drain the noodles", 10, Work.WATCH).withNeeds(List.of(need("burner")));

        assertThat(proposed(step).handsOn().end()).isEqualTo(minutes("0.5"));
    }

    @Test
    void handsNeverTakeAsLongAsTheStep() {
        Step step = step("Flash in the oven", 1, Work.WATCH).withNeeds(List.of(need("oven")));

        assertThat(proposed(step).handsOn()).isEqualTo(HandsOn.NONE);
    }

    @ParameterizedTest
    @CsvSource({"Shape the rolls, 5, ''", "Shape the rolls, 6, 2", "Shape the rolls, 11, 3.5", "Stir the sauce, 11, ''"
    })
    void ofWorkThatRepeatsItselfAThirdIsEnough(String title, int minutes, String part) {
        assertThat(proposed(step(title, minutes, Work.HANDS)).part().map(Minutes::toString))
                .isEqualTo(part.isEmpty() ? Optional.empty() : Optional.of(part));
    }

    @Test
    void whatTakesLongCanBeSwappedOut() {
        Step baked = step("Bake the tart", 15, Work.WATCH).withNeeds(List.of(need("oven")));

        assertThat(proposed(baked).swap()).contains(Minutes.of(2));
        assertThat(proposed(step("Leave to cool", 15, Work.REST)).swap()).contains(Minutes.of(1));
        assertThat(proposed(step("Leave to cool", 14, Work.REST)).swap()).isEmpty();
    }

    @Test
    void theFinishedPlateIsWhatPeopleCameFor() {
        Step plate =
                step("Plate", 2, Work.HANDS).withAfter(List.of(new After("first", Minutes.ZERO, Optional.empty())));
        Dish dish = dish(step("Stir", 2, Work.HANDS).withId("first"), plate);

        assertThat(Staging.of(dish, plate).after().show()).isEqualTo(Show.MUST);
        assertThat(Staging.of(dish, dish.steps().findFirst().orElseThrow())
                        .after()
                        .show())
                .isEqualTo(Show.MAY);
    }

    @Test
    void whatSomebodySaidIsNotTouched() {
        Step said = step("Shape the rolls", 12, Work.HANDS)
                .withPart(Optional.of(Minutes.of(5)))
                .withWorth(2);
        Step baked = step("Bake", 30, Work.WATCH)
                .withNeeds(List.of(need("oven")))
                .withSwap(Optional.of(Minutes.of(4)))
                .withHandsOn(new HandsOn(Minutes.of(1), Minutes.of(2)));

        assertThat(proposed(said)).isEqualTo(said);
        assertThat(Staging.of(dish(baked, step("Serve", 1, Work.HANDS)), baked).matters())
                .doesNotContain(Matter.SWAP, Matter.HANDS);
    }

    @Test
    void whatIsNeverShownHasNoPartAndNoSwapOut() {
        Step hidden = step("Shape the rolls", 12, Work.HANDS).withShow(Show.NEVER);

        assertThat(proposed(hidden)).isEqualTo(hidden);
    }

    @Test
    void aMachineThatNobodyCanBeHeardOverIsLoud() {
        Step blended = step("Blend the sauce", 3, Work.HANDS).withNeeds(List.of(need("blender")));

        assertThat(proposed(blended).noise()).contains("loud");
    }

    private static Step proposed(Step step) {
        Step after = step("Serve", 2, Work.HANDS)
                .withId("serve")
                .withAfter(List.of(new After(step.id(), Minutes.ZERO, Optional.empty())));
        return Staging.of(
                        dish(step.withAfter(List.of(new After("before", Minutes.ZERO, Optional.empty()))), after),
                        step.withAfter(List.of(new After("before", Minutes.ZERO, Optional.empty()))))
                .after()
                .withAfter(step.after());
    }

    private static Dish dish(Step... steps) {
        return new Dish(
                "dish",
                "Dish",
                BigDecimal.valueOf(4),
                List.of(new Component("part", "Part", List.of(), List.of(steps))));
    }

    private static Step step(String title, int minutes, Work work) {
        Minutes likely = Minutes.of(minutes);
        return Step.of("step", title, new StepMinutes(likely, likely, likely), work);
    }

    private static Need need(String kind) {
        return new Need(kind, 1, Optional.empty(), BigDecimal.ZERO);
    }

    private static Minutes minutes(String text) {
        return Minutes.of(new BigDecimal(text));
    }
}
