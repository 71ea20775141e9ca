package hopsel.core.plan;

import hopsel.core.dish.StepRef;

import java.util.Comparator;
import java.util.Optional;

/**
 * Which making of a step: the main one, or the one made beforehand for a swap-out.
 *
 * @param swapOf the step that is swapped out; empty for the main copy
 */
public record Copy(Optional<StepRef> swapOf) implements Comparable<Copy> {

    /** What is made before the audience, and everything that is made once. */
    public static final Copy MAIN = new Copy(Optional.empty());

    private static final Comparator<Copy> ORDER =
            Comparator.comparing((Copy copy) -> copy.swapOf.isPresent()).thenComparing(Copy::toString);

    /** What is made beforehand so that this step can be swapped out. */
    public static Copy swap(StepRef step) {
        return new Copy(Optional.of(step));
    }

    /** Whether this is the main copy. */
    public boolean isMain() {
        return swapOf.isEmpty();
    }

    /** Main first, then by name. */
    @Override
    public int compareTo(Copy other) {
        return ORDER.compare(this, other);
    }

    /** As in plan files: {@code main} or {@code swap:dish/step}. */
    @Override
    public String toString() {
        return swapOf.map(step -> "swap:" + step).orElse("main");
    }
}
