package hopsel.formats.handoutfile;

import hopsel.core.handout.Handout;
import hopsel.core.handout.Handout.ComponentPart;
import hopsel.core.handout.Handout.DishPart;
import hopsel.core.handout.Handout.Line;
import hopsel.core.handout.Handout.Line.State;
import hopsel.core.item.Nutrients;
import hopsel.core.measure.Decimals;
import hopsel.core.nutrition.NutritionFacts;
import hopsel.formats.json.Json;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Map;

/** The dishes of a handout as schema.org recipes (JSON-LD), for this attendee: their amounts, their substitutions. */
public final class HandoutRecipe {

    private static final Map<String, String> NUTRIENTS = Map.of(
            "kcal",
            "calories",
            "protein",
            "proteinContent",
            "fat",
            "fatContent",
            "saturates",
            "saturatedFatContent",
            "carbs",
            "carbohydrateContent",
            "sugars",
            "sugarContent",
            "fibre",
            "fiberContent");

    private HandoutRecipe() {}

    /** The documents, in one graph. */
    public static String write(Handout handout) {
        ObjectNode node = Json.object().put("@context", "https://schema.org");
        ArrayNode graph = node.putArray("@graph");
        handout.dishes()
                .forEach(
                        dish -> dish(graph.addObject(), dish, handout.attendee().servings()));
        // Inside a page it must not end the element that it stands in.
        return Json.line(node).replace("<", "\\u003c");
    }

    private static void dish(ObjectNode node, DishPart dish, BigDecimal servings) {
        node.put("@type", "Recipe")
                .put("name", dish.title())
                .put("recipeYield", Decimals.plain(servings).toPlainString() + " servings");
        node.put("prepTime", Duration.ofSeconds(dish.handsOn()).toString())
                .put(
                        "totalTime",
                        Duration.ofSeconds(Math.max(dish.elapsed(), dish.handsOn()))
                                .toString());
        ArrayNode ingredients = node.putArray("recipeIngredient");
        dish.components().stream()
                .flatMap(component -> component.lines().stream())
                .filter(line -> line.state() != State.LEFT_OUT)
                .forEach(line -> ingredients.add(ingredient(line)));
        ArrayNode instructions = node.putArray("recipeInstructions");
        boolean many = dish.components().size() > 1;
        for (ComponentPart component : dish.components()) {
            ArrayNode steps = many
                    ? instructions
                            .addObject()
                            .put("@type", "HowToSection")
                            .put("name", component.title())
                            .putArray("itemListElement")
                    : instructions;
            component.steps().forEach(step -> steps.addObject()
                    .put("@type", "HowToStep")
                    .put("name", step.step().title())
                    .put("text", step.text()));
        }
        ArrayNode tools = node.putArray("tool");
        dish.tools().forEach(tool -> tools.add(tool.name()));
        nutrition(node, dish.nutrition().perServing(servings));
    }

    private static String ingredient(Line line) {
        return line.amount().map(amount -> amount + " ").orElse("")
                + line.name()
                + line.prep().map(prep -> ", " + prep).orElse("");
    }

    /** Only what every item has; a sum with something missing is left out. */
    private static void nutrition(ObjectNode node, NutritionFacts facts) {
        ObjectNode nutrition = node.putObject("nutrition")
                .put("@type", "NutritionInformation")
                .put(
                        "servingSize",
                        facts.grams().setScale(0, RoundingMode.HALF_UP).toPlainString() + " g");
        Nutrients.NAMES.stream()
                .filter(NUTRIENTS::containsKey)
                .filter(facts::complete)
                .forEach(name -> nutrition.put(
                        NUTRIENTS.get(name),
                        facts.value(name)
                                        .setScale(name.equals("kcal") ? 0 : 1, RoundingMode.HALF_UP)
                                        .toPlainString()
                                + (name.equals("kcal") ? " kcal" : " g")));
    }
}
