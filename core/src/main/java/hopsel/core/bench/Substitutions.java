package hopsel.core.bench;

import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.item.Trait;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/** Puts one ingredient in the place of another, in the line and in the time of the steps it goes in at. */
public final class Substitutions {

    private static final BigDecimal SPOONS = BigDecimal.valueOf(8);

    private Substitutions() {}

    /**
     * The dish with another ingredient on a line: grams by the ratio, minutes of the step by its time factor.
     *
     * @throws RefusedEditException where the line is gone
     */
    public static Draft apply(Draft sheet, String id, KnownSubstitution known, Catalogue builtIn)
            throws RefusedEditException {
        IngredientLine line =
                sheet.line(id).orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        Catalogue catalogue = sheet.catalogue(builtIn);
        Item use = catalogue.get(known.use());
        Optional<BigDecimal> grams = line.amount()
                .flatMap(amount -> catalogue.find(line.item()).flatMap(item -> sheet.weigher()
                        .grams(item, amount)));
        Optional<Amount> amount =
                grams.map(weight -> weight.multiply(known.ratio())).map(weight -> measured(sheet, use, weight));
        Draft next = sheet.eachLine(own -> own.id().equals(id) ? own.of(known.use(), amount, own.prep()) : own);
        next = next.eachStep(step ->
                step.uses().stream().anyMatch(usage -> usage.ingredient().equals(id))
                        ? slower(step, known.time())
                        : step);
        return use.has(Trait.GELS) && known.role() == KnownSubstitution.Role.BINDER ? Insertions.gel(next, id) : next;
    }

    private static Step slower(Step step, BigDecimal factor) {
        return factor.compareTo(BigDecimal.ONE) == 0
                ? step
                : step.lasting(new StepMinutes(
                        times(step.minutes().low(), factor),
                        times(step.minutes().likely(), factor),
                        times(step.minutes().high(), factor)));
    }

    private static Minutes times(Minutes minutes, BigDecimal factor) {
        return Minutes.of(minutes.value().multiply(factor));
    }

    /** In spoons where there are few of them and the density is known, in grams otherwise. */
    static Amount measured(Draft sheet, Item item, BigDecimal grams) {
        BigDecimal spoon = sheet.measures().millilitres(Unit.TBSP).orElseThrow();
        Optional<BigDecimal> spoons = item.gramsPerMl()
                .map(density -> Decimals.ratio(grams, density.multiply(spoon)))
                .filter(number -> number.compareTo(SPOONS) <= 0 && number.compareTo(new BigDecimal("0.2")) >= 0)
                .map(number -> number.multiply(BigDecimal.valueOf(4))
                        .setScale(0, RoundingMode.HALF_UP)
                        .divide(BigDecimal.valueOf(4)))
                .filter(number -> number.signum() > 0);
        return spoons.map(number -> Amount.of(number, Unit.TBSP))
                .orElseGet(() -> Amount.of(Decimals.tenths(grams).max(new BigDecimal("0.1")), Unit.G));
    }
}
