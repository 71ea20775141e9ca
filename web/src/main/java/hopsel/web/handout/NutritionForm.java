package hopsel.web.handout;

import hopsel.core.item.Nutrients;
import hopsel.core.nutrition.Versions;
import hopsel.core.nutrition.Versions.Version;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What somebody typed beside a dish: the label of something else, and what a serving should hold. */
final class NutritionForm {

    /** What amounts can be bent to. */
    static final List<String> AIMS = List.of("kcal", "protein", "carbs", "fat", "fibre");

    private static final int LONGEST = 120;

    private final Entered in;

    NutritionForm(Map<String, String> fields) {
        this.in = new Entered(fields);
    }

    /** The label; empty: none was typed. */
    Optional<Version> label() throws BadEntryException {
        Map<String, BigDecimal> values = new LinkedHashMap<>();
        for (String name : Nutrients.NAMES) {
            Optional<BigDecimal> value = in.number("label-" + name);
            if (value.isPresent() && value.get().signum() < 0) {
                throw new BadEntryException("label-" + name, "is under 0. Type what the label says.");
            }
            value.ifPresent(own -> values.put(name, own));
        }
        if (values.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal grams = in.positive("label-grams")
                .orElseThrow(() -> new BadEntryException(
                        "label-grams", "is empty. Type how many grams a serving on the label is."));
        return Optional.of(Versions.label(in.maybe("label-name", LONGEST), grams, values));
    }

    /** What a serving should hold, by name; empty: nobody wants anything. */
    Map<String, BigDecimal> wanted() throws BadEntryException {
        Map<String, BigDecimal> wanted = new LinkedHashMap<>();
        for (String name : AIMS) {
            in.positive("want-" + name).ifPresent(own -> wanted.put(name, own));
        }
        return wanted;
    }
}
