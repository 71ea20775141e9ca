package hopsel.formats.recipefile;

import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.bench.LineText;
import hopsel.core.dish.Component;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Origin;
import hopsel.core.measure.Decimals;
import hopsel.formats.json.Json;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.util.Optional;

/**
 * Writes a dish as a schema.org Recipe (JSON-LD): times as ISO 8601 durations, amounts in words that read back to the
 * same.
 */
public final class SchemaOrgWriter {

    private SchemaOrgWriter() {}

    /** The document. */
    public static String write(Draft sheet, Catalogue builtIn) {
        Catalogue catalogue = sheet.catalogue(builtIn);
        DishTimes times = DishTimes.of(sheet.dish());
        ObjectNode node = Json.object()
                .put("@context", "https://schema.org")
                .put("@type", "Recipe")
                .put("name", sheet.dish().title());
        String servings = number(sheet.dish().servings()) + " servings";
        Optional<String> pieces = sheet.dish().yields().pieces().map(count -> number(count) + " pieces");
        if (pieces.isPresent()) {
            node.putArray("recipeYield").add(servings).add(pieces.get());
        } else {
            node.put("recipeYield", servings);
        }
        // Whoever reads it cooks alone: the hands work fits into the whole.
        node.put("prepTime", Duration.ofSeconds(times.handsOn()).toString())
                .put("totalTime", Duration.ofSeconds(times.one().seconds()).toString());
        node.put(
                "cookTime",
                Duration.ofSeconds(times.one().seconds() - times.handsOn()).toString());
        if (sheet.dish().lines().allMatch(line -> catalogue
                .find(line.item())
                .filter(item -> item.origin() == Origin.PLANT)
                .isPresent())) {
            node.put("suitableForDiet", "https://schema.org/VeganDiet");
        }
        ArrayNode ingredients = node.putArray("recipeIngredient");
        boolean many = sheet.dish().components().size() > 1;
        for (Component component : sheet.dish().components()) {
            component.ingredients().forEach(line -> ingredients.add(LineText.of(line, catalogue)));
        }
        ArrayNode instructions = node.putArray("recipeInstructions");
        for (Component component : sheet.dish().components()) {
            ArrayNode steps = many ? section(instructions, component) : instructions;
            component.steps().forEach(step -> step(steps.addObject(), step));
        }
        return Json.indented(node);
    }

    private static ArrayNode section(ArrayNode instructions, Component component) {
        return instructions
                .addObject()
                .put("@type", "HowToSection")
                .put("name", component.title())
                .putArray("itemListElement");
    }

    private static void step(ObjectNode node, Step step) {
        node.put("@type", "HowToStep").put("name", step.title()).put("text", step.instruction());
        node.put(
                "timeRequired",
                Duration.ofSeconds(step.minutes().likely().seconds()).toString());
    }

    private static String number(BigDecimal number) {
        return Decimals.plain(number.round(new MathContext(6))).toPlainString();
    }
}
