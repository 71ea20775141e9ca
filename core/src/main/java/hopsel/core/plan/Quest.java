package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.solve.Work;

import org.jspecify.annotations.Nullable;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** The search for the plan of one class, which can be asked for more once it has an answer. */
final class Quest {

    final CookingClass cooking;
    private final Wishes wishes;
    private final long effort;
    private final Consumer<Plan> better;
    private final BooleanSupplier enough;
    private final Problem problem;
    private boolean found;
    private @Nullable Goals goals;

    /**
     * @param better gets each plan that is better than those before
     * @param effort rules that may be looked at for the first answer
     * @param enough whether the best so far will do; a class without any plan is searched on
     */
    Quest(CookingClass cooking, Wishes wishes, Consumer<Plan> better, long effort, BooleanSupplier enough) {
        this.enough = enough;
        this.cooking = cooking;
        this.wishes = wishes;
        this.better = better;
        this.effort = effort;
        this.problem = new Problem(cooking);
    }

    /** The best plan, or why there is none. */
    Outcome first() {
        Outcome refused = Planner.refused(problem);
        if (refused != null) {
            return refused;
        }
        Goals asked = goals();
        goals = asked;
        return asked.best()
                .map(schedule -> outcome(asked, schedule))
                .orElseGet(() -> Planner.impossible(problem, wishes, asked.proven()));
    }

    /**
     * The best plan that ends by then, once there is a plan; empty where none was found.
     *
     * @param part of the effort of the first answer: a fourth part is 4
     */
    Optional<Outcome> endingBy(int seconds, int part) {
        Goals asked = goals;
        return asked == null
                ? Optional.empty()
                : asked.endingBy(seconds, effort / part).map(schedule -> outcome(asked, schedule));
    }

    /** The best plan in which all is shown, swapped out and shown in part as it is in another. */
    Outcome choosing(Plan like, int part) {
        Quest other = new Quest(cooking, wishes, plan -> {}, effort / part, enough);
        Goals asked = other.goals().choosing(like);
        return asked.best()
                .map(schedule -> other.outcome(asked, schedule))
                .orElseGet(() -> new Outcome(Plan.notFound(List.of()), false, 0));
    }

    /** The search for the plan of the same class, changed. */
    Quest of(CookingClass changed, int part) {
        return new Quest(changed, wishes, plan -> {}, effort / part, enough);
    }

    /** Whether there is a plan, and somebody says that it will do. */
    boolean stopped() {
        return found && enough.getAsBoolean();
    }

    private Goals goals() {
        return new Goals(problem, wishes, new Work(effort, this::stopped), schedule -> {
            found = true;
            better.accept(PlanBuilder.build(problem, wishes, schedule));
        });
    }

    private Outcome outcome(Goals asked, Schedule schedule) {
        return new Outcome(PlanBuilder.build(problem, wishes, schedule), asked.proven(), asked.least());
    }
}
