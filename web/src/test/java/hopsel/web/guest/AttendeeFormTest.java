package hopsel.web.guest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Attendees as people type them. */
class AttendeeFormTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final Attendee OLA = new Attendee(
            "ola", "Ola Brink", List.of("peanut"), BigDecimal.valueOf(2), Optional.empty(), Attendee.Gets.KIT);
    private static final CookingClass CLASS =
            FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon")).withAttendees(List.of(OLA));

    /** Any word is taken; what cannot be checked, or not wholly, is kept as it was said. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "kiwi flower|kiwi|kiwi flower",
                "severe nut allergy|tree-nut,peanut|severe nut allergy",
                "nuts and shellfish|tree-nut,peanut,crustaceans,mollusc|",
                "latex, peanut|peanut|latex",
                "Nightshades|nightshade|Nightshades",
                "Tomato|tomato|Tomato",
                "coconut|coconut|coconut",
                "peanuts|peanut|",
                "EpiPen! bees||EpiPen! bees"
            })
    void anyAllergyIsTakenInTheirOwnWords(String said, String checked, String own) throws BadEntryException {
        Attendee uma = rows(Map.of("name-0", "Uma", "avoids-0", said)).get(0);
        assertThat(uma.avoids()).containsExactlyElementsOf(checked == null ? List.of() : List.of(checked.split(",")));
        assertThat(uma.ownWords()).containsExactlyElementsOf(own == null ? List.of() : List.of(own));
    }

    @Test
    void whatAGuestSaidMeanwhileStaysUnlessTheHostTouchedThatField() throws BadEntryException {
        String shown = "{\"name\": \"Ola Brink\", \"avoids\": \"\", \"servings\": \"1\", \"remark\": \"\"}";
        Attendee ola = rows(Map.of(
                        "id-0", "ola", "shown-0", shown, "name-0", "Ola B.", "avoids-0", "", "servings-0", "1"))
                .get(0);
        assertThat(ola.name()).isEqualTo("Ola B.");
        assertThat(ola.avoids()).containsExactly("peanut");
        assertThat(ola.servings()).isEqualByComparingTo("2");
        assertThatThrownBy(() -> rows(Map.of("id-0", "ola", "shown-0", shown, "name-0", "Ola", "avoids-0", "soy")))
                .isInstanceOf(BadEntryException.class)
                .hasMessageContaining("peanut")
                .hasMessageContaining("soy");
    }

    private static List<Attendee> rows(Map<String, String> fields) throws BadEntryException {
        return new AttendeeForm(CLASS, CATALOGUE, Map.of("No onion", List.of("onion", "leek")))
                .rows(new Entered(fields), Map.of()).stream()
                        .map(AttendeeForm.Row::attendee)
                        .toList();
    }

    @Test
    void aRowKeepsItsIdWhateverItsNameAndANewOneGetsAFreshOne() throws BadEntryException {
        List<Attendee> rows = rows(Map.of(
                "id-0",
                "ola",
                "name-0",
                "Ola Brandt",
                "servings-0",
                "2",
                "avoids-0",
                "peanut",
                "gets-0",
                "kit",
                "name-1",
                "Ola",
                "name-2",
                "",
                "servings-2",
                "9"));
        assertThat(rows).extracting(Attendee::id).hasSize(2).startsWith("ola").doesNotHaveDuplicates();
        assertThat(rows.get(0).name()).isEqualTo("Ola Brandt");
        assertThat(rows.get(1)).satisfies(fresh -> {
            assertThat(fresh.servings()).isEqualByComparingTo("1");
            assertThat(fresh.gets()).isEqualTo(Attendee.Gets.BOTH);
            assertThat(fresh.avoids()).isEmpty();
        });
        assertThat(rows.get(1).id())
                .as("nothing about the person is in an id, and none is given out again")
                .doesNotContain("ola")
                .isNotEqualTo(rows(Map.of("name-0", "Ola")).get(0).id());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nuts|tree-nut,peanut",
                "Soya|soy",
                "coeliac|gluten",
                "peanuts, peanut|peanut",
                "salt|added-salt",
                "oil|oil",
                "Sago pearls|sago-pearls",
                "dairy / eggs|milk,egg",
                "no onion; NUTS|onion,leek,tree-nut,peanut",
                "wine|alcohol",
                "sprouts|raw-sprouts"
            })
    void whatIsAvoidedIsReadAsPeopleSayIt(String said, String words) throws BadEntryException {
        assertThat(rows(Map.of("name-0", "Uma", "avoids-0", said)).get(0).avoids())
                .containsExactly(words.split(","));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name-0||Ola Brink",
                "servings-0|0|above 0",
                "servings-0|some|isn't a number",
                "zone-0|Tern Quay|Europe/Lisbon",
                "gets-0|poster|not one of the choices",
                "rather-0|moon dust|Anything else",
                "servings-0|101|100 at most",
                "spice-0|volcanic|mild, as-written, hot"
            })
    void whatIsNotUnderstoodIsNamed(String field, String said, String told) {
        Map<String, String> fields =
                new HashMap<>(Map.of("name-0", "Uma", "id-0", field.equals("name-0") ? "ola" : ""));
        fields.put(field, said == null ? "" : said);
        assertThatThrownBy(() -> rows(fields))
                .isInstanceOf(BadEntryException.class)
                .hasMessageContaining(told);
    }

    @Test
    void whatSomebodyWouldRatherNotIsKeptApartAndNeverSaidTwice() throws BadEntryException {
        assertThat(rows(Map.of("name-0", "Uma", "avoids-0", "nuts", "rather-0", "nut, soya"))
                        .get(0))
                .satisfies(uma -> {
                    assertThat(uma.avoids()).containsExactly("tree-nut", "peanut");
                    assertThat(uma.rather()).containsExactly("soy");
                });
    }
}
