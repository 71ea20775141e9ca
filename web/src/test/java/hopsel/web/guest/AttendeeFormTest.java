package hopsel.web.guest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.diet.Attendee;
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
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Attendees as people type them. */
class AttendeeFormTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final Attendee OLA = new Attendee("ola", "Ola Brink", List.of("peanut"), BigDecimal.valueOf(2), Optional.empty(), Attendee.Gets.KIT);
    private static final CookingClass CLASS = FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon")).attendedBy(List.of(OLA));

    private static List<Attendee> rows(Map<String, String> fields) throws BadEntryException {
        return new AttendeeForm(CLASS, CATALOGUE, Map.of("No onion", List.of("onion", "leek"))).rows(new Entered(fields)).stream().map(AttendeeForm.Row::attendee).toList();
    }

    @Test
    void aRowKeepsItsIdWhateverItsNameAndANewOneGetsAFreshOne() throws BadEntryException {
        List<Attendee> rows = rows(Map.of("id-0", "ola", "name-0", "Ola Brandt", "servings-0", "2", "avoids-0", "peanut", "gets-0", "kit", "name-1", "Ola", "name-2", "", "servings-2", "9"));
        assertThat(rows).extracting(Attendee::id).hasSize(2).startsWith("ola").doesNotHaveDuplicates();
        assertThat(rows.get(0).name()).isEqualTo("Ola Brandt");
        assertThat(rows.get(1)).satisfies(fresh -> {
            assertThat(fresh.servings()).isEqualByComparingTo("1");
            assertThat(fresh.gets()).isEqualTo(Attendee.Gets.BOTH);
            assertThat(fresh.avoids()).isEmpty();
        });
        assertThat(rows(Map.of("id-0", "ola", "name-0", "Ola Brink", "drop", "0"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"nuts|tree-nut", "Soya|soy", "coeliac|gluten", "peanuts, peanut|peanut", "salt|added-salt", "oil|oil", "Sago pearls|sago-pearls", "dairy / eggs|milk,egg", "no onion; NUTS|onion,leek,tree-nut", "wine|alcohol", "sprouts|raw-sprouts"})
    void whatIsAvoidedIsReadAsPeopleSayIt(String said, String words) throws BadEntryException {
        assertThat(rows(Map.of("name-0", "Uma", "avoids-0", said)).get(0).avoids()).containsExactly(words.split(","));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"avoids-0|moon dust|moon dust", "servings-0|0|above 0", "servings-0|some|no number", "zone-0|Tern Quay|Europe/Lisbon", "gets-0|poster|not one of the choices", "rather-0|moon dust|remark", "servings-0|101|100 at most", "spice-0|volcanic|mild, as-written, hot"})
    void whatIsNotUnderstoodIsNamed(String field, String said, String told) {
        assertThatThrownBy(() -> rows(Map.of("name-0", "Uma", field, said))).isInstanceOf(BadEntryException.class).hasMessageContaining(told);
    }

    @Test
    void whatSomebodyWouldRatherNotIsKeptApartAndNeverSaidTwice() throws BadEntryException {
        assertThat(rows(Map.of("name-0", "Uma", "avoids-0", "nuts", "rather-0", "nut, soya")).get(0)).satisfies(uma -> {
            assertThat(uma.avoids()).containsExactly("tree-nut");
            assertThat(uma.rather()).containsExactly("soy");
        });
    }
}
