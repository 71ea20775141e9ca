package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened.Cut;
import hopsel.core.air.Happened.Done;
import hopsel.core.air.Happened.Drop;
import hopsel.core.air.Happened.Extend;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.HandOver;
import hopsel.core.air.Happened.Skip;
import hopsel.core.air.Happened.Start;
import hopsel.core.air.Happened.SwapIn;
import hopsel.core.classes.TalkDish;
import hopsel.core.classes.TalkPiece;
import hopsel.core.device.Oven;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lays the rest of a class out from where things are: everything keeps its order and begins as soon as what it waits
 * for is over. What was handed to somebody comes after what they have to do before it.
 */
final class Forecast {

    /** Nothing but the clock made it begin when it does. */
    private static final int NOBODY = -1;

    private final RunningOrder order;
    private final int size;
    private final Optional<Instant> begun;
    private final int clock;
    private final int[] started;
    private final int[] done;
    private final int[] more;
    private final Status[] status;
    private final boolean[] swapped;
    private final boolean[] cut;
    private final String[] hands;
    private final int[] starts;
    private final int[] ends;
    private final int[] cause;
    private final Map<String, Oven> ovens;
    final List<Standing> standings = new ArrayList<>();

    Forecast(RunningOrder order, List<AirEvent> events, Instant now) {
        this.order = order;
        this.size = order.activities().size();
        this.begun = AirState.begun(events);
        this.clock = begun.map(start -> (int) Duration.between(start, now).toSeconds())
                .orElse(0);
        this.started = new int[size];
        this.done = new int[size];
        this.more = new int[size];
        this.status = new Status[size];
        this.swapped = new boolean[size];
        this.cut = new boolean[size];
        this.hands = new String[size];
        this.starts = new int[size];
        this.ends = new int[size];
        this.cause = new int[size];
        this.ovens = Ovens.of(order, events);
        Arrays.fill(started, Integer.MIN_VALUE);
        Arrays.fill(status, Status.AHEAD);
        Arrays.fill(cause, NOBODY);
        begun.ifPresent(start -> welcome());
        begun.ifPresent(start -> events.forEach(
                event -> apply(event, (int) Duration.between(start, event.at()).toSeconds())));
        lay();
    }

    /** Whoever goes on air is saying hello; nobody has to press that, too. */
    private void welcome() {
        for (int i = 0; i < size; i++) {
            if (Spoken.is(order.cooking, order.activity(i), TalkPiece.Moment.OPENING)) {
                started[i] = order.activity(i).start();
                status[i] = Status.RUNNING;
            }
        }
    }

    /** Whoever begins something with their hands has finished talking. */
    private void hush(int begun, int at) {
        for (int i = 0; i < size; i++) {
            if (i != begun
                    && status[i] == Status.RUNNING
                    && TalkDish.holds(order.activity(i).step())
                    && order.activity(i).person().equals(person(begun))) {
                over(i, Status.DONE, at);
            }
        }
    }

    private Optional<String> person(int i) {
        return hands[i] != null && !hands[i].isEmpty()
                ? Optional.of(hands[i])
                : order.activity(i).person();
    }

    private void apply(AirEvent event, int at) {
        if (event.what() instanceof Drop drop) {
            drop(drop.component(), at);
        }
        int i = order.number(event.activity());
        if (i >= 0) {
            apply(i, event.what(), at);
        }
    }

    private void apply(int i, Happened what, int at) {
        if (what instanceof Start) {
            started[i] = at;
            status[i] = Status.RUNNING;
            hush(i, at);
        } else if (what instanceof Done) {
            over(i, Status.DONE, at);
        } else if (what instanceof Skip) {
            over(i, Status.SKIPPED, at);
        } else if (what instanceof Failed) {
            over(i, Status.FAILED, at);
        } else if (what instanceof Extend extend) {
            more[i] += extend.seconds();
        } else if (what instanceof SwapIn) {
            swapped[i] = true;
        } else if (what instanceof Cut) {
            cut[i] = true;
        } else if (what instanceof HandOver over) {
            hands[i] = over.person();
        }
    }

    private void over(int i, Status how, int at) {
        status[i] = how;
        done[i] = at;
    }

    private void drop(String component, int at) {
        for (int i = 0; i < size; i++) {
            if (status[i] == Status.AHEAD
                    && order.activity(i).start() >= 0
                    && (order.activity(i).step().dish().equals(component)
                            || component(order.activity(i).step()).equals(component))) {
                status[i] = Status.SKIPPED;
                done[i] = at;
            }
        }
    }

    private String component(StepRef ref) {
        Component home = order.cooking.dish(ref.dish()).components().stream()
                .filter(own -> own.steps().stream().anyMatch(step -> step.id().equals(ref.step())))
                .findFirst()
                .orElseThrow();
        return new ComponentRef(ref.dish(), home.id()).toString();
    }

