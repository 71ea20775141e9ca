package hopsel.core.guest;

import hopsel.core.item.Allergen;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Foods that people avoid together, beyond the allergens of the law. What belongs to one is known by its traits, and,
 * to be on the careful side, by words in its name: a house's own garlic butter is garlic, too.
 */
public enum Family {
    NIGHTSHADE(
            "nightshade",
            Set.of(Trait.NIGHTSHADE),
            Set.of(),
            List.of("nightshades", "solanaceae"),
            "tomato",
            "aubergine",
            "eggplant",
            "chilli",
            "paprika",
            "cayenne",
            "capsicum"),
    CITRUS(
            "citrus",
            Set.of(Trait.CITRUS),
            Set.of(),
            List.of("citrus fruit", "citrus fruits"),
            "lemon",
            "lime",
            "orange",
            "grapefruit",
            "yuzu",
            "mandarin",
            "clementine"),
    MUSHROOM(
            "mushroom",
            Set.of(Trait.MUSHROOM),
            Set.of(),
            List.of("mushrooms", "fungi"),
            "mushroom",
            "shiitake",
            "porcini",
            "truffle"),
    LEGUME(
            "legume",
            Set.of(Trait.PULSE, Trait.DRY_BEAN),
            Set.of(Allergen.SOY, Allergen.PEANUT, Allergen.LUPIN),
            List.of("legumes", "pulses", "beans"),
            "lentil",
            "chickpea",
            "bean",
            "pea",
            "dal",
            "tofu",
            "tempeh"),
    ALLIUM(
            "allium",
            Set.of(Trait.PUNGENT, Trait.GARLIC),
            Set.of(),
            List.of("alliums", "onion family", "onions and garlic"),
            "onion",
            "garlic",
            "leek",
            "shallot",
            "chive",
            "scallion",
            "ramson"),
    ONION("onion", Set.of(), Set.of(), List.of("onions"), "onion", "shallot", "scallion"),
    GARLIC("garlic", Set.of(Trait.GARLIC), Set.of(), List.of(), "garlic", "aioli"),
    COCONUT("coconut", Set.of(), Set.of(), List.of("coconuts"), "coconut"),
    CORN(
            "corn",
            Set.of(),
            Set.of(),
            List.of("maize", "sweetcorn"),
            "corn",
            "maize",
            "sweetcorn",
            "polenta",
            "masa",
            "cornflour",
            "cornmeal",
            "popcorn"),
    RICE("rice", Set.of(Trait.RICE), Set.of(), List.of(), "rice"),
    TOMATO("tomato", Set.of(), Set.of(), List.of("tomatoes"), "tomato", "passata", "ketchup", "salsa"),
    POTATO("potato", Set.of(), Set.of(), List.of("potatoes"), "potato", "gnocchi"),
    CHILLI(
            "chilli",
            Set.of(),
            Set.of(),
            List.of("chillies", "chili", "chilies", "hot peppers"),
            "chilli",
            "chili",
            "cayenne",
            "jalapeno",
            "jalapeño",
            "sriracha",
            "harissa",
            "gochujang",
            "sambal",
            "chipotle",
            "ancho",
            "poblano",
            "bonnet"),
    SEED(
            "seeds",
            Set.of(),
            Set.of(Allergen.SESAME, Allergen.MUSTARD),
            List.of("seed"),
            "sunflower",
            "pumpkin seed",
            "poppy",
            "flax",
            "linseed",
            "chia",
            "hemp",
            "nigella",
            "tahini"),
    STONE_FRUIT(
            "stone fruit",
            Set.of(),
            Set.of(),
            List.of("stone fruits"),
            "peach",
            "nectarine",
            "apricot",
            "cherry",
            "plum",
            "prune",
            "umeboshi"),
    BERRY(
            "berries",
            Set.of(),
            Set.of(),
            List.of("berry"),
            "strawberry",
            "raspberry",
            "blueberry",
            "blackberry",
            "cranberry",
            "redcurrant",
            "gooseberry",
            "berry",
            "goji"),
    CAFFEINE(
            "caffeine",
            Set.of(),
            Set.of(),
            List.of("coffee and tea"),
            "coffee",
            "espresso",
            "matcha",
            "tea",
            "cocoa",
            "cacao",
            "chocolate",
            "mate",
            "guarana"),
    BRASSICA(
            "brassicas",
            Set.of(),
            Set.of(Allergen.MUSTARD),
            List.of("brassica", "cabbage family", "cruciferous vegetables"),
            "cabbage",
            "kale",
            "broccoli",
            "cauliflower",
            "sprout",
            "kohlrabi",
            "radish",
            "daikon",
            "turnip",
            "swede",
            "rocket",
            "watercress",
            "sauerkraut",
            "kimchi",
            "wasabi",
            "horseradish");

    /** What a word means beside another one: a sweet potato is no potato, and lemongrass no lemon. */
    private static final Map<String, List<String>> NOT_BESIDE = Map.of(
            "potato",
            List.of("sweet"),
            "lemon",
            List.of("lemongrass"),
            "bean",
            List.of("vanilla", "coffee", "cocoa"),
            "plum",
            List.of("tomato"),
            "chestnut",
            List.of("water"),
            "sprout",
            List.of("bean", "mung", "lentil", "sunflower", "soybean"));

    private final String word;
    private final Set<Trait> traits;
    private final Set<Allergen> allergens;
    private final List<String> said;
    private final List<String> names;

    Family(String word, Set<Trait> traits, Set<Allergen> allergens, List<String> said, String... names) {
        this.word = word;
        this.traits = traits;
        this.allergens = allergens;
        this.said = said;
        this.names = List.of(names);
    }

    /** The word under which it is kept. */
    public String word() {
        return word;
    }

    /** The family that somebody speaks of, if it is one. */
    public static Optional<Family> of(String words) {
        String plain = words.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(family -> family.word.equals(plain) || family.said.contains(plain))
                .findFirst();
    }

    /** Whether an ingredient belongs to it. */
    boolean holds(Item item) {
        return item.traits().stream().anyMatch(traits::contains)
                || item.allergens().stream().anyMatch(allergens::contains)
                || names.stream().anyMatch(name -> isNamed(item, name));
    }

    private static boolean isNamed(Item item, String name) {
        return Avoided.isNamed(item, name)
                && NOT_BESIDE.getOrDefault(name, List.of()).stream().noneMatch(other -> Avoided.isNamed(item, other));
    }
}
