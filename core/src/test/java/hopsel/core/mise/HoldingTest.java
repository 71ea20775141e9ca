package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.ItemBuilder;
import hopsel.core.item.Origin;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.measure.Minutes;
import hopsel.core.mise.Holding.Breach;
import hopsel.core.mise.Holding.Stay;
import hopsel.core.mise.Holding.Where;
import hopsel.core.mise.SafetyCheck.Broken;
import hopsel.core.mise.SafetyCheck.Limit;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;
import hopsel.core.shop.Purchase;

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

/** The limits of food safety, each met to the second and broken by one: plans are laid out by hand here. */
class HoldingTest {

    private static final int HOUR = 3600;
    private static final Item RICE =
            item("rice", "Jasmine rice", Storage.AMBIENT).withTraits(Set.of(Trait.DRY, Trait.DRIED, Trait.RICE));
    private static final Item BEANS =
            item("beans", "Black beans", Storage.AMBIENT).withTraits(Set.of(Trait.DRY, Trait.PULSE));
    private static final Item YOGURT = ItemBuilder.builder(item("yogurt", "Soy yogurt", Storage.CHILLED))
            .allergens(Set.of(Allergen.SOY))
            .build();
    private static final Item SALT = item("salt", "Salt", Storage.AMBIENT).withTraits(Set.of(Trait.DRY, Trait.LASTING));
    private static final Item OIL = ItemBuilder.builder(item("oil", "Good fat", Storage.AMBIENT))
            .is(Optional.of(HouseRule.OIL))
            .build();
    private static final Item PAPER =
            item("paper", "Rice paper", Storage.AMBIENT).withTraits(Set.of(Trait.WHOLE, Trait.DRIED));
    private static final Item GRAIN =
            item("grain", "Barley", Storage.AMBIENT).withTraits(Set.of(Trait.DRY, Trait.STARCHY));
    private static final Item DATES =
            item("dates", "Dates", Storage.AMBIENT).withTraits(Set.of(Trait.DRY, Trait.DRIED));
    private static final Item NUTS = item("nuts", "Nuts", Storage.AMBIENT).withTraits(Set.of(Trait.DRY, Trait.CRUNCH));
    private static final Item PAPRIKA =
            item("paprika", "Paprika", Storage.AMBIENT).withTraits(Set.of(Trait.SPICE));
    private static final Item SYRUP =
            item("syrup", "Syrup", Storage.AMBIENT).withTraits(Set.of(Trait.LIQUID, Trait.LASTING));
    private static final Item LEEK = item("leek", "Leek", Storage.AMBIENT).withTraits(Set.of(Trait.WHOLE));
    private static final Catalogue CATALOGUE =
            Catalogue.of(List.of(RICE, BEANS, YOGURT, SALT, OIL, PAPER, GRAIN, DATES, NUTS, PAPRIKA, SYRUP, LEEK));

    private final List<Step> steps = new ArrayList<>();
    private final List<Activity> activities = new ArrayList<>();
    private final List<StepRef> swaps = new ArrayList<>();
    private int airEnd = HOUR;

    private static Item item(String id, String name, Storage storage) {
        return Item.nameOnly(id, name).withOrigin(Origin.PLANT).withStorage(Optional.of(storage));
    }

    private static StepRef ref(String step) {
        return new StepRef("dish", step);
    }

    /** A step that comes after the one before it, done from and to these seconds. */
    private HoldingTest step(String id, String need, int from, int to, Item... items) {
        List<After> after = steps.isEmpty()
                ? List.of()
                : List.of(After.of(steps.get(steps.size() - 1).id()));
        List<Need> needs = need.isEmpty() ? List.of() : List.of(new Need(need, 1, Optional.empty(), BigDecimal.ZERO));
        Step step = Step.of(id, id, StepMinutes.of(Minutes.of(Math.max(1, (to - from) / 60))), Work.HANDS)
                .withShow(Show.MUST)
                .withNeeds(needs)
                .withAfter(after)
                .withUses(List.of(items).stream()
                        .map(item -> new Use(item.id(), BigDecimal.ONE))
                        .toList());
        steps.add(step);
        activities.add(new Activity(ref(id), Copy.MAIN, true, from, to, Optional.empty(), List.of()));
        return this;
    }

