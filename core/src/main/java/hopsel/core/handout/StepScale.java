package hopsel.core.handout;

import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.recipe.RoundsReader;
import hopsel.core.recipe.Said;
import hopsel.core.recipe.TechniqueReader;
import hopsel.core.recipe.ToolReader;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.Set;

/**
 * What another number of servings does to a step: rounds in the pan, more tins, a longer wait until it boils.
 *
 * <p>The minutes of a step stay as the recipe has them, whatever the number of guests, unless the host said that it
 * goes by weight: food is done by its thickness and by the cue, and a pot for two takes as long to cook lentils as a
 * pot for six. A recipe is taken to fill its pan or tin once, unless it says otherwise. Kitchen practice, to be checked
 * by the cue.
 *
 * @param what what changes; empty: nothing
 * @param number rounds, tins, or minutes of a step that goes by weight
 * @param thing the tin or pan, as a cook says it
 */
public record StepScale(Optional<What> what, int number, String thing) {

    /** What changes. */
    public enum What {
        ROUNDS,
        BY_WEIGHT,
        TINS,
        SMALLER_TIN,
        BOIL_LATER,
        BOIL_SOONER
    }

    private static final StepScale SAME = new StepScale(Optional.empty(), 1, "");
    private static final Set<String> TINS = Set.of(
            "loaf tin",
            "tart tin",
            "cake tin",
            "baking tray",
            "baking sheet",
            "baking dish",
            "roasting tin",
            "tart ring");
    /** So much more than a pan or tin is meant for goes in without another round. */
    private static final BigDecimal ROOM = new BigDecimal("0.2");

    private static final BigDecimal HALF = new BigDecimal("0.5");
    private static final int MOST = 60;

    /**
     * For a factor.
     *
     * @param factor servings by servings of the recipe, above 0
     */
    public static StepScale of(Step step, BigDecimal factor) {
        if (factor.compareTo(BigDecimal.ONE) == 0) {
            return SAME;
        }
        if (step.rounds().isPresent()) {
            int before = step.rounds().get().count();
            int after = step.rounds()
                    .get()
                    .withPieces(step.rounds().get().pieces().multiply(factor))
                    .count();
            return after == before ? SAME : new StepScale(Optional.of(What.ROUNDS), after, "pan");
        }
        if (step.perWeight().isPresent()) {
            int minutes = step.perWeight()
                    .get()
                    .grown(step.minutes().likely(), factor)
                    .value()
                    .setScale(0, RoundingMode.HALF_UP)
                    .intValue();
            return new StepScale(Optional.of(What.BY_WEIGHT), minutes, "");
        }
        boolean oven = step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN));
        boolean ring = step.needs().stream().anyMatch(need -> need.does(Does.RING));
        Optional<String> tin = ToolReader.of(step).stream()
                .map(tool -> tool.name())
                .filter(TINS::contains)
                .findFirst();
        if (oven || tin.isPresent()) {
            return tins(factor, tin);
        }
        if (ring && Said.BOILS_UP.in(step)) {
            return new StepScale(
                    Optional.of(factor.compareTo(BigDecimal.ONE) > 0 ? What.BOIL_LATER : What.BOIL_SOONER), 1, "");
        }
        return ring && fries(step) ? rounds(factor, step) : SAME;
    }

    private static boolean fries(Step step) {
        return TechniqueReader.of(step).contains(Technique.FRY)
                || TechniqueReader.of(step).contains(Technique.TOAST);
    }

    private static StepScale rounds(BigDecimal factor, Step step) {
        int before = RoundsReader.of(step);
        int after = number(factor.multiply(BigDecimal.valueOf(before)));
        return after == before ? SAME : new StepScale(Optional.of(What.ROUNDS), after, "pan");
    }

    private static StepScale tins(BigDecimal factor, Optional<String> tin) {
        if (tin.isEmpty()) {
            return SAME;
        }
        int after = number(factor);
        if (after > 1) {
            return new StepScale(Optional.of(What.TINS), after, tin.get());
        }
        return factor.compareTo(HALF) <= 0 ? new StepScale(Optional.of(What.SMALLER_TIN), 1, tin.get()) : SAME;
    }

    private static int number(BigDecimal factor) {
        return factor.subtract(ROOM)
                .setScale(0, RoundingMode.CEILING)
                .max(BigDecimal.ONE)
                .min(BigDecimal.valueOf(MOST))
                .intValue();
    }
}
