package hopsel.core.plan;

import hopsel.core.dish.StepRef;

import java.util.List;

/**
 * Why a class cannot be held as it is, or what makes it overrun.
 *
 * @param rule number of the planning rule, 1 to 15; 0 for what the host asked for beside them
 * @param steps steps that are in it together
 * @param message in the cook's words, with what would mend it
 */
public record Conflict(int rule, List<StepRef> steps, String message) {

    /** Keeps its own copy. */
    public Conflict {
        steps = List.copyOf(steps);
    }
}
