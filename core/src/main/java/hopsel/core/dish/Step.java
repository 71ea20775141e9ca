package hopsel.core.dish;

import hopsel.core.kitchen.Tool;
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
 * @param tools      that it is done with; empty: none were named, and they are read from the words
 */
public record Step(String id, String title, Optional<String> text, StepMinutes minutes, Work work, Show show,
                   List<Need> needs, List<After> after, Optional<Minutes> keeps, Optional<Minutes> swap,
                   List<Use> uses, Optional<Minutes> checkEvery, Optional<String> cue, Optional<String> say,
                   Optional<String> noise, List<Tool> tools) {

    /** A step for which no tools were named. */
    public Step(String id, String title, Optional<String> text, StepMinutes minutes, Work work, Show show, List<Need> needs, List<After> after,
                Optional<Minutes> keeps, Optional<Minutes> swap, List<Use> uses, Optional<Minutes> checkEvery, Optional<String> cue,
                Optional<String> say, Optional<String> noise) {
        this(id, title, text, minutes, work, show, needs, after, keeps, swap, uses, checkEvery, cue, say, noise, List.of());
    }

    /** Keeps its own copies. */
    public Step {
        needs = List.copyOf(needs);
        after = List.copyOf(after);
        uses = List.copyOf(uses);
        tools = List.copyOf(tools);
    }

    /** The same step, shown otherwise. */
    public Step with(Show other) {
        return new Step(id, title, text, minutes, work, other, needs, after, keeps, other == Show.NEVER ? Optional.empty() : swap, uses, checkEvery, cue, say, noise, tools);
    }

    /** The same step, of another length and in other places. */
    public Step with(StepMinutes length, List<Need> places) {
        return new Step(id, title, text, length, work, show, places, after, keeps, swap, uses, checkEvery, cue, say, noise, tools);
    }

    /** The same step with other waits. */
    public Step with(List<After> others) {
        return new Step(id, title, text, minutes, work, show, needs, others, keeps, swap, uses, checkEvery, cue, say, noise, tools);
    }

    /** The same step, whose result keeps so long; empty: without a limit. */
    public Step keeping(Optional<Minutes> other) {
        return new Step(id, title, text, minutes, work, show, needs, after, other, swap, uses, checkEvery, cue, say, noise, tools);
    }

    /** The same step, which can be swapped out and is then shown so long; empty: which cannot. */
    public Step swapping(Optional<Minutes> shownFor) {
        return new Step(id, title, text, minutes, work, show, needs, after, keeps, shownFor, uses, checkEvery, cue, say, noise, tools);
    }

    /** The same step, done with these. */
    public Step doneWith(List<Tool> others) {
        return new Step(id, title, text, minutes, work, show, needs, after, keeps, swap, uses, checkEvery, cue, say, noise, others);
    }

    /** The same step, in which these go in. */
    public Step using(List<Use> others) {
        return new Step(id, title, text, minutes, work, show, needs, after, keeps, swap, others, checkEvery, cue, say, noise, tools);
    }

    /** The instruction, or the short name where none was written. */
    public String instruction() {
        return text.orElse(title);
    }
}
