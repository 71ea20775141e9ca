package hopsel.web.air;

import hopsel.core.advice.Talk;
import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.Fallback;
import hopsel.core.air.Happened.OnAir;
import hopsel.core.air.Happened.Undo;
import hopsel.core.air.RunningOrder;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.handout.Seasoning;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Wishes;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.SimulatedKitchen;
import hopsel.web.air.AirRuns.Rehearsal;
import hopsel.web.air.AirScript.Scene;
import hopsel.web.air.AirStore.Pressed;
import hopsel.web.air.AirStore.Run;
import hopsel.web.air.AirView.Screen;
import hopsel.web.air.AirView.Words;
import hopsel.web.frame.Bounded;
import hopsel.web.frame.Figures;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.SafetyWords;
import hopsel.web.frame.StepWords;
import hopsel.web.handout.HandoutCautions;
import hopsel.web.handout.HandoutPages;
import hopsel.web.plan.PlanDesk;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.MessageSource;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** How classes stand on air, and rehearsals of them. What many screens ask for at once is worked out once. */
@Component
class AirDesk {

    /** Milliseconds for which an answer serves every screen. */
    private static final long FRESH = 400;

    /** Classes that were on air last, and how often each is answered before anybody asks. */
    private static final int WARM = 2;

    private static final int WARM_TIMES = 12;
    private static final Duration LONGEST_AGO = Duration.ofHours(6);

    private final AirStore store;
    private final AirRuns runs;
    private final Kitchens kitchens;
    private final PlanDesk plans;
    private final HandoutCautions cautions;
    private final HandoutPages handoutPages;
    private final Experience experience;
    private final StepWords steps;
    private final MessageSource messages;
    private final SafetyWords safety;
    private final Figures figures;
    private final Catalogue builtIn;
    private final JsonMapper mapper;
    private final Map<Run, Prepared> prepared = Bounded.map();
    private final Map<Run, AirAnswer> answers = Bounded.map();

    AirDesk(
            AirStore store,
            AirRuns runs,
            Kitchens kitchens,
            PlanDesk plans,
            HandoutCautions cautions,
            HandoutPages handoutPages,
            Experience experience,
            StepWords steps,
            MessageSource messages,
            SafetyWords safety,
            Figures figures,
            Catalogue builtIn,
            JsonMapper mapper) {
        this.store = store;
        this.runs = runs;
        this.kitchens = kitchens;
        this.plans = plans;
        this.cautions = cautions;
        this.handoutPages = handoutPages;
        this.experience = experience;
        this.steps = steps;
        this.messages = messages;
        this.safety = safety;
        this.figures = figures;
        this.builtIn = builtIn;
        this.mapper = mapper;
    }

    /** What follows from the plan of a run alone. */
    private record Prepared(
            PlannedClass planned, RunningOrder order, Talk talk, Map<String, Integer> pages, AirScript script) {}

    /**
     * The class as it went on air in this run; where it has not, as it is planned now.
     *
     * @throws NotFoundException where there is no such run
     */
    PlannedClass planned(Run run) {
        PlannedClass now =
                plans.find(run.id()).orElseThrow(NotFoundException::new).whole();
        Optional<PlannedClass> then = runs.planned(run, now.cooking());
        if (run.isRehearsal() && then.isEmpty()) {
            throw new NotFoundException();
        }
        return then.orElse(now);
    }

    private Prepared prepared(Run run, PlannedClass planned) {
        Map<String, Integer> pages = handoutPages.of(run.id());
        return prepared.compute(
                run,
                (key, known) -> known != null && known.planned == planned && known.pages.equals(pages)
                        ? known
                        : prepare(run, planned, pages));
    }

    private Prepared prepare(Run run, PlannedClass planned, Map<String, Integer> pages) {
        RunningOrder order = RunningOrder.of(planned.cooking(), planned.plan(), wishes(run));
        return new Prepared(
                planned, order, Talk.of(planned.cooking(), planned.plan()), pages, script(run, planned, order, pages));
    }

    private AirScript script(Run run, PlannedClass planned, RunningOrder order, Map<String, Integer> pages) {
        List<Scene> scenes =
                new SceneWriter(planned, order.activities(), words(run.id(), planned), pages, figures).scenes();
        return new AirScript(
                Integer.toHexString(mapper.writeValueAsString(scenes).hashCode()), scenes);
    }

    /** What is said of the steps of a run whatever happens, for a screen. */
    AirScript script(Run run, Screen screen) {
        AirScript script = prepared(run, planned(run)).script;
        return screen == Screen.AUDIENCE
                ? new AirScript(
                        script.id(),
                        script.scenes().stream().map(Scene::forAudience).toList())
                : script;
    }

    private Wishes wishes(Run run) {
        return plans.find(run.id()).map(now -> now.stored().wishes()).orElse(Wishes.NONE);
    }

    AirState state(Run run, PlannedClass planned, List<AirEvent> events) {
        return prepared(run, planned).order.at(events, runs.moment(run, Duration.ZERO));
    }

    /** The last that can be known of a run, at the moment by its clock. */
    AirState state(Run run) {
        PlannedClass planned = planned(run);
        return state(run, planned, store.events(run));
    }

    /**
     * The kitchen of a rehearsal, moved on to its moment; of one that was left alone, to where somebody saw it last.
     */
    SimulatedKitchen kitchen(Run run, PlannedClass planned, Rehearsal rehearsal) {
        runs.standIfLeft(run, rehearsal, kitchens.seen(run, rehearsal));
        kitchens.catchUp(run, planned, rehearsal, runs.moment(run, Duration.ZERO));
        return kitchens.kitchen(run, planned, rehearsal);
    }

