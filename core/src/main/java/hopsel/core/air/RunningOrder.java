package hopsel.core.air;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What waits for what in a class on air: it follows from the plan alone, and is worked out once. Immutable. */
public final class RunningOrder {

    final CookingClass cooking;
    final Plan plan;
    /** For each activity, what leads to it. */
    final Arc[][] into;
    /** For each activity, whether the class is not over before it is. */
    final boolean[] tops;
    /** Steps that the host wants to begin at a moment of their own. */
    final Set<StepRef> pinned;

    private final Map<String, Integer> numbers = new HashMap<>();

    private RunningOrder(CookingClass cooking, Plan plan, Set<StepRef> pinned) {
        this.cooking = cooking;
        this.plan = plan;
        this.pinned = Set.copyOf(pinned);
        Arcs arcs = Arcs.of(cooking, plan);
        List<List<Arc>> lists = new ArrayList<>();
        plan.activities().forEach(activity -> {
            numbers.put(AirState.key(activity), lists.size());
            lists.add(new ArrayList<>());
        });
        arcs.arcs().forEach(arc -> lists.get(arc.then()).add(arc));
        this.into = lists.stream().map(list -> list.toArray(Arc[]::new)).toArray(Arc[][]::new);
        this.tops = arcs.tops();
    }

    /** Of a plan that is possible. */
    public static RunningOrder of(CookingClass cooking, Plan plan) {
        return of(cooking, plan, Set.of());
    }

    /**
     * Of a plan that is possible.
     *
     * @param pinned steps that do not begin before the plan has them: on air as before, a pin holds
     */
    public static RunningOrder of(CookingClass cooking, Plan plan, Set<StepRef> pinned) {
        return new RunningOrder(cooking, plan, pinned);
    }

    /** How the class stands after these events. */
    public AirState at(List<AirEvent> events, Instant now) {
        return new AirState(this, AirState.standing(events), now);
    }

    /** The number of an activity by its key; -1: there is none, such as after the plan was changed. */
    int number(String key) {
        return numbers.getOrDefault(key, -1);
    }

    Activity activity(int number) {
        return plan.activities().get(number);
    }
}
