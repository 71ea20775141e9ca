package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.frame.Secret;
import hopsel.web.guest.GuestMapper.LinkRow;
import hopsel.web.guest.GuestMapper.LookRow;
import hopsel.web.guest.GuestMapper.RevisionRow;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Links to attendees' own pages, and who looked at what people avoid. */
@Repository
public class GuestStore {

    /** A link lives so long after the class, so that the handout can still be fetched. */
    private static final Duration AFTERWARDS = Duration.ofDays(30);
    private static final int SHOWN = 30;

    private final GuestMapper mapper;
    private final SignupMapper signups;
    private final AttendeeStyles styles;
    private final ClassStore classes;
    private final Catalogue catalogue;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    GuestStore(GuestMapper mapper, SignupMapper signups, AttendeeStyles styles, ClassStore classes, Catalogue catalogue, ApplicationEventPublisher events, Clock clock) {
        this.mapper = mapper;
        this.signups = signups;
        this.styles = styles;
        this.classes = classes;
        this.catalogue = catalogue;
        this.events = events;
        this.clock = clock;
    }

    /** A new link for an attendee. */
    public String link(long id, CookingClass cooking, String attendee) {
        String secret = Secret.fresh();
        LocalDateTime ends = LocalDateTime.ofInstant(cooking.onAir().toInstant(), ZoneOffset.UTC);
        mapper.add(new LinkRow(Secret.digest(secret), id, attendee, (ends.isAfter(now()) ? ends : now()).plus(AFTERWARDS), false));
        return secret;
    }

    /** Whose page a link opens, if it is alive. */
    Optional<Guest> opened(String secret) {
        return mapper.link(Secret.digest(secret)).filter(row -> !row.withdrawn() && row.expiresAt().isAfter(now())).map(row -> new Guest(row.classId(), row.attendeeId()));
    }

    /** Closes all links of an attendee. */
    public void withdraw(long id, String attendee) {
        mapper.withdraw(id, attendee);
    }

    /** Ids of attendees who have a live link. */
    public Set<String> live(long id) {
        return Set.copyOf(mapper.live(id, now()));
    }

    /** Writes down that somebody looked at, took out or erased what people avoid; the same look within the hour counts once. */
    public void look(long id, String who, String what) {
        mapper.look(id, new LookRow(who, what, now()), now().minusHours(1));
    }

    /** The last looks, the newest first, in universal time. */
    public List<Look> looks(long id) {
        return mapper.looks(id, SHOWN).stream().map(row -> new Look(row.who(), row.what(), row.at())).toList();
    }

    /**
     * Takes everything about one person out of a class: the attendee, their links, how they cook and what is known of them,
     * and every state that could be gone back to. What was packed stays as packed, for nobody, so that a pack can be traced.
     *
     * @throws StaleClassException where the class was changed since
     */
    @Transactional(rollbackFor = StaleClassException.class)
    public void erase(long id, int version, CookingClass now, String attendee, String who) throws StaleClassException {
        classes.replace(id, version, without(now, attendee));
        mapper.withdraw(id, attendee);
        styles.keep(id, attendee, Map.of());
        signups.dropDetail(id, attendee);
        signups.dropWaiting(id, attendee);
        signups.dropMade(id, attendee);
        // Which pack went into a kit has to be known for a recall; whose kit it was has not.
        mapper.anonymise(id, attendee, "erased-" + Secret.fresh().substring(0, 8));
        for (RevisionRow row : mapper.revisions(id)) {
            try {
                CookingClass then = ClassFile.read(row.document().getBytes(StandardCharsets.UTF_8), catalogue);
                mapper.rewrite(id, new RevisionRow(row.number(), ClassFile.write(without(then, attendee))));
            } catch (FaultyFileException e) {
                throw new IllegalStateException("Revision %d of class %d cannot be read.".formatted(row.number(), id), e);
            }
        }
        events.publishEvent(new PersonErased(id, attendee));
        look(id, who, "erased one attendee");
    }

    private static CookingClass without(CookingClass cooking, String attendee) {
        return cooking.attendedBy(cooking.attendees().stream().filter(own -> !own.id().equals(attendee)).toList());
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** Somebody was erased: whoever keeps something of them takes it out, in the same transaction. */
    public record PersonErased(long classId, String attendee) {
    }

    /** An attendee of a class. */
    record Guest(long classId, String attendee) {
    }

    /** Who looked at what, and when. */
    public record Look(String who, String what, LocalDateTime at) {
    }
}
