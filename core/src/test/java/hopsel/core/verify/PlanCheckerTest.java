package hopsel.core.verify;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.rest;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Placement;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Each of the fifteen rules, broken by hand in a plan that is right: the checker names the rule. */
class PlanCheckerTest {

    private static final CookingClass TART = SmallClass.of(60)
            .assistant()
            .open(-180, -5)
            .place("oven", 1, 0)
            .place("blender", 1, 4)
            .part(
                    "pastry",
                    hands("rub", 5),
                    rest("chill", 20).swap(1).after("rub"),
                    hands("roll", 5).after("chill").keeps(30),
                    watch("bake", 20).oven(200, 0).after("roll"))
            .part(
                    "cream",
                    rest("soak", 60).show(Show.NEVER),
                    hands("blend", 5).in("blender").after("soak").keeps(60))
            .part("sauce", hands("purée", 4).in("blender").show(Show.MAY))
            .part("side", watch("roast", 10).oven(180, 0).show(Show.MAY))
            .build();
    private static final Plan GOOD = Planner.plan(TART);

    private static List<Integer> rules(Plan plan) {
        return PlanChecker.check(TART, plan).stream().map(Violation::rule).toList();
    }

    private static Plan with(List<Activity> activities) {
        return new Plan(
                GOOD.verdict(),
                GOOD.airEnd(),
                GOOD.overrun(),
                GOOD.swaps(),
                GOOD.notShown(),
                activities.stream().sorted(Activity.ORDER).toList(),
                List.of());
    }

    private static Plan changed(String step, UnaryOperator<Activity> change) {
        List<Activity> activities = new ArrayList<>(GOOD.activities());
        activities.replaceAll(activity ->
                activity.step().step().equals(step) && activity.copy().isMain() ? change.apply(activity) : activity);
        return with(activities);
    }

    private static Activity at(Activity activity, int start) {
        return new Activity(
                activity.step(),
                activity.copy(),
                activity.shown(),
                start,
                start + activity.duration(),
                activity.person(),
                activity.placements());
    }

    private static Activity by(Activity activity, String person) {
        return new Activity(
                activity.step(),
                activity.copy(),
                activity.shown(),
                activity.start(),
                activity.end(),
                Optional.ofNullable(person),
                activity.placements());
    }

