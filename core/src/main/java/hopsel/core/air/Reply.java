package hopsel.core.air;

import hopsel.core.air.Happened.Cut;
import hopsel.core.air.Happened.Drop;
import hopsel.core.air.Happened.HandOver;
import hopsel.core.air.Happened.Skip;
import hopsel.core.air.Happened.SwapIn;

/**
 * Something that brings the end of a class forward.
 *
 * @param means what kind of thing, and with it what it costs
 * @param key of the activity; empty text where a component goes
 * @param text who takes it over, or the component or dish that goes; otherwise empty
 * @param gain seconds that the class ends earlier by it alone
 */
public record Reply(Means means, String key, String text, int gain) {

    /**
     * What can be done, with what it takes from the class: points of kitchen practice, only good for comparing. The
     * first loses a few sentences, the last a dish as it was meant.
     */
    public enum Means {
        CUT_TALK(1),
        HAND_OVER(2),
        LEAVE_TALK(2),
        DROP_GARNISH(3),
        SKIP_OPTIONAL(4),
        SERVE_COLD(5),
        SWAP_OUT(6),
        DROP_COMPONENT(8),
        DROP_DISH(10);

        private final int cost;

        Means(int cost) {
            this.cost = cost;
        }

        /** What it takes from the class, points. */
        public int cost() {
            return cost;
        }
    }

    /** What is pressed for it. */
    public Happened pressed() {
        return switch (means) {
            case CUT_TALK -> new Cut(key);
            case HAND_OVER -> new HandOver(key, text);
            case LEAVE_TALK, DROP_GARNISH, SKIP_OPTIONAL, SERVE_COLD -> new Skip(key);
            case SWAP_OUT -> new SwapIn(key);
            case DROP_COMPONENT, DROP_DISH -> new Drop(text);
        };
    }

    /** Whether a step, or one with all before it, is not done. */
    boolean leavesOut() {
        return means == Means.SWAP_OUT || pressed() instanceof Skip;
    }

    /** What it is about: an activity, or a component. */
    String about() {
        return key.isEmpty() ? text : key;
    }

    Reply gaining(int seconds) {
        return new Reply(means, key, text, seconds);
    }
}
