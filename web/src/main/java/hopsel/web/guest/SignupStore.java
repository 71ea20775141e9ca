package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.item.Catalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.classes.Guests.Waiting;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Secret;
import hopsel.web.guest.SignupMapper.SignupRow;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/**
 * Guests who sign up by themselves: through one link for a class, while it is open and there are places; then onto the
 * waiting list.
 */
@Repository
public class SignupStore {

    /** Most who wait; beyond it somebody plays with the form. */
    private static final int MOST_WAITING = 200;

    private static final String GUEST = "a guest";

    private final SignupMapper mapper;
    private final ClassStore classes;
    private final Guests guests;
    private final ParticularsStore particulars;
    private final GuestStore links;
    private final Removal removal;
    private final GuestNotices notices;
    private final Catalogue builtIn;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    SignupStore(
            SignupMapper mapper,
            ClassStore classes,
            Guests guests,
            ParticularsStore particulars,
            GuestStore links,
            Removal removal,
            GuestNotices notices,
            Catalogue builtIn,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.classes = classes;
        this.guests = guests;
        this.particulars = particulars;
        this.links = links;
        this.removal = removal;
        this.notices = notices;
        this.builtIn = builtIn;
        this.events = events;
        this.clock = clock;
    }

    /**
     * How signing up stands for a class.
     *
     * @param open whether there is a link
     * @param places that there are; empty: no limit
     * @param closes when the last may sign up; empty: when the class goes on air
     * @param joining what guests are told about how to get there
     */
    public record Signup(boolean open, Optional<Integer> places, Optional<Instant> closes, String joining) {

        /** Whether somebody may still sign up. */
        public boolean takes(CookingClass cooking, Instant now) {
            return now.isBefore(closes.orElse(cooking.onAir().toInstant()));
        }

        /** Places that are left; empty: no limit. */
        public Optional<Integer> left(CookingClass cooking) {
            return left(cooking.attendees().size());
        }

        private Optional<Integer> left(int taken) {
            return places.map(all -> Math.max(0, all - taken));
        }
    }

    /** Somebody has a place now, or waits for one; the secret opens their own page. */
    public record Placed(
            long classId, String title, Attendee attendee, String contact, String secret, boolean waiting) {}

    /**
     * What came of signing up: the secret of their own page, whether they wait, and who they are, as we understood it.
     */
    public record Taken(String secret, boolean waiting, Attendee attendee) {}

    /** How signing up stands. */
    public Signup of(long id) {
        return mapper.signup(id)
                .map(row -> new Signup(
                        row.digest() != null,
                        Optional.ofNullable(row.places()),
                        Optional.ofNullable(row.closesAt()).map(at -> at.toInstant(ZoneOffset.UTC)),
                        row.joining()))
                .orElse(new Signup(false, Optional.empty(), Optional.empty(), ""));
    }

    /** Keeps places, closing time and how to get there; the link stays. */
    public void keep(long id, Signup wanted) {
        mapper.putSignup(new SignupRow(
                id,
                null,
                wanted.places.orElse(null),
                wanted.closes
                        .map(at -> LocalDateTime.ofInstant(at, ZoneOffset.UTC))
                        .orElse(null),
                wanted.joining));
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
    public Optional<Long> opened(String secret) {
        return mapper.signupOf(Secret.digest(secret));
    }

    /** Who waits, the longest first. */
    public List<Waiting> waiting(long id) {
        return guests.waiting(id);
    }

    /**
     * Takes somebody in, or onto the waiting list: the guest, how to reach them, their link and their letter, all or
     * nothing.
     *
     * @param wanted whatever their id: they get one that nobody has or had
     * @param client a name of the press; the same press again finds what came of it
     * @throws FullException where so many wait that nobody else is taken
     */
    @Transactional(rollbackFor = FullException.class)
    public Taken signUp(long id, Attendee wanted, Particulars known, String client) throws FullException {
        CookingClass cooking = classes.locked(id).orElseThrow(NotFoundException::new);
        Optional<Taken> before = again(id, cooking, client);
        if (before.isPresent()) {
            return before.get();
        }
        Attendee attendee = wanted.named(Guests.freshId());
        Signup signup = of(id);
        boolean full = signup.places.isPresent()
                && signup.left(guests.placed(id)).filter(left -> left == 0).isPresent();
        if (full && waiting(id).size() >= MOST_WAITING) {
            throw new FullException();
        }
        if (full) {
            guests.addWaiting(id, attendee, client, now());
        } else {
            guests.add(id, attendee, client);
        }
        particulars.keep(id, attendee.id(), known);
        notices.joined(id, attendee, cooking.catalogue(builtIn));
        String secret = links.link(id, cooking, attendee.id());
        events.publishEvent(new Placed(id, cooking.title(), attendee, known.contact(), secret, full));
        return new Taken(secret, full, attendee);
    }

    /** What came of the same press before; its link was shown once, so there is a new one. */
    private Optional<Taken> again(long id, CookingClass cooking, String client) {
        return guests.of(client)
                .map(own -> new Taken(links.link(id, cooking, own.attendee().id()), own.waits(), own.attendee()));
    }

    /** Takes in who waits, if there is a place. */
    @Transactional
    public void takeIn(long id, String attendee) {
        guests.lock(id);
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        Optional<Attendee> next = waiting(id).stream()
                .map(Waiting::attendee)
                .filter(own -> own.id().equals(attendee))
                .findFirst();
        if (next.isEmpty() || !guests.takeIn(id, attendee)) {
            // Somebody else pressed it at the same moment.
            return;
        }
        String contact =
                particulars.of(id).getOrDefault(attendee, Particulars.UNKNOWN).contact();
        events.publishEvent(
                new Placed(id, cooking.title(), next.get(), contact, links.link(id, cooking, attendee), false));
    }

    /**
     * Changes what a guest said of themselves, in the class or on the waiting list; what they cannot have is shown to
     * the host.
     *
     * @param changed works out what they are now from what they are; asked while nobody else can change it
     */
    @Transactional(rollbackFor = BadEntryException.class)
    public void change(long id, String guest, Catalogue catalogue, Change changed) throws BadEntryException {
        guests.lock(id);
        Optional<Attendee> waits = waiting(id).stream()
                .map(Waiting::attendee)
                .filter(own -> own.id().equals(guest))
                .findFirst();
        Attendee before = waits.or(() -> guests.of(id).stream()
                        .filter(own -> own.id().equals(guest))
                        .findFirst())
                .orElseThrow(NotFoundException::new);
        Particulars known = particulars.of(id).getOrDefault(guest, Particulars.UNKNOWN);
        AttendeeForm.Row after = changed.of(before, known);
        if (!after.attendee().equals(before)) {
            guests.put(id, after.attendee());
        }
        particulars.keep(id, guest, after.known());
        notices.changed(
                id, before, after.attendee(), known.remark(), after.known().remark(), catalogue);
    }

    /** What becomes of a guest by what they typed. */
    @FunctionalInterface
    public interface Change {
        AttendeeForm.Row of(Attendee before, Particulars known) throws BadEntryException;
    }

    /** A guest who cannot come: their place is free, and everything about them is gone. */
    public void leave(long id, String attendee) {
        removal.erase(id, attendee, GUEST);
    }

    /** So many wait already that nobody else is taken. */
    public static final class FullException extends Exception {

        private static final long serialVersionUID = 1L;
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
