package hopsel.formats.provision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.StandIn;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Substitution;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Costing;
import hopsel.core.provision.Pantry;
import hopsel.core.provision.Pantry.Movement;
import hopsel.core.provision.Pantry.Turnover;
import hopsel.core.provision.WeekList;
import hopsel.core.provision.WeekList.Wanted;
import hopsel.core.shop.Purchase;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Buying for classes, on the sample classes of the contract. */
class ProvisionTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    private static final Pantry EMPTY = Pantry.after(List.of());
    private static final PlannedClass ONE = planned("lists-sample-00");
    private static final PlannedClass TWO = planned("lists-sample-07");

    private static PlannedClass planned(String name) {
        try {
            return PlannedClass.of(Samples.cooking(name), BUILT_IN);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static Wanted wanted(PlannedClass planned) {
        return new Wanted(planned.cooking(), planned.demand(), planned.sold());
    }

    private static Map<String, Purchase> byItem(WeekList list) {
        return list.lines().stream()
                .map(WeekList.Line::purchase)
                .collect(Collectors.toMap(Purchase::item, Function.identity()));
    }

    @Test
    void theListOfOneClassIsItsShoppingList() {
        assertThat(WeekList.of(List.of(wanted(ONE)), BUILT_IN, EMPTY).lines())
                .extracting(WeekList.Line::purchase)
                .isEqualTo(ONE.shopping());
    }

    @Test
    void twoClassesNeverCostMoreTogetherThanApart() {
        WeekList both = WeekList.of(List.of(wanted(ONE), wanted(TWO)), BUILT_IN, EMPTY);
        BigDecimal apart = WeekList.of(List.of(wanted(ONE)), BUILT_IN, EMPTY)
                .total()
                .add(WeekList.of(List.of(wanted(TWO)), BUILT_IN, EMPTY).total());
        assertThat(both.total()).isLessThanOrEqualTo(apart);
        Map<String, Purchase> one = byItem(WeekList.of(List.of(wanted(ONE)), BUILT_IN, EMPTY));
        Map<String, Purchase> two = byItem(WeekList.of(List.of(wanted(TWO)), BUILT_IN, EMPTY));
        byItem(both)
                .forEach((item, purchase) -> assertThat(purchase.neededGrams().doubleValue())
                        .as(item)
                        .isCloseTo(
                                Optional.ofNullable(one.get(item))
                                        .map(Purchase::neededGrams)
                                        .orElse(BigDecimal.ZERO)
                                        .add(Optional.ofNullable(two.get(item))
                                                .map(Purchase::neededGrams)
                                                .orElse(BigDecimal.ZERO))
                                        .doubleValue(),
                                within(1e-9)));
    }

    @Test
    void theShelfGivesOnlyWhatWillStillBeGood() {
        Purchase most = ONE.shopping().stream()
                .filter(purchase -> purchase.neededGrams().signum() > 0)
                .findFirst()
                .orElseThrow();
        LocalDate day = ONE.cooking().startsAt().toLocalDate();
        Pantry pantry = Pantry.after(
                List.of(stock(most.item(), "good", "7", day), stock(most.item(), "over", "1000", day.minusDays(1))));
        WeekList.Line line = WeekList.of(List.of(wanted(ONE)), BUILT_IN, pantry).lines().stream()
                .filter(own -> own.item().equals(most.item()))
                .findFirst()
                .orElseThrow();
        assertThat(line.pantry()).isEqualByComparingTo("7");
        assertThat(WeekList.of(List.of(wanted(ONE)), BUILT_IN, pantry).used().get(most.item()))
                .as("from the shelf and from the packs")
                .isEqualByComparingTo(most.neededGrams());
        assertThat(line.purchase().neededGrams())
                .isEqualByComparingTo(most.neededGrams().subtract(new BigDecimal("7")));
    }

    private static Movement stock(String item, String batch, String grams, LocalDate useBy) {
        return new Movement(Turnover.BOUGHT, item, batch, new BigDecimal(grams), Optional.of(useBy), false);
    }

    @Test
    void dishesAndKitsCostWhatGoesIntoThem() {
        Costing costing = Costing.of(
                ONE.cooking(), BUILT_IN, ONE.batches(), ONE.demand(), ONE.kits(), ONE.shopping(), ONE.sold());
        assertThat(costing.bought())
                .isEqualByComparingTo(
                        ONE.shopping().stream().map(Purchase::cost).reduce(BigDecimal.ZERO, BigDecimal::add));
        assertThat(costing.used()).isPositive();
        assertThat(costing.dishes())
                .hasSameSizeAs(ONE.cooking().dishes())
                .allMatch(dish -> dish.batch().compareTo(dish.perServing()) >= 0);
        assertThat(costing.kits()).hasSameSizeAs(ONE.kits());
        assertThat(costing.margin(BigDecimal.TEN, 3))
                .isEqualByComparingTo(new BigDecimal("30").subtract(costing.bought()));
    }

    @Test
    void whatTheClassSaysStandsInComesBeforeWhatCooksDoAndEachOnce() {
        CookingClass cooking = ONE.cooking();
        List<StandIn.Choice> usual =
                StandIn.choices(cooking.cooking(cooking.dishes(), cooking.items(), List.of()), BUILT_IN, "soy-sauce");
        assertThat(usual).extracting(StandIn.Choice::use).contains("tamari").doesNotHaveDuplicates();
        Substitution own = new Substitution(
                "soy-sauce", "tamari", new BigDecimal("0.9"), Optional.empty(), Optional.empty(), Optional.empty());
        List<StandIn.Choice> both = StandIn.choices(
                cooking.cooking(cooking.dishes(), cooking.items(), List.of(own)), BUILT_IN, "soy-sauce");
        assertThat(both.get(0).ratio()).isEqualByComparingTo("0.9");
        assertThat(both).hasSameSizeAs(usual);
    }

    @Test
    void aStandInGoesIntoEveryLineByWeight() {
        CookingClass cooking = ONE.cooking();
        IngredientLine line = cooking.dishes().stream()
                .flatMap(dish -> dish.lines())
                .filter(own -> own.amount().isPresent())
                .findFirst()
                .orElseThrow();
        CookingClass changed = StandIn.apply(cooking, BUILT_IN, line.item(), "rapeseed-oil", new BigDecimal("0.5"));
        assertThat(ClassReview.of(changed, BUILT_IN)).isEmpty();
        assertThat(changed.dishes().stream().flatMap(dish -> dish.lines()).map(IngredientLine::item))
                .doesNotContain(line.item());
        BigDecimal before = cooking.weigher()
                .grams(ONE.catalogue().get(line.item()), line.amount().orElseThrow())
                .orElseThrow();
        IngredientLine after = changed.dishes().stream()
                .flatMap(dish -> dish.lines())
                .filter(own -> own.id().equals(line.id()))
                .findFirst()
                .orElseThrow();
        assertThat(after.amount().orElseThrow().high().doubleValue())
                .isCloseTo(before.doubleValue() / 2, within(0.051));
        assertThat(after.prep()).isEqualTo(line.prep());
    }
}
