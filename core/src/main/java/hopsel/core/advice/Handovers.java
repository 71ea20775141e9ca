package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Where one person goes on with what another began: a cue for both. */
public final class Handovers {

    private Handovers() {}

    /**
     * Something handed over.
     *
     * @param from the last hands work of the one
     * @param to the next of the other; between them it may stand, rise or cook by itself
     */
    public record Handover(Activity from, Activity to) {}

    /** All of a plan that is possible, in the order of taking over. */
    public static List<Handover> of(CookingClass cooking, Plan plan) {
        Arcs arcs = Arcs.of(cooking, plan);
        List<Handover> found = new ArrayList<>();
        for (int then = 0; then < plan.activities().size(); then++) {
            Activity to = plan.activities().get(then);
            if (to.person().isPresent()) {
                for (int before : lastHands(arcs, plan, then, new HashSet<>())) {
                    Activity from = plan.activities().get(before);
                    if (!from.person().equals(to.person())) {
                        found.add(new Handover(from, to));
                    }
                }
            }
        }
        return found;
    }

    /** The nearest hands work before an activity, back through whatever ran by itself. */
    private static Set<Integer> lastHands(Arcs arcs, Plan plan, int then, Set<Integer> found) {
        for (Arc arc : arcs.arcs()) {
            if (arc.then() == then && arc.kind() == Arcs.Bond.ORDER) {
                if (plan.activities().get(arc.before()).person().isPresent()) {
                    found.add(arc.before());
                } else {
                    lastHands(arcs, plan, arc.before(), found);
                }
            }
        }
        return found;
    }
}
