package hopsel.core.air;

import hopsel.core.Known;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.Happened.Done;
import hopsel.core.air.Happened.Door;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.Looked;
import hopsel.core.air.Happened.OvenSet;
import hopsel.core.air.Happened.Start;
import hopsel.core.classes.CookingClass;
import hopsel.core.device.Oven;
import hopsel.core.device.Oven.Change;
import hopsel.core.device.Probe;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.Resource;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Placement;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Simulated ovens and probes of a class on air, as its events left them: setting, doors, what went in and came out. */
public final class Ovens {

    /** Seconds that a door stands open while something goes in or comes out, and while somebody looks. */
    private static final int IN_OR_OUT = 10;

    private static final int LOOK = 5;
    /** Seconds later at which nobody would see a difference. */
    private static final int HARDLY = 30;
    /** Times as long as in a hot oven, after which something is looked at anyway. */
    private static final int MOST_TIMES = 3;

    private Ovens() {}

    /** The ovens of a kitchen. */
    public static List<Resource> of(CookingClass cooking) {
        return cooking.resources().stream()
                .filter(resource -> PlaceKind.of(resource.kind())
                        .filter(PlaceKind.OVEN::equals)
                        .isPresent())
                .toList();
    }

    /** Every oven that was set, by its id; on the clock of the class. */
    public static Map<String, Oven> of(AirState state) {
        return of(state.order(), state.events());
    }

    static Map<String, Oven> of(RunningOrder order, List<AirEvent> events) {
        Map<String, Oven> ovens = new LinkedHashMap<>();
        Instant begun = AirState.begun(events).orElse(null);
        if (begun == null || events.stream().noneMatch(event -> event.is(OvenSet.class))) {
            return ovens;
        }
        for (Resource resource : of(order.cooking)) {
            List<Change> changes = new ArrayList<>();
            boolean slow = false;
            for (AirEvent event : events) {
                int at = (int) Duration.between(begun, event.at()).toSeconds();
                if (event.what() instanceof OvenSet set && set.oven().equals(resource.id())) {
                    slow = set.slow();
                    changes.add(Change.set(at, set.celsius()));
                } else if (event.what() instanceof Door door && door.oven().equals(resource.id())) {
                    changes.add(Change.door(at, door.seconds()));
                } else if (opens(event.what()) && stands(order, event.activity(), resource.id())) {
                    changes.add(Change.door(at, event.is(Looked.class) ? LOOK : IN_OR_OUT));
                }
            }
            if (changes.stream().anyMatch(change -> change.celsius() >= 0)) {
                ovens.put(
                        resource.id(),
                        new Oven(
                                resource.heatPerMinute().doubleValue(),
                                resource.coolPerMinute().doubleValue(),
                                slow,
                                changes));
            }
        }
        return ovens;
    }

    private static boolean opens(Happened what) {
        return what instanceof Start || what instanceof Done || what instanceof Failed || what instanceof Looked;
    }

    private static boolean stands(RunningOrder order, String key, String oven) {
        int i = order.number(key);
        return i >= 0
                && order.activity(i).placements().stream()
                        .anyMatch(place -> place.resource().equals(oven));
    }

    /**
     * A probe in what stands in a simulated oven.
     *
     * @param needs seconds in which it is done in an oven as hot as it should be
     */
    public static Optional<Probe> probe(Map<String, Oven> ovens, Standing standing, int needs) {
        return probe(ovens, standing.activity(), standing.start(), needs);
    }

    private static Optional<Probe> probe(Map<String, Oven> ovens, Activity activity, int start, int needs) {
        return activity.placements().stream()
                .filter(place ->
                        ovens.containsKey(place.resource()) && place.celsius().isPresent())
                .findFirst()
                .map(place -> new Probe(
                        Known.in(ovens, place.resource()),
                        start,
                        Math.max(1, needs),
                        place.celsius().get().intValue()));
    }

    /**
     * Seconds that something takes longer in an oven that is not as hot as it should be; 0: it is hot enough, or nobody
     * knows how hot it is.
     *
     * @param needs seconds that it takes in an oven as hot as it should be
     */
    static int longer(Map<String, Oven> ovens, Activity activity, int start, int needs) {
        return probe(ovens, activity, start, needs)
                .map(probe -> probe.doneAt(start + MOST_TIMES * needs) - start - needs)
                .filter(more -> more > HARDLY)
                .orElse(0);
    }

    /**
     * Seconds that something takes longer where it turns out that its oven was cold when it went in; 0: it is not in an
     * oven.
     *
     * @param needs seconds that it takes in an oven as hot as it should be
     */
    public static int ifCold(CookingClass cooking, Activity activity, int needs) {
        return activity.placements().stream()
                .filter(place -> place.celsius().isPresent())
                .flatMap(place -> of(cooking).stream()
                        .filter(oven -> oven.id().equals(place.resource()))
                        .map(oven -> longer(Map.of(oven.id(), heatingUp(oven, place)), activity, 0, needs)))
                .findFirst()
                .orElse(0);
    }

    private static Oven heatingUp(Resource oven, Placement place) {
        int celsius = place.celsius().orElseThrow().intValue();
        return new Oven(
                oven.heatPerMinute().doubleValue(),
                oven.coolPerMinute().doubleValue(),
                false,
                List.of(Change.set(0, celsius)));
    }

    /** Where something bakes, and how hot that should be. */
    static Optional<Placement> place(Standing standing) {
        return standing.activity().placements().stream()
                .filter(place -> place.celsius().isPresent())
                .findFirst();
    }
}
