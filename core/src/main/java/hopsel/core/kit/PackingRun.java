package hopsel.core.kit;

import hopsel.core.diet.Doubt;
import hopsel.core.diet.OwnMenu;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.MakeMix;
import hopsel.core.kit.AtStation.OfKit;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Taken;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How far the packing of a class has come: the sum of everything that happened at the stations. What may happen next is
 * asked before it is written down; what is written down is never changed.
 */
public final class PackingRun {

    /** Why something may not be done. */
    public enum Why {
        NO_SUCH_KIT,
        HELD,
        CLOSED,
        NOT_IN_KIT,
        ALREADY_IN,
        NOT_IN,
        TOO_LITTLE,
        TOO_MUCH,
        OTHER_ITEM,
        NO_LOT,
        PAST_DATE,
        CLEAN_FIRST,
        READ_LABEL,
        MISSING,
        WRONG,
        UNCONFIRMED,
        NO_SUCH_MIX,
        MIX_FIRST,
        NOT_IN_MIX
    }

    /**
     * That something may not be done.
     *
     * @param why the rule
     * @param items ids that it is about
     * @param grams by how much; 0 where that is no matter
     * @param by the station that holds the kit, or empty text
     */
    public record Refusal(Why why, List<String> items, BigDecimal grams, String by) {}

    /**
     * What lies in a kit.
     *
     * @param grams as bought
     */
    public record Weighed(BigDecimal grams, Lot lot, String station) {}

    /**
     * What of a pack went where.
     *
     * @param grams that were used
     * @param kits ids of the attendees who got some
     */
    public record Use(String item, Lot lot, BigDecimal grams, List<String> kits) {}

    private static final class State {
        private String holder = "";
        private boolean closed;
        private final Map<Portion.Key, Weighed> in = new LinkedHashMap<>();
    }

    private final Packing packing;
    private final Catalogue catalogue;
    private final Map<String, State> kits = new LinkedHashMap<>();
    private final Map<String, Set<String>> onStation = new LinkedHashMap<>();
    private final Map<String, Set<String>> labels = new LinkedHashMap<>();
    private final Map<String, String> lots = new LinkedHashMap<>();
    private final MixBatches batches = new MixBatches();

    private PackingRun(Packing packing, Catalogue catalogue) {
        this.packing = packing;
        this.catalogue = catalogue;
    }

    /** After these events, in their order. */
    public static PackingRun after(Packing packing, Catalogue catalogue, List<? extends AtStation> events) {
        PackingRun run = new PackingRun(packing, catalogue);
        events.forEach(run::happened);
        return run;
    }

    /** The same packing after these events and no others. */
    PackingRun after(List<? extends AtStation> events) {
        return after(packing, catalogue, events);
    }

    private void happened(AtStation event) {
        if (event instanceof Clean) {
            onStation.remove(event.station());
        } else if (event instanceof ReadLabel read) {
            labels.computeIfAbsent(read.item(), any -> new LinkedHashSet<>())
                    .add(read.lot().name());
        } else if (event instanceof MakeMix made) {
            batches.add(made);
            lots.put(batches.last(made.mix()).name(), made.mix());
            for (Taken taken : made.taken()) {
                onStation
                        .computeIfAbsent(made.station(), any -> new LinkedHashSet<>())
                        .add(taken.item());
                lots.put(taken.lot().name(), taken.item());
            }
        } else if (event instanceof OfKit ofKit) {
            happened(ofKit, state(ofKit.kit()));
        }
    }

    private void happened(OfKit event, State kit) {
        if (event instanceof Weigh weigh) {
            String item = weigh.portion().item();
            kit.in.put(weigh.portion(), new Weighed(weigh.grams(), weigh.lot(), weigh.station()));
            onStation
                    .computeIfAbsent(weigh.station(), any -> new LinkedHashSet<>())
                    .addAll(batches.inside(item));
            lots.put(weigh.lot().name(), item);
        } else if (event instanceof TakeOut taken) {
            kit.in.remove(taken.portion());
        } else if (event instanceof Claim) {
            kit.holder = event.station();
        } else if (event instanceof Release) {
            kit.holder = "";
        } else if (event instanceof Close) {
            kit.closed = true;
            kit.holder = "";
        } else if (event instanceof Reopen) {
            kit.closed = false;
        }
    }

