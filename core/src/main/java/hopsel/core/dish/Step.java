package hopsel.core.dish;

import hopsel.core.measure.Minutes;

import java.util.List;
import java.util.Optional;

/**
 * A step of a component.
 *
 * @param id         unique in its dish
 * @param title      short name
 * @param text       the instruction
 * @param minutes    how long
 * @param work       hands, watch or rest
 * @param show       must, may or never be shown
 * @param needs      places and appliances
 * @param after      what it waits for
 * @param keeps      minutes its result may wait for what comes next; empty: no limit
 * @param swap       minutes shown when it is swapped out; empty: it cannot be
 * @param uses       lines that go in here
 * @param checkEvery minutes between looks at a watched step
 * @param cue        how to tell that it is done
 * @param say        what to say
 * @param noise      {@code loud} where nobody can be heard over it
 */
public record Step(String id, String title, Optional<String> text, StepMinutes minutes, Work work, Show show,
                   List<Need> needs, List<After> after, Optional<Minutes> keeps, Optional<Minutes> swap,
                   List<Use> uses, Optional<Minutes> checkEvery, Optional<String> cue, Optional<String> say,
                   Optional<String> noise) {

    /** Keeps its own copies. */
    public Step {
        needs = List.copyOf(needs);
        after = List.copyOf(after);
        uses = List.copyOf(uses);
    }

    /** The same step, shown otherwise. */
    public Step with(Show other) {
        return new Step(id, title, text, minutes, work, other, needs, after, keeps, other == Show.NEVER ? Optional.empty() : swap, uses, checkEvery, cue, say, noise);
    }

    /** The same step with other waits. */
    public Step with(List<After> others) {
        return new Step(id, title, text, minutes, work, show, needs, others, keeps, swap, uses, checkEvery, cue, say, noise);
    }

    /** The same step, whose result keeps so long; empty: without a limit. */
    public Step keeping(Optional<Minutes> other) {
        return new Step(id, title, text, minutes, work, show, needs, after, other, swap, uses, checkEvery, cue, say, noise);
    }

    /** The same step, which can be swapped out and is then shown so long; empty: which cannot. */
    public Step swapping(Optional<Minutes> shownFor) {
        return new Step(id, title, text, minutes, work, show, needs, after, keeps, shownFor, uses, checkEvery, cue, say, noise);
    }

    /** The instruction, or the short name where none was written. */
    public String instruction() {
        return text.orElse(title);
    }
}
