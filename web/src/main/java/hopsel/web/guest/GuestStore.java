package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.web.frame.Secret;
import hopsel.web.guest.GuestMapper.LinkRow;
import hopsel.web.guest.GuestMapper.LookRow;

import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Links to attendees' own pages, and who looked at what people avoid. */
@Repository
public class GuestStore {

    /** A link lives so long after the class, so that the handout can still be fetched. */
    private static final Duration AFTERWARDS = Duration.ofDays(30);

    private static final int SHOWN = 30;

    private final GuestMapper mapper;
    private final Clock clock;

    GuestStore(GuestMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A new link for an attendee. */
    public String link(long id, CookingClass cooking, String attendee) {
        String secret = Secret.fresh();
        LocalDateTime ends = LocalDateTime.ofInstant(cooking.onAir().toInstant(), ZoneOffset.UTC);
        mapper.add(new LinkRow(
                Secret.digest(secret), id, attendee, (ends.isAfter(now()) ? ends : now()).plus(AFTERWARDS), false));
        return secret;
    }

    /** Whose page a link opens, if it is alive. */
    public Optional<Guest> opened(String secret) {
        return mapper.link(Secret.digest(secret))
                .filter(row -> !row.withdrawn() && row.expiresAt().isAfter(now()))
                .map(row -> new Guest(row.classId(), row.attendeeId()));
    }

    /** Closes all links of an attendee. */
    public void withdraw(long id, String attendee) {
        mapper.withdraw(id, attendee);
    }

    /** Ids of attendees who have a live link. */
    public Set<String> live(long id) {
        return Set.copyOf(mapper.live(id, now()));
    }

    /**
     * Writes down that somebody looked at, took out or erased what people avoid; the same look within the hour counts
     * once.
     */
    public void look(long id, String who, String what) {
        mapper.look(id, new LookRow(who, what, now()), now().minusHours(1));
    }

    /** The last looks, the newest first, in universal time. */
    public List<Look> looks(long id) {
        return mapper.looks(id, SHOWN).stream()
                .map(row -> new Look(row.who(), row.what(), row.at()))
                .toList();
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** An attendee of a class. */
    public record Guest(long classId, String attendee) {}

    /** Who looked at what, and when. */
    public record Look(String who, String what, LocalDateTime at) {}
}
