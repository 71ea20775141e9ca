package hopsel.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How a figure came about, factor by factor, so that it can be opened on a page. Immutable.
 *
 * @param terms in the order of the calculation
 */
public record Working(List<Term> terms) {

    /** Nothing to say. */
    public static final Working NONE = new Working(List.of());

    /** Keeps its own copy. */
    public Working {
        terms = List.copyOf(terms);
    }

    /** With one more factor. */
    public Working then(Operation kind, Object... figures) {
        List<Term> longer = new ArrayList<>(terms);
        longer.add(new Term(kind, Arrays.stream(figures).map(Working::text).toList()));
        return new Working(longer);
    }

    private static String text(Object figure) {
        return figure instanceof BigDecimal number
                ? Decimals.plain(number.round(new MathContext(6))).toPlainString()
                : String.valueOf(figure);
    }

    /** What a factor is; the words for it are the page's. */
    public enum Operation {
        /** Amount, unit, servings it is written for. */
        AMOUNT,
        /** Millilitres in the unit, grams in a millilitre. */
        VOLUME,
        /** Grams a piece, edible share. */
        PIECE,
        /** Grams drained. */
        CAN,
        /** Grams in the unit. */
        WEIGHT,
        /** Servings wanted, servings written for. */
        LINEAR,
        /** Servings wanted, servings written for, the factor. */
        DAMPED,
        /** The same whatever the number. */
        FIXED,
        /** The share that goes in here. */
        SHARE,
        /** Batches made at once. */
        BATCHES,
        /** Grams of what comes for each gram of what goes. */
        RATIO,
        /** What it comes to, grams. */
        SUM
    }

    /**
     * One factor.
     *
     * @param kind what it is
     * @param figures its numbers, as text
     */
    public record Term(Operation kind, List<String> figures) {}
}
