package hopsel.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Presses from several screens, put together. Each is written as kind, step and second. */
class MergingTest {

    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");

    private static AirEvent event(int number, String written) {
        String[] parts = written.split(" ");
        return new AirEvent(
                number,
                AIR.plusSeconds(Integer.parseInt(parts[2])),
                EarlierEvent.of(parts[0], parts[1].equals("-") ? "" : parts[1], 0, parts.length > 3 ? parts[3] : ""));
    }

    private static List<AirEvent> events(String written) {
        List<AirEvent> all = new ArrayList<>();
        Arrays.stream(written.split(", "))
                .filter(one -> !one.isEmpty())
                .forEach(one -> all.add(event(all.size() + 1, one)));
        return all;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                // Two hosts at once: the second says nothing new, and no step is skipped.
                "START mix 0; START mix 1; false",
                "START mix 0, DONE mix 60; DONE mix 60; false",
                "START mix 0, DONE mix 60; START fry 60; true",
                // A step is done again.
                "START mix 0, DONE mix 60; START mix 90; true",
                "START mix 0, FAILED mix 60; START mix 61; true",
                // Pressed out of touch, and something later has come meanwhile.
                "START mix 0, DONE mix 60; START mix 0; false",
                "START mix 50, DONE mix 60; SKIP mix 20; false",
                "START fry 50; START mix 20; true",
                // Once is enough.
                "SHOWN - 5 salt; SHOWN - 9 salt; false",
                "SHOWN - 5 salt; SHOWN - 9 oil; true",
                "ON_AIR - 0; ON_AIR - 3; false",
                "OVER - 0; OVER - 3; false",
                "DROP - 1 dip; DROP - 2 dip; false",
                // As often as it happens.
                "EXTEND bake 5; EXTEND bake 6; true",
                "AMOUNT mix 5 salt; AMOUNT mix 5 salt; true",
                "QUESTION - 5 why; QUESTION - 6 why; true",
                "LOOKED bake 5; LOOKED bake 6; true",
                // What is not there cannot be undone, and what is undone can come again.
                "START mix 0; UNDO - 1 1; true",
                "START mix 0, UNDO - 1 1; UNDO - 2 1; false",
                "START mix 0, UNDO - 1 1; START mix 2; true",
                "ON_AIR - 0, UNDO - 1 1; ON_AIR - 5; true"
            })
    void whatCountsAndWhatDoesNot(String before, String press, boolean counts) {
        assertThat(Merging.counts(event(99, press.strip()), events(before.strip())))
                .isEqualTo(counts);
    }

    @Test
    void theOrderInWhichTwoHostsArriveMakesNoDifference() {
        AirEvent one = event(1, "DONE mix 60");
        AirEvent two = event(2, "DONE mix 61");
        List<AirEvent> start = events("START mix 0");
        List<AirEvent> first = new ArrayList<>(start);
        first.add(one);
        List<AirEvent> second = new ArrayList<>(start);
        second.add(two);
        assertThat(Merging.counts(two, first)).isFalse();
        assertThat(Merging.counts(one, second)).isFalse();
    }
}
