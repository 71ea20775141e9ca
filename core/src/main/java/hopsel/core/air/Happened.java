package hopsel.core.air;

import hopsel.core.Copyable;

/**
 * What can happen on air; each kind says what it is about in members of its own. A new kind is a record here, a line
 * where it is read and written, and whatever follows from it.
 */
public sealed interface Happened {

    /** The activity that it is about, as {@link AirState#key}; empty text where it is about none. */
    default String activity() {
        return "";
    }

    /** Of these, the last one pressed for an activity counts. */
    sealed interface OfStep extends Happened {}

    /** Of these, one of each is enough. */
    sealed interface Once extends Happened {}

    /** The class goes on air. */
    record OnAir() implements Once {}

    /** A step is begun. */
    @Copyable
    record Start(String activity) implements OfStep {}

    /** A step is done. */
    @Copyable
    record Done(String activity) implements OfStep {}

    /** A step is left out. */
    @Copyable
    record Skip(String activity) implements OfStep {}

    /** A component, as {@code dish/component}, or a dish is left out, with everything of it that has not begun. */
    @Copyable
    record Drop(String component) implements Once {}

    /** The one made earlier comes in now. */
    @Copyable
    record SwapIn(String activity) implements OfStep {}

    /** Somebody else, by id, does it. */
    @Copyable
    record HandOver(String activity, String person) implements Happened {}

    /** It is told and shown in as short a time as it can be done. */
    @Copyable
    record Cut(String activity) implements OfStep {}

    /** A timer is put forward by so many seconds. */
    @Copyable
    record Extend(String activity, int seconds) implements Happened {}

    /** Somebody looked at what runs by itself. */
    @Copyable
    record Looked(String activity) implements Happened {}

    /** A step has to be done again. */
    @Copyable
    record Failed(String activity, Trouble trouble) implements OfStep {}

    /** Something went wrong, but the step goes on; {@code about} is the item that ran out, or empty text. */
    @Copyable
    record WentWrong(String activity, Trouble trouble, String about) implements Happened {}

    /** A tray or one made earlier was handed in, as {@link HandIn#id}. */
    @Copyable
    record HandedIn(String what) implements Once {}

    /** An ingredient, as {@code dish/line}, or a cue was shown. */
    @Copyable
    record Shown(String what) implements Once {}

    /** An amount of a line, as {@code dish/line}, came to so many thousandths more by taste; less than 0: to less. */
    @Copyable
    record Tasted(String activity, String line, int thousandths) implements Happened {}

    /** A question came. */
    @Copyable
    record Question(String activity, String text) implements Happened {}

    /** The question of that number was answered. */
    @Copyable
    record Answered(long question) implements Once {}

    /** Something to be remembered. */
    @Copyable
    record Note(String activity, String text) implements Happened {}

    /** A simulated oven, by id, is set to °C; 0: off. A slow one heats later than it says. */
    @Copyable
    record OvenSet(String oven, int celsius, boolean slow) implements Happened {}

    /** The door of a simulated oven, by id, stood open for so many seconds. */
    @Copyable
    record Door(String oven, int seconds) implements Happened {}

    /** The simulated probe goes into it. */
    @Copyable
    record Probe(String activity) implements Happened {}

    /** The event of that number did not happen. */
    @Copyable
    record Undo(long event) implements Happened {}

    /** The class is over. */
    record Over() implements Once {}
}
