package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Show;
import hopsel.core.plan.Problem.Task;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;

import org.jspecify.annotations.NullUnmarked;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Rules 1 to 20 once more, written for CP-SAT straight from the contract, to compare the planner with. */
@NullUnmarked // The solver's own types know nothing of null.
public final class Exact {

    private final Problem problem;
    private final CpModel model = new CpModel();
    private final Literal[] shown;
    private final Literal[] swapped;
    private final Literal[] split;
    private final List<Act> acts = new ArrayList<>();
    private final Map<Integer, Map<Integer, Act>> copies = new HashMap<>();
    private final Map<Integer, Act> rests = new HashMap<>();
    private final List<Hold> hands = new ArrayList<>();
    private final List<IntVar> curtains = new ArrayList<>();
    /** Stretches of talk, whether or not they are the closing words. */
    private final List<IntVar[]> talk = new ArrayList<>();
    private final int horizon;
    private final int earliest;
    private final IntVar end;
    private final IntVar over;

    private record Hold(
            Act act,
            Literal literal,
            int machine,
            int units,
            Heat heat,
            IntervalVar interval,
            IntVar start,
            IntVar end,
            boolean whole) {}

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
     * @param values overrun in seconds, swap-outs, hidden steps, airEnd in seconds (by the second edition: cost and
     *     changes in the middle); empty where there is no plan
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
                + problem.air
                + cooking.tempo().talk().stream()
                        .mapToInt(piece -> piece.minutes().seconds())
                        .sum()
                + problem.tasks.size() * cooking.tempo().turn().seconds();
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
        this.split = problem.tasks.stream()
                .map(task -> problem.second && task.splittable() && task.step().show() != Show.NEVER
                        ? model.newBoolVar("split")
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
            model.addImplication(split[task.number()], shown[task.number()]);
            acts.add(act(task, null, fixed(true), shown[task.number()], false));
        }
        if (problem.second) {
            problem.tasks.stream()
                    .filter(Task::splittable)
                    .filter(task -> task.step().show() != Show.NEVER)
                    .forEach(task -> rests.put(
                            task.number(), act(task, null, split[task.number()], fixed(false), true)));
        }
        for (Task top : problem.tasks) {
            if (top.swappable() && top.step().show() != Show.NEVER) {
                copies(top);
            }
        }
        if (problem.second) {
            acts.forEach(this::hands);
            copies.values().forEach(own -> own.values().forEach(this::hands));
            problem.cooking.tempo().talk().forEach(this::talk);
        }
        if (curtains.isEmpty()) {
            curtains.add(end);
        }
        problem.tasks.forEach(this::orderMain);
        copies.forEach((top, own) -> orderCopies(problem.tasks.get(top), own));
        problem.tasks.forEach(this::orderEnd);
        for (int m = 0; m < problem.machines.size(); m++) {
            machine(m);
        }
    }

    private Act act(Task task, Task top, Literal present, Literal onAir, boolean rest) {
        Act act = new Act();
        act.task = task;
        act.top = top;
        act.present = present;
        act.onAir = onAir;
        act.start = model.newIntVar(earliest, horizon, "start");
        act.end = model.newIntVar(earliest, horizon, "end");
        boolean cut = problem.second && task.splittable();
        boolean brief = top == null && !rest && (task.swappable() || cut);
        int shorter = cut ? task.partFor() : task.shownFor();
        act.size = brief
                ? model.newIntVar(Math.min(shorter, task.duration()), task.duration(), "size")
                : model.newConstant(rest ? task.duration() - task.partFor() : task.duration());
        if (brief) {
            Literal when = cut ? split[task.number()] : swapped[task.number()];
            model.addEquality(act.size, shorter).onlyEnforceIf(when);
            model.addEquality(act.size, task.duration()).onlyEnforceIf(when.not());
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
            act.holds.add(new Hold(act, literal, machine, units, heat, interval, act.start, act.end, true));
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
            own.put(before, act(problem.tasks.get(before), top, present, fixed(false), false));
        }
        own.put(top.number(), act(top, top, swapped[top.number()], fixed(false), false));
    }

    // ---- rules 16, 17 and 19

    private void hands(Act act) {
        Task task = act.task;
        if (task.hands()) {
            return;
        }
        boolean swappable = act.top == null && task.swappable() && task.step().show() != Show.NEVER;
        Literal out = swappable ? swapped[task.number()] : fixed(false);
        if (task.handsAtStart() > 0) {
            hands(act, out.not(), act.start, task.handsAtStart(), act.onAir);
        }
        if (task.handsAtEnd() > 0) {
            IntVar from = model.newIntVar(earliest, horizon, "out");
            model.addEquality(
                    LinearExpr.newBuilder().add(from).addTerm(act.start, -1).build(),
                    task.duration() - task.handsAtEnd());
            hands(act, out.not(), from, task.handsAtEnd(), act.onAir);
        }
        if (swappable && task.shownFor() > 0) {
            hands(act, out, act.start, task.shownFor(), fixed(true));
        }
    }

    private void hands(Act act, Literal when, IntVar start, int lasts, Literal onAir) {
        IntVar until = model.newIntVar(earliest, horizon, "until");
        model.addEquality(
                LinearExpr.newBuilder().add(until).addTerm(start, -1).build(), lasts);
        List<Literal> some = new ArrayList<>();
        for (int person : problem.people(false)) {
            BoolVar literal = model.newBoolVar("hands");
            IntervalVar interval =
                    model.newOptionalIntervalVar(start, model.newConstant(lasts), until, literal, "hands");
            hands.add(new Hold(act, literal, person, 1, null, interval, start, until, false));
            some.add(literal);
            if (!problem.isHost(person)) {
                model.addImplication(literal, onAir.not());
            } else if (problem.hasAssistant) {
                model.addLessOrEqual(until, 0).onlyEnforceIf(new Literal[] {literal, onAir.not()});
            }
        }
        model.addExactlyOne(some).onlyEnforceIf(new Literal[] {act.present, when});
        for (Literal literal : some) {
            model.addImplication(literal, act.present);
            model.addImplication(literal, when);
        }
        List<Literal> times = new ArrayList<>(List.of(act.present.not(), when.not()));
        for (int[] window : problem.windows) {
            BoolVar inside = model.newBoolVar("inside");
            model.addGreaterOrEqual(start, window[0]).onlyEnforceIf(inside);
            model.addLessOrEqual(until, window[1]).onlyEnforceIf(inside);
            times.add(inside);
        }
        BoolVar later = model.newBoolVar("later");
        model.addGreaterOrEqual(start, 0).onlyEnforceIf(later);
        times.add(later);
        model.addBoolOr(times);
    }

    private void talk(TalkPiece piece) {
        int lasts = piece.minutes().seconds();
        IntVar start = model.newIntVar(0, horizon, "talk");
        IntVar until = model.newIntVar(0, horizon, "said");
        talk.add(new IntVar[] {start, until});
        model.addEquality(
                LinearExpr.newBuilder().add(until).addTerm(start, -1).build(), lasts);
        piece.from().ifPresent(from -> model.addGreaterOrEqual(start, from.seconds()));
        piece.to().ifPresent(to -> model.addLessOrEqual(until, to.seconds()));
        if (piece.at() == TalkPiece.Moment.OPENING) {
            model.addEquality(start, 0);
        } else if (piece.at() == TalkPiece.Moment.CLOSING) {
            curtains.add(start);
        }
        model.addGreaterOrEqual(end, until);
        List<Literal> some = new ArrayList<>();
        for (int person : problem.people(true)) {
            BoolVar literal = model.newBoolVar("says");
            IntervalVar interval =
                    model.newOptionalIntervalVar(start, model.newConstant(lasts), until, literal, "talk");
            hands.add(new Hold(null, literal, person, 1, null, interval, start, until, false));
            some.add(literal);
        }
        model.addExactlyOne(some);
        IntervalVar said = model.newIntervalVar(start, model.newConstant(lasts), until, "said");
        all().filter(act -> act.task.loud())
                .forEach(act -> model.addNoOverlap(List.of(
                        said, model.newOptionalIntervalVar(act.start, act.size, act.end, act.present, "loud"))));
    }

    private Stream<Act> all() {
        return Stream.of(
                        acts.stream(),
                        rests.values().stream(),
                        copies.values().stream().flatMap(own -> own.values().stream()))
                .flatMap(some -> some);
    }

    /** How often hosts turn to another dish: the pieces of each in a circle, each arc from one to the next. */
    private LinearExpr changes() {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (int host = 0; host < problem.machines.size(); host++) {
            if (problem.isHost(host)) {
                int person = host;
                List<Hold> work = acts.stream()
                        .filter(act -> act.task.hands() && act.task.step().show() != Show.NEVER)
                        .flatMap(act -> act.holds.stream())
                        .filter(hold -> hold.machine == person)
                        .toList();
                circle(work, sum);
            }
        }
        return sum.build();
    }

    private void circle(List<Hold> work, LinearExprBuilder sum) {
        CircuitConstraint circuit = model.addCircuit();
        BoolVar none = model.newBoolVar("none");
        circuit.addArc(0, 0, none);
        for (int i = 0; i < work.size(); i++) {
            Hold one = work.get(i);
            BoolVar there = model.newBoolVar("there");
            model.addBoolAnd(new Literal[] {one.literal, one.act.onAir}).onlyEnforceIf(there);
            model.addBoolOr(new Literal[] {one.literal.not(), one.act.onAir.not(), there});
            circuit.addArc(i + 1, i + 1, there.not());
            model.addImplication(none, there.not());
            circuit.addArc(0, i + 1, model.newBoolVar("first"));
            circuit.addArc(i + 1, 0, model.newBoolVar("last"));
            for (int j = 0; j < work.size(); j++) {
                Hold two = work.get(j);
                if (i != j) {
                    BoolVar next = model.newBoolVar("next");
                    circuit.addArc(i + 1, j + 1, next);
                    model.addGreaterOrEqual(two.start, one.end).onlyEnforceIf(next);
                    if (!one.act.task.ref().dish().equals(two.act.task.ref().dish())) {
                        sum.add(next);
                    }
                }
            }
        }
    }

    private void orderMain(Task task) {
        Act to = acts.get(task.number());
        for (Task.Wait wait : task.waits()) {
            if (copies.containsKey(wait.before())) {
                model.addGreaterOrEqual(to.start, acts.get(wait.before()).end)
                        .onlyEnforceIf(swapped[wait.before()]);
            }
            orderAfter(to, wait, fixed(true));
            if (rests.containsKey(task.number())) {
                orderAfter(rests.get(task.number()), wait, split[task.number()]);
            }
        }
    }

    private void orderAfter(Act to, Task.Wait wait, Literal when) {
        int before = wait.before();
        order(acts.get(before), to, wait, swapped[before].not(), when);
        if (copies.containsKey(before)) {
            order(copies.get(before).get(before), to, wait, swapped[before], when);
        }
        if (rests.containsKey(before)) {
            model.addGreaterOrEqual(
                            LinearExpr.newBuilder()
                                    .add(to.start)
                                    .addTerm(rests.get(before).end, -1)
                                    .build(),
                            wait.least())
                    .onlyEnforceIf(new Literal[] {split[before], when});
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
        curtains.forEach(curtain -> model.addGreaterOrEqual(curtain, main.end).onlyEnforceIf(shown[t]));
        if (task.isFinal()) {
            last(main, swapped[t].not());
            if (copies.containsKey(t)) {
                last(copies.get(t).get(t), swapped[t]);
            }
            if (rests.containsKey(t)) {
                curtains.forEach(curtain ->
                        model.addGreaterOrEqual(curtain, rests.get(t).end).onlyEnforceIf(split[t]));
            }
        }
    }

    private void last(Act act, Literal when) {
        for (IntVar curtain : curtains) {
            model.addGreaterOrEqual(curtain, act.end).onlyEnforceIf(when);
            if (act.task.keeps() != Task.NONE) {
                model.addLessOrEqual(
                                LinearExpr.newBuilder()
                                        .add(curtain)
                                        .addTerm(act.end, -1)
                                        .build(),
                                act.task.keeps())
                        .onlyEnforceIf(when);
            }
        }
    }

    private void machine(int number) {
        Machine machine = problem.machines.get(number);
        List<Hold> holds = Stream.concat(all().flatMap(act -> act.holds.stream()), hands.stream())
                .filter(hold -> hold.machine == number)
                .toList();
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
            int turn = problem.cooking.tempo().turn().seconds();
            boolean turns = one.whole
                    && two.whole
                    && !one.act.task.ref().dish().equals(two.act.task.ref().dish());
            if (turns && turn > 0) {
                either(one, two, turn, turn);
            }
            return;
        }
        int rinse = one.act.task.component().equals(two.act.task.component()) ? 0 : machine.rinse();
        int gap = machine.heatGap(one.heat, two.heat);
        int back = machine.heatGap(two.heat, one.heat);
        if (rinse == 0 && gap == Machine.NO_GAP) {
            return;
        }
        either(one, two, Math.max(rinse, gap), Math.max(rinse, back));
    }

    private void either(Hold one, Hold two, int gap, int back) {
        BoolVar oneFirst = model.newBoolVar("first");
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder().add(two.start).addTerm(one.end, -1).build(), gap)
                .onlyEnforceIf(new Literal[] {oneFirst, one.literal, two.literal});
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder().add(one.start).addTerm(two.end, -1).build(), back)
                .onlyEnforceIf(new Literal[] {oneFirst.not(), one.literal, two.literal});
    }

    private LinearExpr price() {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (Task task : problem.tasks) {
            sum.addTerm(swapped[task.number()], problem.cooking.tempo().swapCost());
            sum.add(split[task.number()]);
            if (task.may()) {
                sum.addTerm(shown[task.number()].not(), task.step().worth());
            }
        }
        return sum.build();
    }

    private Result levels(double seconds, int workers) {
        LinearExpr hidden = LinearExpr.sum(problem.tasks.stream()
                .filter(Task::may)
                .map(task -> shown[task.number()].not())
                .toArray(Literal[]::new));
        LinearExpr[] levels = {
            LinearExpr.term(over, 1),
            problem.second ? price() : LinearExpr.sum(swapped),
            problem.second ? changes() : hidden,
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
