package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.SimulatedKitchen;
import hopsel.core.practice.SimulatedKitchen.Press;
import hopsel.web.air.AirRuns.Rehearsal;
import hopsel.web.air.AirStore.Pressed;
import hopsel.web.air.AirStore.Run;
import hopsel.web.frame.Bounded;

import org.springframework.stereotype.Component;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * The simulated kitchens of rehearsals. Each is moved on whenever somebody looks, up to where its clock is: it needs no
 * thread of its own, and none of it is lost when the server stops.
 */
@Component
class Kitchens {

    /** Seconds on the clock of the rehearsal between two looks of those who are simulated. */
    private static final int LOOK = 10;

    /** Looks at most before somebody gets an answer: an hour of its own time. */
    private static final int MOST_LOOKS = 360;

    private static final String WHO = "the simulated kitchen";

    private final AirStore store;
    private final Map<Run, Kept> kept = Bounded.map();

    Kitchens(AirStore store) {
        this.store = store;
    }

    private record Kept(PlannedClass planned, long seed, SimulatedKitchen kitchen, Instant upTo) {}

    /** The kitchen of a rehearsal. */
    SimulatedKitchen kitchen(Run run, PlannedClass planned, Rehearsal rehearsal) {
        return kept.compute(
                        run,
                        (key, known) -> known != null && known.planned == planned && known.seed == rehearsal.seed()
                                ? known
                                : new Kept(
                                        planned,
                                        rehearsal.seed(),
                                        new SimulatedKitchen(planned.cooking(), planned.plan(), rehearsal.seed()),
                                        Instant.MIN))
                .kitchen;
    }

    /** Moves a rehearsal on to a moment of its own clock. */
    void catchUp(Run run, PlannedClass planned, Rehearsal rehearsal, Instant now) {
        SimulatedKitchen kitchen = kitchen(run, planned, rehearsal);
        kept.computeIfPresent(run, (key, known) -> {
            Instant at = known.upTo.equals(Instant.MIN) ? last(run, rehearsal) : known.upTo;
            for (int i = 0; i < MOST_LOOKS && at.isBefore(now); i++) {
                Instant next = at.plusSeconds(LOOK);
                if (next.isAfter(now)) {
                    break;
                }
                at = next;
                turn(run, kitchen, rehearsal, at);
            }
            return new Kept(known.planned, known.seed, known.kitchen, at);
        });
    }

    /** Its own time up to which a rehearsal was moved on, and with it somebody saw it. */
    Instant seen(Run run, Rehearsal rehearsal) {
        Kept known = kept.get(run);
        return known == null || known.upTo.equals(Instant.MIN) ? last(run, rehearsal) : known.upTo;
    }

    private Instant last(Run run, Rehearsal rehearsal) {
        List<AirEvent> events = store.events(run);
        return events.isEmpty()
                ? rehearsal.pace().start()
                : events.get(events.size() - 1).at();
    }

    private void turn(Run run, SimulatedKitchen kitchen, Rehearsal rehearsal, Instant at) {
        List<AirEvent> events = store.events(run);
        AirState state = kitchen.order().at(events, at);
        Instant begun = state.onAir().orElse(at);
        for (Press press : kitchen.turn(state, rehearsal.simulated())) {
            // What comes once has a name that it has at every look, so that it is written down once.
            String client = press.once().map(once -> named(run, once)).orElseGet(() -> UUID.randomUUID()
                    .toString());
            store.add(run, new Pressed(press.what(), WHO, client), begun.plusSeconds(press.at()));
        }
    }

    private static String named(Run run, String once) {
        return UUID.nameUUIDFromBytes(
                        "%d %d %s".formatted(run.id(), run.number(), once).getBytes(StandardCharsets.UTF_8))
                .toString();
    }
}
