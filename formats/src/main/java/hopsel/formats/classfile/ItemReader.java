package hopsel.formats.classfile;

import hopsel.core.classes.Place;
import hopsel.core.item.Allergen;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.item.Storage;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Node;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads an item; section 6 of the contract. */
final class ItemReader {

    private ItemReader() {
    }

    static Item read(Node node) {
        return new Item(node.id("id"), node.text("name"),
                node.optionalNumber("gramsPerMl", Bounds.POSITIVE),
                node.optionalNumber("gramsPerPiece", Bounds.POSITIVE),
                node.optionalNumber("gramsPerCan", Bounds.POSITIVE),
                node.optionalNumber("edibleShare", Bounds.SHARE).orElse(BigDecimal.ONE),
                new LinkedHashSet<>(node.texts("allergens", false, (word, at) -> allergen(node, word, at))),
                node.word("origin", Origin.values(), Origin::word),
                node.optionalWord("is", HouseRule.values(), HouseRule::word),
                node.optionalWord("storage", Storage.values(), Storage::word),
                node.optionalList("packs", ItemReader::pack).orElse(List.of()),
                node.optionalNumber("tolerance", Bounds.NOT_NEGATIVE),
                node.optionalObject("nutrients").map(ItemReader::nutrients));
    }

    private static Optional<Allergen> allergen(Node node, String word, Place at) {
        Optional<Allergen> allergen = Allergen.of(word);
        if (allergen.isEmpty()) {
            node.note(at, "[%s] is none of the fourteen allergens.".formatted(word),
                    "Use one of: gluten, crustaceans, egg, fish, peanut, soy, milk, tree-nut, celery, mustard, sesame, "
                            + "sulphite, lupin, mollusc.");
        }
        return allergen;
    }

    private static Pack pack(Node node) {
        return new Pack(node.number("grams", Bounds.POSITIVE), node.number("price", Bounds.NOT_NEGATIVE));
    }

    private static Nutrients nutrients(Node node) {
        Map<String, BigDecimal> values = new LinkedHashMap<>();
        for (String name : Nutrients.NAMES) {
            node.optionalNumber(name, Bounds.NOT_NEGATIVE).ifPresent(value -> values.put(name, value));
        }
        node.end();
        return new Nutrients(values);
    }
}
