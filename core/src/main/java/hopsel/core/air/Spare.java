package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened.HandedIn;
import hopsel.core.plan.Activity;

import java.util.List;

/**
 * A step that could be swapped out though the plan does not: one more made earlier can stand ready beside the plan, and
 * only where somebody has said so it can be brought in.
 *
 * @param standing the step
 * @param ready whether one stands ready
 */
public record Spare(Standing standing, boolean ready) {

    /** What is handed in, and said once, when one more of a step stands ready. */
    public static String id(String key) {
        return "SPARE " + key;
    }

    /** Of all that is still to come, in the order of the class. */
    public static List<Spare> of(AirState state) {
        return state.standings().stream()
                .filter(standing -> isToCome(standing) && shortens(state, standing))
                .map(standing -> new Spare(standing, isReady(state, AirState.key(standing.activity()))))
                .toList();
    }

    private static boolean isToCome(Standing standing) {
        Activity activity = standing.activity();
        return standing.status() == Status.AHEAD
                && activity.start() >= 0
                && activity.copy().isMain()
                && activity.shown();
    }

    /** Whether somebody has said that one more of a step stands ready. */
    static boolean isReady(AirState state, String key) {
        return state.events().stream().anyMatch(event -> event.what().equals(new HandedIn(id(key))));
    }

    /** Whether a step is shown for less time where the one made earlier comes in. */
    static boolean shortens(AirState state, Standing standing) {
        return !standing.swapped()
                && state.order().cooking.step(standing.activity().step()).swap().isPresent()
                && Forecast.swap(state.order(), standing.activity())
                        < standing.activity().duration();
    }
}
