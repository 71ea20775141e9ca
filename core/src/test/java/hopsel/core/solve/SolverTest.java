package hopsel.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Whatever the solver answers is held against trying everything. */
class SolverTest {

    private static final int DECISIONS = 9;
    private static final int MOMENTS = 4;

    private record Order(int from, int to, int least, int guard) {}

    /** Clauses and guarded orders at random: small enough to try all ways, tight enough that about half have none. */
    private static final class Puzzle {

        private final Random random;
        private final List<int[]> clauses = new ArrayList<>();
        private final List<Order> orders = new ArrayList<>();

        Puzzle(long seed) {
            random = new Random(seed);
            for (int i = 0; i < 14; i++) {
                clauses.add(random.ints(3, 0, 2 * DECISIONS).toArray());
            }
            for (int i = 0; i < 16; i++) {
                int from = random.nextInt(MOMENTS);
                orders.add(new Order(
                        from,
                        (from + 1 + random.nextInt(MOMENTS - 1)) % MOMENTS,
                        random.nextInt(9) - 2,
                        random.nextInt(2 * DECISIONS)));
            }
        }

        boolean allows(boolean[] way) {
            return clauses.stream().allMatch(clause -> Arrays.stream(clause).anyMatch(literal -> holds(way, literal)))
                    && starts(way) != null;
        }

        /** Least starts from 0 to 10, or null; pushed until nothing moves. */
        int[] starts(boolean[] way) {
            int[] starts = new int[MOMENTS];
            boolean moved = true;
            while (moved) {
                moved = false;
                for (Order order : orders) {
                    if (holds(way, order.guard) && starts[order.from] + order.least > starts[order.to]) {
                        starts[order.to] = starts[order.from] + order.least;
                        moved = true;
                    }
                }
                if (Arrays.stream(starts).anyMatch(start -> start > 10)) {
                    return null;
                }
            }
            return starts;
        }

        static boolean holds(boolean[] way, int literal) {
            return way[literal / 2] == (literal % 2 == 0);
        }
    }

    private static int literal(int[] decisions, int code) {
        return code % 2 == 0 ? decisions[code / 2] : Literal.not(decisions[code / 2]);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 100, 200, 300})
    void findsAWayExactlyWhereThereIsOne(int from) {
        int found = 0;
        for (int seed = from; seed < from + 100; seed++) {
            Puzzle puzzle = new Puzzle(seed);
            Solver solver = new Solver();
            int[] decisions = new int[DECISIONS];
            Arrays.setAll(decisions, i -> solver.decision());
            int[] moments = new int[MOMENTS];
            Arrays.setAll(moments, i -> solver.moment(0, 10));
            puzzle.clauses.forEach(clause -> solver.clause(
                    Arrays.stream(clause).map(code -> literal(decisions, code)).toArray()));
            puzzle.orders.forEach(order ->
                    solver.order(moments[order.from], moments[order.to], order.least, literal(decisions, order.guard)));
            Guide guide = () ->
                    Arrays.stream(decisions).filter(solver::open).findFirst().orElse(Guide.DONE);
            int[] assumed = {literal(decisions, seed % 2), literal(decisions, 2 + seed / 2 % 2)};
            Answer answer = solver.solve(assumed, guide, Long.MAX_VALUE, new Work(Long.MAX_VALUE));
            boolean possible = false;
            for (int way = 0; way < 1 << DECISIONS; way++) {
                boolean[] bits = new boolean[DECISIONS];
                for (int d = 0; d < DECISIONS; d++) {
                    bits[d] = (way >> d & 1) == 1;
                }
                possible |= Puzzle.holds(bits, seed % 2) && Puzzle.holds(bits, 2 + seed / 2 % 2) && puzzle.allows(bits);
            }
            assertThat(answer).as("puzzle %d", seed).isEqualTo(possible ? Answer.FOUND : Answer.NONE);
            if (answer == Answer.FOUND) {
                boolean[] way = new boolean[DECISIONS];
                for (int d = 0; d < DECISIONS; d++) {
                    way[d] = solver.value(decisions[d]) > 0;
                }
                assertThat(puzzle.allows(way)).isTrue();
                assertThat(Arrays.stream(moments).map(solver::lowest).toArray()).isEqualTo(puzzle.starts(way));
                found++;
            }
        }
        assertThat(found).as("puzzles that have a way").isBetween(10, 90);
    }

    @Test
    void namesTheAssumptionsThatCannotHoldTogether() {
        Solver solver = new Solver();
        int early = solver.decision();
        int late = solver.decision();
        int beside = solver.decision();
        int zero = solver.moment(0, 0);
        int start = solver.moment(0, 100);
        solver.order(start, zero, -10, early);
        solver.order(zero, start, 20, late);
        assertThat(solver.solve(new int[] {beside, early, late}, () -> Guide.DONE, 100, new Work(10_000)))
                .isEqualTo(Answer.NONE);
        assertThat(solver.failed()).containsExactlyInAnyOrder(early, late);
        assertThat(solver.solve(new int[] {beside, late}, () -> Guide.DONE, 100, new Work(10_000)))
                .isEqualTo(Answer.FOUND);
        assertThat(solver.lowest(start)).isEqualTo(20);
    }

    @Test
    void whatHasNoRoomIsPushedOutOfTheWay() {
        Solver solver = new Solver();
        int zero = solver.moment(0, 0);
        int big = solver.moment(3, 4);
        int small = solver.moment(0, 50);
        int tiny = solver.moment(2, 50);
        solver.capacity(
                3,
                List.of(
                        new Demand(big, 10, 10, Literal.FALSE, 2, Literal.TRUE),
                        new Demand(small, 5, 5, Literal.FALSE, 2, Literal.TRUE),
                        new Demand(tiny, 5, 5, Literal.FALSE, 1, Literal.TRUE)));
        solver.order(zero, small, 0, Literal.TRUE);
        assertThat(solver.solve(new int[0], () -> Guide.DONE, 10, new Work(10_000)))
                .isEqualTo(Answer.FOUND);
        assertThat(solver.lowest(small)).isEqualTo(13);
        assertThat(solver.lowest(tiny)).isEqualTo(2);
    }

    @Test
    void givesUpWhenTheEffortIsSpentAndSaysSo() {
        Solver solver = new Solver();
        int[] decisions = new int[40];
        Arrays.setAll(decisions, i -> solver.decision());
        Random random = new Random(1);
        for (int i = 0; i < 170; i++) {
            solver.clause(
                    random.ints(3, 0, 80).map(code -> literal(decisions, code)).toArray());
        }
        assertThat(solver.solve(
                        new int[0],
                        () -> Arrays.stream(decisions)
                                .filter(solver::open)
                                .findFirst()
                                .orElse(Guide.DONE),
                        1_000_000,
                        new Work(50)))
                .isEqualTo(Answer.UNKNOWN);
    }
}
