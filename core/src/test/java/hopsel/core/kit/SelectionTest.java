package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** What is chosen gains as much as the best of all choices, each of them tried. */
class SelectionTest {

    private static final int GROUPS = 3;
    private static final int PARTS = 9;
    private static final int GAINS = 6;

    /** Parts of three groups at a price of one each; each group has a price; each gain needs some of the parts. */
    private record Case(int[] groups, int[] worths, List<List<Integer>> needs) {

        static Case of(long seed) {
            Random random = new Random(seed);
            List<List<Integer>> needs = new ArrayList<>();
            for (int i = 0; i < GAINS; i++) {
                needs.add(random.ints(0, PARTS)
                        .limit(1 + random.nextInt(3))
                        .distinct()
                        .boxed()
                        .toList());
            }
            return new Case(
                    random.ints(GROUPS, 0, 9).toArray(),
                    random.ints(GAINS, 0, 12).toArray(),
                    needs);
        }

        Selection selection() {
            Selection selection = new Selection();
            for (int i = 0; i < GROUPS; i++) {
                selection.price("group" + i, groups[i], List.of());
            }
            for (int i = 0; i < PARTS; i++) {
                selection.price("part" + i, 1, List.of("group" + i % GROUPS));
            }
            for (int i = 0; i < GAINS; i++) {
                selection.gain(
                        "gain" + i,
                        worths[i],
                        needs.get(i).stream().map(part -> "part" + part).toList());
            }
            return selection;
        }

        int worth(Set<Object> chosen) {
            int worth = 0;
            for (int i = 0; i < GROUPS; i++) {
                worth -= chosen.contains("group" + i) ? groups[i] : 0;
            }
            for (int i = 0; i < PARTS; i++) {
                worth -= chosen.contains("part" + i) ? 1 : 0;
            }
            for (int i = 0; i < GAINS; i++) {
                worth += chosen.contains("gain" + i) ? worths[i] : 0;
            }
            return worth;
        }

        int best() {
            int best = 0;
            for (int mask = 0; mask < 1 << PARTS; mask++) {
                best = Math.max(best, withParts(mask));
            }
            return best;
        }

        private int withParts(int mask) {
            int worth = -Integer.bitCount(mask);
            for (int i = 0; i < GROUPS; i++) {
                int group = i;
                boolean open =
                        IntStream.range(0, PARTS).anyMatch(part -> part % GROUPS == group && (mask & 1 << part) != 0);
                worth -= open ? groups[i] : 0;
            }
            for (int i = 0; i < GAINS; i++) {
                worth += needs.get(i).stream().allMatch(part -> (mask & 1 << part) != 0) ? worths[i] : 0;
            }
            return worth;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void itIsTheBestOfAll(long seed) {
        Case one = Case.of(seed);
        Set<Object> chosen = one.selection().best();
        assertThat(one.worth(chosen)).isEqualTo(one.best());
        for (int i = 0; i < GAINS; i++) {
            if (chosen.contains("gain" + i)) {
                assertThat(chosen)
                        .containsAll(one.needs.get(i).stream()
                                .map(part -> "part" + part)
                                .toList());
            }
        }
    }

    @Test
    void whatCostsAsMuchAsItGainsIsLeft() {
        Selection selection = new Selection();
        selection.price("bowl", 2, List.of());
        selection.gain("fewer", 2, List.of("bowl"));
        assertThat(selection.best()).isEmpty();
    }
}
