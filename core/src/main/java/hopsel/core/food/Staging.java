package hopsel.core.food;

import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a step is brought before people, where nobody has said: whose hands it wants at its ends, what it is worth
 * seeing, what is enough to see of it. Proposals from its techniques, work and place; what somebody said is never
 * touched.
 *
 * @param before the step as it is
 * @param after the step as proposed
 * @param matters what would change
 */
public record Staging(Step before, Step after, Set<Matter> matters) {

    /** From so many minutes on, what runs by itself can be swapped out: nobody watches it that long. */
    private static final Minutes LONG = Minutes.of(15);
    /** From so many minutes on, work that repeats itself can be shown in part. */
    private static final Minutes REPEATS = Minutes.of(6);
    /** In so many parts: the first few are shown, and the rest is the same again. */
    private static final BigDecimal THIRDS = BigDecimal.valueOf(3);

    private static final Minutes LEAST_SHOWN = Minutes.of(2);
    private static final Minutes OPENING_A_DOOR = Minutes.of(new BigDecimal("0.5"));
    /** Raw in and finished out, with gloves; elsewhere a bowl is exchanged. */
    private static final Minutes SWAPPED_HOT = Minutes.of(2);

    private static final Minutes SWAPPED = Minutes.of(1);
    private static final Set<Technique> REPEATING = EnumSet.of(
            Technique.CUT, Technique.GRATE, Technique.KNEAD, Technique.ROLL, Technique.SHAPE, Technique.FILL);

    /** What can be proposed of a step. */
    public enum Matter {
        ON_AIR,
        WORTH,
        PART,
        HANDS,
        SWAP,
        NOISE
    }

    /** Keeps its own copy. */
    public Staging {
        matters = Set.copyOf(matters);
    }

    /** What is proposed for a step of a dish. */
    public static Staging of(Dish dish, Step step) {
        Map<Matter, Step> proposed = new EnumMap<>(Matter.class);
        Step next = step;
        for (Matter matter : Matter.values()) {
            Step changed = propose(matter, dish, next);
            if (!changed.equals(next)) {
                proposed.put(matter, changed);
                next = changed;
            }
        }
        return new Staging(step, next, proposed.keySet());
    }

    /** Whether anything is proposed. */
    public boolean any() {
        return !matters.isEmpty();
    }

    /** Whether a technique does the same again and again, so that a few are enough to see. */
    public static boolean repeats(Technique technique) {
        return REPEATING.contains(technique);
    }

    /** The dish with all that is proposed for its steps. */
    public static Dish staged(Dish dish) {
        return dish.eachStep(step -> of(dish, step).after());
    }

    /** The step without all that only the second edition of the contract's rules knows of. */
    public static Step plain(Step step) {
        return step.withHandsOn(HandsOn.NONE).withPart(Optional.empty()).withWorth(Step.USUAL_WORTH);
    }

    private static Step propose(Matter matter, Dish dish, Step step) {
        return switch (matter) {
            case ON_AIR -> onAir(dish, step);
            case WORTH -> worth(step);
            case PART -> part(step);
            case HANDS -> hands(step);
            case SWAP -> swap(step);
            case NOISE -> noise(step);
        };
    }

    /** The finished plate is what people came for. */
    private static Step onAir(Dish dish, Step step) {
        boolean may = step.work() == Work.HANDS && step.show() == Show.MAY;
        return may && dish.isFinal(step.id()) ? step.shown(Show.MUST) : step;
    }

    private static Step worth(Step step) {
        boolean open = step.show() == Show.MAY && step.worth() == Step.USUAL_WORTH;
        return open
                ? step.withWorth(WorthSeeing.of(step).map(WorthSeeing::worth).orElse(Step.USUAL_WORTH))
                : step;
    }

    private static Step part(Step step) {
        return wantsPart(step) ? step.withPart(Optional.of(usualPart(step))) : step;
    }

    /** Whether a step is long work that repeats itself, of which nobody has said how much is enough to see. */
    public static boolean wantsPart(Step step) {
        boolean open = step.part().isEmpty() && step.work() == Work.HANDS && step.show() != Show.NEVER;
        return open
                && step.minutes().likely().compareTo(REPEATS) >= 0
                && TechniqueReader.mainly(step).stream().anyMatch(REPEATING::contains);
    }

    /** Minutes of which a third is enough to see, in halves, and not less than two. */
    public static Minutes usualPart(Step step) {
        Minutes third = Minutes.of(Decimals.ratio(step.minutes().likely().value(), THIRDS))
                .toHalves();
        return third.compareTo(LEAST_SHOWN) < 0 ? LEAST_SHOWN : third;
    }

    private static Step hands(Step step) {
        boolean open = step.handsOn().equals(HandsOn.NONE) && step.work() != Work.HANDS;
        HandsOn usual = usualHands(step);
        return open && usual.both().compareTo(step.minutes().likely()) < 0 ? step.withHandsOn(usual) : step;
    }

    /**
     * Into the oven and out of it; onto the ring, and off it where something has to be drained; into the fridge; into
     * the water that it soaks in.
     */
    private static HandsOn usualHands(Step step) {
        boolean heats = Heat.heats(step);
        boolean ring = step.needs().stream().anyMatch(need -> need.does(Does.RING));
        boolean stored = step.needs().stream().anyMatch(need -> need.does(Does.COOLS));
        boolean begun = step.work() == Work.REST && step.after().isEmpty();
        boolean out = step.work() == Work.WATCH
                && heats
                && (!ring || TechniqueReader.of(step).contains(Technique.DRAIN));
        boolean in = heats || stored || begun;
        return new HandsOn(in ? OPENING_A_DOOR : Minutes.ZERO, out ? OPENING_A_DOOR : Minutes.ZERO);
    }

    private static Step swap(Step step) {
        boolean open = step.swap().isEmpty() && step.work() != Work.HANDS && step.show() != Show.NEVER;
        boolean hot = step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN));
        if (!open || step.minutes().likely().compareTo(LONG) < 0) {
            return step;
        }
        return step.withSwap(Optional.of(hot ? SWAPPED_HOT : SWAPPED));
    }

    private static Step noise(Step step) {
        boolean loud = step.needs().stream().anyMatch(need -> need.does(Does.LOUD));
        return loud && step.noise().isEmpty() ? step.withNoise(Optional.of("loud")) : step;
    }
}
