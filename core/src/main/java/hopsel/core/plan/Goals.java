package hopsel.core.plan;

import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.plan.Shortening.Figure;
import hopsel.core.solve.Answer;
import hopsel.core.solve.Work;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** The four levels of what is best, one after another: each is made as small as can be while those before stay met. */
final class Goals {

    private static final long PATIENCE = 4_000;
    private static final long LONG_PATIENCE = 20_000;
    private static final long LITTLE = 1_000_000;
    private static final long GRACE = 9;

    private final Problem problem;
    private final Wishes wishes;
    private final Model model;
    private final Attempts attempts;
    private final int grain;
    /** Seconds before which the class cannot be over, with the fewest swap-outs and hidden steps that were found. */
    private int least;

    private boolean proven = true;

    Goals(Problem problem, Wishes wishes, Work work, Consumer<Schedule> better) {
        this.problem = problem;
        this.wishes = wishes;
        this.model = new Model(problem, wishes);
        this.grain = Math.max(1, Grain.of(problem, wishes));
        this.attempts = new Attempts(model, work, better);
    }

    /** The best schedule that was found; empty where there is none, or none was found. */
    Optional<Schedule> best() {
        least = Math.max(0, attempts.bound());
        wishes.near().ifPresent(plan -> new Likeness(attempts, plan).prefer());
        if (!withinSlot() && !overrun()) {
            return Optional.empty();
        }
        if (problem.second) {
            cheaper();
            steadier();
        } else {
            fewer(model.swapped);
            fewer(IntStream.range(0, model.shown.length)
                    .filter(t -> problem.tasks.get(t).may())
                    .map(t -> not(model.shown[t]))
                    .toArray());
        }
        if (attempts.found().airEnd() <= problem.air) {
            shorten();
        }
        return Optional.of(wishes.near()
                .map(plan -> new Likeness(attempts, plan).nearest())
                .orElseGet(attempts::found));
    }

    private boolean withinSlot() {
        int slot = attempts.endsBy(problem.air);
        Answer fits = attempts.attempt(PATIENCE, attempts.left() / 3, slot);
        if (fits == Answer.FOUND) {
            attempts.settle(slot);
        }
        proven = fits != Answer.UNKNOWN;
        least = fits == Answer.NONE ? Math.max(least, problem.air + 1) : least;
        return fits == Answer.FOUND;
    }

    private boolean overrun() {
        long given = attempts.left();
        Answer any = anyPlan();
        if (any == Answer.UNKNOWN) {
            // A plan late is better than none.
            attempts.grant(GRACE * given);
            any = anyPlan();
        }
        if (any != Answer.FOUND) {
            proven = any == Answer.NONE;
            return false;
        }
        shorten();
        attempts.settle(attempts.endsBy(Math.max(problem.air, attempts.found().airEnd())));
        return true;
    }

    /** Any plan at all: what may be shown is tried off camera first, then on air, in turns. */
    private Answer anyPlan() {
        Answer any = Answer.UNKNOWN;
        long patience = PATIENCE / 2;
        for (boolean onAir = false; any == Answer.UNKNOWN && !attempts.spent(); onAir = !onAir) {
            show(onAir);
            any = attempts.attempt(patience, Math.max(LITTLE, attempts.left() / 2), TRUE);
            patience *= 2;
        }
        return any;
    }

    /** Tries what may be shown on air first, or, where time is short, off camera first. */
    private void show(boolean first) {
        for (int shown : model.shown) {
            attempts.solver.prefer(first ? shown : not(shown));
        }
    }

    private void shorten() {
        least = Shortening.ofEnd(attempts, grain, least).run();
        proven &= attempts.found().airEnd() <= least;
    }

    /** At less cost. */
    private void cheaper() {
        attempts.solver.reset();
        Figure price = new Figure(Price.moment(model), 1, schedule -> Price.of(problem, schedule.network().choice));
        lower(price, 0);
    }

    /** With fewer changes from dish to dish. */
    private void steadier() {
        Turns turns = attempts.turns();
        lower(new Figure(turns.changes, 1, Turns::count), turns.least());
    }

    /** Makes a figure as small as can be with a third of the effort that is left, and keeps it so. */
    private void lower(Figure figure, int bound) {
        long later = attempts.left() - attempts.left() / 3;
        attempts.grant(-later);
        int below = new Shortening(attempts, figure, bound).run();
        attempts.grant(later);
        int value = figure.value().applyAsInt(attempts.found());
        proven &= value <= below;
        attempts.settle(attempts.atMost(figure.moment(), value));
    }

    /** Fewer of some literals, until that is proven impossible or the effort for it is spent. */
    private void fewer(int[] literals) {
        int[] open = Arrays.stream(literals).filter(literal -> literal > 1).toArray();
        attempts.solver.reset();
        Counter counter = new Counter(attempts.solver, open);
        int limit = held(open);
        Answer answer = Answer.FOUND;
        while (limit > 0 && answer == Answer.FOUND) {
            answer = attempts.attempt(LONG_PATIENCE, attempts.left() / 3, counter.atMost(limit - 1));
            limit = held(open);
        }
        proven &= answer != Answer.UNKNOWN;
        attempts.settle(counter.atMost(limit));
    }

    private int held(int[] literals) {
        Choice choice = attempts.found().network().choice;
        Predicate<Integer> holds = literal -> IntStream.range(0, model.shown.length)
                .anyMatch(t -> (model.swapped[t] == literal && choice.isSwapped(t))
                        || (not(model.shown[t]) == literal && choice.isHidden(t)));
        return (int) Arrays.stream(literals).boxed().filter(holds).count();
    }

    /** Whether nothing better is left out for want of effort. */
    boolean proven() {
        return proven;
    }

    /** Seconds before which the class cannot be over. */
    int least() {
        return least;
    }
}
