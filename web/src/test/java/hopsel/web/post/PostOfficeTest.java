package hopsel.web.post;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.web.TestContext;
import hopsel.web.classes.ClassStore;
import hopsel.web.post.PostMapper.MailRow;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.StaticListableBeanFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Map;

import javax.sql.DataSource;

/** Letters at a real mail server on this machine. */
class PostOfficeTest {

    private final GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    private final PostMapper mapper = TestContext.bean(PostMapper.class);
    private final JavaMailSenderImpl sender = new JavaMailSenderImpl();
    private final PostOffice office = new PostOffice(
            mapper,
            new StaticListableBeanFactory(Map.of("sender", sender)).getBeanProvider(JavaMailSender.class),
            TestContext.bean(LetterPaper.class),
            "room@ternquay.example",
            Clock.systemUTC());

    private final String guest = TestContext.bean(ClassStore.class)
            .find(2)
            .orElseThrow()
            .cooking()
            .attendees()
            .get(0)
            .id();

    private void open() {
        server.start();
        sender.setHost("127.0.0.1");
        sender.setPort(server.getSmtp().getPort());
    }

    @AfterEach
    void close() {
        server.stop();
    }

    private void write(String unsubscribe) {
        office.send(new Letter(
                2,
                guest,
                "ada@example.org",
                "Your place:\nLaksa evening",
                "You have a place.\n\nhttps://room.example/guest/secret\n\nTwo lines\nof <one> paragraph.",
                unsubscribe));
    }

    private MailRow last() {
        return mapper.last(1).get(0);
    }

    @Test
    void aLetterArrivesOnceAsWordsAndAsAPage() throws MessagingException {
        open();
        write("https://room.example/guest/secret#reminders");
        office.handOver();
        office.handOver();
        assertThat(server.getReceivedMessages()).hasSize(1);
        MimeMessage letter = server.getReceivedMessages()[0];
        String body = GreenMailUtil.getBody(letter);
        assertThat(letter.getSubject()).isEqualTo("Your place: Laksa evening");
        assertThat(letter.getHeader("List-Unsubscribe"))
                .containsExactly("<https://room.example/guest/secret#reminders>");
        assertThat(letter.getMessageID()).startsWith("<hopsel-").endsWith("@ternquay.example>");
        assertThat(body).contains("text/plain").contains("text/html").contains("Two lines");
        assertThat(body)
                .contains("<a href=\"https://room.example/guest/secret\"")
                .contains("of &lt;one&gt; paragraph.");
        assertThat(last().handedOver()).isTrue();
    }

    /** As after a power cut between the mail server's answer and our noting it: servers know it by its number. */
    @Test
    void aLetterThatIsHandedOverOnceMoreHasTheSameNumber() throws MessagingException {
        open();
        write("");
        MailRow row = last();
        office.handOver();
        new JdbcTemplate(TestContext.bean(DataSource.class))
                .update("update mail_message set handed_over = false, claimed_until = null where id = ?", row.id());
        office.handOver();
        assertThat(server.getReceivedMessages()).hasSize(2);
        assertThat(server.getReceivedMessages()[1].getMessageID())
                .isEqualTo(server.getReceivedMessages()[0].getMessageID());
        assertThat(server.getReceivedMessages()[0].getHeader("List-Unsubscribe"))
                .isNull();
    }

    @Test
    void anotherServerThatIsHandingItOverIsLeftAlone() {
        open();
        write("");
        LocalDateTime now = LocalDateTime.now(ZoneOffset.UTC);
        assertThat(mapper.claim(last().id(), now, now.plusMinutes(2))).isOne();
        office.handOver();
        assertThat(server.getReceivedMessages()).isEmpty();
        assertThat(mapper.claim(last().id(), now.plusMinutes(3), now.plusMinutes(5)))
                .isOne();
        mapper.handedOver(last().id(), "");
    }

    @Test
    void whatTheServerDoesNotTakeIsTold() {
        open();
        server.stop();
        write("");
        office.handOver();
        assertThat(last().problem()).contains("did not take");
        assertThat(last().bounced()).isTrue();
    }
}
