package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

/**
 * Somebody's hands at the two ends of a step that otherwise runs by itself: putting in and turning down, taking out and
 * draining.
 *
 * @param start minutes from its start on, 0 or more
 * @param end minutes up to its end, 0 or more; what rests waits by itself, so 0 there
 */
@Copyable
public record HandsOn(Minutes start, Minutes end) implements HandsOnBuilder.With {

    /** Nobody's hands. */
    public static final HandsOn NONE = new HandsOn(Minutes.ZERO, Minutes.ZERO);

    /** Both together. */
    public Minutes both() {
        return Minutes.of(start.value().add(end.value()));
    }

    /** The same hands where a step is that long; nobody's where it is too short for them. */
    public HandsOn within(Minutes length) {
        return both().compareTo(length) <= 0 ? this : NONE;
    }
}
