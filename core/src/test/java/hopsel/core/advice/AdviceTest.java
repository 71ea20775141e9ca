package hopsel.core.advice;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.rest;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hopsel.core.advice.Remedy.Mending;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Catalogue;
import hopsel.core.kitchen.Person;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;
import hopsel.core.plan.Wishes;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What follows from a plan for the host. */
class AdviceTest {

    private static List<Remedy> remedies(CookingClass cooking) {
        return Remedies.of(cooking, Wishes.NONE, Planner.plan(cooking));
    }

    private static StepRef ref(String step) {
        return new StepRef("dish", step);
    }

    @Test
    void whatMendsAnOverrunIsRankedByWhatItGains() {
        CookingClass cooking = SmallClass.of(30)
                .open(-120, 0)
                .part(
                        "a",
                        hands("mix", 10),
                        watch("bake", 30).after("mix"),
                        hands("serve", 5).after("bake"))
                .part("garnish", hands("curl", 2))
                .build();
        List<Remedy> found = remedies(cooking);
        assertThat(found.get(0).kind()).isEqualTo(Mending.SWAP_OUT);
        assertThat(found.get(0).step()).contains(ref("bake"));
        assertThat(found).allMatch(remedy -> remedy.gain() > 0);
        assertThat(found)
                .filteredOn(remedy -> remedy.kind() != Mending.LONGER && remedy.kind() != Mending.DROP)
                .isSortedAccordingTo((a, b) -> b.gain() - a.gain());
        assertThat(found.get(found.size() - 1)).satisfies(last -> {
            assertThat(last.kind()).isEqualTo(Mending.LONGER);
            assertThat(last.what()).isEqualTo("15");
            assertThat(last.fits()).isTrue();
        });
        assertThat(found)
                .filteredOn(remedy ->
                        remedy.kind() == Mending.AHEAD && remedy.step().equals(Optional.of(ref("mix"))))
                .singleElement()
                .satisfies(remedy -> assertThat(remedy.gain()).isEqualTo(10 * 60));
        assertThat(found).extracting(Remedy::what).doesNotContain("dish: garnish");
        assertThat(remedies(SmallClass.of(12).part("a", hands("mix", 10)).build()))
                .isEmpty();
    }

    @Test
    void timeThatIsLeftIsOfferedToBeUsed() {
        CookingClass cooking = SmallClass.of(60)
                .open(-60, 0)
                .held(Tempo.USUAL)
                .part("a", hands("mix", 10), hands("serve", 5).after("mix"))
                .build();
        List<Remedy> found = remedies(cooking);
        assertThat(found).extracting(Remedy::kind).containsExactly(Mending.TALK, Mending.SHORTER);
        assertThat(found).extracting(Remedy::what).containsExactly("10", "20");
        assertThat(found).allMatch(Remedy::fits);
        assertThat(found.get(0).after().airEnd()).isEqualTo(25 * 60);
    }

    @Test
    void leavingSomethingOutIsProposedLast() {
        CookingClass cooking = SmallClass.of(30)
                .part("a", hands("mix", 20), hands("serve", 5).after("mix"))
                .part("garnish", hands("curl", 10))
                .build();
        List<Mending> kinds = remedies(cooking).stream().map(Remedy::kind).toList();
        assertThat(kinds).contains(Mending.DROP, Mending.HOST);
        assertThat(kinds.indexOf(Mending.DROP)).isGreaterThan(kinds.indexOf(Mending.HOST));
    }

    /** Whoever took one more pair of hands, and is late all the same, may ask for another. */
    @Test
    void oneMoreThingMayBeTakenTwice() {
        CookingClass cooking = SmallClass.of(10)
                .part("a", hands("mix", 20))
                .part("b", hands("roll", 20))
                .part("c", hands("curl", 20))
                .build();
        CookingClass once = variant(cooking);
        CookingClass twice = variant(once);
        assertThat(twice.people()).hasSize(3).extracting(Person::id).doesNotHaveDuplicates();
    }

    private static CookingClass variant(CookingClass cooking) {
        return remedies(cooking).stream()
                .filter(remedy -> remedy.kind() == Mending.HOST)
                .findFirst()
                .orElseThrow()
                .changed();
    }

    @Test
    void allThatTheKitchenLacksIsBroughtAtOnce() {
        CookingClass cooking = SmallClass.of(60)
                .part("a", watch("steam", 10).in("steamer"), hands("blend", 2).in("blender"))
                .build();
        assertThat(remedies(cooking))
                .filteredOn(remedy -> remedy.kind() == Mending.BRING)
                .singleElement()
                .satisfies(remedy -> {
                    assertThat(remedy.what()).isEqualTo("steamer, blender");
                    assertThat(remedy.fits()).isTrue();
                });
    }

