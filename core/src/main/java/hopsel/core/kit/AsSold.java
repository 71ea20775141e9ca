package hopsel.core.kit;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Pack;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.measure.Decimals;
import hopsel.core.shop.PackChoice;
import hopsel.core.shop.PackCount;
import hopsel.core.shop.Purchase;
import hopsel.core.shop.UnitPrice;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Packs that go into kits unopened, in place of portions that are weighed out of them.
 *
 * <p>What is sold at room temperature and stays cold once it is open is handed out where most of the pack is used: an
 * opened tin does not travel. What costs no more than weighing it out is, too. Of the rest as many weighings are spared
 * as the host's share of the kits' price pays for, which is an exact choice (a knapsack over weighings). What is left
 * of a pack that keeps is worth its price on the host's shelf; of one that does not, nothing.
 *
 * @param choices by item
 * @param budget what packs may cost more than weighing out, for all kits together
 */
public record AsSold(List<Choice> choices, BigDecimal budget) {

    /** Everything is weighed. */
    public static final AsSold NONE = new AsSold(List.of(), BigDecimal.ZERO);

    /** Of a pack that has to stay cold once it is open, what is used at least. Kitchen practice. */
    private static final BigDecimal MOSTLY = new BigDecimal("0.5");

    private static final int PRICE_DECIMALS = 4;

    /** Keeps its own copy. */
    public AsSold {
        choices = List.copyOf(choices);
    }

    /** Why a pack is handed out. */
    public enum Why {
        /** Once it is open it has to stay cold. */
        SAFER,
        /** It costs no more than weighing it out. */
        CHEAPER,
        /** The host pays for the weighings that it spares. */
        WORTH
    }

