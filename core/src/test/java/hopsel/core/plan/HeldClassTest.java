package hopsel.core.plan;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepRef;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Wishes.DishOrder;
import hopsel.core.verify.PlanChecker;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Classes that people hold: hands at both ends, talk, turning, showing in part, and how sure the end is. */
class HeldClassTest {

    private static final Tempo HELD = Tempo.USUAL.withSwapCost(2);

    private static TalkPiece talk(String id, long minutes, TalkPiece.Moment at) {
        return new TalkPiece(id, Minutes.of(minutes), at, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Plan planned(CookingClass cooking) {
        Plan plan = Planner.plan(cooking);
        assertThat(PlanChecker.check(cooking, plan)).isEmpty();
        return plan;
    }

    @Test
    void whatIsTakenOutWaitsForNobodysSecondPairOfHands() {
        CookingClass cooking = SmallClass.of(60)
                .held(HELD)
                .part("a", watch("simmer", 10).handsOn(1, 1))
                .part("b", watch("fry", 10).handsOn(1, 1))
                .build();
        Plan plan = planned(cooking);
        assertThat(plan.airEnd()).as("one puts in after the other").isEqualTo(11 * 60);
        assertThat(plan.activities())
                .allSatisfy(activity -> assertThat(activity.hands()).hasSize(2));
    }

    @Test
    void theWelcomeComesFirstAndNothingIsLoudWhileSomebodySpeaks() {
        CookingClass cooking = SmallClass.of(60)
                .assistant()
                .held(HELD.withTalk(List.of(
                        talk("welcome", 3, TalkPiece.Moment.OPENING), talk("goodbye", 2, TalkPiece.Moment.CLOSING))))
                .part(
                        "a",
                        hands("blend", 4).show(Show.NEVER).loud(),
                        hands("serve", 5).after("blend"))
                .build();
        Plan plan = planned(cooking);
        assertThat(plan.activities().get(0).start()).isEqualTo(3 * 60);
        assertThat(plan.airEnd()).isEqualTo((3 + 4 + 5 + 2) * 60);
    }

    @Test
    void longHandworkIsShownInPartWhereTimeIsShort() {
        CookingClass cooking = SmallClass.of(12)
                .assistant()
                .held(HELD)
                .part("a", hands("fill", 20).part(4), hands("serve", 5).after("fill"))
                .build();
        Plan plan = planned(cooking);
        assertThat(plan.verdict()).isEqualTo(Verdict.OVERRUNS);
        assertThat(plan.airEnd()).as("the rest, at the same time, and serving").isEqualTo((16 + 5) * 60);
        assertThat(plan.activities()).extracting(Activity::copy).contains(Copy.PART);
        assertThat(plan.pace().orElseThrow().cost()).isEqualTo(1);
    }

    @Test
    void twoHostsOfADishEachTurnLessOften() {
        CookingClass cooking = SmallClass.of(60)
                .held(HELD.withTurn(Minutes.of(2)))
                .part("a", hands("one", 3), hands("two", 3).after("one"))
                .build();
        assertThat(planned(cooking).airEnd()).as("one dish needs no turning").isEqualTo(6 * 60);
    }

    @Test
    void theShareOfEveningsIsThatOfTheTriangle() {
        CookingClass cooking = SmallClass.of(15)
                .held(HELD)
                .part("a", hands("stir", 10).range(1, 2))
                .build();
        double[] ends = new Evenings(cooking, planned(cooking)).ends(20_000, 3);
        // Falling from 10 to 20 minutes: a quarter of the triangle lies beyond 15.
        assertThat(Evenings.share(ends, 15 * 60)).isCloseTo(0.75, within(0.01));
    }

    @Test
    void aClassThatHasToBeSureGivesUpMore() {
        SmallClass small = SmallClass.of(30)
                .open(-120, -10)
                .place("oven", 2, 0)
                .part(
                        "a",
                        hands("fill", 10),
                        watch("bake", 15).range(0.8, 2).in("oven").swap(1).after("fill"),
                        hands("cut", 4).after("bake"));
        Plan likely = planned(small.held(HELD).build());
        assertThat(likely.swaps()).as("the likely minutes just fit").isEmpty();
        Plan sure = planned(
                small.held(HELD.withSure(Optional.of(new BigDecimal("0.9")))).build());
        assertThat(sure.swaps()).hasSize(1);
        assertThat(sure.pace().orElseThrow().onTime().orElseThrow()).isGreaterThan(0.9);
    }

    @Test
    void whoHasEnoughGetsTheFirstPlanThereIs() {
        CookingClass cooking = SmallClass.of(30)
                .assistant()
                .open(-120, 0)
                .held(HELD)
                .part(
                        "a",
                        hands("chop", 10).show(Show.MAY),
                        watch("stew", 25).after("chop").swap(2))
                .part(
                        "b",
                        hands("fill", 12).part(3),
                        watch("bake", 20).after("fill").swap(2))
                .build();
        List<Plan> seen = new ArrayList<>();

        Plan stopped =
                Planner.answer(cooking, Wishes.NONE, seen::add, () -> true).plan();
        Plan best = Planner.answer(cooking, Wishes.NONE).plan();

        assertThat(PlanChecker.check(cooking, stopped)).isEmpty();
        assertThat(stopped.pace().orElseThrow().cost())
                .isGreaterThan(best.pace().orElseThrow().cost());
        assertThat(seen).hasSize(1);
    }

    @Test
    void whatCannotStandAboutIsReadyWhenItIsWanted() {
        CookingClass cooking = SmallClass.of(60)
                .assistant()
                .held(HELD)
                .part(
                        "a",
                        hands("fold", 20),
                        watch("boil", 10).show(Show.NEVER).keeps(30),
                        hands("cook", 5).after("fold").after("boil"))
                .build();
        Plan plan = planned(cooking);
        assertThat(start(plan, "cook")).isEqualTo(20 * 60);
        assertThat(start(plan, "boil")).as("two minutes of standing at most").isGreaterThanOrEqualTo(8 * 60);
    }

    @Test
    void aStepIsDoneByWhomItIsGivenTo() {
        CookingClass cooking = SmallClass.of(60)
                .host("second")
                .held(HELD)
                .part("a", watch("simmer", 10).handsOn(1, 1))
                .part("b", hands("fold", 5))
                .build();
        Wishes wishes = Wishes.NONE
                .give(new StepRef("dish", "fold"), Optional.of("second"))
                .give(new StepRef("dish", "simmer"), Optional.of("second"));

        Plan plan = Planner.answer(cooking, wishes).plan();

        assertThat(plan.activities())
                .flatExtracting(activity -> activity.person().map(List::of).orElseGet(() -> activity.hands().stream()
                        .map(Activity.Hands::person)
                        .toList()))
                .containsOnly("second");
    }

    @Test
    void whatIsShownCannotBeGivenToAnAssistantAndThePlanSaysSo() {
        CookingClass cooking = SmallClass.of(60)
                .assistant()
                .held(HELD)
                .part("a", hands("fold", 5))
                .build();
        Wishes wishes = Wishes.NONE.give(new StepRef("dish", "fold"), Optional.of("assistant"));

        Plan plan = Planner.answer(cooking, wishes).plan();

        assertThat(plan.verdict()).isEqualTo(Verdict.IMPOSSIBLE);
        assertThat(plan.conflicts()).extracting(Conflict::message).anyMatch(text -> text.contains("gave “fold”"));
    }

    @Test
    void oneHostSpeaksWhileTheOtherCooks() {
        CookingClass cooking = SmallClass.of(60)
                .host("second")
                .held(HELD.withTalk(List.of(
                        talk("welcome", 3, TalkPiece.Moment.OPENING), talk("goodbye", 2, TalkPiece.Moment.CLOSING))))
                .part("a", hands("fold", 5))
                .build();

        Plan plan = Planner.answer(cooking, Wishes.NONE.withVoice(Optional.of("second")))
                .plan();

        assertThat(plan.pace().orElseThrow().talk())
                .extracting(Pace.Talk::person)
                .containsOnly("second");
    }

    @Test
    void dishesComeInTheOrderOfTheMenuWhereTheHostAsksForIt() {
        CookingClass one = SmallClass.of(60)
                .held(HELD)
                .part("a", watch("simmer", 20), hands("plate-a", 2).after("simmer"))
                .build();
        Dish second = SmallClass.of(60)
                .part("b", hands("stir", 4), hands("plate-b", 2).after("stir"))
                .build()
                .dishes()
                .get(0)
                .withId("second");
        CookingClass cooking = one.with(List.of(one.dishes().get(0), second));

        Plan free = planned(cooking);
        Plan served =
                Planner.answer(cooking, Wishes.NONE.withOrder(DishOrder.SERVED)).plan();
        Plan cooked =
                Planner.answer(cooking, Wishes.NONE.withOrder(DishOrder.COOKED)).plan();

        assertThat(start(free, "plate-b")).isLessThan(start(free, "plate-a"));
        assertThat(start(served, "plate-b")).isGreaterThanOrEqualTo(start(served, "plate-a") + 120);
        assertThat(start(cooked, "stir")).isGreaterThanOrEqualTo(start(cooked, "plate-a") + 120);
    }

    private static int start(Plan plan, String step) {
        return plan.activities().stream()
                .filter(activity -> activity.step().step().equals(step))
                .findFirst()
                .orElseThrow()
                .start();
    }
}
