package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Problem.Task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Plans a class: sections 4 and 5 of the class file's contract.
 *
 * <p>First the rules alone are looked at, as if everybody could do everything at once; if they contradict each other,
 * the answer is a smallest set of them. Then choices are searched ({@link ChoiceSearch}) and scheduled
 * ({@link Scheduler}). Deterministic: effort is counted in work, not in seconds.
 */
public final class Planner {

    /** Enough for a class of some 60 steps; about a second on an ordinary machine. */
    private static final long WORK = 60_000_000;

    private Planner() {
    }

    /** The plan of a class that was reviewed without a finding. */
    public static Plan plan(CookingClass cooking) {
        Problem problem = new Problem(cooking);
        List<Conflict> missing = missingPlaces(problem);
        if (!missing.isEmpty()) {
            return Plan.impossible(missing);
        }
        Network relaxed = new Network(problem, Choice.open(problem));
        if (!Relaxation.of(relaxed).possible()) {
            return Plan.impossible(Contradiction.explain(problem, relaxed));
        }
        ChoiceSearch search = new ChoiceSearch(problem, new Budget(WORK));
        Optional<Schedule> best = search.best();
        return best.map(schedule -> PlanBuilder.build(problem, schedule))
                .orElseGet(() -> Plan.impossible(List.of(nothingFound(problem, search.gaveUp()))));
    }

    private static List<Conflict> missingPlaces(Problem problem) {
        List<Conflict> conflicts = new ArrayList<>();
        for (Task task : problem.tasks) {
            for (int i = 0; i < task.requirements().size(); i++) {
                if (task.requirements().get(i).able().length == 0) {
                    conflicts.add(missingPlace(problem, task, i));
                }
            }
        }
        return conflicts;
    }

    private static Conflict missingPlace(Problem problem, Task task, int need) {
        String kind = task.step().needs().get(need).kind();
        int units = task.step().needs().get(need).units();
        int most = problem.machines.stream().filter(machine -> machine.resource() != null
                && machine.resource().kind().equals(kind)).mapToInt(Machine::capacity).max().orElse(0);
        String there = most == 0 ? "this kitchen has none" : "the largest here has %d".formatted(most);
        return new Conflict(12, List.of(task.ref()), "%s needs %s with %d %s; %s. Bring one, or change the step."
                .formatted(Words.quoted(task), kind, units, units == 1 ? "place" : "places", there));
    }

    private static Conflict nothingFound(Problem problem, boolean gaveUp) {
        List<StepRef> held = problem.tasks.stream()
                .filter(task -> task.hands() || !task.requirements().isEmpty())
                .filter(task -> task.keeps() != Task.NONE || task.waits().stream().anyMatch(wait -> wait.within() != Task.NONE))
                .map(Task::ref).toList();
        String message = gaveUp
                ? "No order was found in which people and places suffice for steps that may not wait. There may be one: "
                : "There is no order in which people and places suffice for steps that may not wait. ";
        return new Conflict(12, held, message + "Let something keep longer, or bring more hands, rings or shelves.");
    }
}
