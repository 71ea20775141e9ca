package hopsel.core.plan;

import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Problem.Task;
import hopsel.core.plan.Shortening.Figure;
import hopsel.core.solve.Answer;
import hopsel.core.solve.Work;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The four levels of what is best, one after another: each is made as small as can be while those before stay met. */
final class Goals {

    private static final long PATIENCE = 4_000;
    private static final long LONG_PATIENCE = 20_000;
    private static final long SHORT_PATIENCE = 100;
    private static final int ORDERS = 6;
    private static final double SOONEST = 1.1;
    private static final double LATER = 1.4;
    private static final long LITTLE = 1_000_000;
    private static final long FRESHER = 3_000_000;
    private static final long GRACE = 4;
    private static final int NOT_YET = -1;

    private final Problem problem;
    private final Wishes wishes;
    private final Model model;
    private final Attempts attempts;
    private final int grain;
    /** Seconds before which the class cannot be over, with the fewest swap-outs and hidden steps that were found. */
    private int least;

    private boolean proven = true;
    private boolean chosen;
    /** What was settled before the first search. */
    private int asked;
    /** Seconds in which the class is to end. */
    private int slot;

    private @Nullable Turns turns;
    private int price = NOT_YET;

    Goals(Problem problem, Wishes wishes, Work work, Consumer<Schedule> better) {
        this.problem = problem;
        this.wishes = wishes;
        this.model = new Model(problem, wishes);
        this.slot = problem.air;
        this.grain = Math.max(1, Grain.of(problem, wishes));
        this.attempts = new Attempts(model, work, better);
    }

    /** From here on everything is shown, swapped out and shown in part as it is in a plan. */
    Goals choosing(Plan plan) {
        Set<StepRef> inPart = plan.activities().stream()
                .filter(activity -> activity.copy().part())
                .map(Activity::step)
                .collect(Collectors.toSet());
        for (Task task : problem.tasks) {
            int t = task.number();
            settle(model.shown[t], !plan.notShown().contains(task.ref()));
            settle(model.swapped[t], plan.swaps().contains(task.ref()));
            settle(model.split[t], inPart.contains(task.ref()));
        }
        chosen = true;
        return this;
    }

    private void settle(int literal, boolean yes) {
        if (literal > 1) {
            attempts.settle(yes ? literal : not(literal));
        }
    }

    /** The best schedule that was found; empty where there is none, or none was found. */
    Optional<Schedule> best() {
        asked = attempts.settled();
        least = Math.max(0, attempts.bound());
        wishes.near().ifPresent(plan -> new Likeness(attempts, plan).prefer());
        if (!withinSlot() && !overrun()) {
            return Optional.empty();
        }
        levels();
        return Optional.of(wishes.near()
                .map(plan -> new Likeness(attempts, plan).nearest())
                .orElseGet(attempts::found));
    }

    /**
     * The best schedule that ends sooner than was asked for before, found from what is known by now; empty where there
     * is none, or none was found.
     *
     * @param effort rules it may look at
     */
    Optional<Schedule> endingBy(int seconds, long effort) {
        attempts.release(asked);
        attempts.grant(effort - attempts.left());
        slot = seconds;
        if (!withinSlot()) {
            return Optional.empty();
        }
        levels();
        return Optional.of(attempts.found());
    }

    private void levels() {
        if (problem.second) {
            if (!chosen) {
                cheaper();
            }
            steadier();
        } else {
            fewer(model.swapped);
            fewer(IntStream.range(0, model.shown.length)
                    .filter(t -> problem.tasks.get(t).may())
                    .map(t -> not(model.shown[t]))
                    .toArray());
        }
        if (attempts.found().airEnd() <= slot) {
            shorten();
        }
        if (problem.second) {
            attempts.grant(Math.max(0, FRESHER - attempts.left()));
            new Freshness(attempts).improve();
        }
    }

    private boolean withinSlot() {
        int inTime = attempts.endsBy(slot);
        Answer fits = problem.second ? atOnce(inTime) : Answer.UNKNOWN;
        if (fits == Answer.UNKNOWN && problem.second && attempts.best() == null && towardsSlot()) {
            fits = Answer.FOUND;
        }
        if (fits == Answer.UNKNOWN) {
            fits = attempts.attempt(PATIENCE, attempts.left() / 3, inTime);
        }
        if (fits == Answer.FOUND) {
            attempts.settle(inTime);
        }
        proven = fits != Answer.UNKNOWN;
        least = fits == Answer.NONE ? Math.max(least, slot + 1) : least;
        return fits == Answer.FOUND;
    }

    /** A short try with everything shown, then with as little as may be: one of them often leads to a plan at once. */
    private Answer atOnce(int inTime) {
        Answer fits = Answer.UNKNOWN;
        for (int onAir = 1; onAir >= 0 && fits == Answer.UNKNOWN; onAir--) {
            show(onAir == 1);
            fits = attempts.attempt(SHORT_PATIENCE, attempts.left() / 8, inTime);
        }
        show(true);
        return fits;
    }

