package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.TRUE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.solve.Solver;

import java.util.Arrays;

/** How many of some literals are true, as literals (the sequential counter of Sinz, 2005). */
final class Counter {

    /** At index k: literal that is true at least where more than k are. */
    private final int[] moreThan;

    Counter(Solver solver, int[] literals) {
        int[] sum = new int[literals.length];
        Arrays.fill(sum, FALSE);
        for (int i = 0; i < literals.length; i++) {
            int[] next = new int[literals.length];
            Arrays.fill(next, FALSE);
            for (int k = 0; k <= i; k++) {
                next[k] = solver.decision();
                solver.clause(not(sum[k]), next[k]);
                solver.clause(not(literals[i]), k == 0 ? FALSE : not(sum[k - 1]), next[k]);
            }
            sum = next;
        }
        this.moreThan = sum;
    }

    /** The literal to assume for at most so many. */
    int atMost(int most) {
        return most < moreThan.length ? not(moreThan[most]) : TRUE;
    }
}
