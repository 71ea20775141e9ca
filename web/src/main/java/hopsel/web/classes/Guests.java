package hopsel.web.classes;

import hopsel.core.guest.Attendee;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;
import hopsel.web.classes.ClassMapper.GuestRow;
import hopsel.web.frame.Secret;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Those who take part in a class, each a row of their own under an id that nobody can guess and that is never given out
 * again. The host's undo does not touch them.
 */
@Repository
public class Guests {

    private static final int ID = 16;

    private final ClassMapper mapper;

    Guests(ClassMapper mapper) {
        this.mapper = mapper;
    }

    /** An id that nobody has or had; nothing about the person is in it. */
    public static String freshId() {
        return "g-"
                + Secret.fresh()
                        .replaceAll("[^A-Za-z0-9]", "")
                        .toLowerCase(Locale.ROOT)
                        .substring(0, ID);
    }

    /** All of a class, in the order in which they came. */
    public List<Attendee> of(long id) {
        return mapper.guests(id).stream()
                .map(row -> ClassFile.readAttendee(row.document()))
                .toList();
    }

    /** Until this transaction is over, nobody else signs up for this class or changes who takes part. */
    public void lock(long id) {
        mapper.lock(id);
    }

    /** The guest that a press signed up, if it came before. */
    public Optional<Placed> of(String client) {
        return mapper.guestOf(client)
                .map(row -> new Placed(ClassFile.readAttendee(row.document()), row.waitingSince() != null));
    }

    /** How many have a place. */
    public int placed(long id) {
        return mapper.countPlaced(id);
    }

    /** Those who have no place yet, the longest first. */
    public List<Waiting> waiting(long id) {
        return mapper.waiting(id).stream()
                .map(row -> new Waiting(ClassFile.readAttendee(row.document()), row.waitingSince()))
                .toList();
    }

    /** Somebody who signed up, and whether they wait for a place. */
    public record Placed(Attendee attendee, boolean waits) {}

    /** Somebody who waits for a place, and since when, in universal time. */
    public record Waiting(Attendee attendee, LocalDateTime since) {}

    /** Adds those of a class that is new. */
    void addAll(long id, List<Attendee> attendees) {
        attendees.forEach(attendee -> mapper.addGuest(id, row(id, attendee), null, null));
    }

    /** Adds somebody; the name of the press lets it count once. */
    @Transactional
    public void add(long id, Attendee attendee, @Nullable String client) {
        mapper.addGuest(id, row(id, attendee), client, null);
        mapper.countGuests(id);
    }

    /** Puts somebody behind those who wait for a place. */
    @Transactional
    public void addWaiting(long id, Attendee attendee, String client, LocalDateTime since) {
        mapper.addGuest(id, row(id, attendee), client, since);
    }

    /** Gives somebody who waits a place; false where they do not wait any more. */
    @Transactional
    public boolean takeIn(long id, String guest) {
        boolean taken = mapper.takeIn(id, guest) > 0;
        if (taken) {
            mapper.countGuests(id);
        }
        return taken;
    }

    /** What is known of somebody now. */
    @Transactional
    public void put(long id, Attendee attendee) {
        mapper.putGuest(id, row(id, attendee));
        mapper.countGuests(id);
    }

    /**
     * Adds those of a file that is put in the place of a class. Only who has the same id and the same name is the same
     * person, and what they cannot have is never made less by a file; nobody who is here is removed.
     *
     * @return what became of them, in words, where anything did
     */
    @Transactional
    public List<String> join(long id, List<Attendee> others) {
        lock(id);
        List<Attendee> here = of(id);
        int added = 0;
        for (Attendee other : others) {
            Optional<Attendee> same = here.stream()
                    .filter(own -> own.id().equals(other.id()) && own.name().equals(other.name()))
                    .findFirst();
            if (same.isEmpty()) {
                mapper.addGuest(id, row(id, other.named(freshId())), null, null);
                added++;
            } else {
                mapper.putGuest(id, row(id, same.get().alsoAvoiding(other)));
            }
        }
        mapper.countGuests(id);
        long stay = here.stream()
                .filter(own -> others.stream()
                        .noneMatch(other ->
                                other.id().equals(own.id()) && other.name().equals(own.name())))
                .count();
        List<String> said = new ArrayList<>();
        if (added > 0) {
            said.add("Added from the file: %d people.".formatted(added));
        }
        if (stay > 0) {
            said.add("Here but not in the file: %d. Remove them under People if they aren't coming.".formatted(stay));
        }
        return said;
    }

    /**
     * Leaves an ingredient out of a dish for somebody, as {@code dish/item}, or puts it back; nothing happens where
     * there is no such guest.
     */
    @Transactional
    public void leaveOut(long id, String guest, String what, boolean out) {
        lock(id);
        of(id).stream().filter(own -> own.id().equals(guest)).findFirst().ifPresent(own -> {
            Stream<String> rest = own.without().stream().filter(other -> !other.equals(what));
            List<String> without =
                    Stream.concat(rest, out ? Stream.of(what) : Stream.empty()).toList();
            put(id, own.withWithout(without));
        });
    }

    /** Gives somebody a variant of a dish; empty text: the one that suits them. */
    @Transactional
    public void give(long id, String guest, String dish, String variant) {
        lock(id);
        of(id).stream().filter(own -> own.id().equals(guest)).findFirst().ifPresent(own -> {
            Stream<String> rest = own.variants().stream().filter(other -> !other.startsWith(dish + "/"));
            Stream<String> given = variant.isEmpty() ? Stream.empty() : Stream.of(dish + "/" + variant);
            put(id, own.withVariants(Stream.concat(rest, given).toList()));
        });
    }

    /** What is packed for whom, for fewer kinds of kit; nothing else about anybody changes. */
    @Transactional
    public void serve(long id, List<Attendee> served) {
        lock(id);
        of(id).forEach(own -> served.stream()
                .filter(other -> other.id().equals(own.id()) && !other.served().equals(own.served()))
                .findFirst()
                .ifPresent(other -> mapper.putGuest(id, row(id, own.served(other.served())))));
        mapper.countGuests(id);
    }

    /** Takes somebody out, and with them all that hangs on their row. */
    @Transactional
    public void drop(long id, String attendee) {
        mapper.dropGuest(id, attendee);
        mapper.countGuests(id);
    }

    /** Counts a class again after somebody was put back. */
    public void count(long id) {
        mapper.countGuests(id);
    }

    private static GuestRow row(long id, Attendee attendee) {
        return new GuestRow(id, attendee.id(), 0, 1, Json.line(ClassFile.attendee(attendee)));
    }
}
