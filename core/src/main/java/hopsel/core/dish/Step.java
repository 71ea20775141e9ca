package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.kitchen.Tool;
import hopsel.core.measure.Minutes;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A step of a component.
 *
 * @param id unique in its dish
 * @param title short name
 * @param text the instruction
 * @param minutes how long
 * @param work hands, watch or rest
 * @param show must, may or never be shown
 * @param needs places and appliances
 * @param after what it waits for
 * @param keeps minutes its result may wait for what comes next; empty: no limit
 * @param swap minutes shown when it is swapped out; empty: it cannot be
 * @param uses lines that go in here
 * @param checkEvery minutes between looks at a watched step
 * @param cue how to tell that it is done
 * @param say what to say
 * @param noise {@code loud} where nobody can be heard over it
 * @param tools that it is done with; empty: none were named, and they are read from the words
 * @param firstLook minutes after which it is looked at for the first time, before the end
 * @param handsOn somebody's hands at its beginning and end, where it otherwise runs by itself
 * @param rounds how it is done in rounds, which sets its minutes
 * @param perWeight how its minutes go by the weight of what goes in
 * @param rescues what to do when it goes wrong, mildest first
 * @param part minutes shown when it is shown in part; empty: it cannot be
 * @param techniques what is done to food at it; empty: nobody has said, and it is read off its words
 * @param worth what is lost where a step that may be shown is not; 0 where it is dull to watch, usually 1
 */
@Copyable
public record Step(
        String id,
        String title,
        Optional<String> text,
        StepMinutes minutes,
        Work work,
        Show show,
        List<Need> needs,
        List<After> after,
        Optional<Minutes> keeps,
        Optional<Minutes> swap,
        List<Use> uses,
        Optional<Minutes> checkEvery,
        Optional<String> cue,
        Optional<String> say,
        Optional<String> noise,
        List<Tool> tools,
        Optional<Minutes> firstLook,
        HandsOn handsOn,
        Optional<Rounds> rounds,
        Optional<PerWeight> perWeight,
        List<Rescue> rescues,
        Optional<Minutes> part,
        Set<Technique> techniques,
        int worth)
        implements StepBuilder.With {

    /** What a step is worth of which nobody said it. */
    public static final int USUAL_WORTH = 1;

    /** Keeps its own copies. */
    public Step {
        needs = List.copyOf(needs);
        after = List.copyOf(after);
        uses = List.copyOf(uses);
        tools = List.copyOf(tools);
        rescues = List.copyOf(rescues);
        techniques = Set.copyOf(techniques);
    }

    /** A step that may be shown, of which nothing more is known. */
    public static Step of(String id, String title, StepMinutes minutes, Work work) {
        return StepBuilder.builder()
                .id(id)
                .title(title)
                .minutes(minutes)
                .work(work)
                .show(Show.MAY)
                .handsOn(HandsOn.NONE)
                .techniques(Set.of())
                .worth(USUAL_WORTH)
                .build();
    }

    /** The same step, shown otherwise; what is never shown is not swapped out either. */
    public Step shown(Show other) {
        return withShow(other).withSwap(other == Show.NEVER ? Optional.empty() : swap);
    }

    /** The same step, of another length: it is shown no longer than it lasts, and hands at its ends have to fit. */
    public Step lasting(StepMinutes length) {
        Minutes likely = length.likely();
        Optional<Minutes> shorter = swap.map(shown -> shown.compareTo(likely) > 0 ? likely : shown);
        return withMinutes(length)
                .withSwap(shorter)
                .withHandsOn(handsOn.within(likely))
                .withPart(part.filter(shown -> shown.compareTo(likely) < 0));
    }

    /** The same step, timed by hand: rounds and weight no longer say how long it takes. */
    public Step timedByHand() {
        return withRounds(Optional.empty()).withPerWeight(Optional.empty());
    }

    /** The instruction, or the short name where none was written. */
    public String instruction() {
        return text.orElse(title);
    }
}
