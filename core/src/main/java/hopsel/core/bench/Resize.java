package hopsel.core.bench;

import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Vessel;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A dish made larger or smaller, and what did not simply go along.
 *
 * @param sheet the dish, changed
 * @param factor what linear lines were multiplied by
 * @param notes what scaled otherwise, or not at all, and why
 */
public record Resize(Draft sheet, BigDecimal factor, List<String> notes) {

    /** Keeps its own copy. */
    public Resize {
        notes = List.copyOf(notes);
    }

    /** For another number of servings. */
    public static Resize byServings(Draft sheet, BigDecimal servings) {
        return by(
                sheet,
                Decimals.ratio(
                        Decimals.positive("The servings", servings),
                        sheet.dish().servings()));
    }

    /**
     * For another number of pieces.
     *
     * @throws RefusedEditException where nobody said how many it makes
     */
    public static Resize byPieces(Draft sheet, BigDecimal pieces) throws RefusedEditException {
        BigDecimal now = sheet.dish()
                .yields()
                .pieces()
                .orElseThrow(() -> new RefusedEditException("Say first how many pieces the dish makes."));
        return by(sheet, Decimals.ratio(Decimals.positive("The pieces", pieces), now));
    }

    /**
     * For what is in hand of one ingredient: "I have 340 g of tofu".
     *
     * @param grams edible grams in hand
     * @throws RefusedEditException where the line has no weight
     */
    public static Resize byIngredient(Draft sheet, String line, BigDecimal grams, Catalogue builtIn)
            throws RefusedEditException {
        IngredientLine own =
                sheet.line(line).orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        Item item = sheet.catalogue(builtIn)
                .find(own.item())
                .orElseThrow(() -> new RefusedEditException("Nobody knows what that weighs."));
        BigDecimal written = own.amount()
                .flatMap(amount -> sheet.weigher().grams(item, amount))
                .orElseThrow(() -> new RefusedEditException(
                        "%s has no known weight in this dish, so the dish can't be scaled by it."
                                .formatted(item.name())));
        if (own.scaling() != Scaling.LINEAR) {
            throw new RefusedEditException("%s does not grow with the dish, so it cannot lead.".formatted(item.name()));
        }
        return by(sheet, Decimals.ratio(Decimals.positive("The grams", grams), written));
    }

    /**
     * For another vessel, as deep as before.
     *
     * @throws RefusedEditException where nobody set the pan or tin
     */
    public static Resize byVessel(Draft sheet, Vessel vessel) throws RefusedEditException {
        Vessel now = sheet.dish()
                .vessel()
                .orElseThrow(() -> new RefusedEditException("Say first what the dish is made in."));
        Resize resized = by(sheet, Decimals.ratio(vessel.area(), now.area()));
        List<String> notes = new ArrayList<>(resized.notes);
        notes.add("From %s to %s: %s times the area, so it's as deep as before and takes as long."
                .formatted(now, vessel, plain(resized.factor)));
        if (vessel.depth().compareTo(now.depth()) < 0) {
            notes.add(("The new wall is %s cm lower; keep %s cm free for what bubbles (at most 85 %% full), and put "
                            + "a tray beneath.")
                    .formatted(
                            now.depth().subtract(vessel.depth()).toPlainString(),
                            vessel.depth().multiply(new BigDecimal("0.15")).setScale(1, RoundingMode.HALF_UP)));
        }
        return new Resize(
                resized.sheet.with(resized.sheet.dish().withVessel(Optional.of(vessel))), resized.factor, notes);
    }

    /**
     * What happens to the same amount in another vessel: its depth, whether it fits, and what that does to the time.
     *
     * <p>The time of a bake goes roughly with the depth to the power 1.5, between conduction into a slab (2) and drying
     * at the surface (1); kitchen practice, to be checked by the cue.
     *
     * @param millilitres of the filled dish
     */
    public static String sameIn(Vessel now, Vessel other, BigDecimal millilitres) {
        double ratio = now.area().doubleValue() / other.area().doubleValue();
        double time = Math.pow(ratio, 1.5);
        boolean full = millilitres.compareTo(other.fill()) > 0;
        String depth = "It's %s cm deep instead of %s cm."
                .formatted(
                        other.depthOf(millilitres).toPlainString(),
                        now.depthOf(millilitres).toPlainString());
        String fits = full
                ? " That is more than 85 %% full: put %s ml in another dish."
                        .formatted(millilitres
                                .subtract(other.fill())
                                .setScale(0, RoundingMode.UP)
                                .toPlainString())
                : "";
        return depth
                + fits
                + " Expect about %s times the baking time, and check at that point."
                        .formatted(plain(BigDecimal.valueOf(time)));
    }

