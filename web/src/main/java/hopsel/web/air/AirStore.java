package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirEvent.Kind;
import hopsel.web.air.AirMapper.EventRow;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.function.Predicate;

/** The run of a class: events that are only ever added to; what arrives twice counts once. */
@Repository
class AirStore {

    private static final int TRIES = 30;
    private static final Duration LONGEST_AGO = Duration.ofHours(6);

    private final AirMapper mapper;
    private final Clock clock;

    AirStore(AirMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    List<AirEvent> events(long id) {
        return mapper.events(id).stream().map(AirStore::event).toList();
    }

    private static AirEvent event(EventRow row) {
        return new AirEvent(row.seq(), Kind.valueOf(row.kind()), row.activity(), row.at().toInstant(ZoneOffset.UTC), row.seconds(), row.text());
    }

    List<Long> classes() {
        return mapper.classes();
    }

    long last(long id) {
        return mapper.last(id);
    }

    /**
     * Adds what was pressed, unless it is there already or would change nothing.
     *
     * @param ago     milliseconds since it was pressed: what was pressed out of touch counts for when it was pressed
     * @param changes whether it still says something new after these events
     */
    void add(long id, Kind kind, String activity, int seconds, String text, long ago, String who, String client, Predicate<List<AirEvent>> changes) {
        Instant at = clock.instant().minus(Duration.ofMillis(Math.max(0, Math.min(ago, LONGEST_AGO.toMillis()))));
        for (int i = 0; i < TRIES; i++) {
            List<EventRow> rows = mapper.events(id);
            if (rows.stream().anyMatch(row -> row.client().equals(client)) || !changes.test(rows.stream().map(AirStore::event).toList())) {
                return;
            }
            try {
                mapper.add(id, new EventRow(rows.isEmpty() ? 1 : rows.get(rows.size() - 1).seq() + 1, kind.name(), activity, LocalDateTime.ofInstant(at, ZoneOffset.UTC), seconds, text, who, client));
                return;
            } catch (DuplicateKeyException e) {
                // Another screen was quicker: look again whether it still says something new.
                continue;
            }
        }
        throw new IllegalStateException("Class %d was pressed by so many at once that nothing could be written down.".formatted(id));
    }
}
