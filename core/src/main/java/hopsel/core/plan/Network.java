package hopsel.core.plan;

import hopsel.core.Known;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Problem.Task;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The activities of a choice and every rule between two of them, as {@code start(to) ≥ start(from) + least}.
 *
 * <p>Upper limits (keeps, within) are the same inequality the other way round, with a negative least. The last node is
 * the end of the class.
 */
final class Network {

    final Problem problem;
    final Choice choice;
    final List<Node> nodes = new ArrayList<>();
    final List<Edge> edges = new ArrayList<>();
    /** Number of the node that stands for {@code airEnd}. */
    final int end;

    private final Map<Integer, Map<Integer, Integer>> copies = new HashMap<>();
    private final Map<Integer, Integer> rests = new HashMap<>();

    Network(Problem problem, Choice choice) {
        this.problem = problem;
        this.choice = choice;
        problem.tasks.forEach(this::addMain);
        problem.tasks.stream().filter(task -> choice.isSwapped(task.number())).forEach(this::addCopies);
        problem.tasks.stream().filter(task -> choice.isSplit(task.number())).forEach(this::addRest);
        this.end = nodes.size();
        problem.tasks.forEach(this::orderMain);
        problem.tasks.stream().filter(task -> choice.isSwapped(task.number())).forEach(this::orderCopies);
        problem.tasks.forEach(this::orderEnd);
    }

    private void addMain(Task task) {
        int t = task.number();
        Calendar calendar = choice.isShown(t) ? Calendar.of(List.of(), 0, true) : hidden(task, task.duration());
        nodes.add(new Node(task, Copy.MAIN, onAir(task), choice.isShown(t), calendar));
    }

    /** Seconds of the main activity. */
    private int onAir(Task task) {
        if (choice.isSwapped(task.number())) {
            return task.shownFor();
        }
        return choice.isSplit(task.number()) ? task.partFor() : task.duration();
    }

    private void addRest(Task task) {
        rests.put(task.number(), nodes.size());
        int duration = task.duration() - task.partFor();
        nodes.add(new Node(task, Copy.PART, duration, false, hidden(task, duration)));
    }

    private Calendar hidden(Task task, int duration) {
        return Calendar.of(problem.windows, task.hands() ? duration : 0, !task.hands() || problem.hasAssistant);
    }

    private void addCopies(Task top) {
        Map<Integer, Integer> own = new HashMap<>();
        for (int before : top.before()) {
            if (choice.isShown(before)) {
                addCopy(top, problem.tasks.get(before), own);
            }
        }
        addCopy(top, top, own);
        copies.put(top.number(), own);
    }

    private void addCopy(Task top, Task task, Map<Integer, Integer> own) {
        own.put(task.number(), nodes.size());
        Task made = task.offCamera();
        nodes.add(new Node(made, Copy.swap(top.ref()), made.duration(), false, hidden(made, made.duration())));
    }

    private void orderMain(Task task) {
        for (Task.Wait wait : task.waits()) {
            int b = wait.before();
            if (choice.isSwapped(b)) {
                edge(b, task.number(), nodes.get(b).duration, 10, wait);
            }
            orderAfter(b, task.number(), wait);
            if (choice.isSplit(task.number())) {
                orderAfter(b, Known.in(rests, task.number()), wait);
            }
        }
    }

    private void orderAfter(int before, int to, Task.Wait wait) {
        if (choice.isSwapped(before)) {
            order(Known.in(Known.in(copies, before), before), to, wait, 10);
            return;
        }
        order(before, to, wait, 5);
        if (choice.isSplit(before)) {
            int rest = Known.in(rests, before);
            edge(rest, to, nodes.get(rest).duration + wait.least(), 20, wait);
        }
    }

    /** Rules 5 and 6 between two activities. */
    private void order(int from, int to, Task.Wait wait, int rule) {
        int duration = nodes.get(from).duration;
        edge(from, to, duration + wait.least(), rule, wait);
        if (wait.within() != Task.NONE) {
            edges.add(new Edge(to, from, -wait.within() - duration, rule, Edge.Sort.WITHIN, wait.within()));
        }
        int keeps = nodes.get(from).task.keeps();
        if (keeps != Task.NONE) {
            edges.add(new Edge(to, from, -keeps - duration, rule == 10 ? 10 : 6, Edge.Sort.KEEPS, keeps));
        }
    }

    private void edge(int from, int to, int least, int rule, Task.Wait wait) {
        edges.add(new Edge(from, to, least, rule, Edge.Sort.ORDER, wait.least()));
    }

    private void orderCopies(Task top) {
        Map<Integer, Integer> own = Known.in(copies, top.number());
        orderCopy(top, own);
        for (int before : top.before()) {
            orderCopy(problem.tasks.get(before), own);
        }
    }

    private void orderCopy(Task task, Map<Integer, Integer> own) {
        int to = standIn(task.number(), own);
        for (Task.Wait wait : task.waits()) {
            int from = standIn(wait.before(), own);
            if (!(nodes.get(from).copy.isMain() && nodes.get(to).copy.isMain())) {
                order(from, to, wait, 5);
            }
        }
    }

    /** The copy of a task inside a swap-out, or the shared main activity. */
    private static int standIn(int task, Map<Integer, Integer> own) {
        return own.getOrDefault(task, task);
    }

    private void orderEnd(Task task) {
        int t = task.number();
        if (choice.isShown(t) || (task.isFinal() && !choice.isSwapped(t))) {
            edges.add(new Edge(t, end, nodes.get(t).duration, 7, Edge.Sort.END, 0));
        }
        if (!task.isFinal()) {
            return;
        }
        if (choice.isSplit(t)) {
            int rest = Known.in(rests, t);
            edges.add(new Edge(rest, end, nodes.get(rest).duration, 20, Edge.Sort.END, 0));
        }
        int made = choice.isSwapped(t) ? Known.in(Known.in(copies, t), t) : t;
        edges.add(new Edge(made, end, nodes.get(made).duration, 7, Edge.Sort.END, 0));
        if (task.keeps() != Task.NONE) {
            edges.add(new Edge(end, made, -task.keeps() - nodes.get(made).duration, 6, Edge.Sort.KEEPS, task.keeps()));
        }
    }

    /**
     * An activity.
     *
     * @param shown certainly on air
     * @param calendar when it may start, whoever does it
     */
    record Node(Task task, Copy copy, int duration, boolean shown, Calendar calendar) {

        StepRef ref() {
            return task.ref();
        }
    }

    /**
     * {@code start(to) ≥ start(from) + least}.
     *
     * @param rule of the contract that asks for it
     * @param sort which part of the rule
     * @param figure seconds that the cook wrote, for messages
     */
    record Edge(int from, int to, int least, int rule, Sort sort, int figure) {

        enum Sort {
            ORDER,
            WITHIN,
            KEEPS,
            END
        }
    }
}
