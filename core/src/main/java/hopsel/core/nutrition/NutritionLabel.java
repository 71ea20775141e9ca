package hopsel.core.nutrition;

import hopsel.core.Known;
import hopsel.core.measure.Decimals;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The values in the order and units of a label, as information. The reference amounts of an adult are those of
 * Regulation (EU) No 1169/2011, annex XIII, and of 21 CFR 101.9(c).
 */
public enum NutritionLabel {
    /** Order of annex XV of the regulation: energy in kJ and kcal, salt. */
    EUROPE(List.of(
            new Line("kj", "kcal", "kJ", NutritionFacts.KJ, LabelRounding.EU_ENERGY, "8400", false),
            new Line("kcal", "kcal", "kcal", BigDecimal.ONE, LabelRounding.EU_ENERGY, "2000", false),
            new Line("fat", "fat", "g", BigDecimal.ONE, LabelRounding.EU_GRAMS, "70", false),
            new Line("saturates", "saturates", "g", BigDecimal.ONE, LabelRounding.EU_SATURATES, "20", true),
            new Line("carbs", "carbs", "g", BigDecimal.ONE, LabelRounding.EU_GRAMS, "260", false),
            new Line("sugars", "sugars", "g", BigDecimal.ONE, LabelRounding.EU_GRAMS, "90", true),
            new Line("fibre", "fibre", "g", BigDecimal.ONE, LabelRounding.EU_GRAMS, null, false),
            new Line("protein", "protein", "g", BigDecimal.ONE, LabelRounding.EU_GRAMS, "50", false),
            new Line("salt", "salt", "g", BigDecimal.ONE, LabelRounding.EU_SALT, "6", false),
            new Line("vitaminC", "vitaminC", "mg", BigDecimal.ONE, LabelRounding.EU_TWO_FIGURES, "80", false),
            new Line("b12", "b12", "µg", BigDecimal.ONE, LabelRounding.EU_TWO_FIGURES, "2.5", false),
            new Line("calcium", "calcium", "mg", BigDecimal.ONE, LabelRounding.EU_THREE_FIGURES, "800", false),
            new Line("iron", "iron", "mg", BigDecimal.ONE, LabelRounding.EU_TWO_FIGURES, "14", false),
            new Line("cholesterol", "cholesterol", "mg", BigDecimal.ONE, LabelRounding.EU_TWO_FIGURES, null, false))),
    /** Order of the facts panel: calories, sodium; sugars have no reference, for what is added is not known. */
    UNITED_STATES(List.of(
            new Line("calories", "kcal", "", BigDecimal.ONE, LabelRounding.US_CALORIES, null, false),
            new Line("fat", "fat", "g", BigDecimal.ONE, LabelRounding.US_FAT, "78", false),
            new Line("saturates", "saturates", "g", BigDecimal.ONE, LabelRounding.US_FAT, "20", true),
            new Line("cholesterol", "cholesterol", "mg", BigDecimal.ONE, LabelRounding.US_CHOLESTEROL, "300", false),
            new Line("sodium", "salt", "mg", BigDecimal.valueOf(400), LabelRounding.US_SODIUM, "2300", false),
            new Line("carbs", "carbs", "g", BigDecimal.ONE, LabelRounding.US_GRAMS, "275", false),
            new Line("fibre", "fibre", "g", BigDecimal.ONE, LabelRounding.US_GRAMS, "28", true),
            new Line("sugars", "sugars", "g", BigDecimal.ONE, LabelRounding.US_GRAMS, null, true),
            new Line("protein", "protein", "g", BigDecimal.ONE, LabelRounding.US_GRAMS, "50", false),
            new Line("calcium", "calcium", "mg", BigDecimal.ONE, LabelRounding.US_TENS, "1300", false),
            new Line("iron", "iron", "mg", BigDecimal.ONE, LabelRounding.US_TENTHS, "18", false),
            new Line("vitaminC", "vitaminC", "mg", BigDecimal.ONE, LabelRounding.US_WHOLE, "90", false),
            new Line("b12", "b12", "mcg", BigDecimal.ONE, LabelRounding.US_TENTHS, "2.4", false)));

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final Set<String> MICRO = Set.of("calcium", "iron", "vitaminC", "b12");

    private final List<Line> lines;

    NutritionLabel(List<Line> lines) {
        this.lines = lines;
    }

