package hopsel.web.post;

import hopsel.web.post.PostMapper.MailRow;
import hopsel.web.post.PostMapper.RuleRow;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Sends mail to attendees and keeps what was sent. Where {@code spring.mail.host} names a server it goes there;
 * otherwise it stays in the mail box that ships with the application.
 */
@Component
public class PostOffice {

    /** What looks like an address; whether it is one, only its server knows. */
    private static final Pattern ADDRESS = Pattern.compile("[^\\s@,;<>\"]+@[^\\s@,;<>\"]+\\.[^\\s@,;<>\"]+");

    private static final Logger LOG = LoggerFactory.getLogger(PostOffice.class);
    private static final int SHOWN = 300;
    /** For how long a letter is left to the server that is handing it over. */
    private static final Duration LEASE = Duration.ofMinutes(2);

    private final PostMapper mapper;
    private final ObjectProvider<JavaMailSender> server;
    private final LetterPaper letters;
    private final String from;
    private final Clock clock;

    PostOffice(
            PostMapper mapper,
            ObjectProvider<JavaMailSender> server,
            LetterPaper letters,
            @Value("${hopsel.mail.from:hopsel@localhost}") String from,
            Clock clock) {
        this.mapper = mapper;
        this.server = server;
        this.letters = letters;
        this.from = from;
        this.clock = clock;
    }

    /** Whether mail can go there. */
    public static boolean isAddress(String contact) {
        return ADDRESS.matcher(contact.strip()).matches();
    }

    /** Sends a letter that nobody can ask to have no more of. */
    public boolean send(long classId, String attendee, String address, String subject, String body) {
        return send(new Letter(classId, attendee, address, subject, body, ""));
    }

    /**
     * Sends a letter; false where it came back at once. It is written down with whatever else happens in the same
     * transaction, and handed over to a mail server afterwards.
     */
    boolean send(Letter letter) {
        RuleRow rule = rule();
        String address = letter.address();
        boolean bounced = !rule.bounce().isBlank()
                && address.toLowerCase(Locale.ROOT).contains(rule.bounce().toLowerCase(Locale.ROOT));
        String problem = bounced ? "There is no such box." : "";
        LocalDateTime now = now();
        mapper.add(new MailRow(
                0,
                letter.classId(),
                letter.attendee(),
                address.strip(),
                letter.subject().replaceAll("[\\r\\n]+", " "),
                letter.body(),
                now,
                now.plusMinutes(rule.delayMinutes()),
                bounced,
                problem,
                bounced || !isReal(),
                letter.unsubscribe()));
        return !bounced;
    }

    /**
     * Hands over what was written and not yet taken by a mail server: also what was written just before a power cut. A
     * letter that was taken just before one is handed over once more, under the same number, by which servers know it.
     */
    @Scheduled(fixedDelayString = "${hopsel.mail.every:5000}")
    void handOver() {
        for (MailRow row : isReal() ? mapper.waiting(now()) : List.<MailRow>of()) {
            if (mapper.claim(row.id(), now(), now().plus(LEASE)) == 1) {
                mapper.handedOver(row.id(), handOver(row));
            }
        }
    }

    /** Letters that no mail server has taken yet. */
    public int waiting() {
        return mapper.countWaiting();
    }

    /** Letters of the last week that came back. */
    public int returned() {
        return mapper.countReturned(now().minusWeeks(1));
    }

    /** Letters to an address in the last hour. */
    int lately(String address) {
        return mapper.since(address.strip(), now().minusHours(1));
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private String handOver(MailRow row) {
        JavaMailSender real = server.getIfAvailable();
        if (real == null) {
            return "";
        }
        try {
            MimeMessage message = real.createMimeMessage();
            MimeMessageHelper both = new MimeMessageHelper(message, true, StandardCharsets.UTF_8.name());
            both.setFrom(from);
            both.setTo(row.address());
            both.setSubject(row.subject());
            both.setText(row.body(), letters.html(row.subject(), row.body()));
            message.setHeader("Message-ID", "<hopsel-%d-%d@%s>".formatted(row.id(), number(row), domain()));
            if (!row.unsubscribe().isEmpty()) {
                message.setHeader("List-Unsubscribe", "<%s>".formatted(row.unsubscribe()));
            }
            real.send(message);
            return "";
        } catch (MailException | MessagingException e) {
            LOG.warn("A letter was not taken.", e);
            return "The mail server did not take it.";
        }
    }

    private static long number(MailRow row) {
        return row.sentAt().toInstant(ZoneOffset.UTC).toEpochMilli();
    }

    private String domain() {
        return from.substring(from.indexOf('@') + 1).replaceAll("[^A-Za-z0-9.-]", "");
    }

    /** Whether a letter went to an address within a day. */
    boolean today(String address) {
        return mapper.since(address.strip(), now().minusDays(1)) > 0;
    }

    RuleRow rule() {
        return mapper.rule().orElse(new RuleRow("", 0));
    }

    void rule(String bounce, int minutes) {
        mapper.putRule(new RuleRow(bounce, minutes));
    }

    /** A letter that was written, and how it stands. */
    public record Sent(MailRow mail, State state) {}

    /** How a letter stands. */
    public enum State {
        UNDER_WAY,
        THERE,
        CAME_BACK
    }

    /** The last letters. */
    List<Sent> letters() {
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        return mapper.last(SHOWN).stream()
                .map(mail -> {
                    State arrived = mail.bounced() ? State.CAME_BACK : State.THERE;
                    return new Sent(mail, mail.dueAt().isAfter(now) ? State.UNDER_WAY : arrived);
                })
                .toList();
    }

    boolean isReal() {
        return server.getIfAvailable() != null;
    }
}
