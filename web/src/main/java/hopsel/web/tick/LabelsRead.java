package hopsel.web.tick;

import org.springframework.stereotype.Component;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** Whose labels somebody read for a class: ticked off on the list, or read at a weighing station. */
@Component
public class LabelsRead {

    /** The list of ticks for labels that were read; its keys are items. */
    public static final String LIST = "labels";

    private final TickStore ticks;
    private final TickMapper mapper;

    LabelsRead(TickStore ticks, TickMapper mapper) {
        this.ticks = ticks;
        this.mapper = mapper;
    }

    /** Ids of items. */
    public Set<String> of(long id) {
        Set<String> read = new HashSet<>(mapper.labelsReadAtStations(id));
        ticks.now(id, LIST).entrySet().stream()
                .filter(tick -> tick.getValue().done())
                .map(Map.Entry::getKey)
                .forEach(read::add);
        return read;
    }
}
