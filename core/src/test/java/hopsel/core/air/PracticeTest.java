package hopsel.core.air;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.AirEvent.Kind;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;
import org.junit.jupiter.api.Test;

import java.util.List;
import java.util.stream.LongStream;

/** Classes run against a simulated kitchen. */
class PracticeTest {

    private static final CookingClass COOKING = SmallClass.of(40).assistant().part("a", hands("mix", 10), watch("bake", 20).after("mix"), hands("serve", 5).after("bake")).part("b", hands("garnish", 4).after("serve").show(Show.MAY)).build();
    private static final Plan PLAN = Planner.plan(COOKING);

    private static Practice run(long seed, boolean advised) {
        return Practice.of(COOKING, PLAN, seed, advised);
    }

    @Test
    void theSameSeedIsTheSameEveningAndWhatHappensDoesNotHangOnWhatIsDoneAboutIt() {
        assertThat(run(7, true)).isEqualTo(run(7, true));
        assertThat(run(7, true).happened()).isEqualTo(run(7, false).happened());
        assertThat(LongStream.range(0, 20).mapToObj(seed -> run(seed, false).happened()).distinct().count()).isGreaterThan(5);
    }

    @Test
    void whereNothingHappensItEndsAsPlannedAndWhereSomethingDoesItEndsLater() {
        List<Practice> all = LongStream.range(0, 60).mapToObj(seed -> run(seed, false)).toList();
        assertThat(all).filteredOn(practice -> practice.happened().isEmpty()).isNotEmpty().allSatisfy(practice -> assertThat(practice.end()).isBetween(PLAN.airEnd(), PLAN.airEnd() + 120));
        assertThat(all).filteredOn(practice -> practice.happened().stream().anyMatch(incident -> incident.kind() == Practice.Kinds.LATE_START && incident.seconds() > 180)).isNotEmpty()
                .allSatisfy(practice -> assertThat(practice.end()).isGreaterThan(PLAN.airEnd() + 150));
    }

    @Test
    void everythingIsBegunOnceAndNothingBeforeWhatItWaitsFor() {
        Practice practice = run(3, true);
        List<AirEvent> starts = practice.events().stream().filter(event -> event.kind() == Kind.START).toList();
        assertThat(starts).extracting(AirEvent::activity).doesNotHaveDuplicates();
        AirEvent mixed = practice.events().stream().filter(event -> event.kind() == Kind.DONE && event.activity().contains("/mix|")).findFirst().orElseThrow();
        AirEvent baking = starts.stream().filter(event -> event.activity().contains("/bake|main")).findFirst().orElseThrow();
        assertThat(baking.at()).isAfterOrEqualTo(mixed.at());
    }

    @Test
    void whoTakesTheAdviceEndsNoLaterAndSomeEveningsEarlier() {
        int sooner = 0;
        for (long seed = 0; seed < 60; seed++) {
            int without = run(seed, false).end();
            int with = run(seed, true).end();
            assertThat(with).as("seed %d", seed).isLessThanOrEqualTo(without + 60);
            sooner += with < without - 60 ? 1 : 0;
        }
        assertThat(sooner).isPositive();
    }
}
