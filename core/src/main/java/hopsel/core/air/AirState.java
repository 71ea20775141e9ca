package hopsel.core.air;

import hopsel.core.air.Happened.Answered;
import hopsel.core.air.Happened.OnAir;
import hopsel.core.air.Happened.Over;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Happened.Shown;
import hopsel.core.air.Happened.Undo;
import hopsel.core.classes.CookingClass;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How a class stands on air at a moment: what is done, what runs, and when the rest will be, if everything keeps its
 * order and begins as soon as what it waits for is done. The plan lives: after each event the rest is laid out again
 * from where things are. Immutable; a function of the events and the moment.
 *
 * <p>What was to be done before the class is taken as done when it goes on air.
 */
public final class AirState {

    /** How an activity stands. */
    public enum Status {
        AHEAD,
        RUNNING,
        DONE,
        SKIPPED,
        FAILED
    }

    /**
     * An activity as it stands.
     *
     * @param activity of the plan
     * @param status how it stands
     * @param start seconds from going on air: as it was, or as it will be
     * @param end likewise
     * @param person who does it; empty: nobody's hands
     * @param swapped whether the one made earlier came in
     */
    public record Standing(
            Activity activity, Status status, int start, int end, Optional<String> person, boolean swapped) {

        /**
         * Whose it is: what nobody's hands are needed for belongs to the host where it is shown, else to the assistant.
         */
        public Role owner(CookingClass cooking) {
            return person.flatMap(id -> cooking.people().stream()
                            .filter(one -> one.id().equals(id))
                            .findFirst())
                    .map(Person::role)
                    .orElse(activity.shown() ? Role.HOST : Role.ASSISTANT);
        }
    }

    private final RunningOrder order;
    private final CookingClass cooking;
    private final List<AirEvent> events;
    private final Instant now;
    private final Forecast forecast;

    AirState(RunningOrder order, List<AirEvent> events, Instant now) {
        this.order = order;
        this.cooking = order.cooking;
        this.events = events;
        this.now = now;
        this.forecast = new Forecast(order, events, now);
    }

    /** An activity as events name it. */
    public static String key(Activity activity) {
        return activity.step() + "|" + activity.copy();
    }

    /** Events less those that were undone; an undoing can be undone, too. */
    static List<AirEvent> standing(List<AirEvent> all) {
        Set<Long> undone = new HashSet<>();
        List<AirEvent> left = new ArrayList<>();
        for (int i = all.size() - 1; i >= 0; i--) {
            AirEvent event = all.get(i);
            if (undone.contains(event.number())) {
                continue;
            }
            if (event.what() instanceof Undo undo) {
                undone.add(undo.event());
            } else {
                left.add(0, event);
            }
        }
        return left;
    }

    static Optional<Instant> begun(List<AirEvent> from) {
        return from.stream()
                .filter(event -> event.is(OnAir.class))
                .map(AirEvent::at)
                .findFirst();
    }

    /** When it went on air; empty: it has not. */
    public Optional<Instant> onAir() {
        return begun(events);
    }

    /** Whether somebody has said that it is over. */
    public boolean over() {
        return events.stream().anyMatch(event -> event.is(Over.class));
    }

    /** Seconds since it went on air; 0: it has not. */
    public int elapsed() {
        return onAir().map(start -> (int) Duration.between(start, now).toSeconds())
                .orElse(0);
    }

    /** Every activity, in the order of the plan. */
    public List<Standing> standings() {
        return forecast.standings;
    }

    /** Seconds from going on air at which the class will be over. */
    public int end() {
        return forecast.end();
    }

    /** Seconds that the end is later than the plan had it; less than 0: earlier. */
    public int late() {
        return end() - order.plan.airEnd();
    }

    /** What runs now, what ends first first. */
    public List<Standing> running() {
        return forecast.standings.stream()
                .filter(standing -> standing.status == Status.RUNNING)
                .sorted(Comparator.comparingInt(Standing::end))
                .toList();
    }

    /** Whether everything that an activity waits for is done, or, where it waits for a moment after a start, begun. */
    public boolean canBegin(Standing standing) {
        return waitsFor(standing).isEmpty();
    }

    /** What an activity waits for and that is not done yet, by key. */
    public List<String> waitsFor(Standing standing) {
        int i = order.number(key(standing.activity));
        return Arrays.stream(order.into[i])
                .filter(arc -> arc.kind() == Arcs.Bond.ORDER && holdsUp(arc))
                .map(arc -> key(forecast.standings.get(arc.before()).activity))
                .distinct()
                .toList();
    }

    /** Whether what an order begins with keeps its end from beginning. */
    private boolean holdsUp(Arcs.Arc arc) {
        Status before = forecast.standings.get(arc.before()).status;
        return before == Status.AHEAD || before == Status.FAILED || before == Status.RUNNING && arc.gap() >= 0;
    }

    /**
     * Seconds from going on air at which an activity is to be over; once that has passed, it is over by so much, while
     * its end goes on with the clock.
     */
    public int due(Standing standing) {
        return forecast.due(order.number(key(standing.activity)));
    }

    /** What somebody has in hand: running hands work. */
    public Optional<Standing> inHand(String person) {
        return running().stream()
                .filter(standing -> standing.person.equals(Optional.of(person)))
                .findFirst();
    }

    /** What somebody does next. */
    public List<Standing> ahead(String person) {
        return forecast.standings.stream()
                .filter(standing -> standing.status == Status.AHEAD
                        && (standing.person.equals(Optional.of(person))
                                || standing.person.isEmpty() && standing.activity.shown()))
                .sorted(Comparator.comparingInt(Standing::start))
                .toList();
    }

    /** Whether something was ticked as shown. */
    public boolean isShown(String key) {
        return events.stream().anyMatch(event -> event.what().equals(new Shown(key)));
    }

    /** A question that waits: its number, when it came, and what was asked. */
    public record Waiting(long number, Instant at, String text) {}

    /** Questions that wait, with when they came. */
    public List<Waiting> questions() {
        return events.stream()
                .filter(event -> events.stream().noneMatch(other -> other.what().equals(new Answered(event.number()))))
                .flatMap(event -> event.what() instanceof Question own
                        ? Stream.of(new Waiting(event.number(), event.at(), own.text()))
                        : Stream.empty())
                .toList();
    }

    /** Events that count, in their order. */
    public List<AirEvent> events() {
        return events;
    }

    /** Seconds from going on air at which the class would be over, were this pressed now. */
    public int endsIf(Happened pressed) {
        return after(pressed).end();
    }

    /** The same class, had this been pressed now, too. */
    AirState after(Happened pressed) {
        List<AirEvent> more = new ArrayList<>(events);
        more.add(AirEvent.unwritten(now, pressed));
        return new AirState(order, more, now);
    }

    /** Activities that make the end what it is, the last first. */
    public List<Standing> chain() {
        return forecast.chain().stream().map(forecast.standings::get).toList();
    }

    RunningOrder order() {
        return order;
    }

    Instant now() {
        return now;
    }
}
