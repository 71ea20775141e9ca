package hopsel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import hopsel.core.dish.ByTaste;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.PerWeight;
import hopsel.core.item.Item;
import hopsel.core.item.ItemBuilder;
import hopsel.core.item.Origin;
import hopsel.core.item.Practice;
import hopsel.core.item.Weigher;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What an amount weighs, section 7 of the contract, figure by figure. */
class WeighingTest {

    private static final Item LEMON = ItemBuilder.builder()
            .id("lemon")
            .name("Lemon")
            .gramsPerMl(Optional.of(new BigDecimal("0.5")))
            .gramsPerPiece(Optional.of(new BigDecimal("100")))
            .gramsPerCan(Optional.of(new BigDecimal("240")))
            .edibleShare(new BigDecimal("0.6"))
            .allergens(Set.of())
            .origin(Origin.PLANT)
            .practice(Practice.NONE.withPieces(Map.of("large", new BigDecimal("150"))))
            .build();
    private static final Item BARE = ItemBuilder.builder(LEMON)
            .gramsPerMl(Optional.empty())
            .gramsPerPiece(Optional.empty())
            .build();

    private static BigDecimal grams(String measures, String number, String unit, String size) {
        Amount amount = new Amount(
                BigDecimal.ZERO, new BigDecimal(number), Unit.of(unit).orElseThrow(), Optional.ofNullable(size));
        return new Weigher(Measures.of(measures).orElseThrow())
                .grams(LEMON, amount)
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "metric, 2, g, , 2",
        "metric, 2, kg, , 2000",
        "metric, 1, oz, , 28.349523125",
        "metric, 1, lb, , 453.59237",
        "metric, 3, pinch, , 0.9",
        "metric, 10, ml, , 5",
        "metric, 2, l, , 1000",
        "metric, 1, floz, , 14.78676478125",
        "metric, 1, cup, , 125",
        "metric, 2, tbsp, , 15",
        "metric, 2, tsp, , 5",
        "us, 1, cup, , 118.294",
        "us, 1, tbsp, , 7.3935",
        "us, 1, tsp, , 2.4645",
        "au, 1, cup, , 125",
        "au, 1, tbsp, , 10",
        "au, 1, tsp, , 2.5",
        "metric, 2, piece, , 120",
        "metric, 2, piece, large, 180",
        "metric, 2, piece, medium, 120",
        "metric, 2, can, , 480"
    })
    void anAmountWeighsWhatTheContractSays(String measures, String number, String unit, String size, String grams) {
        assertThat(grams(measures, number, unit, size)).isEqualByComparingTo(grams);
    }

    @Test
    void whatCannotBeWeighedIsNamedAndNeverZero() {
        Weigher weigher = new Weigher(Measures.METRIC);
        for (Unit unit : List.of(Unit.ML, Unit.CUP, Unit.PIECE)) {
            assertThat(weigher.grams(BARE, Amount.of(BigDecimal.ONE, unit))).isEmpty();
        }
        Amount bunch = new Amount(BigDecimal.ONE, BigDecimal.ONE, Unit.PIECE, Optional.of("bunch"));
        assertThat(weigher.grams(LEMON, bunch)).isEmpty();
        assertThat(Weigher.missing(bunch)).isEqualTo("pieces.bunch");
        assertThat(Weigher.missing(Amount.of(BigDecimal.ONE, Unit.PIECE))).isEqualTo("gramsPerPiece");
        assertThat(Weigher.missing(Amount.of(BigDecimal.ONE, Unit.CAN))).isEqualTo("gramsPerCan");
        assertThat(Weigher.missing(Amount.of(BigDecimal.ONE, Unit.CUP))).isEqualTo("gramsPerMl");
    }

    /** 32 to the power 0.8 is 16; below one it goes along. */
    @ParameterizedTest
    @CsvSource({"linear, 32, 32", "fixed, 32, 1", "damped, 32, 16", "damped, 1, 1", "damped, 0.5, 0.5", "fixed, 0.5, 1"
    })
    void strongThingsGrowGently(String scaling, String factor, String grown) {
        Scaling rule = Scaling.of(scaling).orElseThrow();
        assertThat(rule.factor(new BigDecimal(factor)).setScale(12, RoundingMode.HALF_UP))
                .isEqualByComparingTo(grown);
    }

    @Test
    void figuresAreRoundedOnceHalfUp() {
        assertThat(Decimals.tenths(new BigDecimal("0.25"))).isEqualByComparingTo("0.3");
        assertThat(Decimals.tenths(new BigDecimal("0.2499"))).isEqualByComparingTo("0.2");
        assertThat(Decimals.money(new BigDecimal("1.005"))).isEqualByComparingTo("1.01");
        assertThat(Decimals.plain(new BigDecimal("1.500"))).isEqualTo(new BigDecimal("1.5"));
        assertThat(Decimals.plain(new BigDecimal("100"))).isEqualTo(new BigDecimal("100"));
        assertThat(Decimals.notNegative("It", BigDecimal.ZERO)).isZero();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Decimals.positive("It", BigDecimal.ZERO))
                .withMessageContaining("[0]");
        assertThatIllegalArgumentException().isThrownBy(() -> Decimals.notNegative("It", new BigDecimal("-0.1")));
    }

    @Test
    void aRangeIsWhatCertainlyGoesInAndUpTo() {
        Amount range = new Amount(new BigDecimal("2"), new BigDecimal("5"), Unit.TBSP);
        assertThat(range.isRange()).isTrue();
        assertThat(range.certain(new BigDecimal("50")))
                .hasValueSatisfying(low -> assertThat(low).isEqualByComparingTo("20"));
        assertThat(range.written()).isEqualTo("2-5 tbsp");
        assertThat(new Amount(BigDecimal.ZERO, BigDecimal.TEN, Unit.FLOZ).written())
                .isEqualTo("up to 10 fl oz");
        assertThat(Amount.of(BigDecimal.TEN, Unit.PIECE).written()).isEqualTo("10");
        assertThat(Amount.of(BigDecimal.TEN, Unit.G).certain(BigDecimal.TEN)).isEmpty();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Amount(new BigDecimal("5"), new BigDecimal("2"), Unit.G));
        Amount twice = range.times(new BigDecimal("2"));
        assertThat(twice.low()).isEqualByComparingTo("4");
        assertThat(twice.high()).isEqualByComparingTo("10");
    }

    /**
     * By taste: the start and the ceiling grow with the dish, a spoon stays a spoon; in another unit nobody said it.
     */
    @Test
    void whatIsFoundByTasteGrowsWithItsLine() {
        ByTaste taste = new ByTaste(new BigDecimal("2"), BigDecimal.ONE, new BigDecimal("5"), "it holds");
        IngredientLine line = IngredientLine.of(
                        "water", "water", Optional.of(Amount.of(new BigDecimal("5"), Unit.TBSP)))
                .withByTaste(Optional.of(taste));
        ByTaste twice = line.times(new BigDecimal("2")).byTaste().orElseThrow();
        assertThat(List.of(twice.start(), twice.step(), twice.ceiling()))
                .usingElementComparator(BigDecimal::compareTo)
                .containsExactly(new BigDecimal("4"), BigDecimal.ONE, BigDecimal.TEN);
        assertThat(line.measured(Optional.of(Amount.of(BigDecimal.ONE, Unit.TBSP)))
                        .byTaste())
                .contains(taste);
        assertThat(line.measured(Optional.of(Amount.of(BigDecimal.ONE, Unit.CUP)))
                        .byTaste())
                .isEmpty();
        assertThat(line.measured(Optional.empty()).byTaste()).isEmpty();
    }

    /** Minutes by weight: the base stays, what is above it grows; never below a minute. */
    @Test
    void minutesByWeightGrowAboveTheirBase() {
        PerWeight weight = new PerWeight(Minutes.of(10), Minutes.of(20));
        assertThat(weight.minutes(new BigDecimal("500"))).isEqualTo(Minutes.of(20));
        assertThat(weight.grown(Minutes.of(20), new BigDecimal("2"))).isEqualTo(Minutes.of(30));
        assertThat(weight.grown(Minutes.of(20), new BigDecimal("0.5"))).isEqualTo(Minutes.of(15));
        assertThat(weight.grown(Minutes.of(4), new BigDecimal("3"))).isEqualTo(Minutes.of(10));
        assertThat(new PerWeight(Minutes.ZERO, Minutes.of(1)).grown(Minutes.of(1), new BigDecimal("0.1")))
                .isEqualTo(Minutes.of(1));
    }
}
