package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.plan.Problem.Task;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Rules 1 to 15 once more, written for CP-SAT straight from the contract, to compare the planner with. */
public final class Exact {

    private final Problem problem;
    private final CpModel model = new CpModel();
    private final Literal[] shown;
    private final Literal[] swapped;
    private final List<Act> acts = new ArrayList<>();
    private final Map<Integer, Map<Integer, Act>> copies = new HashMap<>();
    private final int horizon;
    private final int earliest;
    private final IntVar end;
    private final IntVar over;

    private record Hold(Act act, Literal literal, int machine, int units, Heat heat, IntervalVar interval) {}

    private static final class Act {
        private Task task;
        private Task top;
        private Literal present;
        private Literal onAir;
        private IntVar start;
        private IntVar size;
        private IntVar end;
        private final List<Hold> holds = new ArrayList<>();
    }

    /**
     * What came out, level by level.
     *
     * @param status of the last level that was solved
     * @param values overrun in seconds, swap-outs, hidden steps, airEnd in seconds; empty where there is no plan
     * @param proven whether every level is proven
     * @param seconds it took
     */
    public record Result(String status, List<Long> values, boolean proven, double seconds) {}

    private Exact(CookingClass cooking) {
        this.problem = new Problem(cooking);
        this.earliest =
                problem.windows.stream().mapToInt(window -> window[0]).min().orElse(0);
        this.horizon = problem.tasks.stream()
                        .mapToInt(task -> 2 * task.duration()
                                + task.waits().stream()
                                        .mapToInt(Task.Wait::least)
                                        .max()
                                        .orElse(0)
                                + problem.longestGap(task))
                        .sum()
                + problem.air;
        this.end = model.newIntVar(0, horizon, "end");
        this.over = model.newIntVar(0, horizon, "over");
        model.addGreaterOrEqual(
                LinearExpr.newBuilder().add(over).addTerm(end, -1).build(), -problem.air);
        this.shown = problem.tasks.stream()
                .map(task -> task.step().show() == Show.MAY
                        ? model.newBoolVar("shown")
                        : fixed(task.step().show() == Show.MUST))
                .toArray(Literal[]::new);
        this.swapped = problem.tasks.stream()
                .map(task -> task.swappable() && task.step().show() != Show.NEVER
                        ? model.newBoolVar("swapped")
                        : fixed(false))
                .toArray(Literal[]::new);
        build();
    }

    /** Solves the four levels one after another. */
    public static Result solve(CookingClass cooking, double secondsForEach, int workers) {
        Loader.loadNativeLibraries();
        return new Exact(cooking).levels(secondsForEach, workers);
    }

    private Literal fixed(boolean yes) {
        return yes ? model.trueLiteral() : model.falseLiteral();
    }

    private void build() {
        for (Task task : problem.tasks) {
            model.addImplication(swapped[task.number()], shown[task.number()]);
            acts.add(act(task, null, fixed(true), shown[task.number()]));
        }
        for (Task top : problem.tasks) {
            if (top.swappable() && top.step().show() != Show.NEVER) {
                copies(top);
            }
        }
        problem.tasks.forEach(this::orderMain);
        copies.forEach((top, own) -> orderCopies(problem.tasks.get(top), own));
        problem.tasks.forEach(this::orderEnd);
        for (int m = 0; m < problem.machines.size(); m++) {
            machine(m);
        }
    }

    private Act act(Task task, Task top, Literal present, Literal onAir) {
        Act act = new Act();
        act.task = task;
        act.top = top;
        act.present = present;
        act.onAir = onAir;
        act.start = model.newIntVar(earliest, horizon, "start");
        act.end = model.newIntVar(earliest, horizon, "end");
        boolean brief = top == null && task.swappable();
        act.size = brief
                ? model.newIntVar(Math.min(task.shownFor(), task.duration()), task.duration(), "size")
                : model.newConstant(task.duration());
        if (brief) {
            model.addEquality(act.size, task.shownFor()).onlyEnforceIf(swapped[task.number()]);
            model.addEquality(act.size, task.duration()).onlyEnforceIf(swapped[task.number()].not());
        }
        model.addEquality(act.end, LinearExpr.sum(new IntVar[] {act.start, act.size}));
        times(act);
        for (Requirement requirement : task.requirements()) {
            hold(act, requirement.able(), requirement.units(), requirement.heat());
        }
        for (int i = 0; i < act.holds.size(); i++) {
            for (int j = 0; j < i; j++) {
                apart(act.holds.get(i), act.holds.get(j));
            }
        }
        if (task.hands()) {
            int before = act.holds.size();
            hold(act, problem.people(false), 1, null);
            for (Hold hold : act.holds.subList(before, act.holds.size())) {
                if (!problem.isHost(hold.machine)) {
                    model.addImplication(hold.literal, onAir.not());
                } else {
                    model.addLessOrEqual(act.end, 0).onlyEnforceIf(new Literal[] {hold.literal, onAir.not()});
                }
            }
        }
        return act;
    }

