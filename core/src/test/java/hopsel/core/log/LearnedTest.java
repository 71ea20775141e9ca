package hopsel.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.StepRef;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** Durations learned from made-up logs whose truth is known. */
class LearnedTest {

    @Test
    void oneObservationMovesTheRecipesFigureALittleAndManyMoveItAllTheWay() {
        Learned one = Learned.from(600, List.of(720));
        assertThat(one.likely()).isBetween(601, 660);
        assertThat(Learned.from(600, Collections.nCopies(60, 720)).likely()).isEqualTo(720);
        assertThat(one.low()).isLessThan(one.likely());
        assertThat(one.high()).isGreaterThan(one.likely());
    }

    @Test
    void aTelephoneInTheMiddleOfItCountsForLittle() {
        Learned learned = Learned.from(600, List.of(3600, 580, 620, 600, 610));
        assertThat(learned.likely()).isBetween(570, 660);
        assertThat(learned.observed()).containsExactly(3600, 580, 620, 600, 610);
    }

    @Test
    void aCooksOwnTimesInTheirOwnKitchenCountAndOthersStandInForTheRecipe() {
        StepRef step = new StepRef("pierogi", "fold");
        List<Observation> all = new ArrayList<>(Collections.nCopies(6, new Observation(step, "Maren", "quay", 900)));
        assertThat(Learned.of(600, all, "Maren", "quay").likely())
                .isEqualTo(Learned.from(600, Collections.nCopies(6, 900)).likely());
        int stranger = Learned.of(600, all, "Pia", "quay").likely();
        assertThat(stranger)
                .as("what others took is all that is known")
                .isEqualTo(Learned.from(600, Collections.nCopies(6, 900)).likely());
        all.addAll(Collections.nCopies(6, new Observation(step, "Pia", "quay", 600)));
        assertThat(Learned.of(600, all, "Pia", "quay").likely())
                .isLessThan(Learned.of(600, all, "Maren", "quay").likely() - 120);
        assertThat(Learned.of(600, all, "Pia", "another kitchen").likely())
                .as("her own times elsewhere come before those of others here")
                .isLessThan(Learned.of(600, all, "Maren", "quay").likely() - 120);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theTruthIsFoundThroughNoiseAndInterruptions(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int truth = 300 + random.nextInt(900);
        int recipe = truth * (70 + random.nextInt(60)) / 100;
        List<Integer> took = IntStream.range(0, 30)
                .mapToObj(
                        i -> (int) (truth * (0.85 + 0.3 * random.nextDouble())) + (random.nextInt(10) == 0 ? 1800 : 0))
                .toList();
        Learned learned = Learned.from(recipe, took);
        assertThat(Math.abs(learned.likely() - truth))
                .as("truth %d, recipe %d, learned %s", truth, recipe, learned)
                .isLessThan(truth * 15 / 100);
        assertThat(truth).isBetween(learned.low(), learned.high());
    }
}
