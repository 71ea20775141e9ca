package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.plan.Problem.Task;
import hopsel.core.solve.Solver;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What a choice costs: {@code swapCost} for each step swapped out, {@code worth} for each that may be shown and is not,
 * and 1 for each shown in part.
 */
final class Price {

    private static final int IN_PART = 1;

    private Price() {}

    static int of(Problem problem, Choice choice) {
        int sum = 0;
        for (Task task : problem.tasks) {
            int t = task.number();
            sum += choice.isSwapped(t) ? problem.cooking.tempo().swapCost() : 0;
            sum += choice.isSplit(t) ? IN_PART : 0;
            sum += task.may() && choice.isHidden(t) ? task.step().worth() : 0;
        }
        return sum;
    }

    /** What each literal of a model costs where it is true. */
    static Map<Integer, Integer> of(Model model) {
        Map<Integer, Integer> prices = new LinkedHashMap<>();
        for (Task task : model.problem.tasks) {
            int t = task.number();
            prices.put(model.swapped[t], model.problem.cooking.tempo().swapCost());
            prices.put(model.split[t], IN_PART);
            prices.put(task.may() ? not(model.shown[t]) : FALSE, task.step().worth());
        }
        prices.keySet().remove(FALSE);
        prices.values().removeIf(price -> price == 0);
        return prices;
    }

    /**
     * The same as a moment of a model: one after another each adds its price where it is chosen, so that the moment
     * comes no earlier than the price, and a limit to it is told like any other order.
     */
    static int moment(Model model) {
        Solver solver = model.solver;
        int last = model.zero;
        for (Map.Entry<Integer, Integer> price : of(model).entrySet()) {
            int next = solver.moment(0, Calendar.NEVER);
            solver.order(last, next, 0, TRUE);
            solver.order(last, next, price.getValue(), price.getKey());
            last = next;
        }
        int price = solver.moment(0, Calendar.NEVER);
        solver.order(last, price, 0, TRUE);
        return price;
    }
}
