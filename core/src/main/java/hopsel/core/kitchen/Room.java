package hopsel.core.kitchen;

import hopsel.core.Copyable;

import java.util.List;
import java.util.Optional;

/**
 * What is known of the room beside its ovens, rings and appliances.
 *
 * @param learners how attendees cook along
 * @param counter the host's bench; empty: nobody has measured it
 * @param tools tools and vessels that are there; empty: nobody has counted them
 * @param cameras what films the counter, such as {@code overhead}; empty: nobody films
 */
@Copyable
public record Room(Learners learners, Optional<CounterTop> counter, List<Tool> tools, List<String> cameras)
        implements RoomBuilder.With {

    /** Nothing is known. */
    public static final Room UNKNOWN = new Room(Learners.NONE, Optional.empty(), List.of(), List.of());

    /** Keeps its own copies. */
    public Room {
        tools = List.copyOf(tools);
        cameras = List.copyOf(cameras);
    }
}
