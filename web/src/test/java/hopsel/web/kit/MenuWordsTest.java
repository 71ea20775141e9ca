package hopsel.web.kit;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.diet.MenuChoice.Change;
import hopsel.core.diet.MenuChoice.SameKit;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.web.TestContext;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Menus as sentences: who gets what, and for whose sake. */
class MenuWordsTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            Item.nameOnly("soy", "Soy sauce").withAllergens(Set.of(Allergen.SOY, Allergen.GLUTEN)),
            Item.nameOnly("tamari", "Tamari").withAllergens(Set.of(Allergen.SOY)),
            Item.nameOnly("nuts", "Peanuts").withAllergens(Set.of(Allergen.PEANUT))));
    private static final Change TAMARI = new Change(
            "soy",
            Optional.of(new Substitution(
                    "soy", "tamari", BigDecimal.ONE, Optional.empty(), Optional.empty(), Optional.empty())),
            Optional.empty());
    private static final Change NO_NUTS = new Change("nuts", Optional.empty(), Optional.empty());
    private static final Attendee BEA = guest("Bea", "gluten");
    private static final Attendee ODILE = guest("Odile", "peanut");
    private static final Attendee TOMAS = guest("Tomas");

    private final MenuWords words = TestContext.bean(MenuWords.class);

    private static Attendee guest(String name, String... avoids) {
        return new Attendee(name, name, List.of(avoids), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
    }

    @Test
    void aKindOfKitIsOneSentence() {
        assertThat(words.kit(new SameKit(List.of(TOMAS), List.of(), List.of()), CATALOGUE))
                .isEqualTo("Tomas gets everything as written.");
        assertThat(words.kit(new SameKit(List.of(TOMAS, BEA), List.of(), List.of()), CATALOGUE))
                .isEqualTo("Tomas and Bea get everything as written.");
        assertThat(words.kit(new SameKit(List.of(TOMAS, BEA, ODILE), List.of(TAMARI, NO_NUTS), List.of()), CATALOGUE))
                .isEqualTo("Tomas, Bea and Odile get Tamari instead of Soy sauce and no Peanuts.");
    }

    @Test
    void aChangeSaysForWhom() {
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .withAttendees(List.of(BEA, ODILE, TOMAS));
        assertThat(words.forWhom(TAMARI, cooking, CATALOGUE))
                .isEqualTo("Tamari instead of Soy sauce – for Bea (gluten).");
        assertThat(words.forWhom(NO_NUTS, cooking, CATALOGUE)).isEqualTo("No Peanuts – for Odile (peanut).");
    }
}
