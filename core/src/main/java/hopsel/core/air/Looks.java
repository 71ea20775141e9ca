package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.Happened.Looked;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.measure.Minutes;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** When somebody looks at what runs by itself: pans that are left alone are forgotten. */
public final class Looks {

    /**
     * Share of its time after which a watched step is first looked at where the recipe does not say. Kitchen practice.
     */
    private static final double FIRST = 0.6;
    /** Seconds that a step has to last for a look in between to be worth it. */
    private static final int LONG = 180;

    private Looks() {}

    /** Seconds from going on air of each look before a step is over. */
    public static List<Integer> at(Standing standing, Step step) {
        List<Integer> looks = new ArrayList<>();
        int every = step.checkEvery().map(Minutes::seconds).orElse(0);
        int first = step.firstLook().map(Minutes::seconds).orElse(every);
        if (first > 0) {
            for (int at = standing.start() + first;
                    at < standing.end();
                    at += every > 0 ? every : step.minutes().high().seconds()) {
                looks.add(at);
            }
        } else if (step.work() == Work.WATCH && standing.end() - standing.start() >= LONG) {
            looks.add(standing.start() + (int) ((standing.end() - standing.start()) * FIRST));
        }
        return looks;
    }

    /** How often somebody looked since it was begun. */
    public static int done(AirState state, String key, int start) {
        return (int) state.onAir()
                .map(begun -> state.events().stream()
                        .filter(event -> event.is(Looked.class, key)
                                && Duration.between(begun, event.at()).toSeconds() >= start)
                        .count())
                .orElse(0L)
                .longValue();
    }
}
