package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;

/**
 * An amount that is found by taste and feel, in the unit of its line: a start, then step by step until the cue, never
 * above the ceiling. The start is what certainly goes in, the ceiling what must stand ready.
 *
 * @param start 0 or more
 * @param step above 0
 * @param ceiling above 0, not below the start
 * @param cue when to stop
 */
@Copyable
public record ByTaste(BigDecimal start, BigDecimal step, BigDecimal ceiling, String cue)
        implements ByTasteBuilder.With {

    /** Checks the order. */
    public ByTaste {
        start = Decimals.notNegative("The start", start);
        step = Decimals.positive("The step", step);
        ceiling = Decimals.positive("The ceiling", ceiling);
        if (start.compareTo(ceiling) > 0) {
            throw new IllegalArgumentException("The start [%s] is above the ceiling [%s].".formatted(start, ceiling));
        }
    }

    /** So many times as much; a spoon stays a spoon, so the step does not grow. */
    public ByTaste times(BigDecimal factor) {
        return new ByTaste(start.multiply(factor), step, ceiling.multiply(factor), cue);
    }
}
