package hopsel.core.nutrition;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;

/**
 * How a label writes an amount. Of Europe: the European Commission's guidance on tolerances for nutrient values
 * (December 2012), section 6. Of the United States: 21 CFR 101.9(c).
 */
enum LabelRounding {
    /** Whole. */
    EU_ENERGY(List.of(), step("0", "1")),
    /** Fat, carbohydrate, sugars, protein, fibre: whole from 10 g, tenths below, and what is half a gram or less. */
    EU_GRAMS(List.of(under("0.5", "0.5", true)), step("0", "0.1"), step("10", "1")),
    /** Saturates. */
    EU_SATURATES(List.of(under("0.1", "0.1", true)), step("0", "0.1"), step("10", "1")),
    /** Salt. */
    EU_SALT(List.of(under("0.0125", "0.01", true)), step("0", "0.01"), step("1", "0.1")),
    /** Vitamin C, vitamin B12, iron: two figures. */
    EU_TWO_FIGURES(List.of(), step("0", "0")),
    /** Calcium: three figures. */
    EU_THREE_FIGURES(List.of(), step("0", "0")),
    /** Calories. */
    US_CALORIES(List.of(none("5")), step("0", "5"), step("50", "10")),
    /** Fat and saturated fat. */
    US_FAT(List.of(none("0.5")), step("0", "0.5"), step("5", "1")),
    /** Carbohydrate, fibre, sugars, protein. */
    US_GRAMS(List.of(none("0.5"), under("1", "1", false)), step("0", "1")),
    /** Cholesterol. */
    US_CHOLESTEROL(List.of(none("2"), under("5", "5", true)), step("0", "5")),
    /** Sodium. */
    US_SODIUM(List.of(none("5")), step("0", "5"), step("140", "10")),
    /** Calcium. */
    US_TENS(List.of(none("5")), step("0", "10")),
    /** Vitamin C. */
    US_WHOLE(List.of(none("0.5")), step("0", "1")),
    /** Iron, vitamin B12. */
    US_TENTHS(List.of(none("0.05")), step("0", "0.1"));

    private static final int TWO = 2;
    private static final int THREE = 3;

    private final List<Low> lows;
    private final List<Step> steps;

    LabelRounding(List<Low> lows, Step... steps) {
        this.lows = lows;
        this.steps = List.of(steps);
    }

    /** Up to where an amount is written as under something, or as nothing; with or without that very amount. */
    private record Low(BigDecimal limit, BigDecimal written, boolean with) {

        private boolean holds(BigDecimal amount) {
            int compared = amount.compareTo(limit);
            return compared < 0 || with && compared == 0;
        }
    }

    /** From where an amount is rounded to multiples of something. */
    private record Step(BigDecimal from, BigDecimal to) {}

    /**
     * An amount as a label writes it.
     *
     * @param number as it is written
     * @param under whether less than that is in it
     */
    record Written(BigDecimal number, boolean under) {

        String text() {
            return (under ? "< " : "") + number.toPlainString();
        }
    }

    private static Low under(String limit, String written, boolean with) {
        return new Low(new BigDecimal(limit), new BigDecimal(written), with);
    }

    private static Low none(String limit) {
        return new Low(new BigDecimal(limit), BigDecimal.ZERO, false);
    }

    private static Step step(String from, String to) {
        return new Step(new BigDecimal(from), new BigDecimal(to));
    }

    /** An amount, 0 or more, as it is written; nothing at all is 0 in every rule. */
    Written write(BigDecimal amount) {
        if (amount.signum() == 0) {
            return new Written(BigDecimal.ZERO, false);
        }
        for (Low low : lows) {
            if (low.holds(amount)) {
                return new Written(low.written, low.written.signum() > 0);
            }
        }
        if (this == EU_TWO_FIGURES || this == EU_THREE_FIGURES) {
            int figures = this == EU_TWO_FIGURES ? TWO : THREE;
            BigDecimal rounded = amount.round(new MathContext(figures, RoundingMode.HALF_UP));
            return new Written(rounded.scale() < 0 ? rounded.setScale(0) : rounded, false);
        }
        Step step = steps.stream()
                .filter(own -> amount.compareTo(own.from) >= 0)
                .reduce((one, two) -> two)
                .orElseThrow();
        BigDecimal number = amount.divide(step.to, 0, RoundingMode.HALF_UP).multiply(step.to);
        return new Written(number, false);
    }
}
