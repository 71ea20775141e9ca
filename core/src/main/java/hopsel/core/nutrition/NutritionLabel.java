package hopsel.core.nutrition;

import hopsel.core.Known;
import hopsel.core.measure.Decimals;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The values in the order and units of a label, as information. The reference amounts of an adult are those of
 * Regulation (EU) No 1169/2011, annex XIII, and of 21 CFR 101.9(c).
 */
public enum NutritionLabel {
    /** Order of annex XV of the regulation: energy in kJ and kcal, salt. */
    EUROPE(List.of(
            new Line("kj", "kcal", "kJ", NutritionFacts.KJ, 0, "8400", false),
            new Line("kcal", "kcal", "kcal", BigDecimal.ONE, 0, "2000", false),
            new Line("fat", "fat", "g", BigDecimal.ONE, 1, "70", false),
            new Line("saturates", "saturates", "g", BigDecimal.ONE, 1, "20", true),
            new Line("carbs", "carbs", "g", BigDecimal.ONE, 1, "260", false),
            new Line("sugars", "sugars", "g", BigDecimal.ONE, 1, "90", true),
            new Line("fibre", "fibre", "g", BigDecimal.ONE, 1, null, false),
            new Line("protein", "protein", "g", BigDecimal.ONE, 1, "50", false),
            new Line("salt", "salt", "g", BigDecimal.ONE, 2, "6", false),
            new Line("vitaminC", "vitaminC", "mg", BigDecimal.ONE, 0, "80", false),
            new Line("b12", "b12", "µg", BigDecimal.ONE, 1, "2.5", false),
            new Line("calcium", "calcium", "mg", BigDecimal.ONE, 0, "800", false),
            new Line("iron", "iron", "mg", BigDecimal.ONE, 1, "14", false))),
    /** Order of the facts panel: calories, sodium; sugars have no reference, for what is added is not known. */
    UNITED_STATES(List.of(
            new Line("calories", "kcal", "", BigDecimal.ONE, 0, null, false),
            new Line("fat", "fat", "g", BigDecimal.ONE, 1, "78", false),
            new Line("saturates", "saturates", "g", BigDecimal.ONE, 1, "20", true),
            new Line("cholesterol", "cholesterol", "mg", BigDecimal.ONE, 0, "300", false),
            new Line("sodium", "salt", "mg", BigDecimal.valueOf(400), 0, "2300", false),
            new Line("carbs", "carbs", "g", BigDecimal.ONE, 0, "275", false),
            new Line("fibre", "fibre", "g", BigDecimal.ONE, 0, "28", true),
            new Line("sugars", "sugars", "g", BigDecimal.ONE, 0, null, true),
            new Line("protein", "protein", "g", BigDecimal.ONE, 0, "50", false),
            new Line("calcium", "calcium", "mg", BigDecimal.ONE, 0, "1300", false),
            new Line("iron", "iron", "mg", BigDecimal.ONE, 1, "18", false),
            new Line("vitaminC", "vitaminC", "mg", BigDecimal.ONE, 0, "90", false),
            new Line("b12", "b12", "µg", BigDecimal.ONE, 1, "2.4", false)));

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

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
     * @param decimals shown
     * @param reference a day's amount, in that unit; null: none
     * @param of whether it is part of the line before
     */
    private record Line(
            String key,
            String value,
            String unit,
            BigDecimal factor,
            int decimals,
            @Nullable String reference,
            boolean of) {}

    /**
     * A line as it is shown.
     *
     * @param percent of a day's reference amount; empty: there is none
     * @param atLeast whether some items lack the value, so that it is only what is known
     */
    public record Shown(
            String key, BigDecimal amount, String unit, Optional<Integer> percent, boolean of, boolean atLeast) {}

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
                        line.amount().subtract(Known.in(old, line.key()).amount()),
                        line.unit()))
                .filter(change -> change.amount().signum() != 0)
                .toList();
    }

    /** The lines for these facts; a value of which nothing is known is left out. */
    public List<Shown> lines(NutritionFacts facts) {
        return lines.stream()
                .filter(line -> facts.known(line.value))
                .map(line -> {
                    BigDecimal exact = facts.value(line.value).multiply(line.factor, Decimals.EXACT);
                    Optional<Integer> percent = Optional.ofNullable(line.reference)
                            .map(day -> exact.multiply(HUNDRED)
                                    .divide(new BigDecimal(day), 0, RoundingMode.HALF_UP)
                                    .intValue());
                    return new Shown(
                            line.key,
                            exact.setScale(line.decimals, RoundingMode.HALF_UP),
                            line.unit,
                            percent,
                            line.of,
                            !facts.complete(line.value));
                })
                .toList();
    }
}
