package hopsel.core.plan;

import hopsel.core.dish.StepRef;

import java.util.Comparator;
import java.util.Optional;

/**
 * Which making of a step: the main one, what of it is done out of sight, or the one made beforehand for a swap-out.
 *
 * @param part whether it is the rest of a step that is shown in part
 * @param swapOf the step that is swapped out; empty for what is made once
 */
public record Copy(boolean part, Optional<StepRef> swapOf) implements Comparable<Copy> {

    /** What is made before the audience, and everything that is made once. */
    public static final Copy MAIN = new Copy(false, Optional.empty());

    /** The rest of a step that is shown in part: the same batch, out of sight. */
    public static final Copy PART = new Copy(true, Optional.empty());

    private static final Comparator<Copy> ORDER =
            Comparator.comparing((Copy copy) -> !copy.isMain()).thenComparing(Copy::toString);

    /** What is made beforehand so that this step can be swapped out. */
    public static Copy swap(StepRef step) {
        return new Copy(false, Optional.of(step));
    }

    /** Whether this is the main copy. */
    public boolean isMain() {
        return !part && swapOf.isEmpty();
    }

    /** Whether it is of the one batch that the audience sees, and not made beforehand for a swap-out. */
    public boolean once() {
        return swapOf.isEmpty();
    }

    /** Main first, then by name. */
    @Override
    public int compareTo(Copy other) {
        return ORDER.compare(this, other);
    }

    /** As in plan files: {@code main}, {@code part} or {@code swap:dish/step}. */
    @Override
    public String toString() {
        return part ? "part" : swapOf.map(step -> "swap:" + step).orElse("main");
    }
}
