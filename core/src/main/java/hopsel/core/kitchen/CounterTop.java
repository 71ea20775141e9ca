package hopsel.core.kitchen;

import hopsel.core.Copyable;

/**
 * The bench that the host works at.
 *
 * @param length from left to right, cm, {@value #LEAST} to {@value #MOST}
 * @param depth from front to back, cm, likewise
 */
@Copyable
public record CounterTop(int length, int depth) implements CounterTopBuilder.With {

    /** Nothing can be set out on less, cm. */
    public static final int LEAST = 20;
    /** Longer than any bench one person reaches, cm. */
    public static final int MOST = 2000;
    /** A usual kitchen bench, where nobody has measured, cm. */
    public static final CounterTop USUAL = new CounterTop(180, 60);

    /** Checks the figures. */
    public CounterTop {
        if (length < LEAST || length > MOST || depth < LEAST || depth > MOST) {
            throw new IllegalArgumentException(
                    "The counter [%d × %d cm] must be %d to %d cm each way.".formatted(length, depth, LEAST, MOST));
        }
    }
}
