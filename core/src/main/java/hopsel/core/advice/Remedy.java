package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;

import java.util.Optional;

/**
 * Something that would mend a class, or make use of its time, tried out.
 *
 * @param kind what kind of change
 * @param step the step it is about, if it is about one
 * @param what the component, the place or the moment it is about; empty where the step says it all
 * @param gain seconds of overrun it takes away; for a class that is impossible, 0
 * @param after the plan with the change
 * @param changed the class with the change
 */
public record Remedy(Mending kind, Optional<StepRef> step, String what, int gain, Plan after, CookingClass changed) {

    /** What kind of change; what costs the class least comes first. */
    public enum Mending {
        SWAP_OUT,
        PART,
        AHEAD,
        KEEP,
        OPEN,
        BRING,
        ASSISTANT,
        PLACE,
        HOST,
        DROP,
        LONGER,
        SHOW,
        TALK,
        SHORTER
    }

    /** The share of the evenings that would end in the slot, 0 to 1; 0 where nobody asked. */
    public double onTime() {
        return after.pace().flatMap(Pace::onTime).orElse(0.0);
    }

    /** Whether the class fits with the change. */
    public boolean fits() {
        return after.possible() && after.overrun() == 0;
    }
}
