package hopsel.core.kit;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.DishCheck;
import hopsel.core.diet.Doubt;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kit.Portion.Compartment;
import hopsel.core.measure.Decimals;
import hopsel.core.shop.Purchase;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Kits as they are packed: which are alike, what goes down the row in which order so that allergens come last and what
 * is chilled stands out shortest, and how long it takes.
 *
 * @param kinds of kit that are packed alike, those with the fewest allergens first
 * @param rows items in the order in which they are packed down the row
 * @param byKit seconds for one person, kit by kit
 * @param byItem seconds for one person, item by item
 * @param lacks what rounding up takes beyond what is bought
 * @param doubts what nobody has confirmed of the dishes: no kit is closed before that
 * @param sold what goes into kits in packs, as it is sold
 * @param mixing what is mixed for several kits and shared out; each mix is packed as if it were an item
 * @param catalogue the items of the class, and its mixes
 */
public record Packing(
        List<KitGroup> kinds,
        List<Row> rows,
        int byKit,
        int byItem,
        List<Lack> lacks,
        List<Doubt> doubts,
        AsSold sold,
        Mixing mixing,
        Catalogue catalogue) {

    /** Grams of an empty jar or bag, and of a cool pack. Kitchen practice. */
    private static final int JAR_TARE = 12;

    private static final int BAG_TARE = 3;
    private static final int COOL_PACK = 200;
    /** What a tin weighs, as a share of what is in it: the heaviest of the packs that food is sold in. */
    private static final BigDecimal PACK_TARE = new BigDecimal("0.15");
    /**
     * Seconds to fetch an item, to weigh a portion, to count one, to stir a mix until it is one, to clean scale, spoon
     * and surface between allergens, to close and label a kit. Kitchen practice.
     */
    private static final int FETCH = 25;

    private static final int WEIGH = 15;
    private static final int COUNT = 5;
    private static final int STIR = 60;
    private static final int CLEAN = 120;
    private static final int CLOSE = 40;

    /**
     * Kits that are packed alike.
     *
     * @param kits of that kind
     * @param portions in each
     * @param parcel weight of one, with jars and a cool pack where something is cold, grams
     * @param allergens of all that is in it
     */
    public record KitGroup(List<Kit> kits, List<Portion> portions, BigDecimal parcel, List<Allergen> allergens) {

        /** How many of its portions are put on a scale. */
        int weighed() {
            return (int)
                    portions.stream().filter(portion -> !portion.isCounted()).count();
        }

        /** Whether a cool pack goes in. */
        public boolean cold() {
            return portions.stream().anyMatch(portion -> portion.compartment() == Compartment.COLD);
        }
    }

    /**
     * An item, down the row of kits.
     *
     * @param item id
     * @param kits how many get it
     * @param exact grams for all of them as bought, before any is rounded up
     * @param grams for all of them, as packed
     * @param clean whether scale, spoon and surface are cleaned before it
     */
    public record Row(String item, int kits, BigDecimal exact, BigDecimal grams, boolean clean) {}

    /**
     * An item of which rounding up takes more than there will be.
     *
     * @param item id
     * @param grams to buy beside, as bought
     */
    public record Lack(String item, BigDecimal grams) {}

    /** Keeps its own copies. */
    public Packing {
        kinds = List.copyOf(kinds);
        rows = List.copyOf(rows);
        lacks = List.copyOf(lacks);
        doubts = List.copyOf(doubts);
    }

    /**
     * Packs the kits of a class as it is packed there, with bags mixed for several kits or without; those of whom
     * something cannot be served are packed without it.
     */
    public static Packing of(
            CookingClass cooking, Catalogue builtIn, List<Kit> kits, List<Purchase> purchases, AsSold sold) {
        return of(cooking, builtIn, kits, purchases, sold, cooking.provision().mixed());
    }

    /** The same, mixed or not, whatever the class says. */
    public static Packing of(
            CookingClass cooking,
            Catalogue builtIn,
            List<Kit> kits,
            List<Purchase> purchases,
            AsSold sold,
            boolean mixed) {
        Catalogue own = cooking.catalogue(builtIn);
        Mixing mixing = mixed ? Mixing.of(cooking, own, sold.weighed(kits)) : Mixing.NONE;
        Catalogue catalogue = mixing.catalogue(own);
        Map<List<Portion>, List<Kit>> alike = new LinkedHashMap<>();
        kits.forEach(kit -> alike.computeIfAbsent(portions(catalogue, kit, sold, mixing), any -> new ArrayList<>())
                .add(kit));
        List<KitGroup> kinds = alike.entrySet().stream()
                .map(entry -> kind(entry.getValue(), entry.getKey(), catalogue))
                .sorted(Comparator.comparingInt((KitGroup kind) -> kind.allergens.size())
                        .thenComparingInt(kind -> -kind.kits.size()))
                .toList();
        List<Row> rows = rows(kinds, catalogue);
        int mixes = mixing.weighings() * (FETCH + WEIGH) + mixing.mixes().size() * STIR;
        return new Packing(
                kinds,
                rows,
                byKit(kinds) + mixes,
                byItem(kinds, rows) + mixes,
                lacks(rows, sold, mixing, purchases, cooking, catalogue),
                doubts(cooking, catalogue),
                sold,
                mixing,
                catalogue);
    }

    /** How often something is put on a scale, mixes and their bags included; what is counted is not. */
    public int weighings() {
        int bags = kinds.stream()
                .mapToInt(kind -> kind.kits.size() * kind.weighed())
                .sum();
        return bags + mixing.weighings();
    }

    /** Bags, jars and loose pieces in all kits. */
    public int bags() {
        return kinds.stream()
                .mapToInt(kind -> kind.kits.size() * kind.portions.size())
                .sum();
    }

    private static List<Doubt> doubts(CookingClass cooking, Catalogue catalogue) {
        return cooking.dishes().stream()
                .flatMap(dish -> DishCheck.of(dish, catalogue, Set.of())
                        .doubts(dish.lines()
                                .map(line -> catalogue.get(line.item()))
                                .toList())
                        .stream())
                .filter(doubt -> doubt.why() != Doubt.Why.LABEL && doubt.why() != Doubt.Why.SPOKEN)
                .distinct()
                .toList();
    }

    /** What is in the kit of an attendee; empty where they get none. */
    public Optional<KitGroup> of(String attendee) {
        return kinds.stream()
                .filter(kind ->
                        kind.kits.stream().anyMatch(kit -> kit.attendee().id().equals(attendee)))
                .findFirst();
    }

    /** The kits in the order in which they are packed. */
    public List<Kit> kits() {
        return kinds.stream().flatMap(kind -> kind.kits.stream()).toList();
    }

    /**
     * The same item for several lines of a dish goes into one jar; for several dishes, into one each, unless it is
     * handed out in packs; what is mixed is in the bag of its mix.
     */
    private static List<Portion> portions(Catalogue catalogue, Kit kit, AsSold sold, Mixing mixing) {
        Map<Portion.Key, BigDecimal> edible = new LinkedHashMap<>();
        Map<Portion.Key, Boolean> byPiece = new LinkedHashMap<>();
        String attendee = kit.attendee().id();
        Map<String, Portion> handed = new LinkedHashMap<>();
        for (Kit.Line line : kit.lines()) {
            Optional<AsSold.Choice> choice = sold.of(line.item());
            if (choice.isPresent()) {
                handed.put(line.item(), sold.portion(choice.get(), kit, catalogue.get(line.item())));
                continue;
            }
            Optional<Mix> mix = mixing.of(attendee, line.dish(), line.line());
            if (mix.isPresent()) {
                Portion.Key bag = new Portion.Key(line.dish(), mix.get().id());
                edible.put(bag, mix.get().share(attendee));
                byPiece.put(bag, false);
                continue;
            }
            Portion.Key key = new Portion.Key(line.dish(), line.item());
            edible.merge(key, line.grams(), BigDecimal::add);
            byPiece.merge(key, line.counted(), Boolean::logicalAnd);
        }
        Stream<Portion> apart = edible.entrySet().stream()
                .map(entry -> Portion.of(
                        entry.getKey().dish(),
                        catalogue.get(entry.getKey().item()),
                        entry.getValue(),
                        Known.in(byPiece, entry.getKey())));
        return Stream.concat(handed.values().stream(), apart)
                .sorted(Comparator.comparing(Portion::compartment)
                        .thenComparing(Portion::item)
                        .thenComparing(Portion::dish))
                .toList();
    }

    private static BigDecimal tare(Portion portion) {
        if (portion.sold().isPresent()) {
            return portion.grams().multiply(PACK_TARE);
        }
        int one = portion.compartment() == Compartment.LIQUID ? JAR_TARE : BAG_TARE;
        return BigDecimal.valueOf((long) portion.jars() * one);
    }

    private static KitGroup kind(List<Kit> kits, List<Portion> portions, Catalogue catalogue) {
        BigDecimal weight = portions.stream()
                .map(portion -> portion.grams().add(tare(portion)))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        boolean cold = portions.stream().anyMatch(portion -> portion.compartment() == Compartment.COLD);
        return new KitGroup(
                List.copyOf(kits),
                portions,
                cold ? weight.add(BigDecimal.valueOf(COOL_PACK)) : weight,
                portions.stream()
                        .flatMap(portion -> catalogue.get(portion.item()).allergens().stream())
                        .distinct()
                        .sorted()
                        .toList());
    }

    /**
     * Without allergens before with them, dry before wet, and what is cold at the end of each, so that it stands out
     * shortest.
     */
    private static List<Row> rows(List<KitGroup> kinds, Catalogue catalogue) {
        Map<String, BigDecimal> exact = new TreeMap<>();
        Map<String, BigDecimal> grams = new TreeMap<>();
        Map<String, Integer> count = new TreeMap<>();
        Map<String, Compartment> places = new TreeMap<>();
        kinds.forEach(kind -> kind.portions.forEach(portion -> {
            BigDecimal number = BigDecimal.valueOf(kind.kits.size());
            exact.merge(portion.item(), portion.least().multiply(number), BigDecimal::add);
            grams.merge(portion.item(), portion.grams().multiply(number), BigDecimal::add);
            count.merge(portion.item(), kind.kits.size(), Integer::sum);
            places.put(portion.item(), portion.compartment());
        }));
        List<String> order = grams.keySet().stream()
                .sorted(Comparator.comparing(
                                (String item) -> allergens(catalogue, item).isEmpty() ? 0 : 1)
                        .thenComparing(item -> places.get(item) == Compartment.COLD ? 1 : 0)
                        .thenComparing(item -> allergens(catalogue, item))
                        .thenComparing(places::get)
                        .thenComparing(item -> item))
                .toList();
        List<Row> rows = new ArrayList<>();
        String before = "";
        for (String item : order) {
            String own = allergens(catalogue, item);
            rows.add(new Row(
                    item,
                    Known.in(count, item),
                    Known.in(exact, item),
                    Known.in(grams, item),
                    !own.isEmpty() && !own.equals(before)));
            before = own;
        }
        return rows;
    }

    private static String allergens(Catalogue catalogue, String item) {
        return String.join(
                ", ",
                catalogue.get(item).allergenList().stream()
                        .map(Object::toString)
                        .toList());
    }

    private static int byKit(List<KitGroup> kinds) {
        int seconds = 0;
        for (KitGroup kind : kinds) {
            int counted = kind.portions.size() - kind.weighed();
            seconds += kind.kits.size() * (kind.weighed() * (FETCH + WEIGH) + counted * (FETCH + COUNT) + CLOSE)
                    + (kind.allergens.isEmpty() ? 0 : CLEAN);
        }
        return seconds;
    }

    private static int byItem(List<KitGroup> kinds, List<Row> rows) {
        int kits = kinds.stream().mapToInt(kind -> kind.kits.size()).sum();
        int weighed = kinds.stream()
                .mapToInt(kind -> kind.kits.size() * kind.weighed())
                .sum();
        int counted = kinds.stream()
                        .mapToInt(kind -> kind.kits.size() * kind.portions.size())
                        .sum()
                - weighed;
        int fetched =
                rows.stream().mapToInt(row -> FETCH + (row.clean ? CLEAN : 0)).sum();
        return fetched + weighed * WEIGH + counted * COUNT + kits * CLOSE;
    }

    /**
     * Rounding up is paid from what packs leave over and from the spare share; what is beyond that is bought beside.
     */
    private static List<Lack> lacks(
            List<Row> rows,
            AsSold sold,
            Mixing mixing,
            List<Purchase> purchases,
            CookingClass cooking,
            Catalogue catalogue) {
        List<Lack> lacks = new ArrayList<>();
        more(rows, sold, mixing).forEach((id, more) -> {
            Optional<Purchase> purchase =
                    purchases.stream().filter(own -> own.item().equals(id)).findFirst();
            Item item = catalogue.get(id);
            BigDecimal spare = purchase.map(own -> spare(own, cooking, item)).orElse(BigDecimal.ZERO);
            BigDecimal lack = more.subtract(spare);
            if (lack.signum() > 0) {
                lacks.add(new Lack(id, lack));
            }
        });
        return lacks;
    }

    /** What rounding up takes of each item, by itself and in mixes; of a mix it is in what is weighed for it. */
    private static Map<String, BigDecimal> more(List<Row> rows, AsSold sold, Mixing mixing) {
        Map<String, BigDecimal> more = new TreeMap<>();
        rows.stream()
                .filter(row ->
                        mixing.find(row.item).isEmpty() && sold.of(row.item).isEmpty())
                .forEach(row -> more.merge(row.item, row.grams.subtract(row.exact), BigDecimal::add));
        mixing.mixes().stream()
                .flatMap(mix -> mix.parts().stream())
                .forEach(part -> more.merge(part.item(), part.grams().subtract(part.exact()), BigDecimal::add));
        return more;
    }

    private static BigDecimal spare(Purchase purchase, CookingClass cooking, Item item) {
        BigDecimal percent = cooking.provision().sparePercent();
        BigDecimal share = Decimals.ratio(percent, percent.add(BigDecimal.valueOf(100)));
        return purchase.leftGrams()
                .add(Decimals.ratio(purchase.demandGrams().multiply(share, Decimals.EXACT), item.edibleShare()));
    }

    /** Seconds with so many people at the bench; each packs a share. */
    public static int shared(int seconds, int people) {
        return (seconds + people - 1) / Math.max(1, people);
    }
}
