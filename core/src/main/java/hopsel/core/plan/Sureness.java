package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;

import java.util.Comparator;
import java.util.Optional;

/**
 * Plans a class so that it ends in its slot in the share of the evenings that was asked for.
 *
 * <p>Where the best plan by the likely minutes does not, it is asked to end sooner by as much as it is late on the
 * evening that has to be in time, again until that is enough; then a little later, as far as that costs less. One more
 * plan is tried, with what is swapped out and hidden if every step lasted its high minutes: where that fits, no evening
 * is late.
 */
final class Sureness {

    private static final int EVENINGS = 5_000;
    private static final long SEED = 17;
    private static final int STEPS = 4;
    private static final int GRAIN = 30;
    private static final int HALF = 2;
    private static final int QUARTER = 4;

    private final Quest quest;
    private final CookingClass cooking;
    private final double sure;
    private final int slot;
    private Outcome best;
    /** By which the evening that has to be in time is late in the plan that was held last. */
    private double late;

    private Sureness(Quest quest) {
        this.quest = quest;
        this.cooking = quest.cooking;
        this.sure = cooking.tempo().sure().orElseThrow().doubleValue();
        this.slot = cooking.airMinutes().seconds();
        this.best = held(quest.first());
    }

    /** A plan as sure as the class asks for, or the surest that was found. */
    static Outcome plan(Quest quest) {
        Sureness sureness = new Sureness(quest);
        boolean wanting = sureness.best.plan().possible() && !sureness.enough(sureness.best);
        if (wanting && sureness.hasSpread() && !quest.stopped()) {
            sureness.endSooner();
            sureness.asIfLonger();
        }
        return sureness.best;
    }

    private void endSooner() {
        int cost = pace(best).cost();
        int tooLate = Math.min(slot, best.plan().airEnd());
        int limit = sooner(tooLate);
        for (int step = 0; step < STEPS && limit >= 0 && tooLate - limit >= GRAIN; step++) {
            Optional<Outcome> found = quest.endingBy(limit, QUARTER).map(this::held);
            found.ifPresent(this::keep);
            if (found.isPresent() && enough(found.get())) {
                if (pace(found.get()).cost() <= cost) {
                    return;
                }
                limit = (found.get().plan().airEnd() + tooLate) / 2;
            } else if (found.isPresent()) {
                tooLate = found.get().plan().airEnd();
                limit = sooner(tooLate);
            } else {
                limit = (limit + tooLate) / 2;
            }
        }
    }

    private int sooner(int end) {
        return end - Math.max(GRAIN, (int) Math.ceil(late / GRAIN) * GRAIN);
    }

    private void asIfLonger() {
        Outcome longer = quest.of(longer(), HALF).first();
        if (longer.plan().possible()) {
            keep(held(quest.choosing(longer.plan(), QUARTER)));
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
        late = ends[(int) Math.min(EVENINGS - 1L, Math.round(EVENINGS * sure))] - slot;
        double share = Evenings.share(ends, slot);
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
