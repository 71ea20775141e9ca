package hopsel.core.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.classes.Provision;
import hopsel.core.classes.Provision.Stock;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.log.AirLog;
import hopsel.core.log.ClassReport;
import hopsel.core.log.LeftOver;
import hopsel.core.log.LeftOver.Went;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Outcome;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;
import hopsel.core.planned.PlannedClass;
import hopsel.core.planned.Recall;
import hopsel.core.provision.Demand.Purpose;
import hopsel.core.provision.Pantry.Movement;
import hopsel.core.shop.Purchase;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a class needs, buys, uses and throws away, on paper: a soup for two, cooked for three; six tastings of half a
 * serving; no guests. Of beans it needs 100 g a serving, of leeks 80 g edible of 100 g bought.
 */
class MoneyTest {

    private static final BigDecimal TWO = BigDecimal.valueOf(2);
    private static final Item BEANS = plant("beans", "Beans").withPacks(List.of(pack("500", "2"), pack("1000", "3")));
    private static final Item LEEKS = plant("leeks", "Leeks").withEdibleShare(new BigDecimal("0.8"));
    private static final Item OIL = plant("oil", "Oil").withPacks(List.of(pack("500", "5"), pack("1000", "8")));
    private static final Item SALT = plant("salt", "Salt");
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(BEANS, LEEKS, OIL, SALT));

    private static final LocalDate DAY = cooking().startsAt().toLocalDate();

    private static Item plant(String id, String name) {
        return Item.nameOnly(id, name).withOrigin(Origin.PLANT);
    }

    private static Pack pack(String grams, String price) {
        return new Pack(new BigDecimal(grams), new BigDecimal(price));
    }

    private static IngredientLine line(String item, String grams) {
        BigDecimal number = new BigDecimal(grams);
        return IngredientLine.of(item, item, Optional.of(new Amount(number, number, Unit.G, Optional.empty())));
    }

    private static CookingClass cooking(Stock... pantry) {
        Dish soup = new Dish(
                "soup",
                "Bean soup",
                TWO,
                List.of(new Component(
                        "all",
                        "All",
                        List.of(
                                line("beans", "200"),
                                line("leeks", "160"),
                                line("oil", "20"),
                                IngredientLine.of("salt", "salt", Optional.empty())),
                        List.of())));
        return FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(soup))
                .withProvision(new Provision(
                        BigDecimal.valueOf(3),
                        BigDecimal.valueOf(6),
                        new BigDecimal("0.5"),
                        BigDecimal.TEN,
                        List.of(pantry),
                        false,
                        Optional.empty(),
                        Optional.empty()));
    }

    private static PlannedClass planned(CookingClass cooking) {
        Plan plan = new Plan(Verdict.FITS, 0, 0, List.of(), List.of(), List.of(), List.of());
        return PlannedClass.of(cooking, CATALOGUE, new Outcome(plan, true, 0));
    }

    private static Demand demand(CookingClass cooking) {
        return planned(cooking).demand();
    }

    @Test
    void aPackThatIsCalledBackMayBeInWhatWasCookedAndTasted() {
        Recall beans = Recall.of(planned(cooking()), "beans");
        assertThat(beans.demo()).extracting(Recall.Made::dish).containsExactly("Bean soup");
        assertThat(beans.demo().get(0).grams())
                .as("200 g for two, cooked for three")
                .isEqualByComparingTo("300");
        assertThat(beans.swapOuts()).as("nothing is made earlier").isEmpty();
        assertThat(beans.tasters()).isEqualByComparingTo("6");
        assertThat(Recall.of(planned(cooking()), "mint"))
                .as("in no dish")
                .isEqualTo(new Recall(List.of(), List.of(), BigDecimal.ZERO));
    }

    /** Six halves are three servings; two of the demo batch's three can be eaten, so one is cooked for the tasting. */
    @Test
    void theTastingNeedsWhatTheDemoBatchDoesNotGive() {
        Demand demand = demand(cooking());
        assertThat(demand.missingTasting(cooking().dish("soup"))).isEqualByComparingTo("1");
        assertThat(demand.parts("beans"))
                .hasSize(2)
                .hasEntrySatisfying(Purpose.DEMO, grams -> assertThat(grams).isEqualByComparingTo("300"))
                .hasEntrySatisfying(Purpose.TASTING, grams -> assertThat(grams).isEqualByComparingTo("100"));
        assertThat(demand.grams("beans")).as("with a tenth to spare").isEqualByComparingTo("440");
        assertThat(demand.items()).as("nothing is counted to taste").containsExactly("beans", "leeks", "oil");
    }

    @Test
    void whatIsBoughtIsAsItComesInTheShopLessWhatIsThere() {
        List<Purchase> purchases = Shopping.of(
                cooking(new Stock("leeks", TWO), new Stock("rice", BigDecimal.TEN)), CATALOGUE, demand(cooking()));
        assertThat(purchases).extracting(Purchase::item).containsExactly("beans", "leeks", "oil");
        Purchase beans = purchases.get(0);
        assertThat(beans.buyGrams()).isEqualByComparingTo("500");
        assertThat(beans.cost()).isEqualByComparingTo("2");
        assertThat(beans.leftGrams()).isEqualByComparingTo("60");
        assertThat(purchases.get(1).buyGrams())
                .as("352 g edible are 440 g as bought, 2 g of which are there")
                .isEqualByComparingTo("438");
        assertThat(purchases.get(1).cost()).as("nobody knows its price").isZero();
    }

    /** Beans come at 0.4 cents a gram. Oil is on the shelf: its best pack says 0.8 cents. Leeks have no price. */
    @Test
    void whatIsUsedCostsWhatItsPackCost() {
        CookingClass cooking = cooking(new Stock("oil", BigDecimal.valueOf(5000)));
        Demand demand = demand(cooking);
        List<Purchase> purchases = Shopping.of(cooking, CATALOGUE, demand);
        Batches batches = planned(cooking).batches();
        Costing costing = Costing.of(cooking, CATALOGUE, batches, demand, List.<Kit>of(), purchases, AsSold.NONE);
        assertThat(costing.unknown()).containsExactly("Leeks");
        assertThat(costing.bought()).isEqualByComparingTo("2");
        assertThat(costing.used()).as("440 g beans and 44 g oil").isEqualByComparingTo("2.112");
        assertThat(costing.dishes().get(0).title()).isEqualTo("Bean soup");
        assertThat(costing.dishes().get(0).batch()).isEqualByComparingTo("1.44");
        assertThat(costing.dishes().get(0).perServing()).isEqualByComparingTo("0.48");
        assertThat(costing.margin(BigDecimal.valueOf(30), 4)).isEqualByComparingTo("118");
        assertThat(KitPacker.pack(cooking, CATALOGUE, batches)).isEmpty();
    }

    @Test
    void whatIsThrownAwayIsCountedAndWhatIsKeptComesOntoTheShelf() {
        PlannedClass planned = planned(cooking());
        LeftOver kept = new LeftOver("soup", TWO, Went.SHELF, Optional.empty());
        LeftOver thrown = new LeftOver("soup", new BigDecimal("0.5"), Went.THROWN, Optional.empty());
        LeftOver gone = new LeftOver("gone", TWO, Went.THROWN, Optional.empty());
        assertThat(kept.grams(planned)).as("190 g a serving").isEqualByComparingTo("380");
        assertThat(gone.grams(planned)).isZero();
        assertThat(kept.movement(planned))
                .get()
                .returns("Bean soup", Movement::item)
                .returns("cooked " + DAY, Movement::batch)
                .satisfies(line -> assertThat(line.grams()).isEqualByComparingTo("380"));
        assertThat(thrown.movement(planned)).isEmpty();
        assertThat(new LeftOver("gone", TWO, Went.SHELF, Optional.empty()).movement(planned))
                .isEmpty();

        AirLog log = new AirLog(List.of(), List.of(), List.of(), List.of(), List.of(), 300, List.of());
        ClassReport report =
                ClassReport.of(planned, log, CATALOGUE, Optional.of(BigDecimal.TEN), List.of(kept, thrown, gone));
        assertThat(report.thrown()).isEqualByComparingTo("95");
        assertThat(report.waste())
                .as("half a serving of 50 g beans and 5 g oil")
                .isEqualByComparingTo("0.25");
        assertThat(report.late()).isEqualTo(300);
        assertThat(report.income()).get().satisfies(all -> assertThat(all).isZero());
        assertThat(report.margin()).get().satisfies(left -> assertThat(left).isEqualByComparingTo("-7"));
        assertThat(ClassReport.of(planned, log, CATALOGUE, Optional.empty(), List.of())
                        .margin())
                .isEmpty();
    }

    /** Where nobody said how long it keeps, it is a day: the shortest limit there is. */
    @Test
    void leftOversAreGoodAsLongAsTheHostSaidOrADay() {
        assertThat(LeftOver.goodUntil(cooking(), DishWords.NONE)).isEqualTo(DAY.plusDays(1));
        DishWords three = new DishWords(
                "",
                Map.of(),
                "",
                Optional.of(3),
                Optional.empty(),
                "",
                List.of(),
                List.of(),
                Map.of(),
                Optional.empty());
        assertThat(LeftOver.goodUntil(cooking(), three)).isEqualTo(DAY.plusDays(3));
    }
}
