package hopsel.core.recipe;

import java.math.BigDecimal;
import java.util.Optional;

/** A number as people type it. */
public final class Figure {

    private Figure() {}

    /**
     * The number.
     *
     * <p>Takes {@code 7.5}, {@code 7,5}, {@code -3}, {@code 1/2}, {@code 1 ½}, {@code two}; nothing with anything more
     * in it.
     */
    public static Optional<BigDecimal> parse(String text) {
        String plain = Numbers.plain(text);
        boolean minus = plain.startsWith("-");
        return Numbers.read(minus ? plain.substring(1) : plain)
                .filter(number -> number.rest().isBlank() && number.low().compareTo(number.high()) == 0)
                .map(number -> minus ? number.low().negate() : number.low());
    }
}
