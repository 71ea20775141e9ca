package hopsel.web.kit;

import hopsel.core.item.Catalogue;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Event;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.planned.PlannedClass;
import hopsel.web.tick.TickStore;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** How far the packing of a class has come, and what happens next. */
@Component
class PackingDesk {

    /** The list of ticks for labels that were read; its keys are items. */
    static final String LABELS = "labels";

    private final PackingStore store;
    private final TickStore ticks;
    private final Catalogue builtIn;
    private final Clock clock;

    PackingDesk(PackingStore store, TickStore ticks, Catalogue builtIn, Clock clock) {
        this.store = store;
        this.ticks = ticks;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    Packing packing(PlannedClass planned) {
        return Packing.of(planned.cooking(), builtIn, planned.kits(), planned.shopping());
    }

    PackingRun run(long id, PlannedClass planned) {
        return PackingRun.after(packing(planned), planned.catalogue(), store.of(id).stream().map(PackingStore.Entry::event).toList());
    }

    /** Items whose label somebody read for this class, on the list or at a station. */
    Set<String> labelsRead(long id, PackingRun run, PlannedClass planned) {
        Set<String> read = ticked(id);
        planned.catalogue().items().stream().map(item -> item.id()).filter(run::labelRead).forEach(read::add);
        return read;
    }

    private Set<String> ticked(long id) {
        return ticks.now(id, LABELS).entrySet().stream().filter(tick -> tick.getValue().done()).map(Map.Entry::getKey).collect(Collectors.toSet());
    }

    /** Writes down what happened at a station, unless it may not. */
    Optional<Refusal> happened(long id, PlannedClass planned, Event event, String who, String client) {
        Packing packing = packing(planned);
        LocalDate today = LocalDate.ofInstant(clock.instant(), planned.cooking().zone());
        return store.add(id, event, who, client, (List<Event> before) -> PackingRun.after(packing, planned.catalogue(), before).refusal(event, ticked(id), today));
    }
}
