package hopsel.web.guest;

import hopsel.web.frame.Secret;
import hopsel.web.guest.SignupMapper.MadeRow;

import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;

/** What was printed for whom, with a digest of what stood in it: a later change shows what has to be printed again. */
@Repository
public class MadeStore {

    private final SignupMapper mapper;
    private final Clock clock;

    MadeStore(SignupMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** What can be out of date. */
    public enum Printed {
        LABEL,
        HANDOUT,
        LIST
    }

    /** Writes down that something was printed. */
    public void made(long id, String attendee, Printed kind, Object content, String who) {
        mapper.putMade(
                id,
                new MadeRow(
                        attendee,
                        kind.name(),
                        Secret.digest(content.toString()),
                        who,
                        LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)));
    }

    /**
     * Ids of attendees for whom something else was printed than would be now.
     *
     * @param now what would be printed now, by attendee; whoever is missing gets nothing any more. Asked only where
     *     something was printed
     */
    public List<String> stale(long id, Printed kind, Supplier<? extends Map<String, ?>> now) {
        Map<String, String> before = new TreeMap<>();
        mapper.made(id).stream()
                .filter(row -> row.kind().equals(kind.name()))
                .forEach(row -> before.put(row.attendeeId(), row.digest()));
        if (before.isEmpty()) {
            return List.of();
        }
        Map<String, ?> current = now.get();
        return before.keySet().stream()
                .filter(current::containsKey)
                .filter(who -> !Secret.digest(String.valueOf(current.get(who))).equals(before.get(who)))
                .toList();
    }
}
