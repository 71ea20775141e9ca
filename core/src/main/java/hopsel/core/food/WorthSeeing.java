package hopsel.core.food;

import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.recipe.TechniqueReader;

import java.util.Optional;
import java.util.Set;

/**
 * How much an audience loses where a technique is not shown: a table of teaching practice, to be argued with. A hand
 * that folds is what people come for; nobody comes for peeling.
 */
public enum WorthSeeing {
    DULL(0),
    PLAIN(1),
    GOOD(2),
    THE_POINT(3);

    private final int worth;

    WorthSeeing(int worth) {
        this.worth = worth;
    }

    /** As class files write it. */
    public int worth() {
        return worth;
    }

    /** The one of a figure; a higher figure than there is counts as the highest. */
    public static WorthSeeing of(int worth) {
        return values()[Math.min(worth, values().length - 1)];
    }

    /** What the table says of a technique. */
    public static WorthSeeing of(Technique technique) {
        return switch (technique) {
            case PREHEAT, SOAK, THAW, PRESS, INFUSE, CUT, GRATE, DRAIN, REST, PROOF, COOL, CHILL, FREEZE -> DULL;
            case BOIL, SIMMER, STEAM, PRESSURE_COOK, BAKE, REHEAT, MELT, TOAST, BLANCH, SWEAT, MASH, MIX, GRIND ->
                PLAIN;
            case MARINATE, BLEND, SET -> PLAIN;
            case FRY, GRILL, CRISP, DEGLAZE, WHISK, KNEAD, DRESS, GEL -> GOOD;
            case ROLL, SHAPE, FILL, GLAZE, ASSEMBLE, SERVE -> THE_POINT;
        };
    }

    /**
     * What the table says of a step: the best of what is done at it. What waits is dull, and what is only watched is
     * plain at most. Empty where nothing is known of it.
     */
    public static Optional<WorthSeeing> of(Step step) {
        if (step.work() == Work.REST) {
            return Optional.of(DULL);
        }
        Set<Technique> techniques = TechniqueReader.mainly(step);
        WorthSeeing most = step.work() == Work.WATCH ? PLAIN : THE_POINT;
        return techniques.stream()
                .map(WorthSeeing::of)
                .reduce((one, two) -> one.compareTo(two) >= 0 ? one : two)
                .map(best -> best.compareTo(most) <= 0 ? best : most);
    }
}
