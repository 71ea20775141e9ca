package hopsel.core.measure;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * The cups and spoons of a place, in millilitres.
 *
 * <p>Weights are the same everywhere: the avoirdupois ounce of 28.349523125 g and pound of 453.59237 g (international
 * yard and pound agreement, 1959). The fluid ounce is the United States one, 29.5735295625 ml.
 */
public enum Measures {
    METRIC("metric", "250", "15", "5"),
    US("us", "236.588", "14.787", "4.929"),
    AU("au", "250", "20", "5");

    private static final BigDecimal FLUID_OUNCE = new BigDecimal("29.5735295625");
    private static final BigDecimal OUNCE = new BigDecimal("28.349523125");
    private static final BigDecimal POUND = new BigDecimal("453.59237");
    private static final BigDecimal PINCH = new BigDecimal("0.3");
    private static final BigDecimal THOUSAND = BigDecimal.valueOf(1000);

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
        return Optional.ofNullable(
                switch (unit) {
                    case ML -> BigDecimal.ONE;
                    case L -> THOUSAND;
                    case FLOZ -> FLUID_OUNCE;
                    case TSP -> teaspoon;
                    case TBSP -> tablespoon;
                    case CUP -> cup;
                    default -> null;
                });
    }

    /** Grams in one such unit, where that does not depend on the ingredient; empty otherwise. */
    public Optional<BigDecimal> grams(Unit unit) {
        return Optional.ofNullable(
                switch (unit) {
                    case G -> BigDecimal.ONE;
                    case KG -> THOUSAND;
                    case OZ -> OUNCE;
                    case LB -> POUND;
                    case PINCH -> PINCH;
                    default -> null;
                });
    }
}
