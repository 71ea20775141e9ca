package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.Happened;
import hopsel.core.air.Merging;
import hopsel.formats.eventfile.EventFile;
import hopsel.web.air.AirMapper.EveningRow;
import hopsel.web.air.AirMapper.EventRow;
import hopsel.web.frame.Again;

import org.springframework.stereotype.Repository;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;

/** The runs of classes: events that are only ever added to; what arrives twice counts once. */
@Repository
class AirStore {

    private static final int TRIES = 30;

    private final AirMapper mapper;

    AirStore(AirMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * A run of a class.
     *
     * @param id of the class
     * @param number 0: the evening itself; above: a rehearsal
     */
    record Run(long id, long number) {

        /** The evening itself. */
        static Run evening(long id) {
            return new Run(id, 0);
        }

        boolean isRehearsal() {
            return number > 0;
        }
    }

    /**
     * Something that is pressed.
     *
     * @param who pressed it
     * @param client tells it from every other press
     */
    record Pressed(Happened what, String who, String client) {}

    List<AirEvent> events(Run run) {
        return mapper.events(run.id, run.number).stream().map(AirStore::event).toList();
    }

    private static AirEvent event(EventRow row) {
        return new AirEvent(row.seq(), row.at().toInstant(ZoneOffset.UTC), EventFile.read(row.event()));
    }

    /** Classes that were on air, the last first. */
    List<EveningRow> evenings() {
        return mapper.evenings();
    }

    long last(Run run) {
        return mapper.last(run.id, run.number);
    }

    /**
     * Adds what was pressed, unless it is there already or does not count.
     *
     * @param at when, by the clock of the run: what was pressed out of touch counts for when it was pressed
     */
    void add(Run run, Pressed press, Instant at) {
        AirEvent event = AirEvent.unwritten(at, press.what);
        String given = "Class %d was pressed by so many at once that nothing could be written down.".formatted(run.id);
        // Another screen may be quicker: it is looked again whether it still says something new.
        Again.whileTaken(TRIES, given, () -> write(run, press, event));
    }

    private boolean write(Run run, Pressed press, AirEvent event) {
        List<EventRow> rows = mapper.events(run.id, run.number);
        boolean there = rows.stream().anyMatch(row -> row.client().equals(press.client));
        if (there || !Merging.counts(event, rows.stream().map(AirStore::event).toList())) {
            return false;
        }
        long next = rows.isEmpty() ? 1 : rows.get(rows.size() - 1).seq() + 1;
        LocalDateTime at = LocalDateTime.ofInstant(event.at(), ZoneOffset.UTC);
        mapper.add(run.id, run.number, new EventRow(next, EventFile.write(press.what), at, press.who, press.client));
        return true;
    }
}
