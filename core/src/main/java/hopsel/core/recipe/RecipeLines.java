package hopsel.core.recipe;

import hopsel.core.FactTable;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Source;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Turns what was read of an ingredient line into a line of a dish. */
public final class RecipeLines {

    private static final Set<String> AT_HOME = ids("at-home.txt");

    /** A catalogue's figure that is further off than this is no longer the same amount. */
    private static final BigDecimal NEAR = new BigDecimal("0.15");

    private RecipeLines() {}

    private static Set<String> ids(String table) {
        return FactTable.rows(RecipeLines.class, table, 1).stream()
                .map(cells -> cells.get(0))
                .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * The line that a text proposes.
     *
     * @param id makes an id from a name
     */
    public static Proposed propose(String text, LineReader reader, UnaryOperator<String> id) {
        ReadLine read = reader.read(text);
        return propose(read, id.apply(read.item().map(Item::id).orElse(read.name())), reader.weigher());
    }

    /** The line that was read, under an id. */
    static Proposed propose(ReadLine read, String id, Weigher weigher) {
        String called = read.name().isEmpty() ? read.text() : read.name();
        Optional<Item> unknown = read.item().isPresent() ? Optional.empty() : Optional.of(unknown(called));
        String item = read.item().or(() -> unknown).orElseThrow().id();
        Optional<Amount> amount = read.amount().map(value -> heaped(read, value));
        Optional<Amount> weighed = amount.flatMap(value -> weighed(read, value, weigher));
        Optional<String> prep = weighed.isEmpty()
                ? read.prep()
                : Optional.of(read.prep().map(said -> said + ", ").orElse("") + written(read, amount.get()));
        IngredientLine line = IngredientLine.of(id, item, weighed.or(() -> amount))
                .withPrep(orElse(read, prep))
                .withScaling(scaling(read))
                .withOptional(read.optional())
                .withFrom(source(read));
        return new Proposed(read.exact() ? line : line.withSaid(Optional.of(read.name())), unknown);
    }

    /** {@code 2 cups}, or {@code for 2 cups cooked}: what the writer measured, where something else is weighed. */
    private static String written(ReadLine read, Amount amount) {
        boolean cooked = read.item()
                .filter(item -> CookedGrain.isSaid(read.name(), item))
                .isPresent();
        return cooked ? "for %s cooked".formatted(amount.written()) : amount.written();
    }

    /** What may be taken instead stands beside the cut: it is not weighed, but nobody may overlook it. */
    private static Optional<String> orElse(ReadLine read, Optional<String> prep) {
        return read.or().isEmpty()
                ? prep
                : Optional.of(prep.map(said -> said + ", ").orElse("") + "or " + String.join(" or ", read.or()));
    }

    /** The weight that the writer gave, where what the catalogue reckons for the count or the cup is not near it. */
    private static Optional<Amount> weighed(ReadLine read, Amount amount, Weigher weigher) {
        if (read.grams().isEmpty() || read.item().isEmpty() || amount.high().signum() == 0) {
            return Optional.empty();
        }
        Optional<BigDecimal> reckoned = weigher.grams(read.item().get(), amount);
        boolean near = reckoned.filter(grams -> grams.subtract(read.grams().get())
                                .abs()
                                .compareTo(read.grams().get().multiply(NEAR))
                        <= 0)
                .isPresent();
        BigDecimal each = Decimals.ratio(read.grams().get(), amount.high());
        return near
                ? Optional.empty()
                : Optional.of(new Amount(
                        rounded(amount.low().multiply(each)),
                        rounded(amount.high().multiply(each)),
                        Unit.G));
    }

    private static BigDecimal rounded(BigDecimal grams) {
        return grams.compareTo(BigDecimal.TEN) < 0 ? grams : Decimals.tenths(grams);
    }

    private static Amount heaped(ReadLine read, Amount amount) {
        String said = read.prep().orElse("");
        if (said.startsWith("heap")) {
            return amount.times(LineReading.HEAPED);
        }
        if (said.startsWith("scant")) {
            return amount.times(LineReading.SCANT);
        }
        return amount;
    }

    private static Item unknown(String name) {
        return Item.nameOnly(Slug.of(name), name);
    }

    private static Scaling scaling(ReadLine read) {
        if (read.prep()
                .filter(prep -> prep.matches("(?i).*\\b(?:for|to) (?:the pan|frying|greas|dust|brush|oil|roll).*"))
                .isPresent()) {
            return Scaling.FIXED;
        }
        return read.item().filter(item -> item.has(Trait.STRONG)).isPresent() ? Scaling.DAMPED : Scaling.LINEAR;
    }

    private static Source source(ReadLine read) {
        boolean atHome = read.item()
                .filter(item -> AT_HOME.contains(item.id()) || item.falls(HouseRule.OIL))
                .isPresent();
        return atHome ? Source.HOME : Source.KIT;
    }

    /**
     * A line that was proposed.
     *
     * @param line for the dish
     * @param unknown its item, where the catalogue does not know it
     */
    public record Proposed(IngredientLine line, Optional<Item> unknown) {}
}
