package hopsel.core.plan;

import hopsel.core.dish.StepRef;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A step, or a copy of it, with its time and place. Immutable.
 *
 * @param step which
 * @param copy main, or made beforehand
 * @param shown whether the audience sees it
 * @param start seconds relative to going on air
 * @param end seconds relative to going on air
 * @param person id of who does it; empty where nobody's hands are needed
 * @param placements one for each need of the step, in their order
 * @param hands somebody's hands at the ends of what runs by itself, or while it is shown; in order
 */
public record Activity(
        StepRef step,
        Copy copy,
        boolean shown,
        int start,
        int end,
        Optional<String> person,
        List<Placement> placements,
        List<Hands> hands) {

    /**
     * Somebody's hands for a part of an activity that otherwise runs by itself.
     *
     * @param part which
     * @param person id
     * @param start seconds relative to going on air
     * @param end seconds relative to going on air
     */
    public record Hands(HandsPart part, String person, int start, int end) {}

    /** The order of a plan: by start, then step, then copy with main first. */
    public static final Comparator<Activity> ORDER = Comparator.comparingInt(Activity::start)
            .thenComparing(Activity::step)
            .thenComparing(Activity::copy);

    /** Keeps its own copies. */
    public Activity {
        placements = List.copyOf(placements);
        hands = List.copyOf(hands);
    }

    /** One that nobody has to lay a hand on while it runs by itself. */
    public Activity(
            StepRef step,
            Copy copy,
            boolean shown,
            int start,
            int end,
            Optional<String> person,
            List<Placement> placements) {
        this(step, copy, shown, start, end, person, placements, List.of());
    }

    /** How long, in seconds. */
    public int duration() {
        return end - start;
    }

    /** Whether any of it lies before the class. */
    public boolean beforeClass() {
        return start < 0;
    }
}
