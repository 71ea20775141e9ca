package hopsel.core.air;

import hopsel.core.air.AirEvent.Kind;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a class stands on air at a moment: what is done, what runs, and when the rest will be, if everything keeps its order
 * and begins as soon as what it waits for is done. The plan lives: after each event the rest is laid out again from where
 * things are. Immutable; a function of the events and the moment.
 *
 * <p>What was to be done before the class is taken as done when it goes on air.
 */
public final class AirState {

    /** How an activity stands. */
    public enum Status { AHEAD, RUNNING, DONE, SKIPPED, FAILED }

    /**
     * An activity as it stands.
     *
     * @param activity of the plan
     * @param status   how it stands
     * @param start    seconds from going on air: as it was, or as it will be
     * @param end      likewise
     * @param person   who does it; empty: nobody's hands
     * @param swapped  whether the one made earlier came in
     */
    public record Standing(Activity activity, Status status, int start, int end, Optional<String> person, boolean swapped) {
    }

    /**
     * Something that would bring the end forward.
     *
     * @param kind  what to press
     * @param key   of the activity
     * @param gain  seconds that the class ends earlier
     */
    public record Remedy(Kind kind, String key, int gain) {
    }

    private final CookingClass cooking;
    private final Plan plan;
    private final List<AirEvent> events;
    private final Instant now;
    private final Arc[][] into;
    private final boolean[] tops;
    private final Map<String, Integer> numbers;
    private final List<Standing> standings;

    private AirState(CookingClass cooking, Plan plan, Layout layout, List<AirEvent> events, Instant now) {
        this.cooking = cooking;
        this.plan = plan;
        this.into = layout.into;
        this.tops = layout.tops;
        this.numbers = layout.numbers;
        this.events = events;
        this.now = now;
        this.standings = lay(events);
    }

    /** What follows from a plan alone, and need not be worked out anew for every event. */
    public static final class Layout {

        private final CookingClass cooking;
        private final Plan plan;
        private final Arc[][] into;
        private final boolean[] tops;
        private final Map<String, Integer> numbers = new HashMap<>();

        private Layout(CookingClass cooking, Plan plan) {
            this.cooking = cooking;
            this.plan = plan;
            Arcs arcs = Arcs.of(cooking, plan);
            List<List<Arc>> lists = new ArrayList<>();
            plan.activities().forEach(activity -> {
                numbers.put(key(activity), lists.size());
                lists.add(new ArrayList<>());
            });
            arcs.arcs().forEach(arc -> lists.get(arc.then()).add(arc));
            this.into = lists.stream().map(list -> list.toArray(Arc[]::new)).toArray(Arc[][]::new);
            this.tops = arcs.tops();
        }

        /** Of a plan that is possible. */
        public static Layout of(CookingClass cooking, Plan plan) {
            return new Layout(cooking, plan);
        }

        /** How the class stands after these events. */
        public AirState at(List<AirEvent> events, Instant now) {
            return new AirState(cooking, plan, this, standing(events), now);
        }
    }

    /** An activity as events name it. */
    public static String key(Activity activity) {
        return activity.step() + "|" + activity.copy();
    }

    /** Events less those that were undone; an undoing can be undone, too. */
    private static List<AirEvent> standing(List<AirEvent> all) {
        Set<String> undone = new HashSet<>();
        List<AirEvent> left = new ArrayList<>();
        for (int i = all.size() - 1; i >= 0; i--) {
            AirEvent event = all.get(i);
            if (undone.contains(String.valueOf(event.number()))) {
                continue;
            }
            if (event.kind() == Kind.UNDO) {
                undone.add(event.text());
            } else {
                left.add(0, event);
            }
        }
        return left;
    }

    private Optional<Instant> begun(List<AirEvent> from) {
        return from.stream().filter(event -> event.kind() == Kind.ON_AIR).map(AirEvent::at).findFirst();
    }

    /** When it went on air; empty: it has not. */
    public Optional<Instant> onAir() {
        return begun(events);
    }

    /** Whether somebody has said that it is over. */
    public boolean over() {
        return events.stream().anyMatch(event -> event.kind() == Kind.OVER);
    }

    /** Seconds since it went on air; 0: it has not. */
    public int elapsed() {
        return onAir().map(start -> (int) Duration.between(start, now).toSeconds()).orElse(0);
    }

