package hopsel.core.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.mise.Trait;
import hopsel.core.provision.Purchase;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Kits as they are packed: weights that a scale can show and never less than the recipe, jars and bags by volume, what is
 * cold apart, and the order in which allergens come last and what is chilled stands out shortest.
 *
 * @param kinds   of kit that are packed alike, the most first
 * @param rows    items in the order in which they are packed down the row
 * @param byKit   seconds for one person, kit by kit
 * @param byItem  seconds for one person, item by item
 * @param tooLittle  items of which all kits together, rounded up, want more than there will be
 */
public record Packing(List<Kind> kinds, List<Row> rows, int byKit, int byItem, List<String> tooLittle) {

    private static final MathContext DIGITS = MathContext.DECIMAL64;
    /** Grams of an empty jar or bag, and of a cool pack. Kitchen practice. */
    private static final int JAR_TARE = 12;
    private static final int BAG_TARE = 3;
    private static final int COOL_PACK = 200;
    /** Seconds to fetch an item, to weigh a portion, to clean scale, spoon and surface between allergens, to close and label a kit. Kitchen practice. */
    private static final int FETCH = 25;
    private static final int WEIGH = 15;
    private static final int CLEAN = 120;
    private static final int CLOSE = 40;
    private static final int[] JARS = {30, 60, 125, 250, 500, 1000, 2000};

    /** Where something lies in a kit. */
    public enum Compartment { DRY, LIQUID, FRESH, COLD, FRAGILE }

    /**
     * A portion as it is packed.
     *
     * @param item        id
     * @param exact       grams that the recipe asks for, of all lines of a dish together
     * @param grams       that are packed, never less
     * @param pieces      whole pieces, where it is packed by the piece; 0 otherwise
     * @param millilitres of the jar or bag it goes into
     * @param compartment of the kit
     */
    public record Portion(String item, BigDecimal exact, BigDecimal grams, int pieces, int millilitres, Compartment compartment) {
    }

    /**
     * Kits that are packed alike.
     *
     * @param kits      of that kind
     * @param portions  in each
     * @param parcel    weight of one, with jars and a cool pack where something is cold, grams
     * @param allergens of all that is in it
     */
    public record Kind(List<Kit> kits, List<Portion> portions, BigDecimal parcel, List<Allergen> allergens) {
    }

    /**
     * An item, down the row of kits.
     *
     * @param item  id
     * @param kits  how many get it
     * @param grams for all of them, as packed
     * @param clean whether scale, spoon and surface are cleaned before it
     */
    public record Row(String item, int kits, BigDecimal grams, boolean clean) {
    }

    /** Keeps its own copies. */
    public Packing {
        kinds = List.copyOf(kinds);
        rows = List.copyOf(rows);
        tooLittle = List.copyOf(tooLittle);
    }

    /** Packs the kits of a class; those of whom something cannot be served are packed without it. */
    public static Packing of(CookingClass cooking, Catalogue builtIn, List<Kit> kits, List<Purchase> purchases) {
        Catalogue catalogue = cooking.catalogue(builtIn);
        Map<List<Portion>, List<Kit>> alike = new LinkedHashMap<>();
        kits.forEach(kit -> alike.computeIfAbsent(portions(cooking, catalogue, kit), any -> new ArrayList<>()).add(kit));
        List<Kind> kinds = alike.entrySet().stream().map(entry -> kind(entry.getValue(), entry.getKey(), catalogue))
                .sorted(Comparator.comparingInt((Kind kind) -> kind.allergens.size()).thenComparingInt(kind -> -kind.kits.size())).toList();
        List<Row> rows = rows(kinds, catalogue);
        return new Packing(kinds, rows, byKit(kinds), byItem(kinds, rows), notEnough(rows, purchases, catalogue));
    }

    /** The same item for several lines of a dish goes into one jar; for several dishes, into one each. */
    private static List<Portion> portions(CookingClass cooking, Catalogue catalogue, Kit kit) {
        Map<String, BigDecimal> exact = new TreeMap<>();
        Map<String, Boolean> byPiece = new TreeMap<>();
        for (Kit.Line line : kit.lines()) {
            String key = line.dish() + "\n" + line.item();
            exact.merge(key, line.grams(), BigDecimal::add);
            IngredientLine written = cooking.dish(line.dish()).line(line.line());
            byPiece.merge(key, line.insteadOf().isEmpty() && written.amount().filter(amount -> amount.unit() == Unit.PIECE).isPresent(), Boolean::logicalAnd);
        }
        return exact.entrySet().stream().map(entry -> portion(catalogue.get(entry.getKey().split("\n")[1]), entry.getValue(), byPiece.get(entry.getKey()))).toList();
    }

    private static Portion portion(Item item, BigDecimal exact, boolean byPiece) {
        Optional<BigDecimal> piece = byPiece ? item.gramsPerPiece().map(grams -> grams.multiply(item.edibleShare())) : Optional.empty();
        int pieces = piece.map(grams -> exact.divide(grams, 9, RoundingMode.HALF_UP).setScale(0, RoundingMode.CEILING).intValue()).orElse(0);
        BigDecimal grams = piece.map(one -> one.multiply(BigDecimal.valueOf(pieces))).orElseGet(() -> up(exact, step(item, exact)));
        Compartment compartment = compartment(item, pieces);
        return new Portion(item.id(), exact, grams, pieces, volume(item, grams), compartment);
    }

