package hopsel.core.measure;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** The units an ingredient line may be written in. */
public enum Unit {
    G("g"),
    KG("kg"),
    OZ("oz"),
    LB("lb"),
    ML("ml"),
    L("l"),
    FLOZ("floz"),
    TSP("tsp"),
    TBSP("tbsp"),
    CUP("cup"),
    PIECE("piece"),
    CAN("can"),
    PINCH("pinch");

    private final String word;

    Unit(String word) {
        this.word = word;
    }

    /** The word in class files, such as {@code tbsp}. */
    public String word() {
        return word;
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
