package hopsel.formats.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Minutes;
import hopsel.core.mise.BowlSize;
import hopsel.core.mise.Countdown;
import hopsel.core.mise.CounterLayout;
import hopsel.core.mise.Holding;
import hopsel.core.mise.Holding.Stay;
import hopsel.core.mise.Holding.Where;
import hopsel.core.mise.Label;
import hopsel.core.mise.PrepList.Job;
import hopsel.core.mise.SafetyCheck;
import hopsel.core.mise.SetBowl;
import hopsel.core.mise.ToolCheck;
import hopsel.core.planned.PlannedClass;
import hopsel.core.planned.Prepared;
import hopsel.core.recipe.ToolReader;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What stands ready and the work before, worked out from one small class: a rice bowl with a salad and a sauce. */
class PreparedTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    private static final String CLASS =
            """
            {"format": "hopsel-class", "version": 1, "title": "Rice by the quay", "style": "demo", "startsAt": "2027-03-05T18:00:00", "zone": "Europe/Lisbon", "airMinutes": 60,
             "prepWindows": [{"from": -420, "to": -5}],
             "people": [{"id": "maren", "name": "Maren", "role": "host"}, {"id": "pia", "name": "Pia", "role": "assistant"}],
             "kitchen": {"resources": [{"id": "hob", "kind": "burner", "units": 2}, {"id": "oven", "kind": "oven", "units": 1}, {"id": "blender", "kind": "blender", "units": 1, "rinseMinutes": 2}]},
             "measures": "metric", "items": [], "substitutions": [], "attendees": [],
             "provision": {"demoServings": 4, "tastingPortions": 0, "tastingShare": 1, "sparePercent": 0, "pantry": []},
             "dishes": [{"id": "bowl", "title": "Rice bowl", "servings": 4, "components": [
               {"id": "rice", "title": "Rice", "ingredients": [{"id": "rice", "item": "jasmine-rice", "amount": 300, "unit": "g"}, {"id": "rw", "item": "water", "amount": 500, "unit": "ml"}],
                "steps": [{"id": "cook", "title": "Simmer the rice", "minutes": 20, "work": "watch", "show": "never", "needs": [{"kind": "burner"}], "uses": [{"ingredient": "rice"}, {"ingredient": "rw"}]},
                          {"id": "cool", "title": "Let it cool", "minutes": 30, "work": "rest", "show": "never"}]},
               {"id": "sauce", "title": "Sauce", "ingredients": [{"id": "cumin", "item": "cumin", "amount": 1, "unit": "tsp"}, {"id": "paprika", "item": "paprika", "amount": 2, "unit": "tsp"},
                   {"id": "nuts", "item": "peanut-butter", "amount": 60, "unit": "g"}, {"id": "soy", "item": "soy-sauce", "amount": {"low": 20, "high": 50}, "unit": "ml"}, {"id": "garlic", "item": "garlic", "amount": 10, "unit": "g", "prep": "finely chopped"}],
                "steps": [{"id": "blend", "title": "Blend the sauce", "minutes": 3, "work": "hands", "show": "must", "after": [], "needs": [{"kind": "blender"}], "noise": "loud",
                           "uses": [{"ingredient": "cumin"}, {"ingredient": "paprika"}, {"ingredient": "nuts"}, {"ingredient": "soy"}, {"ingredient": "garlic"}]}]},
               {"id": "salad", "title": "Salad", "ingredients": [{"id": "beet", "item": "beetroot", "amount": 200, "unit": "g", "prep": "grated"}, {"id": "carrot", "item": "carrot", "amount": 200, "unit": "g", "prep": "grated"},
                   {"id": "onion", "item": "red-onion", "amount": 60, "unit": "g", "prep": "sliced"}, {"id": "apple", "item": "apple", "amount": 150, "unit": "g", "prep": "sliced"}, {"id": "peas", "item": "peas-frozen", "amount": 100, "unit": "g"}],
                "steps": [{"id": "toss", "title": "Toss the salad", "text": "Toss everything in a large bowl.", "minutes": 4, "work": "hands", "show": "must", "after": [],
                           "uses": [{"ingredient": "beet"}, {"ingredient": "carrot"}, {"ingredient": "onion"}, {"ingredient": "apple"}, {"ingredient": "peas"}]}]},
               {"id": "top", "title": "On top", "ingredients": [{"id": "tofu", "item": "firm-tofu", "amount": 200, "unit": "g", "prep": "in cubes"}],
                "steps": [{"id": "bake", "title": "Bake the tofu", "text": "Bake on a lined tray.", "minutes": 20, "work": "watch", "show": "must", "after": [], "needs": [{"kind": "oven", "celsius": 200}], "uses": [{"ingredient": "tofu"}]},
                          {"id": "serve", "title": "Serve", "minutes": 5, "work": "hands", "show": "must", "after": [{"step": "cool"}, {"step": "blend"}, {"step": "toss"}, {"step": "bake"}]}]}]}]}
            """;

    private static CookingClass cooking() {
        try {
            return ClassFile.read(CLASS.getBytes(StandardCharsets.UTF_8), BUILT_IN);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static Prepared prepared(CookingClass cooking) {
        return Prepared.of(PlannedClass.of(cooking, BUILT_IN), Map.of("paprika", 6));
    }

    private static List<List<String>> bowls(Prepared prepared, String step, boolean upTo) {
        return prepared.bowls().entrySet().stream()
                .filter(tray -> tray.getKey().step().step().equals(step))
                .flatMap(tray -> tray.getValue().stream())
                .filter(bowl -> bowl.upTo() == upTo)
                .map(bowl ->
                        bowl.parts().stream().map(part -> part.bowl().item()).toList())
                .toList();
    }

    @Test
    void spicesShareABowlAndNutsGarlicAndWhatMayNotBeNeededStandApart() {
        Prepared prepared = prepared(cooking());
        assertThat(bowls(prepared, "blend", false))
                .containsExactlyInAnyOrder(
                        List.of("cumin", "paprika"), List.of("garlic"), List.of("peanut-butter"), List.of("soy-sauce"));
        assertThat(bowls(prepared, "blend", true)).containsExactly(List.of("soy-sauce"));
        assertThat(bowls(prepared, "toss", false))
                .as("what stains stands apart from what does not")
                .contains(List.of("beetroot"))
                .noneMatch(bowl -> bowl.size() > 1 && bowl.contains("beetroot"));
        SetBowl rest = prepared.bowls().values().stream()
                .flatMap(List::stream)
                .filter(SetBowl::upTo)
                .findFirst()
                .orElseThrow();
        assertThat(rest.millilitres().doubleValue()).as("30 of 50 ml").isCloseTo(30, within(0.01));
        assertThat(rest.parts().get(0).counted().amount()).contains("2 tbsp");
    }

    @ParameterizedTest
    @CsvSource({
        "40,PINCH,1",
        "41,SMALL,1",
        "166,SMALL,1",
        "170,MEDIUM,1",
        "2000,LARGE,1",
        "2002,HUGE,1",
        "5300,HUGE,1",
        "6000,HUGE,2"
    })
    void aBowlIsFilledToTwoThirds(String millilitres, BowlSize size, int number) {
        BigDecimal much = new BigDecimal(millilitres);
        assertThat(BowlSize.holding(much)).isEqualTo(size);
        assertThat(size.number(much)).isEqualTo(number);
    }

    @Test
    void aBowlOfALitreIsSixteenCentimetresAcross() {
        assertThat(BowlSize.MEDIUM.diameter()).isCloseTo(15.6, within(0.1));
    }

    @Test
    void theCounterHoldsBowlsInTheOrderOfUseWithoutTouchingAndSaysWhatMustWait() {
        CounterLayout wide = prepared(in(220, 65)).counter();
        assertThat(wide.waiting()).isEmpty();
        assertThat(wide.bowls())
                .isSortedAccordingTo((a, b) -> a.tray() - b.tray())
                .hasSizeGreaterThan(8);
        for (CounterLayout.Standing one : wide.bowls()) {
            assertThat(wide.places())
                    .allMatch(place ->
                            one.x() + one.across() / 2 <= place.x() || one.y() + one.across() / 2 <= place.y());
            assertThat(wide.bowls())
                    .filteredOn(two -> two != one)
                    .allMatch(two ->
                            Math.hypot(one.x() - two.x(), one.y() - two.y()) >= (one.across() + two.across()) / 2);
        }
        CounterLayout narrow = prepared(in(120, 50)).counter();
        assertThat(narrow.waiting()).isNotEmpty();
        int last = narrow.bowls().stream()
                .mapToInt(CounterLayout.Standing::tray)
                .max()
                .orElse(0);
        assertThat(wide.bowls())
                .filteredOn(bowl -> bowl.tray() <= last)
                .hasSize(narrow.bowls().size());
    }

    private static CookingClass in(int length, int depth) {
        CookingClass cooking = cooking();
        return cooking.in(new Room(
                cooking.room().learners(), Optional.of(new CounterTop(length, depth)), List.of(), List.of("overhead")));
    }

    @Test
    void theCameraAboveHasToSeeWhatIsDoneByHand() {
        assertThat(prepared(in(220, 65)).counter().cameras().get("overhead"))
                .extracting(Object::toString)
                .contains("bowl/blend", "bowl/toss", "bowl/serve")
                .doesNotContain("bowl/bake", "bowl/cook");
    }

    @Test
    void toolsAreCountedAtOneMomentAgainstWhatIsThere() {
        CookingClass cooking = cooking()
                .in(new Room(
                        cooking().room().learners(),
                        Optional.empty(),
                        List.of(ToolReader.parse("large bowl"), ToolReader.parse("2 small bowls")),
                        List.of()));
        ToolCheck tools = prepared(cooking).tools();
        ToolCheck.Need small = tools.needs().stream()
                .filter(need -> need.tool().kind().equals("small bowl"))
                .findFirst()
                .orElseThrow();
        assertThat(small.missing()).isEqualTo(small.tool().count() - 2);
        ToolCheck.Need tray = tools.needs().stream()
                .filter(need -> need.tool().name().equals("baking tray"))
                .findFirst()
                .orElseThrow();
        assertThat(tray.there()).contains(0);
        assertThat(tray.standIn()).isPresent();
        assertThat(tools.needs())
                .filteredOn(need -> need.tool().kind().equals("large bowl"))
                .as("the one it is tossed in, and the one the carrots wait in")
                .allMatch(need -> need.missing() == 1);
        assertThat(tools.tests())
                .contains(
                        new ToolCheck.Test("blender", ToolCheck.What.SEAL),
                        new ToolCheck.Test("oven", ToolCheck.What.HEAT));
        assertThat(prepared(cooking()).tools().needs())
                .as("nobody has counted")
                .allMatch(need -> need.there().isEmpty() && need.missing() == 0);
    }

    @Test
    void thePrepListGoesFromDryToStainingAndLeavesWhatBrownsToTheLast() {
        Prepared prepared = prepared(cooking());
        List<Job> jobs = prepared.prep().jobs();
        assertThat(jobs).extracting(Job::why).isSorted();
        assertThat(jobs)
                .extracting(job -> job.task().item() + " " + job.why())
                .contains(
                        "cumin DRY",
                        "carrot SOILS",
                        "red-onion SMELLS",
                        "peanut-butter ALLERGEN",
                        "beetroot STAINS",
                        "apple LATE");
        assertThat(jobs.get(jobs.size() - 1).task().item()).isEqualTo("apple");
        assertThat(jobs)
                .filteredOn(job -> job.task().item().equals("peanut-butter"))
                .allMatch(Job::fresh);
        assertThat(jobs)
                .allMatch(job -> job.begin() + job.seconds() <= Math.min(0, job.due())
                        && job.person().isPresent());
        for (String person : List.of("maren", "pia")) {
            List<Job> own = jobs.stream()
                    .filter(job -> job.person().equals(Optional.of(person)))
                    .toList();
            for (int i = 1; i < own.size(); i++) {
                assertThat(own.get(i).begin())
                        .isGreaterThanOrEqualTo(
                                own.get(i - 1).begin() + own.get(i - 1).seconds());
            }
        }
        assertThat(prepared.prep().begin())
                .contains(jobs.stream().mapToInt(Job::begin).min().orElseThrow());
    }

    @Test
    void whatNobodyHasTimeForIsSaid() {
        CookingClass shut = cooking()
                .withKitchen(cooking()
                        .kitchen()
                        .withPrepWindows(List.of(new PrepWindow(Minutes.of(-420), Minutes.of(-360)))));
        CookingClass closed = cooking().withKitchen(cooking().kitchen().withPrepWindows(List.of()));
        assertThat(prepared(shut).prep().jobs()).allMatch(job -> job.begin() < -300 * 60);
        assertThat(PlannedClass.of(closed, BUILT_IN).plan().possible()).isTrue();
        assertThat(prepared(closed).prep().jobs()).allMatch(job -> job.person().isEmpty());
    }

    @Test
    void cookedRiceThatWaitsGoesIntoTheFridgeWithinTheHour() {
        CookingClass early = cooking()
                .withKitchen(cooking()
                        .kitchen()
                        .withPrepWindows(List.of(new PrepWindow(Minutes.of(-420), Minutes.of(-300)))));
        Holding holding = prepared(early).holding();
        Stay rice = holding.stays().stream()
                .filter(stay -> stay.activity().step().step().equals("cool"))
                .findFirst()
                .orElseThrow();
        assertThat(rice.where()).isEqualTo(Where.FRIDGE);
        assertThat(rice.perishable()).isTrue();
        assertThat(rice.warm())
                .as("thirty minutes of cooling, after whatever the pot waited")
                .isGreaterThanOrEqualTo(30 * 60);
        assertThat(holding.stays()).allMatch(stay -> stay.until() >= stay.from());
    }

    @Test
    void fiveHoursOnTheCounterAreToldToEndInTheBin() {
        String slow = CLASS.replace(
                "\"title\": \"Let it cool\", \"minutes\": 30", "\"title\": \"Let it stand\", \"minutes\": 300");
        try {
            CookingClass cooking = ClassFile.read(slow.getBytes(StandardCharsets.UTF_8), BUILT_IN);
            Holding holding = prepared(cooking).holding();
            assertThat(holding.broken()).isTrue();
            assertThat(holding.stays().stream().flatMap(stay -> stay.breaches().stream()))
                    .contains(Holding.Breach.DISCARD);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void theCountdownRunsFromTheOrderToTheLastMinutes() {
        Prepared prepared = prepared(cooking());
        List<Countdown.Task> tasks = prepared.countdown();
        assertThat(tasks).isSortedAccordingTo((a, b) -> Integer.compare(a.moment(), b.moment()));
        assertThat(tasks.get(0)).satisfies(order -> {
            assertThat(order.kind()).isEqualTo(Countdown.Errand.ORDER);
            assertThat(order.moment()).as("six days and one to spare").isEqualTo(-7 * 24 * 3600);
        });
        Countdown.Task heat = tasks.stream()
                .filter(task -> task.kind() == Countdown.Errand.HEAT)
                .findFirst()
                .orElseThrow();
        int bake = PlannedClass.of(cooking(), BUILT_IN).plan().activities().stream()
                .filter(activity -> activity.step().step().equals("bake"))
                .findFirst()
                .orElseThrow()
                .start();
        assertThat(heat.moment()).as("180 °C at 12 a minute").isEqualTo(bake - 15 * 60);
        Countdown.Task thaw = tasks.stream()
                .filter(task -> task.kind() == Countdown.Errand.THAW)
                .findFirst()
                .orElseThrow();
        assertThat(cooking().clock(thaw.moment()).getHour())
                .as("nobody gets up at two in the morning")
                .isEqualTo(20);
        assertThat(tasks).extracting(Countdown.Task::key).doesNotHaveDuplicates();
        assertThat(tasks)
                .extracting(Countdown.Task::kind)
                .contains(
                        Countdown.Errand.SHOP_FRESH,
                        Countdown.Errand.PREP,
                        Countdown.Errand.STEP,
                        Countdown.Errand.TRAYS,
                        Countdown.Errand.BLENDER,
                        Countdown.Errand.HEATPROOF)
                .doesNotContain(Countdown.Errand.SWAP_OUTS, Countdown.Errand.SOUND);
    }

    @Test
    void everyBoxHasALabelWithItsAllergens() {
        List<Label> labels = prepared(cooking()).labels();
        assertThat(labels)
                .filteredOn(label -> label.what().startsWith("Peanut butter"))
                .singleElement()
                .satisfies(label ->
                        assertThat(label.allergens()).extracting(Enum::name).containsExactly("PEANUT"));
        assertThat(labels).allMatch(label -> label.made() <= label.useBy());
        CookingClass early = cooking()
                .withKitchen(cooking()
                        .kitchen()
                        .withPrepWindows(List.of(new PrepWindow(Minutes.of(-420), Minutes.of(-300)))));
        assertThat(prepared(early).labels())
                .filteredOn(label -> label.what().equals("Let it cool"))
                .singleElement()
                .satisfies(label -> assertThat(label.chilled()).isTrue());
    }

    @Test
    void eachPartOfTheDishHasItsEmptyBowls() {
        assertThat(prepared(cooking()).empty())
                .extracting(check -> check.title() + " " + check.bowls().size())
                .contains("Sauce 5", "On top 1")
                .doesNotContain("Rice 1", "Rice 2");
    }

    @ParameterizedTest
    @CsvSource({
        "garlic,PUNGENT,true",
        "garlic-powder,PUNGENT,false",
        "beetroot,STAINS,true",
        "turmeric,DRY,true",
        "apple,BROWNS,true",
        "apple-sauce,BROWNS,false",
        "rapeseed-oil,LIQUID,true",
        "plain-flour,DRY,true",
        "spinach,WILTS,true",
        "spinach-frozen,WILTS,false",
        "potato,SOILS,true",
        "potato-starch,SOILS,false",
        "potato,DRY,false",
        "plain-flour,SOILS,false",
        "coconut-milk,LIQUID,true",
        "coconut-milk,DRY,false"
    })
    void traitsStandWithTheItem(String item, Trait trait, boolean has) {
        assertThat(BUILT_IN.get(item).has(trait)).isEqualTo(has);
    }

    /** Rice that a step cools is cooked rice still, and nothing is cooked before it is bought. */
    @Test
    void whatStandsBeyondItsLimitAndWhatIsDoneBeforeItIsBoughtMakesAClassUnsafe() throws Exception {
        assertThat(PlannedClass.of(ClassFile.read(CLASS.getBytes(StandardCharsets.UTF_8), BUILT_IN), BUILT_IN)
                        .broken())
                .isEmpty();
        String weekBefore = CLASS.replace("{\"from\": -420, \"to\": -5}", "{\"from\": -10500, \"to\": -10080}");
        PlannedClass planned =
                PlannedClass.of(ClassFile.read(weekBefore.getBytes(StandardCharsets.UTF_8), BUILT_IN), BUILT_IN);
        assertThat(planned.plan().possible()).isTrue();
        assertThat(planned.broken())
                .extracting(SafetyCheck.Broken::limit)
                .contains(SafetyCheck.Limit.RICE, SafetyCheck.Limit.BEFORE_BOUGHT);
        assertThat(planned.broken())
                .filteredOn(broken -> broken.limit() == SafetyCheck.Limit.BEFORE_BOUGHT)
                .allSatisfy(broken -> assertThat(broken.items()).containsExactly("jasmine-rice"));
        assertThat(planned.broken())
                .filteredOn(broken -> broken.limit() == SafetyCheck.Limit.RICE)
                .as("said once, where it is oldest")
                .singleElement()
                .satisfies(broken -> assertThat(broken.seconds()).isGreaterThan(7 * 24 * 3600));
        String dayBefore = CLASS.replace("{\"from\": -420, \"to\": -5}", "{\"from\": -1620, \"to\": -1500}");
        assertThat(PlannedClass.of(ClassFile.read(dayBefore.getBytes(StandardCharsets.UTF_8), BUILT_IN), BUILT_IN)
                        .broken())
                .extracting(SafetyCheck.Broken::limit)
                .containsOnly(SafetyCheck.Limit.RICE);
    }
}
