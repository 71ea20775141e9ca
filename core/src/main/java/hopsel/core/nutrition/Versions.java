package hopsel.core.nutrition;

import hopsel.core.bench.Draft;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.bench.Notes;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Decimals;
import hopsel.core.nutrition.NutritionFacts.Part;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What each choice changes in a dish: as written, without each line that may be left out, and in each school that
 * touches it.
 */
public final class Versions {

    private Versions() {}

    /** What a version is. */
    public enum Basis {
        AS_WRITTEN,
        /** What some get otherwise. */
        VARIANT,
        WITHOUT,
        SCHOOL,
        /** Another dish of the class. */
        DISH,
        /** What somebody read off a label. */
        LABEL
    }

    /**
     * A version of the whole dish.
     *
     * @param key tells it apart within its dish
     * @param item what is left out; null otherwise
     * @param matter school of what; null otherwise
     * @param school which; null otherwise
     * @param title of another dish, or of what a label is of; null otherwise
     * @param servings it makes
     */
    public record Version(
            String key,
            Basis kind,
            @Nullable String item,
            @Nullable Matter matter,
            @Nullable String school,
            @Nullable String title,
            NutritionFacts facts,
            BigDecimal servings) {}

    /** The versions of a dish of a class; a school that changes nothing is left out. */
    public static List<Version> of(CookingClass cooking, Dish dish, Catalogue builtIn) {
        Catalogue catalogue = cooking.catalogue(builtIn);
        Weigher weigher = cooking.weigher();
        List<Version> versions = new ArrayList<>();
        versions.add(new Version(
                "written",
                Basis.AS_WRITTEN,
                null,
                null,
                null,
                null,
                facts(dish, catalogue, weigher, any -> true),
                dish.servings()));
        dish.variants()
                .forEach(variant -> versions.add(new Version(
                        "variant-" + variant.id(),
                        Basis.VARIANT,
                        null,
                        null,
                        null,
                        variant.title(),
                        facts(variant.of(dish), catalogue, weigher, any -> true),
                        dish.servings())));
        dish.lines()
                .filter(IngredientLine::optional)
                .forEach(line -> versions.add(new Version(
                        "without-" + line.id(),
                        Basis.WITHOUT,
                        line.item(),
                        null,
                        null,
                        null,
                        facts(dish, catalogue, weigher, other -> !other.id().equals(line.id())),
                        dish.servings())));
        Draft sheet = new Draft(dish, cooking.items(), cooking.measures(), Notes.NONE);
        for (Matter matter : Matter.values()) {
            for (String school : matter.schools()) {
                school(sheet, matter, school, builtIn).ifPresent(versions::add);
            }
        }
        cooking.dishes().stream()
                .filter(other -> !other.id().equals(dish.id()))
                .forEach(other -> versions.add(new Version(
                        "dish-" + other.id(),
                        Basis.DISH,
                        null,
                        null,
                        null,
                        other.title(),
                        facts(other, catalogue, weigher, any -> true),
                        other.servings())));
        return versions;
    }

    /**
     * Something that stands beside a dish as its label says.
     *
     * @param title what it is
     * @param grams of a serving, above 0
     * @param values in a serving, by name; what is missing is unknown
     */
    public static Version label(String title, BigDecimal grams, Map<String, BigDecimal> values) {
        Map<String, BigDecimal> known = new LinkedHashMap<>();
        Map<String, List<String>> missing = new LinkedHashMap<>();
        for (String name : Nutrients.NAMES) {
            known.put(name, values.getOrDefault(name, BigDecimal.ZERO));
            if (!values.containsKey(name)) {
                missing.put(name, List.of(title));
            }
        }
        NutritionFacts facts = new NutritionFacts(grams, known, missing, List.of());
        return new Version("label", Basis.LABEL, null, null, null, title, facts, BigDecimal.ONE);
    }

    private static Optional<Version> school(Draft sheet, Matter matter, String school, Catalogue builtIn) {
        try {
            HouseStyle style = HouseStyle.apply(sheet, matter, school, builtIn);
            return style.changes().isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Version(
                            matter.word() + "-" + school,
                            Basis.SCHOOL,
                            null,
                            matter,
                            school,
                            null,
                            facts(
                                    style.sheet().dish(),
                                    style.sheet().catalogue(builtIn),
                                    style.sheet().weigher(),
                                    any -> true),
                            style.sheet().dish().servings()));
        } catch (RefusedEditException e) {
            return Optional.empty();
        }
    }

    private static NutritionFacts facts(
            Dish dish, Catalogue catalogue, Weigher weigher, Predicate<IngredientLine> goesIn) {
        return NutritionFacts.of(dish.lines()
                .filter(goesIn)
                .map(line -> {
                    Item item = catalogue.get(line.item());
                    // What goes into some servings alone is as much for each of them as if all had it.
                    BigDecimal all = Decimals.ratio(dish.servings(), dish.servingsOf(line));
                    return new Part(
                            item,
                            line.amount()
                                    .flatMap(amount -> weigher.grams(item, amount))
                                    .map(grams -> grams.multiply(all, Decimals.EXACT)));
                })
                .toList());
    }
}
