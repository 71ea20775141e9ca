package hopsel.core.recipe;

import hopsel.core.dish.Need;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A step as it was read.
 *
 * @param title short name
 * @param text the passage as written
 * @param minutes how long
 * @param work hands, watch or rest
 * @param needs places and appliances
 * @param cue how to tell that it is done
 * @param checkEvery minutes between looks at a watched step
 * @param loud whether nobody can be heard over it
 * @param guessed names of the members that were guessed, not read
 * @param techniques what is done, where its words are not English; empty: as its words read
 */
public record ReadStep(
        String title,
        String text,
        StepMinutes minutes,
        Work work,
        List<Need> needs,
        Optional<String> cue,
        Optional<Minutes> checkEvery,
        boolean loud,
        Set<String> guessed,
        Set<Technique> techniques) {

    /** Keeps its own copies. */
    public ReadStep {
        needs = List.copyOf(needs);
        guessed = Set.copyOf(guessed);
        techniques = Set.copyOf(techniques);
    }

    /** The same step, told otherwise. */
    ReadStep inOtherWords(String otherTitle, String otherText, Optional<String> otherCue) {
        Set<Technique> done = TechniqueReader.read(title + ". " + text);
        return new ReadStep(
                otherTitle, otherText, minutes, work, needs, otherCue.or(() -> cue), checkEvery, loud, guessed, done);
    }

    /** The same under another name; what is done was read already. */
    ReadStep named(String name) {
        Set<Technique> done = techniques.isEmpty() ? TechniqueReader.read(title + ". " + text) : techniques;
        return new ReadStep(name, text, minutes, work, needs, cue, checkEvery, loud, guessed, done);
    }

    /** The same, as what goes on at another: {@code add the raisins for the last half hour}. */
    ReadStep goingOn(ReadStep other) {
        return new ReadStep(title, text, minutes, other.work, other.needs, cue, checkEvery, loud, guessed, techniques);
    }

    /** The same, over some minutes sooner. */
    ReadStep shorterBy(BigDecimal less) {
        StepMinutes rest = new StepMinutes(
                Minutes.of(minutes.low().value().subtract(less)),
                Minutes.of(minutes.likely().value().subtract(less)),
                Minutes.of(minutes.high().value().subtract(less)));
        return new ReadStep(title, text, rest, work, needs, cue, checkEvery, loud, guessed, techniques);
    }

    /** Whether something is in a pan. */
    boolean isOnRing() {
        return work != Work.REST && needs.stream().anyMatch(need -> need.is(PlaceKind.BURNER));
    }

    /** Whether it cooks, or builds pressure, in a pressure cooker. */
    boolean isUnderPressure() {
        return work != Work.REST && needs.stream().anyMatch(need -> need.does(Does.PRESSES));
    }
}
