package hopsel.web.kit;

import hopsel.core.classes.FreshClass;
import hopsel.core.classes.Provision;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.Packer;
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
import java.util.stream.Stream;

/** How far the packing of a class has come, and what happens next. */
@Component
class PackingDesk {

    private final PackingStore store;
    private final LabelsRead labels;
    private final Catalogue builtIn;
    private final Clock clock;
    /** What follows from a class as it is worked out now; forgotten with it. */
    private final Map<PlannedClass, Packing> packings = Bounded.byIdentity();

    private final Map<PlannedClass, List<Way>> ways = Bounded.byIdentity();

    /**
     * A way to pack.
     *
     * @param word of it
     * @param here whether the class is packed so
     */
    public record Way(String word, boolean here, Packing packing) {}

    PackingDesk(PackingStore store, LabelsRead labels, Catalogue builtIn, Clock clock) {
        this.store = store;
        this.labels = labels;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    Packing packing(PlannedClass planned) {
        return packings.computeIfAbsent(
                planned,
                own -> packing(own, own.sold(), own.cooking().provision().mixed()));
    }

    /** The ways side by side: each bag by itself, mixed, packs as they are sold, and both. */
    List<Way> ways(PlannedClass planned) {
        return ways.computeIfAbsent(planned, own -> {
            Provision provision = own.cooking().provision();
            AsSold sold = provision.asSoldPercent().isPresent()
                    ? own.sold()
                    : AsSold.of(own.cooking(), builtIn, own.kits(), own.shopping(), FreshClass.DEARER);
            return Stream.of("apart", "mixed", "sold", "both")
                    .map(word -> {
                        boolean mixed = word.equals("mixed") || word.equals("both");
                        boolean whole = word.equals("sold") || word.equals("both");
                        boolean here = mixed == provision.mixed()
                                && whole == provision.asSoldPercent().isPresent();
                        return new Way(word, here, packing(own, whole ? sold : AsSold.NONE, mixed));
                    })
                    .toList();
        });
    }

    private Packing packing(PlannedClass planned, AsSold sold, boolean mixed) {
        return Packing.of(planned.cooking(), builtIn, planned.kits(), planned.shopping(), sold, mixed);
    }

    PackingRun run(long id, PlannedClass planned) {
        Packing packing = packing(planned);
        return PackingRun.after(packing, packing.catalogue(), events(id));
    }

    /** Who packs what. */
    List<Packer> packers(long id) {
        return Packer.of(store.of(id).stream()
                .map(entry -> new Packer.Done(entry.who(), entry.event()))
                .toList());
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
