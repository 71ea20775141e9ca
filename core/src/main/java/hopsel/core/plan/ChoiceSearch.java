package hopsel.core.plan;

import hopsel.core.plan.Problem.Task;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Chooses what is swapped out and what is not shown: as few swap-outs as will meet a limit, then as few hidden steps,
 * then the earliest end.
 *
 * <p>For each number of swap-outs, from none upwards, sets of swap-outs are tried; for each set a set of hidden steps
 * is looked for that meets the limit and then made smaller. The relaxation rules most sets out before anything is
 * scheduled. The result is good, not proven to be the best.
 */
final class ChoiceSearch {

    private static final long TRY_FAILURES = 40;
    private static final long POLISH_FAILURES = 400;
    private static final long TRY_WORK = 1_500_000;
    private static final int MOST_SETS = 300;

    private final Problem problem;
    private final Budget budget;
    private final Choice open;
    private boolean gaveUp;

    ChoiceSearch(Problem problem, Budget budget) {
        this.problem = problem;
        this.budget = budget;
        this.open = settle(Choice.open(problem), Calendar.NEVER - 1);
    }

    /** Whether some search was cut short, so that finding nothing proves nothing. */
    boolean gaveUp() {
        return gaveUp;
    }

    /** The best schedule that was found, within the slot if that can be done; empty: none at all. */
    Optional<Schedule> best() {
        Optional<Schedule> fitting = fewest(problem.air);
        if (fitting.isPresent()) {
            return fitting;
        }
        return shortest().map(shortest -> fewest(shortest.airEnd()).filter(fewer -> fewer.airEnd() <= shortest.airEnd())
                .orElse(shortest));
    }

    private int bound(Choice choice) {
        Network network = new Network(problem, choice);
        budget.spend(network.edges.size() * 4L);
        return Relaxation.of(network).lowerBound();
    }

