package hopsel.core.measure;

import java.math.BigDecimal;
import java.util.Optional;

/** The cups and spoons of a place, in millilitres. */
public enum Measures {
    METRIC("metric", "250", "15", "5"),
    US("us", "236.588", "14.787", "4.929"),
    AU("au", "250", "20", "5");

    private final String word;
    private final BigDecimal cup;
    private final BigDecimal tablespoon;
    private final BigDecimal teaspoon;

    Measures(String word, String cup, String tablespoon, String teaspoon) {
        this.word = word;
        this.cup = new BigDecimal(cup);
        this.tablespoon = new BigDecimal(tablespoon);
        this.teaspoon = new BigDecimal(teaspoon);
    }

    /** The word in class files. */
    public String word() {
        return word;
    }

    /** The measures of that word, if there are such. */
    public static Optional<Measures> of(String word) {
        for (Measures measures : values()) {
            if (measures.word.equals(word)) {
                return Optional.of(measures);
            }
        }
        return Optional.empty();
    }

    /** Millilitres in one such unit; empty for weights and counts. */
    public Optional<BigDecimal> millilitres(Unit unit) {
        return switch (unit) {
            case TSP -> Optional.of(teaspoon);
            case TBSP -> Optional.of(tablespoon);
            case CUP -> Optional.of(cup);
            default -> unit.millilitres();
        };
    }
}
