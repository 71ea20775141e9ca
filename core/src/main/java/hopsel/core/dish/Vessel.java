package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A dish or a tin, in centimetres, inside.
 *
 * @param shape rectangle, round or loaf; a loaf tin is a rectangle with a name
 * @param length of a rectangle, or the diameter
 * @param width of a rectangle; the diameter again where it is round
 * @param depth of the wall
 */
@Copyable
public record Vessel(Shape shape, BigDecimal length, BigDecimal width, BigDecimal depth) implements VesselBuilder.With {

    /** Anything that bubbles or rises fills at most this share; see the cautions of the trade. */
    public static final BigDecimal FILL = new BigDecimal("0.85");

    private static final BigDecimal QUARTER_PI = new BigDecimal("0.785398");

    /** What it looks like from above. */
    public enum Shape {
        RECTANGLE,
        ROUND,
        LOAF
    }

    /** Checks the figures. */
    public Vessel {
        length = Decimals.positive("The length", length);
        width = Decimals.positive("The width", width);
        depth = Decimals.positive("The depth", depth);
    }

    /** Square centimetres. */
    public BigDecimal area() {
        BigDecimal square = length.multiply(width);
        return shape == Shape.ROUND ? square.multiply(QUARTER_PI) : square;
    }

    /** Millilitres to the brim. */
    public BigDecimal volume() {
        return area().multiply(depth);
    }

    /** Millilitres that it may hold of what bubbles or rises. */
    public BigDecimal fill() {
        return volume().multiply(FILL);
    }

    /** The depth of so many millilitres in it, in cm to a tenth. */
    public BigDecimal depthOf(BigDecimal millilitres) {
        return millilitres.divide(area(), 1, RoundingMode.HALF_UP);
    }

    @Override
    public String toString() {
        String across = length.toPlainString();
        String size =
                switch (shape) {
                    case ROUND -> "%s cm round".formatted(across);
                    case LOAF -> "%s × %s cm loaf tin".formatted(across, width.toPlainString());
                    default -> "%s × %s cm".formatted(across, width.toPlainString());
                };
        return size + ", " + depth.toPlainString() + " cm deep";
    }
}
