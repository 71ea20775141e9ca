package hopsel.core.air;

import java.time.Instant;
import java.util.Arrays;

/**
 * Something that happened while a class was on air. The run of a class is a list of these; it is only ever added to.
 *
 * @param number   counted up from 1
 * @param kind     what
 * @param activity which, as {@link AirState#key}; empty text where it is about none
 * @param at       when it happened, by the clock of whoever pressed, set right by the server's
 * @param seconds  of {@link Kind#EXTEND} and {@link Kind#DOOR}, °C of {@link Kind#OVEN}, in thousandths what an amount came
 *                 to of {@link Kind#AMOUNT}; 0 otherwise
 * @param text     a question, a note, what failed it, the key of what was shown, a component that is dropped, an oven, or the
 *                 number of the event that is undone
 */
public record AirEvent(long number, Kind kind, String activity, Instant at, int seconds, String text) {

    /** What happens on air. */
    public enum Kind {
        /** The class goes on air. */
        ON_AIR,
        START, DONE, SKIP,
        /** A component is left out, with everything of it that has not begun. */
        DROP,
        /** The one made earlier comes in now. */
        SWAP_IN,
        /** Somebody else does it. */
        HAND_OVER,
        /** It is told and shown in as short a time as it can be done. */
        CUT,
        /** A timer is put forward. */
        EXTEND,
        /** Somebody looked at what runs by itself. */
        LOOKED,
        FAILED,
        /** Something went wrong, but the step goes on. */
        TROUBLE,
        /** A tray or one made earlier was handed in. */
        HANDED_IN,
        /** An ingredient or a cue was shown. */
        SHOWN,
        /** What an amount came to by taste. */
        AMOUNT,
        QUESTION, ANSWERED, NOTE,
        /** A simulated oven is set; 0: off. */
        OVEN,
        /** The door of a simulated oven stood open. */
        DOOR,
        /** The simulated probe goes into it. */
        PROBE,
        /** Another event did not happen. */
        UNDO,
        /** The class is over. */
        OVER
    }

    /** What went wrong; it is gathered by it. */
    public enum Trouble { BURNT, SPILT, STUCK, MACHINE, RAN_OUT, TEXTURE, OTHER }

    /** What went wrong, of an event that says so; what it was about stands after a colon. */
    public Trouble trouble() {
        String word = text.replaceFirst(":.*", "");
        return Arrays.stream(Trouble.values()).filter(trouble -> trouble.name().equals(word)).findFirst().orElse(Trouble.OTHER);
    }

    /** What went wrong was about, such as an item that ran out; empty text: the step. */
    public String about() {
        int colon = text.indexOf(':');
        return colon < 0 ? "" : text.substring(colon + 1);
    }
}
