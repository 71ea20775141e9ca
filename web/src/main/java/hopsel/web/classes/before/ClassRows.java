package hopsel.web.classes.before;

import java.math.BigDecimal;
import java.time.LocalDateTime;

/**
 * The tables of a class, a record a row; names follow the columns. Values are those of the class file, and null stands
 * for what is missing there.
 */
final class ClassRows {

    private ClassRows() {}

    /** The class itself. */
    record ClassRow(
            long id,
            int version,
            String title,
            String style,
            LocalDateTime startsAt,
            String zone,
            BigDecimal airMinutes,
            String measures,
            BigDecimal demoServings,
            BigDecimal tastingPortions,
            BigDecimal tastingShare,
            BigDecimal sparePercent,
            String room) {}

    record PrepWindowRow(int position, BigDecimal fromMinutes, BigDecimal toMinutes) {}

    record PersonRow(String id, int position, String name, String role) {}

    record ResourceRow(
            String id,
            int position,
            String kind,
            int units,
            BigDecimal rinseMinutes,
            BigDecimal heatPerMinute,
            BigDecimal coolPerMinute) {}

    record ItemRow(
            String id,
            int position,
            String name,
            BigDecimal gramsPerMl,
            BigDecimal gramsPerPiece,
            BigDecimal gramsPerCan,
            BigDecimal edibleShare,
            String origin,
            String houseRule,
            String storage,
            BigDecimal tolerance,
            boolean hasNutrients,
            BigDecimal canNet,
            BigDecimal soaked,
            BigDecimal cooked) {}

    record ItemAllergenRow(String itemId, String allergen) {}

    record ItemNameRow(String itemId, int position, String name) {}

    record ItemPieceRow(String itemId, int position, String size, BigDecimal grams) {}

    record ItemSourceRow(String itemId, int position, String figure, String source) {}

    record ItemPackRow(String itemId, int position, BigDecimal grams, BigDecimal price) {}

    record ItemNutrientRow(String itemId, String name, BigDecimal per100g) {}

    record DishRow(String id, int position, String title, BigDecimal servings) {}

    record ComponentRow(String dishId, String id, int position, String title) {}

    record LineRow(
            String dishId,
            String id,
            String componentId,
            int position,
            String itemId,
            BigDecimal amountLow,
            BigDecimal amountHigh,
            String unit,
            String size,
            String prep,
            String scaling,
            boolean isOptional,
            String source) {}

    record StepRow(
            String dishId,
            String id,
            String componentId,
            int position,
            String title,
            String instruction,
            BigDecimal minutesLow,
            BigDecimal minutesLikely,
            BigDecimal minutesHigh,
            String work,
            String shown,
            BigDecimal keeps,
            BigDecimal swapMinutes,
            BigDecimal checkEvery,
            String cue,
            String say,
            String noise,
            String tools) {}

    record StepNeedRow(
            String dishId,
            String stepId,
            int position,
            String kind,
            int units,
            BigDecimal celsius,
            BigDecimal tolerance) {}

    record StepAfterRow(
            String dishId,
            String stepId,
            int position,
            String beforeId,
            BigDecimal leastMinutes,
            BigDecimal withinMinutes) {}

    record StepUseRow(String dishId, String stepId, int position, String lineId, BigDecimal share) {}

    record SubstitutionRow(
            int position, String replaced, String used, BigDecimal ratio, String role, String note, String effect) {}

    record AttendeeRow(String id, int position, String name, BigDecimal servings, String zone, String gets) {}

    record AttendeeServedRow(String attendeeId, String itemId, String useId) {}

    record AttendeeAvoidRow(String attendeeId, int position, String word, boolean strict) {}

    record PantryStockRow(int position, String itemId, BigDecimal grams) {}

    record SharedComponentRow(
            int position, String madeDishId, String madeComponentId, String dishId, String componentId) {}
}
