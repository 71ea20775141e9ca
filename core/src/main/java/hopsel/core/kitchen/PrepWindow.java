package hopsel.core.kitchen;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

/**
 * A time before the class when people are in the kitchen, both ends included.
 *
 * @param from beginning, minutes relative to going on air, at most {@code to}
 * @param to end, at most 0
 */
@Copyable
public record PrepWindow(Minutes from, Minutes to) implements PrepWindowBuilder.With {

    /** Checks the order. */
    public PrepWindow {
        if (from.compareTo(to) > 0 || to.compareTo(Minutes.ZERO) > 0) {
            throw new IllegalArgumentException(
                    "The window [%s to %s] is turned round or reaches past 0.".formatted(from, to));
        }
    }
}
