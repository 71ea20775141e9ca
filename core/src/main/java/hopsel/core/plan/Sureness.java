package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;

import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Plans a class so that it ends in its slot in the share of the evenings that was asked for.
 *
 * <p>Where the best plan by the likely minutes does not, it is asked to end sooner: the latest end that is sure enough
 * is looked for between the soonest there can be and the slot, and gives the least costs. One more plan is tried, with
 * what is swapped out and hidden if every step lasted its high minutes: where that fits, no evening is late.
 */
final class Sureness {

    private static final int EVENINGS = 5_000;
    private static final long SEED = 17;
    private static final int HALVINGS = 4;
    private static final int GRAIN = 30;

    private final CookingClass cooking;
    private final double sure;
    private final Planning planner;
    private Outcome best;

    /** Plans a class. */
    interface Planning {

        /**
         * @param end seconds in which it is to end, in place of its slot
         * @param like a plan whose choices are kept
         */
        Outcome plan(CookingClass cooking, OptionalInt end, Optional<Plan> like);
    }

    private Sureness(CookingClass cooking, Planning planner) {
        this.cooking = cooking;
        this.sure = cooking.tempo().sure().orElseThrow().doubleValue();
        this.planner = planner;
        this.best = held(planner.plan(cooking, OptionalInt.empty(), Optional.empty()));
    }

    /** A plan as sure as the class asks for, or the surest that was found. */
    static Outcome plan(CookingClass cooking, Planning planner) {
        Sureness sureness = new Sureness(cooking, planner);
        if (sureness.best.plan().possible() && !sureness.enough(sureness.best) && sureness.hasSpread()) {
            sureness.endSooner();
            sureness.asIfLonger();
        }
        return sureness.best;
    }

    private void endSooner() {
        Outcome soonest = held(planner.plan(cooking, OptionalInt.of(0), Optional.empty()));
        if (!soonest.plan().possible()) {
            return;
        }
        int early = soonest.plan().airEnd();
        int late = Math.max(early, best.plan().airEnd());
        keep(soonest);
        for (int halving = 0; halving < HALVINGS && enough(soonest) && late - early > GRAIN; halving++) {
            int half = (early + late) / 2;
            Outcome between = held(planner.plan(cooking, OptionalInt.of(half), Optional.empty()));
            keep(between);
            if (enough(between)) {
                early = half;
            } else {
                late = half;
            }
        }
    }

    private void asIfLonger() {
        Outcome longer = planner.plan(longer(), OptionalInt.empty(), Optional.empty());
        if (longer.plan().possible()) {
            keep(held(planner.plan(cooking, OptionalInt.empty(), Optional.of(longer.plan()))));
        }
    }

    /** Keeps what is better than the best so far; that nothing better exists is not proven of it. */
    private void keep(Outcome outcome) {
        if (outcome.plan().possible() && order().compare(outcome, best) < 0) {
            best = new Outcome(outcome.plan(), false, outcome.plan().airEnd());
        }
    }

    private boolean enough(Outcome outcome) {
        return outcome.plan().possible() && share(outcome) >= sure;
    }

    /** Sure enough first, then what costs less, then the surer; what is not sure enough, by how sure it is. */
    private Comparator<Outcome> order() {
        Comparator<Outcome> enough = Comparator.comparing(outcome -> share(outcome) < sure);
        return enough.thenComparing(
                        outcome -> share(outcome) < sure ? 0 : pace(outcome).cost())
                .thenComparing(
                        outcome -> share(outcome) < sure ? 0 : pace(outcome).changes())
                .thenComparing(outcome -> -share(outcome));
    }

    private static Pace pace(Outcome outcome) {
        return outcome.plan().pace().orElse(Pace.NONE);
    }

    private static double share(Outcome outcome) {
        return pace(outcome).onTime().orElse(0.0);
    }

    private Outcome held(Outcome outcome) {
        if (!outcome.plan().possible()) {
            return outcome;
        }
        double[] ends = new Evenings(cooking, outcome.plan()).ends(EVENINGS, SEED);
        double share = Evenings.share(ends, cooking.airMinutes().seconds());
        return new Outcome(outcome.plan().paced(pace(outcome).onTime(share)), outcome.proven(), outcome.leastEnd());
    }

    private boolean hasSpread() {
        return cooking.dishes().stream().anyMatch(dish -> dish.steps()
                .anyMatch(step -> step.minutes().low().compareTo(step.minutes().high()) < 0));
    }

    private CookingClass longer() {
        return cooking.withMenu(cooking.menu()
                .withDishes(cooking.dishes().stream()
                        .map(dish -> dish.withComponents(dish.components().stream()
                                .map(part -> part.withSteps(part.steps().stream()
                                        .map(Sureness::longer)
                                        .toList()))
                                .toList()))
                        .toList()));
    }

    private static Step longer(Step step) {
        StepMinutes minutes = step.minutes();
        return step.withMinutes(new StepMinutes(minutes.low(), minutes.high(), minutes.high()));
    }
}
