package hopsel.core.item;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** An ingredient that the house gets to know: it mends the classes that asked for it and hides nothing. */
class BetterKnownTest {

    private static final Item HOUSE = Item.nameOnly("quay-paste", "Quay paste")
            .withOrigin(Origin.PLANT)
            .withAllergens(Set.of(Allergen.SOY))
            .withGramsPerMl(Optional.of(BigDecimal.ONE))
            .with(item -> item.practice(Practice.NONE.withNames(List.of("harbour paste"))));

    /** By its id, its name or another name that it has; under the id that the lines of the class use. */
    @ParameterizedTest
    @CsvSource({
        "quay-paste, Paste of the quay, true",
        "own-7, Quay paste, true",
        "own-7, harbour paste, true",
        "own-7, Quay pasta, false",
        "quay, Paste, false"
    })
    void whatOnlyANameAskedForIsFilledIn(String id, String name, boolean known) {
        Item asked = Item.nameOnly(id, name);
        Item now = BetterKnown.of(asked, HOUSE);
        if (known) {
            assertThat(now.id()).isEqualTo(id);
            assertThat(now.allergens()).containsExactly(Allergen.SOY);
            assertThat(now.gramsPerMl()).isEqualTo(HOUSE.gramsPerMl());
            assertThat(now.origin()).isEqualTo(Origin.PLANT);
        } else {
            assertThat(now).isEqualTo(asked);
        }
    }

    @Test
    void whatALabelSaidForTheClassStaysSaid() {
        Item labelled = HOUSE.labelled(Set.of(Allergen.SOY, Allergen.SESAME), Origin.ANIMAL);
        Item plain = HOUSE.withAllergens(Set.of(Allergen.GLUTEN));
        Item now = BetterKnown.of(labelled, plain);
        assertThat(now.allergens()).containsExactlyInAnyOrder(Allergen.GLUTEN, Allergen.SOY, Allergen.SESAME);
        assertThat(now.origin()).isEqualTo(Origin.ANIMAL);
    }

    @Test
    void whatTheHouseSaysMoreStrictlyIsTakenOver() {
        Item stricter = HOUSE.withOrigin(Origin.CHECK_LABEL).withAllergens(Set.of(Allergen.SOY, Allergen.PEANUT));
        Item now = BetterKnown.of(HOUSE, stricter);
        assertThat(now.origin()).isEqualTo(Origin.CHECK_LABEL);
        assertThat(now.allergens()).contains(Allergen.PEANUT);
        Item looser = BetterKnown.of(HOUSE.withOrigin(Origin.CHECK_LABEL), HOUSE);
        assertThat(looser.origin())
                .as("somebody read something else for this class")
                .isEqualTo(Origin.CHECK_LABEL);
    }

    /** Somebody has yet to say that it was meant; and what is something else is left alone. */
    @Test
    void aGuessAndAnotherIngredientStayAsTheyAre() {
        Item guess = HOUSE.guessedAs("pasty stuff", HOUSE.id());
        assertThat(BetterKnown.of(guess, HOUSE)).isEqualTo(guess);
        Item other = HOUSE.under("own-9");
        assertThat(BetterKnown.of(other, HOUSE)).isEqualTo(other);
    }
}
