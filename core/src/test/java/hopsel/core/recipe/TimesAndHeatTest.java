package hopsel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Times and temperatures in the words of recipes. */
class TimesAndHeatTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            bake 25–35 minutes at 220 °C until crisp     | 25   | 30   | 35
            soak overnight                               | 480  | 600  | 720
            five minutes a side                          | 10   | 10   | 10
            for 1½ hours                                 | 90   | 90   | 90
            1 hour 30 minutes                            | 90   | 90   | 90
            an hour and a half                           | 90   | 90   | 90
            half an hour                                 | 30   | 30   | 30
            a quarter of an hour                         | 15   | 15   | 15
            for a minute or two                          | 1    | 1.5  | 2
            for a few minutes                            | 2    | 3.5  | 5
            45 minutes to 1 hour                         | 45   | 52.5 | 60
            at least 2 hours or overnight                | 120  | 120  | 720
            a 10-minute rest                             | 10   | 10   | 10
            30 seconds                                   | 0.5  | 0.5  | 0.5
            twenty-five mins                             | 25   | 25   | 25
            8 to 10 min. until soft                      | 8    | 9    | 10
            for 2 days                                   | 2880 | 2880 | 2880
            2 min per side                               | 4    | 4    | 4
            """)
    void aTimeIsReadWithItsRange(String text, double low, double likely, double high) {
        var minutes = TimeReader.first(text).orElseThrow();
        assertThat(minutes.low().value().doubleValue()).isEqualTo(low, Offset.offset(0.001));
        assertThat(minutes.likely().value().doubleValue()).isEqualTo(likely, Offset.offset(0.001));
        assertThat(minutes.high().value().doubleValue()).isEqualTo(high, Offset.offset(0.001));
    }

    @ParameterizedTest
    @ValueSource(strings = {"at 220 °C", "in a second pot", "2 mm thick", "12 pieces", "until golden", "1.5 l water"})
    void whatIsNoTimeIsLeftAlone(String text) {
        assertThat(TimeReader.first(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            at 220 °C                         | 220
            to 200C/180C fan/gas 6            | 200
            425°F                             | 220
            350 degrees F                     | 175
            gas mark 7                        | 220
            180 degrees                       | 180
            400 degrees                       | 205
            fan 180C                          | 180
            """)
    void theHeatOfAnOvenIsReadInCelsius(String text, int celsius) {
        assertThat(HeatReader.celsius(text).orElseThrow()).isEqualByComparingTo(String.valueOf(celsius));
    }

    @ParameterizedTest
    @CsvSource({"1 ½, 1.5", "1½, 1.5", "3/4, 0.75", "'1,5', 1.5", "-2.5, -2.5", "two, 2", "7, 7"})
    void figuresAreReadAsTyped(String text, double value) {
        assertThat(Figure.parse(text).orElseThrow().doubleValue()).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "soon", "5 apples", "1/0", "1-2"})
    void whatIsNoFigureIsNone(String text) {
        assertThat(Figure.parse(text)).isEmpty();
    }
}
