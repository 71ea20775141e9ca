package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Particulars;
import hopsel.core.recipe.Slug;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Secret;
import hopsel.web.guest.SignupMapper.SignupRow;
import hopsel.web.guest.SignupMapper.WaitingRow;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Guests who sign up by themselves: through one link for a class, while it is open and there are places; then onto the waiting list. */
@Repository
public class SignupStore {

    /** Most who wait; beyond it somebody plays with the form. */
    private static final int MOST_WAITING = 200;
    private static final int TRIES = 8;
    private static final String GUEST = "a guest";

    private final SignupMapper mapper;
    private final ClassStore classes;
    private final ClassChanges changes;
    private final ParticularsStore particulars;
    private final GuestStore guests;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    SignupStore(SignupMapper mapper, ClassStore classes, ClassChanges changes, ParticularsStore particulars, GuestStore guests, ApplicationEventPublisher events, Clock clock) {
        this.mapper = mapper;
        this.classes = classes;
        this.changes = changes;
        this.particulars = particulars;
        this.guests = guests;
        this.events = events;
        this.clock = clock;
    }

    /**
     * How signing up stands for a class.
     *
     * @param open    whether there is a link
     * @param places  that there are; empty: no limit
     * @param closes  when the last may sign up; empty: when the class goes on air
     * @param joining what guests are told about how to get there
     */
    public record Signup(boolean open, Optional<Integer> places, Optional<Instant> closes, String joining) {

        /** Whether somebody may still sign up. */
        public boolean takes(CookingClass cooking, Instant now) {
            return now.isBefore(closes.orElse(cooking.onAir().toInstant()));
        }

        /** Places that are left; empty: no limit. */
        public Optional<Integer> left(CookingClass cooking) {
            return places.map(all -> Math.max(0, all - cooking.attendees().size()));
        }
    }

    /** Somebody who waits, and since when, in universal time. */
    public record Waiting(Attendee attendee, LocalDateTime since) {
    }

    /** Somebody has a place now, or waits for one; the secret opens their own page. */
    public record Placed(long classId, String title, String attendee, String contact, String secret, boolean waiting) {
    }

    /** What came of signing up: the secret of their own page, and whether they wait. */
    public record Taken(String secret, boolean waiting) {
    }

    /** How signing up stands. */
    public Signup of(long id) {
        return mapper.signup(id).map(row -> new Signup(row.digest() != null, Optional.ofNullable(row.places()), Optional.ofNullable(row.closesAt()).map(at -> at.toInstant(ZoneOffset.UTC)), row.joining()))
                .orElse(new Signup(false, Optional.empty(), Optional.empty(), ""));
    }

    /** Keeps places, closing time and how to get there; the link stays. */
    public void keep(long id, Signup wanted) {
        mapper.putSignup(new SignupRow(id, null, wanted.places.orElse(null), wanted.closes.map(at -> LocalDateTime.ofInstant(at, ZoneOffset.UTC)).orElse(null), wanted.joining));
    }

    /** A new link; the one before is dead. */
    public String link(long id) {
        String secret = Secret.fresh();
        keep(id, of(id));
        mapper.signupLink(id, Secret.digest(secret));
        return secret;
    }

    /** No link any more. */
    public void withdraw(long id) {
        mapper.signupLink(id, null);
    }

    /** The class for which a link signs up. */
    Optional<Long> opened(String secret) {
        return mapper.signupOf(Secret.digest(secret));
    }

    /** Who waits, the longest first. */
    public List<Waiting> waiting(long id) {
        return mapper.waiting(id).stream().map(row -> new Waiting(ClassFile.readAttendee(row.document()), row.since())).toList();
    }