    /**
     * A line.
     *
     * @param key what it is called on this label
     * @param value of {@link hopsel.core.item.Nutrients}
     * @param unit of the label
     * @param factor from grams or kcal to that unit; a gram of salt holds 400 mg of sodium
     * @param rounding how its amounts are written
     * @param reference a day's amount, in that unit; null: none
     * @param of whether it is part of the line before
     */
    private record Line(
            String key,
            String value,
            String unit,
            BigDecimal factor,
            LabelRounding rounding,
            @Nullable String reference,
            boolean of) {

        /** Carbohydrate of the United States is all of it, fibre too; tables of Europe count fibre beside it. */
        private BigDecimal value(NutritionLabel label, NutritionFacts facts) {
            BigDecimal own = facts.value(value);
            return label == UNITED_STATES && key.equals("carbs") ? own.add(facts.value("fibre")) : own;
        }

        private boolean complete(NutritionLabel label, NutritionFacts facts) {
            boolean fibre = label != UNITED_STATES || !key.equals("carbs") || facts.complete("fibre");
            return fibre && facts.complete(value);
        }

        private boolean isMicro() {
            return MICRO.contains(key);
        }
    }

    /** Vitamins and minerals of the United States go by 2 up to 10 %, by 5 up to 50 %, by 10 above; all else by 1. */
    private int percent(BigDecimal exact, BigDecimal day, boolean micro) {
        BigDecimal percent = exact.multiply(HUNDRED).divide(day, MathContext.DECIMAL64);
        int by = this == UNITED_STATES && micro ? stepOf(percent) : 1;
        return percent.divide(BigDecimal.valueOf(by), 0, RoundingMode.HALF_UP).intValue() * by;
    }

    private static int stepOf(BigDecimal percent) {
        if (percent.compareTo(BigDecimal.TEN) <= 0) {
            return 2;
        }
        return percent.compareTo(BigDecimal.valueOf(50)) <= 0 ? 5 : 10;
    }

    /**
     * A line as it is shown.
     *
     * @param amount as the label writes it, such as 12 or &lt; 0.5
     * @param exact what it is before it is rounded, in the same unit
     * @param percent of a day's reference amount; empty: there is none
     * @param atLeast whether some items lack the value, so that it is only what is known
     */
    public record Shown(
            String key,
            String amount,
            BigDecimal exact,
            String unit,
            Optional<Integer> percent,
            boolean of,
            boolean atLeast) {}

    /**
     * What one version has more of than another, as it is shown.
     *
     * @param amount above 0: more; below: less
     */
    public record Change(String key, BigDecimal amount, String unit) {}

    /** What is shown differently for these facts than for those; nothing of what is not known of both. */
    public List<Change> changes(NutritionFacts before, NutritionFacts after) {
        Map<String, Shown> old = lines(before).stream().collect(Collectors.toMap(Shown::key, line -> line));
        return lines(after).stream()
                .filter(line -> old.containsKey(line.key()))
                .map(line -> new Change(
                        line.key(),
                        tenths(line.exact().subtract(Known.in(old, line.key()).exact())),
                        line.unit()))
                .filter(change -> change.amount().signum() != 0)
                .toList();
    }

    /** Whole from 10, tenths under 10, hundredths under 1: what a reader can tell apart. */
    private static BigDecimal tenths(BigDecimal change) {
        BigDecimal size = change.abs();
        if (size.compareTo(BigDecimal.TEN) >= 0) {
            return change.setScale(0, RoundingMode.HALF_UP);
        }
        return change.setScale(size.compareTo(BigDecimal.ONE) >= 0 ? 1 : 2, RoundingMode.HALF_UP);
    }

    /** The lines for these facts; a value of which nothing is known is left out. */
    public List<Shown> lines(NutritionFacts facts) {
        return lines.stream()
                .filter(line -> facts.known(line.value))
                .map(line -> {
                    BigDecimal exact = line.value(this, facts).multiply(line.factor, Decimals.EXACT);
                    Optional<Integer> percent = Optional.ofNullable(line.reference)
                            .map(day -> percent(exact, new BigDecimal(day), line.isMicro()));
                    return new Shown(
                            line.key,
                            line.rounding.write(exact).text(),
                            exact,
                            line.unit,
                            percent,
                            line.of,
                            !line.complete(this, facts));
                })
                .toList();
    }
}