    @Test
    void longHandworkIsProposedToBeShownInPart() {
        CookingClass cooking = SmallClass.of(15)
                .assistant()
                .held(Tempo.USUAL)
                .part("a", hands("fill", 15), hands("serve", 5).after("fill"))
                .build();
        assertThat(remedies(cooking))
                .filteredOn(remedy -> remedy.kind() == Mending.PART)
                .extracting(Remedy::what)
                .containsExactly("5");
    }

    @Test
    void theKitchenIsOpenedNoEarlierThanHelps() {
        CookingClass set = SmallClass.of(30)
                .open(-60, 0)
                .part(
                        "a",
                        hands("pour", 5),
                        rest("set", 240).swap(1).after("pour"),
                        hands("turn", 5).after("set"))
                .build();
        assertThat(remedies(set))
                .filteredOn(remedy -> remedy.kind() == Mending.OPEN)
                .singleElement()
                .satisfies(remedy -> {
                    assertThat(remedy.what()).isEqualTo("-240");
                    assertThat(remedy.fits()).isTrue();
                });
    }

    @Test
    void whatIsImpossibleIsMendedByNoMoreThanItNeeds() {
        CookingClass soak = SmallClass.of(30)
                .open(-60, 0)
                .part(
                        "a",
                        rest("soak", 600).show(Show.NEVER),
                        hands("grind", 10).show(Show.NEVER).after("soak"),
                        hands("fry", 5).after("grind"))
                .build();
        assertThat(remedies(soak))
                .filteredOn(remedy -> remedy.kind() == Mending.OPEN)
                .extracting(Remedy::what)
                .containsExactly("-720");
        CookingClass stale = SmallClass.of(30)
                .part(
                        "a",
                        hands("fry", 5).keeps(5),
                        hands("serve", 2).after("fry").after("warm"),
                        hands("warm", 9).after("fry"))
                .build();
        assertThat(remedies(stale))
                .filteredOn(remedy -> remedy.kind() == Mending.KEEP)
                .extracting(Remedy::what)
                .containsExactly("5");
    }

    @Test
    void droppedIsWhatGainsMostFirst() {
        CookingClass cooking = SmallClass.of(60)
                .assistant()
                .part("a", hands("mix", 10), hands("fry", 9).after("mix"))
                .part("dip", hands("stir", 6).show(Show.MAY))
                .build();
        List<DropList.Drop> drops = DropList.of(cooking, Wishes.NONE, Planner.plan(cooking));
        assertThat(drops).extracting(DropList.Drop::gain).containsExactly(6 * 60, 6 * 60);
        assertThat(drops.get(0).step()).contains(ref("stir"));
        assertThat(drops.get(1).what())
                .as("what the dish is made of is not on the list")
                .endsWith("dip");
    }

    /**
     * Four dishes of 25 minutes, two at 200 °C: three do not fit into an hour, and those that share the oven come
     * first.
     */
    @Test
    void ideasFitTheSlotAndShareTheOvenFirst() {
        CookingClass frame = SmallClass.of(60).place("oven", 2, 0).build().with(List.of());
        List<Ideas.Candidate> all = List.of(idea("pie", 200), idea("laksa", 0), idea("tart", 200), idea("satay", 0));
        List<Ideas.Idea> pairs = Ideas.of(frame, all, 2, Catalogue.of(List.of()));
        assertThat(pairs).hasSize(6).allMatch(idea -> idea.plan().overrun() == 0);
        assertThat(pairs.get(0).candidates())
                .extracting(candidate -> candidate.dish().title())
                .containsExactly("pie", "tart");
        assertThat(pairs.get(0).sharedHeat()).singleElement().satisfies(heat -> assertThat(heat)
                .isEqualByComparingTo("200"));
        assertThat(Ideas.of(frame, all, 3, Catalogue.of(List.of()))).isEmpty();
    }

    private static Ideas.Candidate idea(String title, long celsius) {
        SmallClass.Draft step = celsius > 0 ? hands("make-" + title, 25).oven(celsius, 0) : hands("make-" + title, 25);
        Dish dish = SmallClass.of(60).part(title, step).build().dishes().get(0);
        return new Ideas.Candidate(new Dish(title, title, dish.servings(), dish.components()), List.of(), List.of());
    }

