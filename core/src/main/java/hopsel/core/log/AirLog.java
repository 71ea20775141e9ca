package hopsel.core.log;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirEvent.Kind;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A class that was on air: planned and actual, step by step.
 *
 * @param rows    shown and unseen work that somebody began and ended, by when it began
 * @param notes   what was noted, with when
 * @param failed  keys of what failed
 * @param end     seconds at which it was over, by what was pressed
 * @param skipped keys of what was left out
 */
public record AirLog(List<Row> rows, List<Note> notes, List<String> failed, int end, List<String> skipped) {

    /**
     * A step.
     *
     * @param standing as it was
     * @param lasted   seconds that it took; never of what was swapped out
     */
    public record Row(Standing standing, int lasted) {

        /** Seconds longer than planned; less than 0: quicker. */
        public int over() {
            return lasted - standing.activity().duration();
        }
    }

    /**
     * Something noted.
     *
     * @param at   seconds from going on air
     * @param key  of the activity in hand, or empty text
     */
    public record Note(int at, String key, String text) {
    }

    /** Keeps its own copies. */
    public AirLog {
        rows = List.copyOf(rows);
        notes = List.copyOf(notes);
        failed = List.copyOf(failed);
        skipped = List.copyOf(skipped);
    }

    /** Of a class that went on air. */
    public static AirLog of(AirState state) {
        Instant begun = state.onAir().orElseThrow();
        List<Row> rows = new ArrayList<>();
        List<String> failed = new ArrayList<>();
        List<String> skipped = new ArrayList<>();
        for (Standing standing : state.standings()) {
            String key = AirState.key(standing.activity());
            boolean pressed = state.events().stream().anyMatch(event -> event.kind() == Kind.START && event.activity().equals(key));
            if (standing.status() == Status.DONE && pressed) {
                rows.add(new Row(standing, standing.end() - standing.start()));
            } else if (standing.status() == Status.FAILED) {
                failed.add(key);
            } else if (standing.status() == Status.SKIPPED) {
                skipped.add(key);
            }
        }
        rows.sort(Comparator.comparingInt(row -> row.standing.start()));
        List<Note> notes = state.events().stream().filter(event -> event.kind() == Kind.NOTE).map(event -> new Note((int) Duration.between(begun, event.at()).toSeconds(), event.activity(), event.text())).toList();
        int end = state.events().stream().filter(event -> event.kind() == Kind.OVER).map(AirEvent::at).findFirst().map(at -> (int) Duration.between(begun, at).toSeconds())
                .orElseGet(() -> rows.stream().mapToInt(row -> row.standing.end()).max().orElse(0));
        return new AirLog(rows, notes, failed, end, skipped);
    }
}
