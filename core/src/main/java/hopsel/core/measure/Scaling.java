package hopsel.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;

/** How an amount grows when a recipe is made for more, or fewer, than it was written for. */
public enum Scaling {
    /** In proportion. */
    LINEAR("linear"),
    /** Strong spices, chilli and leavening: upwards only with the power 0.8, then tasted. */
    DAMPED("damped"),
    /** The same whatever the number. */
    FIXED("fixed");

    private static final int NEWTON_STEPS = 12;

    private final String word;

    Scaling(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }

    /** The scaling of that word, if there is one. */
    public static Optional<Scaling> of(String word) {
        for (Scaling scaling : values()) {
            if (scaling.word.equals(word)) {
                return Optional.of(scaling);
            }
        }
        return Optional.empty();
    }

    /**
     * What an amount is multiplied by.
     *
     * @param f servings wanted ÷ servings written for, 0 or more
     */
    public BigDecimal factor(BigDecimal f) {
        return switch (this) {
            case LINEAR -> f;
            case FIXED -> BigDecimal.ONE;
            case DAMPED -> f.compareTo(BigDecimal.ONE) <= 0 ? f : fifthRoot(f.pow(4, Decimals.EXACT));
        };
    }

    /** Newton's method from above, in decimals, so that 32 to the power 0.8 is 16 to the last digit. */
    private static BigDecimal fifthRoot(BigDecimal power) {
        MathContext wide = new MathContext(40);
        BigDecimal four = BigDecimal.valueOf(4);
        BigDecimal five = BigDecimal.valueOf(5);
        BigDecimal root = BigDecimal.valueOf(Math.pow(power.doubleValue(), 0.2));
        for (int i = 0; i < NEWTON_STEPS; i++) {
            BigDecimal next = root.multiply(four)
                    .add(power.divide(root.pow(4, wide), wide))
                    .divide(five, wide);
            boolean settled = next.subtract(root).abs().compareTo(root.movePointLeft(38)) <= 0;
            root = next;
            if (settled) {
                break;
            }
        }
        return root.round(Decimals.EXACT);
    }
}
