package hopsel.core.practice;

import hopsel.core.Known;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Cut;
import hopsel.core.air.Happened.Done;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.Note;
import hopsel.core.air.Happened.OnAir;
import hopsel.core.air.Happened.OvenSet;
import hopsel.core.air.Happened.Over;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Happened.Start;
import hopsel.core.air.Ovens;
import hopsel.core.air.RunningOrder;
import hopsel.core.air.Trouble;
import hopsel.core.classes.CookingClass;
import hopsel.core.device.Oven;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Placement;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.TechniqueReader;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * A kitchen in which a class can be run without food: it knows how long each step really takes this evening, what
 * happens, and what those who are not played by people would press. Nothing in it changes; the same seed is the same
 * evening.
 */
public final class SimulatedKitchen {

    /** Share of its time by which something left alone may be over before it is burnt, and seconds at least. */
    private static final double BURNS = 0.25;

    private static final int BURNS_AT_LEAST = 120;
    /** Share of its time after which a tray that burns this evening is burnt. */
    private static final double EARLY_END = 0.9;

    private static final int MINUTE = 60;

    private final CookingClass cooking;
    private final Plan plan;
    private final RunningOrder order;
    private final List<Happening> happenings;
    private final Map<String, Integer> lasts = new HashMap<>();

    /** Of a class that has a plan. */
    public SimulatedKitchen(CookingClass cooking, Plan plan, long seed) {
        this.cooking = cooking;
        this.plan = plan;
        this.order = RunningOrder.of(cooking, plan);
        SplittableRandom random = new SplittableRandom(seed);
        this.happenings = Happening.of(cooking, plan, random);
        order.activities().forEach(activity -> lasts.put(AirState.key(activity), activity.duration()));
        plan.activities().forEach(activity -> lasts.put(AirState.key(activity), draw(activity, random.nextDouble())));
    }

    /** How a step looks to whoever stands beside it. */
    public enum Sight {
        NOT_YET,
        READY,
        OVERDONE
    }

    /**
     * Something that is pressed.
     *
     * @param once what tells it from everything else that is pressed only once this evening; empty: it may come again
     * @param at seconds from going on air
     * @param what what is pressed
     */
    public record Press(Optional<String> once, int at, Happened what) {

        static Press of(int at, Happened what) {
            return new Press(Optional.empty(), at, what);
        }

        static Press once(String id, int at, Happened what) {
            return new Press(Optional.of(id), at, what);
        }
    }

    /** What happens this evening. */
    public List<Happening> happenings() {
        return happenings;
    }

    /** What waits for what. */
    public RunningOrder order() {
        return order;
    }

    /** Seconds by which each activity lasts longer than planned, whatever happens; less than 0: shorter. By its key. */
    Map<String, Integer> differences() {
        Map<String, Integer> all = new HashMap<>();
        order.activities()
                .forEach(activity ->
                        all.put(AirState.key(activity), Known.in(lasts, AirState.key(activity)) - activity.duration()));
        return all;
    }

    /** Triangular between low and high, about what is likely; what is shown for a moment only takes that moment. */
    private int draw(Activity activity, double chance) {
        Step step = cooking.onAir(cooking.step(activity.step()));
        StepMinutes minutes = step.minutes();
        double low = minutes.low().seconds();
        double span = minutes.high().seconds() - low;
        if (span <= 0 || activity.duration() != minutes.likely().seconds() || TechniqueReader.isAtLeast(step)) {
            return activity.duration();
        }
        double peak = (minutes.likely().seconds() - low) / span;
        double at = chance < peak ? Math.sqrt(chance * peak) : 1 - Math.sqrt((1 - chance) * (1 - peak));
        return (int) Math.round(low + at * span);
    }

    /** Seconds for which guests are still coming in; 0: it can begin. */
    public int comingIn(int clock) {
        int late = happenings.stream()
                .filter(happening -> happening.kind() == Happening.Mishap.LATE_START)
                .mapToInt(Happening::seconds)
                .sum();
        return Math.max(0, late - clock);
    }

