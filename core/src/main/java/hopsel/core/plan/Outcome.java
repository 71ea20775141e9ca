package hopsel.core.plan;

/**
 * A plan, and how good it is known to be. Immutable.
 *
 * @param plan the best that was found
 * @param proven whether nothing better exists
 * @param leastEnd seconds before which the class cannot be over, whatever else is tried with as few swap-outs and
 *     hidden steps
 */
public record Outcome(Plan plan, boolean proven, int leastEnd) {

    /** Seconds by which the end might still be earlier; 0 where it is the best possible. */
    public int gap() {
        return proven || !plan.possible() ? 0 : Math.max(0, plan.airEnd() - leastEnd);
    }
}
