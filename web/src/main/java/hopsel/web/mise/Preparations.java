package hopsel.web.mise;

import hopsel.core.mise.Countdown;
import hopsel.core.planned.PlannedClass;
import hopsel.core.planned.Prepared;
import hopsel.web.frame.Remembered;
import hopsel.web.provision.ShelfStore;
import hopsel.web.tick.TickStore;
import hopsel.web.tick.TickStore.Tick;

import org.springframework.stereotype.Component;

import java.util.List;
import java.util.Map;

/** What is prepared for a class, worked out once for all who ask; and what of its countdown nobody has ticked. */
@Component
public class Preparations {

    /** The list of ticks on which the countdown is. */
    static final String COUNTDOWN = "countdown";

    private final ShelfStore shelf;
    private final TickStore ticks;
    private final CountdownWords words;
    private final Remembered<Prepared> remembered = new Remembered<>();

    Preparations(ShelfStore shelf, TickStore ticks, CountdownWords words) {
        this.shelf = shelf;
        this.ticks = ticks;
        this.words = words;
    }

    Prepared of(long id, PlannedClass planned) {
        Map<String, Integer> leadDays = shelf.leadDays();
        return remembered.of(id, planned, leadDays, () -> Prepared.of(planned, leadDays));
    }

    /** What of the countdown is not ticked yet, in words, the earliest first; empty where nothing is planned. */
    public List<String> stillOpen(long id, PlannedClass planned) {
        if (!planned.plan().possible()) {
            return List.of();
        }
        Map<String, Tick> ticked = ticks.now(id, COUNTDOWN);
        return of(id, planned).countdown().stream()
                .filter(task -> !isDone(ticked, task))
                .map(words::what)
                .toList();
    }

    private static boolean isDone(Map<String, Tick> ticked, Countdown.Task task) {
        Tick tick = ticked.get(task.key());
        return tick != null && tick.done();
    }
}
