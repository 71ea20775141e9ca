package hopsel.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

import java.time.Instant;

/** The clock of a rehearsal: at any speed, and left alone. */
class PaceTest {

    private static final Instant REAL = Instant.parse("2027-02-13T10:00:00Z");
    private static final Instant START = Instant.parse("2027-02-13T18:30:00Z");

    private final Pace twenty = new Pace(START, REAL, 0, 20);

    @Test
    void itGoesAsFastAsItIsSet() {
        assertThat(twenty.now(REAL.plusSeconds(30))).isEqualTo(START.plusSeconds(600));
        assertThat(twenty.at(1, REAL.plusSeconds(30)).now(REAL.plusSeconds(40))).isEqualTo(START.plusSeconds(610));
        assertThat(twenty.at(0, REAL.plusSeconds(30)).now(REAL.plusSeconds(4000)))
                .isEqualTo(START.plusSeconds(600));
    }

    @Test
    void leftAloneItStandsWhereSomebodySawItLastAndWhileItIsWatchedItGoesOn() {
        Instant seen = START.plusSeconds(600);
        assertThat(twenty.unlessLeft(seen, REAL.plusSeconds(85)))
                .as("not looked at for 55 seconds")
                .isSameAs(twenty);
        Pace left = twenty.unlessLeft(seen, REAL.plusSeconds(36_000));
        assertThat(left.speed()).isZero();
        assertThat(left.now(REAL.plusSeconds(40_000))).isEqualTo(seen);
        Pace slow = new Pace(START, REAL, 0, 1);
        assertThat(slow.unlessLeft(START, REAL.plusSeconds(14 * 60)))
                .as("a pot that somebody watches")
                .isSameAs(slow);
    }
}
