package hopsel.formats.contract;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Conflict;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Verdict;
import hopsel.core.planned.PlannedClass;
import hopsel.core.verify.PlanChecker;
import hopsel.core.verify.Violation;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.json.Json;
import hopsel.formats.listsfile.ListsFile;
import hopsel.formats.planfile.PlanFile;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Plans and lists of the contract's samples. */
class ContractTest {

    @ParameterizedTest
    @ValueSource(strings = {"c01-dumplings-laksa", "c04-tart-masterclass", "b03-project", "a-ft06", "a-la02"})
    void classesArePlannedAsWellAsCanBe(String name) {
        Plan plan = Planner.plan(Samples.cooking(name));
        JsonNode best = Samples.json(name + ".expected");
        assertThat(PlanChecker.check(Samples.cooking(name), plan)).isEmpty();
        assertThat(plan.swaps()).hasSize(best.get("swaps").intValue());
        assertThat(plan.notShown()).hasSize(best.get("notShown").intValue());
        assertThat(plan.airEnd() / 60.0).isLessThan(best.get("airEnd").doubleValue() + 0.1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"d01-dumplings-laksa", "d04-tart-masterclass"})
    void classesThatPeopleHoldArePlannedAsWellAsCanBe(String name) {
        Plan plan = Planner.plan(Samples.cooking(name));
        JsonNode best = Samples.json(name + ".expected");
        assertThat(PlanChecker.check(Samples.cooking(name), plan)).isEmpty();
        assertThat(plan.overrun()).isZero();
        assertThat(plan.pace().orElseThrow().cost()).isEqualTo(best.get("cost").intValue());
        assertThat(plan.pace().orElseThrow().changes())
                .isEqualTo(best.get("changes").intValue());
        assertThat(plan.airEnd() / 60.0).isLessThan(best.get("airEnd").doubleValue() + 0.1);
    }

    @Test
    void theCheckerAgreesWithTheContractsOwnPlanAndSeesWhatIsWrongWithHandsAndTalk() {
        CookingClass cooking = Samples.cooking("d04-tart-masterclass");
        Plan plan = PlanFile.read(Samples.json("d04-tart-masterclass.plan"));
        assertThat(PlanChecker.check(cooking, plan)).isEmpty();
        Pace pace = plan.pace().orElseThrow();
        List<Pace.Talk> silent = pace.talk().subList(1, pace.talk().size());
        assertThat(broken(cooking, plan.paced(new Pace(silent, pace.cost(), pace.changes(), pace.onTime()))))
                .contains(17);
        assertThat(broken(cooking, plan.paced(new Pace(pace.talk(), pace.cost() + 1, pace.changes(), pace.onTime()))))
                .containsExactly(0);
        List<Pace.Talk> later = pace.talk().stream()
                .map(talk -> new Pace.Talk(talk.id(), talk.person(), talk.start() + 90, talk.end() + 90))
                .toList();
        assertThat(broken(cooking, plan.paced(new Pace(later, pace.cost(), pace.changes(), pace.onTime()))))
                .contains(17, 18, 7);
        Activity held = plan.activities().stream()
                .filter(activity -> !activity.hands().isEmpty() && !activity.shown())
                .findFirst()
                .orElseThrow();
        Activity untouched = new Activity(
                held.step(), held.copy(), held.shown(), held.start(), held.end(), held.person(), held.placements());
        assertThat(broken(cooking, with(plan, replace(plan, held, untouched)))).contains(16);
    }

    private static List<Integer> broken(CookingClass cooking, Plan plan) {
        return PlanChecker.check(cooking, plan).stream()
                .map(Violation::rule)
                .distinct()
                .toList();
    }

    private static Plan with(Plan plan, List<Activity> activities) {
        return new Plan(
                plan.verdict(),
                plan.airEnd(),
                plan.overrun(),
                plan.swaps(),
                plan.notShown(),
                activities,
                plan.conflicts(),
                plan.pace());
    }

