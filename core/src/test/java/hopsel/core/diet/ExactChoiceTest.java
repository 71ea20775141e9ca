package hopsel.core.diet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Random;

/** The two exact searches, held against trying everything. */
class ExactChoiceTest {

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void theFewestElementsHitEverySetAndOfThoseTheLightest(int seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 60; round++) {
            int elements = 3 + random.nextInt(8);
            long[] weights = random.longs(elements, 0, 50).toArray();
            List<BitSet> sets = new ArrayList<>();
            for (int i = 1 + random.nextInt(12); i > 0; i--) {
                BitSet set = new BitSet();
                for (int k = 1 + random.nextInt(4); k > 0; k--) {
                    set.set(random.nextInt(elements));
                }
                sets.add(set);
            }
            long best = Long.MAX_VALUE;
            for (int choice = 0; choice < 1 << elements; choice++) {
                BitSet chosen = BitSet.valueOf(new long[] {choice});
                if (sets.stream().allMatch(set -> set.intersects(chosen))) {
                    best = Math.min(best, value(chosen, weights));
                }
            }
            BitSet found = HittingSet.of(sets, weights);
            assertThat(sets).allMatch(set -> set.intersects(found));
            assertThat(value(found, weights)).isEqualTo(best);
        }
    }

    private static long value(BitSet chosen, long[] weights) {
        return chosen.cardinality() * 100_000L
                + chosen.stream().mapToLong(element -> weights[element]).sum();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void asFewKindsOfKitServeEverybodyAsCanBe(int seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 40; round++) {
            int size = 1 + random.nextInt(7);
            int items = 1 + random.nextInt(5);
            long[][] people = new long[size][items];
            for (long[] person : people) {
                for (int i = 0; i < items; i++) {
                    person[i] = 1 + random.nextInt(15);
                }
            }
            int[] groups = FewestKits.of(people);
            int kinds = (int) Arrays.stream(groups).distinct().count();
            assertThat(serves(people, groups)).isTrue();
            assertThat(kinds).isEqualTo(fewest(people, new int[size], 0, 0));
        }
    }

    private static boolean serves(long[][] people, int[] groups) {
        for (int g = 0; g < people.length; g++) {
            for (int i = 0; i < people[0].length; i++) {
                long both = -1;
                for (int person = 0; person < people.length; person++) {
                    both &= groups[person] == g ? people[person][i] : -1;
                }
                if (both == 0) {
                    return false;
                }
            }
        }
        return true;
    }

    private static int fewest(long[][] people, int[] groups, int at, int used) {
        if (at == people.length) {
            return serves(people, groups) ? used : Integer.MAX_VALUE;
        }
        int best = Integer.MAX_VALUE;
        for (int g = 0; g <= used; g++) {
            groups[at] = g;
            best = Math.min(best, fewest(people, groups, at + 1, Math.max(used, g + 1)));
        }
        return best;
    }
}
