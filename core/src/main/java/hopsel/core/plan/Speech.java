package hopsel.core.plan;

import static hopsel.core.solve.Literal.TRUE;

import hopsel.core.classes.TalkPiece;

import org.jspecify.annotations.Nullable;

/** Something that a host says with empty hands; rule 17. */
final class Speech extends Stretch {

    final TalkPiece piece;

    Speech(int number, TalkPiece piece, int start) {
        super(number, start, Length.of(piece.minutes().seconds()), TRUE, TRUE);
        this.piece = piece;
    }

    @Override
    boolean isMain() {
        return true;
    }

    @Override
    @Nullable String component() {
        return null;
    }

    @Override
    @Nullable String worksOn() {
        return null;
    }

    @Override
    String dish() {
        return "";
    }

    @Override
    @Nullable Making making() {
        return null;
    }
}
