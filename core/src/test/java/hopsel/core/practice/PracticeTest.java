package hopsel.core.practice;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.EarlierEvent;
import hopsel.core.air.Happened;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;
import hopsel.core.practice.Practice.Conduct;
import hopsel.core.practice.SimulatedKitchen.Press;
import hopsel.core.practice.SimulatedKitchen.Sight;

import org.junit.jupiter.api.Test;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;

/** Classes run against a simulated kitchen. */
class PracticeTest {

    private static final CookingClass COOKING = SmallClass.of(40)
            .assistant()
            .open(-60, 0)
            .place("oven", 1, 0)
            .part(
                    "a",
                    hands("mix", 10),
                    watch("bake", 20).after("mix").oven(180, 10),
                    hands("serve", 5).after("bake"))
            .part("b", hands("garnish", 4).after("serve").show(Show.MAY))
            .build();
    private static final Plan PLAN = Planner.plan(COOKING);

    private static Practice run(long seed, Conduct conduct) {
        return Practice.of(COOKING, PLAN, seed, conduct);
    }

    private static List<Happening> happened(long seed) {
        return new SimulatedKitchen(COOKING, PLAN, seed).happenings();
    }

    private static boolean has(long seed, Happening.Mishap kind) {
        return happened(seed).stream().anyMatch(happening -> happening.kind() == kind);
    }

    @Test
    void theSameSeedIsTheSameEveningAndAnotherIsAnother() {
        assertThat(run(7, Conduct.ADVISED)).isEqualTo(run(7, Conduct.ADVISED));
        assertThat(LongStream.range(0, 20)
                        .mapToObj(PracticeTest::happened)
                        .distinct()
                        .count())
                .isGreaterThan(5);
    }

    @Test
    void whereNothingHappensItEndsAsPlannedAndALateStartOrASlowOvenMakesItLater() {
        List<Long> quiet = LongStream.range(0, 200)
                .filter(seed -> happened(seed).isEmpty())
                .boxed()
                .toList();
        assertThat(quiet).isNotEmpty().allSatisfy(seed -> assertThat(
                        run(seed, Conduct.NONE).end())
                .isBetween(PLAN.airEnd() - 60, PLAN.airEnd() + 150));
        List<Long> late = LongStream.range(0, 200)
                .filter(seed -> happened(seed).stream()
                        .anyMatch(happening ->
                                happening.kind() == Happening.Mishap.LATE_START && happening.seconds() > 180))
                .boxed()
                .toList();
        assertThat(late)
                .isNotEmpty()
                .allSatisfy(seed -> assertThat(run(seed, Conduct.NONE).end()).isGreaterThan(PLAN.airEnd() + 120));
        List<Long> slow = LongStream.range(0, 200)
                .filter(seed ->
                        has(seed, Happening.Mishap.SLOW_OVEN) && happened(seed).size() == 1)
                .limit(5)
                .boxed()
                .toList();
        assertThat(slow)
                .isNotEmpty()
                .allSatisfy(seed -> assertThat(run(seed, Conduct.NONE).end()).isGreaterThan(PLAN.airEnd() + 120));
    }

    @Test
    void everythingIsBegunOnceUnlessItBurntAndNothingBeforeWhatItWaitsFor() {
        long burnt = LongStream.range(0, 200)
                .filter(seed -> has(seed, Happening.Mishap.BURNT_TRAY))
                .findFirst()
                .orElseThrow();
        long quiet = LongStream.range(0, 200)
                .filter(seed -> happened(seed).isEmpty())
                .findFirst()
                .orElseThrow();
        for (long seed : List.of(burnt, quiet)) {
            Practice practice = run(seed, Conduct.ADVISED);
            List<AirEvent> starts = practice.events().stream()
                    .filter(event -> event.is(Happened.Start.class))
                    .toList();
            assertThat(starts.stream().filter(event -> event.activity().contains("/bake|")))
                    .hasSize(seed == burnt ? 2 : 1);
            assertThat(practice.end()).as("it goes on after that").isLessThan(PLAN.airEnd() * 3);
            assertThat(practice.events().get(practice.events().size() - 1).what())
                    .isEqualTo(new Happened.Over());
            assertThat(starts.stream().map(AirEvent::activity).filter(key -> !key.contains("/bake|")))
                    .doesNotHaveDuplicates();
            AirEvent mixed = practice.events().stream()
                    .filter(event ->
                            event.is(Happened.Done.class) && event.activity().contains("/mix|"))
                    .findFirst()
                    .orElseThrow();
            assertThat(starts.stream()
                            .filter(event -> event.activity().contains("/bake|"))
                            .findFirst()
                            .orElseThrow()
                            .at())
                    .isAfterOrEqualTo(mixed.at());
        }
    }

