package hopsel.core.shop;

import hopsel.core.item.Pack;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * So many of one pack.
 *
 * @param pack which
 * @param count how many, at least 1
 */
public record PackCount(Pack pack, long count) {

    /** What they hold. */
    public BigDecimal grams() {
        return pack.grams().multiply(BigDecimal.valueOf(count));
    }

    /** What they cost. */
    public BigDecimal cost() {
        return pack.price().multiply(BigDecimal.valueOf(count));
    }

    /** These and others, by size; those of one size together. */
    public static List<PackCount> with(PackCount more, List<PackCount> others) {
        Map<Pack, Long> counts = new TreeMap<>(Comparator.comparing(Pack::grams).thenComparing(Pack::price));
        counts.put(more.pack, more.count);
        others.forEach(other -> counts.merge(other.pack, other.count, Long::sum));
        return counts.entrySet().stream()
                .map(entry -> new PackCount(entry.getKey(), entry.getValue()))
                .toList();
    }
}
