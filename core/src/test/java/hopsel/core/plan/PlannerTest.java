package hopsel.core.plan;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.rest;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepRef;
import hopsel.core.verify.PlanChecker;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** What the planner answers to small kitchens; every plan is checked by the checker, too. */
class PlannerTest {

    private static Plan plan(CookingClass cooking) {
        Plan plan = Planner.plan(cooking);
        assertThat(PlanChecker.check(cooking, plan)).isEmpty();
        return plan;
    }

    private static Activity find(Plan plan, String step) {
        return plan.activities().stream()
                .filter(activity ->
                        activity.step().step().equals(step) && activity.copy().isMain())
                .findFirst()
                .orElseThrow();
    }

    private static double end(Plan plan) {
        return plan.airEnd() / 60.0;
    }

    @Test
    void onePersonDoesOneThingAtATime() {
        assertThat(end(plan(SmallClass.of(60)
                        .part("a", hands("chop", 10))
                        .part("b", hands("knead", 8))
                        .build())))
                .isEqualTo(18);
    }

    @Test
    void whatRunsByItselfLeavesHandsFree() {
        assertThat(end(plan(SmallClass.of(60)
                        .part("a", rest("soak", 10))
                        .part("b", hands("knead", 8))
                        .build())))
                .isEqualTo(10);
    }

    @Test
    void anOvenHasToHeatUpBetweenTwoTemperatures() {
        CookingClass cooking = SmallClass.of(90)
                .place("oven", 2, 0)
                .part("a", watch("tart", 20).oven(180, 0))
                .part("b", watch("bread", 20).oven(240, 0))
                .build();
        assertThat(end(plan(cooking))).isEqualTo(45);
    }

    @Test
    void twoDishesShareAnOvenWhereTheirRangesMeet() {
        CookingClass cooking = SmallClass.of(90)
                .place("oven", 2, 0)
                .part("a", watch("tart", 20).oven(180, 10))
                .part("b", watch("bread", 20).oven(200, 10))
                .build();
        Plan plan = plan(cooking);
        assertThat(end(plan)).isEqualTo(20);
        assertThat(find(plan, "tart").placements().get(0).celsius().orElseThrow())
                .isEqualByComparingTo("190");
    }

    @Test
    void aBlenderIsRinsedBetweenComponentsButNotWithinOne() {
        CookingClass two = SmallClass.of(60)
                .place("blender", 1, 3)
                .part("a", rest("red", 5).in("blender"))
                .part("b", rest("green", 5).in("blender"))
                .build();
        CookingClass one = SmallClass.of(60)
                .place("blender", 1, 3)
                .part("a", rest("red", 5).in("blender"), rest("green", 5).in("blender"))
                .build();
        assertThat(end(plan(two))).isEqualTo(13);
        assertThat(end(plan(one))).isEqualTo(10);
    }

    @Test
    void aLongSoakIsDoneBeforeTheClass() {
        Plan plan = plan(SmallClass.of(20)
                .open(-120, -60)
                .part("a", rest("soak", 90).show(Show.NEVER), hands("fry", 10).after("soak"))
                .build());
        assertThat(plan.verdict()).isEqualTo(Verdict.FITS);
        assertThat(find(plan, "soak").start()).isNegative();
    }

    @Test
    void whatDoesNotFitIsSwappedOutAndNoMoreThanThat() {
        Plan plan = plan(SmallClass.of(30)
                .assistant()
                .open(-120, 0)
                .place("oven", 2, 0)
                .part(
                        "a",
                        hands("roll", 10),
                        watch("bake", 40).oven(200, 0).swap(1).after("roll"))
                .part(
                        "b",
                        hands("mix", 5),
                        watch("roast", 10).oven(200, 0).swap(1).after("mix"))
                .build());
        assertThat(plan.verdict()).isEqualTo(Verdict.FITS);
        assertThat(plan.swaps()).containsExactly(new StepRef("dish", "bake"));
    }