    /**
     * How many pieces of a weight the component of a step gives, whole ones: 24 dumplings of 22 g from this much dough.
     *
     * @param each grams a piece, above 0
     * @throws RefusedEditException where nothing of the component can be weighed, or it does not give a single piece
     */
    public static BigDecimal piecesOf(Draft sheet, String step, BigDecimal each, Catalogue builtIn)
            throws RefusedEditException {
        Catalogue catalogue = sheet.catalogue(builtIn);
        BigDecimal whole = sheet
                .home(step)
                .orElseThrow(() -> new RefusedEditException("That step is not there any more."))
                .ingredients()
                .stream()
                .flatMap(line -> line
                        .amount()
                        .flatMap(amount -> catalogue.find(line.item()).flatMap(item -> sheet.weigher()
                                .grams(item, amount)))
                        .stream())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal pieces = whole.divide(each, 0, RoundingMode.DOWN);
        if (pieces.signum() == 0) {
            throw new RefusedEditException("What goes into this component weighs %s g; that gives no piece of %s g."
                    .formatted(whole.setScale(0, RoundingMode.HALF_UP).toPlainString(), each.toPlainString()));
        }
        return pieces;
    }

    private static Resize by(Draft sheet, BigDecimal factor) {
        List<String> notes = new ArrayList<>();
        Draft next = sheet.eachLine(line -> line.times(line.scaling().factor(factor)));
        List<String> damped = named(sheet, Scaling.DAMPED);
        List<String> fixed = named(sheet, Scaling.FIXED);
        if (!damped.isEmpty() && factor.compareTo(BigDecimal.ONE) > 0) {
            notes.add("Strong flavours scale gently (%s times): %s. Taste."
                    .formatted(plain(Scaling.DAMPED.factor(factor)), String.join(", ", damped)));
        }
        if (!fixed.isEmpty()) {
            notes.add("Unchanged – goes by the pan: %s.".formatted(String.join(", ", fixed)));
        }
        next = next.making(yields -> yields.times(factor)).eachStep(step -> resized(step, factor, notes));
        notes.add("Times go by thickness and batches, not by weight; they stay the same unless a step has "
                + "batches or goes by weight.");
        return new Resize(next, factor, notes);
    }

    private static Step resized(Step step, BigDecimal factor, List<String> notes) {
        if (step.rounds().isPresent()) {
            Rounds rounds = step.rounds().get();
            Rounds more = rounds.withPieces(rounds.pieces().multiply(factor));
            notes.add("“%s”: %d batches instead of %d, %s min."
                    .formatted(step.title(), more.count(), rounds.count(), more.minutes()));
            return step.lasting(StepMinutes.of(more.minutes())).withRounds(Optional.of(more));
        }
        return step.perWeight()
                .map(weight -> weighed(step, weight, factor, notes))
                .orElse(step);
    }

    /** Minutes by weight: the part above the base grows with the weight, which is that of the linear lines. */
    private static Step weighed(Step step, PerWeight weight, BigDecimal factor, List<String> notes) {
        Minutes minutes = weight.grown(step.minutes().likely(), factor);
        notes.add("“%s” goes by weight: %s min instead of %s."
                .formatted(step.title(), minutes, step.minutes().likely()));
        return step.lasting(StepMinutes.of(minutes));
    }

    private static List<String> named(Draft sheet, Scaling scaling) {
        return sheet.dish()
                .lines()
                .filter(line -> line.scaling() == scaling && line.amount().isPresent())
                .map(line -> line.item().replace('-', ' '))
                .distinct()
                .toList();
    }

    private static String plain(BigDecimal factor) {
        return Decimals.plain(factor.round(new MathContext(3))).toPlainString();
    }
}
