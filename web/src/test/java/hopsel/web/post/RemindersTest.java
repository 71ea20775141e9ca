package hopsel.web.post;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.guest.Particulars.Delivery;
import hopsel.core.guest.Particulars.Spice;
import hopsel.web.TestContext;
import hopsel.web.classes.ClassStore;
import hopsel.web.guest.SignupStore;
import hopsel.web.guest.SignupStore.FullException;
import hopsel.web.plan.PlanDesk;

import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

import javax.sql.DataSource;

/** Guests are reminded once for the day of a class, and not when they do not want that. */
class RemindersTest {

    private final Reminders reminders = TestContext.bean(Reminders.class);
    private final ClassStore store = TestContext.bean(ClassStore.class);
    private final JdbcTemplate database = new JdbcTemplate(TestContext.bean(DataSource.class));
    private final String mail = "guest-%s@example.org".formatted(UUID.randomUUID());
    private final long id = tomorrow();

    private long tomorrow() {
        LocalDateTime at = LocalDateTime.now().plusDays(1).withNano(0);
        return store.add(store.find(4).orElseThrow().cooking().starting(at).withAttendees(List.of()));
    }

    /** Signed up some days ago: the letter about that is no longer of today. */
    private String guest() throws FullException {
        Attendee wanted =
                new Attendee("new", "Noor Tal", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH);
        Attendee placed = TestContext.bean(SignupStore.class)
                .signUp(
                        id,
                        wanted,
                        new Particulars(mail, Spice.AS_WRITTEN, Delivery.UNKNOWN, List.of(), ""),
                        UUID.randomUUID().toString())
                .attendee();
        database.update("update mail_message set sent_at = sent_at - interval 3 day where address = ?", mail);
        TestContext.bean(PlanDesk.class).find(id);
        return placed.id();
    }

    private List<String> subjects() {
        return database.queryForList(
                "select subject from mail_message where address = ? and sent_at > now() - interval 1 day",
                String.class,
                mail);
    }

    @Test
    void onceForADay() throws FullException {
        guest();
        reminders.remind();
        reminders.remind();
        assertThat(subjects())
                .singleElement()
                .asString()
                .contains(store.find(id).orElseThrow().cooking().title());
        assertThat(database.queryForObject(
                        "select body from mail_message where address = ? order by id desc limit 1", String.class, mail))
                .contains("/guest/")
                .contains("Don’t want reminders?");
    }

    @Test
    void notWhoDoesNotWantIt() throws FullException {
        String guest = guest();
        reminders.want(id, guest, false);
        assertThat(reminders.wanted(id, guest)).isFalse();
        reminders.remind();
        assertThat(subjects()).isEmpty();
        reminders.want(id, guest, true);
        reminders.remind();
        assertThat(subjects()).hasSize(1);
    }

    @Test
    void whoWasWrittenToTodayKnows() throws FullException {
        guest();
        database.update("update mail_message set sent_at = sent_at + interval 3 day where address = ?", mail);
        reminders.remind();
        assertThat(subjects()).singleElement().asString().startsWith("Your place");
    }
}
