package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

import java.util.Optional;

/**
 * What a step waits for.
 *
 * @param step id of a step of the same dish
 * @param least minutes at least between its end and this start
 * @param within minutes at most; empty: no limit
 */
@Copyable
public record After(String step, Minutes least, Optional<Minutes> within) implements AfterBuilder.With {

    /** Directly after a step, with no limit. */
    public static After of(String step) {
        return new After(step, Minutes.ZERO, Optional.empty());
    }
}
