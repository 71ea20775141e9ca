package hopsel.core.kit;

import hopsel.core.Copyable;
import hopsel.core.item.Item;
import hopsel.core.item.Pack;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What of one item goes into a kit for one dish, as it is packed: as bought, before anybody peels it, never less than
 * the recipe, and in a weight that a kitchen scale can show.
 *
 * @param dish id of the dish
 * @param item id of the item
 * @param edible grams that the recipe asks for, of all lines of the dish together
 * @param least the same as bought: what peeling takes is in it
 * @param grams that are packed, the next weight a scale shows
 * @param most grams at which it is too much
 * @param pieces whole pieces, where it is counted; 0: it is weighed
 * @param jars how many jars or bags
 * @param millilitres that each of them holds
 * @param compartment where it lies in the kit
 * @param sold the pack that is handed out unopened; empty: it is weighed, or counted out
 */
public record Portion(
        String dish,
        String item,
        BigDecimal edible,
        BigDecimal least,
        BigDecimal grams,
        BigDecimal most,
        int pieces,
        int jars,
        int millilitres,
        Compartment compartment,
        Optional<Sold> sold) {

    /** Where something lies in a kit. */
    public enum Compartment {
        DRY,
        LIQUID,
        FRESH,
        COLD,
        FRAGILE
    }

    private static final MathContext DIGITS = MathContext.DECIMAL64;
    /** Sizes of jars and bags, ml, and how full they get. Kitchen practice. */
    private static final int[] SIZES = {30, 60, 125, 250, 500, 1000, 2000};

    private static final BigDecimal HEADROOM = new BigDecimal("1.1");
    /** Grams per millilitre of what nobody has measured: something loose, such as leaves and cubes. */
    private static final BigDecimal LOOSE = new BigDecimal("0.6");

    private static final BigDecimal HALF = new BigDecimal("0.5");

    /**
     * The portion of an item.
     *
     * @param edible grams in the recipe
     * @param byPiece whether the recipe counts whole pieces
     */
    static Portion of(String dish, Item item, BigDecimal edible, boolean byPiece) {
        BigDecimal least = Decimals.ratio(edible, item.edibleShare());
        Optional<BigDecimal> piece = byPiece ? item.gramsPerPiece() : Optional.empty();
        int pieces = piece.map(grams -> least.divide(grams, 9, RoundingMode.HALF_UP)
                        .setScale(0, RoundingMode.CEILING)
                        .intValue())
                .orElse(0);
        BigDecimal step = step(item, least);
        BigDecimal grams =
                piece.map(one -> one.multiply(BigDecimal.valueOf(pieces))).orElseGet(() -> up(least, step));
        BigDecimal most = grams.add(item.tolerance().orElse(BigDecimal.ZERO).max(step));
        int size = size(item, grams);
        return new Portion(
                dish,
                item.id(),
                edible,
                least,
                grams,
                most,
                pieces,
                jars(item, grams, size),
                size,
                compartment(item, pieces > 0),
                Optional.empty());
    }

    /**
     * Packs that are handed out as they are sold.
     *
     * @param dishes grams that go into each, in the order of the recipes; at least one
     */
    static Portion sold(Item item, Pack pack, int packs, Map<String, BigDecimal> dishes) {
        BigDecimal edible = dishes.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal grams = pack.grams().multiply(BigDecimal.valueOf(packs));
        boolean cold =
                item.storage().filter(storage -> storage != Storage.AMBIENT).isPresent();
        return new Portion(
                dishes.keySet().iterator().next(),
                item.id(),
                edible,
                Decimals.ratio(edible, item.edibleShare()),
                grams,
                grams,
                packs,
                packs,
                size(item, pack.grams()),
                cold ? Compartment.COLD : Compartment.DRY,
                Optional.of(new Sold(pack, dishes)));
    }

    /**
     * What is weighed to: half a gram for spices and other small amounts, a gram, and five for what is weighed by the
     * handful: dry things from 30 g, everything from 100 g. A tolerance that the item names comes before it.
     */
    static BigDecimal step(Item item, BigDecimal grams) {
        boolean handful = grams.compareTo(BigDecimal.valueOf(item.has(Trait.DRY) ? 30 : 100)) >= 0;
        BigDecimal coarse = item.tolerance().orElse(handful ? BigDecimal.valueOf(5) : BigDecimal.ONE);
        if (grams.compareTo(BigDecimal.TEN) < 0) {
            return HALF;
        }
        if (!handful && grams.compareTo(BigDecimal.valueOf(50)) < 0) {
            return coarse.min(BigDecimal.ONE).max(HALF);
        }
        return coarse.max(HALF);
    }

    /** The next weight that a scale shows. */
    static BigDecimal up(BigDecimal grams, BigDecimal step) {
        return grams.divide(step, 9, RoundingMode.HALF_UP)
                .setScale(0, RoundingMode.CEILING)
                .multiply(step);
    }

    /** What has to stay cold once its pack is open lies cold when it was taken out of it, unless it is whole. */
    private static Compartment compartment(Item item, boolean counted) {
        boolean opened = item.has(Trait.KEEP_COLD) && !counted;
        if (opened
                || item.storage().filter(storage -> storage != Storage.AMBIENT).isPresent()) {
            return Compartment.COLD;
        }
        if (item.isWet()) {
            return Compartment.LIQUID;
        }
        if (item.has(Trait.DRY)) {
            return Compartment.DRY;
        }
        if (counted || item.gramsPerPiece().isPresent()) {
            return Compartment.FRESH;
        }
        return Compartment.FRAGILE;
    }

    private static BigDecimal volume(Item item, BigDecimal grams) {
        return grams.divide(item.gramsPerMl().orElse(LOOSE), DIGITS).multiply(HEADROOM);
    }

    /** The smallest size that it fills to nine tenths at most; the largest for what wants several. */
    private static int size(Item item, BigDecimal grams) {
        BigDecimal millilitres = volume(item, grams);
        for (int size : SIZES) {
            if (millilitres.compareTo(BigDecimal.valueOf(size)) <= 0) {
                return size;
            }
        }
        return SIZES[SIZES.length - 1];
    }

    private static int jars(Item item, BigDecimal grams, int size) {
        return volume(item, grams)
                .divide(BigDecimal.valueOf(size), 9, RoundingMode.HALF_UP)
                .setScale(0, RoundingMode.CEILING)
                .max(BigDecimal.ONE)
                .intValue();
    }

    /** Whether a weight is enough and not too much. */
    public boolean fits(BigDecimal weighed) {
        return weighed.compareTo(least) >= 0 && weighed.compareTo(most) <= 0;
    }

    /** Which of a kit's portions it is. */
    public Key key() {
        return new Key(dish, item);
    }

    /**
     * A pack as it is sold.
     *
     * @param dishes grams of it that go into each dish, by its id
     */
    public record Sold(Pack pack, Map<String, BigDecimal> dishes) {

        /** Keeps its own copy, in the same order. */
        public Sold {
            dishes = Collections.unmodifiableMap(new LinkedHashMap<>(dishes));
        }
    }

    /** Whether it is counted and not put on a scale. */
    public boolean isCounted() {
        return pieces > 0;
    }

    /** Whether any of it goes into a dish. */
    public boolean goesInto(String other) {
        return dish.equals(other)
                || sold.filter(own -> own.dishes.containsKey(other)).isPresent();
    }

    /** A portion by its dish and item. */
    @Copyable
    public record Key(String dish, String item) {}
}
