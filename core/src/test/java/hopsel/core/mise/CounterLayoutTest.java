package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Room;
import hopsel.core.kitchen.Tool;
import hopsel.core.measure.Minutes;
import hopsel.core.mise.CounterLayout.Place;
import hopsel.core.mise.CounterLayout.Spot;
import hopsel.core.mise.CounterLayout.Standing;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The counter with a ruler: what is kept free, where each bowl stands, and what has to wait elsewhere. */
class CounterLayoutTest {

    private static final StepRef ROLL = new StepRef("breads", "roll");
    private static final StepRef BAKE = new StepRef("breads", "bake");
    private static final StepRef SERVE = new StepRef("breads", "serve");
    /** A bowl of a quarter of a litre is 9.85 cm across. */
    private static final double SMALL = BowlSize.SMALL.diameter();

    private static Step step(String id, String text, Work work, String... after) {
        return Step.of(id, id, StepMinutes.of(Minutes.of(10)), work)
                .withText(Optional.of(text))
                .withAfter(List.of(after).stream().map(After::of).toList());
    }

    private static CookingClass cooking(Room room) {
        Dish breads = new Dish(
                "breads",
                "Flatbreads",
                BigDecimal.ONE,
                List.of(new Component(
                        "all",
                        "All",
                        List.of(),
                        List.of(
                                step("roll", "Roll it out on a board, cut with 2 ring cutters.", Work.HANDS),
                                step("bake", "Bake; brush with oil.", Work.WATCH, "roll"),
                                step("serve", "Arrange on a platter.", Work.HANDS, "bake")))));
        CookingClass fresh = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(breads));
        return fresh.withKitchen(fresh.kitchen().withRoom(room));
    }

    private static Room room(int length, int depth, String... cameras) {
        return new Room(Learners.NONE, Optional.of(new CounterTop(length, depth)), List.of(), List.of(cameras));
    }

    private static Activity at(StepRef step, boolean shown, int start, String person) {
        return new Activity(step, Copy.MAIN, shown, start, start + 600, Optional.ofNullable(person), List.of());
    }

    private static Plan plan(List<StepRef> swaps, Activity... activities) {
        return new Plan(Verdict.FITS, 3600, 0, swaps, List.of(), List.of(activities), List.of());
    }

    private static CounterLayout layout(Room room, Plan plan, Map<Activity, List<SetBowl>> trays) {
        return CounterLayout.of(cooking(room), plan, trays);
    }

    private static List<SetBowl> small(int number) {
        return List.of(new SetBowl(List.of(), false, BigDecimal.TEN, false, BowlSize.SMALL, number));
    }

    @Test
    void aDeepCounterKeepsItsPlacesFromTheRightAndAStripForToolsAtTheBack() {
        assertThat(layout(room(180, 60), plan(List.of(ROLL, SERVE)), Map.of()).places())
                .containsExactly(
                        new Place(Spot.BOARD, null, 133, 2, 45, 30),
                        new Place(Spot.WASTE, null, 156, 34, 22, 22),
                        new Place(Spot.HEATPROOF, null, 91, 2, 40, 30),
                        new Place(Spot.SWAP_OUT, ROLL, 49, 2, 40, 30),
                        new Place(Spot.SWAP_OUT, SERVE, 7, 2, 40, 30),
                        new Place(Spot.TOOLS, null, 2, 48, 3, 10));
    }

    @Test
    void aShallowOneHasItsWasteBesideTheBoardAndNoStrip() {
        assertThat(layout(room(180, 49), plan(List.of()), Map.of()).places())
                .containsExactly(
                        new Place(Spot.BOARD, null, 133, 2, 45, 30),
                        new Place(Spot.WASTE, null, 109, 2, 22, 22),
                        new Place(Spot.HEATPROOF, null, 67, 2, 40, 30));
        assertThat(layout(room(180, 56), plan(List.of()), Map.of())
                        .places()
                        .get(1)
                        .y())
                .as("56 cm are just enough for both, one behind the other")
                .isEqualTo(34);
        assertThat(layout(room(180, 50), plan(List.of()), Map.of()).places())
                .extracting(Place::kind)
                .contains(Spot.TOOLS);
        assertThat(layout(room(180, 20), plan(List.of()), Map.of())
                        .places()
                        .get(0)
                        .depth())
                .isEqualTo(18);
        assertThat(layout(room(300, 66), plan(List.of(ROLL)), Map.of()).places().get(3))
                .as("a second tray stands behind the first where there is room for it")
                .isEqualTo(new Place(Spot.SWAP_OUT, ROLL, 211, 34, 40, 30));
    }

    /** With one swap-out 47 cm are left, 50 deep before the strip: three columns of four. */
    @Test
    void bowlsStandInColumnsUntilThereIsNoRoomAndThenWholeTraysWait() {
        Activity roll = at(ROLL, true, 0, "host");
        Activity serve = at(SERVE, true, 1200, "host");
        Map<Activity, List<SetBowl>> trays = new LinkedHashMap<>();
        trays.put(roll, small(5));
        trays.put(serve, small(7));
        CounterLayout full = layout(room(180, 60), plan(List.of(ROLL), roll, serve), trays);
        assertThat(full.waiting()).isEmpty();
        assertThat(full.bowls()).hasSize(12).extracting(Standing::tray).containsOnly(1, 2);
        assertThat(full.bowls().get(0).x()).isEqualTo(2 + SMALL / 2);
        assertThat(full.bowls().get(0).y()).isEqualTo(2 + SMALL / 2);
        assertThat(full.bowls().get(3).y()).isEqualTo(2 + 3 * (SMALL + 2) + SMALL / 2);
        assertThat(full.bowls().get(4).x()).isEqualTo(2 + SMALL + 2 + SMALL / 2);
        assertThat(full.bowls().get(11).x()).isEqualTo(2 + 2 * (SMALL + 2) + SMALL / 2);
        for (Standing one : full.bowls()) {
            List<Standing> others = new ArrayList<>(full.bowls());
            others.remove(one);
            assertThat(others).allSatisfy(other -> assertThat(Math.hypot(one.x() - other.x(), one.y() - other.y()))
                    .isGreaterThanOrEqualTo(SMALL + 2 - 1e-9));
        }

        trays.put(roll, small(13));
        trays.put(serve, small(1));
        CounterLayout over = layout(room(180, 60), plan(List.of(ROLL), roll, serve), trays);
        assertThat(over.bowls()).isEmpty();
        assertThat(over.waiting()).as("what is used later does not push in").containsExactly(roll, serve);
    }

    @Test
    void onlyWhatTheHostEmptiesOnAirStandsThere() {
        Activity before = at(ROLL, true, -600, "host");
        Activity behind = at(SERVE, false, 600, "host");
        Map<Activity, List<SetBowl>> trays = new LinkedHashMap<>();
        trays.put(before, small(1));
        trays.put(behind, small(1));
        CounterLayout layout = layout(room(180, 60), plan(List.of(), before, behind), trays);
        assertThat(layout.bowls()).isEmpty();
        assertThat(layout.waiting()).isEmpty();
    }

    @Test
    void toolsInReachAreThoseOfTheStepsThatSomebodyShowsOnceEach() {
        CounterLayout layout = layout(
                room(180, 60),
                plan(
                        List.of(),
                        at(ROLL, true, 0, "host"),
                        at(ROLL, true, 900, "host"),
                        at(SERVE, false, 600, "host"),
                        at(BAKE, true, 600, null)),
                Map.of());
        assertThat(layout.tools())
                .extracting(Tool::count, Tool::name)
                .as("the board has its own place, and nobody's hands bake or serve here")
                .contains(tuple(1, "ring cutter"))
                .doesNotContain(tuple(1, "chopping board"), tuple(1, "brush"), tuple(1, "platter"))
                .doesNotHaveDuplicates();
    }

    @Test
    void aCameraAboveSeesHandsAndTheOthersSeeThePlate() {
        CounterLayout layout = layout(
                room(180, 60, "Overhead", "Front"),
                plan(
                        List.of(),
                        at(ROLL, true, 0, "host"),
                        at(BAKE, true, 600, null),
                        at(SERVE, true, 1200, "host"),
                        at(SERVE, false, 1200, "host")),
                Map.of());
        assertThat(layout.cameras())
                .containsExactly(Map.entry("Overhead", List.of(ROLL, SERVE)), Map.entry("Front", List.of(SERVE)));
        assertThat(layout.measured()).isTrue();
        assertThat(layout(Room.UNKNOWN, plan(List.of()), Map.of()).measured()).isFalse();
        assertThat(layout(Room.UNKNOWN, plan(List.of()), Map.of()).counter()).isEqualTo(CounterTop.USUAL);
    }
}
