package hopsel.core.plan;

import static hopsel.core.solve.Literal.not;

import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Guide;
import hopsel.core.solve.Solver;

import org.jspecify.annotations.Nullable;

import java.util.List;

/** What to decide next: what is shown and swapped out, then when and by whom, then who comes first. */
final class Branching implements Guide {

    private final Model model;
    private final Places places;
    private final Solver solver;
    /** Those with a time or a place to choose. */
    private final List<Stretch> flexible;
    /** Null where it does not matter yet how often a host turns from dish to dish. */
    private @Nullable Turns turns;

    private boolean early;

    Branching(Model model, Places places) {
        this.early = model.problem.second;
        this.model = model;
        this.places = places;
        this.solver = model.solver;
        this.flexible = model.stretches.stream()
                .filter(stretch ->
                        stretch.times.length > 0 || stretch.uses.stream().anyMatch(need -> need.size() > 1))
                .toList();
        for (int t = 0; t < model.shown.length; t++) {
            solver.prefer(model.shown[t]);
            solver.prefer(not(model.swapped[t]));
            solver.prefer(not(model.split[t]));
        }
    }

    @Override
    public int next() {
        int choice = choice();
        if (choice != DONE) {
            return choice;
        }
        for (Stretch stretch : flexible) {
            int time = solver.value(stretch.present) > 0 ? time(stretch) : DONE;
            if (time != DONE) {
                return time;
            }
        }
        int next = early ? step() : whoThenOrder();
        return next == DONE && turns != null ? turns.undecided() : next;
    }

    /**
     * Whatever clashes so far is put in order before anybody gets more to do, so that what leads nowhere shows soon.
     */
    private int step() {
        int clash = places.clash();
        if (clash != Places.NOTHING) {
            return clash;
        }
        int who = who();
        return who == DONE ? order() : who;
    }

    private int whoThenOrder() {
        int who = who();
        return who == DONE ? order() : who;
    }

    /** From here on clashes are put in order as they turn up, or once everybody has their work. */
    void early(boolean yes) {
        early = yes;
    }

    /** From here on it matters how often a host turns from dish to dish. */
    void count(Turns those) {
        this.turns = those;
    }

    private int choice() {
        int best = DONE;
        double most = -1;
        for (int t = 0; t < model.shown.length; t++) {
            for (int literal : new int[] {model.swapped[t], model.shown[t], model.split[t]}) {
                if (solver.open(literal) && solver.blame(literal) > most) {
                    most = solver.blame(literal);
                    best = literal;
                }
            }
        }
        return best == DONE ? DONE : solver.preference(best);
    }

    /** The first time that is possible, or the one that went well before. */
    private int time(Stretch stretch) {
        if (solver.value(stretch.shown) > 0) {
            return DONE;
        }
        int first = DONE;
        for (int time : stretch.times) {
            if (solver.value(time) > 0) {
                return DONE;
            }
            if (solver.open(time) && (first == DONE || (!solver.preferred(first) && solver.preferred(time)))) {
                first = time;
            }
        }
        return first;
    }

    /** The place of whatever starts first and has none yet. */
    private int who() {
        List<Use> first = null;
        int moment = Integer.MAX_VALUE;
        for (Stretch stretch : flexible) {
            if (solver.value(stretch.present) > 0 && solver.lowest(stretch.start) < moment) {
                for (List<Use> need : stretch.uses) {
                    if (need.size() > 1 && undecided(need)) {
                        first = need;
                        moment = solver.lowest(stretch.start);
                    }
                }
            }
        }
        return first == null ? DONE : best(first);
    }

    private boolean undecided(List<Use> need) {
        boolean open = false;
        for (Use use : need) {
            if (solver.value(use.literal()) > 0) {
                return false;
            }
            open |= solver.open(use.literal());
        }
        return open;
    }

    /** What went well before, or else where the fewest are at that time; the last first, for assistants come last. */
    private int best(List<Use> need) {
        int best = DONE;
        int fewest = Integer.MAX_VALUE;
        for (int i = need.size() - 1; i >= 0; i--) {
            Use use = need.get(i);
            if (solver.open(use.literal())) {
                int crowd = solver.preferred(use.literal()) ? -1 : places.others(use);
                if (crowd < fewest) {
                    best = use.literal();
                    fewest = crowd;
                }
            }
        }
        return best;
    }

    private int order() {
        int clash = places.clash();
        if (clash == Places.NOTHING && places.meet()) {
            clash = places.clash();
        }
        if (clash == Places.NOTHING) {
            clash = places.crowd();
        }
        return clash == Places.NOTHING ? DONE : clash;
    }
}
