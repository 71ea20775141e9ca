package hopsel.core.air;

import java.time.Instant;

/**
 * Something that happened while a class was on air. The run of a class is a list of these; it is only ever added to.
 *
 * @param number   counted up from 1
 * @param kind     what
 * @param activity which, as {@link AirState#key}; empty text where it is about none
 * @param at       when it happened, by the clock of whoever pressed, set right by the server's
 * @param seconds  of {@link Kind#EXTEND}; 0 otherwise
 * @param text     a question, a note, the key of what was shown, or the number of the event that is undone
 */
public record AirEvent(long number, Kind kind, String activity, Instant at, int seconds, String text) {

    /** What happens on air. */
    public enum Kind {
        /** The class goes on air. */
        ON_AIR,
        START, DONE, SKIP,
        /** The one made earlier comes in now. */
        SWAP_IN,
        /** Somebody else does it. */
        HAND_OVER,
        /** A timer is put forward. */
        EXTEND,
        FAILED,
        /** An ingredient or a cue was shown. */
        SHOWN,
        /** What an amount came to by taste. */
        AMOUNT,
        QUESTION, ANSWERED, NOTE,
        /** Another event did not happen. */
        UNDO,
        /** The class is over. */
        OVER
    }
}
