package hopsel.core.guest;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.guest.Attendee.Gets;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.ItemBuilder;
import hopsel.core.item.Origin;
import hopsel.core.item.Practice;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What somebody says they cannot have, and what of it can be checked. */
class AvoidedTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            item("tomato", "Tomato", List.of()),
            item("tomato-puree", "Tomato purée", List.of()),
            item("coriander", "Coriander leaves", List.of("cilantro", "Fresh coriander")),
            item("kiwi", "Kiwi fruit", List.of("kiwi")),
            item("fig", "Fig", List.of()),
            item("spread", "Breakfast spread", List.of("fig jam"))));

    private static Item item(String id, String name, List<String> names) {
        return ItemBuilder.builder()
                .id(id)
                .name(name)
                .edibleShare(BigDecimal.ONE)
                .allergens(Set.of())
                .origin(Origin.PLANT)
                .practice(Practice.NONE.withNames(names))
                .build();
    }

    private static Attendee guest(List<String> avoids, List<String> rather, List<String> own) {
        return new Attendee("g-1", "Ana", avoids, BigDecimal.ONE, Optional.empty(), Gets.KIT, rather).saying(own);
    }

    @ParameterizedTest
    @CsvSource({
        "nuts, tree-nut",
        "' Nut ', tree-nut",
        "PEANUTS, peanut",
        "soya, soy",
        "dairy, milk",
        "lactose, milk",
        "wheat, gluten",
        "coeliac, gluten",
        "eggs, egg",
        "shellfish, crustaceans",
        "molluscs, mollusc",
        "sesame, sesame",
        "sesame seeds, sesame",
        "sulfites, sulphite",
        "lupine, lupin",
        "celery, celery",
        "salt, added-salt",
        "no oil, oil",
        "wine, alcohol",
        "sprouts, raw-sprouts",
        "added-salt, added-salt",
        "tomato-puree, tomato-puree",
        "tomato purée, tomato-puree",
        "cilantro, coriander",
        "fresh coriander, coriander",
        "nut allergy, tree-nut",
        "I'm allergic to peanuts, peanut",
        "coeliac disease, gluten",
        "lactose intolerant, milk",
        "dairy products, milk",
        "sesame free, sesame",
        "no kiwi, kiwi",
    })
    void whatPeopleSayIsFound(String said, String word) {
        assertThat(Phrase.exact(said, CATALOGUE)).contains(word);
        assertThat(Avoided.isKnown(word, CATALOGUE)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "latex",
        "strawberries",
        "''",
        "tree nut butter",
        "severe nut allergy",
        "traces of nuts",
        "no",
        "all kinds of"
    })
    void whatNobodyKnowsIsNotFound(String said) {
        assertThat(Phrase.exact(said, CATALOGUE)).isEmpty();
        assertThat(Avoided.isKnown(said, CATALOGUE)).isFalse();
        assertThat(Phrase.isWhole(said, CATALOGUE)).isFalse();
    }

    /** Whatever a sentence names is left out; what else it says stays in the guest's own words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nuts | tree-nut, peanut | true",
                "tree nuts | tree-nut | true",
                "shellfish | crustaceans, mollusc | true",
                "nuts and sesame | tree-nut, peanut, sesame | true",
                "Allergic to milk, eggs & soya. | milk, egg, soy | true",
                "severe nut allergy (carries an injector) | tree-nut, peanut | false",
                "traces of sesame | sesame | false",
                "kiwis or figs | kiwi, fig | false",
                "kiwis or latex | kiwi | false",
                "tomato purée and cilantro | tomato-puree, coriander | true",
                "onions and garlic | allium | false",
                "figs | fig | false",
                "egg plant | egg | false",
                "latex | | false"
            })
    void whateverASentenceNamesIsLeftOut(String said, String words, boolean whole) {
        assertThat(String.join(", ", Phrase.known(said, CATALOGUE))).isEqualTo(words == null ? "" : words);
        assertThat(Phrase.isWhole(said, CATALOGUE)).isEqualTo(whole);
    }

    /** Where something has to be known word for word, an enumeration is; a sentence with more in it is not. */
    @Test
    void anEnumerationIsExactAndASentenceIsNot() {
        assertThat(Phrase.exact("nuts and sesame", CATALOGUE)).containsExactly("tree-nut", "peanut", "sesame");
        assertThat(Phrase.exact("kiwi, figs", CATALOGUE)).containsExactly("kiwi", "fig");
        assertThat(Phrase.exact("fig jams", CATALOGUE)).containsExactly("spread");
        assertThat(Phrase.exact("kiwi or latex", CATALOGUE)).isEmpty();
        assertThat(Phrase.exact("a really bad nut allergy", CATALOGUE)).isEmpty();
        assertThat(Avoided.isKnown("nightshade", CATALOGUE)).isTrue();
        assertThat(Avoided.isKnown("nightshades", CATALOGUE))
                .as("as people say it, and not as it is kept")
                .isFalse();
    }

    /** Tomato is in tomato purée, too: whoever avoids it has to be asked about. An allergen is checked wholly. */
    @Test
    void anIngredientThatIsInAnotherIsNotWhole() {
        assertThat(Phrase.isWhole("tomato", CATALOGUE)).isFalse();
        assertThat(Phrase.isWhole("tomato purée", CATALOGUE)).isTrue();
        assertThat(Phrase.isWhole("kiwi", CATALOGUE)).isTrue();
        assertThat(Phrase.isWhole("fig", CATALOGUE))
                .as("in a spread, by its other name")
                .isFalse();
        assertThat(Phrase.isWhole("nuts", CATALOGUE)).isTrue();
        assertThat(Phrase.isWhole("no oil", CATALOGUE)).isTrue();
        // What people put around it changes nothing of that.
        assertThat(Phrase.isWhole("tomato allergy", CATALOGUE)).isFalse();
        assertThat(Phrase.isWhole("allergic to nightshades", CATALOGUE)).isFalse();
        assertThat(Phrase.isWhole("nut allergy", CATALOGUE)).isTrue();
        assertThat(Phrase.isWhole("kiwi allergy", CATALOGUE)).isTrue();
    }

    @Test
    void everyAllergenOfTheLawIsAmongWhatIsSaid() {
        assertThat(Avoided.said()).containsEntry("nuts", Allergen.TREE_NUT);
        for (Allergen allergen : Allergen.values()) {
            assertThat(Avoided.said()).containsEntry(allergen.word(), allergen);
            assertThat(Phrase.exact(allergen.word(), CATALOGUE)).contains(allergen.word());
        }
    }

    /** What the catalogue does not know stays avoided, in the guest's own words; nothing is lost or said twice. */
    @Test
    void whatCannotBeCheckedStaysInOnesOwnWords() {
        Attendee known = guest(List.of("peanut", "tomato"), List.of("kiwi"), List.of());
        assertThat(known.knowing(CATALOGUE)).isSameAs(known);
        Attendee some = guest(List.of("peanut", "papaya"), List.of("kiwi", "durian"), List.of("latex", "papaya"));
        Attendee after = some.knowing(CATALOGUE);
        assertThat(after.avoids()).containsExactly("peanut");
        assertThat(after.ownWords()).containsExactly("latex", "papaya");
        assertThat(after.rather()).containsExactly("kiwi");
        assertThat(after.id()).isEqualTo("g-1");
        Attendee before = guest(List.of("peanut"), List.of(), List.of("severe kiwi allergy"));
        assertThat(before.knowing(CATALOGUE).avoids())
                .as("said when nobody could tell what it was")
                .containsExactly("peanut", "kiwi");
        Attendee liked = guest(List.of("peanut"), List.of("durian"), List.of());
        assertThat(liked.knowing(CATALOGUE).rather()).isEmpty();
    }

    @Test
    void whoeverCannotHaveAnythingIsCareful() {
        assertThat(guest(List.of(), List.of("kiwi"), List.of()).isCareful()).isFalse();
        assertThat(guest(List.of("peanut"), List.of(), List.of()).isCareful()).isTrue();
        assertThat(guest(List.of(), List.of(), List.of("latex")).isCareful()).isTrue();
    }

    /** A file that is joined never makes less of what somebody cannot have. */
    @Test
    void whatTwoSayOfOnePersonIsPutTogether() {
        Attendee one = guest(List.of("peanut"), List.of(), List.of("latex"));
        Attendee both = one.alsoAvoiding(guest(List.of("soy", "peanut"), List.of(), List.of("latex", "durian")));
        assertThat(both.avoids()).containsExactly("peanut", "soy");
        assertThat(both.ownWords()).containsExactly("latex", "durian");
        assertThat(both.named("g-2").id()).isEqualTo("g-2");
        assertThat(both.named("g-2").avoids()).isEqualTo(both.avoids());
    }

    @Test
    void whatSomebodyGetsIsAKitAHandoutOrBoth() {
        assertThat(List.of(Gets.values()).stream().filter(Gets::kit)).containsExactly(Gets.KIT, Gets.BOTH);
        assertThat(List.of(Gets.values()).stream().filter(Gets::handout)).containsExactly(Gets.HANDOUT, Gets.BOTH);
    }
}
