package hopsel.core.air;

import hopsel.core.air.AirEvent.Kind;

import java.time.Instant;

/**
 * Something that brings the end of a class forward.
 *
 * @param means what kind of thing, and with it what it costs
 * @param key   of the activity; empty text where a component goes
 * @param text  who takes it over, or the component that goes; otherwise empty
 * @param gain  seconds that the class ends earlier by it alone
 */
public record Reply(Means means, String key, String text, int gain) {

    /**
     * What can be done, with what it takes from the class: points of kitchen practice, only good for comparing. The
     * first loses a few sentences, the last a dish as it was meant.
     */
    public enum Means {
        CUT_TALK(Kind.CUT, 1), HAND_OVER(Kind.HAND_OVER, 2), DROP_GARNISH(Kind.SKIP, 3), SKIP_OPTIONAL(Kind.SKIP, 4), SERVE_COLD(Kind.SKIP, 5), SWAP_OUT(Kind.SWAP_IN, 6), DROP_COMPONENT(Kind.DROP, 8);

        private final Kind kind;
        private final int cost;

        Means(Kind kind, int cost) {
            this.kind = kind;
            this.cost = cost;
        }

        /** What is pressed for it. */
        public Kind kind() {
            return kind;
        }

        /** What it takes from the class, points. */
        public int cost() {
            return cost;
        }
    }

    /** As it would be pressed. */
    public AirEvent pressed(long number, Instant at) {
        return new AirEvent(number, means.kind(), key, at, 0, text);
    }

    /** What it is about: an activity, or a component. */
    String about() {
        return key.isEmpty() ? text : key;
    }

    Reply gaining(int seconds) {
        return new Reply(means, key, text, seconds);
    }
}
