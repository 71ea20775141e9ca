package hopsel.web.tick;

import hopsel.web.tick.TickMapper.TickRow;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What was ticked off. A tick says what it wants, done or not, so that two people who press the same thing agree, and
 * the same press that arrives twice counts once.
 */
@Repository
public class TickStore {

    private static final int LONGEST_KEY = 400;

    private final TickMapper mapper;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    TickStore(TickMapper mapper, ApplicationEventPublisher events, Clock clock) {
        this.mapper = mapper;
        this.events = events;
        this.clock = clock;
    }

    /** How a list stands, by key. */
    public Map<String, Tick> now(long id, String list) {
        Map<String, Tick> ticks = new LinkedHashMap<>();
        mapper.now(id, list)
                .forEach(row -> ticks.put(
                        row.itemKey(), new Tick(row.done(), row.who(), row.at().toInstant(ZoneOffset.UTC))));
        return ticks;
    }

    /**
     * Ticks something, or takes the tick away.
     *
     * @param client a name for this press that no other has
     */
    public void press(long id, String list, String key, boolean done, String who, String client) {
        if (!key.isEmpty() && key.length() <= LONGEST_KEY) {
            mapper.add(
                    id,
                    list,
                    new TickRow(key, done, who, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)),
                    client);
            events.publishEvent(new Ticked(id, list, key, done));
        }
    }

    /** Something was just ticked, or its tick taken away. */
    public record Ticked(long classId, String list, String key, boolean done) {}

    /** Whether something is done, who said so last, and when. */
    public record Tick(boolean done, String who, Instant at) {}
}