    /** Decides whatever can only be one way if the class is to be over by the limit. */
    private Choice settle(Choice choice, int limit) {
        Choice settled = choice;
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Task task : problem.tasks) {
                int t = task.number();
                Choice before = settled;
                if (settled.showOpen(t)) {
                    settled = onlyWay(settled, settled.withShown(t, true), settled.withShown(t, false), limit);
                }
                if (settled.swapOpen(t)) {
                    settled = onlyWay(settled, settled.withSwapped(t, true), settled.withSwapped(t, false), limit);
                }
                moved |= settled != before;
            }
        }
        return settled;
    }

    private Choice onlyWay(Choice now, Choice yes, Choice no, int limit) {
        boolean yesPossible = bound(yes) <= limit;
        boolean noPossible = bound(no) <= limit;
        return yesPossible == noPossible ? now : yesPossible ? yes : no;
    }

    /** The fewest swap-outs, then the fewest hidden steps, with which the class is over by the limit. */
    private Optional<Schedule> fewest(int limit) {
        Choice settled = settle(open, limit);
        if (bound(settled) > limit) {
            return Optional.empty();
        }
        List<Integer> free = problem.tasks.stream().map(Task::number).filter(settled::swapOpen).toList();
        for (int more = 0; more <= free.size() && !budget.spent(); more++) {
            Optional<Schedule> best = Optional.empty();
            for (Choice swaps : swapSets(settled, free, more, limit)) {
                best = better(best, fewestHidden(swaps, limit));
            }
            if (best.isPresent()) {
                return Optional.of(polish(best.get(), limit));
            }
        }
        return Optional.empty();
    }

    private List<Choice> swapSets(Choice settled, List<Integer> free, int more, int limit) {
        List<Choice> sets = new ArrayList<>();
        for (List<Integer> chosen : Subsets.of(free, more, MOST_SETS * 4)) {
            Choice choice = settled;
            for (int t : free) {
                choice = choice.withSwapped(t, chosen.contains(t));
            }
            if (sets.size() < MOST_SETS && bound(choice) <= limit) {
                sets.add(choice);
            }
        }
        return sets;
    }

    /** With the swap-outs decided: a smallest set of hidden steps that was found; empty: none meets the limit. */
    private Optional<Schedule> fewestHidden(Choice swaps, int limit) {
        Choice settled = settle(swaps, limit);
        if (bound(settled) > limit) {
            return Optional.empty();
        }
        List<Integer> free = problem.tasks.stream().filter(task -> settled.showOpen(task.number()))
                .sorted(Comparator.comparingInt(task -> -task.duration())).map(Task::number).toList();
        Optional<Schedule> found = tryHiding(settled, free, List.of(), limit);
        for (int hidden = 1; found.isEmpty() && hidden <= free.size() && !budget.spent(); hidden++) {
            found = tryHiding(settled, free, free.subList(0, hidden), limit);
        }
        for (int alone = 0; found.isEmpty() && alone < free.size() && !budget.spent(); alone++) {
            found = tryHiding(settled, free, without(free, free.get(alone)), limit);
        }
        return found.map(schedule -> fewerHidden(settled, free, schedule, limit));
    }

    private Schedule fewerHidden(Choice settled, List<Integer> free, Schedule found, int limit) {
        Schedule best = showMore(settled, free, found, limit);
        boolean moved = true;
        while (moved && !budget.spent()) {
            moved = false;
            int hidden = hidden(best, free).size();
            if (hidden == 0) {
                return best;
            }
            for (List<Integer> fewer : Subsets.of(free, hidden - 1, MOST_SETS)) {
                Optional<Schedule> better = tryHiding(settled, free, fewer, limit);
                if (better.isPresent()) {
                    best = showMore(settled, free, better.get(), limit);
                    moved = true;
                    break;
                }
            }
        }
        return best;
    }

    private Schedule showMore(Choice settled, List<Integer> free, Schedule found, int limit) {
        Schedule best = found;
        for (int t : hidden(found, free)) {
            Optional<Schedule> better = tryHiding(settled, free, without(hidden(best, free), t), limit);
            best = better.orElse(best);
        }
        return best;
    }

    private static List<Integer> hidden(Schedule schedule, List<Integer> free) {
        return free.stream().filter(schedule.network().choice::isHidden).toList();
    }

    private static List<Integer> without(List<Integer> tasks, int one) {
        return tasks.stream().filter(t -> t != one).toList();
    }

    private Optional<Schedule> tryHiding(Choice settled, List<Integer> free, List<Integer> hidden, int limit) {
        Choice choice = settled;
        for (int t : free) {
            choice = choice.withShown(t, !hidden.contains(t));
        }
        return attempt(choice, limit, TRY_FAILURES, 3);
    }

    /** A few searches of one choice, each a variation of the rule. */
    private Optional<Schedule> attempt(Choice choice, int limit, long failures, int tries) {
        if (bound(choice) > limit) {
            return Optional.empty();
        }
        Network network = new Network(problem, choice);
        for (int seed = 0; seed < tries && !budget.spent(); seed++) {
            Budget own = budget.share(TRY_WORK);
            long before = own.left();
            Scheduler scheduler = new Scheduler(network, limit, failures, seed, own);
            Optional<Schedule> found = scheduler.find();
            budget.spend(before - own.left());
            if (found.isPresent() || scheduler.exhausted()) {
                return found;
            }
        }
        gaveUp = true;
        return Optional.empty();
    }

    /** The earliest end that was found, whatever has to be swapped out or hidden for it. */
    private Optional<Schedule> shortest() {
        Optional<Schedule> best = Optional.empty();
        for (boolean swap : new boolean[] {true, false}) {
            for (boolean show : new boolean[] {false, true}) {
                best = earlier(best, attempt(decided(swap, show), before(best), TRY_FAILURES, 4));
            }
        }
        if (best.isEmpty()) {
            best = anyAtAll();
        }
        return best.map(this::flip);
    }

    private Choice decided(boolean swap, boolean show) {
        Choice choice = open;
        for (Task task : problem.tasks) {
            int t = task.number();
            if (choice.swapOpen(t)) {
                choice = onlyWayOr(choice, choice.withSwapped(t, swap), choice.withSwapped(t, !swap));
            }
            if (choice.showOpen(t)) {
                choice = onlyWayOr(choice, choice.withShown(t, show), choice.withShown(t, !show));
            }
        }
        return choice;
    }

    private Choice onlyWayOr(Choice now, Choice wanted, Choice otherwise) {
        return bound(wanted) < Calendar.NEVER ? wanted : bound(otherwise) < Calendar.NEVER ? otherwise : wanted;
    }

    /** Every choice, one after another, as far as the budget goes. */
    private Optional<Schedule> anyAtAll() {
        List<Choice> front = new ArrayList<>(List.of(open));
        while (!front.isEmpty() && !budget.spent()) {
            Choice choice = front.remove(front.size() - 1);
            Optional<Task> undecided = problem.tasks.stream()
                    .filter(task -> choice.swapOpen(task.number()) || choice.showOpen(task.number())).findFirst();
            if (undecided.isEmpty()) {
                Optional<Schedule> found = attempt(choice, Calendar.NEVER - 1, POLISH_FAILURES, 4);
                if (found.isPresent()) {
                    return found;
                }
                continue;
            }
            int t = undecided.get().number();
            for (boolean yes : new boolean[] {true, false}) {
                Choice next = choice.showOpen(t) ? choice.withShown(t, yes) : choice.withSwapped(t, yes);
                if (bound(next) < Calendar.NEVER) {
                    front.add(next);
                }
            }
        }
        gaveUp |= !front.isEmpty();
        return Optional.empty();
    }

    /** Changes one decision at a time as long as that ends the class earlier. */
    private Schedule flip(Schedule start) {
        Schedule best = tighten(start);
        boolean moved = true;
        while (moved && best.airEnd() > problem.air && !budget.spent()) {
            moved = false;
            for (Task task : problem.tasks) {
                for (Choice other : flips(best.network().choice, task)) {
                    Optional<Schedule> found = attempt(other, best.airEnd() - 1, TRY_FAILURES, 1);
                    if (found.isPresent()) {
                        best = tighten(found.get());
                        moved = true;
                    }
                }
            }
        }
        return best;
    }

    private List<Choice> flips(Choice choice, Task task) {
        int t = task.number();
        List<Choice> flips = new ArrayList<>();
        if (open.showOpen(t)) {
            flips.add(choice.withShown(t, !choice.isShown(t)));
        }
        if (open.swapOpen(t) && choice.isShown(t)) {
            flips.add(choice.withSwapped(t, !choice.isSwapped(t)));
        }
        return flips;
    }

    /** The same choice, ended as early as can be found: the span between bound and best is halved again and again. */
    private Schedule tighten(Schedule start) {
        Schedule best = start;
        int bound = bound(start.network().choice);
        while (best.airEnd() > bound && !budget.spent()) {
            int middle = bound + (best.airEnd() - bound) / 2;
            Optional<Schedule> found = attempt(start.network().choice, middle, POLISH_FAILURES, 8);
            best = found.orElse(best);
            bound = found.isPresent() ? bound : middle + 1;
        }
        return best;
    }

    /** As many swap-outs and hidden steps as before, but perhaps others, for an earlier end. */
    private Schedule polish(Schedule start, int limit) {
        Schedule best = tighten(start);
        List<Integer> hidden = problem.tasks.stream().filter(Task::may).map(Task::number)
                .filter(start.network().choice::isHidden).toList();
        for (int out : hidden) {
            for (Task in : problem.tasks) {
                Choice now = best.network().choice;
                if (open.showOpen(in.number()) && now.isShown(in.number()) && !now.isSwapped(in.number())
                        && now.isHidden(out) && open.showOpen(out) && !budget.spent()) {
                    Choice other = now.withShown(out, true).withShown(in.number(), false);
                    best = attempt(other, Math.min(limit, best.airEnd() - 1), TRY_FAILURES, 1).map(this::tighten).orElse(best);
                }
            }
        }
        return best;
    }

    private static int before(Optional<Schedule> best) {
        return best.map(schedule -> schedule.airEnd() - 1).orElse(Calendar.NEVER - 1);
    }

    private static Optional<Schedule> earlier(Optional<Schedule> a, Optional<Schedule> b) {
        return a.isEmpty() || (b.isPresent() && b.get().airEnd() < a.get().airEnd()) ? b : a;
    }

    private Optional<Schedule> better(Optional<Schedule> a, Optional<Schedule> b) {
        Comparator<Schedule> order = Comparator.<Schedule>comparingInt(s -> s.network().choice.hidden(problem))
                .thenComparingInt(Schedule::airEnd);
        return a.isEmpty() || (b.isPresent() && order.compare(b.get(), a.get()) < 0) ? b : a;
    }
}
