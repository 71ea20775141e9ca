package hopsel.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;

/** A guest is reminded two days before, at an hour at which nobody is woken, wherever they are. */
class ReminderTest {

    private static final Plan PLAN = new Plan(Verdict.FITS, 0, 0, List.of(), List.of(), List.of(), List.of());

    @ParameterizedTest
    @CsvSource({
        "2027-03-12T18:30, Europe/Lisbon, 2027-03-10T18:30",
        "2027-03-12T07:00, Europe/Lisbon, 2027-03-09T18:00",
        "2027-03-12T09:00, Europe/Lisbon, 2027-03-10T09:00",
        "2027-03-12T20:00, Europe/Lisbon, 2027-03-10T20:00",
        "2027-03-12T21:30, Europe/Lisbon, 2027-03-10T18:00",
        "2027-03-12T18:30, Asia/Tokyo, 2027-03-10T18:00",
        "2027-03-12T18:30, Pacific/Chatham, 2027-03-10T18:00",
        "2027-03-12T12:00, America/Los_Angeles, 2027-03-09T18:00"
    })
    void twoDaysBeforeByDay(LocalDateTime start, ZoneId zone, LocalDateTime due) {
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon"))
                .starting(start);
        assertThat(Reminder.due(cooking, PLAN, zone)).isEqualTo(due.atZone(zone));
    }
}
