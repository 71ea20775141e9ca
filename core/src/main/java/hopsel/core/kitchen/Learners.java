package hopsel.core.kitchen;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.List;

/**
 * How attendees cook along: what must be shown takes them longer than the host, and what the room has only a few of is
 * used in rounds.
 *
 * @param stations in the room, 1 to {@value #MOST_STATIONS}; a stream has one in each home
 * @param pace how many times as long their hands take as the host's, 1 to {@value #SLOWEST}
 * @param own kinds of place that stand at every station
 */
@Copyable
public record Learners(int stations, BigDecimal pace, List<String> own) implements LearnersBuilder.With {

    /** More stations than any teaching kitchen holds. */
    public static final int MOST_STATIONS = 60;
    /** Slower than this, a step is another step. */
    public static final int SLOWEST = 5;
    /** Nobody cooks along, or all do as the host does. */
    public static final Learners NONE = new Learners(1, BigDecimal.ONE, List.of());

    /** Checks the figures. */
    public Learners {
        if (stations < 1 || stations > MOST_STATIONS) {
            throw new IllegalArgumentException("The stations [%d] must be 1 to %d.".formatted(stations, MOST_STATIONS));
        }
        if (pace.compareTo(BigDecimal.ONE) < 0 || pace.compareTo(BigDecimal.valueOf(SLOWEST)) > 0) {
            throw new IllegalArgumentException(
                    "The pace [%s] must be 1 to %d.".formatted(pace.toPlainString(), SLOWEST));
        }
        pace = pace.stripTrailingZeros();
        own = List.copyOf(own);
    }

    /** Everybody in a kitchen of their own: slower, but never in rounds. */
    public Learners eachAtHome() {
        return new Learners(1, pace, own);
    }
}
