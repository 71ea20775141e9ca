package hopsel.web.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.dish.Need;
import hopsel.web.frame.Entered.BadEntryException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.Map;

/** What people type, and what is said where it cannot be taken. */
class EnteredTest {

    private static Entered typed(String text) {
        return new Entered(Map.of("field", text));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"7.5|7.5", "7,5|7.5", " 12 |12", "½|0.5", "1 1/2|1.5", "-3|-3"})
    void numbersAreReadAsCooksWriteThem(String text, BigDecimal number) throws BadEntryException {
        assertThat(typed(text).number("field").orElseThrow()).isEqualByComparingTo(number);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1:30|90", "90|90", "0|0", "2,5|2.5"})
    void minutesMayBeHoursAndMinutes(String text, BigDecimal minutes) throws BadEntryException {
        assertThat(typed(text).minutes("field").orElseThrow().value()).isEqualByComparingTo(minutes);
    }

    @Test
    void nothingTypedIsNotZero() throws BadEntryException {
        assertThat(typed("  ").number("field")).isEmpty();
        assertThat(typed("").minutes("field")).isEmpty();
        assertThatThrownBy(() -> typed(" ").must("field")).hasMessageContaining("empty");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"a cup|isn't a number", "1e9|isn't a number", "1.2.3|isn't a number"})
    void whatIsNoNumberIsSaidWithWhatWasTyped(String text, String said) {
        assertThatThrownBy(() -> typed(text).number("field")).isInstanceOfSatisfying(BadEntryException.class, bad -> {
            assertThat(bad.field()).isEqualTo("field");
            assertThat(bad.getMessage()).contains(said).contains(text);
        });
    }

    @Test
    void limitsAreSaidWithTheFigure() {
        assertThatThrownBy(() -> typed("0").positive("field")).hasMessageContaining("above 0");
        assertThatThrownBy(() -> typed("-5").minutes("field"))
                .hasMessageContaining("-5")
                .hasMessageContaining("0 or more");
        assertThatThrownBy(() -> typed("600000").minutes("field")).hasMessageContaining("less than a year");
        assertThatThrownBy(() -> typed("x".repeat(9001)).text("field")).hasMessageContaining("Shorten");
    }

    @Test
    void needsAreReadAndWrittenTheSame() throws BadEntryException {
        Entered entered = typed("oven 200 ± 10, burner x2; food processor");
        assertThat(entered.needs("field")).extracting(Need::kind).containsExactly("oven", "burner", "food-processor");
        assertThat(entered.needs("field"))
                .extracting(Entered::text)
                .containsExactly("oven 200 ± 10", "burner x2", "food processor");
        assertThatThrownBy(() -> typed("oven at two hundred!").needs("field")).hasMessageContaining("Write it like");
    }
}
