package hopsel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Vessel;
import hopsel.core.dish.Work;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Dough: mix 5, rest 30, roll 10. Filling: boil 20, mash 5. Then boil the pierogi for 5, after both. */
class EditsTest {

    private static final Draft PIEROGI = sheet();

    private static Draft sheet() {
        IngredientLine flour =
                IngredientLine.of("flour", "plain-flour", Optional.of(Amount.of(BigDecimal.valueOf(300), Unit.G)));
        List<Step> dough = List.of(
                step("mix", 5, Work.HANDS).withUses(List.of(new Use("flour", BigDecimal.ONE))),
                step("rest", 30, Work.REST, "mix"),
                step("roll", 10, Work.HANDS, "rest"));
        List<Step> filling = List.of(
                step("boil", 20, Work.WATCH),
                step("mash", 5, Work.HANDS, "boil"),
                step("cook", 5, Work.WATCH, "mash", "roll"));
        return new Draft(
                new Dish(
                        "pierogi",
                        "Pierogi",
                        BigDecimal.valueOf(4),
                        List.of(
                                new Component("dough", "Dough", List.of(flour), dough),
                                new Component("filling", "Filling", List.of(), filling))),
                List.of(),
                Measures.METRIC,
                Notes.NONE);
    }

    private static Step step(String id, long minutes, Work work, String... after) {
        return Steps.plain(
                id,
                id,
                StepMinutes.of(Minutes.of(minutes)),
                work,
                List.of(after).stream().map(After::of).toList());
    }

    private static List<String> waits(Draft sheet, String id) {
        return sheet.step(id).orElseThrow().after().stream().map(After::step).toList();
    }

    @Test
    void fourTimesAreApartAndTheLongestChainIsFound() {
        DishTimes times = DishTimes.of(PIEROGI.dish());
        assertThat(List.of(times.handsOn(), times.watched(), times.unattended()))
                .containsExactly(20 * 60, 25 * 60, 30 * 60);
        assertThat(times.elapsed()).isEqualTo(50 * 60);
        assertThat(times.chain()).containsExactly("mix", "rest", "roll", "cook");
        assertThat(times.one()).isEqualTo(new DishTimes.Least(50 * 60, true));
        assertThat(times.hidden()).containsExactly(new DishTimes.Hidden(HiddenTime.RESTING, 30 * 60));
    }

    @Test
    void anOvenThatNobodyHeatsHidesTime() {
        Draft baked = Edits.change(
                PIEROGI,
                "cook",
                step -> step.withNeeds(
                        List.of(new Need("oven", 1, Optional.of(BigDecimal.valueOf(200)), BigDecimal.ZERO))));
        assertThat(DishTimes.of(baked.dish()).heating()).isEqualTo(15 * 60);
    }

    @Test
    void twoPeopleAreFasterWhereHandsWereTheTrouble() {
        Draft busy = Edits.change(
                PIEROGI,
                "boil",
                step -> Steps.plain("boil", "boil", StepMinutes.of(Minutes.of(45)), Work.HANDS, List.of()));
        DishTimes times = DishTimes.of(busy.dish());
        assertThat(times.two().seconds()).isLessThan(times.one().seconds());
        assertThat(times.one().seconds()).isGreaterThanOrEqualTo(65 * 60);
    }

    @Test
    void aStepIsCutAndJoinedAgain() throws Exception {
        Draft cut = Edits.split(PIEROGI, "rest", Minutes.of(10));
        assertThat(cut.step("rest-2").orElseThrow().minutes().likely()).isEqualTo(Minutes.of(20));
        assertThat(waits(cut, "rest-2")).containsExactly("rest");
        assertThat(waits(cut, "roll")).containsExactly("rest-2");
        Draft joined = Edits.join(cut, "rest");
        assertThat(joined.step("rest").orElseThrow().minutes().likely()).isEqualTo(Minutes.of(30));
        assertThat(waits(joined, "roll")).containsExactly("rest");
        assertThatThrownBy(() -> Edits.split(PIEROGI, "rest", Minutes.of(30)))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("30 minutes");
    }

    @Test
    void aMovedStepLeavesAClosedChainBehind() throws Exception {
        Draft moved = Edits.move(PIEROGI, "rest", "filling", 1);
        assertThat(waits(moved, "roll")).containsExactly("mix");
        assertThat(waits(moved, "rest")).containsExactly("boil");
        assertThat(waits(moved, "mash")).containsExactly("rest");
    }

    @Test
    void noStepEverWaitsForItself() {
        assertThatThrownBy(() -> Edits.tie(PIEROGI, "cook", "mix", Minutes.ZERO, Optional.empty()))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("waiting for itself");
    }

    @Test
    void whatIsTakenAwayLeavesNothingPointingAtIt() throws Exception {
        assertThat(waits(Edits.removeStep(PIEROGI, "rest"), "roll")).containsExactly("mix");
        assertThat(Edits.removeLine(PIEROGI, "flour").step("mix").orElseThrow().uses())
                .isEmpty();
        assertThatThrownBy(() -> Edits.use(PIEROGI, "roll", "flour", new BigDecimal("0.5")))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("at most 0");
    }

