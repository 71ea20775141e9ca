package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.RunningOrder;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.item.Item;
import hopsel.core.log.AirLog;
import hopsel.core.log.Observation;
import hopsel.core.log.OvenHabit;
import hopsel.core.planned.PlannedClass;
import hopsel.web.air.AirMapper.EveningRow;
import hopsel.web.air.AirStore.Pressed;
import hopsel.web.air.AirStore.Run;
import hopsel.web.frame.Bounded;
import hopsel.web.plan.PlanDesk;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.Duration;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** What all classes that were on air teach. */
@Component
public class Experience {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private static final Duration A_DAY = Duration.ofDays(1);

    private final AirStore store;
    private final AirRuns runs;
    private final PlanDesk plans;
    private final MessageSource messages;
    private final Clock clock;
    /** An evening is read again only after something was added to it, or its class was changed. */
    private final Map<Long, Kept> kept = Bounded.map();

    Experience(AirStore store, AirRuns runs, PlanDesk plans, MessageSource messages, Clock clock) {
        this.store = store;
        this.runs = runs;
        this.plans = plans;
        this.messages = messages;
        this.clock = clock;
    }

    /**
     * A class that was on air, as it was.
     *
     * @param over whether everything in it is done
     */
    public record Evening(long id, PlannedClass planned, AirLog log, boolean over) {}

    private record Kept(EveningRow row, Optional<Evening> evening) {}

    /** Every class that was on air, the last first; one that is on air now, up to now. */
    public List<Evening> evenings() {
        return store.evenings().stream().flatMap(row -> evening(row).stream()).toList();
    }

    /** Every class that was on air, by its number. */
    public Map<Long, Evening> byClass() {
        return evenings().stream().collect(Collectors.toMap(Evening::id, evening -> evening));
    }

    /** A class that was on air, or is; empty: it was not. */
    public Optional<Evening> evening(long id) {
        return store.evenings().stream()
                .filter(row -> row.classId() == id)
                .findFirst()
                .flatMap(this::evening);
    }

    /** A class that was on air and is over; empty: it was not, or still is. */
    public Optional<Evening> ended(long id) {
        return evening(id).filter(Evening::over);
    }

    /** Whether the day of a class is past, however it went. */
    public boolean isPast(CookingClass cooking) {
        return cooking.onAir().toInstant().isBefore(clock.instant().minus(A_DAY));
    }

    private Optional<Evening> evening(EveningRow row) {
        Kept known = kept.get(row.classId());
        if (known == null || !known.row.equals(row)) {
            known = new Kept(row, read(Run.evening(row.classId())));
            kept.put(row.classId(), known);
        }
        return known.evening;
    }

    private Optional<Evening> read(Run run) {
        PlannedClass now = plans.find(run.id()).orElseThrow().whole();
        PlannedClass planned = runs.planned(run, now.cooking()).orElse(now);
        if (!planned.plan().possible()) {
            return Optional.empty();
        }
        AirState state = RunningOrder.of(planned.cooking(), planned.plan()).at(store.events(run), clock.instant());
        return state.onAir().isEmpty()
                ? Optional.empty()
                : Optional.of(new Evening(run.id(), planned, AirLog.of(planned.cooking(), state), state.over()));
    }

    /** Writes down a class that was on air without this desk, event by event. */
    public void record(long id, PlannedClass planned, List<AirEvent> events, String who) {
        Run run = Run.evening(id);
        runs.begin(run, planned, who);
        events.stream()
                .sorted(Comparator.comparing(AirEvent::at))
                .forEach(event -> store.add(
                        run, new Pressed(event.what(), who, UUID.randomUUID().toString()), event.at()));
    }

    /** How long every step of a dish took, each time, the last first, by the id of the step. */
    public Map<String, List<Observation>> ofDish(Dish dish) {
        Map<String, List<Observation>> all = new LinkedHashMap<>();
        for (Evening evening : evenings()) {
            Set<String> same = same(evening, List.of(dish));
            Observation.of(evening.planned.cooking(), evening.log).stream()
                    .filter(one -> same.contains(one.step().dish()))
                    .forEach(one -> all.computeIfAbsent(one.step().step(), any -> new ArrayList<>())
                            .add(one));
        }
        return all;
    }

    /** Ids of the dishes of an evening that are the same recipes as these. */
    private static Set<String> same(Evening evening, List<Dish> dishes) {
        return evening.planned.cooking().dishes().stream()
                .filter(own -> dishes.stream().anyMatch(own::isSameRecipe))
                .map(Dish::id)
                .collect(Collectors.toSet());
    }

    /** How late each oven runs. */
    public List<OvenHabit> ovens() {
        Map<CookingClass, AirLog> logs = new LinkedHashMap<>();
        evenings().forEach(evening -> logs.put(evening.planned.cooking(), evening.log));
        return OvenHabit.of(logs);
    }

    /** What went wrong with the dishes of a class before, and what was noted, in sentences; the last first. */
    public List<String> lastTime(CookingClass cooking, Optional<Long> except) {
        List<Dish> dishes = cooking.dishes();
        return evenings().stream()
                .filter(evening -> except.filter(id -> id == evening.id).isEmpty())
                .flatMap(evening -> said(evening, dishes).stream())
                .toList();
    }

    /** What went wrong with the dishes of a class, and what was noted; templates call it {@code @experience}. */
    public List<String> lastTime(CookingClass cooking) {
        return lastTime(cooking, Optional.empty());
    }

    /** What went wrong with a dish, and what was noted. */
    public List<String> lastTime(Dish dish) {
        return evenings().stream()
                .flatMap(evening -> said(evening, List.of(dish)).stream())
                .toList();
    }

    private List<String> said(Evening evening, List<Dish> taught) {
        Set<String> dishes = same(evening, taught);
        List<String> said = new ArrayList<>();
        evening.log.wrong().stream()
                .filter(wrong -> dishes.contains(wrong.dish()))
                .forEach(wrong -> said.add(sentence(evening, wrong)));
        evening.log.notes().stream()
                .filter(note -> dishes.contains(note.key().replaceFirst("/.*", "")))
                .forEach(note -> said.add("%s: %s (%s)"
                        .formatted(title(evening.planned.cooking(), note.key()), note.text(), day(evening))));
        return said;
    }

    private static String day(Evening evening) {
        return DAY.format(evening.planned.cooking().startsAt());
    }

    /** What went wrong, in a sentence. */
    public String sentence(Evening evening, AirLog.Wrong wrong) {
        String about =
                evening.planned.catalogue().find(wrong.about()).map(Item::name).orElse(wrong.about());
        return messages.getMessage(
                "trouble.said." + wrong.kind(),
                new Object[] {title(evening.planned.cooking(), wrong.key()), about, day(evening)},
                Locale.ENGLISH);
    }

    /** The short name of the step of an activity, by its key. */
    public static String title(CookingClass cooking, String key) {
        return cooking.dishesAndTalk()
                .flatMap(dish -> dish.steps()
                        .filter(step -> key.startsWith(dish.id() + "/" + step.id() + "|"))
                        .map(Step::title))
                .findFirst()
                .orElse(key);
    }
}
