package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.Known;
import hopsel.core.dish.Show;
import hopsel.core.plan.Making.Use;
import hopsel.core.plan.Problem.Task;
import hopsel.core.solve.Solver;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A class as decisions and moments: rules 1 to 15 of the contract, each as guarded orders and clauses.
 *
 * <p>What depends on a choice is guarded by it, so that one model holds all choices. Who comes first where two want the
 * same person or place is told to the solver by {@link Places}, as it turns up.
 */
final class Model {

    final Problem problem;
    final Solver solver = new Solver();
    /** The moment of going on air. */
    final int zero;
    /** The moment at which all is done. */
    final int end;

    final int[] shown;
    final int[] swapped;
    /** The main copy first, by number of the step. */
    final List<Making> makings = new ArrayList<>();

    final int horizon;
    private final Map<Integer, Map<Integer, Making>> copies = new HashMap<>();
    private final int earliest;
    /** The literal under which each rule holds, or null where all simply hold. */
    private final @Nullable Map<Rule, Integer> blamed;

    Model(Problem problem, Wishes wishes) {
        this(problem, wishes, null);
    }

    private Model(Problem problem, Wishes wishes, @Nullable Map<Rule, Integer> blamed) {
        this.problem = problem;
        this.blamed = blamed;
        this.horizon = horizon();
        this.earliest =
                problem.windows.stream().mapToInt(window -> window[0]).min().orElse(0) - (blamed == null ? 0 : horizon);
        this.zero = solver.moment(0, 0);
        this.end = solver.moment(0, horizon);
        this.shown = problem.tasks.stream().mapToInt(this::shownLiteral).toArray();
        this.swapped = problem.tasks.stream().mapToInt(this::swappedLiteral).toArray();
        problem.tasks.forEach(this::makeMain);
        problem.tasks.stream().filter(task -> swapped[task.number()] != FALSE).forEach(this::makeCopies);
        makings.forEach(this::place);
        problem.tasks.forEach(this::orderMain);
        problem.tasks.stream().filter(task -> swapped[task.number()] != FALSE).forEach(this::orderCopies);
        problem.tasks.forEach(this::orderEnd);
        wish(wishes);
    }

    /** A model in which each rule can be let go of; {@link #rules} has the literals that hold them. */
    static Model blaming(Problem problem, Wishes wishes) {
        return new Model(problem, wishes, new LinkedHashMap<>());
    }

    Map<Rule, Integer> rules() {
        return blamed == null ? Map.of() : blamed;
    }

    private int by(int number, Rule.Sort sort, Task one, @Nullable Task two, int figure) {
        return blamed == null
                ? TRUE
                : blamed.computeIfAbsent(new Rule(number, sort, one, two, figure), rule -> solver.decision());
    }

    /** What the host asked for beside the rules. */
    private void wish(Wishes wishes) {
        wishes.pins().forEach((ref, moment) -> problem.find(ref).ifPresent(task -> {
            int guard = by(0, Rule.Sort.PIN, task, null, moment);
            solver.order(zero, makings.get(task.number()).start, moment, guard);
            solver.order(makings.get(task.number()).start, zero, -moment, guard);
        }));
        wishes.notSwapped().forEach(ref -> problem.find(ref)
                .ifPresent(task ->
                        solver.clause(not(by(0, Rule.Sort.CHOICE, task, null, 0)), not(swapped[task.number()]))));
        wishes.shown().forEach(ref -> problem.find(ref)
                .filter(Task::may)
                .ifPresent(task -> solver.clause(not(by(0, Rule.Sort.CHOICE, task, null, 0)), shown[task.number()])));
    }

    /**
     * A moment by which any plan that exists at all can be over: everything one after another, once more for each copy.
     */
    private int horizon() {
        long sum = 0;
        for (Task task : problem.tasks) {
            long waits = task.waits().stream().mapToInt(Task.Wait::least).max().orElse(0);
            long copies = 1
                    + problem.tasks.stream()
                            .filter(top -> top.swappable()
                                    && (top == task
                                            || IntStream.of(top.before()).anyMatch(before -> before == task.number())))
                            .count();
            sum += copies * (task.duration() + waits + problem.longestGap(task));
        }
        return (int) Math.min(sum, Calendar.NEVER / 2);
    }

    private int shownLiteral(Task task) {
        Show show = task.step().show();
        if (show == Show.MUST) {
            return TRUE;
        }
        if (show == Show.NEVER) {
            return FALSE;
        }
        return solver.decision();
    }

