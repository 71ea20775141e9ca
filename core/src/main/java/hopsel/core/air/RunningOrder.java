package hopsel.core.air;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Wishes;

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
    /** What is done and said, in the order of the plan. */
    private final List<Activity> activities;
    /** For each activity, what leads to it. */
    final Arc[][] into;
    /** For each activity, whether the class is not over before it is. */
    final boolean[] tops;
    /** Steps that the host wants to begin at a moment of their own. */
    final Set<StepRef> pinned;
    /** What the host leaves out first, as {@link Wishes#drops} says. */
    final List<String> drops;

    private final Map<String, Integer> numbers = new HashMap<>();

    private RunningOrder(CookingClass cooking, Plan plan, Wishes wishes) {
        this.cooking = cooking;
        this.plan = plan;
        this.pinned = wishes.pins().keySet();
        this.drops = wishes.drops();
        Spoken arcs = Spoken.of(cooking, plan);
        this.activities = arcs.activities();
        List<List<Arc>> lists = new ArrayList<>();
        activities.forEach(activity -> {
            numbers.put(AirState.key(activity), lists.size());
            lists.add(new ArrayList<>());
        });
        arcs.arcs().forEach(arc -> lists.get(arc.then()).add(arc));
        this.into = lists.stream().map(list -> list.toArray(Arc[]::new)).toArray(Arc[][]::new);
        this.tops = arcs.tops();
    }

    /** Of a plan that is possible. */
    public static RunningOrder of(CookingClass cooking, Plan plan) {
        return of(cooking, plan, Wishes.NONE);
    }

    /**
     * Of a plan that is possible.
     *
     * @param wishes what the host wants: on air as before, a pin holds, and what goes first is what was agreed
     */
    public static RunningOrder of(CookingClass cooking, Plan plan, Wishes wishes) {
        return new RunningOrder(cooking, plan, wishes);
    }

    /** How the class stands after these events. */
    public AirState at(List<AirEvent> events, Instant now) {
        return new AirState(this, AirState.standing(events), now);
    }

    /** The number of an activity by its key; -1: there is none, such as after the plan was changed. */
    int number(String key) {
        return numbers.getOrDefault(key, -1);
    }

    /** What is done and said, in the order of the plan. */
    public List<Activity> activities() {
        return activities;
    }

    Activity activity(int number) {
        return activities.get(number);
    }
}
