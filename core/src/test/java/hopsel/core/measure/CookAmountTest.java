package hopsel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;

class CookAmountTest {

    @ParameterizedTest
    @CsvSource({
        "1.5, CUP, 1 ½ cups",
        "0.3333, CUP, ⅓ cup",
        "0.125, CUP, 2 tbsp",
        "0.25, TBSP, ¾ tsp",
        "3, TSP, 1 tbsp",
        "0.05, TSP, a pinch",
        "340, G, 340 g",
        "7.3, G, 7.5 g",
        "1.26, G, 1.3 g",
        "1.2345, KG, 1.23 kg",
        "0.5, PIECE, ½",
        "2, CAN, 2 cans",
        "1.97, PIECE, 2"
    })
    void amountsAreWrittenWithSpoonsThatExist(BigDecimal number, Unit unit, String words) {
        assertThat(CookAmount.of(number, unit, Measures.METRIC)).isEqualTo(words);
    }

    @Test
    void strongThingsGrowWithThePowerOfFourFifths() {
        assertThat(Scaling.DAMPED.factor(BigDecimal.valueOf(32))).isEqualByComparingTo("16");
        assertThat(Scaling.DAMPED.factor(new BigDecimal("0.5"))).isEqualByComparingTo("0.5");
        assertThat(Scaling.FIXED.factor(BigDecimal.TEN)).isEqualByComparingTo("1");
    }

    @Test
    void threeThirdsAreOneAgainBeforeRounding() {
        BigDecimal third = Decimals.ratio(BigDecimal.ONE, BigDecimal.valueOf(3));
        assertThat(Decimals.tenths(third.multiply(new BigDecimal("0.15")))).isEqualByComparingTo("0.1");
    }

    @ParameterizedTest
    @CsvSource({"0.5, 30", "73.416666667, 4405", "-0.008333, 0", "-90, -5400"})
    void minutesBecomeSecondsHalfUp(BigDecimal minutes, int seconds) {
        assertThat(Minutes.of(minutes).seconds()).isEqualTo(seconds);
    }
}
