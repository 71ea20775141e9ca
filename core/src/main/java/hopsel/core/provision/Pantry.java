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
     * What was weighed out of a pack for a class.
     *
     * @param lot name of the pack
     * @param grams as bought
     * @param useBy the date on it; empty: none
     */
    public record Weighed(String lot, BigDecimal grams, Optional<LocalDate> useBy) {}

    /**
     * What goes in and out when a class is over: its packs came in, and what it needed went out, from the packs that it
     * was weighed from, else from what ends first. What was bought goes by the names of the packs that were weighed
     * from, where somebody noted any; what is left of it is in the last.
     *
     * @param batch name of what was bought for it and nobody noted
     * @param weighed by item, in the order in which packs were opened
     */
    public List<Movement> close(
            List<Purchase> purchases, Map<String, BigDecimal> used, String batch, Map<String, List<Weighed>> weighed) {
        List<Movement> all = new ArrayList<>();
        for (Purchase purchase : purchases) {
            if (purchase.buyGrams().signum() > 0) {
                all.addAll(bought(purchase, batch, weighed.getOrDefault(purchase.item(), List.of())));
            }
        }
        Pantry stocked = new Pantry(joined(all));
        used.forEach((item, grams) -> all.addAll(stocked.out(item, grams, weighed.getOrDefault(item, List.of()))));
        return all;
    }

    private List<Movement> bought(Purchase purchase, String batch, List<Weighed> weighed) {
        List<Weighed> fresh = weighed.stream()
                .filter(own -> find(purchase.item(), own.lot).isEmpty())
                .toList();
        if (fresh.isEmpty()) {
            return List.of(in(purchase.item(), batch, purchase.buyGrams(), Optional.empty()));
        }
        List<Movement> lines = new ArrayList<>();
        BigDecimal left = purchase.buyGrams();
        for (Weighed own : fresh) {
            boolean last = own.equals(fresh.get(fresh.size() - 1));
            BigDecimal grams = last ? left : own.grams.min(left);
            if (grams.signum() > 0) {
                lines.add(in(purchase.item(), own.lot, grams, own.useBy));
                left = left.subtract(grams);
            }
        }
        return lines;
    }

    private static Movement in(String item, String batch, BigDecimal grams, Optional<LocalDate> useBy) {
        return new Movement(Turnover.BOUGHT, item, batch, grams, useBy, true);
    }

    private Optional<Batch> find(String item, String name) {
        return batches.stream()
                .filter(batch -> batch.item.equals(item) && batch.name.equals(name))
                .findFirst();
    }

    /** So much of an item, first from the packs that were weighed from. */
    private List<Movement> out(String item, BigDecimal grams, List<Weighed> weighed) {
        List<Movement> out = new ArrayList<>();
        BigDecimal all = weighed.stream()
                .map(Weighed::grams)
                .reduce(BigDecimal.ZERO, BigDecimal::add)
                .max(grams);
        for (Weighed own : weighed) {
            Optional<Batch> pack = find(item, own.lot);
            BigDecimal here = pack.map(batch -> batch.grams.min(own.grams)).orElse(BigDecimal.ZERO);
            if (here.signum() > 0) {
                out.add(new Movement(Turnover.USED, item, own.lot, here.negate(), pack.get().useBy, true));
                all = all.subtract(here);
            }
        }
        out.addAll(new Pantry(joined(out)).take(item, all));
        return out;
    }

    private List<Batch> joined(List<Movement> more) {
        List<Movement> all = new ArrayList<>();
        batches.forEach(batch -> all.add(
                new Movement(Turnover.COUNTED, batch.item, batch.name, batch.grams, batch.useBy, batch.opened)));
        all.addAll(more);
        return after(all).batches;
    }
}
