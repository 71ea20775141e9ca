package hopsel.core.practice;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Cut;
import hopsel.core.air.Happened.Done;
import hopsel.core.air.Happened.Drop;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.HandOver;
import hopsel.core.air.Happened.Note;
import hopsel.core.air.Happened.Over;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Happened.Skip;
import hopsel.core.air.Happened.Start;
import hopsel.core.air.Happened.SwapIn;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * How a rehearsal went, minute by minute.
 *
 * @param minutes in order
 * @param early steps that were said to be done before they were
 * @param left steps that stood ready and waited
 * @param end seconds at which it was over, or would be as it stands
 */
public record Report(List<Minute> minutes, List<Off> early, List<Off> left, int end) {

    private static final int MINUTE = 60;
    private static final int LONGEST = 6 * 3600;
    /** Seconds early, or late, that nobody is blamed for. */
    private static final int FAIR = 30;

    private static final Set<Class<? extends Happened>> TELLING = Set.of(
            Start.class,
            Done.class,
            Skip.class,
            Drop.class,
            SwapIn.class,
            HandOver.class,
            Cut.class,
            Failed.class,
            Question.class,
            Note.class,
            Over.class);

    /**
     * A minute of the class.
     *
     * @param at seconds from going on air at which it begins
     * @param end seconds at which the class would end as it stood at its end
     * @param events of it
     */
    public record Minute(int at, int end, List<AirEvent> events) {}

    /**
     * A step that was not taken when it was ready.
     *
     * @param key of its activity
     * @param seconds too early, or that it waited
     */
    public record Off(String key, int seconds) {}

    /** Keeps its own copies. */
    public Report {
        minutes = List.copyOf(minutes);
        early = List.copyOf(early);
        left = List.copyOf(left);
    }

    /** Of a rehearsal up to a moment; empty where it has not begun. */
    public static Report of(SimulatedKitchen kitchen, List<AirEvent> events, Instant now) {
        AirState last = kitchen.order().at(events, now);
        if (last.onAir().isEmpty()) {
            return new Report(List.of(), List.of(), List.of(), last.end());
        }
        Instant begun = last.onAir().get();
        int end = last.events().stream()
                .filter(event -> event.is(Over.class))
                .findFirst()
                .map(event -> seconds(begun, event))
                .orElse(last.elapsed());
        List<Minute> minutes = new ArrayList<>();
        for (int at = 0; at <= Math.min(end, LONGEST); at += MINUTE) {
            int to = at + MINUTE;
            int from = at;
            List<AirEvent> so =
                    events.stream().filter(event -> seconds(begun, event) < to).toList();
            int wouldEnd =
                    kitchen.order().at(so, begun.plusSeconds(Math.min(to, end))).end();
            minutes.add(new Minute(
                    at,
                    wouldEnd,
                    last.events().stream()
                            .filter(event -> TELLING.contains(event.what().getClass())
                                    && seconds(begun, event) >= from
                                    && seconds(begun, event) < to)
                            .toList()));
        }
        List<Off> early = new ArrayList<>();
        List<Off> left = new ArrayList<>();
        last.events().stream()
                .filter(event -> event.is(Done.class))
                .forEach(event -> judge(kitchen, last, event, early, left));
        return new Report(minutes, early, left, last.over() ? end : last.end());
    }

    /** Whether nothing that was tried would have ended sooner: what was done is then the best that is known. */
    public boolean isUnbeatenBy(Practice best) {
        return end <= best.end();
    }

    private static void judge(SimulatedKitchen kitchen, AirState last, AirEvent done, List<Off> early, List<Off> late) {
        AirState before = kitchen.order()
                .at(
                        last.events().stream()
                                .filter(event -> event.number() < done.number())
                                .toList(),
                        done.at());
        Set<String> running = new HashSet<>();
        for (Standing standing : before.running()) {
            if (AirState.key(standing.activity()).equals(done.activity())
                    && standing.activity().start() >= 0
                    && running.add(done.activity())) {
                int left = kitchen.left(before, standing);
                if (left > FAIR) {
                    early.add(new Off(done.activity(), left));
                } else if (left < -FAIR) {
                    late.add(new Off(done.activity(), -left));
                }
            }
        }
    }

    private static int seconds(Instant begun, AirEvent event) {
        return (int) Duration.between(begun, event.at()).toSeconds();
    }
}
