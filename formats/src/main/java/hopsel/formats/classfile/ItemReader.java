package hopsel.formats.classfile;

import hopsel.core.classes.Place;
import hopsel.core.item.Allergen;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.item.Practice;
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

    /** The figures of an item that can have a source. */
    private static final List<String> FIGURES = List.of("gramsPerMl", "gramsPerPiece", "pieces", "gramsPerCan", "canNet",
            "edibleShare", "soaked", "cooked", "packs", "nutrients", "allergens");

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
                node.optionalObject("nutrients").map(ItemReader::nutrients), practice(node), node.optionalText("takenFor"));
    }

    private static Practice practice(Node node) {
        Map<String, Practice.Source> sources = new LinkedHashMap<>();
        node.optionalObject("sources").ifPresent(figures -> {
            FIGURES.forEach(figure -> figures.optionalWord(figure, Practice.Source.values(), Practice.Source::word)
                    .ifPresent(source -> sources.put(figure, source)));
            figures.end();
        });
        Map<String, BigDecimal> pieces = new LinkedHashMap<>();
        node.optionalObject("pieces").ifPresent(sizes -> sizes.members()
                .forEach(size -> pieces.put(size, sizes.number(size, Bounds.POSITIVE))));
        return new Practice(node.texts("names", false, (name, at) -> Optional.of(name)), pieces,
                node.optionalNumber("canNet", Bounds.POSITIVE), node.optionalNumber("soaked", Bounds.POSITIVE),
                node.optionalNumber("cooked", Bounds.POSITIVE), sources);
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