    @Test
    void roundsSetTheMinutesAndASecondPanHalvesThem() throws Exception {
        Rounds rounds = new Rounds(BigDecimal.valueOf(24), BigDecimal.valueOf(6), Minutes.of(5), 1);
        Draft one = Edits.rounds(PIEROGI, "cook", rounds);
        assertThat(one.step("cook").orElseThrow().minutes().likely()).isEqualTo(Minutes.of(20));
        Draft two = Edits.rounds(
                PIEROGI, "cook", new Rounds(BigDecimal.valueOf(24), BigDecimal.valueOf(6), Minutes.of(5), 2));
        assertThat(two.step("cook").orElseThrow().minutes().likely()).isEqualTo(Minutes.of(10));
        assertThat(Resize.byServings(one, BigDecimal.valueOf(6))
                        .sheet()
                        .step("cook")
                        .orElseThrow()
                        .minutes()
                        .likely())
                .isEqualTo(Minutes.of(30));
    }

    /**
     * Once a step is cut, joined or timed by hand, its rounds say nothing about its length: another size must not bring
     * them back.
     */
    @Test
    void roundsAreForgottenWhereTheyNoLongerSetTheMinutes() throws Exception {
        Draft round = Edits.rounds(
                PIEROGI, "boil", new Rounds(BigDecimal.valueOf(24), BigDecimal.valueOf(6), Minutes.of(5), 1));
        for (Draft changed : List.of(
                Edits.split(round, "boil", Minutes.of(8)),
                Edits.join(round, "boil"),
                Edits.retime(round, "boil", StepMinutes.of(Minutes.of(12))))) {
            Minutes before = changed.step("boil").orElseThrow().minutes().likely();
            assertThat(Resize.byServings(changed, BigDecimal.valueOf(8))
                            .sheet()
                            .step("boil")
                            .orElseThrow()
                            .minutes()
                            .likely())
                    .isEqualTo(before);
        }
    }

    @Test
    void whatIsBroughtInKeepsItsOwnOrderAndScales() throws Exception {
        Draft larger = Edits.dish(PIEROGI, "Pierogi for eight", BigDecimal.valueOf(8));
        Draft both = BringIn.whole(larger, PIEROGI, "dough");
        assertThat(waits(both, "roll-2")).containsExactly("rest-2");
        assertThat(both.step("mix-2").orElseThrow().uses()).containsExactly(new Use("flour-2", BigDecimal.ONE));
        assertThat(both.line("flour-2").orElseThrow().amount().orElseThrow().high())
                .isEqualByComparingTo("600");
        assertThat(Edits.removeComponent(both, "dough-2").dish()).isEqualTo(larger.dish());
    }

    @Test
    void aVesselScalesByItsFloor() throws Exception {
        Vessel square = new Vessel(
                Vessel.Shape.RECTANGLE, BigDecimal.valueOf(20), BigDecimal.valueOf(20), BigDecimal.valueOf(6));
        Vessel large = new Vessel(
                Vessel.Shape.RECTANGLE, BigDecimal.valueOf(23), BigDecimal.valueOf(33), BigDecimal.valueOf(5));
        Resize resize = Resize.byVessel(PIEROGI.with(PIEROGI.dish().withVessel(Optional.of(square))), large);
        assertThat(resize.factor()).isEqualByComparingTo("1.8975");
        assertThat(resize.notes()).anyMatch(note -> note.contains("1 cm lower"));
        assertThat(new Vessel(Vessel.Shape.ROUND, BigDecimal.TEN, BigDecimal.TEN, BigDecimal.TEN).volume())
                .isBetween(new BigDecimal("785"), new BigDecimal("786"));
        assertThatThrownBy(() -> Resize.byVessel(PIEROGI, large)).isInstanceOf(RefusedEditException.class);
    }

    @Test
    void aThingGoesElsewhereWithItsWait() throws RefusedEditException {
        Draft waiting = Edits.tie(PIEROGI, "boil", "mash", Minutes.of(7), Optional.empty());
        Draft moved = Things.into(waiting, "boil", Optional.of("mash"), Optional.of("cook"))
                .sheet();
        assertThat(waits(moved, "mash")).isEmpty();
        assertThat(waits(moved, "cook")).containsExactly("mash", "roll", "boil");
        assertThat(moved.step("cook").orElseThrow().after().get(2).least()).isEqualTo(Minutes.of(7));
        assertThat(Things.users(moved.dish(), "boil")).extracting(Step::id).containsExactly("cook");
    }

    @Test
    void aThingMadeTooLateComesBeforeWhatItGoesInto() throws RefusedEditException {
        // "cook" waits for "mash": if what is cooked goes into the boiling pan, it cannot wait for what comes out of
        // it.
        Things.Moved moved = Things.into(PIEROGI, "cook", Optional.empty(), Optional.of("boil"));
        assertThat(moved.noLonger()).extracting(Step::id).containsExactly("mash");
        assertThat(waits(moved.sheet(), "boil")).containsExactly("cook");
        assertThat(waits(moved.sheet(), "cook")).containsExactly("roll");
    }

    @Test
    void aThingIsServedWhereNothingTakesIt() throws RefusedEditException {
        Draft served = Things.into(PIEROGI, "roll", Optional.of("cook"), Optional.empty())
                .sheet();
        assertThat(served.dish().finalSteps()).containsExactlyInAnyOrder("roll", "cook");
        assertThatThrownBy(() -> Things.into(PIEROGI, "roll", Optional.empty(), Optional.of("roll")))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("can't go into itself");
    }
}
