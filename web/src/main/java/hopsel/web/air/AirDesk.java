package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirEvent.Kind;
import hopsel.core.air.AirState;
import hopsel.core.air.Fallback;
import hopsel.core.item.Catalogue;
import hopsel.core.plan.Activity;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Remembered;
import hopsel.web.handout.HandoutCautions;
import hopsel.web.plan.PlanDesk;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
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
    private final MessageSource messages;
    private final Catalogue builtIn;
    private final Clock clock;
    private final Remembered<AirState.Layout> layouts = new Remembered<>();
    private final Remembered<Map<String, AirView.Words>> words = new Remembered<>();
    private final Map<Long, AirView> views = new ConcurrentHashMap<>();

    AirDesk(AirStore store, PlanDesk plans, HandoutCautions cautions, MessageSource messages, Catalogue builtIn, Clock clock) {
        this.store = store;
        this.plans = plans;
        this.cautions = cautions;
        this.messages = messages;
        this.builtIn = builtIn;
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
        Map<String, AirView.Words> all = words.of(id, planned, "", () -> words(id, planned));
        return AirView.of(planned, state(id, planned, store.events(id)), all, seq, now);
    }

    private Map<String, AirView.Words> words(long id, PlannedClass planned) {
        Map<String, List<String>> care = cautions.ofSteps(id, planned.cooking(), planned.catalogue());
        Map<String, AirView.Words> all = new HashMap<>();
        planned.plan().activities().stream().map(Activity::step).distinct().forEach(step -> all.put(step.toString(), new AirView.Words(care.getOrDefault(step.toString(), List.of()),
                Fallback.of(planned.cooking(), builtIn, planned.plan(), step).stream().map(fallback -> said(fallback, planned.catalogue())).toList())));
        return all;
    }

    private String said(Fallback fallback, Catalogue catalogue) {
        boolean items = fallback.kind() == Fallback.Kind.INGREDIENT;
        return messages.getMessage("air.rescue." + fallback.kind(), new Object[]{items ? catalogue.get(fallback.what()).name() : fallback.what(), items ? catalogue.get(fallback.instead()).name() : fallback.instead()}, Locale.ENGLISH);
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
