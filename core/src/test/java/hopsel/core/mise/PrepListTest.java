package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Minutes;
import hopsel.core.mise.Batches.Making;
import hopsel.core.mise.PrepList.Job;
import hopsel.core.mise.PrepList.Why;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Washing, cutting and weighing, ordered and given a time; the seconds are worked out on paper. */
class PrepListTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            Item.nameOnly("rice", "Jasmine rice").withTraits(Set.of(Trait.DRY)),
            Item.nameOnly("carrot", "Carrot").withTraits(Set.of(Trait.WHOLE, Trait.SOILS)),
            Item.nameOnly("onion", "Onion").withTraits(Set.of(Trait.WHOLE, Trait.SMELLS)),
            Item.nameOnly("tofu", "Firm tofu").withAllergens(Set.of(Allergen.SOY)),
            Item.nameOnly("tempeh", "Tempeh").withAllergens(Set.of(Allergen.SOY)),
            Item.nameOnly("peanut", "Peanut").withAllergens(Set.of(Allergen.PEANUT)),
            Item.nameOnly("beetroot", "Beetroot").withTraits(Set.of(Trait.WHOLE, Trait.STAINS)),
            Item.nameOnly("apple", "Apple").withTraits(Set.of(Trait.WHOLE, Trait.BROWNS)),
            Item.nameOnly("water", "Water").withTraits(Set.of(Trait.LIQUID, Trait.TAP))));

    /** Six jobs of 45, 105, 165, 165, 105 and 105 seconds, the other way round than they are done. */
    private static final List<PrepTask> TASKS = List.of(
            task("apple", "sliced", 130),
            task("beetroot", "grated", 70),
            task("tofu", "in cubes", 180),
            task("onion", "chopped", 180),
            task("carrot", "peeled", 110),
            task("rice", "", 300));

    private final List<Activity> activities =
            new ArrayList<>(List.of(activity("stir", 0, 600), activity("chop", 600, 900)));
    private CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
            .with(List.of(new Dish(
                    "bowl",
                    "Bowl",
                    BigDecimal.ONE,
                    List.of(new Component(
                            "all", "All", List.of(), List.of(step("stir", "Stir"), step("chop", "Chop")))))));

    private static Step step(String id, String title) {
        return Step.of(id, title, StepMinutes.of(Minutes.of(10)), Work.HANDS);
    }

    private static Activity activity(String step, int from, int to) {
        return new Activity(new StepRef("bowl", step), Copy.MAIN, true, from, to, Optional.of("host"), List.of());
    }

    private static PrepTask task(String item, String prep, int grams) {
        return task(item, prep, grams, "stir");
    }

    private static PrepTask task(String item, String prep, int grams, String step) {
        BigDecimal weight = BigDecimal.valueOf(grams);
        Making making = new Making(new StepRef("bowl", step), Copy.MAIN);
        return new PrepTask(
                item,
                Optional.of(prep).filter(cut -> !cut.isEmpty()),
                weight,
                List.of(new PrepTask.Part(making, weight)));
    }

    private PrepList list(List<PrepTask> tasks) {
        Plan plan = new Plan(Verdict.FITS, 3600, 0, List.of(), List.of(), activities, List.of());
        return PrepList.of(cooking, plan, tasks, CATALOGUE);
    }

    private void window(int from, int to) {
        cooking = cooking.withKitchen(
                cooking.kitchen().withPrepWindows(List.of(new PrepWindow(Minutes.of(from), Minutes.of(to)))));
    }

    /** The window ends ten minutes before the class; work is laid back to back from there. */
    @Test
    void dryThingsComeFirstWhatBrownsLastAndTheLastIsDoneWhenTheWindowCloses() {
        PrepList list = list(TASKS);
        assertThat(list.jobs())
                .extracting(job -> job.task().item(), Job::why, Job::begin, Job::seconds)
                .containsExactly(
                        tuple("rice", Why.DRY, -1290, 45),
                        tuple("carrot", Why.SOILS, -1245, 105),
                        tuple("onion", Why.SMELLS, -1140, 165),
                        tuple("tofu", Why.ALLERGEN, -975, 165),
                        tuple("beetroot", Why.STAINS, -810, 105),
                        tuple("apple", Why.LATE, -705, 105));
        assertThat(list.begin()).contains(-1290);
        assertThat(list(List.of()).begin()).isEmpty();
    }

    /** Warm water that is weighed two hours ahead is cold; it is drawn when it is needed. */
    @Test
    void warmWaterIsNotWeighedAhead() {
        assertThat(list(List.of(task("water", "lukewarm", 160), task("water", "", 500)))
                        .jobs())
                .extracting(job -> job.task().grams().intValue())
                .containsExactly(500);
    }

    @Test
    void ownStepsOfThePlanComeFirstAndAJobIsPutDownForThem() {
        activities.add(activity("chop", -900, -840));
        assertThat(list(List.of(task("beetroot", "grated", 70), task("tofu", "in cubes", 180)))
                        .jobs())
                .extracting(job -> job.task().item(), Job::begin)
                .as("of the tofu, 30 of 165 seconds are left when the step begins")
                .containsExactly(tuple("tofu", -900 - 30), tuple("beetroot", -600 - 105));
    }

    @Test
    void anAssistantTakesWhatBothCouldDo() {
        List<Person> people = List.of(new Person("host", "Host", Role.HOST), new Person("pia", "Pia", Role.ASSISTANT));
        cooking = cooking.withKitchen(cooking.kitchen().withPeople(people));
        assertThat(list(TASKS).jobs())
                .extracting(job -> job.person().orElse("nobody"), Job::begin)
                .containsExactly(
                        tuple("host", -600 - 105 - 165 - 45),
                        tuple("pia", -600 - 105 - 165 - 105),
                        tuple("host", -600 - 105 - 165),
                        tuple("pia", -600 - 105 - 165),
                        tuple("host", -600 - 105),
                        tuple("pia", -600 - 105));
    }

    @Test
    void whereNobodyIsInTheKitchenItIsNobodysJobAndSaysWhenItHadToBegin() {
        window(-130, -129);
        assertThat(list(List.of(task("onion", "chopped", 180))).jobs())
                .extracting(Job::person, Job::begin)
                .containsExactly(tuple(Optional.empty(), -165));
    }

    /** Apples brown after twenty minutes. */
    @ParameterizedTest
    @CsvSource({"-20, 0", "-21, 60", "-50, 1800"})
    void whatWaitsBeyondItsTimeSaysByHowMuch(int windowEnds, int tooEarly) {
        window(-130, windowEnds);
        assertThat(list(List.of(task("apple", "sliced", 130), task("onion", "chopped", 90)))
                        .jobs())
                .extracting(Job::tooEarly)
                .containsExactly(0, tooEarly);
    }

    @Test
    void anotherAllergenWantsAFreshBoardAndTheSameOneDoesNot() {
        assertThat(list(List.of(
                                task("tofu", "", 100),
                                task("peanut", "crushed", 60),
                                task("tempeh", "", 100),
                                task("onion", "chopped", 90)))
                        .jobs())
                .extracting(job -> job.task().item(), Job::fresh)
                .containsExactly(
                        tuple("onion", false), tuple("peanut", true), tuple("tempeh", true), tuple("tofu", false));
    }

    @Test
    void whatAStepCutsIsOnlyWashedAndWeighedBefore() {
        Job job = list(List.of(task("onion", "chopped", 180, "chop"))).jobs().get(0);
        assertThat(job.inStep()).isTrue();
        assertThat(job.seconds()).isEqualTo(45);
        assertThat(job.why()).as("it smells once it is cut").isEqualTo(Why.WHOLE);
        assertThat(list(List.of(task("onion", "", 180))).jobs().get(0).inStep())
                .as("nothing to cut")
                .isFalse();
    }
}
