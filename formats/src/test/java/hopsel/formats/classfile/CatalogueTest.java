package hopsel.formats.classfile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.item.OtherState;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.recipe.ItemFinder;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The facts of the catalogue: whoever changes one has to change the table that a person read, too. */
class CatalogueTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final Set<Trait> FORMS = EnumSet.of(Trait.DRY, Trait.LIQUID, Trait.PASTE, Trait.LEAF, Trait.WHOLE);

    private static String asRead(Item item) {
        return Stream.of(
                        item.id(),
                        item.allergenList().stream().map(Allergen::word).collect(Collectors.joining(" ")),
                        item.origin().word(),
                        item.is().map(HouseRule::word).orElse(""),
                        item.storage().map(Storage::word).orElse(""),
                        item.traits().stream().sorted().map(Trait::word).collect(Collectors.joining(" ")),
                        weights(item),
                        nutrients(item))
                .collect(Collectors.joining(" | "));
    }

    private static String weights(Item item) {
        Stream<String> named = Stream.of(
                        weight("ml", item.gramsPerMl()),
                        weight("piece", item.gramsPerPiece()),
                        weight("can", item.gramsPerCan()),
                        weight("net", item.practice().canNet()),
                        weight("edible", Optional.of(item.edibleShare()).filter(share -> share.doubleValue() < 1)),
                        weight("soaked", item.practice().soaked()),
                        weight("cooked", item.practice().cooked()))
                .flatMap(Optional::stream);
        Stream<String> sizes =
                item.practice().pieces().entrySet().stream().map(size -> size.getKey() + " " + plain(size.getValue()));
        return Stream.concat(named, sizes).collect(Collectors.joining(", "));
    }

    private static Optional<String> weight(String name, Optional<BigDecimal> grams) {
        return grams.map(number -> name + " " + plain(number));
    }

    private static String nutrients(Item item) {
        Map<String, BigDecimal> values = item.nutrients().orElseThrow().values();
        return Nutrients.NAMES.stream()
                .map(name -> values.containsKey(name) ? plain(values.get(name)) : "-")
                .collect(Collectors.joining(" "));
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }

    @Test
    void everyItemIsAsAPersonReadIt() throws IOException {
        try (InputStream in = CatalogueTest.class.getResourceAsStream("/hopsel/items-as-read.txt")) {
            List<String> read = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .toList();
            assertThat(CATALOGUE.items().stream().map(CatalogueTest::asRead)).containsExactlyInAnyOrderElementsOf(read);
        }
    }

    @Test
    void everyItemHasOneFormAndNoTwoShareAName() {
        assertThat(CATALOGUE.items()).hasSizeGreaterThanOrEqualTo(650).allSatisfy(item -> assertThat(
                        item.traits().stream().filter(FORMS::contains))
                .as(item.id())
                .hasSize(1));
        Map<String, String> byName = new HashMap<>();
        List<String> twice = new ArrayList<>();
        for (Item item : CATALOGUE.items()) {
            Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .distinct()
                    .forEach(name -> {
                        String other = byName.putIfAbsent(name, item.id());
                        if (other != null) {
                            twice.add("%s: %s and %s".formatted(name, other, item.id()));
                        }
                    });
        }
        assertThat(twice).isEmpty();
    }

    /** Called alike, of the same allergens, and of as much energy once it has drunk what it drinks. */
    @Test
    void oneFoodInTwoStatesIsOneFood() {
        assertThat(OtherState.all()).hasSizeGreaterThan(15).allSatisfy(link -> {
            Item before = CATALOGUE.get(link.item());
            Item sold = CATALOGUE.get(link.other());
            assertThat(ItemFinder.words(before.name()))
                    .contains(ItemFinder.words(sold.name()).get(0));
            assertThat(sold.allergens()).isEqualTo(before.allergens());
            double factor = link.factor(CATALOGUE).orElseThrow().doubleValue();
            assertThat(kcal(sold) * factor).isCloseTo(kcal(before), Percentage.withPercentage(35));
            assertThat(link.state() == OtherState.CANNED)
                    .as("canned")
                    .isEqualTo(sold.has(Trait.CANNED))
                    .isNotEqualTo(sold.storage().equals(Optional.of(Storage.FROZEN)));
        });
    }

    private static double kcal(Item item) {
        return item.nutrients().orElseThrow().values().get("kcal").doubleValue();
    }

    /** Nobody can say what a pot of it weighs otherwise, nor turn cooked weight into dry. */
    @Test
    void whatIsBoiledDryHasItsFactors() {
        assertThat(CATALOGUE.items().stream()
                        .filter(item -> item.has(Trait.DRY) && item.has(Trait.DRIED) && item.has(Trait.STARCHY)))
                .hasSizeGreaterThan(60)
                .allSatisfy(item -> assertThat(
                                item.practice().cooked().orElseThrow().doubleValue())
                        .isBetween(1.8, 4.5));
        assertThat(CATALOGUE.items().stream().filter(item -> item.has(Trait.DRY_BEAN)))
                .allSatisfy(item -> assertThat(
                                item.practice().soaked().orElseThrow().doubleValue())
                        .isBetween(1.7, 2.3));
    }

    /** Parts weigh no more than the whole, sugars are carbohydrate, saturates are fat. */
    @Test
    void theFiguresOfAnItemAgreeWithEachOther() {
        assertThat(CATALOGUE.items()).allSatisfy(item -> {
            Map<String, Double> per100 = item.nutrients().orElseThrow().values().entrySet().stream()
                    .collect(Collectors.toMap(
                            Map.Entry::getKey, value -> value.getValue().doubleValue()));
            assertThat(Stream.of("protein", "fat", "carbs", "fibre", "salt")
                            .mapToDouble(per100::get)
                            .sum())
                    .as(item.id())
                    .isLessThanOrEqualTo(102);
            assertThat(per100.get("sugars")).as(item.id()).isLessThanOrEqualTo(per100.get("carbs"));
            assertThat(per100.get("saturates")).as(item.id()).isLessThanOrEqualTo(per100.get("fat"));
        });
    }

    /** What is made of an animal is known by name, so that it is refused by name. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "paneer",
                "cheddar",
                "parmesan",
                "feta",
                "butter",
                "ghee",
                "egg",
                "honey",
                "gelatine",
                "fish sauce",
                "oyster sauce",
                "anchovy",
                "shrimp paste",
                "chicken",
                "beef",
                "pork",
                "prawns",
                "chicken stock",
                "chicken stock cube",
                "fish stock",
                "milk chocolate",
                "egg noodles",
                "lard",
                "mayonnaise",
                "yoghurt",
                "worcestershire sauce",
                "halloumi",
                "cream cheese",
                "nam pla",
                "bacon",
                "scallops",
                "bone broth",
                "suet",
                "custard",
                "croissants",
                "carmine",
                "chicken bouillon powder",
                "fish stock cube",
                "prawn crackers",
                "crab sticks"
            })
    void animalThingsAreRefusedByName(String name) {
        assertThat(CATALOGUE.items().stream().filter(item -> item.isCalled(name)))
                .singleElement()
                .returns(Origin.ANIMAL, Item::origin);
    }

    /** What hides in things that do not say so. */
    @ParameterizedTest
    @CsvSource({
        "barley-miso, GLUTEN",
        "shaoxing, GLUTEN",
        "fermented-black-beans, SOY",
        "malt-vinegar, GLUTEN",
        "black-vinegar, GLUTEN",
        "green-curry-paste, CRUSTACEANS",
        "red-curry-paste, FISH",
        "kimchi, CRUSTACEANS",
        "vegan-mayo, MUSTARD",
        "gherkin, MUSTARD",
        "sun-dried-tomato, SULPHITE",
        "pine-nuts, TREE_NUT",
        "yeast-extract, GLUTEN",
        "hummus, SESAME",
        "oat-cream, GLUTEN",
        "seitan-flour-mix, GLUTEN",
        "soy-flour, SOY",
        "celery-salt, CELERY",
        "lupin-flour, LUPIN",
        "halva, SESAME",
        "mustard-oil, MUSTARD",
        "matzo, GLUTEN"
    })
    void theyHold(String id, Allergen allergen) {
        assertThat(CATALOGUE.get(id).allergens()).contains(allergen);
    }

    /** A rule against added salt speaks of pickles, brined tins, chilli sauce and stock; against oil, of spreads. */
    @ParameterizedTest
    @CsvSource({
        "gherkin, ADDED_SALT, true",
        "capers, ADDED_SALT, true",
        "sriracha, ADDED_SALT, true",
        "sweet-chilli-sauce, ADDED_SALT, true",
        "stock, ADDED_SALT, true",
        "stock-powder, ADDED_SALT, true",
        "kidney-beans-can, ADDED_SALT, true",
        "smoked-tofu, ADDED_SALT, true",
        "chilli-oil, ADDED_SALT, true",
        "chilli-oil, OIL, true",
        "plant-block, OIL, true",
        "puff-pastry, OIL, true",
        "vegan-mayo, OIL, true",
        "vanilla, ALCOHOL, true",
        "white-wine-vinegar, ALCOHOL, false",
        "portobello, ALCOHOL, false",
        "brussels-sprouts, RAW_SPROUTS, false",
        "alfalfa-sprouts, RAW_SPROUTS, true",
        "wakame, ADDED_SALT, false",
        "kidney-beans-dried, ADDED_SALT, false",
        "plain-flour, ADDED_SALT, false"
    })
    void houseRulesSpeakOfThem(String id, HouseRule rule, boolean speaks) {
        assertThat(CATALOGUE.get(id).falls(rule)).isEqualTo(speaks);
    }

    @ParameterizedTest
    @CsvSource({
        "garlic, DRY, false",
        "bell-pepper, DRY, false",
        "rice-cooked, DRY, false",
        "lentils-can, DRY, false",
        "turmeric-root, DRY, false",
        "pearl-barley, BROWNS, false",
        "sago-pearls, BROWNS, false",
        "kidney-beans-dried, DRY_BEAN, true",
        "chickpeas-dried, DRY_BEAN, true",
        "red-lentils, DRY_BEAN, false",
        "kidney-beans-can, DRY_BEAN, false",
        "rice-cooked, RICE, true",
        "rice-noodles, RICE, false",
        "rice-vinegar, RICE, false",
        "passata, NIGHTSHADE, true",
        "aubergine, NIGHTSHADE, true"
    })
    void whatTheNameOnlySoundsLikeIsNotTakenForIt(String id, Trait trait, boolean has) {
        assertThat(CATALOGUE.get(id).has(trait)).isEqualTo(has);
    }

    /** A class's own copy of an item that says nothing of its traits has those of the catalogue. */
    @Test
    void anItemThatSaysNothingOfItsTraitsHasThoseOfTheOneItStandsFor() {
        Item own = CATALOGUE.get("kidney-beans-dried").withTraits(Set.of());
        Item house = own.withId("house-beans").withName("Kidney beans, dried");
        Item guess = own.withId("guess").withName("Grandmother's beans").confirmed();
        Item market = Item.nameOnly("market", "Dried kidney beans, from the market");
        Item pods = Item.nameOnly("pods", "Garlicky thing");
        Catalogue with = CATALOGUE.with(List.of(own, house, guess, market, pods));
        assertThat(with.get("market").has(Trait.DRY_BEAN)).isTrue();
        assertThat(with.get("market").isNameOnly())
                .as("what is in it nobody has said")
                .isTrue();
        assertThat(with.get("pods").traits()).as("only whole words count").isEmpty();
        assertThat(with.get("kidney-beans-dried").has(Trait.DRY_BEAN)).isTrue();
        assertThat(with.get("house-beans").has(Trait.DRY_BEAN)).isTrue();
        assertThat(with.get("guess").traits()).isEmpty();
    }
}
