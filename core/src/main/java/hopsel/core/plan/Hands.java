package hopsel.core.plan;

import static hopsel.core.solve.Literal.TRUE;

import org.jspecify.annotations.Nullable;

/** Somebody's hands at one end of what otherwise runs by itself, or while it is shown; rule 16. */
final class Hands extends Stretch {

    final Making of;
    final HandsPart part;
    /** Seconds after the start of what they are a part of. */
    final int offset;

    Hands(int number, Making of, HandsPart part, int start, int offset, int lasts, int present) {
        super(number, start, Length.of(lasts), present, part == HandsPart.SHOW ? TRUE : of.shown);
        this.of = of;
        this.part = part;
        this.offset = offset;
    }

    @Override
    boolean isMain() {
        return of.isMain();
    }

    @Override
    @Nullable String component() {
        return of.component();
    }

    @Override
    @Nullable String worksOn() {
        return null;
    }

    @Override
    String dish() {
        return of.dish();
    }

    @Override
    Making making() {
        return of;
    }
}
