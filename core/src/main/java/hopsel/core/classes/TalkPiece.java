package hopsel.core.classes;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

import java.util.Optional;

/**
 * What a host says with empty hands.
 *
 * @param id unique in the class
 * @param minutes how long, above 0
 * @param at when in the class
 * @param from minutes on air from which on, only between
 * @param to minutes on air up to which, only between
 * @param title short name
 */
@Copyable
public record TalkPiece(
        String id, Minutes minutes, Moment at, Optional<Minutes> from, Optional<Minutes> to, Optional<String> title)
        implements TalkPieceBuilder.With {

    /** When in a class something is said. */
    public enum Moment {
        OPENING("opening"),
        CLOSING("closing"),
        BETWEEN("between");

        private final String word;

        Moment(String word) {
            this.word = word;
        }

        /** The word in class files. */
        public String word() {
            return word;
        }
    }
}
