package hopsel.web.guest;

import hopsel.core.guest.Attendee;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;
import hopsel.web.classes.Guests;
import hopsel.web.house.HouseStore;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/**
 * Takes a person out of a class with everything that is known of them: each time in one transaction, out of every
 * table. For as many days as the house says it is undone as a whole; meanwhile what was known of them is sealed. What
 * was packed stays as packed, for nobody, so that a pack can be traced.
 */
@Repository
public class Removal {

    private final RemovedMapper mapper;
    private final GuestRows rows;
    private final List<KeptOfGuest> places;
    private final Guests guests;
    private final GuestStore looks;
    private final HouseStore house;
    private final Seal seal;
    private final Clock clock;

    Removal(
            RemovedMapper mapper,
            GuestRows rows,
            List<KeptOfGuest> places,
            Guests guests,
            GuestStore looks,
            HouseStore house,
            Seal seal,
            Clock clock) {
        this.mapper = mapper;
        this.rows = rows;
        this.places = places;
        this.guests = guests;
        this.looks = looks;
        this.house = house;
        this.seal = seal;
        this.clock = clock;
    }

    /** Somebody who was removed, and until when they can be put back, in universal time. */
    public record Removed(long id, String name, LocalDateTime until) {}

    /** Takes somebody out; they can be put back for as long as the house says. */
    @Transactional
    public void remove(long id, String attendee, String who) {
        // First of all, for whoever reads before the lock goes on seeing what was there then.
        JsonNode known = take(id, attendee);
        int days = house.now().undoDays();
        if (known.path("rows").path("guest").isEmpty()) {
            // Somebody else pressed it at the same moment.
            return;
        }
        if (days > 0) {
            byte[] closed = seal.close(Json.line(known).getBytes(StandardCharsets.UTF_8));
            mapper.add(id, new RemovedMapper.Row(0, closed, who, now().plusDays(days)));
        }
        looks.look(id, who, "removed one attendee");
    }

    /** Takes somebody out for good. */
    @Transactional
    public void erase(long id, String attendee, String who) {
        take(id, attendee);
        looks.look(id, who, "erased one attendee");
    }

    private ObjectNode take(long id, String attendee) {
        guests.lock(id);
        ObjectNode known = Json.object().put("guest", attendee);
        known.set("rows", rows.of(id, attendee));
        ObjectNode beside = known.putObject("beside");
        places.forEach(place -> beside.set(place.place(), place.take(id, attendee)));
        guests.drop(id, attendee);
        return known;
    }

    /** Who can be put back, the last first. */
    public List<Removed> removed(long id) {
        return mapper.of(id, now()).stream()
                .flatMap(row ->
                        opened(row)
                                .map(known ->
                                        new Removed(row.id(), attendee(known).name(), row.until()))
                                .stream())
                .toList();
    }

    /**
     * Puts somebody back, with all that was known of them.
     *
     * @return who is back; empty: they are back already, or erased
     */
    @Transactional
    public Optional<Attendee> putBack(long id, long removed, String who) {
        guests.lock(id);
        Optional<JsonNode> all = mapper.one(id, removed, now()).flatMap(this::opened);
        all.ifPresent(known -> {
            String attendee = known.path("guest").asString("");
            rows.put(known.path("rows"));
            places.forEach(
                    place -> place.putBack(id, attendee, known.path("beside").path(place.place())));
            guests.count(id);
            mapper.drop(id, removed);
            looks.look(id, who, "put one attendee back");
        });
        return all.map(Removal::attendee);
    }

    /** From now on nobody can put them back. */
    @Transactional
    public void eraseForGood(long id, long removed, String who) {
        if (mapper.drop(id, removed) > 0) {
            looks.look(id, who, "erased one attendee");
        }
    }

    /** As {@link #eraseForGood}, for all who were removed from a class. */
    void eraseForGood(long id) {
        mapper.dropAll(id);
    }

    /** Nobody can put back those whose time is over. */
    void forget() {
        mapper.dropOver(now());
    }

    private Optional<JsonNode> opened(RemovedMapper.Row row) {
        return seal.open(row.sealed()).map(Json::read);
    }

    private static Attendee attendee(JsonNode known) {
        JsonNode own = known.path("rows").path("guest").path(0);
        return ClassFile.readAttendee(own.path("document").asString(""));
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
