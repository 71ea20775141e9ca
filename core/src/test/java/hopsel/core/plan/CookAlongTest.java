package hopsel.core.plan;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.rest;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.advice.Beforehand;
import hopsel.core.advice.Beforehand.Chore;
import hopsel.core.advice.Beforehand.Task;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Style;
import hopsel.core.dish.Show;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Room;
import hopsel.core.verify.PlanChecker;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Classes in which attendees cook while the host does. */
class CookAlongTest {

    private static CookingClass along(Style style, int stations, String pace, List<String> own, SmallClass small) {
        return small.build()
                .withStyle(style)
                .in(new Room(
                        new Learners(stations, new BigDecimal(pace), own), Optional.empty(), List.of(), List.of()));
    }

    private static Plan plan(CookingClass cooking) {
        Plan plan = Planner.plan(cooking);
        assertThat(PlanChecker.check(cooking, plan)).isEmpty();
        return plan;
    }

    private static Activity main(Plan plan, String step) {
        return plan.activities().stream()
                .filter(activity ->
                        activity.step().step().equals(step) && activity.copy().isMain())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void attendeesHandsAreSlowerButWaterBoilsAsFast() {
        Plan plan = plan(along(
                Style.HANDS_ON,
                1,
                "1.5",
                List.of(),
                SmallClass.of(90).part("a", hands("knead", 10), rest("rise", 20).after("knead"))));
        assertThat(plan.airEnd()).isEqualTo((15 + 20) * 60);
    }

    @Test
    void whatOnlyMayBeShownTheHostShowsAtTheHostsPace() {
        Plan plan = plan(along(
                Style.HANDS_ON,
                4,
                "2",
                List.of(),
                SmallClass.of(90).part("a", hands("curl", 10).show(Show.MAY))));
        assertThat(plan.airEnd()).isEqualTo(10 * 60);
    }

    @Test
    void inADemonstrationNobodyIsWaitedFor() {
        assertThat(plan(along(Style.DEMO, 6, "2", List.of(), SmallClass.of(90).part("a", hands("knead", 10))))
                        .airEnd())
                .isEqualTo(10 * 60);
    }

    @Test
    void anOvenTooSmallForAllIsUsedInRoundsAndHeldWhole() {
        SmallClass small = SmallClass.of(90)
                .place("oven", 2, 0)
                .part("a", watch("bake", 10).oven(200, 0));
        CookingClass cooking = along(Style.HANDS_ON, 5, "1", List.of(), small);
        Activity bake = main(plan(cooking), "bake");
        assertThat(bake.duration()).isEqualTo(3 * 10 * 60);
        assertThat(bake.placements()).extracting(Placement::units).containsExactly(2);
    }

    @Test
    void aSecondOvenSavesRoundsAndIsHeldToo() {
        SmallClass small = SmallClass.of(90)
                .place("oven", 2, 0)
                .place("oven", 1, 0)
                .part("a", watch("bake", 10).oven(200, 0));
        Activity bake = main(plan(along(Style.HANDS_ON, 5, "1", List.of(), small)), "bake");
        assertThat(bake.duration()).isEqualTo(2 * 10 * 60);
        assertThat(bake.placements()).extracting(Placement::resource).containsExactlyInAnyOrder("oven-1", "oven-2");
    }

    @Test
    void whatStandsAtEveryStationNeedsNoRounds() {
        SmallClass small = SmallClass.of(90)
                .place("burner", 1, 0)
                .part("a", watch("boil", 10).in("burner"));
        assertThat(plan(along(Style.HANDS_ON, 6, "1", List.of("burner"), small)).airEnd())
                .isEqualTo(10 * 60);
        assertThat(plan(along(Style.HANDS_ON, 6, "1", List.of(), small)).airEnd())
                .isEqualTo(60 * 60);
        assertThat(plan(along(Style.STREAM, 6, "1", List.of(), small)).airEnd())
                .as("a ring in every home")
                .isEqualTo(10 * 60);
    }

    @Test
    void whatWasMadeEarlierTheHouseMadeOnceAtItsOwnPace() {
        SmallClass small = SmallClass.of(30)
                .assistant()
                .open(-120, 0)
                .place("oven", 1, 0)
                .part(
                        "a",
                        hands("shape", 6),
                        watch("bake", 20).after("shape").oven(200, 0).swap(2));
        CookingClass cooking = along(Style.HANDS_ON, 3, "2", List.of(), small);
        Plan plan = plan(cooking);
        assertThat(plan.swaps()).hasSize(1);
        assertThat(plan.activities().stream()
                        .filter(activity -> !activity.copy().isMain())
                        .map(Activity::duration))
                .containsExactly(6 * 60, 20 * 60);
        assertThat(main(plan, "shape").duration()).isEqualTo(12 * 60);
    }

    @Test
    void aStreamsGuestsSoakAsLateAsTheyMayAndHeatTheOvenInTime() {
        SmallClass small = SmallClass.of(60)
                .open(-900, 0)
                .place("oven", 1, 0)
                .part(
                        "a",
                        rest("soak", 60).show(Show.NEVER).keeps(30),
                        hands("drain", 5).after("soak").show(Show.NEVER),
                        hands("mix", 10).after("drain"),
                        watch("bake", 20).after("mix").oven(200, 0));
        CookingClass cooking = along(Style.STREAM, 1, "2", List.of(), small);
        Plan plan = plan(cooking);
        List<Task> tasks = Beforehand.of(cooking, plan);
        assertThat(tasks)
                .extracting(task -> task.kind() == Chore.HEAT
                        ? task.place().orElseThrow()
                        : task.step().step())
                .containsExactly("soak", "drain");
        assertThat(tasks.get(1).latest()).as("ten minutes of a learner's hands").isEqualTo(-10 * 60);
        assertThat(tasks.get(0).latest()).isEqualTo(-70 * 60);
        assertThat(tasks.get(0).notUntil()).contains((-70 - 30) * 60);
        CookingClass early = along(
                Style.STREAM,
                1,
                "1",
                List.of(),
                SmallClass.of(60)
                        .place("oven", 1, 0)
                        .part("a", watch("bake", 20).oven(200, 0)));
        assertThat(Beforehand.of(early, plan(early))).singleElement().satisfies(heat -> {
            assertThat(heat.kind()).isEqualTo(Chore.HEAT);
            assertThat(heat.latest()).as("180 °C at 12 a minute").isEqualTo(-15 * 60);
        });
        assertThat(Beforehand.of(cooking.withStyle(Style.DEMO), plan)).isEmpty();
    }

    @Test
    void whatIsSwappedOutStandsReadyInEveryHome() {
        SmallClass small = SmallClass.of(30)
                .open(-300, 0)
                .part(
                        "a",
                        hands("knead", 10),
                        rest("rise", 60).after("knead").swap(1),
                        hands("shape", 10).after("rise"));
        CookingClass cooking = along(Style.STREAM, 1, "1.5", List.of(), small);
        Plan plan = plan(cooking);
        List<Task> tasks = Beforehand.of(cooking, plan);
        assertThat(tasks)
                .extracting(task -> task.step().step() + " " + task.earlier())
                .containsExactly("knead true", "rise true");
        assertThat(tasks.get(1).latest() + 60 * 60)
                .isEqualTo(main(plan, "shape").start());
        assertThat(tasks.get(0).latest()).isEqualTo(tasks.get(1).latest() - 15 * 60);
    }
}
