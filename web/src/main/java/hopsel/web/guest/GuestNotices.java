package hopsel.web.guest;

import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.web.guest.SignupMapper.NoticeRow;

import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;

/**
 * What guests changed of what they cannot have: shown to the host on every page of the class until somebody has seen
 * it.
 */
@Component("guestNotices")
public class GuestNotices {

    private static final int LONGEST = 4000;

    private final SignupMapper mapper;
    private final Clock clock;

    GuestNotices(SignupMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Something a guest said, when, in universal time, and its number. */
    public record Notice(long number, String said, LocalDateTime at) {}

    /** Writes down what a guest changed, where it is about what they cannot have. */
    void changed(
            long id, Attendee before, Attendee after, String remarkBefore, String remarkAfter, Catalogue catalogue) {
        String then = GuestFields.cannot(before, catalogue);
        String now = GuestFields.cannot(after, catalogue);
        if (!then.equals(now)) {
            say(
                    id,
                    after.id(),
                    "%s now cannot have: %s. Before: %s."
                            .formatted(
                                    after.name(), now.isEmpty() ? "nothing" : now, then.isEmpty() ? "nothing" : then));
        }
        if (!remarkBefore.equals(remarkAfter)) {
            say(id, after.id(), "%s now says: “%s”. Before: “%s”.".formatted(after.name(), remarkAfter, remarkBefore));
        }
    }

    /** Writes down what somebody who signs up cannot have, and what of it nobody can check but the host. */
    void joined(long id, Attendee attendee, Catalogue catalogue) {
        if (attendee.isCareful()) {
            String ask = attendee.ownWords().isEmpty()
                    ? ""
                    : " Hopsel cannot check %s: ask them, and check it yourself."
                            .formatted(String.join(", ", attendee.ownWords()));
            say(
                    id,
                    attendee.id(),
                    "%s signed up and cannot have: %s.%s"
                            .formatted(attendee.name(), GuestFields.cannot(attendee, catalogue), ask));
        }
    }

    private void say(long id, String guest, String said) {
        mapper.addNotice(
                id,
                new NoticeRow(
                        0,
                        guest,
                        said.length() <= LONGEST ? said : said.substring(0, LONGEST),
                        LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)));
    }

    /** What no host has seen. Templates ask for it. */
    public List<Notice> of(long id) {
        return mapper.notices(id).stream()
                .map(row -> new Notice(row.id(), row.said(), row.at()))
                .toList();
    }

    /** A host has seen everything up to a number. */
    public void seen(long id, long last, String who) {
        mapper.seen(id, last, who, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
    }
}
