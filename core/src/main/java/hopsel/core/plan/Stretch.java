package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;

import hopsel.core.solve.Solver;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.List;

/** A stretch of time in which people or places are held, among the decisions of a {@link Model}. */
abstract class Stretch {

    final int number;
    /** Moment at which it starts. */
    final int start;
    /** Seconds it lasts. */
    final int full;
    /** Seconds it lasts instead where {@link #brief} is true. */
    final int shortened;
    /** Literal: it lasts only the shorter time. */
    final int brief;
    /** Literal: there is such a stretch. */
    final int present;
    /** Literal: it is before the audience. */
    final int shown;
    /** Literals: it lies in that prep window; the last, on air. */
    int[] times = {};
    /** One list for each need, and one for the hands: where it can be met. */
    final List<List<Use>> uses = new ArrayList<>();

    Stretch(int number, int start, Length length, int present, int shown) {
        this.number = number;
        this.start = start;
        this.full = length.full();
        this.shortened = length.shortened();
        this.brief = length.brief();
        this.present = present;
        this.shown = shown;
    }

    /** Whether it is no copy made beforehand. */
    abstract boolean isMain();

    /** Whose it is, {@code dish/component}; null for what belongs to none. */
    abstract @Nullable String component();

    /** The dish that a pair of hands works on, or null where its hands need no turning to it. */
    abstract @Nullable String worksOn();

    /** The dish it belongs to; empty for what belongs to none. */
    abstract String dish();

    /** The activity it is, or is a part of; null for talk. */
    abstract @Nullable Making making();

    /** Seconds that it lasts as things stand. */
    final int duration(Solver solver) {
        return brief != FALSE && solver.value(brief) > 0 ? shortened : full;
    }

    /**
     * How long it lasts.
     *
     * @param full seconds
     * @param shortened seconds, where {@code brief} is true
     * @param brief literal
     */
    record Length(int full, int shortened, int brief) {

        static Length of(int seconds) {
            return new Length(seconds, seconds, FALSE);
        }
    }

    /**
     * A machine that may be held.
     *
     * @param literal that it is this one
     * @param heat or null
     */
    record Use(Stretch stretch, int machine, int units, @Nullable Heat heat, int literal) {}
}
