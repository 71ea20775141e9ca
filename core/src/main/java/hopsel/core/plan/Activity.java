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
 */
public record Activity(
        StepRef step,
        Copy copy,
        boolean shown,
        int start,
        int end,
        Optional<String> person,
        List<Placement> placements) {

    /** The order of a plan: by start, then step, then copy with main first. */
    public static final Comparator<Activity> ORDER = Comparator.comparingInt(Activity::start)
            .thenComparing(Activity::step)
            .thenComparing(Activity::copy);

    /** Keeps its own copy. */
    public Activity {
        placements = List.copyOf(placements);
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
