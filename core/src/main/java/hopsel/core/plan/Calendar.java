package hopsel.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The moments at which an activity may start: a few stretches of time, both ends included, in order. */
final class Calendar {

    /** No moment any more, or no end. */
    static final int NEVER = Integer.MAX_VALUE / 4;

    /** Any moment at all. */
    static final Calendar ALWAYS = new Calendar(List.of(new int[] {-NEVER, NEVER}));

    private final int[][] stretches;

    private Calendar(List<int[]> stretches) {
        this.stretches = stretches.toArray(int[][]::new);
    }

    /**
     * Starts inside the prep windows and, perhaps, on air.
     *
     * @param room seconds that must be left in a window after the start; 0 where only the start has to be in it
     * @param onAir whether any moment from 0 on will do as well
     */
    static Calendar of(List<int[]> windows, int room, boolean onAir) {
        List<int[]> stretches = new ArrayList<>();
        for (int[] window : windows) {
            if (window[1] - room >= window[0]) {
                stretches.add(new int[] {window[0], window[1] - room});
            }
        }
        if (onAir) {
            stretches.add(new int[] {0, NEVER});
        }
        return new Calendar(stretches);
    }

    /** The same moments, so many seconds earlier. */
    Calendar earlier(int seconds) {
        return new Calendar(Arrays.stream(stretches)
                .map(stretch -> new int[] {stretch[0] - seconds, stretch[1] - seconds})
                .toList());
    }

    /** The moments of both. */
    Calendar and(Calendar other) {
        List<int[]> both = new ArrayList<>();
        for (int[] one : stretches) {
            for (int[] two : other.stretches) {
                int from = Math.max(one[0], two[0]);
                int to = Math.min(one[1], two[1]);
                if (from <= to) {
                    both.add(new int[] {from, to});
                }
            }
        }
        return new Calendar(both);
    }

    /** The first moment at or after the given one; {@link #NEVER} if there is none. */
    int atOrAfter(int moment) {
        int best = NEVER;
        for (int[] stretch : stretches) {
            if (moment <= stretch[1]) {
                best = Math.min(best, Math.max(moment, stretch[0]));
            }
        }
        return best;
    }

    /** The last moment at or before the given one; minus {@link #NEVER} if there is none. */
    int atOrBefore(int moment) {
        int best = -NEVER;
        for (int[] stretch : stretches) {
            if (moment >= stretch[0]) {
                best = Math.max(best, Math.min(moment, stretch[1]));
            }
        }
        return best;
    }

    boolean allows(int moment) {
        return atOrAfter(moment) == moment;
    }
}
