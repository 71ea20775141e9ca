package hopsel.core.air;

import hopsel.core.air.Happened.OfStep;
import hopsel.core.air.Happened.Once;
import hopsel.core.air.Happened.Undo;

import java.util.List;

/**
 * What becomes of presses from several screens, some of which were out of touch: what says nothing that was not said,
 * or comes after something later was pressed for the same step, does not count.
 */
public final class Merging {

    private Merging() {}

    /** Whether a press counts, after all these events. */
    public static boolean counts(AirEvent press, List<AirEvent> all) {
        List<AirEvent> before = AirState.standing(all);
        if (press.what() instanceof Undo undo) {
            return before.stream().anyMatch(event -> event.number() == undo.event());
        }
        if (press.what() instanceof Once) {
            return before.stream().noneMatch(event -> event.what().equals(press.what()));
        }
        return !(press.what() instanceof OfStep) || saysMore(press, before);
    }

    private static boolean saysMore(AirEvent press, List<AirEvent> before) {
        List<AirEvent> same = before.stream()
                .filter(event -> event.is(OfStep.class, press.activity()))
                .toList();
        boolean overtaken = same.stream().anyMatch(event -> event.at().isAfter(press.at()));
        return !overtaken
                && (same.isEmpty() || !same.get(same.size() - 1).is(press.what().getClass()));
    }
}