    private State state(String kit) {
        return kits.computeIfAbsent(kit, any -> new State());
    }

    /**
     * Why this may not happen now; empty: it may.
     *
     * @param labelsRead ids of items whose labels were read for this class
     * @param today a pack whose date is over is refused
     */
    public Optional<Refusal> refusal(AtStation event, Set<String> labelsRead, LocalDate today) {
        if (event instanceof MakeMix made) {
            return mixing(made, labelsRead, today);
        }
        return event instanceof OfKit ofKit ? refusal(ofKit, labelsRead, today) : Optional.empty();
    }

    private Optional<Refusal> mixing(MakeMix made, Set<String> labelsRead, LocalDate today) {
        Optional<Mix> mix = packing.mixing().find(made.mix());
        if (mix.isEmpty()) {
            return no(Why.NO_SUCH_MIX);
        }
        Set<String> carried = carriedOver(made.station(), mix.get());
        if (!carried.isEmpty()) {
            return Optional.of(new Refusal(Why.CLEAN_FIRST, List.copyOf(carried), BigDecimal.ZERO, ""));
        }
        List<Taken> left = new ArrayList<>(made.taken());
        Map<String, String> here = new LinkedHashMap<>();
        for (Mix.Part part : mix.get().parts()) {
            Optional<Taken> taken =
                    left.stream().filter(own -> own.item().equals(part.item())).findFirst();
            if (taken.isEmpty()) {
                return no(Why.MISSING, part.item());
            }
            left.remove(taken.get());
            Optional<Refusal> refusal = taking(part, taken.get(), here, labelsRead, today);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        return left.isEmpty()
                ? Optional.empty()
                : no(Why.NOT_IN_MIX, left.get(0).item());
    }

    /**
     * Why something may not go into a mix.
     *
     * @param here items by the pack that they were taken from for the same mix
     */
    private Optional<Refusal> taking(
            Mix.Part part, Taken taken, Map<String, String> here, Set<String> labelsRead, LocalDate today) {
        String item = part.item();
        String pack = taken.lot().name();
        String other = pack.isEmpty()
                ? item
                : Optional.ofNullable(here.put(pack, item)).orElse(item);
        if (!other.equals(item)) {
            return no(Why.OTHER_ITEM, other, item);
        }
        BigDecimal most = part.grams().add(Portion.step(catalogue.get(item), part.grams()));
        return fromPack(item, taken.lot(), labelsRead, today).or(() -> amount(item, part.exact(), most, taken.grams()));
    }

    private Optional<Refusal> refusal(OfKit event, Set<String> labelsRead, LocalDate today) {
        boolean opens = event instanceof Reopen;
        Optional<Packing.KitGroup> wanted = packing.of(event.kit());
        if (wanted.isEmpty() && !(event instanceof TakeOut) && !opens) {
            return no(Why.NO_SUCH_KIT);
        }
        State kit = state(event.kit());
        if (!kit.holder.isEmpty() && !kit.holder.equals(event.station()) && !(event instanceof Release)) {
            return Optional.of(new Refusal(Why.HELD, List.of(), BigDecimal.ZERO, kit.holder));
        }
        if (kit.closed && !opens) {
            return no(Why.CLOSED);
        }
        if (event instanceof Weigh weigh) {
            return weighing(weigh, wanted.orElseThrow(), kit, labelsRead, today);
        }
        if (event instanceof TakeOut taken && !kit.in.containsKey(taken.portion())) {
            return no(Why.NOT_IN, taken.portion().item());
        }
        return event instanceof Close ? closing(event.kit()) : Optional.empty();
    }

    private Optional<Refusal> weighing(
            Weigh event, Packing.KitGroup wanted, State kit, Set<String> labelsRead, LocalDate today) {
        String item = event.portion().item();
        Optional<Portion> portion = wanted.portions().stream()
                .filter(own -> own.key().equals(event.portion()))
                .findFirst();
        if (portion.isEmpty()) {
            return no(Why.NOT_IN_KIT, item);
        }
        if (kit.in.containsKey(event.portion())) {
            return no(Why.ALREADY_IN, item);
        }
        if (packing.mixing().find(item).isPresent() && !batches.isMade(item)) {
            return no(Why.MIX_FIRST, item);
        }
        Optional<Refusal> pack = fromPack(item, event.lot(), labelsRead, today);
        if (pack.isPresent()) {
            return pack;
        }
        List<String> carried = carriedOver(event.station(), event.kit());
        if (!carried.isEmpty()) {
            return Optional.of(new Refusal(Why.CLEAN_FIRST, carried, BigDecimal.ZERO, ""));
        }
        return amount(item, portion.get().least(), portion.get().most(), event.grams());
    }

    /** Why something may not be taken from a pack. */
    private Optional<Refusal> fromPack(String item, Lot lot, Set<String> labelsRead, LocalDate today) {
        if (lot.name().isEmpty()) {
            return no(Why.NO_LOT, item);
        }
        String other = lots.getOrDefault(lot.name(), item);
        if (!other.equals(item)) {
            return no(Why.OTHER_ITEM, other, item);
        }
        if (lot.useBy().filter(today::isAfter).isPresent()) {
            return no(Why.PAST_DATE, item);
        }
        boolean read =
                labelsRead.contains(item) || labels.getOrDefault(item, Set.of()).contains(lot.name());
        return catalogue.get(item).origin() == Origin.CHECK_LABEL && !read
                ? no(Why.READ_LABEL, item)
                : Optional.empty();
    }

    private static Optional<Refusal> amount(String item, BigDecimal least, BigDecimal most, BigDecimal grams) {
        BigDecimal under = least.subtract(grams);
        BigDecimal over = grams.subtract(most);
        if (under.signum() > 0) {
            return Optional.of(new Refusal(Why.TOO_LITTLE, List.of(item), under, ""));
        }
        return over.signum() > 0 ? Optional.of(new Refusal(Why.TOO_MUCH, List.of(item), over, "")) : Optional.empty();
    }

    private Optional<Refusal> closing(String kit) {
        List<String> doubted = packing.doubts().stream().map(Doubt::words).toList();
        if (!doubted.isEmpty()) {
            return Optional.of(new Refusal(Why.UNCONFIRMED, doubted, BigDecimal.ZERO, ""));
        }
        List<String> wrong = wrong(kit).stream().map(Portion.Key::item).toList();
        List<String> missing = missing(kit).stream().map(Portion::item).toList();
        if (!wrong.isEmpty()) {
            return Optional.of(new Refusal(Why.WRONG, wrong, BigDecimal.ZERO, ""));
        }
        if (!missing.isEmpty()) {
            return Optional.of(new Refusal(Why.MISSING, missing, BigDecimal.ZERO, ""));
        }
        return Optional.empty();
    }

    private static Optional<Refusal> no(Why why, String... items) {
        return Optional.of(new Refusal(why, List.of(items), BigDecimal.ZERO, ""));
    }

    /**
     * Items that were on a station since it was cleaned, and that whoever gets this kit avoids; all of them for whom
     * nobody can check it, but for what goes into their kit as well.
     */
    public List<String> carriedOver(String station, String kit) {
        return packing.kits().stream()
                .filter(own -> own.attendee().id().equals(kit))
                .findFirst()
                .map(own -> onStation.getOrDefault(station, Set.of()).stream()
                        .filter(item -> carries(item, own))
                        .toList())
                .orElse(List.of());
    }

    private boolean carries(String item, Kit kit) {
        if (!OwnMenu.avoided(catalogue.get(item), kit.attendee()).isEmpty()) {
            return true;
        }
        boolean theirs = kit.lines().stream().anyMatch(line -> line.item().equals(item));
        return !kit.attendee().ownWords().isEmpty() && !theirs;
    }

    /** The same for everybody who gets a share of a mix; what is in it anyway is no matter. */
    public Set<String> carriedOver(String station, Mix mix) {
        Set<String> carried = new LinkedHashSet<>();
        mix.shares().keySet().forEach(kit -> carried.addAll(carriedOver(station, kit)));
        return carried;
    }

    /** What still has to go in. */
    public List<Portion> missing(String kit) {
        Map<Portion.Key, Weighed> in = in(kit);
        return packing.of(kit).stream()
                .flatMap(kind -> kind.portions().stream())
                .filter(portion -> !in.containsKey(portion.key()))
                .toList();
    }

    /**
     * What lies in it and should not: another item, or an amount that no longer fits, for a guest who changed
     * something.
     */
    public List<Portion.Key> wrong(String kit) {
        List<Portion.Key> wrong = new ArrayList<>();
        in(kit).forEach((key, weighed) -> {
            if (packing.of(kit).stream()
                    .flatMap(kind -> kind.portions().stream())
                    .noneMatch(portion -> portion.key().equals(key) && portion.fits(weighed.grams))) {
                wrong.add(key);
            }
        });
        return wrong;
    }

    /** What lies in a kit, in the order in which it went in. */
    public Map<Portion.Key, Weighed> in(String kit) {
        return kits.containsKey(kit) ? kits.get(kit).in : Map.of();
    }

    /** Whether a kit is closed. */
    public boolean closed(String kit) {
        return kits.containsKey(kit) && kits.get(kit).closed;
    }

    /** Whether a kit is closed, and what is in it is not what its attendee needs any more. */
    public boolean redo(String kit) {
        return closed(kit) && (!wrong(kit).isEmpty() || !missing(kit).isEmpty());
    }

    /** The station that is packing a kit. */
    public Optional<String> holder(String kit) {
        return Optional.ofNullable(kits.get(kit)).map(state -> state.holder).filter(holder -> !holder.isEmpty());
    }

    /** Ids of those in whose kit something lies and who get none any more. */
    public List<String> gone() {
        return kits.entrySet().stream()
                .filter(entry -> !entry.getValue().in.isEmpty()
                        && packing.of(entry.getKey()).isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** What was taken from each pack: what lies in a kit now, and all that went into a mix. */
    public List<Use> uses() {
        Map<String, Use> uses = new LinkedHashMap<>();
        kits.forEach((kit, state) -> state.in.forEach((key, weighed) -> {
            if (!batches.isMade(key.item())) {
                add(uses, new Use(key.item(), weighed.lot, weighed.grams, List.of(kit)));
            }
        }));
        batches.forEach((batch, lot) -> {
            List<String> got = holding(batch.mix(), lot.name());
            batch.taken().forEach(taken -> add(uses, new Use(taken.item(), taken.lot(), taken.grams(), got)));
        });
        return List.copyOf(uses.values());
    }

    /** Grams of an item from a pack that lie in a kit, by itself and as part of mixes. */
    public BigDecimal grams(String kit, String item, String pack) {
        BigDecimal grams = BigDecimal.ZERO;
        for (Map.Entry<Portion.Key, Weighed> in : in(kit).entrySet()) {
            Weighed weighed = in.getValue();
            if (in.getKey().item().equals(item) && weighed.lot.name().equals(pack)) {
                grams = grams.add(weighed.grams);
            }
            BigDecimal share = batches.share(in.getKey().item(), weighed.lot, item, pack);
            grams = grams.add(weighed.grams.multiply(share, Decimals.EXACT));
        }
        return grams;
    }

    private static void add(Map<String, Use> uses, Use use) {
        uses.merge(use.item + "\n" + use.lot.name(), use, PackingRun::both);
    }

    private List<String> holding(String mix, String batch) {
        return kits.entrySet().stream()
                .filter(kit -> kit.getValue().in.entrySet().stream()
                        .anyMatch(in -> in.getKey().item().equals(mix)
                                && in.getValue().lot.name().equals(batch)))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Whether a mix has been made. */
    public boolean isMade(String mix) {
        return batches.isMade(mix);
    }

    /** The mixes that still have to be made, those without allergens first. */
    public List<Mix> toMix() {
        return packing.mixing().mixes().stream()
                .filter(mix -> !isMade(mix.id()))
                .sorted(Comparator.comparingInt(
                        mix -> catalogue.get(mix.id()).allergens().size()))
                .toList();
    }

    /** The batch of a mix that was made last, as the pack that bags are filled from. */
    public Lot lot(String mix) {
        return batches.last(mix);
    }

    private static Use both(Use one, Use two) {
        Set<String> kits = new LinkedHashSet<>(one.kits);
        kits.addAll(two.kits);
        return new Use(one.item, one.lot, one.grams.add(two.grams), List.copyOf(kits));
    }

    /** An item by id, for those who name one. */
    public Item item(String id) {
        return catalogue.get(id);
    }
}
