package hopsel.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.web.TestContext;

import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.UUID;

import javax.sql.DataSource;

/** Links for those who work here, and what they may do. */
class StaffTest {

    private static final String PASSWORD = "a short sentence is good";

    private final Staff staff = TestContext.bean(Staff.class);
    private final JdbcTemplate database = new JdbcTemplate(TestContext.bean(DataSource.class));
    private final String login = "ida-" + UUID.randomUUID();

    private Account ida() {
        return staff.find(login).orElseThrow();
    }

    @Test
    void aLinkMakesOneAccountOnce() {
        String secret = staff.invite("Ida Brook", StaffRole.PACKER, "host");
        assertThat(staff.links()).extracting(StaffLink::name).contains("Ida Brook");
        assertThat(staff.use("not-" + secret, login, "Ida", PASSWORD)).isFalse();
        assertThat(staff.use(secret, "host", "Ida", PASSWORD))
                .as("that name is taken")
                .isFalse();
        assertThat(staff.use(secret, login, "Ida", PASSWORD)).isTrue();
        assertThat(staff.use(secret, login + "-2", "Ida", PASSWORD)).as("used").isFalse();
        assertThat(ida().role()).isEqualTo(StaffRole.PACKER.name());
        assertThat(staff.isPassword(ida(), PASSWORD)).isTrue();
        assertThat(staff.isPassword(ida(), PASSWORD + " ")).isFalse();
        assertThat(ida().passwordHash()).doesNotContain(PASSWORD);
    }

    @Test
    void aLinkThatWasWithdrawnOrIsOldOpensNothing() {
        String withdrawn = staff.invite("Ida", StaffRole.VIEWER, "host");
        staff.withdraw(staff.link(withdrawn).orElseThrow().digest());
        assertThat(staff.use(withdrawn, login, "Ida", PASSWORD)).isFalse();
        String old = staff.invite("Ida", StaffRole.VIEWER, "host");
        database.update(
                "update staff_link set expires_at = ? where digest = ?",
                LocalDateTime.now(ZoneOffset.UTC).minusSeconds(1),
                staff.link(old).orElseThrow().digest());
        assertThat(staff.link(old)).isEmpty();
        assertThat(staff.use(old, login, "Ida", PASSWORD)).isFalse();
        assertThat(staff.find(login)).isEmpty();
    }

    @Test
    void whoForgotTheirPasswordGetsALinkForTheirOwnAccountAlone() {
        staff.use(staff.invite("Ida", StaffRole.ASSISTANT, "host"), login, "Ida", PASSWORD);
        String reset = staff.reset(ida(), "host");
        assertThat(staff.use(reset, "somebody-else", "Nobody", "another short sentence"))
                .isTrue();
        assertThat(staff.find("somebody-else")).isEmpty();
        assertThat(staff.isPassword(ida(), "another short sentence")).isTrue();
        assertThat(staff.isPassword(ida(), PASSWORD)).isFalse();
        assertThat(ida().role()).isEqualTo(StaffRole.ASSISTANT.name());
    }

    @Test
    void somebodyWhoMayDoEverythingIsAlwaysLeft() {
        assertThat(staff.role("host", StaffRole.VIEWER, true)).isFalse();
        assertThat(staff.role("host", StaffRole.HOST, false)).isFalse();
        staff.use(staff.invite("Ida", StaffRole.HOST, "host"), login, "Ida", PASSWORD);
        assertThat(staff.role(login, StaffRole.REVIEWER, true)).isTrue();
        assertThat(ida().role()).isEqualTo(StaffRole.REVIEWER.name());
        assertThat(staff.role("host", StaffRole.HOST, false))
                .as("she is none any more")
                .isFalse();
    }
}