    private List<Standing> lay(List<AirEvent> from) {
        int size = plan.activities().size();
        Optional<Instant> begun = begun(from);
        int clock = begun.map(start -> (int) Duration.between(start, now).toSeconds()).orElse(0);
        int[] started = new int[size];
        int[] done = new int[size];
        int[] more = new int[size];
        Status[] status = new Status[size];
        boolean[] swapped = new boolean[size];
        String[] hands = new String[size];
        Arrays.fill(started, Integer.MIN_VALUE);
        Arrays.fill(status, Status.AHEAD);
        for (AirEvent event : from) {
            Integer i = numbers.get(event.activity());
            if (i == null || begun.isEmpty()) {
                continue;
            }
            int at = (int) Duration.between(begun.get(), event.at()).toSeconds();
            switch (event.kind()) {
                case START -> {
                    started[i] = at;
                    status[i] = Status.RUNNING;
                }
                case DONE, SKIP, FAILED -> {
                    status[i] = event.kind() == Kind.DONE ? Status.DONE : event.kind() == Kind.SKIP ? Status.SKIPPED : Status.FAILED;
                    done[i] = at;
                }
                case EXTEND -> more[i] += event.seconds();
                case SWAP_IN -> swapped[i] = true;
                case HAND_OVER -> hands[i] = event.text();
                default -> { }
            }
        }
        int[] ends = new int[size];
        List<Standing> all = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            Activity activity = plan.activities().get(i);
            int ready = begun.isPresent() ? Math.max(earliest(activity), status[i] == Status.AHEAD ? clock : Integer.MIN_VALUE) : activity.start();
            for (Arc arc : into[i]) {
                boolean freed = arc.kind() == Arcs.Kind.HANDS && (hands[i] != null || hands[arc.before()] != null);
                ready = freed ? ready : Math.max(ready, ends[arc.before()] + arc.gap());
            }
            int lasts = (swapped[i] ? Math.min(activity.duration(), shown(activity)) : activity.duration()) + more[i];
            int start = activity.start() < 0 && started[i] == Integer.MIN_VALUE ? activity.start() : started[i] == Integer.MIN_VALUE ? ready : started[i];
            boolean before = activity.start() < 0 && status[i] == Status.AHEAD;
            if (before && begun.isPresent()) {
                // Work before the class happened as it was planned; what reaches into it is under way.
                status[i] = activity.end() + more[i] <= clock ? Status.DONE : Status.RUNNING;
            }
            ends[i] = switch (status[i]) {
                case DONE, FAILED -> before ? activity.end() + more[i] : Math.max(start, done[i]);
                case SKIPPED -> Math.max(ready, done[i]);
                case RUNNING -> Math.max(start + lasts, before ? start + lasts : clock);
                default -> start + lasts;
            };
            Optional<String> person = hands[i] != null && !hands[i].isEmpty() ? Optional.of(hands[i]) : activity.person();
            all.add(new Standing(activity, status[i], status[i] == Status.SKIPPED ? ends[i] : start, ends[i], person, swapped[i]));
        }
        return all;
    }

    /** What keeps only so long is not begun before its time; the rest may go on early. */
    private int earliest(Activity activity) {
        return activity.start() < 0 || cooking.step(activity.step()).keeps().isPresent() ? activity.start() : 0;
    }

    private int shown(Activity activity) {
        return cooking.step(activity.step()).swap().map(minutes -> minutes.seconds()).orElse(activity.duration());
    }

    /** Every activity, in the order of the plan. */
    public List<Standing> standings() {
        return standings;
    }

    /** Seconds from going on air at which the class will be over. */
    public int end() {
        return end(standings);
    }

    private int end(List<Standing> all) {
        int end = 0;
        for (int i = 0; i < all.size(); i++) {
            if (tops[i] && all.get(i).status != Status.SKIPPED) {
                end = Math.max(end, all.get(i).end);
            }
        }
        return end;
    }

    /** Seconds that the end is later than the plan had it; less than 0: earlier. */
    public int late() {
        return end() - plan.airEnd();
    }

    /** What runs now, what ends first first. */
    public List<Standing> running() {
        return standings.stream().filter(standing -> standing.status == Status.RUNNING).sorted(Comparator.comparingInt(Standing::end)).toList();
    }

    /** Whether everything that an activity waits for is done, or, where it waits for a moment after a start, begun. */
    public boolean canBegin(Standing standing) {
        int i = numbers.get(key(standing.activity));
        return Arrays.stream(into[i]).filter(arc -> arc.kind() == Arcs.Kind.ORDER).allMatch(arc -> {
            Status before = standings.get(arc.before()).status;
            return before != Status.AHEAD && (before != Status.RUNNING || arc.gap() < 0);
        });
    }

    /** What somebody has in hand: running hands work. */
    public Optional<Standing> inHand(String person) {
        return running().stream().filter(standing -> standing.person.equals(Optional.of(person))).findFirst();
    }

    /** What somebody does next. */
    public List<Standing> ahead(String person) {
        return standings.stream().filter(standing -> standing.status == Status.AHEAD && (standing.person.equals(Optional.of(person)) || standing.person.isEmpty() && standing.activity.shown()))
                .sorted(Comparator.comparingInt(Standing::start)).toList();
    }

    /** Ingredients of steps that are done, or in hand, which nobody has ticked as shown: before it is too late. Keys of uses. */
    public List<String> notShown() {
        Set<String> shown = new HashSet<>();
        events.stream().filter(event -> event.kind() == Kind.SHOWN).forEach(event -> shown.add(event.text()));
        List<String> missing = new ArrayList<>();
        standings.stream().filter(standing -> standing.activity.shown() && (standing.status == Status.RUNNING || standing.status == Status.DONE)).forEach(standing -> {
            Step step = cooking.step(standing.activity.step());
            step.uses().stream().map(Use::ingredient).map(line -> standing.activity.step().dish() + "/" + line).filter(key -> !shown.contains(key)).forEach(missing::add);
        });
        return missing;
    }

    /** Whether something was ticked as shown. */
    public boolean isShown(String key) {
        return events.stream().anyMatch(event -> event.kind() == Kind.SHOWN && event.text().equals(key));
    }

    /** Questions that wait, with when they came. */
    public List<AirEvent> questions() {
        Set<String> answered = new HashSet<>();
        events.stream().filter(event -> event.kind() == Kind.ANSWERED).forEach(event -> answered.add(event.text()));
        return events.stream().filter(event -> event.kind() == Kind.QUESTION && !answered.contains(String.valueOf(event.number()))).toList();
    }

    /** Events that count, in their order. */
    public List<AirEvent> events() {
        return events;
    }

    /**
     * What can be done about a late end, the most gain first: each is tried out on the rest of the class.
     *
     * @param assistant who could take something over; empty: nobody
     */
    public List<Remedy> remedies(Optional<String> assistant) {
        List<Remedy> found = new ArrayList<>();
        for (Standing standing : standings) {
            Step step = cooking.step(standing.activity.step());
            String key = key(standing.activity);
            boolean main = standing.activity.copy().isMain();
            if (standing.status == Status.AHEAD && main && canGo(standing.activity.step())) {
                attempt(found, Kind.SKIP, key, "");
            }
            if (main && !standing.swapped && step.swap().isPresent() && (standing.status == Status.AHEAD || standing.status == Status.RUNNING) && standing.activity.duration() > shown(standing.activity)) {
                attempt(found, Kind.SWAP_IN, key, "");
            }
            if (standing.status == Status.AHEAD && standing.person.isPresent() && assistant.isPresent() && !standing.person.equals(assistant) && step.show() != Show.MUST) {
                attempt(found, Kind.HAND_OVER, key, assistant.get());
            }
        }
        return found.stream().sorted(Comparator.comparingInt(remedy -> -remedy.gain)).toList();
    }

    /**
     * Whether a dish is complete without a step: only optional lines go into it, or it is all there is of a component, such
     * as a dip or a garnish, that nothing but the last step of the dish waits for.
     */
    private boolean canGo(StepRef ref) {
        Dish dish = cooking.dish(ref.dish());
        Step step = cooking.step(ref);
        if (!step.uses().isEmpty() && step.uses().stream().allMatch(use -> dish.line(use.ingredient()).optional())) {
            return true;
        }
        boolean alone = dish.components().size() > 1 && dish.components().stream().anyMatch(component -> component.steps().size() == 1 && component.steps().contains(step));
        return alone && dish.steps().filter(next -> follows(next, step)).allMatch(next -> dish.steps().noneMatch(last -> follows(last, next)));
    }

    private static boolean follows(Step next, Step step) {
        return next.after().stream().anyMatch(after -> after.step().equals(step.id()));
    }

    private void attempt(List<Remedy> found, Kind kind, String key, String text) {
        List<AirEvent> more = new ArrayList<>(events);
        more.add(new AirEvent(Long.MAX_VALUE, kind, key, now, 0, text));
        int gain = end() - end(lay(more));
        if (gain >= 30) {
            found.add(new Remedy(kind, key, gain));
        }
    }
}
