package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Room;
import hopsel.core.kitchen.Tool;
import hopsel.core.measure.Minutes;
import hopsel.core.mise.ToolCheck.What;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Placement;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;
import hopsel.core.recipe.ToolReader;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tools that a step is done with, and whether the kitchen has as many as are in use at once. */
class ToolsTest {

    private static Step step(String id, String text, String... places) {
        return Step.of(id, id, StepMinutes.of(Minutes.of(10)), Work.HANDS)
                .withText(Optional.of(text))
                .withNeeds(Arrays.stream(places)
                        .map(kind -> new Need(kind, 1, Optional.empty(), BigDecimal.ZERO))
                        .toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Slice the leeks.||knife,chopping board",
                "Fry the tempeh in a large frying pan.||frying pan",
                "Fry the tempeh.||frying pan",
                "Boil it in a saucepan.||saucepan",
                "Bake on two baking sheets.||baking sheet,oven glove",
                "Stir it in a wok.||wok,mixing bowl",
                "Mash with a masher.||masher",
                "Blend in the jar until smooth, then stir.|blender|",
                "Whisk until stiff.|stand-mixer|whisk",
                "Whisk until stiff.||whisk",
                "Wait.||",
                "Crumble in the stock cube.||",
                "Cube the tofu.||knife,chopping board"
            })
    void theyAreReadFromTheWords(String text, String place, String tools) {
        Step step = place == null ? step("s", text) : step("s", text, place);
        assertThat(ToolReader.of(step))
                .extracting(Tool::name)
                .containsExactly(tools == null ? new String[0] : tools.split(","));
    }

    @Test
    void whatWasNamedIsTakenAsItWasNamed() {
        Step step = step("s", "Slice it.").withTools(List.of(ToolReader.parse("2 mandolines")));
        assertThat(ToolReader.of(step)).containsExactly(ToolReader.parse("2 mandolines"));
    }

    private static final StepRef FRY = new StepRef("d", "fry");
    private static final StepRef SEAR = new StepRef("d", "sear");
    private static final StepRef MASH = new StepRef("d", "mash");

    private static CookingClass cooking(String... tools) {
        List<Step> steps = List.of(
                step("fry", "Fry in a large frying pan."),
                step("sear", "Sear in a large frying pan."),
                step("mash", "Mash it."));
        Dish dish = new Dish("d", "Dish", BigDecimal.ONE, List.of(new Component("c", "C", List.of(), steps)));
        CookingClass fresh = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(dish));
        return fresh.withKitchen(fresh.kitchen()
                .withRoom(new Room(
                        Learners.NONE,
                        Optional.empty(),
                        Arrays.stream(tools).map(ToolReader::parse).toList(),
                        List.of())));
    }

    private static Activity at(StepRef step, int from, int to, Placement... places) {
        return new Activity(step, Copy.MAIN, true, from, to, Optional.of("host"), List.of(places));
    }

    private static ToolCheck check(CookingClass cooking, Map<Activity, List<SetBowl>> bowls, Activity... activities) {
        Plan plan = new Plan(Verdict.FITS, 3600, 0, List.of(), List.of(), List.of(activities), List.of());
        return ToolCheck.of(cooking, plan, bowls);
    }

    private static ToolCheck.Need need(ToolCheck check, String tool) {
        return check.needs().stream()
                .filter(need -> need.tool().name().equals(tool))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void twoPansAtOnceAreTwoPansAndOneAfterTheOtherIsOne() {
        ToolCheck at = check(cooking("1 large frying pan"), Map.of(), at(FRY, 0, 600), at(SEAR, 599, 1200));
        ToolCheck.Need pans = need(at, "frying pan");
        assertThat(pans.tool().count()).isEqualTo(2);
        assertThat(pans.all()).isEqualTo(2);
        assertThat(pans.there()).contains(1);
        assertThat(pans.missing()).isEqualTo(1);
        assertThat(pans.moment()).isEqualTo(599);
        assertThat(pans.steps()).containsExactly(FRY, SEAR);
        assertThat(pans.standIn()).contains("a wide pot");
        assertThat(at.needs().get(0)).as("what is missing comes first").isEqualTo(pans);

        ToolCheck.Need after = need(
                check(cooking("1 large frying pan"), Map.of(), at(FRY, 0, 600), at(SEAR, 600, 1200)), "frying pan");
        assertThat(after.tool().count()).isEqualTo(1);
        assertThat(after.all()).as("if none were washed in between").isEqualTo(2);
        assertThat(after.missing()).isZero();
    }

    @Test
    void whereNobodyHasCountedNothingIsMissing() {
        ToolCheck.Need pans = need(check(cooking(), Map.of(), at(FRY, 0, 600)), "frying pan");
        assertThat(pans.there()).isEmpty();
        assertThat(pans.missing()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "3 large frying pans, 3",
        "2 frying pans, 2",
        "2 small frying pans, 0",
        "4 pots, 0",
        "1 non-stick frying pan, 1"
    })
    void aToolOfAnotherSizeIsAnother(String has, int there) {
        assertThat(need(check(cooking(has), Map.of(), at(FRY, 0, 600)), "frying pan")
                        .there())
                .contains(there);
    }

    /** A bowl stands there a quarter of an hour before it is emptied. */
    @Test
    void bowlsAreInUseFromAQuarterOfAnHourBefore() {
        Activity fry = at(FRY, 1000, 1600);
        Activity sear = at(SEAR, 700, 800);
        Map<Activity, List<SetBowl>> bowls = new LinkedHashMap<>();
        bowls.put(fry, List.of(new SetBowl(List.of(), false, BigDecimal.TEN, false, BowlSize.SMALL, 2)));
        bowls.put(sear, List.of(new SetBowl(List.of(), false, BigDecimal.TEN, false, BowlSize.SMALL, 1)));
        ToolCheck.Need need = need(check(cooking("1 small bowl", "2 large bowls"), bowls, fry, sear), "bowl");
        assertThat(need.tool().count()).isEqualTo(3);
        assertThat(need.there()).contains(1);
        assertThat(need.moment()).isEqualTo(100);
        Activity later = at(FRY, 1700, 2300);
        Map<Activity, List<SetBowl>> apart = new LinkedHashMap<>();
        apart.put(sear, bowls.get(sear));
        apart.put(later, bowls.get(fry));
        assertThat(need(check(cooking("1 small bowl"), apart, sear, later), "bowl")
                        .tool()
                        .count())
                .as("the first is empty at 800 s, the others stand from 800 s")
                .isEqualTo(2);
    }

    @Test
    void whatCanFailIsTriedBeforehandIfItIsUsed() {
        CookingClass cooking = cooking();
        Resource oven = cooking.resources().stream()
                .filter(resource -> resource.kind().equals("oven"))
                .findFirst()
                .orElseThrow();
        assertThat(check(cooking, Map.of(), at(MASH, 0, 600)).tests())
                .extracting(ToolCheck.Test::what, ToolCheck.Test::how)
                .containsExactly(tuple("scales", What.CHARGE));
        assertThat(check(cooking, Map.of(), at(MASH, 0, 600, new Placement(oven.id(), 1, Optional.empty())))
                        .tests())
                .extracting(ToolCheck.Test::what, ToolCheck.Test::how)
                .containsExactly(tuple("oven", What.HEAT), tuple("scales", What.CHARGE));
        assertThat(new ToolCheck.Test("scales", What.CHARGE).standIn()).contains("cups and spoons: see the tray");
        assertThat(new ToolCheck.Test("oven", What.HEAT).standIn()).isEmpty();
    }
}
