package hopsel.web.kit;

import hopsel.core.kit.AtStation;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.formats.eventfile.StationFile;
import hopsel.web.frame.Again;
import hopsel.web.kit.PackingMapper.EventRow;
import hopsel.web.kit.PackingMapper.LotRow;

import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What happened at the weighing stations: only ever added to. Each line has a number; where two stations add at once,
 * one of them is told that the number is gone, looks again, and asks again whether it may.
 */
@Repository
class PackingStore {

    private static final int TRIES = 20;

    private final PackingMapper mapper;
    private final Clock clock;

    PackingStore(PackingMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Something that happened, who did it, and when, in universal time. */
    record Entry(AtStation event, String who, LocalDateTime at) {}

    List<Entry> of(long id) {
        return mapper.events(id).stream()
                .map(row -> new Entry(StationFile.read(row.event()), row.who(), row.at()))
                .toList();
    }

    /**
     * Writes down what happened, unless it may not.
     *
     * @param client a name for this press that no other has: what arrives twice counts once
     * @param may why it may not happen, after what is there
     */
    Optional<Refusal> add(
            long id, AtStation event, String who, String client, Function<List<AtStation>, Optional<Refusal>> may) {
        String given =
                "Class %d was packed at so many stations at once that nothing could be written down.".formatted(id);
        // Another station may be quicker: it is looked again whether this may still happen.
        return Again.whileTaken(TRIES, given, () -> write(id, event, who, client, may));
    }

    private Optional<Refusal> write(
            long id, AtStation event, String who, String client, Function<List<AtStation>, Optional<Refusal>> may) {
        List<EventRow> rows = mapper.events(id);
        if (rows.stream().anyMatch(row -> row.client().equals(client))) {
            return Optional.empty();
        }
        Optional<Refusal> refusal = may.apply(
                rows.stream().map(row -> StationFile.read(row.event())).toList());
        if (refusal.isEmpty()) {
            mapper.add(
                    id,
                    new EventRow(
                            rows.isEmpty() ? 1 : rows.get(rows.size() - 1).seq() + 1,
                            StationFile.write(event),
                            who,
                            LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC),
                            client));
        }
        return refusal;
    }

    List<LotRow> lots() {
        return mapper.lots();
    }

    List<Long> classesOf(String item, String lot) {
        return mapper.classesOf(item, lot);
    }
}