    private void lay() {
        Map<String, Integer> handed = new HashMap<>();
        for (int i = 0; i < size; i++) {
            Activity activity = order.activity(i);
            Optional<String> person = person(i);
            int ready = ready(i, person, handed);
            int lasts = lasts(i);
            int start;
            if (started[i] != Integer.MIN_VALUE) {
                start = started[i];
            } else if (activity.start() < 0) {
                start = activity.start();
            } else {
                start = ready;
            }
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
            starts[i] = status[i] == Status.SKIPPED ? ends[i] : start;
            if (status[i] != Status.AHEAD && status[i] != Status.SKIPPED) {
                cause[i] = NOBODY;
            }
            if (person.isPresent() && status[i] != Status.SKIPPED) {
                // Whoever took something over can only do what comes after it once it is done, and the other way round.
                int number = i;
                handed.merge(person.get(), number, (one, two) -> ends[two] >= ends[one] ? two : one);
            }
            standings.add(new Standing(activity, status[i], starts[i], ends[i], person, swapped[i]));
        }
    }

    private int ready(int i, Optional<String> person, Map<String, Integer> handed) {
        Activity activity = order.activity(i);
        if (begun.isEmpty()) {
            return activity.start();
        }
        int ready = Math.max(earliest(activity), status[i] == Status.AHEAD ? clock : Integer.MIN_VALUE);
        for (Arc arc : order.into[i]) {
            int before = arc.before();
            boolean freed = arc.kind() == Arcs.Bond.HANDS && (hands[i] != null || hands[before] != null);
            // What waits for a moment after a start does not wait longer because the rest of it does.
            int free = arc.gap() < 0
                    ? starts[before] + order.activity(before).duration() + arc.gap()
                    : ends[before] + arc.gap();
            if (!freed && free > ready) {
                ready = free;
                cause[i] = before;
            }
        }
        Integer last = person.map(handed::get).orElse(null);
        if (last != null
                && status[i] == Status.AHEAD
                && (hands[i] != null || hands[last] != null)
                && ends[last] > ready) {
            ready = ends[last];
            cause[i] = last;
        }
        return ready;
    }

    /** Seconds from going on air at which an activity is to be over, whether somebody has said so by then or not. */
    int due(int i) {
        return starts[i] + lasts(i);
    }

    private int lasts(int i) {
        Activity activity = order.activity(i);
        int seconds = activity.duration();
        if (cut[i]) {
            seconds = Math.min(seconds, shortest(order, activity));
        }
        if (swapped[i]) {
            seconds = Math.min(seconds, swap(order, activity));
        }
        return seconds + more[i] + cold(i, activity, seconds);
    }

    /** What is in an oven that is not hot yet takes longer by so many seconds. */
    private int cold(int i, Activity activity, int seconds) {
        return status[i] == Status.RUNNING && started[i] != Integer.MIN_VALUE && !swapped[i] && !ovens.isEmpty()
                ? Ovens.longer(ovens, activity, started[i], seconds)
                : 0;
    }

    /** Seconds in which an activity can be done by somebody who does not talk, as the step says. */
    static int shortest(RunningOrder order, Activity activity) {
        return order.cooking
                .onAir(order.cooking.step(activity.step()))
                .minutes()
                .low()
                .seconds();
    }

    /** Seconds for which it is shown where the one made earlier comes in. */
    static int swap(RunningOrder order, Activity activity) {
        return order.cooking
                .step(activity.step())
                .swap()
                .map(minutes -> minutes.seconds())
                .orElse(activity.duration());
    }

    /** What keeps only so long, or is pinned, is not begun before its time; the rest may go on early. */
    private int earliest(Activity activity) {
        return activity.start() < 0
                        || order.pinned.contains(activity.step())
                        || order.cooking.step(activity.step()).keeps().isPresent()
                ? activity.start()
                : 0;
    }

    /** Seconds from going on air at which the class will be over. */
    int end() {
        return last().map(i -> ends[i]).orElse(0);
    }

    private Optional<Integer> last() {
        Integer last = null;
        for (int i = 0; i < size; i++) {
            if (order.tops[i] && status[i] != Status.SKIPPED && (last == null || ends[i] > ends[last])) {
                last = i;
            }
        }
        return Optional.ofNullable(last);
    }

    /** The activities that make the end what it is, the last first: nothing else can bring it forward. */
    List<Integer> chain() {
        List<Integer> chain = new ArrayList<>();
        for (int i = last().orElse(NOBODY); i != NOBODY; i = cause[i]) {
            chain.add(i);
        }
        return chain;
    }
}