    private int swappedLiteral(Task task) {
        if (!task.swappable() || task.step().show() == Show.NEVER) {
            return FALSE;
        }
        int literal = solver.decision();
        solver.clause(not(literal), shown[task.number()]);
        return literal;
    }

    private void makeMain(Task task) {
        int t = task.number();
        make(task, null, TRUE, shown[t], swapped[t], shown[t] == TRUE && blamed == null ? 0 : earliest);
    }

    private void makeCopies(Task top) {
        Map<Integer, Making> own = new HashMap<>();
        copies.put(top.number(), own);
        for (int before : top.before()) {
            if (shown[before] != FALSE) {
                own.put(
                        before,
                        make(
                                problem.tasks.get(before).offCamera(),
                                top,
                                solver.all(swapped[top.number()], shown[before]),
                                FALSE,
                                FALSE,
                                earliest));
            }
        }
        own.put(top.number(), make(top.offCamera(), top, swapped[top.number()], FALSE, FALSE, earliest));
    }

    private Making make(Task task, @Nullable Task top, int present, int onAir, int brief, int lowest) {
        Making making = new Making(makings.size(), task, top, solver.moment(lowest, horizon), present, onAir, brief);
        makings.add(making);
        return making;
    }

    /** The copy of a task that is made for a swap-out. */
    Making copy(Task top, Task task) {
        return Known.in(Known.in(copies, top.number()), task.number());
    }

    /** The same; null where the swap-out needs none, because everybody sees it done once. */
    private @Nullable Making copyIfMade(Task top, Task task) {
        return Known.in(copies, top.number()).get(task.number());
    }

    // ---- rules 2 to 4, 12: when and where

    private void place(Making making) {
        window(making);
        for (int need = 0; need < making.task.requirements().size(); need++) {
            Requirement requirement = making.task.requirements().get(need);
            making.uses.add(uses(
                    making,
                    requirement.able(),
                    requirement.units(),
                    requirement.heat(),
                    by(12, Rule.Sort.PLACE, making.task, null, need)));
        }
        apart(making);
        if (making.task.hands()) {
            hands(making);
        }
    }

    private void window(Making making) {
        solver.order(
                zero,
                making.start,
                0,
                solver.all(making.shown, making.shown == FALSE ? FALSE : by(2, Rule.Sort.SHOWN, making.task, null, 0)));
        if (making.shown == TRUE) {
            return;
        }
        boolean hands = making.task.hands();
        int room = hands ? making.task.duration() : 0;
        List<Integer> times = new ArrayList<>();
        for (int[] window : problem.windows) {
            if (window[1] - room >= window[0]) {
                int inside = solver.decision();
                solver.order(zero, making.start, window[0], inside);
                solver.order(making.start, zero, room - window[1], inside);
                times.add(inside);
            }
        }
        int onAir = !hands || problem.hasAssistant ? solver.decision() : FALSE;
        solver.order(zero, making.start, 0, onAir);
        times.add(onAir);
        making.times = times.stream().mapToInt(Integer::intValue).toArray();
        int rule = by(hands && !problem.hasAssistant ? 3 : 4, Rule.Sort.TIME, making.task, null, 0);
        solver.clause(
                IntStream.concat(IntStream.of(not(rule), not(making.present), making.shown), IntStream.of(making.times))
                        .toArray());
    }

    private List<Use> uses(Making making, int[] able, int units, @Nullable Heat heat, int rule) {
        boolean settled = able.length == 1 && rule == TRUE;
        List<Use> uses = new ArrayList<>();
        for (int machine : able) {
            uses.add(new Use(making, machine, units, heat, settled ? making.present : solver.decision()));
        }
        if (!settled) {
            solver.clause(IntStream.concat(
                            IntStream.of(not(making.present), not(rule)),
                            uses.stream().mapToInt(Use::literal))
                    .toArray());
            for (int i = 0; i < uses.size(); i++) {
                for (int j = 0; j < i; j++) {
                    solver.clause(not(uses.get(i).literal()), not(uses.get(j).literal()));
                }
            }
        }
        return uses;
    }

    /** Two needs of one step on one machine have to go together. */
    private void apart(Making making) {
        for (int i = 0; i < making.uses.size(); i++) {
            for (int j = 0; j < i; j++) {
                for (Use one : making.uses.get(i)) {
                    for (Use two : making.uses.get(j)) {
                        Machine machine = problem.machines.get(one.machine());
                        if (one.machine() == two.machine()
                                && (one.units() + two.units() > machine.capacity()
                                        || machine.heatGap(one.heat(), two.heat()) != Machine.NO_GAP)) {
                            solver.clause(not(one.literal()), not(two.literal()));
                        }
                    }
                }
            }
        }
    }