    /**
     * From 180 to 240 °C at 12 a minute is five minutes, no tolerance; the blender is rinsed for three; the host waits
     * for both.
     */
    @Test
    void placesChangeBetweenUsesAndHandsAreFree() {
        CookingClass cooking = SmallClass.of(90)
                .place("oven", 1, 0)
                .place("blender", 1, 3)
                .part(
                        "a",
                        watch("tart", 20).oven(180, 0),
                        watch("bread", 20).oven(240, 0).after("tart"))
                .part("b", rest("red", 5).in("blender"))
                .part("c", rest("green", 5).in("blender"))
                .build();
        List<Gaps.Gap> gaps = Gaps.of(cooking, Planner.plan(cooking));
        assertThat(gaps)
                .filteredOn(gap -> gap.kind() == Gaps.GapReason.HEAT)
                .containsExactly(new Gaps.Gap(Gaps.GapReason.HEAT, "oven-1", 20 * 60, 25 * 60));
        assertThat(gaps)
                .filteredOn(gap -> gap.kind() == Gaps.GapReason.RINSE)
                .singleElement()
                .satisfies(gap -> assertThat(gap.to() - gap.from()).isEqualTo(3 * 60));
        assertThat(gaps)
                .filteredOn(gap -> gap.kind() == Gaps.GapReason.FREE)
                .containsExactly(new Gaps.Gap(Gaps.GapReason.FREE, "host", 0, 45 * 60));
    }

    @Test
    void whatIsTakenOverIsACueForBoth() {
        CookingClass cooking = SmallClass.of(30)
                .assistant()
                .open(-60, 0)
                .part(
                        "a",
                        hands("mix", 5).show(Show.NEVER),
                        rest("prove", 90).after("mix"),
                        hands("roll", 5).after("prove"))
                .build();
        Plan plan = Planner.plan(cooking);
        assertThat(Handovers.of(cooking, plan))
                .allMatch(over -> !over.from().person().equals(over.to().person()));
        boolean assistantMixed = plan.activities().get(0).person().equals(Optional.of("assistant"));
        assertThat(Handovers.of(cooking, plan)).hasSize(assistantMixed ? 1 : 0);
        assertThat(assistantMixed)
                .as("prep is the assistant's where there is one")
                .isTrue();
    }

    @Test
    void movesNameWhatWasShiftedAndByHowMuch() {
        CookingClass cooking = SmallClass.of(60)
                .part("a", hands("mix", 10))
                .part("b", rest("prove", 20))
                .build();
        Plan before = Planner.plan(cooking);
        Plan pinned = Planner.answer(
                        cooking, new Wishes(Map.of(ref("mix"), 15 * 60), Set.of(), Set.of(), Optional.of(before)))
                .plan();
        Moves moves = Moves.between(before, pinned);
        assertThat(moves.moved()).singleElement().satisfies(move -> {
            assertThat(move.now().step()).isEqualTo(ref("mix"));
            assertThat(move.by()).isEqualTo(15 * 60);
        });
        assertThat(moves.endBy()).isEqualTo(5 * 60);
        assertThat(Moves.between(before, before).none()).isTrue();
    }

    private static CookingClass unsure() {
        CookingClass cooking = SmallClass.of(62)
                .part("a", hands("mix", 20), hands("fry", 40).after("mix"))
                .part("b", rest("prove", 10))
                .build();
        return Variant.step(
                cooking,
                ref("mix"),
                step -> step.withMinutes(new StepMinutes(Minutes.of(15), Minutes.of(20), Minutes.of(31))));
    }

    /**
     * One step from 15 to 31 minutes, likely 20, and 22 minutes to spare: a triangle's area left of 22 is 1 -
     * 9²/(16·11).
     */
    @Test
    void aRehearsalSaysHowOftenTheClassEndsInTime() {
        CookingClass cooking = unsure();
        Rehearsal rehearsal = Rehearsal.of(cooking, Planner.plan(cooking), 10_000, 1);
        assertThat(rehearsal.onTime()).isCloseTo(1 - 81 / 176.0, within(0.02));
        assertThat(rehearsal.end(0.5)).isBetween(61 * 60, 63 * 60);
        assertThat(rehearsal.deciders())
                .extracting(decider -> decider.activity().step())
                .containsExactlyInAnyOrder(ref("mix"), ref("fry"));
        assertThat(rehearsal.deciders())
                .allSatisfy(decider -> assertThat(decider.onTime()).isCloseTo(1 - 16 / 176.0, within(0.02)));
        assertThat(rehearsal.waits()).isEmpty();
        assertThat(Rehearsal.of(cooking, Planner.plan(cooking), 1000, 5).ends())
                .isEqualTo(Rehearsal.of(cooking, Planner.plan(cooking), 1000, 5).ends());
    }

