package hopsel.formats.recipefile;

import hopsel.core.Known;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.ReadLine;
import hopsel.core.recipe.ReadRecipe;
import hopsel.core.recipe.RecipeReader;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.stream.Collectors;

/** Reads a recipe from any document that it knows, and writes what was read. */
public final class RecipeFile {

    private RecipeFile() {}

    /**
     * Reads a recipe.
     *
     * @param document plain text, an HTML page, or a schema.org document
     * @param builtIn items to find ingredients in
     * @param measures cups and spoons that the recipe speaks of
     */
    public static DishProposal read(String document, Catalogue builtIn, Measures measures) {
        ReadRecipe recipe = SchemaOrgReader.read(document)
                .map(source -> RecipeReader.read(source, builtIn, measures))
                .orElseGet(() -> RecipeReader.read(PageText.of(document), builtIn, measures));
        return DishProposal.of(recipe, new Weigher(measures));
    }

    /** The dish of section 3, with the items the catalogue lacks, what was guessed, and what was not understood. */
    public static ObjectNode write(DishProposal proposal) {
        ObjectNode node = ClassFile.dish(proposal.dish());
        Map<String, StepMinutes> times =
                proposal.dish().steps().collect(Collectors.toMap(Step::id, Step::minutes, (first, second) -> second));
        for (JsonNode component : node.get("components")) {
            component
                    .get("steps")
                    .forEach(step -> minutes(
                            (ObjectNode) step, Known.in(times, step.get("id").stringValue())));
        }
        if (!proposal.items().isEmpty()) {
            node.set("items", ClassFile.items(proposal.items()));
        }
        ObjectNode guessed = node.putObject("guessed");
        proposal.dish().steps().forEach(step -> {
            ArrayNode members = guessed.putArray(step.id());
            Known.in(proposal.guessed(), step.id()).stream().sorted().forEach(members::add);
        });
        proposal.recipe().pieces().ifPresent(pieces -> node.put("pieces", pieces));
        proposal.recipe().headline().ifPresent(time -> minutes(node.putObject("headline"), time));
        ArrayNode unread = node.putArray("unread");
        proposal.recipe().unread().forEach(unread::add);
        return node;
    }

    /** Times found in a text are always written with their three ends. */
    private static void minutes(ObjectNode node, StepMinutes minutes) {
        ObjectNode ends = node.putObject("minutes");
        ends.put("low", rounded(minutes.low().value()))
                .put("likely", rounded(minutes.likely().value()))
                .put("high", rounded(minutes.high().value()));
    }

    private static BigDecimal rounded(BigDecimal number) {
        return Decimals.plain(number.setScale(Math.min(4, Math.max(0, number.scale())), RoundingMode.HALF_UP));
    }

    /** One ingredient line as it was read. */
    public static ObjectNode line(ReadLine line) {
        ObjectNode node = Json.object().put("text", line.text());
        line.amount().ifPresentOrElse(value -> amount(node, value), () -> node.putNull("amount")
                .putNull("unit"));
        line.amount().flatMap(Amount::size).ifPresent(size -> node.put("size", size));
        node.put("item", line.item().map(Item::id).orElse(null)).put("name", line.name());
        if (!line.exact()) {
            node.put("guessed", true);
        }
        node.put("prep", line.prep().orElse(null)).put("optional", line.optional());
        ArrayNode or = node.putArray("or");
        line.or().forEach(or::add);
        node.put(
                "grams", line.grams().map(Decimals::tenths).map(Decimals::plain).orElse(null));
        return node;
    }

    private static void amount(ObjectNode node, Amount amount) {
        if (amount.isRange()) {
            node.putObject("amount").put("low", rounded(amount.low())).put("high", rounded(amount.high()));
        } else {
            node.put("amount", rounded(amount.high()));
        }
        node.put("unit", amount.unit().word());
    }
}
