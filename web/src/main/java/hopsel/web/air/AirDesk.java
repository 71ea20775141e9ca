package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirEvent.Kind;
import hopsel.core.air.AirState;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Remembered;
import hopsel.web.handout.HandoutCautions;
import hopsel.web.plan.PlanDesk;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** How classes stand on air. What many screens ask for at once is worked out once. */
@Component
class AirDesk {

    /** Milliseconds for which an answer serves every screen. */
    private static final long FRESH = 400;
    private static final Set<Kind> OF_A_STEP = Set.of(Kind.START, Kind.DONE, Kind.SKIP, Kind.SWAP_IN, Kind.FAILED);

    private final AirStore store;
    private final PlanDesk plans;
    private final HandoutCautions cautions;
    private final Clock clock;
    private final Remembered<AirState.Layout> layouts = new Remembered<>();
    private final Remembered<Map<String, List<String>>> cares = new Remembered<>();
    private final Map<Long, AirView> views = new ConcurrentHashMap<>();

    AirDesk(AirStore store, PlanDesk plans, HandoutCautions cautions, Clock clock) {
        this.store = store;
        this.plans = plans;
        this.cautions = cautions;
        this.clock = clock;
    }

    PlannedClass planned(long id) {
        return plans.find(id).orElseThrow(NotFoundException::new).planned();
    }

    AirState state(long id, PlannedClass planned, List<AirEvent> events) {
        return layouts.of(id, planned, "", () -> AirState.Layout.of(planned.cooking(), planned.plan())).at(events, clock.instant());
    }

    AirView view(long id) {
        long seq = store.last(id);
        long now = clock.millis();
        return views.compute(id, (key, before) -> before != null && before.seq() == seq && now - before.now() < FRESH ? before : fresh(id, seq, now));
    }

    private AirView fresh(long id, long seq, long now) {
        PlannedClass planned = planned(id);
        Map<String, List<String>> care = cares.of(id, planned, "", () -> cautions.ofSteps(id, planned.cooking(), planned.catalogue()));
        return AirView.of(planned, state(id, planned, store.events(id)), care, seq, now);
    }

    /** Writes down what was pressed; what says nothing new, because somebody else pressed the same, is dropped. */
    void pressed(long id, Kind kind, String activity, int seconds, String text, long ago, String who, String client) {
        PlannedClass planned = planned(id);
        store.add(id, kind, activity, seconds, text, ago, who, client, before -> isNew(kind, activity, text, state(id, planned, before)));
    }

    private static boolean isNew(Kind kind, String activity, String text, AirState state) {
        if (kind == Kind.ON_AIR) {
            return state.onAir().isEmpty();
        }
        if (kind == Kind.UNDO) {
            return state.events().stream().anyMatch(event -> String.valueOf(event.number()).equals(text));
        }
        if (kind == Kind.SHOWN && state.isShown(text) || kind == Kind.OVER && state.over()) {
            return false;
        }
        return !OF_A_STEP.contains(kind) || state.events().stream().filter(event -> event.activity().equals(activity) && OF_A_STEP.contains(event.kind())).reduce((one, two) -> two).filter(last -> last.kind() == kind).isEmpty();
    }
}
