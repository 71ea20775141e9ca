package hopsel.core.kit;

import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.Weigh;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whose turn it is at a weighing station: kit by kit, or one item down the row.
 *
 * @param packing what has to be packed
 * @param run how far it has come
 * @param station name of the station
 * @param chosen id of the attendee whose kit was chosen, or empty text
 * @param item id of the item that goes down the row, or empty text
 */
public record StationTurn(Packing packing, PackingRun run, String station, String chosen, String item) {

    /**
     * The kit that is packed here: the one that was chosen, or the one that is held here; down a row, the next that
     * lacks the item.
     */
    public Optional<Kit> kit() {
        List<Kit> kits = packing.kits();
        if (!item.isEmpty()) {
            return row().stream().findFirst();
        }
        return kits.stream().filter(kit -> id(kit).equals(chosen)).findFirst().or(() -> kits.stream()
                .filter(kit -> run.holder(id(kit)).equals(Optional.of(station)))
                .findFirst());
    }

    /** What goes in next. */
    public Optional<Portion> portion() {
        return kit().flatMap(kit -> missing(kit).stream()
                .filter(portion -> item.isEmpty() || portion.item().equals(item))
                .findFirst());
    }

    /** What a kit still lacks, as down the row: what has no allergens first. */
    public List<Portion> missing(Kit kit) {
        List<String> order = packing.rows().stream().map(Packing.Row::item).toList();
        return run.missing(id(kit)).stream()
                .sorted(Comparator.comparingInt(portion -> order.indexOf(portion.item())))
                .toList();
    }

    /** How many portions are weighed here before the kit is full, or the row is done. */
    public int left() {
        return item.isEmpty() ? kit().map(kit -> missing(kit).size()).orElse(0) : row().size();
    }

    /** The kit that follows in the order of packing: nobody has closed it, and no other station holds it. */
    public Optional<Kit> following() {
        Optional<Kit> now = kit();
        return now.isEmpty()
                ? Optional.empty()
                : packing.kits().stream()
                        .filter(kit -> !kit.equals(now.get()) && isFree(kit))
                        .findFirst();
    }

    /** The pack that something was last taken from; of a mix, the batch. */
    public Optional<Lot> lot(Portion portion) {
        if (run.isMade(portion.item())) {
            return Optional.of(run.lot(portion.item()));
        }
        return run.uses().stream()
                .filter(use -> use.item().equals(portion.item()))
                .map(PackingRun.Use::lot)
                .reduce((one, two) -> two);
    }

    /**
     * What happens here next if all goes well, so that a station can be shown as it will be when nobody can ask how it
     * is.
     *
     * @param steps how many portions ahead, 0 or more
     * @param before what happened so far
     */
    public List<AtStation> ahead(int steps, List<AtStation> before) {
        List<AtStation> all = new ArrayList<>(before);
        StationTurn turn = this;
        for (int i = 0; i < steps; i++) {
            Optional<Kit> kit = turn.kit();
            Optional<Portion> portion = turn.portion();
            if (kit.isEmpty() || portion.isEmpty()) {
                break;
            }
            Lot lot = turn.lot(portion.get()).orElse(new Lot("", Optional.empty()));
            all.add(new Weigh(id(kit.get()), portion.get().key(), portion.get().grams(), lot, station));
            turn = new StationTurn(packing, run.after(all), station, chosen, item);
        }
        return all;
    }

    private List<Kit> row() {
        return packing.kits().stream()
                .filter(kit -> isFree(kit)
                        && run.missing(id(kit)).stream()
                                .anyMatch(portion -> portion.item().equals(item)))
                .toList();
    }

    private boolean isFree(Kit kit) {
        return !run.closed(id(kit))
                && run.holder(id(kit)).filter(holder -> !holder.equals(station)).isEmpty();
    }

    private static String id(Kit kit) {
        return kit.attendee().id();
    }
}
