package hopsel.web.catalogue;

import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Practice;
import hopsel.core.item.Trait;
import hopsel.core.recipe.Figure;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.ItemShape;
import hopsel.formats.json.Json;

import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The form of an ingredient: fields of text to and from an item of a class file, which the ordinary reader then checks.
 */
@Component
class ItemForm {

    private static final List<String> NUMBERS = List.of(
            "gramsPerMl",
            "gramsPerPiece",
            "gramsPerCan",
            "canNet",
            "edibleShare",
            "soaked",
            "cooked",
            "width",
            "hotPerServing",
            "tolerance");

    /** A comma in a price is none between packs: behind that one a weight begins. */
    private static final String PACK_ENDS = ";|,(?=\\s*\\d+(?:[.,]\\d+)?\\s*(?:g|for|at|@)(?:\\s|$))";

    /** In front of a trait's word in the name of its box. */
    private static final String TRAIT = "trait-";

    /** The fields for an item as it is. */
    Map<String, String> of(Item item) {
        ObjectNode node = (ObjectNode) ClassFile.items(List.of(item)).get(0);
        Map<String, String> fields = new LinkedHashMap<>();
        for (String plain : List.of("id", "name", "origin", "is", "storage")) {
            fields.put(plain, node.path(plain).asString(""));
        }
        NUMBERS.forEach(number -> fields.put(
                number, node.has(number) ? node.get(number).decimalValue().toPlainString() : ""));
        fields.put("names", String.join("; ", item.practice().names()));
        fields.put(
                "allergens",
                String.join(
                        ", ",
                        item.allergenList().stream()
                                .map(allergen -> allergen.word())
                                .toList()));
        fields.put(
                "pieces",
                String.join(
                        ", ",
                        item.practice().pieces().entrySet().stream()
                                .map(size ->
                                        size.getKey() + " " + size.getValue().toPlainString())
                                .toList()));
        fields.put(
                "packs",
                String.join(
                        ", ",
                        item.packs().stream()
                                .map(pack -> pack.grams().toPlainString() + " g for "
                                        + pack.price().toPlainString())
                                .toList()));
        item.traits().forEach(trait -> fields.put(TRAIT + trait.word(), "on"));
        item.nutrients().ifPresent(values -> values.values()
                .forEach((name, value) -> fields.put("n-" + name, value.toPlainString())));
        return fields;
    }

    /** The item of section 6 that the fields describe; what is no figure stays text, and the reader says so. */
    String document(Map<String, String> fields) {
        ObjectNode node = Json.object();
        for (String plain : List.of("id", "name", "origin", "is", "storage")) {
            text(fields, plain, node, plain);
        }
        NUMBERS.forEach(number -> figure(fields.getOrDefault(number, ""), node, number));
        list(fields, "names", ";", node.putArray("names"));
        list(fields, "allergens", "[,;]", node.putArray("allergens"));
        ObjectNode pieces = node.putObject("pieces");
        split(fields, "pieces", "[,;]")
                .forEach(size -> figure(
                        size.replaceFirst("^.*\\s", ""),
                        pieces,
                        size.contains(" ") ? size.replaceFirst("\\s+\\S+$", "") : size));
        ArrayNode packs = node.putArray("packs");
        split(fields, "packs", PACK_ENDS).forEach(pack -> {
            String[] two = pack.split("(?:\\s*g)?\\s+(?:for|at|@)\\s+", 2);
            ObjectNode entry = packs.addObject();
            figure(two[0].replaceFirst("\\s*g$", ""), entry, "grams");
            figure(two.length > 1 ? two[1] : "", entry, "price");
        });
        ArrayNode traits = node.putArray("traits");
        Arrays.stream(Trait.values())
                .map(Trait::word)
                .filter(word -> fields.containsKey(TRAIT + word))
                .forEach(traits::add);
        ObjectNode nutrients = Json.object();
        for (String name : Nutrients.NAMES) {
            figure(fields.getOrDefault("n-" + name, ""), nutrients, name);
        }
        if (!nutrients.isEmpty()) {
            node.set("nutrients", nutrients);
        }
        sources(node);
        return Json.line(node);
    }

    /** What a host types in, the host has weighed or read. */
    private static void sources(ObjectNode node) {
        ObjectNode sources = node.putObject("sources");
        for (String figure : ItemShape.FIGURES) {
            if (node.has(figure) && !node.get(figure).isEmpty()
                    || node.has(figure) && node.get(figure).isNumber()) {
                sources.put(figure, Practice.Source.WEIGHED.word());
            }
        }
        // Whoever adds an ingredient has said what is in it, if only that nothing is.
        sources.put("allergens", Practice.Source.LABEL.word());
    }

    private static void text(Map<String, String> fields, String field, ObjectNode node, String member) {
        String text = fields.getOrDefault(field, "").strip();
        if (!text.isEmpty()) {
            node.put(member, text);
        }
    }

    private static void figure(String text, ObjectNode node, String member) {
        if (!text.isBlank()) {
            Figure.parse(text)
                    .ifPresentOrElse(number -> node.put(member, number), () -> node.put(member, text.strip()));
        }
    }

    private static void list(Map<String, String> fields, String field, String comma, ArrayNode node) {
        split(fields, field, comma).forEach(node::add);
    }

    private static List<String> split(Map<String, String> fields, String field, String comma) {
        return Arrays.stream(fields.getOrDefault(field, "").split(comma))
                .map(String::strip)
                .filter(text -> !text.isEmpty())
                .toList();
    }
}
