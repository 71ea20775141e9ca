package hopsel.core.log;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.EarlierEvent;
import hopsel.core.air.Happened;
import hopsel.core.air.RunningOrder;
import hopsel.core.air.Trouble;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.log.AirLog.Row;
import hopsel.core.log.AirLog.Tasted;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is read off a class that was on air. */
class AirLogTest {

    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");
    private static final CookingClass COOKING = SmallClass.of(60)
            .open(-60, 0)
            .place("oven", 1, 0)
            .part(
                    "a",
                    hands("mix", 10).range(0.8, 1.2),
                    watch("bake", 20).after("mix").oven(180, 10),
                    hands("serve", 5).after("bake").range(0.6, 1.2))
            .build();
    private static final Plan PLAN = Planner.plan(COOKING);

    private final List<AirEvent> events = new ArrayList<>(List.of(new AirEvent(1, AIR, new Happened.OnAir())));

    private void press(double minute, String kind, String step, String text) {
        String key = PLAN.activities().stream()
                .filter(activity ->
                        activity.step().step().equals(step) && activity.copy().isMain())
                .findFirst()
                .map(AirState::key)
                .orElse("");
        events.add(new AirEvent(
                events.size() + 1, AIR.plusSeconds((long) (minute * 60)), EarlierEvent.of(kind, key, 0, text)));
    }

    private void step(String step, double from, double to) {
        press(from, "START", step, "");
        press(to, "DONE", step, "");
    }

    private AirLog log() {
        return AirLog.of(COOKING, RunningOrder.of(COOKING, PLAN).at(events, AIR.plusSeconds(7200)));
    }

    @Test
    void everyStepStandsWithWhatItTookAndWhetherTheRecipesRangeHeld() {
        step("mix", 0, 13);
        step("bake", 13, 33);
        press(33, "CUT", "serve", "");
        step("serve", 33, 36);
        press(36, "OVER", "", "");
        AirLog log = log();
        assertThat(log.rows()).extracting(Row::lasted).containsExactly(780, 1200, 180);
        assertThat(log.rows())
                .extracting(Row::within)
                .as("mixed for 13 minutes of at most 12")
                .containsExactly(false, true, true);
        assertThat(log.rows())
                .extracting(Row::full)
                .as("what was kept short teaches nothing")
                .containsExactly(true, true, false);
        assertThat(log.held()).isEqualTo(2 / 3.0);
        assertThat(log.end()).isEqualTo(36 * 60);
        assertThat(Observation.of(COOKING, log))
                .extracting(Observation::seconds)
                .containsExactly(780, 1200);
        assertThat(Observation.of(COOKING, log)).extracting(Observation::cook).containsExactly("Host", "");
    }

    @Test
    void whatWentWrongIsGatheredByKindWithWhatItWasAbout() {
        press(4, "TROUBLE", "mix", "RAN_OUT:coconut-cream");
        press(9, "FAILED", "bake", Trouble.BURNT.name());
        press(11, "TROUBLE", "mix", "nobody knows this word");
        press(12, "NOTE", "mix", "too soft, 4 min are enough");
        press(13, "QUESTION", "", "Can I freeze it?");
        AirLog log = log();
        assertThat(log.wrong())
                .extracting(AirLog.Wrong::kind)
                .containsExactly(Trouble.RAN_OUT, Trouble.BURNT, Trouble.OTHER);
        assertThat(log.wrong().get(0).about()).isEqualTo("coconut-cream");
        assertThat(log.wrong().get(0).dish()).isEqualTo("dish");
        assertThat(log.notes()).extracting(AirLog.Remark::text).containsExactly("too soft, 4 min are enough");
        assertThat(log.questions()).extracting(AirLog.Remark::at).containsExactly(13 * 60);
    }

    /** Minutes that a bake of 20 took, evening by evening; and by how many minutes the oven is called late. */
    @ParameterizedTest
    @CsvSource({
        "'32 32 31 33 32', 12",
        "'32', 0",
        "'20 21 19 20 20', 0",
        "'32 33 32 90 31', 12",
        "'17 17 17 17 17 17', -3"
    })
    void anOvenIsCalledLateOnlyByMoreThanOneTray(String took, int late) {
        Map<CookingClass, AirLog> logs = new LinkedHashMap<>();
        for (String minutes : Arrays.asList(took.split(" "))) {
            events.subList(1, events.size()).clear();
            step("bake", 10, 10 + Double.parseDouble(minutes));
            // Another evening is another class.
            logs.put(COOKING.starting(COOKING.startsAt().plusDays(logs.size())), log());
        }
        assertThat(OvenHabit.of(logs)).singleElement().satisfies(habit -> {
            assertThat(habit.late()).isEqualTo(late * 60);
            assertThat(habit.oven()).isEqualTo("oven-1");
            assertThat(habit.took()).hasSize(logs.size());
        });
    }

    @Test
    void withoutAnEndItEndsWithTheLastStepAndWhatWasLeftOutIsNamed() {
        press(0, "START", "serve", "");
        press(2, "DONE", "serve", "");
        press(3, "START", "mix", "");
        press(15, "DONE", "mix", "");
        press(16, "SKIP", "bake", "");
        AirLog log = log();
        assertThat(log.end()).isEqualTo(15 * 60);
        assertThat(log.rows())
                .extracting(row -> AirLog.step(row).step())
                .as("in the order in which they began")
                .containsExactly("serve", "mix");
        assertThat(log.rows()).extracting(Row::over).containsExactly(-180, 120);
        assertThat(log.skipped()).singleElement().satisfies(key -> assertThat(key)
                .contains("bake"));
    }

    /** Mixing is 8 to 12 minutes; serving 3 to 6. To the second. */
    @ParameterizedTest
    @CsvSource({"480, true", "479, false", "720, true", "721, false"})
    void theRecipesRangeHoldsToTheSecond(int seconds, boolean held) {
        step("mix", 0, seconds / 60.0);
        assertThat(log().rows()).extracting(Row::within).containsExactly(held);
    }

    /** Cut short, only its planned length counts: it may be quicker, and not longer. */
    @ParameterizedTest
    @CsvSource({"300, true", "301, false", "10, true"})
    void whatIsCutShortHoldsIfItIsNoLonger(int seconds, boolean held) {
        press(0, "CUT", "serve", "");
        step("serve", 0, seconds / 60.0);
        assertThat(log().rows()).extracting(Row::full, Row::within).containsExactly(tuple(false, held));
    }

    @Test
    void whatWasFoundByTasteCanBePutIntoTheRecipe() {
        Amount before = new Amount(BigDecimal.TEN, BigDecimal.TEN, Unit.G, Optional.empty());
        Amount came = new Amount(new BigDecimal("12"), new BigDecimal("12"), Unit.G, Optional.empty());
        Dish dish = new Dish(
                "d",
                "Dish",
                BigDecimal.ONE,
                List.of(new Component(
                        "c",
                        "C",
                        List.of(
                                IngredientLine.of("salt", "salt", Optional.of(before)),
                                IngredientLine.of("oil", "oil", Optional.of(before))),
                        List.of())));
        CookingClass cooking = COOKING.with(List.of(dish));
        Tasted tasted = new Tasted("d", "salt", before, came);
        assertThat(AirLog.line(cooking, tasted).amount()).contains(before);
        CookingClass wiser = tasted.in(cooking);
        assertThat(AirLog.line(wiser, tasted).amount()).contains(came);
        assertThat(wiser.dish("d").line("oil").amount()).contains(before);
        assertThat(new Tasted("gone", "salt", before, came).in(cooking)).isEqualTo(cooking);
    }
}