    private static Activity main(String step) {
        return GOOD.activities().stream()
                .filter(activity ->
                        activity.step().step().equals(step) && activity.copy().isMain())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theGoodPlanIsGood() {
        assertThat(rules(GOOD)).isEmpty();
        assertThat(GOOD.verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void rule1EveryStepOnceAndAtItsLength() {
        assertThat(rules(with(GOOD.activities().stream()
                        .filter(activity -> !activity.step().step().equals("bake"))
                        .toList())))
                .contains(1);
        assertThat(rules(changed(
                        "bake",
                        a -> new Activity(
                                a.step(), a.copy(), a.shown(), a.start(), a.end() + 60, a.person(), a.placements()))))
                .contains(1);
    }

    @Test
    void rule2ShownOnAirByAHost() {
        assertThat(rules(changed("roll", a -> by(a, "assistant")))).contains(2);
        assertThat(rules(changed("rub", a -> at(a, -1200)))).contains(2);
        assertThat(rules(changed(
                        "bake",
                        a -> new Activity(a.step(), a.copy(), false, a.start(), a.end(), a.person(), a.placements()))))
                .contains(2);
    }

    @Test
    void rule3OffCameraOnAirIsTheAssistants() {
        assertThat(rules(changed(
                        "purée",
                        a -> new Activity(
                                a.step(),
                                a.copy(),
                                false,
                                600,
                                600 + a.duration(),
                                Optional.of("host"),
                                a.placements()))))
                .contains(3);
    }

    @Test
    void rule4WithinAWindow() {
        assertThat(rules(changed("soak", a -> at(a, -200 * 60)))).contains(4);
    }

    @Test
    void rule5InOrder() {
        assertThat(rules(changed("bake", a -> at(a, main("roll").start())))).contains(5);
    }

    @Test
    void rule6NotKeptTooLong() {
        assertThat(rules(changed("blend", a -> at(a, main("soak").end() - 60)))).contains(5);
        assertThat(rules(changed("bake", a -> at(a, main("roll").end() + 31 * 60))))
                .contains(6);
    }

    @Test
    void rule7TheEndIsTheLastThingShown() {
        Plan wrong = new Plan(
                GOOD.verdict(), GOOD.airEnd() + 60, 0, GOOD.swaps(), GOOD.notShown(), GOOD.activities(), List.of());
        assertThat(rules(wrong)).contains(7);
    }

    @Test
    void rules8To11SwapOuts() {
        List<Integer> undeclared = rules(new Plan(
                GOOD.verdict(),
                GOOD.airEnd(),
                0,
                List.of(new StepRef("dish", "bake")),
                GOOD.notShown(),
                GOOD.activities(),
                List.of()));
        assertThat(undeclared).isNotEmpty();
        CookingClass tight = SmallClass.of(12)
                .assistant()
                .open(-180, -5)
                .part(
                        "pastry",
                        hands("rub", 5),
                        rest("chill", 20).swap(1).after("rub"),
                        hands("roll", 5).after("chill"))
                .build();
        Plan swapped = Planner.plan(tight);
        assertThat(swapped.swaps()).containsExactly(new StepRef("dish", "chill"));
        List<Activity> shown = new ArrayList<>(swapped.activities());
        shown.replaceAll(a -> a.copy().isMain()
                ? a
                : new Activity(a.step(), a.copy(), true, a.start(), a.end(), a.person(), a.placements()));
        assertThat(of(tight, swapped, shown)).contains(9);
        List<Activity> missing = swapped.activities().stream()
                .filter(a -> a.copy().isMain() || !a.step().step().equals("rub"))
                .toList();
        assertThat(of(tight, swapped, missing)).contains(8);
        List<Activity> early = new ArrayList<>(swapped.activities());
        early.replaceAll(a -> a.copy().equals(Copy.MAIN) && a.step().step().equals("roll") ? at(a, 0) : a);
        assertThat(of(tight, swapped, early)).contains(10);
    }

    private static List<Integer> of(CookingClass cooking, Plan plan, List<Activity> activities) {
        return PlanChecker.check(
                        cooking,
                        new Plan(
                                plan.verdict(),
                                plan.airEnd(),
                                plan.overrun(),
                                plan.swaps(),
                                plan.notShown(),
                                activities.stream().sorted(Activity.ORDER).toList(),
                                List.of()))
                .stream()
                .map(Violation::rule)
                .toList();
    }

    @Test
    void rule12APlaceForEachNeed() {
        assertThat(rules(changed(
                        "bake",
                        a -> new Activity(a.step(), a.copy(), a.shown(), a.start(), a.end(), a.person(), List.of()))))
                .contains(12);
        assertThat(rules(changed(
                        "blend",
                        a -> new Activity(
                                a.step(),
                                a.copy(),
                                a.shown(),
                                a.start(),
                                a.end(),
                                a.person(),
                                List.of(new Placement("oven-1", 1, Optional.empty()))))))
                .contains(12);
    }

    @Test
    void rule13OneTemperatureAtATime() {
        assertThat(rules(changed("roast", a -> at(a, main("bake").start())))).containsAnyOf(12, 13);
        assertThat(rules(changed(
                        "bake",
                        a -> new Activity(
                                a.step(),
                                a.copy(),
                                a.shown(),
                                a.start(),
                                a.end(),
                                a.person(),
                                List.of(new Placement("oven-1", 1, Optional.of(BigDecimal.valueOf(150))))))))
                .contains(13);
    }

    @Test
    void rule14RinsedBetween() {
        assertThat(rules(changed("purée", a -> at(a, main("blend").end() + 60))))
                .contains(14);
    }

    @Test
    void rule15OneThingAtATimeAndSomebodyToDoIt() {
        assertThat(rules(changed("roll", a -> at(by(a, "host"), main("rub").start()))))
                .contains(15);
        assertThat(rules(changed("roll", a -> by(a, null)))).contains(15);
        assertThat(rules(changed("bake", a -> by(a, "host")))).contains(15);
    }
}
