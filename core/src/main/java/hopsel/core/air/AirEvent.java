package hopsel.core.air;

import java.time.Instant;

/**
 * Something that happened while a class was on air. The run of a class is a list of these; it is only ever added to.
 *
 * @param number counted up from 1
 * @param at when it happened, by the clock of whoever pressed, set right by the server's
 * @param what what happened
 */
public record AirEvent(long number, Instant at, Happened what) {

    /** The number of an event that is not written down. */
    public static final long UNWRITTEN = Long.MAX_VALUE;

    /** Something that has not been written down. */
    public static AirEvent unwritten(Instant at, Happened what) {
        return new AirEvent(UNWRITTEN, at, what);
    }

    /** The activity that it is about; empty text where it is about none. */
    public String activity() {
        return what.activity();
    }

    /** Whether it is of that kind. */
    public boolean is(Class<? extends Happened> kind) {
        return kind.isInstance(what);
    }

    /** Whether it is that kind of thing, of that activity. */
    public boolean is(Class<? extends Happened> kind, String activity) {
        return is(kind) && what.activity().equals(activity);
    }
}
