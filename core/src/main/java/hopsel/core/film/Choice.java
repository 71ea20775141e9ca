package hopsel.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Which extents of which steps make the most of a film's length: a knapsack with one choice for each step, solved
 * exactly by going through all lengths (Kellerer, Pferschy and Pisinger, "Knapsack Problems", 2004, chapter 11).
 */
final class Choice {

    private static final int NO_WAY = -1;

    private Choice() {}

    /**
     * A way to show a step.
     *
     * @param extent how much of it; empty: it is left out
     * @param seconds of film
     * @param worth of seeing that much of it
     */
    record Way(Optional<Extent> extent, int seconds, int worth) {}

    /**
     * The way for each step with which the worth is the most there can be; of equally good ones, one that takes less.
     * Empty where not even the shortest of all fit.
     *
     * @param ways of each step, at least one
     * @param length seconds
     */
    static Optional<List<Way>> best(List<List<Way>> ways, int length) {
        if (length < 0) {
            return Optional.empty();
        }
        int[] worth = new int[length + 1];
        Arrays.fill(worth, NO_WAY);
        worth[0] = 0;
        int[][] chosen = new int[ways.size()][length + 1];
        for (int step = 0; step < ways.size(); step++) {
            worth = with(ways.get(step), worth, chosen[step]);
        }
        int best = NO_WAY;
        for (int used = 0; used <= length; used++) {
            if (worth[used] >= 0 && (best == NO_WAY || worth[used] > worth[best])) {
                best = used;
            }
        }
        return best == NO_WAY ? Optional.empty() : Optional.of(back(ways, chosen, best));
    }

    private static int[] with(List<Way> ways, int[] before, int[] chosen) {
        int[] after = new int[before.length];
        Arrays.fill(after, NO_WAY);
        for (int w = 0; w < ways.size(); w++) {
            Way way = ways.get(w);
            for (int used = way.seconds; used < after.length; used++) {
                int rest = before[used - way.seconds];
                if (rest >= 0 && rest + way.worth > after[used]) {
                    after[used] = rest + way.worth;
                    chosen[used] = w;
                }
            }
        }
        return after;
    }

    private static List<Way> back(List<List<Way>> ways, int[][] chosen, int length) {
        List<Way> way = new ArrayList<>();
        int used = length;
        for (int step = ways.size() - 1; step >= 0; step--) {
            Way taken = ways.get(step).get(chosen[step][used]);
            way.add(0, taken);
            used -= taken.seconds;
        }
        return way;
    }
}
