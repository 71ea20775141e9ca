package hopsel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

class CookAmountTest {

    @ParameterizedTest
    @CsvSource({
        "1.5, CUP, 1 ½ cups",
        "0.375, CUP, 6 ¼ tbsp",
        "0.6, CUP, ½ cup + 1 ½ tbsp",
        "1.6, CUP, 1 ½ cups + 1 ½ tbsp",
        "0.45, CUP, 7 ½ tbsp",
        "1.33, CUP, 1 ⅓ cups",
        "0.9, TBSP, 2 ⅔ tsp",
        "2.4, CUP, 2 ⅓ cups",
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

    /** Each limit, and the last amount before it. */
    @ParameterizedTest
    @CsvSource({
        "1000, G, 1 kg",
        "999, G, 999 g",
        "10, G, 10 g",
        "9.9, G, 10 g",
        "2, G, 2 g",
        "1.9, G, 1.9 g",
        "1000, ML, 1 l",
        "999, ML, 999 ml",
        "1.5, L, 1.5 l",
        "0.25, CUP, ¼ cup",
        "0.5, TBSP, ½ tbsp",
        "0.49, TBSP, 1 ½ tsp",
        "0.125, TSP, ⅛ tsp",
        "0.124, TSP, a pinch",
        "2.9, TSP, 3 tsp",
        "1, CUP, 1 cup",
        "1, CAN, 1 can",
        "1, PINCH, 1 pinch",
        "2, PINCH, 2 pinches",
        "1.1, PIECE, 1",
        "4, FLOZ, 4 fl oz",
        "2, LB, 2 lb"
    })
    void everyLimitIsWhereItIsSaidToBe(BigDecimal number, Unit unit, String words) {
        assertThat(CookAmount.of(number, unit, Measures.METRIC)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"2, 3, 2, 4 cups to 6 cups", "0, 3, 1, up to 3 cups", "3, 3, 0.5, 1 ½ cups"})
    void bothEndsOfARangeAreSaid(BigDecimal low, BigDecimal high, BigDecimal factor, String words) {
        Amount amount = new Amount(low, high, Unit.CUP, Optional.empty());
        assertThat(CookAmount.of(amount, factor, Measures.METRIC)).isEqualTo(words);
    }

    @Test
    void theSizeOfAPieceIsSaidAfterIt() {
        Amount large = new Amount(BigDecimal.valueOf(2), BigDecimal.valueOf(2), Unit.PIECE, Optional.of("large"));
        assertThat(CookAmount.of(large, BigDecimal.valueOf(2), Measures.METRIC)).isEqualTo("4 large");
    }

    /** Whatever the amount, it is said in spoons that exist, and nobody notices the difference. */
    @ParameterizedTest
    @EnumSource(
            value = Unit.class,
            names = {"TSP", "TBSP", "CUP"})
    void noAmountOfSpoonsIsFarFromWhatItSays(Unit unit) {
        Map<String, Double> parts = Map.of("⅛", 0.125, "¼", 0.25, "⅓", 1 / 3.0, "½", 0.5, "⅔", 2 / 3.0, "¾", 0.75);
        Map<String, Double> millilitres = Map.of("tsp", 5.0, "tbsp", 15.0, "cup", 250.0, "cups", 250.0);
        double each = Measures.METRIC.millilitres(unit).orElseThrow().doubleValue();
        for (int hundredth = 1; hundredth <= 600; hundredth++) {
            double wanted = hundredth / 100.0 * each;
            String said = CookAmount.of(new BigDecimal(hundredth).movePointLeft(2), unit, Measures.METRIC);
            if (wanted < 5) {
                continue;
            }
            double sum = 0;
            for (String one : said.split(" \\+ ")) {
                String[] words = one.split(" ");
                double number = Arrays.stream(words, 0, words.length - 1)
                        .mapToDouble(word -> parts.containsKey(word) ? parts.get(word) : Double.parseDouble(word))
                        .sum();
                sum += number * millilitres.get(words[words.length - 1]);
            }
            assertThat(sum)
                    .as("%d hundredths of a %s: %s", hundredth, unit, said)
                    .isCloseTo(wanted, Percentage.withPercentage(wanted < 30 ? 12 : 6));
        }
    }
}
