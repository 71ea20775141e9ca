package hopsel.core.bench;

import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.recipe.Said;
import hopsel.core.recipe.TechniqueReader;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** The waits that sink classes, told by what is done at a step. */
public enum HiddenTime {
    HEATING(Technique.PREHEAT),
    BOILING(Technique.BOIL),
    SOAKING(Technique.SOAK),
    THAWING(Technique.THAW),
    PRESSING(Technique.PRESS),
    MARINATING(Technique.MARINATE),
    GELLING(Technique.GEL),
    PRESSURE(Technique.PRESSURE_COOK),
    RISING(Technique.PROOF),
    RESTING(Technique.REST),
    CHILLING(Technique.CHILL, Technique.FREEZE),
    SETTING(Technique.SET),
    COOLING(Technique.COOL);

    private final Set<Technique> techniques;

    HiddenTime(Technique first, Technique... others) {
        this.techniques = EnumSet.of(first, others);
    }

    /** What a step that nobody stands at is waiting for; empty for cooking and for hands work. */
    public static Optional<HiddenTime> of(Step step) {
        boolean water = step.work() == Work.WATCH && step.uses().isEmpty() && Said.WATER_BOILS.in(step);
        if (water) {
            return Optional.of(BOILING);
        }
        return step.work() == Work.REST
                ? first(TechniqueReader.mainly(step)).or(() -> first(TechniqueReader.of(step)))
                : Optional.empty();
    }

    private static Optional<HiddenTime> first(Set<Technique> techniques) {
        return Arrays.stream(values())
                .filter(what -> what != BOILING && what.isMeant(techniques))
                .findFirst();
    }

    private boolean isMeant(Set<Technique> of) {
        return techniques.stream().anyMatch(of::contains);
    }
}
