package hopsel.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Outcome;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;
import hopsel.core.planned.PlannedClass;

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

    /** 600 counts three times beside 660, 660, 660: every figure is worked out on paper. */
    @Test
    void theFigureIsTheMeanToTheHalfMinuteAndTheRangeATenthEachWay() {
        Learned learned = Learned.from(600, List.of(660, 660, 660));
        assertThat(learned).isEqualTo(new Learned(630, 570, 690, List.of(660, 660, 660), 3));
        assertThat(Learned.from(600, List.of(600)).minutes())
                .isEqualTo(new StepMinutes(Minutes.of(9), Minutes.of(10), Minutes.of(11)));
        assertThat(Learned.from(600, List.of(1, 2, 3, 4, 5, 6)).observed())
                .as("five are shown")
                .containsExactly(1, 2, 3, 4, 5);
        assertThat(Learned.from(20, List.of(5)).likely())
                .as("nothing takes less than half a minute")
                .isEqualTo(30);
    }

    /** Seventeen observations from 400 to 720 by 20, and three times 560: the eighth part lies off at either end. */
    @Test
    void aWideRangeIsTheEighthPartBelowAndAbove() {
        List<Integer> took =
                IntStream.rangeClosed(0, 16).mapToObj(i -> 400 + 20 * i).toList();
        Learned learned = Learned.from(560, took);
        assertThat(learned.likely()).isEqualTo(570);
        assertThat(learned.low()).as("the third of twenty, 440 s").isEqualTo(450);
        assertThat(learned.high()).as("the eighteenth of twenty, 680 s").isEqualTo(690);
    }

    /**
     * Times within a tenth of the median are chance: a spread of two minutes is the least that counts at 20 minutes.
     */
    @Test
    void whatLiesThreeAndAHalfSpreadsOffDoesNotCount() {
        int most = 1200 + (int) (3.5 * 120);
        assertThat(Learned.from(1200, List.of(most)).likely()).isGreaterThan(1200);
        assertThat(Learned.from(1200, List.of(most + 1)).likely()).isEqualTo(1200);
    }

    @Test
    void theClassIsPlannedWithWhatWasLearnedForWhoeverDoesTheStep() {
        CookingClass cooking = SmallClass.of(60)
                .part(
                        "a",
                        SmallClass.hands("fold", 10),
                        SmallClass.hands("serve", 5).after("fold"))
                .build();
        PlannedClass planned =
                PlannedClass.of(cooking, Catalogue.of(List.of()), new Outcome(Planner.plan(cooking), true, 0));
        StepRef fold = new StepRef("dish", "fold");
        String here = Observation.kitchen(cooking);
        List<Observation> all = new ArrayList<>(Collections.nCopies(40, new Observation(fold, "Host", here, 720)));
        all.addAll(Collections.nCopies(40, new Observation(fold, "Somebody", here, 300)));
        Learned learned = Learned.of(planned, fold, all);
        assertThat(learned.likely()).as("it is the host's hands").isBetween(690, 720);
        CookingClass wiser = learned.in(cooking, fold);
        assertThat(wiser.step(fold).minutes()).isEqualTo(learned.minutes());
        assertThat(wiser.step(new StepRef("dish", "serve"))).isEqualTo(cooking.step(new StepRef("dish", "serve")));
        assertThat(learned.in(cooking, new StepRef("other", "fold"))).isEqualTo(cooking);
    }
}
