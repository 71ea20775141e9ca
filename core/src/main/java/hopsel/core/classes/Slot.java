package hopsel.core.classes;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * When a class is held.
 *
 * @param startsAt when it goes on air, on the wall clock of {@code zone}
 * @param zone where it is held
 * @param airMinutes how long it may last, above 0
 */
@Copyable
public record Slot(LocalDateTime startsAt, ZoneId zone, Minutes airMinutes) implements SlotBuilder.With {

    /** The moment of going on air. */
    public ZonedDateTime onAir() {
        return startsAt.atZone(zone);
    }
}
