package hopsel.formats.classfile;

import hopsel.core.classes.Place;
import hopsel.core.item.Allergen;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.ItemBuilder;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.item.PackBuilder;
import hopsel.core.item.Practice;
import hopsel.core.item.PracticeBuilder;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** An ingredient; section 6 of the contract. */
public final class ItemShape {

    /** The figures of an item that can have a source. */
    public static final List<String> FIGURES = List.of(
            "gramsPerMl",
            "gramsPerPiece",
            "pieces",
            "gramsPerCan",
            "canNet",
            "edibleShare",
            "soaked",
            "cooked",
            "width",
            "hotPerServing",
            "packs",
            "nutrients",
            "allergens");

    private static final Value<Set<Allergen>> ALLERGENS = Values.as(
            Values.words(ItemShape::allergen, Allergen::word, Allergen.values()), ItemShape::set, ItemShape::sorted);

    private static final Value<Set<Trait>> TRAITS = Values.set("trait of an ingredient", Trait.values(), Trait::word);

    private static final Shape<PackBuilder, Pack> PACK = Shape.of("pack", PackBuilder::builder, PackBuilder::build)
            .must("grams", Values.number(Bounds.POSITIVE), Pack::grams, PackBuilder::grams)
            .must("price", Values.number(Bounds.NOT_NEGATIVE), Pack::price, PackBuilder::price);

    private static final Shape<PracticeBuilder, Practice> PRACTICE = Shape.of(
                    "practice", PracticeBuilder::builder, PracticeBuilder::build)
            .usually("names", Values.texts(), List.of(), Practice::names, PracticeBuilder::names)
            .usually(
                    "pieces",
                    Values.map(Values.number(Bounds.POSITIVE)),
                    Map.of(),
                    Practice::pieces,
                    PracticeBuilder::pieces)
            .may("canNet", Values.number(Bounds.POSITIVE), Practice::canNet, PracticeBuilder::canNet)
            .may("soaked", Values.number(Bounds.POSITIVE), Practice::soaked, PracticeBuilder::soaked)
            .may("cooked", Values.number(Bounds.POSITIVE), Practice::cooked, PracticeBuilder::cooked)
            .may("width", Values.number(Bounds.POSITIVE), Practice::width, PracticeBuilder::width)
            .may(
                    "hotPerServing",
                    Values.number(Bounds.POSITIVE),
                    Practice::hotPerServing,
                    PracticeBuilder::hotPerServing)
            .usually(
                    "sources",
                    Values.map(Values.word(Practice.Source.values(), Practice.Source::word), FIGURES),
                    Map.of(),
                    Practice::sources,
                    PracticeBuilder::sources);

    /** An ingredient of a class, a dish or the catalogue. */
    public static final Shape<ItemBuilder, Item> ITEM = Shape.of("item", ItemBuilder::builder, ItemBuilder::build)
            .must("id", Values.ID, Item::id, ItemBuilder::id)
            .must("name", Values.TEXT, Item::name, ItemBuilder::name)
            .may("gramsPerMl", Values.number(Bounds.POSITIVE), Item::gramsPerMl, ItemBuilder::gramsPerMl)
            .may("gramsPerPiece", Values.number(Bounds.POSITIVE), Item::gramsPerPiece, ItemBuilder::gramsPerPiece)
            .may("gramsPerCan", Values.number(Bounds.POSITIVE), Item::gramsPerCan, ItemBuilder::gramsPerCan)
            .usually(
                    "edibleShare",
                    Values.number(Bounds.SHARE),
                    BigDecimal.ONE,
                    Item::edibleShare,
                    ItemBuilder::edibleShare)
            .usually("allergens", ALLERGENS, Set.of(), Item::allergens, ItemBuilder::allergens)
            .must("origin", Values.word(Origin.values(), Origin::word), Item::origin, ItemBuilder::origin)
            .may("is", Values.word(HouseRule.values(), HouseRule::word), Item::is, ItemBuilder::is)
            .may("storage", Values.word(Storage.values(), Storage::word), Item::storage, ItemBuilder::storage)
            .list("packs", PACK, Item::packs, ItemBuilder::packs)
            .may("tolerance", Values.number(Bounds.NOT_NEGATIVE), Item::tolerance, ItemBuilder::tolerance)
            .may(
                    "nutrients",
                    Values.as(
                            Values.map(Values.number(Bounds.NOT_NEGATIVE), Nutrients.NAMES),
                            Nutrients::new,
                            Nutrients::values),
                    Item::nutrients,
                    ItemBuilder::nutrients)
            .inline(PRACTICE, Item::practice, ItemBuilder::practice)
            .may("takenFor", Values.LONG_TEXT, Item::takenFor, ItemBuilder::takenFor)
            .usually("traits", TRAITS, Set.of(), Item::traits, ItemBuilder::traits);

    private ItemShape() {}

    private static Set<Allergen> set(List<Allergen> allergens) {
        return Set.copyOf(allergens);
    }

    private static List<Allergen> sorted(Set<Allergen> allergens) {
        return allergens.stream().sorted().toList();
    }

    private static Optional<Allergen> allergen(Node node, String word, Place at) {
        Optional<Allergen> allergen = Allergen.of(word);
        if (allergen.isEmpty()) {
            node.note(
                    at,
                    "[%s] is none of the fourteen allergens.".formatted(word),
                    "Use one of: gluten, crustaceans, egg, fish, peanut, soy, milk, tree-nut, celery, mustard, "
                            + "sesame, sulphite, lupin, mollusc.");
        }
        return allergen;
    }
}
