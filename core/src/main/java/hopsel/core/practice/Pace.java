package hopsel.core.practice;

import java.time.Duration;
import java.time.Instant;

/**
 * A clock that runs at another speed. Immutable.
 *
 * @param start of the class on its own clock
 * @param since when, by the real clock, it began to run at this speed
 * @param at milliseconds that had passed on its own clock by then
 * @param speed times as fast as the real one, 0 (it stands) to 60
 */
public record Pace(Instant start, Instant since, long at, int speed) {

    /** As fast as a rehearsal can be followed at all. */
    public static final int FASTEST = 60;

    /** Checks the speed. */
    public Pace {
        if (speed < 0 || speed > FASTEST) {
            throw new IllegalArgumentException("The speed [%d] is not 0 to %d.".formatted(speed, FASTEST));
        }
    }

    /** Its own time at a real moment. */
    public Instant now(Instant real) {
        return start.plusMillis(at + Math.max(0, Duration.between(since, real).toMillis()) * speed);
    }

    /** The same clock, at another speed from now on. */
    public Pace at(int other, Instant real) {
        return new Pace(start, real, Duration.between(start, now(real)).toMillis(), other);
    }
}