    /**
     * Takes somebody in, or onto the waiting list.
     *
     * @param wanted whatever their id: they get one that nobody has
     */
    public Taken signUp(long id, Attendee wanted, Particulars known) {
        for (int i = 0; i < TRIES; i++) {
            StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
            // Two of the same name at the same moment get an id each.
            Attendee attendee = wanted.named(Slug.free(wanted.name(), taken(id, stored.cooking())::contains));
            boolean full = of(id).left(stored.cooking()).filter(left -> left == 0).isPresent();
            if (full && mapper.waiting(id).size() >= MOST_WAITING) {
                throw new NotFoundException();
            }
            try {
                if (full) {
                    mapper.addWaiting(id, new WaitingRow(attendee.id(), Json.indented(ClassFile.attendee(attendee)), now()));
                } else {
                    changes.change(id, stored.version(), with(stored.cooking(), attendee), stored.wishes(), GUEST, "signed up");
                }
                particulars.keep(id, attendee.id(), known);
                String secret = guests.link(id, stored.cooking(), attendee.id());
                events.publishEvent(new Placed(id, stored.cooking().title(), attendee.id(), known.contact(), secret, full));
                return new Taken(secret, full);
            } catch (StaleClassException e) {
                // Somebody else signed up at the same moment: once more, with what is there now.
                continue;
            }
        }
        throw new IllegalStateException("Class %d changed %d times while somebody signed up.".formatted(id, TRIES));
    }

    /** Takes in who waits, if there is a place. */
    @Transactional(rollbackFor = StaleClassException.class)
    public void takeIn(long id, int version, String attendee, String who) throws StaleClassException {
        StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
        Attendee next = waiting(id).stream().map(Waiting::attendee).filter(own -> own.id().equals(attendee)).findFirst().orElseThrow(NotFoundException::new);
        changes.change(id, version, with(stored.cooking(), next), stored.wishes(), who, "taken in from the waiting list");
        mapper.dropWaiting(id, attendee);
        String contact = particulars.of(id).getOrDefault(attendee, Particulars.UNKNOWN).contact();
        events.publishEvent(new Placed(id, stored.cooking().title(), attendee, contact, guests.link(id, stored.cooking(), attendee), false));
    }

    /** Changes what a guest said of themselves, in the class or on the waiting list. */
    public void change(long id, Attendee changed, Particulars known) {
        if (mapper.waiting(id).stream().anyMatch(row -> row.attendeeId().equals(changed.id()))) {
            mapper.changeWaiting(id, changed.id(), Json.indented(ClassFile.attendee(changed)));
        } else {
            replaced(id, cooking -> cooking.attendedBy(cooking.attendees().stream().map(own -> own.id().equals(changed.id()) ? changed : own).toList()), "a guest changed their own");
        }
        particulars.keep(id, changed.id(), known);
    }

    /** A guest who cannot come: their place is free, and everything about them is gone. */
    public void leave(long id, String attendee) {
        mapper.dropWaiting(id, attendee);
        for (int i = 0; i < TRIES; i++) {
            StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
            try {
                guests.erase(id, stored.version(), stored.cooking(), attendee, GUEST);
                return;
            } catch (StaleClassException e) {
                continue;
            }
        }
        throw new IllegalStateException("Class %d changed %d times while somebody left.".formatted(id, TRIES));
    }

    private void replaced(long id, UnaryOperator<CookingClass> change, String what) {
        for (int i = 0; i < TRIES; i++) {
            StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
            try {
                changes.change(id, stored.version(), change.apply(stored.cooking()), stored.wishes(), GUEST, what);
                return;
            } catch (StaleClassException e) {
                continue;
            }
        }
        throw new IllegalStateException("Class %d changed %d times while a guest changed theirs.".formatted(id, TRIES));
    }

    private static CookingClass with(CookingClass cooking, Attendee attendee) {
        List<Attendee> all = new ArrayList<>(cooking.attendees());
        all.add(attendee);
        return cooking.attendedBy(all);
    }

    /** Ids that are taken: in the class, and on its waiting list. */
    List<String> taken(long id, CookingClass cooking) {
        List<String> ids = new ArrayList<>(cooking.attendees().stream().map(Attendee::id).toList());
        mapper.waiting(id).forEach(row -> ids.add(row.attendeeId()));
        return ids;
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
