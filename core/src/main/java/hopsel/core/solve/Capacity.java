package hopsel.core.solve;

import java.util.List;

/**
 * No more in one place at one time than it has room for.
 *
 * <p>Time-table reasoning with explanations (Schutt, Feydt, Stuckey and Wallace, 2011): between its latest start and
 * its earliest end a demand holds its units whatever happens; what has no room beside that is pushed out of the way.
 * And what has to lie between two moments cannot be more than fits there (the overload check).
 */
final class Capacity {

    private final Solver solver;
    private final Moments moments;
    private final Demand[] demands;
    private final int room;
    private final int[] earliest;
    private final int[] latest;
    private final int[] lasts;
    private final boolean[] held;
    private final int[] byEnd;

    Capacity(Solver solver, Moments moments, int room, List<Demand> demands) {
        this.solver = solver;
        this.moments = moments;
        this.room = room;
        this.demands = demands.toArray(Demand[]::new);
        this.earliest = new int[this.demands.length];
        this.latest = new int[this.demands.length];
        this.lasts = new int[this.demands.length];
        this.held = new boolean[this.demands.length];
        this.byEnd = new int[this.demands.length];
    }

    /** Pushes what has no room, or finds that there is too much for the time; stops at the first change. */
    boolean push() {
        boolean certain = look();
        return (certain && room > 1 && squeezeAny()) || overload();
    }

    /** Reads off how things stand; whether anything holds its units whatever happens. */
    private boolean look() {
        boolean any = false;
        for (int d = 0; d < demands.length; d++) {
            Demand demand = demands[d];
            held[d] = solver.value(demand.held()) > 0;
            earliest[d] = moments.lowest(demand.start());
            latest[d] = moments.highest(demand.start());
            lasts[d] = solver.value(demand.isBrief()) < 0 ? demand.full() : demand.brief();
            any |= held[d] && latest[d] < earliest[d] + lasts[d];
        }
        solver.count(demands.length);
        return any;
    }

    private boolean squeezeAny() {
        for (int d = 0; d < demands.length; d++) {
            if (held[d] && squeeze(d)) {
                return true;
            }
        }
        return false;
    }

    /** Whether what has to lie between two moments is more than there is room for. */
    private boolean overload() {
        int n = 0;
        for (int d = 0; d < demands.length; d++) {
            if (held[d]) {
                byEnd[n++] = d;
            }
        }
        sortByEnd(n);
        solver.count(n * n / 4);
        for (int first = 0; first < n; first++) {
            int from = earliest[byEnd[first]];
            long sum = 0;
            for (int i = 0; i < n; i++) {
                int d = byEnd[i];
                if (earliest[d] >= from) {
                    sum += (long) lasts[d] * demands[d].units();
                    if (sum > (long) room * (latest[d] + lasts[d] - from)) {
                        solver.conflict(tooMuch(from, latest[d] + lasts[d]));
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private void sortByEnd(int n) {
        for (int i = 1; i < n; i++) {
            int d = byEnd[i];
            int end = latest[d] + lasts[d];
            int at = i - 1;
            while (at >= 0 && latest[byEnd[at]] + lasts[byEnd[at]] > end) {
                byEnd[at + 1] = byEnd[at--];
            }
            byEnd[at + 1] = d;
        }
    }

    private Deduction tooMuch(int from, int to) {
        Ints guards = new Ints();
        Ints entries = new Ints();
        for (int d = 0; d < demands.length; d++) {
            if (held[d] && earliest[d] >= from && latest[d] + lasts[d] <= to) {
                guards.add(demands[d].held());
                length(d, guards);
                entries.add(moments.entry(2 * demands[d].start()));
                entries.add(moments.entry(2 * demands[d].start() + 1));
            }
        }
        return new Deduction(guards.toArray(), entries.toArray());
    }

    private boolean squeeze(int d) {
        for (int other = 0; other < demands.length; other++) {
            if (other != d && certain(other)) {
                int early = Math.max(latest[other], earliest[d]);
                if (early < Math.min(earliest[other] + lasts[other], earliest[d] + lasts[d]) && overfull(d, early)) {
                    int end = Integer.MAX_VALUE;
                    for (int c = 0; c < demands.length; c++) {
                        end = covers(c, d, early) ? Math.min(end, earliest[c] + lasts[c]) : end;
                    }
                    solver.deduce(2 * demands[d].start(), end, reason(d, early, 2 * demands[d].start()));
                    return true;
                }
                int late = Math.max(latest[other], latest[d]);
                if (late < Math.min(earliest[other] + lasts[other], latest[d] + lasts[d]) && overfull(d, late)) {
                    int begin = Integer.MIN_VALUE;
                    for (int c = 0; c < demands.length; c++) {
                        begin = covers(c, d, late) ? Math.max(begin, latest[c]) : begin;
                    }
                    solver.deduce(
                            2 * demands[d].start() + 1, lasts[d] - begin, reason(d, late, 2 * demands[d].start() + 1));
                    return true;
                }
            }
        }
        return false;
    }

    private boolean certain(int d) {
        return held[d] && latest[d] < earliest[d] + lasts[d];
    }

    private boolean covers(int c, int but, int moment) {
        return c != but && held[c] && latest[c] <= moment && moment < earliest[c] + lasts[c];
    }

    private boolean overfull(int d, int moment) {
        solver.count(demands.length / 4);
        int sum = demands[d].units();
        for (int c = 0; c < demands.length; c++) {
            sum += covers(c, d, moment) ? demands[c].units() : 0;
        }
        return sum > room;
    }

    private Deduction reason(int d, int moment, int side) {
        Ints guards = new Ints();
        Ints entries = new Ints();
        guards.add(demands[d].held());
        entries.add(moments.entry(side));
        length(d, guards);
        for (int c = 0; c < demands.length; c++) {
            if (covers(c, d, moment)) {
                guards.add(demands[c].held());
                length(c, guards);
                entries.add(moments.entry(2 * demands[c].start()));
                entries.add(moments.entry(2 * demands[c].start() + 1));
            }
        }
        return new Deduction(guards.toArray(), entries.toArray());
    }

    private void length(int d, Ints guards) {
        if (solver.value(demands[d].isBrief()) < 0) {
            guards.add(Literal.not(demands[d].isBrief()));
        }
    }
}
