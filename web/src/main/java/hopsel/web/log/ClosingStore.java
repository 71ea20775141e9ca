package hopsel.web.log;

import hopsel.core.log.LeftOver;
import hopsel.core.log.LeftOver.Went;
import hopsel.web.log.ClosingMapper.ClosedRow;
import hopsel.web.log.ClosingMapper.LeftRow;
import hopsel.web.log.ClosingMapper.ServedRow;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How classes were closed. */
@Repository
class ClosingStore {

    private final ClosingMapper mapper;
    private final Clock clock;

    ClosingStore(ClosingMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** When a class was closed, and by whom. */
    public record Closed(String who, LocalDateTime at) {}

    Optional<Closed> closed(long id) {
        return mapper.closed(id).map(row -> new Closed(row.closedBy(), row.closedAt()));
    }

    /** Ids of the dishes that each attendee was served, by theirs. */
    Map<String, Set<String>> served(long id) {
        Map<String, Set<String>> served = new HashMap<>();
        mapper.served(id).forEach(row -> served.computeIfAbsent(row.attendeeId(), any -> new HashSet<>())
                .add(row.dishId()));
        return served;
    }

    List<LeftOver> left(long id) {
        return mapper.left(id).stream()
                .map(row -> new LeftOver(
                        row.dishId(), row.portions(), Went.valueOf(row.went()), Optional.ofNullable(row.useBy())))
                .toList();
    }

    /** Closes a class, in the place of how it was closed before. */
    @Transactional
    void close(long id, Map<String, ? extends Collection<String>> served, List<LeftOver> left, String who) {
        mapper.close(id, new ClosedRow(who, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)));
        mapper.unserve(id);
        served.forEach((attendee, dishes) -> dishes.forEach(dish -> mapper.serve(id, new ServedRow(attendee, dish))));
        mapper.unleave(id);
        left.forEach(one -> mapper.leave(
                id,
                new LeftRow(
                        one.dish(),
                        one.portions(),
                        one.went().name(),
                        one.useBy().orElse(null))));
    }
}
