package hopsel.core.plan;

import hopsel.core.solve.Answer;
import hopsel.core.solve.Guide;
import hopsel.core.solve.Literal;
import hopsel.core.solve.Solver;
import hopsel.core.solve.Work;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Searches of one model, each with something more to assume than what is settled, and the best plan they found.
 *
 * <p>What is asked for is assumed, never said once and for all, so that whatever is learnt on the way stays true.
 */
final class Attempts {

    final Model model;
    final Solver solver;
    final Neighbourhood around;
    private final Work work;
    private final Branching guide;
    private final Consumer<Schedule> better;
    private final List<Integer> settled = new ArrayList<>();
    private @Nullable Schedule best;

    Attempts(Model model, Work work, Consumer<Schedule> better) {
        this.model = model;
        this.solver = model.solver;
        this.work = work;
        this.better = better;
        Places places = new Places(model);
        this.guide = new Branching(model, places);
        this.around = new Neighbourhood(model, places);
    }

    /** The last plan that was found; each was better than the one before, or settled more. Null at first. */
    @Nullable Schedule best() {
        return best;
    }

    /** The same, where a search has succeeded. */
    Schedule found() {
        return Objects.requireNonNull(best, "nothing is found yet");
    }

    /** From here on every search assumes this. */
    void settle(int literal) {
        settled.add(literal);
    }

    /** How much is settled; {@link #release} returns to it. */
    int settled() {
        return settled.size();
    }

    /** Takes back what was settled since. */
    void release(int mark) {
        settled.subList(mark, settled.size()).clear();
    }

    boolean spent() {
        return work.spent();
    }

    /** Allows so much more effort. */
    void grant(long more) {
        work.grant(more);
    }

    long left() {
        return work.left();
    }

    /** A literal that the class is over by then. */
    int endsBy(int seconds) {
        return atMost(model.end, seconds);
    }

    /** A literal that a moment comes no later than that. */
    int atMost(int moment, int most) {
        solver.reset();
        int literal = solver.decision();
        solver.order(moment, model.zero, -most, literal);
        return literal;
    }

    /** A literal that one moment comes no more than so many seconds after another. */
    int within(int first, int then, int most) {
        solver.reset();
        int literal = solver.decision();
        solver.order(then, first, -most, literal);
        return literal;
    }

    /** From here on clashes are put in order as they turn up, or once everybody has their work. */
    void early(boolean yes) {
        guide.early(yes);
    }

    /** From here on it matters how often a host turns from dish to dish. */
    Turns turns() {
        solver.reset();
        Turns turns = new Turns(model, around.places());
        guide.count(turns);
        return turns;
    }

    /**
     * Looks for a plan.
     *
     * @param conflicts after which it gives up
     * @param effort rules it may look at
     */
    Answer attempt(long conflicts, long effort, int... goals) {
        Work part = work.share(effort);
        long given = part.left();
        Answer answer = solver.solve(assumptions(goals), guide, conflicts, part);
        work.settle(part, given);
        if (answer == Answer.FOUND) {
            best = new Reading(model).schedule();
            around.remember();
            better.accept(best);
        }
        return answer;
    }

    private int[] assumptions(int[] goals) {
        return IntStream.concat(settled.stream().mapToInt(Integer::intValue), IntStream.of(goals))
                .toArray();
    }

    /** When all can be done at the earliest, as far as the rules say without a search; -1 where they say it cannot. */
    int bound() {
        int deadline = best == null ? model.horizon : best.airEnd();
        int goal = best == null ? Literal.TRUE : endsBy(deadline);
        if (solver.solve(assumptions(new int[] {goal}), () -> Guide.DONE, 1, work) != Answer.FOUND) {
            return -1;
        }
        return Math.max(solver.lowest(model.end), new Energy(model).bound());
    }
}