    private CookingClass cooking() {
        List<IngredientLine> lines = CATALOGUE.items().stream()
                .map(item -> IngredientLine.of(item.id(), item.id(), Optional.empty()))
                .toList();
        Dish dish = new Dish("dish", "Dish", BigDecimal.ONE, List.of(new Component("part", "Part", lines, steps)));
        return FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(dish));
    }

    private Plan plan() {
        return new Plan(Verdict.FITS, airEnd, 0, swaps, List.of(), activities, List.of());
    }

    private Stay stay(String step) {
        return Holding.of(cooking(), plan(), CATALOGUE).stays().stream()
                .filter(stay -> stay.activity().step().step().equals(step))
                .findFirst()
                .orElseThrow();
    }

    private List<Broken> broken(Purchase... shopping) {
        return SafetyCheck.of(cooking(), plan(), CATALOGUE, List.of(shopping));
    }

    /** Something perishable is worked on for so many seconds on the counter and then used at once. */
    @ParameterizedTest
    @CsvSource({"7200, ''", "7201, USE_OR_CHILL", "14400, USE_OR_CHILL", "14401, DISCARD"})
    void warmthIsAllowedToTheSecond(int seconds, String breach) {
        airEnd = 0;
        step("stir", "", -seconds, 0, YOGURT).step("serve", "", 0, 0);
        Holding holding = Holding.of(cooking(), plan(), CATALOGUE);
        List<Breach> found = holding.stays().stream()
                .flatMap(stay -> stay.breaches().stream())
                .distinct()
                .toList();
        assertThat(found).isEqualTo(breach.isEmpty() ? List.of() : List.of(Breach.valueOf(breach)));
        assertThat(holding.broken()).isEqualTo(!breach.isEmpty());
        assertThat(broken())
                .extracting(Broken::limit)
                .isEqualTo(breach.equals("DISCARD") ? List.of(Limit.TOO_WARM, Limit.TOO_WARM) : List.of());
    }

    /** Up to an hour it waits on the counter, and that counts; from there it waits in the fridge, and does not. */
    @Test
    void whatWaitsLongWaitsInTheFridge() {
        step("stir", "", -HOUR - 600, -HOUR, YOGURT).step("serve", "", 0, 60);
        assertThat(stay("stir").where()).isEqualTo(Where.COUNTER);
        assertThat(stay("stir").warm()).isEqualTo(600 + HOUR);
        assertThat(stay("stir").cold()).isEmpty();
        activities.set(
                0, new Activity(ref("stir"), Copy.MAIN, true, -HOUR - 601, -HOUR - 1, Optional.empty(), List.of()));
        assertThat(stay("stir").where()).isEqualTo(Where.FRIDGE);
        assertThat(stay("stir").warm()).isEqualTo(600);
        assertThat(stay("serve").warm())
                .as("its own minute and its own wait on top; the fridge does not count")
                .isEqualTo(600 + 60 + airEnd - 60);
        assertThat(stay("stir").allergens()).containsExactly(Allergen.SOY);
    }

    @Test
    void whatIsInTheOvenOrTheFridgeIsNotWarmAndWhatLastsNeverSpoils() {
        step("bake", "oven", -2 * HOUR, -HOUR, YOGURT).step("serve", "", -HOUR + 900, 0);
        assertThat(stay("bake").warm()).isEqualTo(900);
        assertThat(stay("bake").hot()).isTrue();
        steps.clear();
        activities.clear();
        step("stir", "", -5 * HOUR, 0, SALT, OIL).step("serve", "", HOUR, HOUR);
        assertThat(stay("stir").perishable()).isFalse();
        assertThat(stay("stir").breaches()).isEmpty();
        assertThat(stay("stir").where()).isEqualTo(Where.COUNTER);
    }

    /** Cooked, even what lasts dry spoils; salt and oil do not. */
    @Test
    void whatIsCookedSpoils() {
        step("boil", "burner", -3 * HOUR, -2 * HOUR, BEANS).step("serve", "", 0, 60);
        assertThat(stay("boil").perishable()).isTrue();
        assertThat(stay("boil").where()).isEqualTo(Where.FRIDGE);
        assertThat(stay("boil").cold()).contains(0);
        assertThat(stay("boil").lukewarm()).isZero();
        steps.clear();
        activities.clear();
        step("warm", "burner", -3 * HOUR, -2 * HOUR, SALT, OIL).step("serve", "", 0, 60);
        assertThat(stay("warm").perishable()).isFalse();
    }

    /** What swells in water, and what is fresh, spoils once it is cooked; nuts, spices, syrup and oil do not. */
    @ParameterizedTest
    @CsvSource({
        "grain, true",
        "dates, true",
        "beans, true",
        "leek, true",
        "nuts, false",
        "paprika, false",
        "syrup, false",
        "oil, false"
    })
    void whatSwellsInWaterSpoilsOnceItIsCooked(String item, boolean spoils) {
        step("cook", "burner", -3 * HOUR, -2 * HOUR, CATALOGUE.get(item)).step("serve", "", 0, 60);
        assertThat(stay("cook").perishable()).isEqualTo(spoils);
    }

    @ParameterizedTest
    @CsvSource({"86400, ''", "86401, RICE"})
    void cookedRiceIsKeptForADayToTheSecond(int age, String breach) {
        step("boil", "rice-cooker", -age - 600, -age, RICE).step("serve", "", 0, 60);
        assertThat(stay("boil").age()).isEqualTo(age);
        assertThat(stay("boil").cold()).as("cold within the hour").contains(-age + HOUR);
        assertThat(stay("boil").breaches()).isEqualTo(breach.isEmpty() ? List.of() : List.of(Breach.RICE));
        activities.remove(1);
        airEnd = 0;
        assertThat(broken()).extracting(Broken::limit).isEqualTo(breach.isEmpty() ? List.of() : List.of(Limit.RICE));
    }

    /** The age counts from the first time it was cooked, whatever was done to it since; frozen, it does not count. */
    @ParameterizedTest
    @CsvSource({"259200, ''", "259201, COOKED_LONG_AGO"})
    void cookedFoodIsKeptForThreeDaysToTheSecond(int age, String breach) {
        airEnd = 0;
        step("boil", "burner", -age - 600, -age, BEANS).step("mash", "", -600, -300);
        List<Breach> expected = breach.isEmpty() ? List.of() : List.of(Breach.COOKED_LONG_AGO);
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).stays())
                .filteredOn(stay -> stay.activity().step().step().equals("mash"))
                .flatExtracting(Stay::breaches)
                .isEqualTo(expected);
        assertThat(broken()).hasSize(expected.size());
        step("freeze", "freezer", -200, -100);
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).stays())
                .filteredOn(stay -> stay.activity().step().step().equals("freeze"))
                .flatExtracting(Stay::breaches)
                .isEmpty();
    }

    /** Chilled and heated again once is allowed; twice is not, and what only stands hot meanwhile was not chilled. */
    @ParameterizedTest
    @CsvSource({
        "-30000, -20000, REHEATED_TWICE",
        "-30000, -25799, REHEATED_TWICE",
        "-30000, -25800, ''",
        "-33000, -27000, ''"
    })
    void cookedFoodIsHeatedAgainOnce(int warmed, int again, String breach) {
        airEnd = 0;
        step("boil", "burner", -40000, -36000, BEANS)
                .step("warm", "burner", warmed, warmed + 600)
                .step("rewarm", "burner", again, again + 600)
                .step("serve", "", again + 700, again + 800);
        airEnd = again + 900;
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).stays())
                .filteredOn(stay -> stay.activity().step().step().equals("warm"))
                .flatExtracting(Stay::breaches)
                .isEqualTo(breach.isEmpty() ? List.of() : List.of(Breach.REHEATED_TWICE));
    }

    /** Of one dish that is too old it is said once, where it is oldest. */
    @Test
    void whatIsTooOldIsSaidOnceWhereItIsOldest() {
        step("boil", "burner", -80 * HOUR, -79 * HOUR, BEANS).step("mash", "", -600, -300);
        assertThat(broken()).singleElement().satisfies(one -> {
            assertThat(one.limit()).isEqualTo(Limit.COOKED_LONG_AGO);
            assertThat(one.step()).isEqualTo(ref("mash"));
            assertThat(one.seconds()).isEqualTo(79 * HOUR + airEnd);
        });
    }

    @Test
    void ricePaperIsNoRiceAndDryRiceThatIsNotCookedDoesNotAge() {
        step("steam", "steamer", -30 * HOUR, -29 * HOUR, PAPER, BEANS).step("serve", "", 0, 60);
        assertThat(stay("steam").breaches()).isEmpty();
        steps.clear();
        activities.clear();
        step("soak", "", -30 * HOUR, -29 * HOUR, RICE).step("serve", "", 0, 60);
        assertThat(stay("soak").age()).isZero();
        assertThat(stay("soak").breaches()).isEmpty();
    }

    /** What was shown raw and swapped out is not kept; what comes after it waits for the one made earlier. */
    @Test
    void theOneMadeEarlierIsWhatWaits() {
        step("bake", "oven", 0, 60, YOGURT).step("serve", "", 600, 660);
        swaps.add(ref("bake"));
        activities.add(new Activity(
                ref("bake"), Copy.swap(ref("bake")), false, -3 * HOUR, -2 * HOUR, Optional.empty(), List.of()));
        Holding holding = Holding.of(cooking(), plan(), CATALOGUE);
        assertThat(holding.stays())
                .filteredOn(stay -> stay.activity().step().equals(ref("bake")))
                .singleElement()
                .satisfies(stay -> {
                    assertThat(stay.activity().copy()).isEqualTo(Copy.swap(ref("bake")));
                    assertThat(stay.until()).isEqualTo(600);
                    assertThat(stay.reheated()).isFalse();
                });
    }

    @Test
    void nothingIsDoneWithWhatIsNotBoughtYet() {
        int shop = Countdown.SHOP_SECONDS;
        step("soak", "", -shop - 1, -shop, BEANS, SALT).step("serve", "", 0, 60);
        Purchase beans = purchase("beans", "500");
        assertThat(broken(beans, purchase("salt", "0"))).singleElement().satisfies(one -> {
            assertThat(one.limit()).isEqualTo(Limit.BEFORE_BOUGHT);
            assertThat(one.items()).containsExactly("beans");
            assertThat(one.seconds()).isEqualTo(shop + 1);
        });
        activities.set(0, new Activity(ref("soak"), Copy.MAIN, true, -shop, -shop + 60, Optional.empty(), List.of()));
        assertThat(broken(beans)).isEmpty();
    }

    private static Purchase purchase(String item, String grams) {
        BigDecimal buy = new BigDecimal(grams);
        return new Purchase(item, buy, buy, List.of(), buy, BigDecimal.ZERO, BigDecimal.ZERO);
    }

    private HoldingTest kept(String id, int celsius, int from, int to, Item... items) {
        step(id, "", from, to, items);
        Step last = steps.remove(steps.size() - 1);
        Need warm = new Need("warming-drawer", 1, Optional.of(BigDecimal.valueOf(celsius)), BigDecimal.ZERO);
        steps.add(last.withNeeds(List.of(warm)));
        return this;
    }

    /**
     * What is kept at 60 °C or above is hot, whatever the place is called; below that it is warm, and the time counts.
     */
    @ParameterizedTest
    @CsvSource({"60, true", "59, false"})
    void fromSixtyDegreesOnItIsHot(int celsius, boolean hot) {
        kept("keep", celsius, -3 * HOUR, -HOUR, YOGURT).step("serve", "", 0, 60);
        Stay stay = stay("keep");
        assertThat(stay.hot()).isEqualTo(hot);
        assertThat(stay.warm()).isEqualTo(hot ? HOUR : 3 * HOUR);
        assertThat(stay.lukewarm()).isEqualTo(-HOUR + 2 * HOUR);
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).broken()).isEqualTo(!hot);
    }

    @Test
    void aWaitOfTenMinutesIsListedAndAShorterOneIsNot() {
        step("stir", "", 0, 60, YOGURT).step("serve", "", 660, 700);
        airEnd = 700;
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).stays()).hasSize(1);
        steps.clear();
        activities.clear();
        step("stir", "", 0, 61, YOGURT).step("serve", "", 660, 700);
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).stays()).isEmpty();
    }

    @Test
    void staysStandInTheOrderInWhichTheyBeginWithWhatComesNext() {
        step("stir", "", -3000, -2000, YOGURT).step("bake", "oven", 0, 1000).step("serve", "", 3000, 3600);
        assertThat(Holding.of(cooking(), plan(), CATALOGUE).stays())
                .extracting(
                        stay -> stay.activity().step().step(),
                        Stay::seconds,
                        Stay::where,
                        Stay::hot,
                        Stay::reheated,
                        Stay::allergens)
                .containsExactly(
                        tuple("stir", 2000, Where.COUNTER, false, true, List.of(Allergen.SOY)),
                        tuple("bake", 2000, Where.COUNTER, true, false, List.of(Allergen.SOY)));
    }

    /** Salt and oil warmed together spoil no more than they did before; rice and beans do, once they are cooked. */
    @Test
    void whatKeepsInTheCupboardKeepsWarmToo() {
        step("warm", "burner", -HOUR, -3000, SALT, OIL).step("serve", "", 0, 60);
        assertThat(stay("warm").perishable()).isFalse();
        steps.clear();
        activities.clear();
        step("boil", "burner", -HOUR, -3000, BEANS, SALT).step("serve", "", 0, 60);
        assertThat(stay("boil").perishable()).isTrue();
        steps.clear();
        activities.clear();
        step("soak", "", -HOUR, -3000, BEANS, SALT).step("serve", "", 0, 60);
        assertThat(stay("soak").perishable()).as("they are not cooked yet").isFalse();
    }

    /** Ten minutes of work, a wait, ten minutes of work, a wait of fifty: only what stands out of the fridge counts. */
    @ParameterizedTest
    @CsvSource({"0, 4200", "2400, 6600", "3600, 7800", "3601, 4200"})
    void timeInTheWarmIsAddedUpAlongTheWholeWay(int wait, int warm) {
        step("stir", "", -4200 - wait, -3600 - wait, YOGURT)
                .step("fold", "", -3600, -3000)
                .step("serve", "", 0, 60);
        airEnd = 60;
        assertThat(stay("fold").warm()).isEqualTo(warm);
    }

    @Test
    void whatStandsInTheFridgeIsNotInTheWarm() {
        step("stir", "", -4 * HOUR, -4 * HOUR + 600, YOGURT)
                .step("chill", "fridge", -4 * HOUR + 600, -HOUR)
                .step("serve", "", -600, 0);
        airEnd = 60;
        assertThat(stay("chill").where()).isEqualTo(Where.FRIDGE);
        assertThat(stay("chill").warm()).isEqualTo(600);
        assertThat(stay("chill").hot()).isFalse();
        assertThat(stay("chill").cold()).isEmpty();
    }

    @Test
    void whatWaitsHasALabelWithWhatItIsForAndUntilWhenItIsGood() {
        step("bake", "oven", -2 * HOUR, -HOUR, YOGURT).step("serve", "", 60, 120);
        airEnd = 700;
        Holding holding = Holding.of(cooking(), plan(), CATALOGUE);
        PrepList prep = new PrepList(List.of(), Optional.empty());
        assertThat(Label.of(cooking(), prep, holding, CATALOGUE))
                .as("what is made in the class needs none")
                .containsExactly(new Label(
                        "bake",
                        Optional.empty(),
                        List.of(ref("serve")),
                        false,
                        -HOUR,
                        60,
                        true,
                        List.of(Allergen.SOY)));
        steps.set(0, steps.get(0).withKeeps(Optional.of(Minutes.of(30))));
        assertThat(Label.of(cooking(), prep, Holding.of(cooking(), plan(), CATALOGUE), CATALOGUE))
                .extracting(Label::useBy)
                .containsExactly(-1800);
        steps.remove(1);
        activities.remove(1);
        activities.set(
                0,
                new Activity(
                        ref("bake"), Copy.swap(ref("bake")), false, -2 * HOUR, -HOUR, Optional.empty(), List.of()));
        assertThat(Label.of(cooking(), prep, Holding.of(cooking(), plan(), CATALOGUE), CATALOGUE))
                .extracting(Label::earlier, Label::steps)
                .containsExactly(tuple(true, List.of(ref("bake"))));
    }
}