    /** What a scale shows: half a gram for spices and other small amounts, a gram, or five for what is weighed by the handful. */
    static BigDecimal step(Item item, BigDecimal grams) {
        BigDecimal coarse = item.tolerance().orElse(grams.compareTo(BigDecimal.valueOf(100)) >= 0 ? BigDecimal.valueOf(5) : BigDecimal.ONE);
        return grams.compareTo(BigDecimal.valueOf(10)) < 0 ? new BigDecimal("0.5") : grams.compareTo(BigDecimal.valueOf(50)) < 0 ? coarse.min(BigDecimal.ONE) : coarse.max(new BigDecimal("0.5"));
    }

    private static BigDecimal up(BigDecimal grams, BigDecimal step) {
        return grams.divide(step, 9, RoundingMode.HALF_UP).setScale(0, RoundingMode.CEILING).multiply(step);
    }

    private static Compartment compartment(Item item, int pieces) {
        if (item.storage().filter(storage -> storage != Storage.AMBIENT).isPresent()) {
            return Compartment.COLD;
        }
        var traits = Trait.of(item);
        return traits.contains(Trait.LIQUID) ? Compartment.LIQUID : traits.contains(Trait.DRY) ? Compartment.DRY : pieces > 0 || item.gramsPerPiece().isPresent() ? Compartment.FRESH : Compartment.FRAGILE;
    }

    /** The smallest jar or bag that it fills to nine tenths at most. */
    private static int volume(Item item, BigDecimal grams) {
        BigDecimal millilitres = grams.divide(item.gramsPerMl().orElse(new BigDecimal("0.6")), DIGITS).multiply(new BigDecimal("1.1"));
        for (int jar : JARS) {
            if (millilitres.compareTo(BigDecimal.valueOf(jar)) <= 0) {
                return jar;
            }
        }
        return JARS[JARS.length - 1];
    }

    private static Kind kind(List<Kit> kits, List<Portion> portions, Catalogue catalogue) {
        BigDecimal weight = portions.stream().map(portion -> Decimals.ratio(portion.grams, portion.pieces > 0 ? catalogue.get(portion.item).edibleShare() : BigDecimal.ONE)
                .add(BigDecimal.valueOf(portion.compartment == Compartment.LIQUID ? JAR_TARE : BAG_TARE))).reduce(BigDecimal.ZERO, BigDecimal::add);
        boolean cold = portions.stream().anyMatch(portion -> portion.compartment == Compartment.COLD);
        return new Kind(List.copyOf(kits), portions, cold ? weight.add(BigDecimal.valueOf(COOL_PACK)) : weight,
                portions.stream().flatMap(portion -> catalogue.get(portion.item).allergens().stream()).distinct().sorted().toList());
    }

    /** Without allergens before with them, dry before wet, and what is cold at the end of each, so that it stands out shortest. */
    private static List<Row> rows(List<Kind> kinds, Catalogue catalogue) {
        Map<String, BigDecimal> grams = new TreeMap<>();
        Map<String, Integer> count = new TreeMap<>();
        kinds.forEach(kind -> kind.portions.forEach(portion -> {
            grams.merge(portion.item, portion.grams.multiply(BigDecimal.valueOf(kind.kits.size())), BigDecimal::add);
            count.merge(portion.item, kind.kits.size(), Integer::sum);
        }));
        List<String> order = grams.keySet().stream().sorted(Comparator.comparing((String item) -> allergens(catalogue, item).isEmpty() ? 0 : 1)
                .thenComparing(item -> compartment(catalogue.get(item), 0) == Compartment.COLD ? 1 : 0).thenComparing(item -> allergens(catalogue, item))
                .thenComparing(item -> compartment(catalogue.get(item), 0)).thenComparing(item -> item)).toList();
        List<Row> rows = new ArrayList<>();
        String before = "";
        for (String item : order) {
            String own = allergens(catalogue, item);
            rows.add(new Row(item, count.get(item), grams.get(item), !own.isEmpty() && !own.equals(before)));
            before = own;
        }
        return rows;
    }

    private static String allergens(Catalogue catalogue, String item) {
        return catalogue.get(item).allergenList().toString().replaceAll("[\\[\\]]", "");
    }

    private static int byKit(List<Kind> kinds) {
        int seconds = 0;
        for (Kind kind : kinds) {
            seconds += kind.kits.size() * (kind.portions.size() * (FETCH + WEIGH) + CLOSE) + (kind.allergens.isEmpty() ? 0 : CLEAN);
        }
        return seconds;
    }

    private static int byItem(List<Kind> kinds, List<Row> rows) {
        int kits = kinds.stream().mapToInt(kind -> kind.kits.size()).sum();
        return rows.stream().mapToInt(row -> FETCH + row.kits * WEIGH + (row.clean ? CLEAN : 0)).sum() + kits * CLOSE;
    }

    /** Items of which what is packed comes to more than is bought and needed; pieces are whole as bought. */
    private static List<String> notEnough(List<Row> rows, List<Purchase> purchases, Catalogue catalogue) {
        return rows.stream().filter(row -> purchases.stream().filter(purchase -> purchase.item().equals(row.item)).findFirst()
                .filter(purchase -> purchase.demandGrams().add(purchase.leftGrams().multiply(catalogue.get(row.item).edibleShare())).compareTo(row.grams) < 0).isPresent()).map(Row::item).toList();
    }

    /** Seconds with so many people at the bench; each packs a share. */
    public static int shared(int seconds, int people) {
        return (seconds + people - 1) / Math.max(1, people);
    }
}
