package hopsel.core.bench;

import hopsel.core.measure.Minutes;

import java.util.List;
import java.util.Optional;

/**
 * What is noted about a step.
 *
 * @param firstLook minutes after which it is looked at for the first time, before the end
 * @param rounds    how it is done in rounds, which sets its minutes
 * @param ladder    what to do when it goes wrong, mildest first
 */
public record StepNote(Optional<Minutes> firstLook, Optional<Rounds> rounds, List<Rescue> ladder) {

    /** Nothing noted. */
    public static final StepNote NONE = new StepNote(Optional.empty(), Optional.empty(), List.of());

    /** Keeps its own copy. */
    public StepNote {
        ladder = List.copyOf(ladder);
    }

    public StepNote withFirstLook(Optional<Minutes> minutes) {
        return new StepNote(minutes, rounds, ladder);
    }

    public StepNote withRounds(Optional<Rounds> other) {
        return new StepNote(firstLook, other, ladder);
    }

    public StepNote withLadder(List<Rescue> other) {
        return new StepNote(firstLook, rounds, other);
    }
}
