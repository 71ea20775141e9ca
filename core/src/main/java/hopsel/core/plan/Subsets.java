package hopsel.core.plan;

import java.util.ArrayList;
import java.util.List;

/** All subsets of one size, in the order of the list. */
final class Subsets {

    private Subsets() {
    }

    /** The first {@code most} subsets of that size. */
    static List<List<Integer>> of(List<Integer> all, int size, int most) {
        List<List<Integer>> subsets = new ArrayList<>();
        extend(all, 0, size, new ArrayList<>(), subsets, most);
        return subsets;
    }

    private static void extend(List<Integer> all, int from, int size, List<Integer> chosen, List<List<Integer>> subsets,
                               int most) {
        if (subsets.size() >= most) {
            return;
        }
        if (chosen.size() == size) {
            subsets.add(List.copyOf(chosen));
            return;
        }
        for (int i = from; i <= all.size() - (size - chosen.size()); i++) {
            chosen.add(all.get(i));
            extend(all, i + 1, size, chosen, subsets, most);
            chosen.remove(chosen.size() - 1);
        }
    }
}
