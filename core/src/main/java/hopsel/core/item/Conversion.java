package hopsel.core.item;

import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The same amount of an ingredient in other units and other states: dry, soaked, cooked, from cans.
 *
 * <p>Cooked and soaked weights go by the factors of the dry item; a can by its drained weight. Which item is the
 * other's can is in the table of {@link OtherState}.
 *
 * @param state as it is, dry, soaked, cooked, or from cans
 * @param item the item in that state
 * @param grams exact
 * @param spoons as a cook measures it; empty where the density is not known
 * @param count pieces or cans; empty where their weight is not known
 */
public record Conversion(
        State state, Item item, BigDecimal grams, Optional<String> spoons, Optional<BigDecimal> count) {

    /** What the ingredient has gone through. */
    public enum State {
        AS_IT_IS,
        DRY,
        SOAKED,
        COOKED,
        CANNED
    }

    /**
     * All states of an amount, the one it was given in first.
     *
     * @param grams edible, in the state of the item: dry for a dried pulse, drained for a can
     */
    public static List<Conversion> of(Item item, BigDecimal grams, Measures measures, Catalogue catalogue) {
        List<Conversion> all = new ArrayList<>();
        State uncooked = item.practice().cooked().isPresent() ? State.DRY : State.AS_IT_IS;
        Optional<Item> before = OtherState.CANNED.from(item.id()).flatMap(link -> catalogue.find(link.item()));
        boolean canned = item.has(Trait.CANNED);
        all.add(in(canned ? State.CANNED : uncooked, item, grams, measures));
        Optional<Item> dry = canned ? before : Optional.of(item);
        Optional<BigDecimal> cooked = dry.flatMap(known -> known.practice().cooked());
        if (dry.isEmpty() || cooked.isEmpty()) {
            return all;
        }
        BigDecimal dryGrams = canned ? Decimals.ratio(grams, cooked.get()) : grams;
        if (canned) {
            all.add(in(State.DRY, dry.get(), dryGrams, measures));
        }
        dry.get()
                .practice()
                .soaked()
                .ifPresent(factor -> all.add(new Conversion(
                        State.SOAKED, dry.get(), dryGrams.multiply(factor), Optional.empty(), Optional.empty())));
        Optional<Item> can = canned
                ? Optional.empty()
                : OtherState.CANNED.of(item.id()).flatMap(link -> catalogue.find(link.other()));
        BigDecimal cookedGrams = dryGrams.multiply(cooked.get());
        all.add(new Conversion(
                State.COOKED,
                dry.get(),
                cookedGrams,
                can.or(() -> canned ? Optional.of(item) : Optional.empty())
                        .flatMap(other -> spoons(other, cookedGrams, measures)),
                Optional.empty()));
        can.ifPresent(other -> all.add(in(State.CANNED, other, cookedGrams, measures)));
        return all;
    }

    private static Conversion in(State state, Item item, BigDecimal grams, Measures measures) {
        Optional<BigDecimal> each =
                item.gramsPerCan().or(() -> item.gramsPerPiece().map(item.edibleShare()::multiply));
        return new Conversion(
                state, item, grams, spoons(item, grams, measures), each.map(one -> Decimals.ratio(grams, one)));
    }

    private static Optional<String> spoons(Item item, BigDecimal grams, Measures measures) {
        BigDecimal cup = measures.millilitres(Unit.CUP).orElseThrow();
        return item.gramsPerMl()
                .map(density -> CookAmount.of(Decimals.ratio(grams, density.multiply(cup)), Unit.CUP, measures));
    }
}
