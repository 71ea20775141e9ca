package hopsel.core.measure;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The units an ingredient line may be written in.
 *
 * <p>Weights are the same everywhere: the avoirdupois ounce of 28.349523125 g and pound of 453.59237 g (international
 * yard and pound agreement, 1959). The fluid ounce is the United States one, 29.5735295625 ml. What a cup and a spoon
 * hold is said by {@link Measures}, what a piece weighs by its item.
 */
public enum Unit {
    G("g", "g", "g", Holds.GRAMS, "1"),
    KG("kg", "kg", "kg", Holds.GRAMS, "1000"),
    OZ("oz", "oz", "oz", Holds.GRAMS, "28.349523125"),
    LB("lb", "lb", "lb", Holds.GRAMS, "453.59237"),
    ML("ml", "ml", "ml", Holds.MILLILITRES, "1"),
    L("l", "l", "l", Holds.MILLILITRES, "1000"),
    FLOZ("floz", "fl oz", "fl oz", Holds.MILLILITRES, "29.5735295625"),
    TSP("tsp", "tsp", "tsp", Holds.AS_MEASURED, "0"),
    TBSP("tbsp", "tbsp", "tbsp", Holds.AS_MEASURED, "0"),
    CUP("cup", "cup", "cups", Holds.AS_MEASURED, "0"),
    PIECE("piece", "piece", "piece", Holds.AS_MEASURED, "0"),
    CAN("can", "can", "cans", Holds.AS_MEASURED, "0"),
    PINCH("pinch", "pinch", "pinches", Holds.GRAMS, "0.3");

    private enum Holds {
        GRAMS,
        MILLILITRES,
        AS_MEASURED
    }

    private final String word;
    private final String one;
    private final String many;
    private final Holds holds;
    private final BigDecimal number;

    Unit(String word, String one, String many, Holds holds, String number) {
        this.word = word;
        this.one = one;
        this.many = many;
        this.holds = holds;
        this.number = new BigDecimal(number);
    }

    /** The word in class files, such as {@code tbsp}. */
    public String word() {
        return word;
    }

    /** As it is written behind a number: of one or less, or of more. */
    public String written(boolean ofMany) {
        return ofMany ? many : one;
    }

    /** Grams in one, where that depends on nothing; empty otherwise. */
    public Optional<BigDecimal> grams() {
        return holds == Holds.GRAMS ? Optional.of(number) : Optional.empty();
    }

    /** Millilitres in one, where that depends on nothing; empty otherwise. */
    public Optional<BigDecimal> millilitres() {
        return holds == Holds.MILLILITRES ? Optional.of(number) : Optional.empty();
    }

    /** The unit of that word, if there is one. */
    public static Optional<Unit> of(String word) {
        return Arrays.stream(values()).filter(unit -> unit.word.equals(word)).findFirst();
    }

    /** All words, for messages. */
    public static String words() {
        return Arrays.stream(values()).map(Unit::word).collect(Collectors.joining(" "));
    }
}
