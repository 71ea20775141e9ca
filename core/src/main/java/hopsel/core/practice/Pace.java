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

    /** Real time for which nobody has to look at it before it counts as left alone. */
    private static final Duration LEFT = Duration.ofMinutes(1);
    /** Its own time likewise: at its slowest it is not left alone by whoever watches a pot for a while. */
    private static final Duration LEFT_OF_ITS_OWN = Duration.ofMinutes(15);

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

    /**
     * The same clock; or, where it was left alone, one that stands where somebody saw it last. Who walks away from a
     * rehearsal finds it as they left it, and it costs nothing meanwhile.
     *
     * @param seen its own time at which somebody saw it last
     */
    public Pace unlessLeft(Instant seen, Instant real) {
        Duration left = LEFT.multipliedBy(speed);
        Duration most = left.compareTo(LEFT_OF_ITS_OWN) < 0 ? LEFT_OF_ITS_OWN : left;
        return Duration.between(seen, now(real)).compareTo(most) > 0
                ? new Pace(start, real, Duration.between(start, seen).toMillis(), 0)
                : this;
    }
}
