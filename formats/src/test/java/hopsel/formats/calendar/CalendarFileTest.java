package hopsel.formats.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.formats.calendar.CalendarFile.Entry;

import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import org.junit.jupiter.api.Test;

import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;

class CalendarFileTest {

    private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

    @Test
    void everyEntryHasItsZoneItsAlarmAndItsTextUnbroken() throws Exception {
        String text = "Soak the beans; they double, so take a large bowl, and\nlid it: don't forget. " + "ç".repeat(60);
        String file = CalendarFile.write(
                LISBON,
                List.of(new Entry(
                        "soak@hopsel",
                        ZonedDateTime.of(2027, 3, 28, 0, 30, 0, 0, LISBON),
                        Duration.ofHours(8),
                        "Soak, at last",
                        text,
                        Duration.ofMinutes(15))),
                Instant.parse("2027-03-01T00:00:00Z"));
        assertThat(file)
                .contains(
                        "BEGIN:VTIMEZONE",
                        "TZID:Europe/Lisbon",
                        "DTSTART;TZID=Europe/Lisbon:20270328T003000",
                        "TRIGGER:-PT15M",
                        "DTSTAMP:20270301T000000Z");
        Calendar again = new CalendarBuilder().build(new StringReader(file));
        Component event = again.getComponents("VEVENT").get(0);
        assertThat(event.getRequiredProperty("DESCRIPTION").getValue()).isEqualTo(text);
        assertThat(event.getRequiredProperty("SUMMARY").getValue()).isEqualTo("Soak, at last");
        assertThat(event.getRequiredProperty("UID").getValue()).isEqualTo("soak@hopsel");
    }
}