    @Test
    void aStepThatMayBeShownIsHiddenToMeetTheSlot() {
        Plan plan = plan(SmallClass.of(20)
                .assistant()
                .part("a", hands("chop", 10).show(Show.MAY), hands("fry", 15).after("chop"))
                .part("b", hands("talk", 5))
                .build());
        assertThat(plan.notShown()).hasSizeLessThanOrEqualTo(1);
        Plan before = plan(SmallClass.of(20)
                .open(-60, 0)
                .part("a", hands("chop", 10).show(Show.MAY), hands("fry", 15).after("chop"))
                .part("b", hands("talk", 5))
                .build());
        assertThat(before.notShown()).containsExactly(new StepRef("dish", "chop"));
        assertThat(before.verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void anOverrunNamesTheChainThatCausesIt() {
        Plan plan = plan(SmallClass.of(20)
                .part(
                        "a",
                        hands("mix", 10),
                        rest("rest", 20).after("mix"),
                        hands("roll", 5).after("rest"))
                .build());
        assertThat(plan.verdict()).isEqualTo(Verdict.OVERRUNS);
        assertThat(plan.overrun()).isEqualTo(15 * 60);
        assertThat(plan.conflicts())
                .flatExtracting(Conflict::steps)
                .extracting(StepRef::step)
                .contains("mix", "rest", "roll");
    }

    @Test
    void whatCannotBeSaysWhy() {
        Plan tooShort = plan(SmallClass.of(60)
                .part(
                        "a",
                        hands("fry", 5).keeps(5),
                        rest("rest", 20),
                        hands("serve", 2).after("fry").after("rest", 30, 40))
                .build());
        Plan noOven =
                plan(SmallClass.of(60).part("a", watch("bake", 20).oven(200, 0)).build());
        assertThat(noOven.verdict()).isEqualTo(Verdict.IMPOSSIBLE);
        assertThat(noOven.conflicts()).singleElement().satisfies(conflict -> {
            assertThat(conflict.rule()).isEqualTo(12);
            assertThat(conflict.message()).contains("oven");
        });
        assertThat(tooShort.possible()).isTrue();
        Plan circle = plan(SmallClass.of(60)
                .part("a", hands("fry", 5).keeps(5), hands("serve", 2).after("fry", 10, 20))
                .build());
        assertThat(circle.verdict()).isEqualTo(Verdict.IMPOSSIBLE);
        assertThat(circle.conflicts()).extracting(Conflict::rule).contains(5, 6);
    }

    @Test
    void thePlanKeepsToWhatTheHostAsksForAndSaysWhatCannotBe() {
        SmallClass kitchen = SmallClass.of(60)
                .part("a", hands("chop", 10), hands("knead", 8).show(Show.MAY))
                .part("b", watch("simmer", 30).swap(1));
        CookingClass cooking = kitchen.build();
        StepRef chop = new StepRef("dish", "chop");
        StepRef simmer = new StepRef("dish", "simmer");
        Outcome free = Planner.answer(cooking, Wishes.NONE);
        Outcome pinned =
                Planner.answer(cooking, new Wishes(Map.of(chop, 25 * 60), Set.of(), Set.of(), Optional.empty()));
        assertThat(find(pinned.plan(), "chop").start()).isEqualTo(25 * 60);
        assertThat(pinned.plan().airEnd() - free.plan().airEnd()).isEqualTo(5 * 60);
        assertThat(free.proven()).isTrue();
        CookingClass tight = SmallClass.of(20)
                .open(-90, 0)
                .part("b", watch("simmer", 30).swap(1))
                .build();
        assertThat(Planner.answer(tight, Wishes.NONE).plan().swaps()).containsExactly(simmer);
        assertThat(Planner.answer(tight, new Wishes(Map.of(), Set.of(simmer), Set.of(), Optional.empty()))
                        .plan()
                        .overrun())
                .isEqualTo(10 * 60);
        Outcome nowhere = Planner.answer(cooking, new Wishes(Map.of(chop, -600), Set.of(), Set.of(), Optional.empty()));
        assertThat(nowhere.plan().conflicts()).extracting(Conflict::rule).containsExactlyInAnyOrder(0, 2);
    }

    @Test
    void handsThatAreTooFewAreNamedWithWhatHasToHurry() {
        Plan plan = plan(SmallClass.of(60)
                .part("a", hands("fry", 5).keeps(2))
                .part("b", hands("grill", 5).keeps(2))
                .part("c", hands("serve", 1).after("fry").after("grill"))
                .build());
        assertThat(plan.verdict()).isEqualTo(Verdict.IMPOSSIBLE);
        assertThat(plan.conflicts()).extracting(Conflict::rule).containsExactlyInAnyOrder(5, 5, 6, 6, 15, 15);
        assertThat(plan.conflicts())
                .flatExtracting(Conflict::steps)
                .extracting(StepRef::step)
                .contains("fry", "grill");
    }

    @Test
    void ofEqualPlansTheOneThatPeopleKnowIsKept() {
        CookingClass cooking = SmallClass.of(60)
                .part("a", hands("chop", 5))
                .part("b", hands("knead", 5))
                .part("c", hands("fold", 5))
                .part("d", hands("grate", 5))
                .build();
        for (String first : List.of("chop", "knead", "fold", "grate")) {
            Plan known = Planner.answer(
                            cooking,
                            new Wishes(Map.of(new StepRef("dish", first), 0), Set.of(), Set.of(), Optional.empty()))
                    .plan();
            assertThat(Planner.answer(cooking, Wishes.NONE.near(known)).plan().activities())
                    .isEqualTo(known.activities());
        }
    }

    @Test
    void everyPlanOnTheWayIsValidAndTheLastIsTheBest() {
        CookingClass cooking = random(new Random(7));
        List<Plan> plans = new ArrayList<>();
        Outcome outcome = Planner.answer(cooking, Wishes.NONE, plans::add);
        assertThat(plans).isNotEmpty().allSatisfy(plan -> assertThat(PlanChecker.check(cooking, plan))
                .isEmpty());
        assertThat(outcome.plan().airEnd())
                .isLessThanOrEqualTo(plans.get(plans.size() - 1).airEnd());
    }

    /**
     * Random kitchens: whatever is answered, the checker finds nothing, and the same question gives the same answer.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void noPlanBreaksARule(long seed) {
        CookingClass cooking = random(new Random(seed));
        assertThat(Planner.plan(cooking)).isEqualTo(plan(cooking));
    }

    private static CookingClass random(Random random) {
        SmallClass small = SmallClass.of(20 + random.nextInt(40))
                .place("oven", 1 + random.nextInt(2), 0)
                .place("burner", 1 + random.nextInt(3), 0)
                .place("blender", 1, random.nextInt(4));
        if (random.nextBoolean()) {
            small.assistant();
        }
        if (random.nextInt(3) > 0) {
            small.open(-600, -400).open(-90, -random.nextInt(10));
        }
        for (int part = 0; part < 2 + random.nextInt(2); part++) {
            SmallClass.Draft[] steps = new SmallClass.Draft[2 + random.nextInt(3)];
            for (int i = 0; i < steps.length; i++) {
                steps[i] = step(random, "p" + part + "s" + i);
                if (i > 0) {
                    steps[i].after("p" + part + "s" + (i - 1));
                }
            }
            small.part("p" + part, steps);
        }
        return small.build();
    }

    private static SmallClass.Draft step(Random random, String id) {
        double minutes = 1 + random.nextInt(30) / 2.0;
        int kind = random.nextInt(5);
        SmallClass.Draft step =
                switch (kind) {
                    case 0, 1 -> hands(id, minutes);
                    case 2 -> watch(id, minutes * 2).oven(160 + 20 * random.nextInt(4), random.nextInt(2) * 20);
                    case 3 -> watch(id, minutes).in("burner");
                    default -> rest(id, minutes * 3);
                };
        if (kind == 0 && random.nextInt(3) == 0) {
            step.in("blender");
        }
        if (kind > 1 && random.nextBoolean()) {
            step.swap(1);
        } else if (random.nextInt(3) == 0) {
            step.show(random.nextBoolean() ? Show.MAY : Show.NEVER);
        }
        if (random.nextInt(4) == 0) {
            step.keeps(5 + random.nextInt(60));
        }
        return step;
    }

    /** It is refused before anything is searched: the search for it would not fit into a small machine. */
    @Test
    void aClassThatIsTooLargeIsSaidToBeAndNotProvenToBeImpossible() {
        SmallClass.Draft[] steps = IntStream.range(0, 621)
                .mapToObj(i -> SmallClass.hands("s" + i, 1))
                .toArray(SmallClass.Draft[]::new);
        Outcome outcome = Planner.answer(SmallClass.of(60).part("all", steps).build(), Wishes.NONE);
        assertThat(outcome.plan().possible()).isFalse();
        assertThat(outcome.proven()).isFalse();
        assertThat(outcome.plan().conflicts()).singleElement().satisfies(conflict -> assertThat(conflict.message())
                .contains("621 steps"));
    }
}
