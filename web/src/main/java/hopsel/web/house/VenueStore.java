package hopsel.web.house;

import hopsel.core.house.Venue;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.classfile.KitchenFile;
import hopsel.web.house.VenueMapper.NewRow;
import hopsel.web.house.VenueMapper.Row;

import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/** The kitchens of the house, and which class is held in which. Templates call it {@code @venues}. */
@Component("venues")
public class VenueStore {

    private final VenueMapper mapper;
    private final Clock clock;

    VenueStore(VenueMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A kitchen with its number. */
    public record Stored(long id, Venue venue) {}

    /** All kitchens, by name. */
    public List<Stored> all() {
        return mapper.all().stream().map(VenueStore::stored).toList();
    }

    /** One kitchen, if it is there. */
    public Optional<Stored> find(long id) {
        return mapper.find(id).map(VenueStore::stored);
    }

    /** The kitchen in which a class is held, if somebody has said it. */
    public Optional<Stored> of(long classId) {
        return mapper.ofClass(classId).flatMap(this::find);
    }

    /** Numbers of the classes that are held in a kitchen. */
    public List<Long> classes(long id) {
        return mapper.classes(id);
    }

    /** Keeps a new kitchen; its number. */
    public long add(Venue venue, String who) {
        NewRow row = new NewRow(row(0, venue));
        mapper.add(row, at(), who);
        return row.getId();
    }

    /** Changes a kitchen; whether it is still there. */
    public boolean change(long id, Venue venue, String who) {
        return mapper.change(row(id, venue), at(), who) > 0;
    }

    /** Forgets a kitchen; classes that were held there keep theirs. */
    public void remove(long id) {
        mapper.remove(id);
    }

    /** Says where a class is held. */
    public void assign(long classId, long id) {
        mapper.assign(classId, id);
    }

    private static Row row(long id, Venue venue) {
        return new Row(id, venue.name(), venue.address(), venue.zone().getId(), KitchenFile.write(venue.kitchen()));
    }

    private static Stored stored(Row row) {
        try {
            return new Stored(
                    row.id(),
                    new Venue(row.name(), row.address(), ZoneId.of(row.zone()), KitchenFile.read(row.document())));
        } catch (FaultyFileException e) {
            throw new IllegalStateException("Kitchen %d cannot be read.".formatted(row.id()), e);
        }
    }

    private LocalDateTime at() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
