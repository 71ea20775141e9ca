package hopsel.formats.diet;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.guest.Avoided;
import hopsel.core.guest.Family;
import hopsel.core.guest.Phrase;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.List;
import java.util.Set;

/** Allergies in a guest's own words, beyond the law's list: found in everything that holds them. */
class FamiliesTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();

    @ParameterizedTest
    @CsvSource({
        "coconut, coconut-milk, true",
        "coconut, coconut-oil, true",
        "coconut, desiccated-coconut, true",
        "coconut, coconut-aminos, true",
        "coconut, oat-drink, false",
        "nightshade, tomato, true",
        "nightshade, passata, true",
        "nightshade, aubergine, true",
        "nightshade, waxy-potato, true",
        "nightshade, smoked-paprika, true",
        "nightshade, ketchup, true",
        "nightshade, sweet-potato, false",
        "nightshade, black-pepper, false",
        "garlic, garlic, true",
        "garlic, garlic-powder, true",
        "garlic, black-garlic, true",
        "garlic, wild-garlic, true",
        "garlic, onion, false",
        "onion, red-onion, true",
        "onion, spring-onion, true",
        "onion, onion-powder, true",
        "onion, shallot, true",
        "allium, leek, true",
        "allium, chives, true",
        "citrus, lime, true",
        "citrus, preserved-lemon, true",
        "citrus, makrut-leaf, true",
        "citrus, lemongrass, false",
        "mushroom, porcini-dried, true",
        "mushroom, wood-ear, true",
        "mushroom, tempeh, false",
        "legume, red-lentils, true",
        "legume, firm-tofu, true",
        "legume, peanut-butter, true",
        "legume, green-beans, true",
        "legume, vanilla-pod, false",
        "corn, cornflour, true",
        "corn, polenta, true",
        "corn, masa-harina, true",
        "corn, peppercorns, false",
        "rice, rice-noodles, true",
        "rice, sushi-rice, true",
        "rice, ras-el-hanout, false",
        "tomato, tomato-paste, true",
        "tomato, passata, true",
        "potato, potato-starch, true",
        "potato, gnocchi, true",
        "potato, sweet-potato, false",
        "chilli, sriracha, true",
        "chilli, sweet-chilli-sauce, true",
        "seeds, tahini, true",
        "seeds, chia, true",
        "seeds, fennel, false",
        "stone fruit, prunes, true",
        "stone fruit, plum-tomato-can, false",
        "berries, blackberries, true",
        "caffeine, matcha, true",
        "caffeine, dark-chocolate, true",
        "caffeine, carob, false",
        "brassicas, brussels-sprouts, true",
        "brassicas, mung-sprouts, false",
        "brassicas, kimchi, true",
        "kiwi, kiwi, true",
        "mango, mango-chutney, true",
        "mango, amchur, true",
        "apple, pineapple, false",
        "apple, apple-sauce, true",
        "plum, plum-tomato-can, false",
        "butter, peanut-butter, false",
        "chestnut, water-chestnuts, false",
        "egg, flax-egg, false",
        "egg, egg, true",
        "milk, oat-drink, false",
        "added-salt, gherkin, true",
        "oil, olive-oil, true"
    })
    void whoAvoidsItCannotHaveThat(String avoided, String item, boolean meets) {
        assertThat(Avoided.meets(CATALOGUE.get(item), avoided)).isEqualTo(meets);
    }

    @ParameterizedTest
    @CsvSource({
        "Nightshades, nightshade",
        "coconut, coconut",
        "maize, corn",
        "pulses, legume",
        "onions and garlic, allium",
        "kiwi, kiwi",
        "mushrooms, mushroom",
        "hot peppers, chilli"
    })
    void peopleSayItAsTheyLike(String said, String word) {
        assertThat(Phrase.exact(said, CATALOGUE)).contains(word);
        assertThat(Avoided.isKnown(word, CATALOGUE)).isTrue();
        assertThat(Phrase.isWhole(said, CATALOGUE))
                .as("a bought sauce may hold it and not say so")
                .isEqualTo(said.equals("kiwi"));
    }

    /** A house's own garlic butter has no traits, and is garlic; the items of a class file are told apart by number. */
    @Test
    void whatAHouseCallsSoIsOne() {
        assertThat(Avoided.meets(Item.nameOnly("own", "Our garlic butter"), "garlic"))
                .isTrue();
        assertThat(Avoided.meets(Item.nameOnly("item-13", "Item 13"), "item-1")).isFalse();
        assertThat(Avoided.meets(Item.nameOnly("item-1", "Item 1"), "item-1")).isTrue();
        assertThat(Avoided.meets(Item.nameOnly("own", "Lemongrass and lime paste"), "citrus"))
                .isTrue();
        assertThat(Avoided.meets(
                        Item.nameOnly("own", "Our red sauce").withTraits(Set.of(Trait.NIGHTSHADE)), "nightshade"))
                .as("by what it is, whatever it is called")
                .isTrue();
        assertThat(Avoided.meets(Item.nameOnly("own", "Latex noodles"), "durian"))
                .isFalse();
    }

    @Test
    void everyFamilyHoldsSomethingAndNotEverything() {
        for (Family family : Family.all()) {
            List<Item> held = CATALOGUE.items().stream()
                    .filter(item -> Avoided.meets(item, family.word()))
                    .toList();
            assertThat(held).as(family.word()).hasSizeBetween(4, 200);
        }
    }

    /** What somebody says is looked for in everything that bears its name, not in the one thing that is called so. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "chickpeas           | chickpea-flour, chickpeas-dried, hummus, chana-dal, aquafaba | split-peas, peas-frozen",
                "peas                | peas-frozen, mangetout, pea-protein                          | chickpeas-can",
                "lentils             | red-lentils, beluga-lentils, toor-dal                        | chickpeas-can",
                "cashew              | cashews, cashew-cream, cashew-drink, cashew-cheese           | almonds",
                "sunflower           | sunflower-seeds, sunflower-oil, sunflower-butter             | olive-oil",
                "peppers             | bell-pepper, paprika, ajvar, poblano                         | black-pepper",
                "coriander           | coriander-leaf, coriander-ground, coriander-seeds            | parsley",
                "seaweed             | nori, wakame, agar, kombu                                    | spinach",
                "no garlic or onion  | garlic-powder, onion-powder, red-curry-paste, stock          | carrot",
                "refined sugar       | caster-sugar, golden-syrup, jaggery                          | sugar-snap",
                "plums               | plum, prunes, plum-sauce                                     | tomato-can, cherry-tomato",
                "cherries            | cherries, cherries-dried                                     | cherry-tomato",
                "severe oats allergy | rolled-oats, oat-drink, oat-cream                            | pearl-barley"
            })
    void whatTheySayIsLeftOutWhereverItIs(String said, String out, String in) {
        List<String> avoids = Phrase.known(said, CATALOGUE);
        assertThat(ids(out)).as(avoids.toString()).allMatch(id -> isMet(id, avoids));
        assertThat(ids(in)).as(avoids.toString()).noneMatch(id -> isMet(id, avoids));
        assertThat(avoids).allMatch(word -> Avoided.isKnown(word, CATALOGUE));
        assertThat(Phrase.isWhole(said, CATALOGUE))
                .as("it may be in things that do not say so")
                .isFalse();
    }

    private static List<String> ids(String text) {
        return List.of(text.split(", "));
    }

    private static boolean isMet(String id, List<String> avoids) {
        return avoids.stream().anyMatch(word -> Avoided.meets(CATALOGUE.get(id), word));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"none", "No allergies", "n/a", "nothing", "not allergic to anything", "none known", "vegan"})
    void whoHasNothingToSaySaysNothing(String said) {
        assertThat(Phrase.isNothing(said)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"latex", "no nuts", "vegan, no soy", "FODMAP", "raw"})
    void whoSaysSomethingIsHeard(String said) {
        assertThat(Phrase.isNothing(said)).isFalse();
    }
}
