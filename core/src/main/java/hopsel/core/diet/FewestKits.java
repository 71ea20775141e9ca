package hopsel.core.diet;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The fewest kinds of kit that serve everybody: people are put together whose choices meet for every ingredient. Exact,
 * by branch and bound over those whose choices are narrowest; everybody else can join one of them.
 */
final class FewestKits {

    /** Steps of the search after which the best so far is taken; no class of 30 comes near it. */
    private static final long MOST_WORK = 20_000_000;

    private final long[][] people;
    private final int[] order;
    private int[] best = {};
    private int fewest;
    private long work;

    private FewestKits(long[][] people, int[] order) {
        this.people = people;
        this.order = order;
    }

    /**
     * The group of each person, numbered from 0.
     *
     * @param people for each person and ingredient, the choices that suit them as bits; none is 0
     */
    static int[] of(long[][] people) {
        IntStream leading = IntStream.range(0, people.length).filter(person -> leads(people, person));
        Comparator<Integer> fewestChoices = Comparator.comparingInt(
                person -> Arrays.stream(people[person]).mapToInt(Long::bitCount).sum());
        int[] narrow = leading.boxed()
                .sorted(fewestChoices)
                .mapToInt(Integer::intValue)
                .toArray();
        FewestKits search = new FewestKits(people, narrow);
        search.fewest = narrow.length + 1;
        search.place(0, new ArrayList<>(), new int[narrow.length]);
        return search.everybody();
    }

    /** Whether nobody else's choices lie within this person's; of those alike, the first leads. */
    private static boolean leads(long[][] people, int person) {
        for (int other = 0; other < people.length; other++) {
            boolean within = other != person;
            for (int i = 0; within && i < people[person].length; i++) {
                within = (people[other][i] & ~people[person][i]) == 0;
            }
            if (within && (!Arrays.equals(people[other], people[person]) || other < person)) {
                return false;
            }
        }
        return true;
    }

    private void place(int at, List<long[]> groups, int[] assigned) {
        if (groups.size() >= fewest || ++work > MOST_WORK && best != null) {
            return;
        }
        if (at == order.length) {
            fewest = groups.size();
            best = assigned.clone();
            return;
        }
        long[] own = people[order[at]];
        for (int g = 0; g < groups.size(); g++) {
            long[] before = groups.get(g);
            long[] both = meet(before, own);
            if (both != null) {
                groups.set(g, both);
                assigned[at] = g;
                place(at + 1, groups, assigned);
                groups.set(g, before);
            }
        }
        groups.add(own);
        assigned[at] = groups.size() - 1;
        place(at + 1, groups, assigned);
        groups.remove(groups.size() - 1);
    }

    private static long @Nullable [] meet(long[] one, long[] two) {
        long[] both = new long[one.length];
        for (int i = 0; i < one.length; i++) {
            both[i] = one[i] & two[i];
            if (both[i] == 0) {
                return null;
            }
        }
        return both;
    }

    /** Those who can join any of several groups join the one that changes least: whose lowest choices come first. */
    private int[] everybody() {
        long[][] groups = new long[fewest][];
        for (int i = 0; i < order.length; i++) {
            int g = best[i];
            groups[g] = groups[g] == null ? people[order[i]] : meet(groups[g], people[order[i]]);
        }
        int[] all = new int[people.length];
        for (int person = 0; person < people.length; person++) {
            int chosen = -1;
            for (int g = 0; g < fewest; g++) {
                if (meet(groups[g], people[person]) != null
                        && (chosen < 0 || changes(groups[g]) < changes(groups[chosen]))) {
                    chosen = g;
                }
            }
            groups[chosen] = meet(groups[chosen], people[person]);
            all[person] = chosen;
        }
        return all;
    }

    private static int changes(long[] group) {
        return (int) Arrays.stream(group).filter(choices -> (choices & 1) == 0).count();
    }
}
