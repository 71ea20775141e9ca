package hopsel.core.plan;

import static hopsel.core.solve.Literal.not;

import hopsel.core.solve.Answer;
import hopsel.core.solve.Literal;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The least price from below: everything is assumed to cost nothing; where some of it cannot all be free, one of that
 * core is paid, and it is assumed that no second one is, and so on, until there is a plan (core-guided search with
 * totals of each core: Andres, Kaufmann, Matheis and Schaub, "Unsatisfiability-based optimization in clasp", 2012).
 */
final class Cores {

    private static final long PATIENCE = 400;

    private final Attempts attempts;
    /** What is still assumed to be free, and what it costs if it is not. */
    private final Map<Integer, Integer> free = new LinkedHashMap<>();
    /** By the literal that no more than so many of a core are paid. */
    private final Map<Integer, Total> totals = new HashMap<>();

    private int least;

    private record Total(Counter counter, int most, int size) {}

    /** @param prices by literal, what it costs where it is true; above 0 */
    Cores(Attempts attempts, Map<Integer, Integer> prices) {
        this.attempts = attempts;
        prices.forEach((literal, price) -> free.put(not(literal), price));
    }

    /** The price that no plan is below, as far as that was proven; the plan that was found last costs no less. */
    int run(int known) {
        Answer answer = Answer.NONE;
        while (answer == Answer.NONE && least < known && !attempts.spent()) {
            int[] assumed = free.keySet().stream().mapToInt(Integer::intValue).toArray();
            answer = attempts.attempt(PATIENCE, attempts.left() / 4 + 1, assumed);
            if (answer == Answer.NONE) {
                pay(Arrays.stream(attempts.solver.failed())
                        .filter(free::containsKey)
                        .toArray());
            }
        }
        return least;
    }

    private void pay(int[] core) {
        if (core.length == 0) {
            // It is no price that is in the way.
            least = Integer.MAX_VALUE;
            return;
        }
        int price = Arrays.stream(core).map(free::get).min().orElseThrow();
        least += price;
        attempts.solver.reset();
        for (int literal : core) {
            free.merge(literal, -price, Integer::sum);
            free.remove(literal, 0);
            Total total = totals.get(literal);
            if (total != null) {
                atMost(total.counter, total.most + 1, total.size, price);
            }
        }
        if (core.length > 1) {
            int[] paid = Arrays.stream(core).map(Literal::not).toArray();
            atMost(new Counter(attempts.solver, paid), 1, paid.length, price);
        }
    }

    private void atMost(Counter counter, int most, int size, int price) {
        if (most < size) {
            int literal = counter.atMost(most);
            totals.put(literal, new Total(counter, most, size));
            free.merge(literal, price, Integer::sum);
        }
    }
}