    /** Number of the last event, once a simulated kitchen has been moved on. */
    long last(Run run) {
        runs.rehearsal(run).ifPresent(rehearsal -> kitchen(run, planned(run), rehearsal));
        return store.last(run);
    }

    /** What changes whenever a screen has to ask again: the last event, and how fast the clock goes. */
    String stamp(Run run) {
        return "%d %d"
                .formatted(
                        last(run),
                        runs.rehearsal(run)
                                .map(rehearsal -> rehearsal.pace().speed())
                                .orElse(1));
    }

    AirAnswer answer(Run run) {
        long seq = last(run);
        long now = runs.moment(Run.evening(run.id()), Duration.ZERO).toEpochMilli();
        int speed =
                runs.rehearsal(run).map(rehearsal -> rehearsal.pace().speed()).orElse(1);
        return answers.compute(
                run,
                (key, before) -> before != null
                                && before.view().seq() == seq
                                && before.view().speed() == speed
                                && now - before.view().asked() < FRESH
                        ? before
                        : new AirAnswer(fresh(run, seq, now), mapper));
    }

    private AirView fresh(Run run, long seq, long asked) {
        PlannedClass planned = planned(run);
        Prepared ready = prepared(run, planned);
        Optional<Rehearsal> rehearsal = runs.rehearsal(run);
        Instant moment = runs.moment(run, Duration.ZERO);
        AirState state = ready.order.at(store.events(run), moment);
        AirViews views = new AirViews(
                planned, state, ready.talk, rehearsal.map(own -> kitchens.kitchen(run, planned, own)), safety);
        List<String> before =
                state.onAir().isEmpty() ? experience.lastTime(planned.cooking(), Optional.of(run.id())) : List.of();
        return views.view(
                seq,
                ready.script.id(),
                asked,
                moment.toEpochMilli(),
                rehearsal.map(own -> own.pace().speed()).orElse(1),
                before);
    }

    private Map<String, Words> words(long id, PlannedClass planned) {
        Map<String, List<String>> care = cautions.ofSteps(id, planned.cooking(), planned.catalogue());
        Map<String, Words> all = new HashMap<>();
        planned.plan().activities().stream()
                .map(Activity::step)
                .distinct()
                .forEach(step -> all.put(
                        step.toString(),
                        new Words(
                                said(
                                        planned.cooking(),
                                        step,
                                        planned.catalogue(),
                                        care.getOrDefault(step.toString(), List.of())),
                                Fallback.of(planned.cooking(), builtIn, planned.plan(), step).stream()
                                        .map(fallback -> said(fallback, planned.catalogue()))
                                        .toList())));
        return all;
    }

    /** What the host said of how a step is done, and what to be careful of. */
    private List<String> said(CookingClass cooking, StepRef ref, Catalogue catalogue, List<String> care) {
        Dish dish = cooking.dish(ref.dish());
        Step step = cooking.step(ref);
        BigDecimal factor = Decimals.ratio(cooking.provision().demoServings(), dish.servings());
        Stream<String> tastes = step.uses().stream()
                .map(use -> dish.line(use.ingredient()))
                .flatMap(line ->
                        Seasoning.of(line, catalogue.get(line.item()).name(), factor, cooking.measures()).stream())
                .map(steps::taste);
        return Stream.of(steps.said(step).stream(), tastes, care.stream())
                .flatMap(Function.identity())
                .toList();
    }

    private String said(Fallback fallback, Catalogue catalogue) {
        boolean items = fallback.kind() == Fallback.StandsIn.INGREDIENT;
        return messages.getMessage(
                "air.rescue." + fallback.kind(),
                new Object[] {
                    items ? catalogue.get(fallback.what()).name() : fallback.what(),
                    items ? catalogue.get(fallback.instead()).name() : fallback.instead(),
                    CookAmount.grams(fallback.ratio().multiply(BigDecimal.TEN))
                },
                Locale.ENGLISH);
    }

    /**
     * Writes down what was pressed; what says nothing new, because somebody else pressed the same, is dropped.
     *
     * @param ago milliseconds since it was pressed: what was pressed out of touch counts for when it was pressed
     */
    void pressed(Run run, Pressed press, long ago) {
        PlannedClass planned = planned(run);
        Instant at = runs.moment(run, Duration.ofMillis(Math.max(0, Math.min(ago, LONGEST_AGO.toMillis()))));
        if (press.what() instanceof OnAir
                && !run.isRehearsal()
                && state(run, planned, store.events(run)).onAir().isEmpty()) {
            runs.begin(run, planned, press.who());
        }
        store.add(run, press, at);
        if (press.what() instanceof Undo
                && !run.isRehearsal()
                && state(run).onAir().isEmpty()) {
            runs.forget(run);
        }
    }

    /** So that the first who presses after a start waits no longer than the others. */
    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        Thread warming = new Thread(this::answerLatest, "air-warm-up");
        warming.setDaemon(true);
        warming.start();
    }

    private void answerLatest() {
        store.evenings().stream()
                .limit(WARM)
                .map(evening -> Run.evening(evening.classId()))
                .forEach(run -> IntStream.range(0, WARM_TIMES).forEach(any -> new AirAnswer(
                                fresh(
                                        run,
                                        last(run),
                                        runs.moment(run, Duration.ZERO).toEpochMilli()),
                                mapper)
                        .part(Screen.HOST)));
    }
}
