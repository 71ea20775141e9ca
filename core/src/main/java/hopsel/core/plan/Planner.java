package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Problem.Task;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Plans a class: sections 4 and 5 of the class file's contract.
 *
 * <p>The rules become decisions and moments ({@link Model}); a solver that learns from what goes wrong looks for plans,
 * level by level ({@link Goals}). Where the rules contradict each other, the answer is a smallest set of them
 * ({@link Contradiction}). Deterministic: effort is counted in work, not in seconds. See docs/planner.md.
 */
public final class Planner {

    /**
     * Rules that may be looked at, for each step and for any class; about a second for 40 steps on an ordinary machine.
     */
    private static final long WORK_FOR_EACH = 500_000;

    private static final long WORK_AT_LEAST = 6_000_000;

    /**
     * Activities, those of swap-outs with them, that are planned at once: beyond it the search wants more memory than a
     * small machine has.
     */
    private static final int MOST = 800;

    private static final int MOST_STEPS = 320;

    private Planner() {}

    /** The plan of a class that was reviewed without a finding. */
    public static Plan plan(CookingClass cooking) {
        return answer(cooking, Wishes.NONE).plan();
    }

    /** The plan that also keeps to what the host wants, and how good it is. */
    public static Outcome answer(CookingClass cooking, Wishes wishes) {
        return answer(cooking, wishes, plan -> {});
    }

    /**
     * The same; on the way every plan that is found is handed on.
     *
     * @param better gets each plan that is better than those before
     */
    public static Outcome answer(CookingClass cooking, Wishes wishes, Consumer<Plan> better) {
        return answer(cooking, wishes, better, () -> false);
    }

    /**
     * The same, until somebody says that the best so far will do. A plan that was stopped depends on when that was; it
     * keeps all rules all the same.
     *
     * @param enough asked again and again; a class of which no plan is found yet is searched on
     */
    public static Outcome answer(CookingClass cooking, Wishes wishes, Consumer<Plan> better, BooleanSupplier enough) {
        return answer(cooking, wishes, better, Long.MAX_VALUE, enough);
    }

    /** A plan at little effort, for asking what would be if. */
    public static Outcome sketch(CookingClass cooking, Wishes wishes) {
        return answer(cooking, wishes, plan -> {}, WORK_AT_LEAST / 2, () -> false);
    }

    private static Outcome answer(
            CookingClass cooking, Wishes wishes, Consumer<Plan> better, long most, BooleanSupplier enough) {
        Quest quest = new Quest(cooking, wishes, better, Math.min(most, effort(cooking)), enough);
        boolean sure =
                Edition.of(cooking) == Edition.SECOND && cooking.tempo().sure().isPresent();
        return sure ? Sureness.plan(quest) : quest.first();
    }

    /** Why a class cannot be planned, before anything is tried; null where it may be. */
    static @Nullable Outcome refused(Problem problem) {
        if (problem.tasks.size() > MOST_STEPS || problem.size() > MOST) {
            return impossible(problem, List.of(tooLarge(problem)), false);
        }
        List<Conflict> missing = missingPlaces(problem);
        return missing.isEmpty() ? null : impossible(problem, missing, true);
    }

    private static long effort(CookingClass cooking) {
        long steps = cooking.dishes().stream()
                .mapToLong(dish -> dish.steps().count())
                .sum();
        return WORK_AT_LEAST + WORK_FOR_EACH * steps;
    }

    /** No plan was found: the reasons, as far as there are any. */
    static Outcome impossible(Problem problem, Wishes wishes, boolean proven) {
        List<Conflict> conflicts = Contradiction.explain(problem, wishes);
        return impossible(
                problem,
                conflicts.isEmpty() ? List.of(nothingFound(problem, !proven)) : conflicts,
                proven || !conflicts.isEmpty());
    }

    private static Outcome impossible(Problem problem, List<Conflict> conflicts, boolean proven) {
        Plan none = proven ? Plan.impossible(conflicts) : Plan.notFound(conflicts);
        return new Outcome(problem.second ? none.paced(Pace.NONE) : none, proven, 0);
    }

    private static Conflict tooLarge(Problem problem) {
        return new Conflict(
                12,
                List.of(),
                ("This class has %d steps, and with their swap-outs %d things to plan. At most %d steps and %d "
                                + "things can be planned at once. Hold it as two classes, or put short steps together.")
                        .formatted(problem.tasks.size(), problem.size(), MOST_STEPS, MOST));
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
        int most = problem.machines.stream()
                .filter(machine ->
                        machine.resource() != null && machine.resource().kind().equals(kind))
                .mapToInt(Machine::capacity)
                .max()
                .orElse(0);
        String there = most == 0 ? "this kitchen has none" : "the largest here has %d".formatted(most);
        return new Conflict(
                12,
                List.of(task.ref()),
                "%s needs %s with %d %s; %s. Bring one, or change the step."
                        .formatted(Words.quoted(task), kind, units, units == 1 ? "place" : "places", there));
    }

    private static Conflict nothingFound(Problem problem, boolean gaveUp) {
        List<StepRef> held = problem.tasks.stream()
                .filter(task -> task.hands() || !task.requirements().isEmpty())
                .filter(task ->
                        task.keeps() != Task.NONE || task.waits().stream().anyMatch(wait -> wait.within() != Task.NONE))
                .map(Task::ref)
                .toList();
        String message = gaveUp
                ? "No order was found in which people and places are enough for the steps that can't wait. There may "
                        + "be one: "
                : "There's no order in which people and places are enough for the steps that can't wait. ";
        return new Conflict(12, held, message + "Let something keep longer, or bring more hands, rings or shelves.");
    }
}
