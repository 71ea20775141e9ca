package hopsel.core.solve;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds decisions under which all rules hold: clauses between decisions, and guarded orders between moments.
 *
 * <p>Conflict-driven search with learnt clauses (Marques-Silva and Sakallah, 1999; two watched literals, Moskewicz et
 * al., 2001) over difference constraints (Cotton and Maler, "Fast and flexible difference constraint propagation for
 * DPLL(T)", 2006). What is learnt is about decisions only: a bound is explained by the guards along its chain. Once
 * everything is decided, the lowest value of every moment is a solution.
 */
public final class Solver {

    private static final int RESTART = 60;

    private final Trail trail = new Trail();
    private final Clauses clauses = new Clauses(trail);
    private final Moments moments = new Moments();
    private final List<List<Edge>> guarded = new ArrayList<>();
    private final List<Capacity> capacities = new ArrayList<>();
    /** What was followed up of the trail, and of the changes of bounds. */
    private int followed;

    private int pushed;
    private final List<Edge> fresh = new ArrayList<>();
    private boolean moved = true;

    /** Literals of which not all can be true, after a rule broke. */
    private final Ints broken = new Ints();

    private boolean contradicted;
    private Work work = new Work(Long.MAX_VALUE);
    private long conflicts;
    private int[] failed = {};

    /** A solver that knows only that true is true. */
    public Solver() {
        decision();
        assign(Literal.TRUE, null);
    }

    // ---- what there is

    /** A new decision; the answer is its literal. */
    public int decision() {
        clauses.grow();
        guarded.add(new ArrayList<>());
        guarded.add(new ArrayList<>());
        return Literal.of(trail.add());
    }

    /** A new moment between two bounds, in seconds; the answer is its number. */
    public int moment(int lowest, int highest) {
        return moments.add(lowest, highest);
    }

    /** At least one of the literals is true, whatever is decided already. */
    public void clause(int... literals) {
        int[] kept = Arrays.stream(literals)
                .filter(literal -> !trail.fixed(literal, -1))
                .distinct()
                .toArray();
        if (Arrays.stream(kept).anyMatch(literal -> trail.fixed(literal, 1))) {
            return;
        }
        if (kept.length <= 1) {
            single(kept);
            return;
        }
        Clause clause = new Clause(kept, 0);
        clauses.watch(clause);
        if (value(kept[1]) < 0) {
            follow(clause);
        }
    }

    /** A clause of one literal, or none, holds for good. */
    private void single(int[] kept) {
        back(0);
        if (kept.length == 0 || value(kept[0]) < 0) {
            contradicted = true;
        } else if (value(kept[0]) == 0) {
            assign(kept[0], null);
        }
    }

    /** {@code to ≥ from + least} wherever the guard holds. */
    public void order(int from, int to, int least, int guard) {
        if (trail.fixed(guard, -1)) {
            return;
        }
        Edge edge = new Edge(from, to, least, guard);
        moments.link(edge);
        guarded.get(guard).add(edge);
        fresh.add(edge);
    }

    /** Never more units in use at once than there is room. */
    public void capacity(int room, List<Demand> demands) {
        capacities.add(new Capacity(this, moments, room, demands));
    }

    /** A literal that is true at least where all of some are. */
    public int all(int... literals) {
        int[] kept = Arrays.stream(literals)
                .filter(literal -> literal != Literal.TRUE)
                .distinct()
                .toArray();
        if (kept.length == 0) {
            return Literal.TRUE;
        }
        if (kept.length == 1) {
            return kept[0];
        }
        int both = decision();
        int[] clause = Arrays.copyOf(Arrays.stream(kept).map(Literal::not).toArray(), kept.length + 1);
        clause[kept.length] = both;
        clause(clause);
        return both;
    }

    // ---- how it stands

    /** 1 true, -1 false, 0 open. */
    public int value(int literal) {
        return trail.value(literal);
    }

    /** Whether a literal is still open. */
    public boolean open(int literal) {
        return trail.value(literal) == 0;
    }

    /** The earliest a moment can be as things stand, in seconds. */
    public int lowest(int moment) {
        return moments.lowest(moment);
    }

    /** The latest a moment can be as things stand, in seconds. */
    public int highest(int moment) {
        return moments.highest(moment);
    }

    /** How often a decision was to blame lately. */
    public double blame(int literal) {
        return trail.blame(literal);
    }

    /** The way a decision went last; what it starts with is set by {@link #prefer}. */
    public boolean preferred(int literal) {
        return trail.preferred(literal);
    }

    /** Tries this literal before its opposite. */
    public void prefer(int literal) {
        trail.prefer(literal);
    }

    /** The literal of a decision that is to be tried first. */
    public int preference(int literal) {
        return preferred(literal) ? literal : Literal.not(literal);
    }

    /** The assumptions that cannot all hold, after an answer of none; empty where nothing can. */
    public int[] failed() {
        return failed.clone();
    }

    /** Conflicts met since the beginning. */
    public long conflicts() {
        return conflicts;
    }

    // ---- search

    /** Takes everything back that was not said once and for all. */
    public void reset() {
        back(0);
    }

    /**
     * Looks for a way under assumptions.
     *
     * @param most conflicts before it gives up
     */
    public Answer solve(int[] assumptions, Guide guide, long most, Work work) {
        this.work = work;
        back(0);
        failed = new int[0];
        long end = most > Long.MAX_VALUE - conflicts ? Long.MAX_VALUE : conflicts + most;
        for (int round = 1; !contradicted; round++) {
            Answer answer = run(assumptions, guide, Math.min(end, conflicts + (long) RESTART * luby(round)));
            if (answer != Answer.UNKNOWN) {
                return answer;
            }
            if (conflicts >= end || work.spent()) {
                return Answer.UNKNOWN;
            }
            back(0);
            trail.recall();
            clauses.forget();
        }
        return Answer.NONE;
    }

    private Answer run(int[] assumptions, Guide guide, long until) {
        while (!contradicted) {
            if (!propagate()) {
                contradicted = !learn();
                continue;
            }
            if (conflicts >= until || work.spent()) {
                return Answer.UNKNOWN;
            }
            boolean assuming = trail.levels() < assumptions.length;
            int literal = assuming ? assumptions[trail.levels()] : guide.next();
            if (assuming && value(literal) < 0) {
                failed = Analysis.blamed(trail, moments, literal);
                return Answer.NONE;
            }
            if (!settled()) {
                continue;
            }
            if (literal == Guide.DONE) {
                trail.remember();
                return Answer.FOUND;
            }
            trail.open(moments.mark());
            if (open(literal)) {
                assign(literal, null);
            }
        }
        return Answer.NONE;
    }

    /** Whether everything that was told has been followed up. */
    private boolean settled() {
        return broken.isEmpty()
                && followed == trail.size()
                && pushed == moments.mark()
                && fresh.isEmpty()
                && !contradicted;
    }

    private static int luby(int i) {
        int k = 1;
        while ((1 << k) - 1 < i) {
            k++;
        }
        return i == (1 << k) - 1 ? 1 << (k - 1) : luby(i - (1 << (k - 1)) + 1);
    }

    private void assign(int literal, @Nullable Reason reason) {
        trail.assign(literal, reason, moments.mark());
    }

    private void back(int to) {
        broken.shrink(0);
        if (trail.levels() > to) {
            moments.back(trail.back(to));
            followed = trail.size();
            pushed = moments.mark();
        }
    }

    // ---- propagation

    private boolean propagate() {
        moments.calm();
        while (broken.isEmpty()) {
            if (followed < trail.size()) {
                follow(trail.literal(followed++));
            } else if (pushed < moments.mark()) {
                push(moments.changedSide(pushed++));
            } else if (!fresh.isEmpty()) {
                look(fresh.remove(fresh.size() - 1));
            } else if (!moved || !squeezed()) {
                moved = false;
                return true;
            }
        }
        return false;
    }

    private boolean squeezed() {
        for (Capacity capacity : capacities) {
            if (capacity.push()) {
                return true;
            }
        }
        return false;
    }

    void count(int rules) {
        work.spend(rules);
    }

    /** A bound that several others make necessary. */
    void deduce(int side, int value, Deduction deduction) {
        moments.set(side, value, deduction);
        tooTight(side, value);
    }

    /** What was deduced cannot be. */
    void conflict(Deduction deduction) {
        moments.explain(deduction, broken);
        broken.add(Literal.TRUE);
    }

    private void follow(int literal) {
        moved = true;
        for (Edge edge : guarded.get(literal)) {
            look(edge);
            if (!broken.isEmpty()) {
                return;
            }
        }
        followClauses(Literal.not(literal));
    }

    private void followClauses(int wrong) {
        List<Clause> list = clauses.watching(wrong);
        work.spend(list.size() + 1);
        int kept = 0;
        for (int i = 0; i < list.size(); i++) {
            Clause clause = list.get(i);
            if (!clause.dropped && (!broken.isEmpty() || stays(clause, wrong))) {
                list.set(kept++, clause);
            }
        }
        list.subList(kept, list.size()).clear();
    }

    /** Whether a clause goes on being watched here; sets its last literal where all others are false. */
    private boolean stays(Clause clause, int wrong) {
        if (clauses.movesOn(clause, wrong)) {
            return false;
        }
        follow(clause);
        return true;
    }

    /** All but the first literal of a clause are false, or it holds. */
    private void follow(Clause clause) {
        int value = value(clause.literals[0]);
        if (value == 0) {
            assign(clause.literals[0], clause);
        } else if (value < 0) {
            breaks(clause);
        }
    }

    private void breaks(Clause clause) {
        for (int literal : clause.literals) {
            broken.add(Literal.not(literal));
        }
    }

    /** A bound moved: what follows from it. */
    private void push(int side) {
        Edges edges = moments.along(side);
        work.spend(edges.size() + 1);
        for (int i = 0; i < edges.size() && broken.isEmpty(); i++) {
            int value = trail.value(edges.guard(i));
            if (value < 0) {
                continue;
            }
            int other = edges.side(i);
            int reached = moments.bound(side) + edges.least(i);
            if (value > 0 && reached > moments.bound(other)) {
                raise(edges.edge(i), (side & 1) == 0);
            } else if (value == 0 && reached + moments.bound(other ^ 1) > 0) {
                assign(Literal.not(edges.guard(i)), edges.edge(i));
            }
        }
    }

    private void look(Edge edge) {
        int value = value(edge.guard());
        if (value > 0) {
            raise(edge, true);
            if (broken.isEmpty()) {
                raise(edge, false);
            }
        } else if (value == 0) {
            refute(edge);
        }
    }

    private void refute(Edge edge) {
        if (moments.lowest(edge.from()) + edge.least() > moments.highest(edge.to())) {
            assign(Literal.not(edge.guard()), edge);
        }
    }

    /** Lets an edge that holds move the lowest of its end, or the highest of its start. */
    private void raise(Edge edge, boolean lowest) {
        int from = lowest ? 2 * edge.from() : 2 * edge.to() + 1;
        int side = lowest ? 2 * edge.to() : 2 * edge.from() + 1;
        int value = moments.bound(from) + edge.least();
        if (value <= moments.bound(side)) {
            return;
        }
        moments.set(side, value, edge, from);
        if (!tooTight(side, value) && moments.suspicious(side)) {
            int[] circle = moments.circle(side);
            if (circle != null) {
                for (int guard : circle) {
                    broken.add(guard);
                }
                broken.add(Literal.TRUE);
            }
        }
    }

    private boolean tooTight(int side, int value) {
        moved = true;
        if (value + moments.bound(side ^ 1) <= 0) {
            return false;
        }
        moments.explain(side, moments.mark(), broken);
        moments.explain(side ^ 1, moments.mark(), broken);
        broken.add(Literal.TRUE);
        return true;
    }

    // ---- learning

    /** Learns from what broke and goes back; false: there is no way at all. */
    private boolean learn() {
        conflicts++;
        int[] trueOnes = broken.toArray();
        int top = Arrays.stream(trueOnes).map(trail::level).max().orElse(0);
        if (top == 0) {
            return false;
        }
        back(top);
        Analysis analysis = new Analysis(trail, moments, trueOnes, top);
        int[] clause = analysis.clause();
        Clause fact = clause.length == 1 ? null : new Clause(clause, analysis.levelsSpoken());
        back(analysis.backTo());
        if (fact != null) {
            clauses.learn(fact);
        }
        assign(clause[0], fact);
        trail.age();
        return true;
    }
}
