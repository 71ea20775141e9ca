package hopsel.core.shop;

import hopsel.core.item.Pack;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The cheapest packs that cover a need; of those the ones that leave the least, of those the fewest.
 *
 * <p>Exact: a table over every total that can be reached, in units of the packs' greatest common divisor (an unbounded
 * covering knapsack by dynamic programming, as in Martello and Toth, Knapsack Problems, 1990). A large need is first
 * cut down by packs of the best price per gram: as many other packs as one of these has units always contain some that
 * the best pack replaces at no higher cost, so only the rest has to be searched.
 */
public final class PackChoice {

    /** Table size up to which the choice is exact; about 200 MB of work, far above any kitchen's need. */
    private static final long MOST_TOTALS = 8_000_000;

    private static final int PRICE_DECIMALS = 6;

    private final List<Pack> packs;
    private final long[] units;
    private final long[] prices;
    private final BigDecimal unit;

    private PackChoice(List<Pack> packs) {
        this.packs = packs.stream()
                .distinct()
                .sorted(Comparator.comparing(Pack::grams).thenComparing(Pack::price))
                .toList();
        this.unit = commonUnit(this.packs);
        this.units = this.packs.stream()
                .mapToLong(pack -> pack.grams().divide(unit).longValueExact())
                .toArray();
        this.prices = this.packs.stream()
                .mapToLong(pack -> pack.price()
                        .movePointRight(PRICE_DECIMALS)
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact())
                .toArray();
    }

    /**
     * Chooses packs.
     *
     * @param grams what must be covered; 0 or less needs nothing
     * @param packs sizes that are sold, at least one
     * @return sorted by size; only sizes of which one is bought
     */
    public static List<PackCount> cover(BigDecimal grams, List<Pack> packs) {
        if (grams.signum() <= 0) {
            return List.of();
        }
        return new PackChoice(packs).cover(grams);
    }

    private List<PackCount> cover(BigDecimal grams) {
        long need = ceiling(grams);
        int best = bestValue();
        long most = Arrays.stream(units).max().orElseThrow();
        long bulk = Math.max(0, need - Math.multiplyExact(units[best], most)) / units[best];
        long rest = need - bulk * units[best];
        if (rest + most > MOST_TOTALS) {
            return oneSize(need);
        }
        long[] counts = search((int) rest, (int) most);
        counts[best] += bulk;
        return counted(counts);
    }

    /** Rounding first takes away what an endless third left behind the twentieth digit. */
    private long ceiling(BigDecimal grams) {
        BigDecimal exact = grams.setScale(Math.min(grams.scale(), 15), RoundingMode.HALF_UP);
        return Decimals.ratio(exact, unit)
                .setScale(15, RoundingMode.HALF_UP)
                .setScale(0, RoundingMode.CEILING)
                .longValueExact();
    }

    private long[] search(int need, int most) {
        int size = need + most;
        long[] cost = new long[size];
        int[] number = new int[size];
        int[] last = new int[size];
        Arrays.fill(cost, Long.MAX_VALUE);
        cost[0] = 0;
        for (int total = 1; total < size; total++) {
            for (int i = 0; i < units.length; i++) {
                int before = units[i] <= total ? (int) (total - units[i]) : -1;
                if (before >= 0
                        && cost[before] != Long.MAX_VALUE
                        && better(cost[before] + prices[i], number[before] + 1, cost[total], number[total])) {
                    cost[total] = cost[before] + prices[i];
                    number[total] = number[before] + 1;
                    last[total] = i;
                }
            }
        }
        int chosen = need;
        for (int total = need; total < size; total++) {
            if (cost[total] < cost[chosen]) {
                chosen = total;
            }
        }
        return counts(chosen, last);
    }

    private static boolean better(long cost, int number, long thanCost, int thanNumber) {
        return cost < thanCost || (cost == thanCost && number < thanNumber);
    }

    private long[] counts(int total, int[] last) {
        long[] counts = new long[units.length];
        for (int at = total; at > 0; at -= (int) units[last[at]]) {
            counts[last[at]]++;
        }
        return counts;
    }

    private List<PackCount> counted(long[] counts) {
        List<PackCount> chosen = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                chosen.add(new PackCount(packs.get(i), counts[i]));
            }
        }
        return chosen;
    }

    /** The pack with the lowest price per unit; among equals the largest. */
    private int bestValue() {
        int best = 0;
        for (int i = 1; i < units.length; i++) {
            BigInteger here = BigInteger.valueOf(prices[i]).multiply(BigInteger.valueOf(units[best]));
            BigInteger there = BigInteger.valueOf(prices[best]).multiply(BigInteger.valueOf(units[i]));
            if (here.compareTo(there) <= 0) {
                best = i;
            }
        }
        return best;
    }

    /** Where sizes are so odd that the table would not fit: the cheapest choice that keeps to one size. */
    private List<PackCount> oneSize(long need) {
        PackCount best = null;
        for (int i = 0; i < units.length; i++) {
            PackCount here = new PackCount(packs.get(i), -Math.floorDiv(-need, units[i]));
            if (best == null || here.cost().compareTo(best.cost()) < 0) {
                best = here;
            }
        }
        return List.of(best);
    }

    private static BigDecimal commonUnit(List<Pack> packs) {
        int scale = packs.stream()
                .mapToInt(pack -> Math.max(0, pack.grams().scale()))
                .max()
                .orElseThrow();
        BigInteger divisor = packs.stream()
                .map(pack -> pack.grams().movePointRight(scale).toBigIntegerExact())
                .reduce(BigInteger.ZERO, BigInteger::gcd);
        return new BigDecimal(divisor, scale);
    }
}
