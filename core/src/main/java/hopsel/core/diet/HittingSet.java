package hopsel.core.diet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;

/**
 * The fewest elements of which every set has at least one; among as few, the least weight. Exact, by branch and bound:
 * the smallest set that is not hit yet is hit by each of its elements in turn, and sets that share nothing bound from
 * below how many more are needed.
 */
final class HittingSet {

    private final List<BitSet> sets;
    private final long[] weights;
    private BitSet best = new BitSet();
    private int fewest = Integer.MAX_VALUE;
    private long lightest = Long.MAX_VALUE;

    private HittingSet(List<BitSet> sets, long[] weights) {
        this.sets = sets;
        this.weights = weights;
    }

    /**
     * The best choice.
     *
     * @param sets none of them empty
     * @param weights of the elements, 0 or more
     */
    static BitSet of(List<BitSet> sets, long[] weights) {
        List<BitSet> minimal = new ArrayList<>();
        sets.stream()
                .distinct()
                .sorted(Comparator.comparingInt(BitSet::cardinality))
                .forEach(set -> {
                    if (minimal.stream().noneMatch(smaller -> within(smaller, set))) {
                        minimal.add(set);
                    }
                });
        HittingSet search = new HittingSet(minimal, weights);
        search.choose(new BitSet(), new BitSet(), 0, 0);
        return search.best;
    }

    private static boolean within(BitSet smaller, BitSet larger) {
        BitSet rest = (BitSet) smaller.clone();
        rest.andNot(larger);
        return rest.isEmpty();
    }

    private void choose(BitSet chosen, BitSet barred, int count, long weight) {
        BitSet open = null;
        int choices = Integer.MAX_VALUE;
        int apart = 0;
        BitSet seen = new BitSet();
        for (BitSet set : sets) {
            if (set.intersects(chosen)) {
                continue;
            }
            BitSet left = (BitSet) set.clone();
            left.andNot(barred);
            if (left.isEmpty()) {
                return;
            }
            if (left.cardinality() < choices) {
                open = left;
                choices = left.cardinality();
            }
            if (!left.intersects(seen)) {
                apart++;
                seen.or(left);
            }
        }
        if (count + apart > fewest || count + apart == fewest && weight >= lightest) {
            return;
        }
        if (open == null) {
            best = (BitSet) chosen.clone();
            fewest = count;
            lightest = weight;
            return;
        }
        BitSet now = (BitSet) barred.clone();
        Integer[] order = open.stream()
                .boxed()
                .sorted(Comparator.comparingLong(element -> weights[element]))
                .toArray(Integer[]::new);
        for (int element : Arrays.asList(order)) {
            chosen.set(element);
            choose(chosen, now, count + 1, weight + weights[element]);
            chosen.clear(element);
            // What was tried first need not be tried again beside another.
            now = (BitSet) now.clone();
            now.set(element);
        }
    }
}