    private void times(Act act) {
        model.addGreaterOrEqual(act.start, 0).onlyEnforceIf(act.onAir);
        List<Literal> some = new ArrayList<>(List.of(act.onAir, act.present.not()));
        for (int[] window : problem.windows) {
            BoolVar inside = model.newBoolVar("inside");
            model.addGreaterOrEqual(act.start, window[0]).onlyEnforceIf(inside);
            model.addLessOrEqual(act.task.hands() ? act.end : act.start, window[1])
                    .onlyEnforceIf(inside);
            some.add(inside);
        }
        BoolVar later = model.newBoolVar("later");
        model.addGreaterOrEqual(act.start, 0).onlyEnforceIf(later);
        some.add(later);
        model.addBoolOr(some);
    }

    private void hold(Act act, int[] able, int units, Heat heat) {
        List<Literal> some = new ArrayList<>();
        for (int machine : able) {
            BoolVar literal = model.newBoolVar("held");
            IntervalVar interval = model.newOptionalIntervalVar(act.start, act.size, act.end, literal, "hold");
            act.holds.add(new Hold(act, literal, machine, units, heat, interval));
            some.add(literal);
        }
        model.addExactlyOne(some).onlyEnforceIf(act.present);
        for (Literal literal : some) {
            model.addImplication(literal, act.present);
        }
    }

    private void apart(Hold one, Hold two) {
        Machine machine = problem.machines.get(one.machine);
        if (one.machine == two.machine
                && (one.units + two.units > machine.capacity()
                        || machine.heatGap(one.heat, two.heat) != Machine.NO_GAP)) {
            model.addBoolOr(new Literal[] {one.literal.not(), two.literal.not()});
        }
    }

    private void copies(Task top) {
        Map<Integer, Act> own = new HashMap<>();
        copies.put(top.number(), own);
        for (int before : top.before()) {
            BoolVar present = model.newBoolVar("present");
            model.addBoolAnd(new Literal[] {swapped[top.number()], shown[before]})
                    .onlyEnforceIf(present);
            model.addBoolOr(new Literal[] {swapped[top.number()].not(), shown[before].not(), present});
            own.put(before, act(problem.tasks.get(before), top, present, fixed(false)));
        }
        own.put(top.number(), act(top, top, swapped[top.number()], fixed(false)));
    }

    private void orderMain(Task task) {
        Act to = acts.get(task.number());
        for (Task.Wait wait : task.waits()) {
            Act from = acts.get(wait.before());
            order(from, to, wait, swapped[wait.before()].not());
            if (copies.containsKey(wait.before())) {
                model.addGreaterOrEqual(to.start, from.end).onlyEnforceIf(swapped[wait.before()]);
                order(copies.get(wait.before()).get(wait.before()), to, wait, swapped[wait.before()]);
            }
        }
    }

