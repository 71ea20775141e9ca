package hopsel.formats.handoutfile;

import hopsel.core.caution.Caution;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.HostWords.Claim;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.HostWords.Mark;
import hopsel.core.handout.HostWords.Variant;
import hopsel.formats.json.Json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the host writes for the handouts of a class, as it is kept. */
public final class HostWordsFile {

    private HostWordsFile() {}

    /** The document. */
    public static String write(HostWords words) {
        ObjectNode node = Json.object().put("intro", words.intro());
        ObjectNode dishes = node.putObject("dishes");
        words.dishes().forEach((id, dish) -> write(dishes.putObject(id), dish));
        ObjectNode marks = node.putObject("marks");
        words.marks().forEach((sentence, mark) -> marks.putObject(sentence)
                .put("kind", mark.kind().name())
                .put("source", mark.source()));
        return Json.line(node);
    }

    private static void write(ObjectNode node, DishWords dish) {
        node.put("story", dish.story()).put("makeAhead", dish.makeAhead()).put("reheat", dish.reheat());
        ObjectNode tips = node.putObject("tips");
        dish.tips().forEach(tips::put);
        dish.fridge().ifPresent(days -> node.put("fridge", days));
        dish.freezer().ifPresent(weeks -> node.put("freezer", weeks));
        dish.picture().ifPresent(picture -> node.put("picture", picture));
        var variants = node.putArray("variants");
        dish.variants()
                .forEach(variant ->
                        variants.addObject().put("what", variant.what()).put("why", variant.why()));
        var cautions = node.putArray("cautions");
        dish.cautions().forEach(cautions::add);
        ObjectNode hidden = node.putObject("hidden");
        dish.hidden().forEach((caution, reason) -> hidden.put(caution.name(), reason));
    }

    /** Reads what {@link #write(HostWords)} wrote. */
    public static HostWords read(String document) {
        JsonNode node = Json.read(document.getBytes(StandardCharsets.UTF_8));
        Map<String, DishWords> dishes = new LinkedHashMap<>();
        node.path("dishes").properties().forEach(entry -> dishes.put(entry.getKey(), dish(entry.getValue())));
        Map<String, Mark> marks = new LinkedHashMap<>();
        node.path("marks")
                .properties()
                .forEach(entry -> marks.put(
                        entry.getKey(),
                        new Mark(Claim.valueOf(text(entry.getValue(), "kind")), text(entry.getValue(), "source"))));
        return new HostWords(text(node, "intro"), dishes, marks);
    }

    private static DishWords dish(JsonNode node) {
        Map<String, String> tips = new LinkedHashMap<>();
        node.path("tips")
                .properties()
                .forEach(entry -> tips.put(entry.getKey(), entry.getValue().asString("")));
        List<Variant> variants = new ArrayList<>();
        node.path("variants").forEach(entry -> variants.add(new Variant(text(entry, "what"), text(entry, "why"))));
        List<String> cautions = new ArrayList<>();
        node.path("cautions").forEach(entry -> cautions.add(entry.asString("")));
        Map<Caution, String> hidden = new LinkedHashMap<>();
        node.path("hidden")
                .properties()
                .forEach(entry -> hidden.put(
                        Caution.valueOf(entry.getKey()), entry.getValue().asString("")));
        return new DishWords(
                text(node, "story"),
                tips,
                text(node, "makeAhead"),
                number(node, "fridge"),
                number(node, "freezer"),
                text(node, "reheat"),
                variants,
                cautions,
                hidden,
                node.has("picture") ? Optional.of(node.get("picture").asLong()) : Optional.empty());
    }

    private static String text(JsonNode node, String member) {
        return node.path(member).asString("");
    }

    private static Optional<Integer> number(JsonNode node, String member) {
        return node.has(member) ? Optional.of(node.get(member).asInt()) : Optional.empty();
    }
}
