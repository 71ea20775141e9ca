package hopsel.core.plan;

import hopsel.core.plan.Network.Node;
import hopsel.core.plan.Problem.Task;
import hopsel.core.plan.Schedule.HandsAt;
import hopsel.core.plan.Schedule.TalkAt;
import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Solver;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What the solver found, as a schedule. */
final class Reading {

    private final Model model;
    private final Solver solver;

    Reading(Model model) {
        this.model = model;
        this.solver = model.solver;
    }

    Schedule schedule() {
        Choice choice = Choice.open(model.problem);
        for (Task task : model.problem.tasks) {
            int t = task.number();
            if (choice.showOpen(t)) {
                choice = choice.withShown(t, solver.value(model.shown[t]) > 0);
            }
            if (choice.swapOpen(t)) {
                choice = choice.withSwapped(t, solver.value(model.swapped[t]) > 0);
            }
            if (solver.value(model.split[t]) > 0) {
                choice = choice.withSplit(t);
            }
        }
        Network network = new Network(model.problem, choice);
        int[] starts = new int[network.end + 1];
        int[] people = new int[network.end];
        int[][] machines = new int[network.end][];
        List<List<HandsAt>> hands = new ArrayList<>();
        for (int n = 0; n < network.end; n++) {
            Making making = making(network.nodes.get(n));
            starts[n] = solver.lowest(making.start);
            int needs = making.task.requirements().size();
            machines[n] = making.uses.subList(0, needs).stream()
                    .mapToInt(this::chosen)
                    .toArray();
            people[n] = making.task.hands() ? chosen(making.uses.get(needs)) : Schedule.NOBODY;
            hands.add(hands(making));
        }
        starts[network.end] = solver.lowest(model.end);
        return new Schedule(network, starts, people, machines, hands, talk());
    }

    private List<HandsAt> hands(Making making) {
        return making.hands.stream()
                .filter(hands -> solver.value(hands.present) > 0)
                .map(hands -> new HandsAt(hands.part, hands.offset, hands.full, chosen(hands.uses.get(0))))
                .toList();
    }

    private List<TalkAt> talk() {
        return model.speeches.stream()
                .map(speech -> new TalkAt(speech.piece, solver.lowest(speech.start), chosen(speech.uses.get(0))))
                .sorted(Comparator.comparingInt(TalkAt::start))
                .toList();
    }

    private Making making(Node node) {
        if (node.copy().part()) {
            return model.rest(node.task());
        }
        return node.copy().isMain()
                ? model.makings.get(node.task().number())
                : model.copy(model.problem.task(node.copy().swapOf().orElseThrow()), node.task());
    }

    private int chosen(List<Use> need) {
        return need.stream()
                .filter(use -> solver.value(use.literal()) > 0)
                .mapToInt(Use::machine)
                .findFirst()
                .orElseThrow();
    }
}
