package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.Set;

/**
 * What a line said of the quantity, before it is known of what.
 *
 * @param count the number; empty: none was written
 * @param unit of it
 * @param unitName as written
 * @param size small, large, bunch and the like
 * @param adjective a size said before a kind of piece: a large head
 * @param pack what one holds, or the same amount once more
 * @param added what comes on top: plus 1 tsp
 * @param factor 1, more where heaped, less where scant
 * @param each whether the pack was said of each one
 * @param behind whether what one holds was said behind the name
 * @param name of the thing
 * @param weigher for the cups and spoons of the place
 */
record SaidAmount(
        Optional<Numbers.Reading> count,
        Optional<UnitWords.Word> unit,
        String unitName,
        Optional<String> size,
        Optional<String> adjective,
        Optional<Amount> pack,
        Optional<Amount> added,
        BigDecimal factor,
        boolean each,
        boolean behind,
        String name,
        Weigher weigher) {

    private static final BigDecimal ONE = BigDecimal.ONE;
    /** Nobody counts so many aubergines, or blocks of tofu. */
    private static final BigDecimal MANY = BigDecimal.valueOf(40);

    private static final BigDecimal FEWEST_GRAMS = BigDecimal.valueOf(5);
    /** Kinds of piece that are the whole thing, so that small and large tell more. */
    private static final Set<String> WHOLE = Set.of("head", "bulb", "stalk", "stick", "ear", "cob");

    /** In a unit of the contract; empty: to taste, or not said. */
    Optional<Amount> amount(Optional<Item> item) {
        if (count.isEmpty() && unit.isEmpty()) {
            // Steamed rice (1½ cups uncooked): what stands in brackets is all that is said.
            return pack;
        }
        Numbers.Reading number = count.orElse(new Numbers.Reading(ONE, ONE, ""));
        if (number.high().signum() <= 0) {
            return Optional.empty();
        }
        if (unit.isPresent()
                && unit.get().unit() == Unit.CAN
                && item.isPresent()
                && item.get().gramsPerCan().isEmpty()
                && pack.isPresent()) {
            return Optional.of(times(number, pack.get()));
        }
        boolean packOfPieces =
                UnitWords.CONTAINERS.contains(unitName) && unit.get().unit() == Unit.PIECE;
        // {@code 2 blocks tempeh (400 g)}: behind the name it is both of them; nobody says each.
        if (packOfPieces && pack.isPresent() && unitName.startsWith("block") && !each && behind) {
            return pack;
        }
        if (packOfPieces && pack.isPresent()) {
            return Optional.of(times(number, pack.get()));
        }
        boolean countable = item.flatMap(Item::gramsPerPiece).isPresent();
        if (unit.isEmpty() && pack.isPresent() && !countable) {
            return Optional.of(
                    count.get().high().compareTo(ONE) == 0 || !each ? pack.get() : times(number, pack.get()));
        }
        UnitWords.Word pieces = unit.orElse(new UnitWords.Word(Unit.PIECE, ONE, Optional.empty()));
        UnitWords.Word word = inGrams(item) ? new UnitWords.Word(Unit.G, ONE, Optional.empty()) : pieces;
        Amount plain = new Amount(
                number.low().multiply(word.factor()),
                number.high().multiply(word.factor()),
                word.unit(),
                kind(item, word));
        return Optional.of(added.map(more -> sum(plain, more)).orElse(plain));
    }

    /** {@code 500 strong white}: nobody counts flour, and who weighs leaves out the gram. */
    boolean inGrams(Optional<Item> item) {
        boolean many = count.filter(number -> number.low().compareTo(MANY) >= 0).isPresent();
        boolean blocks = unitName.startsWith("block") && many;
        boolean heap = unit.isEmpty()
                && many
                && item.filter(own -> own.has(Trait.WHOLE) || own.has(Trait.MUSHROOM))
                        .isPresent();
        if (pack.isEmpty() && (blocks || heap)) {
            return true;
        }
        return unit.isEmpty()
                && pack.isEmpty()
                && count.filter(number -> number.low().compareTo(FEWEST_GRAMS) >= 0)
                        .isPresent()
                && item.filter(own -> own.gramsPerPiece().isEmpty()
                                && (many || own.practice().pieces().isEmpty()))
                        .isPresent();
    }

    private Optional<String> kind(Optional<Item> item, UnitWords.Word word) {
        if (word.unit() != Unit.PIECE) {
            return Optional.empty();
        }
        Optional<String> finer = word.size().filter(WHOLE::contains).flatMap(any -> known(item, adjective));
        String last = ItemFinder.words(name).stream().reduce((a, b) -> b).orElse("");
        if (word.size().isEmpty()
                && !last.isEmpty()
                && item.flatMap(Item::gramsPerPiece).isEmpty()
                && known(item, Optional.of(last)).isPresent()) {
            return Optional.of(last);
        }
        boolean length = word.size()
                .filter(kind -> kind.equals("inch") || kind.equals("cm"))
                .isPresent();
        return finer.or(word::size)
                .filter(kind -> !length || known(item, Optional.of(kind)).isPresent())
                .or(() -> known(item, size));
    }

    private Optional<String> known(Optional<Item> item, Optional<String> kind) {
        return kind.filter(
                word -> item.isPresent() && item.get().practice().pieces().containsKey(word));
    }

    private Amount times(Numbers.Reading number, Amount each) {
        return new Amount(each.low().multiply(number.low()), each.high().multiply(number.high()), each.unit());
    }

    private Optional<BigDecimal> size(Amount amount, boolean weights) {
        return weights ? amount.unit().grams() : weigher.measures().millilitres(amount.unit());
    }

    /** Whether something that comes on top can be added up with what it comes on top of. */
    static boolean canAdd(Unit one, Unit other, Weigher weigher) {
        boolean weights = one.grams().isPresent() && other.grams().isPresent();
        boolean volumes = weigher.measures().millilitres(one).isPresent()
                && weigher.measures().millilitres(other).isPresent();
        return weights || volumes;
    }

    private Amount sum(Amount first, Amount second) {
        boolean weights = first.unit().grams().isPresent();
        Optional<BigDecimal> one = size(first, weights);
        Optional<BigDecimal> other = size(second, weights);
        if (one.isEmpty() || other.isEmpty()) {
            return first;
        }
        BigDecimal ratio = Decimals.ratio(other.get(), one.get());
        return new Amount(
                first.low().add(second.low().multiply(ratio)),
                first.high().add(second.high().multiply(ratio)),
                first.unit());
    }

    /** Edible grams of the upper end: by what was weighed, by the pack, or by the catalogue. */
    Optional<BigDecimal> grams(Optional<Item> item, Optional<Amount> amount) {
        if (amount.isEmpty()) {
            return Optional.empty();
        }
        Optional<BigDecimal> weighed =
                amount.get().unit().grams().map(amount.get().high()::multiply);
        Optional<BigDecimal> byPack = pack.filter(weight ->
                        unit.filter(word -> word.unit() == Unit.CAN).isEmpty() && !weight.equals(amount.get()))
                .flatMap(weight -> weight.unit().grams().map(weight.high()::multiply));
        if (weighed.isPresent() || item.isEmpty()) {
            return weighed.or(() -> byPack);
        }
        return byPack.or(() -> canned(item.get(), amount.get()))
                .or(() -> weigher.grams(item.get(), amount.get()).map(factor::multiply));
    }

    /** The drained share of the usual can, of what this one holds. */
    private Optional<BigDecimal> canned(Item item, Amount amount) {
        if (amount.unit() != Unit.CAN
                || pack.isEmpty()
                || item.practice().canNet().isEmpty()
                || item.gramsPerCan().isEmpty()) {
            return Optional.empty();
        }
        // What stands on a can in millilitres is near enough its grams: what fills it is mostly water.
        Optional<BigDecimal> net = pack.get()
                .unit()
                .grams()
                .or(() -> weigher.measures().millilitres(pack.get().unit()))
                .map(pack.get().high()::multiply);
        return net.map(grams -> Decimals.ratio(grams, item.practice().canNet().get())
                .multiply(item.gramsPerCan().get())
                .multiply(amount.high()));
    }
}
