package hopsel.core.classes;

import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * How classes of a style are usually held: a welcome and a goodbye, half a minute to wipe and wash between dishes, nine
 * evenings in ten that end in time. Kitchen practice, to be changed by whoever holds the class.
 */
public final class UsualTempo {

    private static final Minutes TURN = Minutes.of(new BigDecimal("0.5"));
    private static final BigDecimal SURE = new BigDecimal("0.9");

    private UsualTempo() {}

    /** What a class of that style is asked for where nobody has said it. */
    public static Tempo of(Style style) {
        return new Tempo(
                TURN,
                List.of(
                        talk("welcome", "Welcome", TalkPiece.Moment.OPENING, welcome(style)),
                        talk("goodbye", "Goodbye", TalkPiece.Moment.CLOSING, goodbye(style))),
                Tempo.USUAL_SWAP_COST,
                Optional.of(SURE),
                Edition.SECOND);
    }

    /** Aprons, stations and house rules take longer than a hello to a camera. */
    private static String welcome(Style style) {
        return switch (style) {
            case DEMO, STREAM -> "2";
            case HANDS_ON -> "3";
            case RECORDING -> "0.5";
        };
    }

    /** Questions come where people are there to ask them. */
    private static String goodbye(Style style) {
        return switch (style) {
            case DEMO, HANDS_ON -> "2";
            case STREAM -> "3";
            case RECORDING -> "0.5";
        };
    }

    private static TalkPiece talk(String id, String title, TalkPiece.Moment at, String minutes) {
        return new TalkPiece(
                id, Minutes.of(new BigDecimal(minutes)), at, Optional.empty(), Optional.empty(), Optional.of(title));
    }
}