    /** Seconds that a running step still needs, by this evening's truth; less than 0: it was ready so long ago. */
    public int left(AirState state, Standing standing) {
        String key = AirState.key(standing.activity());
        int since = state.elapsed() - standing.start();
        int needs = needs(state, standing);
        Optional<Integer> baking = baking(state, standing, needs);
        return baking.orElseGet(() -> needs + interruptions(state, standing, key) - since);
    }

    private int needs(AirState state, Standing standing) {
        String key = AirState.key(standing.activity());
        int needs = Known.in(lasts, key);
        if (standing.swapped()) {
            needs = Math.min(
                    needs,
                    cooking.step(standing.activity().step())
                            .swap()
                            .map(minutes -> minutes.seconds())
                            .orElse(needs));
        }
        boolean cut = state.events().stream().anyMatch(event -> event.is(Cut.class, key));
        return cut
                ? Math.min(
                        needs,
                        cooking.onAir(cooking.step(standing.activity().step()))
                                .minutes()
                                .low()
                                .seconds())
                : needs;
    }

    /** What bakes is done when it is hot inside: in an oven that is slow, or was opened, later. */
    private Optional<Integer> baking(AirState state, Standing standing, int needs) {
        return standing.activity().duration()
                                != cooking.onAir(
                                                cooking.step(standing.activity().step()))
                                        .minutes()
                                        .likely()
                                        .seconds()
                        || standing.swapped()
                ? Optional.empty()
                : Ovens.probe(Ovens.of(state), standing, needs)
                        .map(probe -> probe.doneAt(state.elapsed() + needs) - state.elapsed());
    }

    /** What comes while a host has something in hand makes that longer. */
    private int interruptions(AirState state, Standing standing, String key) {
        return role(standing) != Role.HOST || standing.person().isEmpty()
                ? 0
                : happenings.stream()
                        .filter(happening -> happening.at() > 0
                                && happening.at() >= standing.start()
                                && happening.at() <= state.elapsed())
                        .mapToInt(Happening::seconds)
                        .sum();
    }

    /** How a running step looks. */
    public Sight sight(AirState state, Standing standing) {
        int left = left(state, standing);
        boolean alone = cooking.step(standing.activity().step()).work() == Work.WATCH;
        if (left > 0) {
            return Sight.NOT_YET;
        }
        if (alone && -left > tolerance(standing)) {
            return Sight.OVERDONE;
        }
        return Sight.READY;
    }

    private int tolerance(Standing standing) {
        return Math.max(BURNS_AT_LEAST, (int) (standing.activity().duration() * BURNS));
    }

    /** Whose it is: what nobody's hands are needed for belongs to the host where it is shown, else to the assistant. */
    public Role role(Standing standing) {
        return standing.owner(cooking);
    }

    /** What is pressed at this moment by those who are not played by people, and what the kitchen itself does. */
    public List<Press> turn(AirState state, Set<Role> simulated) {
        List<Press> presses = new ArrayList<>();
        int clock = state.elapsed();
        if (state.onAir().isEmpty()) {
            return simulated.contains(Role.HOST) ? List.of(Press.once("on-air", 0, new OnAir())) : List.of();
        }
        if (state.over()) {
            return List.of();
        }
        ovens(state, clock, presses);
        happen(state, clock, presses);
        state.running().forEach(standing -> finish(state, standing, simulated, clock, presses));
        if (comingIn(clock) == 0) {
            begin(state, simulated, clock, presses);
        }
        boolean open = state.standings().stream()
                .anyMatch(standing -> standing.status() == Status.AHEAD || standing.status() == Status.RUNNING);
        if (!open && simulated.contains(Role.HOST)) {
            presses.add(Press.once("over", clock, new Over()));
        }
        return presses;
    }