    @Test
    void whoTakesTheAdviceEndsNoLaterAndTheBestEveningIsAsGoodAsAny() {
        int sooner = 0;
        for (long seed = 0; seed < 40; seed++) {
            int without = run(seed, Conduct.NONE).end();
            int with = run(seed, Conduct.ADVISED).end();
            assertThat(with).as("seed %d", seed).isLessThanOrEqualTo(without + 60);
            sooner += with < without - 60 ? 1 : 0;
            Practice best = Practice.best(COOKING, PLAN, seed);
            int slot = COOKING.airMinutes().seconds();
            assertThat(best.end() <= slot || best.end() <= Math.min(with, without))
                    .as("seed %d", seed)
                    .isTrue();
        }
        assertThat(sooner).isPositive();
    }

    @Test
    void aHostWhoPlaysTheirOwnPartSeesWhenItIsReadyAndWhatTheyForgetBurns() {
        long seed = LongStream.range(0, 200)
                .filter(one -> happened(one).isEmpty())
                .findFirst()
                .orElseThrow();
        Game game = new Game(seed, Set.of(Role.ASSISTANT));
        game.press(0, "ON_AIR", "");
        game.to(60);
        assertThat(game.events)
                .as("nobody but the oven does anything for the host")
                .allMatch(event -> event.is(Happened.OnAir.class) || event.is(Happened.OvenSet.class));
        game.to(480);
        game.press(480, "START", "mix");
        assertThat(game.sight(540, "mix")).isEqualTo(Sight.NOT_YET);
        game.press(540, "DONE", "mix");
        game.to(600);
        game.press(600, "START", "bake");
        assertThat(game.sight(600 + 22 * 60, "bake")).isEqualTo(Sight.READY);
        game.to(600 + 35 * 60);
        assertThat(game.events)
                .filteredOn(event -> event.is(Happened.Failed.class))
                .singleElement()
                .satisfies(event -> assertThat(event.activity()).contains("/bake|"));
        Report report = Report.of(game.kitchen, game.events, Practice.ON_AIR.plusSeconds(45 * 60));
        assertThat(report.early()).singleElement().satisfies(off -> assertThat(off.seconds())
                .as("mixed nine minutes too short")
                .isEqualTo(9 * 60));
        assertThat(report.minutes()).hasSize(46);
        assertThat(report.minutes().get(0).end()).isEqualTo(PLAN.airEnd() + 60);
    }

    @Test
    void aClockAtAnotherSpeedNeitherJumpsNorLosesTime() {
        Instant start = Instant.parse("2027-03-05T18:00:00Z");
        Pace pace = new Pace(start, start, 0, 60);
        Instant later = start.plusSeconds(10);
        assertThat(pace.now(later)).isEqualTo(start.plusSeconds(600));
        Pace slower = pace.at(1, later);
        assertThat(slower.now(later)).isEqualTo(start.plusSeconds(600));
        assertThat(slower.at(0, later.plusSeconds(5)).now(later.plusSeconds(500)))
                .isEqualTo(start.plusSeconds(605));
    }

    /** A rehearsal, moved on by hand. */
    private static final class Game {

        private final SimulatedKitchen kitchen;
        private final Set<Role> simulated;
        private final List<AirEvent> events = new ArrayList<>();
        private final Set<String> once = new HashSet<>();
        private int clock;

        Game(long seed, Set<Role> simulated) {
            this.kitchen = new SimulatedKitchen(COOKING, PLAN, seed);
            this.simulated = simulated;
        }

        AirState at(int seconds) {
            return kitchen.order().at(events, Practice.ON_AIR.plusSeconds(seconds));
        }

        void to(int seconds) {
            for (; clock <= seconds; clock += 15) {
                for (Press press : kitchen.turn(at(clock), simulated)) {
                    if (press.once().map(once::add).orElse(true)) {
                        events.add(
                                new AirEvent(events.size() + 1, Practice.ON_AIR.plusSeconds(press.at()), press.what()));
                    }
                }
            }
        }

        void press(int seconds, String kind, String step) {
            String key = step.isEmpty()
                    ? ""
                    : PLAN.activities().stream()
                            .filter(activity -> activity.step().step().equals(step)
                                    && activity.copy().isMain())
                            .map(AirState::key)
                            .findFirst()
                            .orElseThrow();
            events.add(new AirEvent(
                    events.size() + 1, Practice.ON_AIR.plusSeconds(seconds), EarlierEvent.of(kind, key, 0, "")));
        }

        Sight sight(int seconds, String step) {
            to(seconds);
            AirState state = at(seconds);
            Standing standing = state.running().stream()
                    .filter(own -> own.activity().step().step().equals(step))
                    .findFirst()
                    .orElseThrow();
            return kitchen.sight(state, standing);
        }
    }
}
