package hopsel.core.classes;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.time.LocalDate;
import java.time.ZoneId;

/** Days counted on a calendar of March 2027, in which the 7th, 14th and 21st are Sundays. */
class PostingTest {

    private static final ZoneId HOME = ZoneId.of("Europe/Lisbon");
    private static final ZoneId AWAY = ZoneId.of("Europe/Oslo");

    @ParameterizedTest
    @CsvSource({
        "2027-03-19, 3, 1, 2027-03-16, 2027-03-17, 2027-03-17",
        "2027-03-19, 3, 2, 2027-03-16, 2027-03-18, 2027-03-16",
        "2027-03-16, 3, 2, 2027-03-13, 2027-03-16, 2027-03-12",
        "2027-03-15, 2, 1, 2027-03-13, 2027-03-15, 2027-03-12",
        "2027-03-16, 2, 1, 2027-03-13, 2027-03-15, 2027-03-13"
    })
    void nothingIsDeliveredOnASunday(
            LocalDate day, int before, int carrier, LocalDate handed, LocalDate arrives, LocalDate last) {
        Posting posting = new Posting(before, carrier, 9);
        assertThat(posting.handed(day)).isEqualTo(handed);
        assertThat(posting.arrives(day, HOME, HOME)).isEqualTo(arrives);
        assertThat(posting.lastDay(day, HOME, HOME)).as("there the day before").isEqualTo(last);
    }

    @Test
    void itTakesLongerToOtherZones() {
        Posting posting = new Posting(3, 1, 4);
        LocalDate day = LocalDate.of(2027, 3, 19);
        assertThat(posting.arrives(day, HOME, AWAY)).isEqualTo(LocalDate.of(2027, 3, 20));
        assertThat(posting.lastDay(day, HOME, AWAY)).isEqualTo(LocalDate.of(2027, 3, 13));
    }
}