    /** Each oven is set as early as it needs to be hot in time, were it as quick as it should be. */
    private void ovens(AirState state, int clock, List<Press> presses) {
        boolean slow = happenings.stream().anyMatch(happening -> happening.kind() == Happening.Mishap.SLOW_OVEN);
        for (Resource oven : Ovens.of(cooking)) {
            int before = 0;
            for (Activity activity : plan.activities()) {
                Placement place = activity.placements().stream()
                        .filter(own -> own.resource().equals(oven.id())
                                && own.celsius().isPresent())
                        .findFirst()
                        .orElse(null);
                if (place == null || activity.end() < 0) {
                    continue;
                }
                int celsius = place.celsius().get().intValue();
                int from = activity.start()
                        - (int) (Math.max(0, celsius - Math.max(before, Oven.ROOM))
                                / oven.heatPerMinute().doubleValue()
                                * MINUTE);
                if (celsius != before && from <= clock) {
                    presses.add(
                            Press.once("oven " + AirState.key(activity), from, new OvenSet(oven.id(), celsius, slow)));
                }
                before = celsius;
            }
        }
    }

    private void happen(AirState state, int clock, List<Press> presses) {
        for (int i = 0; i < happenings.size(); i++) {
            Happening happening = happenings.get(i);
            if (happening.at() > clock) {
                continue;
            }
            String id = "happening " + i;
            switch (happening.kind()) {
                case QUESTION -> presses.add(Press.once(id, happening.at(), new Question("", happening.about())));
                case FLAT_BATTERY -> presses.add(Press.once(id, happening.at(), new Note("", "A battery is flat.")));
                case SPILT ->
                    presses.add(Press.once(id, happening.at(), new Note("", "Something is spilt on the counter.")));
                case BURNT_TRAY -> burn(state, happening.about(), id, clock, presses);
                default -> {}
            }
        }
    }

    /** Once only: whoever begins again watches it. */
    private static void burn(AirState state, String key, String id, int clock, List<Press> presses) {
        boolean burnt = state.events().stream().anyMatch(event -> event.is(Failed.class, key));
        state.running().stream()
                .filter(standing -> !burnt
                        && AirState.key(standing.activity()).equals(key)
                        && clock - standing.start() >= standing.activity().duration() * EARLY_END)
                .forEach(standing -> presses.add(Press.once(id, clock, new Failed(key, Trouble.BURNT))));
    }

    private void finish(AirState state, Standing standing, Set<Role> simulated, int clock, List<Press> presses) {
        String key = AirState.key(standing.activity());
        if (standing.activity().start() < 0
                || presses.stream().anyMatch(press -> press.what().activity().equals(key))) {
            return;
        }
        if (simulated.contains(role(standing)) && left(state, standing) <= 0) {
            presses.add(Press.of(clock, new Done(key)));
        } else if (!simulated.contains(role(standing)) && sight(state, standing) == Sight.OVERDONE) {
            presses.add(Press.once("burnt " + key + " " + standing.start(), clock, new Failed(key, Trouble.BURNT)));
        }
    }

    private void begin(AirState state, Set<Role> simulated, int clock, List<Press> presses) {
        Set<String> busy = new HashSet<>();
        Set<String> ending = new HashSet<>();
        presses.stream()
                .map(Press::what)
                .filter(what -> what instanceof Done || what instanceof Failed)
                .map(Happened::activity)
                .forEach(ending::add);
        state.running().stream()
                .filter(standing -> !ending.contains(AirState.key(standing.activity())))
                .forEach(standing -> standing.person().ifPresent(busy::add));
        for (Standing standing : state.standings()) {
            String key = AirState.key(standing.activity());
            boolean again = standing.status() == Status.FAILED && !madeEarlier(standing);
            boolean due = standing.status() == Status.AHEAD && standing.start() <= clock && state.canBegin(standing);
            if ((due || again)
                    && standing.activity().start() >= 0
                    && simulated.contains(role(standing))
                    && standing.person().map(busy::add).orElse(true)) {
                presses.add(Press.of(clock, new Start(key)));
            }
        }
    }

    private boolean madeEarlier(Standing standing) {
        return plan.activities().stream()
                .anyMatch(activity -> activity.step().equals(standing.activity().step())
                        && !activity.copy().once());
    }
}