    @Test
    void aHotDishThatWaitsTooLongIsCounted() {
        CookingClass cooking = SmallClass.of(90)
                .part("a", hands("mix", 20), hands("serve", 2).after("mix").after("fry"))
                .part("b", rest("fry", 18).keeps(6))
                .build();
        CookingClass unsure = Variant.step(
                cooking,
                ref("mix"),
                step -> step.withMinutes(new StepMinutes(Minutes.of(15), Minutes.of(20), Minutes.of(31))));
        Rehearsal rehearsal = Rehearsal.of(unsure, Planner.plan(unsure), 10_000, 2);
        assertThat(rehearsal.waits()).singleElement().satisfies(wait -> assertThat(wait.share())
                .isCloseTo(49 / 176.0, within(0.02)));
    }

    private static CookingClass spoken(String noise) {
        CookingClass cooking = SmallClass.of(60)
                .part(
                        "a",
                        hands("mix", 3),
                        hands("blend", 2).after("mix"),
                        rest("prove", 6).after("blend"),
                        hands("roll", 4).after("prove"))
                .build();
        return Variant.step(
                cooking, ref("blend"), step -> step.withSay(Optional.of("Two pulses and no more, or it turns to glue."))
                        .withNoise(Optional.ofNullable(noise)));
    }

    @Test
    void nothingIsSaidOverTheBlenderAndSilenceIsNamed() {
        CookingClass loud = spoken("loud");
        Talk talk = Talk.of(loud, Planner.plan(loud));
        Talk.Point point = talk.points().stream()
                .filter(one -> one.kind() == Talk.Occasion.STEP)
                .findFirst()
                .orElseThrow();
        assertThat(point.moved()).isTrue();
        assertThat(point.start() + point.seconds()).isLessThanOrEqualTo(3 * 60);
        assertThat(talk.deadAir()).singleElement().satisfies(dead -> {
            assertThat(dead.start()).isEqualTo(5 * 60);
            assertThat(dead.running()).contains(ref("prove"));
            assertThat(dead.next()).contains(ref("roll"));
        });
        CookingClass quiet = spoken(null);
        assertThat(Talk.of(quiet, Planner.plan(quiet)).points())
                .filteredOn(one -> one.kind() == Talk.Occasion.STEP)
                .extracting(Talk.Point::start)
                .containsExactly(3 * 60);
    }

    @Test
    void recapAndQuestionsGoIntoQuietAndAreLeftOutWhereThereIsNone() {
        CookingClass waiting = SmallClass.of(60)
                .part(
                        "a",
                        hands("mix", 5),
                        watch("bake", 30).after("mix"),
                        hands("serve", 5).after("bake"))
                .build();
        Talk talk = Talk.of(waiting, Planner.plan(waiting));
        Talk.Point recap = talk.points().stream()
                .filter(point -> point.kind() == Talk.Occasion.RECAP)
                .findFirst()
                .orElseThrow();
        Talk.Point questions = talk.points().stream()
                .filter(point -> point.kind() == Talk.Occasion.QUESTIONS)
                .findFirst()
                .orElseThrow();
        assertThat(recap.start()).as("half-way through forty minutes").isEqualTo(20 * 60);
        assertThat(questions.start()).isEqualTo(30 * 60);
        assertThat(questions.start() + questions.seconds()).isLessThanOrEqualTo(35 * 60);
        CookingClass busy = SmallClass.of(60)
                .part("a", hands("knead", 20), hands("roll", 20))
                .build();
        assertThat(Talk.of(busy, Planner.plan(busy)).points())
                .extracting(Talk.Point::kind)
                .doesNotContain(Talk.Occasion.RECAP, Talk.Occasion.QUESTIONS);
    }

    @Test
    void looksAreMovedToFreeHandsAndMarkedWhereThereAreNone() {
        CookingClass cooking = SmallClass.of(60)
                .part("a", watch("simmer", 25))
                .part("b", hands("knead", 11), hands("roll", 14).after("knead", 0, 1))
                .build();
        CookingClass watched = Variant.step(
                cooking, ref("simmer"), step -> step.withCheckEvery(Optional.of(Minutes.of(BigDecimal.TEN))));
        Plan plan = Planner.plan(watched);
        List<Checks.Check> checks = Checks.of(watched, plan);
        assertThat(checks).hasSize(2);
        assertThat(checks)
                .allMatch(check -> check.person().isEmpty()
                        || plan.activities().stream()
                                .noneMatch(other -> other.person().equals(check.person())
                                        && other.start() <= check.moment()
                                        && check.moment() < other.end()));
        CookingClass helped = SmallClass.of(60)
                .assistant()
                .part("a", watch("simmer", 25))
                .part("b", hands("knead", 30))
                .build();
        CookingClass both = Variant.step(helped, ref("simmer"), step -> watched.step(ref("simmer")));
        assertThat(Checks.of(both, Planner.plan(both)))
                .extracting(check -> check.person().orElse("nobody"))
                .containsOnly("assistant");
    }
}
