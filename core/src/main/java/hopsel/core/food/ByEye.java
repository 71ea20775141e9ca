package hopsel.core.food;

import hopsel.core.dish.ByTaste;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What a cook who measures by eye takes for a serving, from and to: so that it can be bought, weighed and counted. A
 * table of kitchen practice; salt, pepper and what is only a garnish stay to taste.
 */
public enum ByEye {
    OIL(item -> item.falls(HouseRule.OIL), Unit.ML, "5", "12", "until the pan is covered"),
    ACID(item -> item.has(Trait.ACID) && item.isWet(), Unit.ML, "3", "8", "until it tastes fresh and sharp"),
    SPICE(item -> item.has(Trait.SPICE), Unit.G, "0.3", "1", "until you can smell it"),
    HOT(item -> item.practice().hotPerServing().isPresent(), Unit.G, "0.5", "2", "until it's as hot as you like"),
    SWEET(item -> item.has(Trait.SWEET), Unit.G, "3", "10", "until the edge is off"),
    PASTE(item -> item.has(Trait.PASTE), Unit.G, "8", "20", "until you can taste it"),
    HERB(item -> item.has(Trait.LEAF) && item.has(Trait.HERB), Unit.G, "3", "8", "a handful for the pot"),
    LEAVES(item -> item.has(Trait.LEAF), Unit.G, "20", "50", "a loose handful for each"),
    NUTS(item -> item.has(Trait.CRUNCH) && item.has(Trait.DRY), Unit.G, "8", "20", "a small handful for each"),
    STARCH(item -> item.has(Trait.STARCHY) && item.has(Trait.DRIED), Unit.G, "60", "90", "a cupped hand for each"),
    FLOUR(item -> item.has(Trait.FLOUR), Unit.G, "5", "15", "until it no longer sticks"),
    WATER(item -> item.has(Trait.TAP), Unit.ML, "15", "60", "until it's as thick as you like"),
    LIQUID(item -> item.has(Trait.LIQUID), Unit.ML, "60", "150", "until it's as thick as you like"),
    PIECES(item -> item.has(Trait.WHOLE), Unit.G, "50", "120", "as much as looks right on the plate");

    private static final BigDecimal DEEP_LEAST = BigDecimal.valueOf(750);
    private static final BigDecimal DEEP_MOST = BigDecimal.valueOf(1500);
    private static final BigDecimal DEEP_STEP = BigDecimal.valueOf(250);
    private static final BigDecimal HALF = new BigDecimal("0.5");

    private final Predicate<Item> food;
    private final Unit unit;
    private final BigDecimal from;
    private final BigDecimal upTo;
    private final String cue;

    ByEye(Predicate<Item> food, Unit unit, String from, String upTo, String cue) {
        this.food = food;
        this.unit = unit;
        this.from = new BigDecimal(from);
        this.upTo = new BigDecimal(upTo);
        this.cue = cue;
    }

    /** An amount for a whole dish: the likely one, and how it is found. */
    public record Estimate(Amount amount, ByTaste byTaste) {}

    /** What is usual for so many servings; empty for salt and pepper, and where the table has no row. */
    public static Optional<Estimate> of(Item item, BigDecimal servings) {
        return item.has(Trait.SEASONING)
                ? Optional.empty()
                : Arrays.stream(values())
                        .filter(row -> row.food.test(item))
                        .findFirst()
                        .map(row -> row.estimate(servings));
    }

    /** Oil to deep-fry in: as much as the pot wants, for however many. */
    public static Estimate deepOil() {
        return new Estimate(
                Amount.of(DEEP_MOST, Unit.ML),
                new ByTaste(DEEP_LEAST, DEEP_STEP, DEEP_MOST, "until it stands a third of the way up the pot"));
    }

    private Estimate estimate(BigDecimal servings) {
        BigDecimal low = plain(from.multiply(servings));
        BigDecimal high = plain(upTo.multiply(servings)).max(low);
        BigDecimal step = plain(high.subtract(low).multiply(HALF)).max(low.movePointLeft(1));
        return new Estimate(Amount.of(high, unit), new ByTaste(low, step, high, cue));
    }

    /** As a cook says it: whole, and from twenty on in fives. */
    private static BigDecimal plain(BigDecimal number) {
        if (number.compareTo(BigDecimal.ONE) < 0) {
            return Decimals.plain(number.setScale(1, RoundingMode.HALF_UP));
        }
        BigDecimal five = BigDecimal.valueOf(5);
        boolean coarse = number.compareTo(BigDecimal.valueOf(20)) >= 0;
        BigDecimal grain = coarse ? five : BigDecimal.ONE;
        return number.divide(grain, 0, RoundingMode.HALF_UP).multiply(grain);
    }

    /** From. */
    public BigDecimal from() {
        return from;
    }

    /** To, for a serving. */
    public BigDecimal upTo() {
        return upTo;
    }

    /** Of both. */
    public Unit unit() {
        return unit;
    }

    /** When to stop. */
    public String cue() {
        return cue;
    }
}