    private void hands(Making making) {
        List<Use> uses = uses(
                making, problem.people(making.shown == TRUE), 1, null, by(15, Rule.Sort.HANDS, making.task, null, 0));
        making.uses.add(uses);
        for (Use use : uses) {
            if (!problem.isHost(use.machine())) {
                solver.clause(not(use.literal()), not(making.shown));
            } else if (making.shown != TRUE) {
                solver.clause(not(use.literal()), making.shown, not(making.times[making.times.length - 1]));
            }
        }
    }

    // ---- rules 5 to 10: order and keeping

    private void orderMain(Task task) {
        Making to = makings.get(task.number());
        for (Task.Wait wait : task.waits()) {
            Making from = makings.get(wait.before());
            int out = swapped[wait.before()];
            if (out != FALSE) {
                solver.order(from.start, to.start, from.task.shownFor(), by(10, Rule.Sort.ORDER, from.task, task, 0));
                order(copy(from.task, from.task), to, wait, out);
            }
            order(from, to, wait, not(out));
        }
    }

    /** Rules 5 and 6 between two activities that last their full time. */
    private void order(Making from, Making to, Task.Wait wait, int guard) {
        if (guard == FALSE) {
            return;
        }
        Task first = from.task;
        Task then = to.task;
        int duration = first.duration();
        solver.order(
                from.start,
                to.start,
                duration + wait.least(),
                solver.all(guard, by(5, Rule.Sort.ORDER, first, then, wait.least())));
        if (wait.within() != Task.NONE) {
            solver.order(
                    to.start,
                    from.start,
                    -wait.within() - duration,
                    solver.all(guard, by(5, Rule.Sort.WITHIN, first, then, wait.within())));
        }
        if (first.keeps() != Task.NONE) {
            solver.order(
                    to.start,
                    from.start,
                    -first.keeps() - duration,
                    solver.all(guard, by(6, Rule.Sort.KEEPS, first, then, first.keeps())));
        }
    }

    private void orderCopies(Task top) {
        orderCopy(top, top);
        for (int before : top.before()) {
            orderCopy(top, problem.tasks.get(before));
        }
    }

    private void orderCopy(Task top, Task task) {
        Making own = copyIfMade(top, task);
        Making main = makings.get(task.number());
        for (Task.Wait wait : task.waits()) {
            Task first = problem.tasks.get(wait.before());
            Making ownFirst = copyIfMade(top, first);
            int notShown = not(shown[first.number()]);
            if (own != null && ownFirst != null) {
                order(ownFirst, own, wait, solver.all(own.present, ownFirst.present));
            }
            if (own != null && notShown != FALSE) {
                order(makings.get(first.number()), own, wait, solver.all(own.present, notShown));
            }
            if (ownFirst != null && shown[task.number()] != TRUE) {
                order(ownFirst, main, wait, solver.all(ownFirst.present, not(shown[task.number()])));
            }
        }
    }

    private void orderEnd(Task task) {
        int t = task.number();
        Making main = makings.get(t);
        int out = swapped[t];
        solver.order(main.start, end, task.duration(), solver.all(shown[t], not(out)));
        if (out != FALSE) {
            solver.order(main.start, end, task.shownFor(), out);
        }
        if (task.isFinal()) {
            last(main, not(out));
            if (out != FALSE) {
                last(copy(task, task), out);
            }
        }
    }

    private void last(Making making, int guard) {
        solver.order(making.start, end, making.task.duration(), guard);
        int keeps = making.task.keeps();
        if (keeps != Task.NONE && guard != FALSE) {
            solver.order(
                    end,
                    making.start,
                    -keeps - making.task.duration(),
                    solver.all(guard, by(6, Rule.Sort.KEEPS_TO_END, making.task, null, keeps)));
        }
    }

    /** Whether everything that one making waits for and the other is, in the same copy, so that they never overlap. */
    boolean inSequence(Making one, Making two) {
        return one.top == two.top && (comesBefore(one.task, two.task) || comesBefore(two.task, one.task));
    }

    private static boolean comesBefore(Task first, Task then) {
        return IntStream.of(then.before()).anyMatch(before -> before == first.number());
    }

    /** Seconds that a making lasts as things stand. */
    int duration(Making making) {
        return solver.value(making.brief) > 0 ? making.task.shownFor() : making.task.duration();
    }
}
