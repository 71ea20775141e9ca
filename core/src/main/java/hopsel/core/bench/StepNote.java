package hopsel.core.bench;

import hopsel.core.measure.Minutes;

import java.util.List;
import java.util.Optional;

/**
 * What is noted about a step.
 *
 * @param firstLook minutes after which it is looked at for the first time, before the end
 * @param rounds    how it is done in rounds, which sets its minutes
 * @param perWeight how its minutes go by the weight of what goes in
 * @param ladder    what to do when it goes wrong, mildest first
 */
public record StepNote(Optional<Minutes> firstLook, Optional<Rounds> rounds, Optional<PerWeight> perWeight, List<Rescue> ladder) {

    /** Nothing noted. */
    public static final StepNote NONE = new StepNote(Optional.empty(), Optional.empty(), Optional.empty(), List.of());

    /** Keeps its own copy. */
    public StepNote {
        ladder = List.copyOf(ladder);
    }

    public StepNote withFirstLook(Optional<Minutes> minutes) {
        return new StepNote(minutes, rounds, perWeight, ladder);
    }

    public StepNote withRounds(Optional<Rounds> other) {
        return new StepNote(firstLook, other, perWeight, ladder);
    }

    public StepNote withPerWeight(Optional<PerWeight> other) {
        return new StepNote(firstLook, rounds, other, ladder);
    }

    public StepNote withLadder(List<Rescue> other) {
        return new StepNote(firstLook, rounds, perWeight, other);
    }
}
