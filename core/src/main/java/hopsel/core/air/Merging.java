package hopsel.core.air;

import hopsel.core.air.AirEvent.Kind;

import java.util.List;
import java.util.Set;

/**
 * What becomes of presses from several screens, some of which were out of touch: what says nothing that was not said, or
 * comes after something later was pressed for the same step, does not count.
 */
public final class Merging {

    private static final Set<Kind> OF_A_STEP = Set.of(Kind.START, Kind.DONE, Kind.SKIP, Kind.SWAP_IN, Kind.FAILED, Kind.CUT);
    /** Of these, one of each text is enough. */
    private static final Set<Kind> ONCE = Set.of(Kind.SHOWN, Kind.DROP, Kind.HANDED_IN, Kind.ANSWERED);

    private Merging() {
    }

    /** Whether a press counts, after all these events. */
    public static boolean counts(AirEvent press, List<AirEvent> all) {
        List<AirEvent> before = AirState.standing(all);
        return switch (press.kind()) {
            case ON_AIR, OVER -> before.stream().noneMatch(event -> event.kind() == press.kind());
            case UNDO -> before.stream().anyMatch(event -> String.valueOf(event.number()).equals(press.text()));
            default -> ONCE.contains(press.kind()) ? before.stream().noneMatch(event -> event.kind() == press.kind() && event.text().equals(press.text())) : !OF_A_STEP.contains(press.kind()) || saysMore(press, before);
        };
    }

    private static boolean saysMore(AirEvent press, List<AirEvent> before) {
        List<AirEvent> same = before.stream().filter(event -> OF_A_STEP.contains(event.kind()) && event.activity().equals(press.activity())).toList();
        boolean overtaken = same.stream().anyMatch(event -> event.at().isAfter(press.at()));
        return !overtaken && (same.isEmpty() || same.get(same.size() - 1).kind() != press.kind());
    }
}