    private void order(Act from, Act to, Task.Wait wait, Literal... when) {
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(to.start)
                                .addTerm(from.end, -1)
                                .build(),
                        wait.least())
                .onlyEnforceIf(when);
        if (wait.within() != Task.NONE) {
            model.addLessOrEqual(
                            LinearExpr.newBuilder()
                                    .add(to.start)
                                    .addTerm(from.end, -1)
                                    .build(),
                            wait.within())
                    .onlyEnforceIf(when);
        }
        if (from.task.keeps() != Task.NONE) {
            model.addLessOrEqual(
                            LinearExpr.newBuilder()
                                    .add(to.start)
                                    .addTerm(from.end, -1)
                                    .build(),
                            from.task.keeps())
                    .onlyEnforceIf(when);
        }
    }

    private void orderCopies(Task top, Map<Integer, Act> own) {
        IntStream.concat(IntStream.of(top.number()), IntStream.of(top.before())).forEach(number -> {
            Task task = problem.tasks.get(number);
            Literal here = swapped[top.number()];
            for (Task.Wait wait : task.waits()) {
                int before = wait.before();
                order(own.get(before), own.get(number), wait, here, shown[before], shown[number]);
                order(acts.get(before), own.get(number), wait, here, shown[before].not(), shown[number]);
                order(own.get(before), acts.get(number), wait, here, shown[before], shown[number].not());
            }
        });
    }

    private void orderEnd(Task task) {
        int t = task.number();
        Act main = acts.get(t);
        model.addGreaterOrEqual(end, main.end).onlyEnforceIf(shown[t]);
        if (task.isFinal()) {
            last(main, swapped[t].not());
            if (copies.containsKey(t)) {
                last(copies.get(t).get(t), swapped[t]);
            }
        }
    }

    private void last(Act act, Literal when) {
        model.addGreaterOrEqual(end, act.end).onlyEnforceIf(when);
        if (act.task.keeps() != Task.NONE) {
            model.addLessOrEqual(
                            LinearExpr.newBuilder()
                                    .add(end)
                                    .addTerm(act.end, -1)
                                    .build(),
                            act.task.keeps())
                    .onlyEnforceIf(when);
        }
    }

    private void machine(int number) {
        Machine machine = problem.machines.get(number);
        List<Hold> holds = new ArrayList<>();
        acts.forEach(
                act -> act.holds.stream().filter(hold -> hold.machine == number).forEach(holds::add));
        copies.values().forEach(own -> own.values().forEach(act -> act.holds.stream()
                .filter(hold -> hold.machine == number)
                .forEach(holds::add)));
        if (machine.capacity() == 1) {
            model.addNoOverlap(holds.stream().map(Hold::interval).toList());
        } else {
            CumulativeConstraint sum = model.addCumulative(machine.capacity());
            holds.forEach(hold -> sum.addDemand(hold.interval, hold.units));
        }
        for (Hold one : holds) {
            for (Hold two : holds) {
                if (one.act != two.act && System.identityHashCode(one) < System.identityHashCode(two)) {
                    gaps(machine, one, two);
                }
            }
        }
    }

    private void gaps(Machine machine, Hold one, Hold two) {
        if (machine.resource() == null) {
            return;
        }
        int rinse = one.act.task.component().equals(two.act.task.component()) ? 0 : machine.rinse();
        int gap = machine.heatGap(one.heat, two.heat);
        int back = machine.heatGap(two.heat, one.heat);
        if (rinse == 0 && gap == Machine.NO_GAP) {
            return;
        }
        BoolVar oneFirst = model.newBoolVar("first");
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(two.act.start)
                                .addTerm(one.act.end, -1)
                                .build(),
                        Math.max(rinse, gap))
                .onlyEnforceIf(new Literal[] {oneFirst, one.literal, two.literal});
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(one.act.start)
                                .addTerm(two.act.end, -1)
                                .build(),
                        Math.max(rinse, back))
                .onlyEnforceIf(new Literal[] {oneFirst.not(), one.literal, two.literal});
    }

    private Result levels(double seconds, int workers) {
        LinearExpr[] levels = {
            LinearExpr.term(over, 1),
            LinearExpr.sum(swapped),
            LinearExpr.sum(problem.tasks.stream()
                    .filter(Task::may)
                    .map(task -> shown[task.number()].not())
                    .toArray(Literal[]::new)),
            LinearExpr.term(end, 1)
        };
        long from = System.nanoTime();
        List<Long> values = new ArrayList<>();
        boolean proven = true;
        for (LinearExpr level : levels) {
            CpSolver solver = new CpSolver();
            solver.getParameters()
                    .setMaxTimeInSeconds(seconds)
                    .setNumWorkers(workers)
                    .setRandomSeed(1);
            model.minimize(level);
            CpSolverStatus status = solver.solve(model);
            if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
                return new Result(status.name(), List.of(), status == CpSolverStatus.INFEASIBLE, since(from));
            }
            proven &= status == CpSolverStatus.OPTIMAL;
            long value = Math.round(solver.objectiveValue());
            values.add(value);
            model.addLessOrEqual(level, value);
        }
        return new Result(proven ? "OPTIMAL" : "FEASIBLE", values, proven, since(from));
    }

    private static double since(long from) {
        return (System.nanoTime() - from) / 1e9;
    }
}
