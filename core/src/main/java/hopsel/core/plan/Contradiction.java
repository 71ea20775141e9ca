package hopsel.core.plan;

import hopsel.core.solve.Answer;
import hopsel.core.solve.Guide;
import hopsel.core.solve.Work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A smallest set of rules that contradict each other: taking any one of them away would leave no contradiction.
 *
 * <p>A deletion filter (Chinneck, "Feasibility and Infeasibility in Optimization", 2008), which begins with the rules
 * that the solver needed for its proof.
 */
final class Contradiction {

    private static final long WORK = 20_000_000;
    private static final long TRIES = 2_000;

    private final Problem problem;
    private final Model model;
    private final Guide guide;
    private final Work work = new Work(WORK);

    private Contradiction(Problem problem, Wishes wishes) {
        this.problem = problem;
        this.model = Model.blaming(problem, wishes);
        this.guide = new Branching(model, new Places(model));
    }

    /** Why there is no plan; empty where that could not be shown with the effort allowed. */
    static List<Conflict> explain(Problem problem, Wishes wishes) {
        return new Contradiction(problem, wishes).conflicts();
    }

    private List<Conflict> conflicts() {
        int[] all = model.rules().values().stream().mapToInt(Integer::intValue).toArray();
        if (solve(all) != Answer.NONE) {
            return List.of();
        }
        int[] core = model.solver.failed();
        for (int literal : core.clone()) {
            int[] less = Arrays.stream(core).filter(other -> other != literal).toArray();
            if (less.length < core.length && solve(less) == Answer.NONE) {
                core = model.solver.failed();
            }
        }
        return messages(core);
    }

    private Answer solve(int[] rules) {
        return model.solver.solve(rules, guide, TRIES, work);
    }

    private List<Conflict> messages(int[] core) {
        Set<Integer> kept = new HashSet<>(Arrays.stream(core).boxed().toList());
        List<Conflict> conflicts = new ArrayList<>();
        for (Map.Entry<Rule, Integer> rule : model.rules().entrySet()) {
            if (kept.contains(rule.getValue())) {
                conflicts.add(rule.getKey().conflict(problem));
            }
        }
        return conflicts.stream().distinct().toList();
    }
}
