package hopsel.web.post;

import hopsel.web.post.PostMapper.MailRow;
import hopsel.web.post.PostMapper.RuleRow;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

import java.time.Clock;
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

    private static final int SHOWN = 300;

    private final PostMapper mapper;
    private final ObjectProvider<JavaMailSender> server;
    private final String from;
    private final Clock clock;

    PostOffice(
            PostMapper mapper,
            ObjectProvider<JavaMailSender> server,
            @Value("${hopsel.mail.from:hopsel@localhost}") String from,
            Clock clock) {
        this.mapper = mapper;
        this.server = server;
        this.from = from;
        this.clock = clock;
    }

    /** Whether mail can go there. */
    public static boolean isAddress(String contact) {
        return ADDRESS.matcher(contact.strip()).matches();
    }

    /**
     * Sends a letter; false where it came back at once. It is written down with whatever else happens in the same
     * transaction, and handed over to a mail server afterwards.
     */
    public boolean send(long classId, String attendee, String address, String subject, String body) {
        RuleRow rule = rule();
        boolean bounced = !rule.bounce().isBlank()
                && address.toLowerCase(Locale.ROOT).contains(rule.bounce().toLowerCase(Locale.ROOT));
        String problem = bounced ? "There is no such box." : "";
        LocalDateTime now = now();
        mapper.add(new MailRow(
                0,
                classId,
                attendee,
                address.strip(),
                subject.replaceAll("[\\r\\n]+", " "),
                body,
                now,
                now.plusMinutes(rule.delayMinutes()),
                bounced,
                problem,
                bounced || !isReal()));
        return !bounced;
    }

    /**
     * Hands over what was written and not yet taken by a mail server: also what was written just before a power cut.
     */
    @Scheduled(fixedDelay = 5_000)
    void handOver() {
        for (MailRow row : isReal() ? mapper.waiting() : List.<MailRow>of()) {
            String problem = handOver(row.address(), row.subject(), row.body());
            mapper.handedOver(row.id(), problem);
        }
    }

    /** Letters to an address in the last hour. */
    int lately(String address) {
        return mapper.since(address.strip(), now().minusHours(1));
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private String handOver(String address, String subject, String body) {
        JavaMailSender real = server.getIfAvailable();
        if (real == null) {
            return "";
        }
        SimpleMailMessage message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(address.strip());
        message.setSubject(subject.replaceAll("[\\r\\n]+", " "));
        message.setText(body);
        try {
            real.send(message);
            return "";
        } catch (MailException e) {
            return "The mail server did not take it.";
        }
    }

    RuleRow rule() {
        return mapper.rule().orElse(new RuleRow("", 0));
    }

    void rule(String bounce, int minutes) {
        mapper.putRule(new RuleRow(bounce, minutes));
    }

    /** A letter, and how it stands. */
    public record Letter(MailRow mail, State state) {}

    /** How a letter stands. */
    public enum State {
        UNDER_WAY,
        THERE,
        CAME_BACK
    }

    /** The last letters. */
    List<Letter> letters() {
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        return mapper.last(SHOWN).stream()
                .map(mail -> {
                    State arrived = mail.bounced() ? State.CAME_BACK : State.THERE;
                    return new Letter(mail, mail.dueAt().isAfter(now) ? State.UNDER_WAY : arrived);
                })
                .toList();
    }

    boolean isReal() {
        return server.getIfAvailable() != null;
    }
}
