package hopsel.web.kit;

import hopsel.core.item.Catalogue;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.kit.StationTurn;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.Bounded;
import hopsel.web.tick.LabelsRead;

import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How far the packing of a class has come, and what happens next. */
@Component
class PackingDesk {

    private final PackingStore store;
    private final LabelsRead labels;
    private final Catalogue builtIn;
    private final Clock clock;
    /** What follows from a class as it is worked out now; forgotten with it. */
    private final Map<PlannedClass, Packing> together = Bounded.byIdentity();

    private final Map<PlannedClass, Packing> apart = Bounded.byIdentity();

    PackingDesk(PackingStore store, LabelsRead labels, Catalogue builtIn, Clock clock) {
        this.store = store;
        this.labels = labels;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    Packing packing(PlannedClass planned) {
        return packing(planned, planned.cooking().provision().mixed());
    }

    /** As it would be packed with mixed bags, or without, whatever the class says. */
    Packing packing(PlannedClass planned, boolean mixed) {
        return (mixed ? together : apart)
                .computeIfAbsent(planned, own -> Packing.of(own.cooking(), builtIn, own.kits(), own.shopping(), mixed));
    }

    PackingRun run(long id, PlannedClass planned) {
        Packing packing = packing(planned);
        return PackingRun.after(packing, packing.catalogue(), events(id));
    }

    private List<AtStation> events(long id) {
        return store.of(id).stream().map(PackingStore.Entry::event).toList();
    }

    /**
     * Whose turn it is at a station.
     *
     * @param ahead how many portions are taken as weighed already
     */
    StationTurn turn(long id, PlannedClass planned, String station, String chosen, String item, int ahead) {
        Packing packing = packing(planned);
        List<AtStation> before = events(id);
        PackingRun run = PackingRun.after(packing, packing.catalogue(), before);
        StationTurn now = new StationTurn(packing, run, station, chosen, item);
        return ahead == 0
                ? now
                : new StationTurn(
                        packing,
                        PackingRun.after(packing, packing.catalogue(), now.ahead(ahead, before)),
                        station,
                        chosen,
                        item);
    }

    /** Items whose label somebody read for this class, on the list or at a station. */
    Set<String> labelsRead(long id) {
        return labels.of(id);
    }

    /** Writes down what happened at a station, unless it may not. */
    Optional<Refusal> happened(long id, PlannedClass planned, AtStation event, String who, String client) {
        Packing packing = packing(planned);
        Set<String> read = labels.of(id);
        LocalDate today = LocalDate.ofInstant(clock.instant(), planned.cooking().zone());
        return store.add(id, event, who, client, (List<AtStation> before) -> PackingRun.after(
                        packing, packing.catalogue(), before)
                .refusal(event, read, today));
    }
}