    /** Some plan that ends later, made shorter until it is in time. */
    private boolean towardsSlot() {
        if (soon() != Answer.FOUND) {
            return false;
        }
        within(attempts.left() / 4, () -> {
            Figure end = new Figure(model.end, grain, Schedule::airEnd);
            return new Shortening(attempts, end, slot).run();
        });
        return attempts.found().airEnd() <= slot;
    }

    private boolean overrun() {
        long given = attempts.left();
        Answer any = attempts.best() == null ? anyPlan() : Answer.FOUND;
        if (any == Answer.UNKNOWN) {
            // A plan late is better than none.
            attempts.grant(GRACE * given);
            any = anyPlan();
        }
        if (any != Answer.FOUND) {
            proven = any == Answer.NONE;
            return false;
        }
        if (problem.large) {
            // The most important level gets all there was, those after it half as much again.
            long spent = attempts.left();
            shorten();
            attempts.grant(spent / 2);
        } else {
            shorten();
        }
        attempts.settle(attempts.endsBy(Math.max(slot, attempts.found().airEnd())));
        return true;
    }

    /** Any plan at all: what may be shown is tried off camera first, then on air, in turns. */
    private Answer anyPlan() {
        Answer any = Answer.UNKNOWN;
        long patience = PATIENCE / 2;
        if (problem.large) {
            any = soon();
        }
        for (boolean onAir = false; any == Answer.UNKNOWN && !attempts.spent(); onAir = !onAir) {
            show(onAir);
            any = attempts.attempt(patience, Math.max(LITTLE, attempts.left() / 2), TRUE);
            patience *= 2;
        }
        return any;
    }

    /** Some plan that ends not too late; the nearer the limit, the sooner it shows that something leads nowhere. */
    private Answer soon() {
        attempts.early(true);
        attempts.around.places().inTurn(true);
        Answer any = Answer.UNKNOWN;
        int from = Math.max(slot, least);
        for (double late = SOONEST; any != Answer.FOUND && from * late < model.horizon; late *= LATER) {
            for (int onAir = 0; onAir < 2 && any != Answer.FOUND; onAir++) {
                show(onAir == 1);
                int limit = attempts.endsBy((int) (from * late));
                any = attempts.attempt(SHORT_PATIENCE, attempts.left() / 8, limit);
                least = any == Answer.NONE ? Math.max(least, (int) (from * late) + 1) : least;
            }
        }
        attempts.early(problem.second);
        attempts.around.places().inTurn(false);
        return any == Answer.FOUND ? any : Answer.UNKNOWN;
    }

    /** Tries what may be shown on air first, or, where time is short, off camera first. */
    private void show(boolean first) {
        for (int shown : model.shown) {
            attempts.solver.prefer(first ? shown : not(shown));
        }
    }

    private int shorten() {
        least = Shortening.ofEnd(attempts, grain, least).run();
        proven &= attempts.found().airEnd() <= least;
        return least;
    }

    /** At less cost. */
    private void cheaper() {
        ToIntFunction<Schedule> value = schedule -> Price.of(problem, schedule.network().choice);
        int known = value.applyAsInt(attempts.found());
        int bound = within(attempts.left() / 3, () -> new Cores(attempts, Price.of(model)).run(known));
        attempts.solver.reset();
        if (price == NOT_YET) {
            price = Price.moment(model);
        }
        lower(new Figure(price, 1, value), Math.min(known, bound));
    }

    /** With fewer changes from dish to dish. */
    private void steadier() {
        Turns counted = turns == null ? attempts.turns() : turns;
        turns = counted;
        lower(new Figure(counted.changes, 1, Turns::count), group(counted));
    }

    /**
     * Tries to keep the work on each dish together, the dishes in one order and another.
     *
     * @return the changes that there have to be, as far as that is proven
     */
    private int group(Turns counted) {
        Random random = new Random(ORDERS);
        List<String> dishes = new ArrayList<>(counted.dishes());
        for (int round = 0; round < ORDERS; round++) {
            int best = Turns.count(attempts.found());
            counted.prefer(dishes);
            int fewer = attempts.atMost(counted.changes, best - 1);
            if (best <= counted.least()
                    || attempts.attempt(SHORT_PATIENCE, attempts.left() / 20, fewer) == Answer.NONE) {
                return best;
            }
            Collections.shuffle(dishes, random);
        }
        return counted.least();
    }

    /** Makes a figure as small as can be with half of the effort that is left, and keeps it so. */
    private void lower(Figure figure, int bound) {
        int below = within(attempts.left() / 2, () -> new Shortening(attempts, figure, bound).run());
        int value = figure.value().applyAsInt(attempts.found());
        proven &= value <= below;
        attempts.settle(attempts.atMost(figure.moment(), value));
    }

    /** Does something with a part of the effort that is left. */
    private int within(long effort, IntSupplier what) {
        long later = attempts.left() - effort;
        attempts.grant(-later);
        int figure = what.getAsInt();
        attempts.grant(later);
        return figure;
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