    @Test
    void anImpossibleClassNamesTheRulesAndStepsThatContradict() {
        Plan plan = Planner.plan(Samples.cooking("c12-impossible-soak"));
        assertThat(plan.verdict()).isEqualTo(Verdict.IMPOSSIBLE);
        assertThat(plan.conflicts()).extracting(Conflict::rule).containsExactlyInAnyOrder(3, 4, 5);
        assertThat(plan.conflicts())
                .flatExtracting(Conflict::steps)
                .extracting(Object::toString)
                .containsOnly("dosa/soak", "dosa/grind");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"c04-tart-masterclass", "c12-impossible-soak", "d01-dumplings-laksa", "d13-impossible-keeps"})
    void aPlanThatIsWrittenIsReadBackAsItWas(String name) {
        Plan plan = Planner.plan(Samples.cooking(name));
        assertThat(PlanFile.read(Json.read(Json.line(PlanFile.write(plan)).getBytes(StandardCharsets.UTF_8))))
                .isEqualTo(plan);
    }

    @Test
    void theSameClassGivesTheSamePlanToTheByte() {
        String first = Json.line(PlanFile.write(Planner.plan(Samples.cooking("c04-tart-masterclass"))));
        assertThat(Json.line(PlanFile.write(Planner.plan(Samples.cooking("c04-tart-masterclass")))))
                .isEqualTo(first);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lists-sample-00", "lists-sample-07"})
    void listsHoldTheSumsOfTheContract(String name) {
        JsonNode lists =
                Json.read(Json.line(ListsFile.write(PlannedClass.of(Samples.cooking(name), BuiltInCatalogue.load())))
                        .getBytes(StandardCharsets.UTF_8));
        JsonNode wanted = Samples.json(name + ".lists");
        for (String list : List.of("shopping", "kits", "prep")) {
            assertThat(Numbers.same(lists.get(list), wanted.get(list))).as(list).isEmpty();
        }
        assertThat(lists.get("trays")).hasSize(wanted.get("trays").size());
    }

    @Test
    void theCheckerSeesWhatIsWrongWithAPlan() {
        CookingClass cooking = Samples.cooking("c04-tart-masterclass");
        Plan plan = Planner.plan(cooking);
        assertThat(rules(cooking, plan, without(plan, 3))).containsAnyOf(1, 8);
        Activity swap = plan.activities().stream()
                .filter(activity -> !activity.copy().isMain())
                .findFirst()
                .orElseThrow();
        assertThat(rules(cooking, plan, replace(plan, swap, moved(swap, -40_000, swap.person()))))
                .containsAnyOf(4, 5, 6, 10);
        Activity shown = plan.activities().stream()
                .filter(activity -> activity.shown() && activity.person().isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(rules(cooking, plan, replace(plan, shown, moved(shown, 0, Optional.of("ola")))))
                .contains(2);
        Activity baked = plan.activities().stream()
                .filter(activity -> activity.placements().stream()
                        .anyMatch(placement -> placement.celsius().isPresent()))
                .findFirst()
                .orElseThrow();
        Activity nowhere = new Activity(
                baked.step(), baked.copy(), baked.shown(), baked.start(), baked.end(), baked.person(), List.of());
        assertThat(rules(cooking, plan, replace(plan, baked, nowhere))).contains(12);
    }

    private static List<Integer> rules(CookingClass cooking, Plan plan, List<Activity> activities) {
        Plan changed = new Plan(
                plan.verdict(), plan.airEnd(), plan.overrun(), plan.swaps(), plan.notShown(), activities, List.of());
        return PlanChecker.check(cooking, changed).stream().map(Violation::rule).toList();
    }

    private static List<Activity> without(Plan plan, int index) {
        List<Activity> fewer = new ArrayList<>(plan.activities());
        fewer.remove(index);
        return fewer;
    }

    private static List<Activity> replace(Plan plan, Activity before, Activity after) {
        return plan.activities().stream()
                .map(activity -> activity == before ? after : activity)
                .sorted(Activity.ORDER)
                .toList();
    }

    private static Activity moved(Activity activity, int seconds, Optional<String> person) {
        return new Activity(
                activity.step(),
                activity.copy(),
                activity.shown(),
                activity.start() + seconds,
                activity.end() + seconds,
                person,
                activity.placements());
    }
}
