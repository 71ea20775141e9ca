package hopsel.core.provision;

import hopsel.core.shop.Purchase;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is on the shelf, as the sum of everything that ever went in and out. Immutable.
 *
 * @param batches that are not empty, by item, then by when they end
 */
public record Pantry(List<Batch> batches) {

    /** What ends first is taken first; of what has no date, what is open. */
    private static final Comparator<Batch> FIRST_OUT = Comparator.comparing(
                    (Batch batch) -> batch.useBy().orElse(LocalDate.MAX))
            .thenComparing(batch -> !batch.opened())
            .thenComparing(Batch::name);

    /** Why something moved. */
    public enum Turnover {
        BOUGHT,
        USED,
        LEFT_OVER,
        THROWN_AWAY,
        COUNTED
    }

    /**
     * A line of the ledger; nothing is ever overwritten.
     *
     * @param kind why
     * @param item id
     * @param batch name of the pack or box
     * @param grams as bought; what goes out is negative
     * @param useBy the date on it; empty: none
     * @param opened whether it is open
     */
    public record Movement(
            Turnover kind, String item, String batch, BigDecimal grams, Optional<LocalDate> useBy, boolean opened) {}

    /**
     * A pack or box on the shelf.
     *
     * @param name unique for its item
     * @param grams that are left, above 0
     */
    public record Batch(String item, String name, BigDecimal grams, Optional<LocalDate> useBy, boolean opened) {}

    /** Keeps its own copy. */
    public Pantry {
        batches = List.copyOf(batches);
    }

    /** The shelf after these movements, in the order in which they were made. */
    public static Pantry after(List<Movement> ledger) {
        Map<String, Batch> batches = new LinkedHashMap<>();
        for (Movement line : ledger) {
            batches.merge(
                    line.item + "\n" + line.batch,
                    new Batch(line.item, line.batch, line.grams, line.useBy, line.opened),
                    (was, more) -> new Batch(
                            was.item,
                            was.name,
                            was.grams.add(more.grams),
                            more.useBy.or(was::useBy),
                            was.opened || more.opened));
        }
        return new Pantry(batches.values().stream()
                .filter(batch -> batch.grams.signum() > 0)
                .sorted(Comparator.comparing(Batch::item).thenComparing(FIRST_OUT))
                .toList());
    }

    /** Grams of an item that are there, as bought. */
    public BigDecimal grams(String item) {
        return batches.stream()
                .filter(batch -> batch.item.equals(item))
                .map(Batch::grams)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Grams of an item that will still be good on a day. */
    public BigDecimal goodOn(String item, LocalDate day) {
        return batches.stream()
                .filter(batch -> batch.item.equals(item)
                        && batch.useBy.filter(day::isAfter).isEmpty())
                .map(Batch::grams)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Takes out so much of an item, or all there is: from what ends first. */
    public List<Movement> take(String item, BigDecimal grams) {
        List<Movement> out = new ArrayList<>();
        BigDecimal left = grams;
        for (Batch batch : batches.stream()
                .filter(batch -> batch.item.equals(item))
                .sorted(FIRST_OUT)
                .toList()) {
            BigDecimal here = batch.grams.min(left);
            if (here.signum() > 0) {
                boolean open = batch.opened || here.compareTo(batch.grams) < 0;
                out.add(new Movement(Turnover.USED, item, batch.name, here.negate(), batch.useBy, open));
                left = left.subtract(here);
            }
        }
        return out;
    }

    /** The movement that makes a batch hold so much. */
    public Movement count(String item, String batch, BigDecimal grams, Optional<LocalDate> useBy, boolean opened) {
        BigDecimal before = batches.stream()
                .filter(own -> own.item.equals(item) && own.name.equals(batch))
                .map(Batch::grams)
                .findFirst()
                .orElse(BigDecimal.ZERO);
        return new Movement(Turnover.COUNTED, item, batch, grams.subtract(before), useBy, opened);
    }

    /**
     * What goes in and out when a class is over: its packs came in, and what it needed went out, from what ends first.
     *
     * @param batch name of what was bought for it
     */
    public List<Movement> close(List<Purchase> purchases, Map<String, BigDecimal> used, String batch) {
        List<Movement> lines = new ArrayList<>();
        for (Purchase purchase : purchases) {
            if (purchase.buyGrams().signum() > 0) {
                lines.add(new Movement(
                        Turnover.BOUGHT, purchase.item(), batch, purchase.buyGrams(), Optional.empty(), true));
            }
        }
        List<Movement> all = new ArrayList<>(lines);
        Pantry stocked = new Pantry(joined(lines));
        used.forEach((item, grams) -> all.addAll(stocked.take(item, grams)));
        return all;
    }

    private List<Batch> joined(List<Movement> more) {
        List<Movement> all = new ArrayList<>();
        batches.forEach(batch -> all.add(
                new Movement(Turnover.COUNTED, batch.item, batch.name, batch.grams, batch.useBy, batch.opened)));
        all.addAll(more);
        return after(all).batches;
    }
}
