package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.Known;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Show;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Problem.Task;
import hopsel.core.plan.Stretch.Length;
import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Solver;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntSupplier;
import java.util.stream.IntStream;

/**
 * A class as decisions and moments: rules 1 to 20 of the contract, each as guarded orders and clauses.
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
    /** By number of the step: whether it is shown in part. */
    final int[] split;
    /** Everything that holds somebody or some place, the main copy first, by number of the step. */
    final List<Stretch> stretches = new ArrayList<>();

    final List<Making> makings = new ArrayList<>();
    final List<Speech> speeches = new ArrayList<>();

    final int horizon;
    private final Map<Integer, Map<Integer, Making>> copies = new HashMap<>();
    private final Map<Integer, Making> rests = new HashMap<>();
    /** Moments up to which what is ready last has to keep: the closing words, or else the end. */
    private final List<Integer> curtains = new ArrayList<>();

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
        this.split = problem.tasks.stream().mapToInt(this::splitLiteral).toArray();
        problem.tasks.forEach(this::makeMain);
        problem.tasks.stream().filter(task -> swapped[task.number()] != FALSE).forEach(this::makeCopies);
        if (problem.second) {
            problem.tasks.stream().filter(task -> split[task.number()] != FALSE).forEach(this::makeRest);
            List.copyOf(makings).forEach(this::makeHands);
            problem.cooking.tempo().talk().forEach(this::makeSpeech);
        }
        if (curtains.isEmpty()) {
            curtains.add(end);
        }
        makings.forEach(this::place);
        problem.tasks.forEach(this::orderMain);
        problem.tasks.stream().filter(task -> split[task.number()] != FALSE).forEach(this::orderRest);
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

    private int by(int number, Rule.Sort sort, @Nullable Task one, @Nullable Task two, int figure) {
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
        new Asked(this, wishes).tell();
    }

    /** The literal under which something holds that the host asked for. */
    int asked(Rule.Sort sort, @Nullable Task one, @Nullable Task two, int figure) {
        return by(0, sort, one, two, figure);
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
            sum += copies
                    * (task.duration()
                            + waits
                            + problem.longestGap(task)
                            + problem.cooking.tempo().turn().seconds());
        }
        for (TalkPiece piece : problem.cooking.tempo().talk()) {
            sum += piece.minutes().seconds()
                    + piece.from().map(Minutes::seconds).orElse(0);
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

    private int splitLiteral(Task task) {
        if (!problem.second || !task.splittable() || task.step().show() == Show.NEVER) {
            return FALSE;
        }
        int literal = solver.decision();
        solver.clause(not(literal), shown[task.number()]);
        return literal;
    }

    private void makeMain(Task task) {
        int t = task.number();
        Length length = split[t] == FALSE
                ? new Length(task.duration(), task.shownFor(), swapped[t])
                : new Length(task.duration(), task.partFor(), split[t]);
        int lowest = shown[t] == TRUE && blamed == null ? 0 : earliest;
        make(task, null, false, length, TRUE, shown[t], lowest);
    }

    /** What of a step that is shown in part is done out of sight. */
    private void makeRest(Task task) {
        int t = task.number();
        Length length = Length.of(task.duration() - task.partFor());
        rests.put(t, make(task, null, true, length, split[t], FALSE, earliest));
    }

    private void makeCopies(Task top) {
        Map<Integer, Making> own = new HashMap<>();
        copies.put(top.number(), own);
        for (int before : top.before()) {
            if (shown[before] != FALSE) {
                int present = solver.all(swapped[top.number()], shown[before]);
                own.put(before, makeCopy(problem.tasks.get(before).offCamera(), top, present));
            }
        }
        own.put(top.number(), makeCopy(top.offCamera(), top, swapped[top.number()]));
    }

    private Making makeCopy(Task task, Task top, int present) {
        return make(task, top, false, Length.of(task.duration()), present, FALSE, earliest);
    }

    private Making make(
            Task task, @Nullable Task top, boolean rest, Length length, int present, int onAir, int lowest) {
        Making making = new Making(
                stretches.size(), task, top, rest, solver.moment(lowest, horizon), length, new int[] {present, onAir});
        makings.add(making);
        stretches.add(making);
        return making;
    }

    // ---- rules 16 and 17: hands at the ends, and talk

    private void makeHands(Making making) {
        Task task = making.task;
        if (task.hands()) {
            return;
        }
        int whole = solver.all(making.present, not(making.brief));
        makeHands(making, HandsPart.START, 0, task.handsAtStart(), whole);
        makeHands(making, HandsPart.END, making.full - task.handsAtEnd(), task.handsAtEnd(), whole);
        if (making.brief != FALSE) {
            makeHands(making, HandsPart.SHOW, 0, making.shortened, making.brief);
        }
    }

    private void makeHands(Making of, HandsPart part, int offset, int lasts, int present) {
        if (lasts == 0) {
            return;
        }
        int start = of.start;
        if (offset > 0) {
            start = solver.moment(earliest, horizon);
            solver.order(of.start, start, offset, TRUE);
            solver.order(start, of.start, -offset, TRUE);
        }
        Hands hands = new Hands(stretches.size(), of, part, start, offset, lasts, present);
        of.hands.add(hands);
        stretches.add(hands);
        int rule = by(16, Rule.Sort.HANDS, of.task, null, part.ordinal());
        window(hands, lasts, true, () -> rule);
        hands.uses.add(uses(hands, problem.people(hands.shown == TRUE), 1, null, rule));
        hands.uses.get(0).forEach(use -> who(hands, use));
    }

    private void makeSpeech(TalkPiece piece) {
        int rule = by(17, Rule.Sort.TALK, null, null, speeches.size());
        Speech speech = new Speech(stretches.size(), piece, solver.moment(0, horizon));
        speeches.add(speech);
        stretches.add(speech);
        int from = piece.from().map(Minutes::seconds).orElse(0);
        Optional<Integer> to = piece.to().map(Minutes::seconds);
        solver.order(zero, speech.start, from, rule);
        to.ifPresent(until -> solver.order(speech.start, zero, speech.full - until, rule));
        if (piece.at() == TalkPiece.Moment.OPENING) {
            solver.order(speech.start, zero, 0, rule);
        } else if (piece.at() == TalkPiece.Moment.CLOSING) {
            curtains.add(speech.start);
        }
        solver.order(speech.start, end, speech.full, TRUE);
        speech.uses.add(uses(speech, problem.people(true), 1, null, rule));
        problem.quiet.ifPresent(quiet -> speech.uses.add(
                List.of(new Use(speech, quiet, problem.machines.get(quiet).capacity(), null, rule))));
    }

    /** The copy of a task that is made for a swap-out. */
    Making copy(Task top, Task task) {
        return Known.in(Known.in(copies, top.number()), task.number());
    }

    /** The same; null where the swap-out needs none, because everybody sees it done once. */
    private @Nullable Making copyIfMade(Task top, Task task) {
        return Known.in(copies, top.number()).get(task.number());
    }

    /** What of a step is done out of sight where it is shown in part. */
    Making rest(Task task) {
        return Known.in(rests, task.number());
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
        if (making.task.loud()) {
            problem.quiet.ifPresent(quiet -> making.uses.add(List.of(new Use(making, quiet, 1, null, making.present))));
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
        window(
                making,
                hands ? making.full : 0,
                !hands || problem.hasAssistant,
                () -> by(hands && !problem.hasAssistant ? 3 : 4, Rule.Sort.TIME, making.task, null, 0));
    }

    /** What is not shown lies in a prep window, with so many seconds of room, or on air. */
    private void window(Stretch stretch, int room, boolean onAirToo, IntSupplier rule) {
        if (stretch.shown == TRUE) {
            return;
        }
        List<Integer> times = new ArrayList<>();
        for (int[] window : problem.windows) {
            if (window[1] - room >= window[0]) {
                int inside = solver.decision();
                solver.order(zero, stretch.start, window[0], inside);
                solver.order(stretch.start, zero, room - window[1], inside);
                times.add(inside);
            }
        }
        int onAir = onAirToo ? solver.decision() : FALSE;
        solver.order(zero, stretch.start, 0, onAir);
        times.add(onAir);
        stretch.times = times.stream().mapToInt(Integer::intValue).toArray();
        solver.clause(IntStream.concat(
                        IntStream.of(not(rule.getAsInt()), not(stretch.present), stretch.shown),
                        IntStream.of(stretch.times))
                .toArray());
    }

    private List<Use> uses(Stretch stretch, int[] able, int units, @Nullable Heat heat, int rule) {
        boolean settled = able.length == 1 && rule == TRUE;
        List<Use> uses = new ArrayList<>();
        for (int machine : able) {
            uses.add(new Use(stretch, machine, units, heat, settled ? stretch.present : solver.decision()));
        }
        if (!settled) {
            solver.clause(IntStream.concat(
                            IntStream.of(not(stretch.present), not(rule)),
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
        uses.forEach(use -> who(making, use));
    }

    /**
     * What is shown is a host's; what is not is, on air, an assistant's, or a host's in passing where there is none.
     */
    private void who(Stretch stretch, Use use) {
        if (!problem.isHost(use.machine())) {
            solver.clause(not(use.literal()), not(stretch.shown));
        } else if (stretch.shown != TRUE && (problem.hasAssistant || stretch instanceof Making)) {
            solver.clause(not(use.literal()), stretch.shown, not(stretch.times[stretch.times.length - 1]));
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
            }
            orderAfter(from, to, wait, TRUE);
        }
    }

    /**
     * What is done out of sight waits as the step does, where what comes before is swapped out for the finished one.
     */
    private void orderRest(Task task) {
        for (Task.Wait wait : task.waits()) {
            orderAfter(makings.get(wait.before()), rest(task), wait, split[task.number()]);
        }
    }

    /** Rules 5, 6 and 20 after a main activity, whichever way it is done. */
    private void orderAfter(Making from, Making to, Task.Wait wait, int guard) {
        int out = swapped[wait.before()];
        int cut = split[wait.before()];
        if (out != FALSE) {
            order(copy(from.task, from.task), to, wait, solver.all(guard, out));
        }
        if (cut != FALSE) {
            Making rest = rest(from.task);
            order(from, to, wait, solver.all(guard, cut), from.shortened);
            solver.order(
                    rest.start,
                    to.start,
                    rest.full + wait.least(),
                    solver.all(guard, cut, by(20, Rule.Sort.ORDER, from.task, to.task, wait.least())));
        }
        order(from, to, wait, solver.all(guard, not(out), not(cut)));
    }

    private void order(Making from, Making to, Task.Wait wait, int guard) {
        order(from, to, wait, guard, from.full);
    }

    /** Rules 5 and 6 after an activity that lasts so long. */
    private void order(Making from, Making to, Task.Wait wait, int guard, int duration) {
        if (guard == FALSE) {
            return;
        }
        Task first = from.task;
        Task then = to.task;
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
        int brief = main.brief;
        over(main, main.full, solver.all(shown[t], not(brief)));
        if (brief != FALSE) {
            over(main, main.shortened, brief);
        }
        if (!task.isFinal()) {
            return;
        }
        last(main, main.full, not(brief));
        if (swapped[t] != FALSE) {
            Making made = copy(task, task);
            last(made, made.full, swapped[t]);
        } else if (brief != FALSE) {
            last(main, main.shortened, brief);
            over(rest(task), rest(task).full, brief);
        }
    }

    /** The class is not over before it is, nor do the closing words begin. */
    private void over(Making making, int duration, int guard) {
        curtains.forEach(curtain -> solver.order(making.start, curtain, duration, guard));
    }

    private void last(Making making, int duration, int guard) {
        over(making, duration, guard);
        int keeps = making.task.keeps();
        if (keeps != Task.NONE && guard != FALSE) {
            int kept = solver.all(guard, by(6, Rule.Sort.KEEPS_TO_END, making.task, null, keeps));
            curtains.forEach(curtain -> solver.order(curtain, making.start, -keeps - duration, kept));
        }
    }

    /** Whether one waits, in the same copy, for all of the other, so that they never overlap. */
    boolean inSequence(Stretch one, Stretch two) {
        Making first = one.making();
        Making then = two.making();
        if (first == null || then == null || first.top != then.top) {
            return false;
        }
        if (first == then) {
            return one != two;
        }
        return comesBefore(first, then) || comesBefore(then, first);
    }

    /** Whether one waits, in the same copy, for all of the other. */
    boolean waitsFor(Stretch then, Stretch first) {
        Making one = first.making();
        Making two = then.making();
        return one != null && two != null && one.top == two.top && comesBefore(one, two);
    }

    private boolean comesBefore(Making first, Making then) {
        boolean waits = IntStream.of(then.task.before()).anyMatch(before -> before == first.task.number());
        // What is done out of sight waits for a finished one alone, so not for the raw one that is shown.
        return waits
                && (!then.outOfSight || IntStream.of(then.task.before()).allMatch(before -> swapped[before] == FALSE));
    }
}