    /**
     * An item that is handed out in packs.
     *
     * @param item id
     * @param pack which of its sizes
     * @param packs how many each kit gets, by the id of its attendee
     * @param covers grams that need not be bought otherwise, with the spare share
     * @param extra what it costs more than weighing it out, for all kits; under 0: less
     * @param spared weighings that fall away
     */
    public record Choice(
            String item,
            Pack pack,
            Map<String, Integer> packs,
            BigDecimal covers,
            BigDecimal extra,
            int spared,
            Why why) {

        /** Keeps its own copy. */
        public Choice {
            packs = Map.copyOf(packs);
        }

        /** The packs of all kits, at what they cost in a catalogue with other prices. */
        public PackCount handed(Item priced) {
            Pack own = priced.packs().stream()
                    .filter(other -> other.grams().compareTo(pack.grams()) == 0)
                    .min(Comparator.comparing(Pack::price))
                    .orElse(pack);
            return new PackCount(own, all());
        }

        /** Packs in all kits. */
        public int all() {
            return packs.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** What the kits need of an item, as bought. */
    private record Need(Item item, Map<String, BigDecimal> byKit, int weighings) {

        private BigDecimal grams() {
            return byKit.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        }
    }

    /**
     * What is handed out as it is sold.
     *
     * @param purchases what is bought where everything is weighed
     */
    public static AsSold of(CookingClass cooking, Catalogue builtIn, List<Kit> kits, List<Purchase> purchases) {
        Optional<BigDecimal> percent = cooking.provision().asSoldPercent();
        return percent.isEmpty() ? NONE : of(cooking, builtIn, kits, purchases, percent.get());
    }

    /** The same, where packs may make kits dearer by so many percent. */
    public static AsSold of(
            CookingClass cooking, Catalogue builtIn, List<Kit> kits, List<Purchase> purchases, BigDecimal percent) {
        Catalogue catalogue = cooking.catalogue(builtIn);
        BigDecimal spare = cooking.provision().sparePercent();
        List<Choice> sure = new ArrayList<>();
        List<Choice> dearer = new ArrayList<>();
        BigDecimal price = BigDecimal.ZERO;
        for (Need need : needs(catalogue, kits)) {
            Optional<BigDecimal> perGram = UnitPrice.of(need.item, purchases);
            price = price.add(perGram.map(one -> one.multiply(need.grams(), Decimals.EXACT))
                    .orElse(BigDecimal.ZERO));
            if (need.weighings > 0 && !need.item.packs().isEmpty()) {
                Choice choice =
                        choice(need, purchases, need.grams().multiply(BigDecimal.ONE.add(spare.movePointLeft(2))));
                (choice.why == Why.WORTH ? dearer : sure).add(choice);
            }
        }
        BigDecimal budget = price.multiply(percent, Decimals.EXACT).movePointLeft(2);
        BigDecimal spent = sure.stream().map(Choice::extra).reduce(BigDecimal.ZERO, BigDecimal::add);
        List<Choice> chosen = new ArrayList<>(sure);
        chosen.addAll(most(dearer, budget.subtract(spent.max(BigDecimal.ZERO))));
        chosen.sort(Comparator.comparing(Choice::item));
        return new AsSold(chosen, budget);
    }

    /** A guess, and what comes out of the tap, has no pack that anybody could hand out. */
    private static List<Need> needs(Catalogue catalogue, List<Kit> kits) {
        Map<String, Map<String, BigDecimal>> grams = new TreeMap<>();
        Map<String, Map<Portion.Key, Integer>> weighed = new TreeMap<>();
        for (Kit kit : kits) {
            String attendee = kit.attendee().id();
            for (Kit.Line line : kit.lines()) {
                Item item = catalogue.get(line.item());
                if (item.takenFor().isPresent() || item.has(Trait.TAP)) {
                    continue;
                }
                BigDecimal bought = Decimals.ratio(line.grams(), item.edibleShare());
                grams.computeIfAbsent(item.id(), any -> new LinkedHashMap<>()).merge(attendee, bought, BigDecimal::add);
                if (!line.counted() || item.gramsPerPiece().isEmpty()) {
                    weighed.computeIfAbsent(item.id(), any -> new LinkedHashMap<>())
                            .put(new Portion.Key(attendee, line.dish()), 1);
                }
            }
        }
        return grams.entrySet().stream()
                .map(entry -> new Need(
                        catalogue.get(entry.getKey()),
                        entry.getValue(),
                        weighed.getOrDefault(entry.getKey(), Map.of()).size()))
                .toList();
    }

    private static Choice choice(Need need, List<Purchase> purchases, BigDecimal covers) {
        Pack pack = need.item.packs().stream()
                .min(Comparator.comparing((Pack own) -> own.price().multiply(BigDecimal.valueOf(count(need, own))))
                        .thenComparing(own -> own.grams().multiply(BigDecimal.valueOf(count(need, own)))))
                .orElseThrow();
        Map<String, Integer> packs = new LinkedHashMap<>();
        need.byKit.forEach((kit, grams) -> packs.put(kit, count(grams, pack)));
        BigDecimal extra = pack.price()
                .multiply(BigDecimal.valueOf(count(need, pack)))
                .subtract(saved(need.item, purchases, covers));
        boolean opens = need.item.has(Trait.KEEP_COLD)
                && need.item.storage().filter(Storage.AMBIENT::equals).isPresent();
        BigDecimal handed = pack.grams().multiply(BigDecimal.valueOf(count(need, pack)));
        boolean mostly = need.grams().compareTo(handed.multiply(MOSTLY)) >= 0;
        Why why = extra.signum() <= 0 ? Why.CHEAPER : Why.WORTH;
        return new Choice(
                need.item.id(), pack, packs, covers, extra, need.weighings, opens && mostly ? Why.SAFER : why);
    }

    /** What the kits' portions cost where they are weighed: their share of what keeps, and whole packs of the rest. */
    private static BigDecimal saved(Item item, List<Purchase> purchases, BigDecimal covers) {
        if (keeps(item)) {
            return UnitPrice.of(item, purchases)
                    .map(one -> one.multiply(covers, Decimals.EXACT))
                    .orElse(BigDecimal.ZERO);
        }
        return purchases.stream()
                .filter(purchase -> purchase.item().equals(item.id()))
                .findFirst()
                .map(purchase -> purchase.cost().subtract(cost(rest(purchase, covers), item)))
                .orElse(BigDecimal.ZERO);
    }

    private static boolean keeps(Item item) {
        boolean cold = item.storage().filter(Storage.CHILLED::equals).isPresent() || item.has(Trait.KEEP_COLD);
        return !cold && !item.has(Trait.WILTS);
    }

    private static BigDecimal rest(Purchase purchase, BigDecimal kits) {
        return purchase.neededGrams().subtract(kits).max(BigDecimal.ZERO);
    }

    private static BigDecimal cost(BigDecimal grams, Item item) {
        return PackChoice.cover(grams, item.packs()).stream()
                .map(PackCount::cost)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static int count(Need need, Pack pack) {
        return need.byKit.values().stream()
                .mapToInt(grams -> count(grams, pack))
                .sum();
    }

    private static int count(BigDecimal grams, Pack pack) {
        return grams.divide(pack.grams(), 9, RoundingMode.HALF_UP)
                .setScale(0, RoundingMode.CEILING)
                .max(BigDecimal.ONE)
                .intValue();
    }

    /**
     * Those that spare the most weighings and cost no more than the budget, of these the cheapest: the least that each
     * number of weighings costs, choice by choice.
     */
    private static List<Choice> most(List<Choice> choices, BigDecimal budget) {
        int all = choices.stream().mapToInt(Choice::spared).sum();
        long[] least = new long[all + 1];
        boolean[][] taken = new boolean[choices.size()][all + 1];
        Arrays.fill(least, 1, all + 1, Long.MAX_VALUE);
        for (int at = 0; at < choices.size(); at++) {
            int spared = choices.get(at).spared;
            long price = units(choices.get(at).extra);
            for (int sum = all; sum >= spared; sum--) {
                if (least[sum - spared] != Long.MAX_VALUE && least[sum - spared] + price < least[sum]) {
                    least[sum] = least[sum - spared] + price;
                    taken[at][sum] = true;
                }
            }
        }
        int best = all;
        while (best > 0 && least[best] > units(budget)) {
            best--;
        }
        List<Choice> chosen = new ArrayList<>();
        for (int at = choices.size() - 1; at >= 0; at--) {
            if (taken[at][best]) {
                chosen.add(choices.get(at));
                best -= choices.get(at).spared;
            }
        }
        return chosen;
    }

    private static long units(BigDecimal money) {
        return money.movePointRight(PRICE_DECIMALS)
                .setScale(0, RoundingMode.HALF_UP)
                .longValue();
    }

    /** The packs of an item; empty: it is weighed. */
    public Optional<Choice> of(String item) {
        return choices.stream().filter(own -> own.item.equals(item)).findFirst();
    }

    /** What packs cost more than weighing out, for all kits. */
    public BigDecimal extra() {
        return choices.stream().map(Choice::extra).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** The kits with what is weighed for them alone. */
    List<Kit> weighed(List<Kit> kits) {
        return kits.stream()
                .map(kit -> new Kit(
                        kit.attendee(),
                        kit.lines().stream()
                                .filter(line -> of(line.item()).isEmpty())
                                .toList(),
                        kit.cannotServe(),
                        kit.beside()))
                .toList();
    }

    /** What a kit gets of an item in packs, all dishes together. */
    Portion portion(Choice choice, Kit kit, Item item) {
        Map<String, BigDecimal> dishes = new LinkedHashMap<>();
        kit.lines().stream()
                .filter(line -> line.item().equals(item.id()))
                .forEach(line -> dishes.merge(line.dish(), line.grams(), BigDecimal::add));
        int packs = Known.in(choice.packs, kit.attendee().id());
        return Portion.sold(item, choice.pack, packs, dishes);
    }

    /** What an attendee's packs cost, at other prices. */
    public BigDecimal cost(String attendee, Catalogue prices) {
        return choices.stream()
                .map(choice -> choice.handed(prices.get(choice.item))
                        .pack()
                        .price()
                        .multiply(BigDecimal.valueOf(choice.packs.getOrDefault(attendee, 0))))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What is bought where these packs go into kits: they, and packs for the rest. */
    public List<Purchase> bought(List<Purchase> purchases, Catalogue catalogue) {
        return purchases.stream()
                .map(purchase -> of(purchase.item())
                        .map(choice -> bought(purchase, choice, catalogue.get(choice.item)))
                        .orElse(purchase))
                .toList();
    }

    private static Purchase bought(Purchase purchase, Choice choice, Item item) {
        BigDecimal rest = rest(purchase, choice.covers);
        List<PackCount> packs = PackChoice.cover(rest, item.packs());
        BigDecimal grams = packs.stream().map(PackCount::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
        Purchase others = new Purchase(
                purchase.item(), purchase.demandGrams(), rest, packs, grams, cost(rest, item), grams.subtract(rest));
        return others.and(choice.handed(item));
    }
}
