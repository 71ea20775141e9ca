package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Practice;
import hopsel.core.item.Trait;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What shares a bowl on the tray, and how large the bowl is. */
class SetBowlTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            item("flour", "Plain flour", Trait.DRY).withAllergens(Set.of(Allergen.GLUTEN)),
            item("semolina", "Semolina", Trait.DRY).withAllergens(Set.of(Allergen.GLUTEN)),
            item("cumin", "Ground cumin", Trait.DRY),
            item("sugar", "Sugar", Trait.DRY).withGramsPerMl(Optional.of(new BigDecimal("0.8"))),
            item("water", "Water", Trait.LIQUID).withGramsPerMl(Optional.of(BigDecimal.ONE)),
            item("oil", "Sunflower oil", Trait.LIQUID).withGramsPerMl(Optional.of(new BigDecimal("0.92"))),
            item("garlic", "Garlic", Trait.PUNGENT),
            item("carrot", "Carrots", Trait.WHOLE).withGramsPerMl(Optional.of(new BigDecimal("1.1"))),
            item("turnip", "Turnips", Trait.WHOLE),
            item("beetroot", "Beetroot", Trait.STAINS)));
    private static final CookingClass COOKING = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"));
    private static final Activity STIR =
            new Activity(new StepRef("d", "stir"), Copy.MAIN, true, 0, 60, Optional.of("host"), List.of());

    private static Item item(String id, String name, Trait... traits) {
        return Item.nameOnly(id, name).withOrigin(Origin.PLANT).withTraits(Set.of(traits));
    }

    private static Tray.Bowl bowl(String item, String grams, String certain, String prep) {
        return new Tray.Bowl(
                item,
                Optional.ofNullable(prep),
                new BigDecimal(grams),
                Optional.ofNullable(certain).map(BigDecimal::new),
                Working.NONE,
                Optional.empty());
    }

    private static List<SetBowl> bowls(Tray.Bowl... bowls) {
        return SetBowl.of(new Tray(STIR, List.of(bowls), List.of()), COOKING, CATALOGUE);
    }

    /** Two items that may, or may not, stand in one bowl. */
    @ParameterizedTest
    @CsvSource({
        "cumin, sugar, true",
        "flour, semolina, true",
        "flour, sugar, false",
        "sugar, water, false",
        "water, oil, true",
        "garlic, carrot, false",
        "carrot, garlic, false",
        "garlic, garlic, true",
        "carrot, turnip, true",
        "carrot, beetroot, false",
        "turnip, water, false"
    })
    void likeStandsWithLike(String one, String two, boolean together) {
        assertThat(bowls(bowl(one, "10", null, null), bowl(two, "10", null, null)))
                .hasSize(together ? 1 : 2);
    }

    @Test
    void whatMayNotBeNeededStandsApart() {
        List<SetBowl> bowls = bowls(bowl("water", "100", "80", null), bowl("oil", "5", "0", null));
        assertThat(bowls).extracting(SetBowl::upTo).containsExactly(false, true, true);
        assertThat(bowls.get(0).parts().get(0).grams()).isEqualByComparingTo("80");
        assertThat(bowls.get(1).parts().get(0).grams()).isEqualByComparingTo("20");
        assertThat(bowls.get(2).parts().get(0).grams()).isEqualByComparingTo("5");
        assertThat(bowls(bowl("water", "80", "80", null))).hasSize(1);
    }

    /** A density that somebody measured, of what is not cut; else one that a cook would guess. */
    @ParameterizedTest
    @CsvSource({
        "water, 100, , 100, false",
        "oil, 92, , 100, false",
        "sugar, 80, , 100, false",
        "cumin, 60, , 100, true",
        "turnip, 50, , 100, true",
        "carrot, 110, , 100, false",
        "carrot, 50, diced, 100, false",
        "water, 100, cubed, 100, false"
    })
    void theBowlFollowsFromTheVolume(String item, String grams, String prep, String millilitres, boolean guessed) {
        SetBowl bowl = bowls(bowl(item, grams, null, prep)).get(0);
        assertThat(bowl.millilitres()).isEqualByComparingTo(millilitres);
        assertThat(bowl.guessed()).isEqualTo(guessed);
        assertThat(bowl.size()).isEqualTo(BowlSize.SMALL);
        assertThat(bowl.number()).isEqualTo(1);
    }

    @Test
    void spoonsAreSaidWhereTheDensityIsKnown() {
        assertThat(bowls(bowl("water", "30", null, null))
                        .get(0)
                        .parts()
                        .get(0)
                        .counted()
                        .amount())
                .contains("2 tbsp");
        assertThat(bowls(bowl("cumin", "30", null, null))
                        .get(0)
                        .parts()
                        .get(0)
                        .counted()
                        .amount())
                .isEmpty();
    }

    /** The amount in it was said of the recipe's servings; how large it is cut holds for any. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            2 cans |
            drained, 2 cans | drained
            for 2 cups cooked |
            sliced, 1 cm | sliced, 1 cm
            in 3 cm pieces | in 3 cm pieces
            """)
    void whatTheWriterMeasuredIsNoCut(String prep, String cut) {
        assertThat(bowls(bowl("turnip", "80", null, prep)).get(0).parts().get(0).cut())
                .isEqualTo(Optional.ofNullable(cut));
    }

    @Test
    void aVeryLargeAmountIsSeveralBowls() {
        SetBowl water = bowls(bowl("water", "11000", null, null)).get(0);
        assertThat(water.size()).isEqualTo(BowlSize.HUGE);
        assertThat(water.number()).as("two thirds of 8 l each").isEqualTo(3);
        assertThat(Arrays.stream(BowlSize.values()).map(size -> size.tool().toString()))
                .doesNotHaveDuplicates();
    }

    /** As the recipe counts it, for the part of it that stands here; else in spoons, by the jug, or by weight alone. */
    @ParameterizedTest
    @CsvSource({
        "cloves, 12, 6, PIECE, , 4, garlic cloves",
        "cloves, 1.5, 6, PIECE, , ½, garlic clove",
        "cloves, 12, 4, PIECE, large, 2 large, garlic cloves",
        "lemons, 8, 4, TBSP, , 1 ⅔ tsp, Lemon juice",
        "lemons, 40, 2, PIECE, , 1, lemon",
        "onions, 50, 1, PIECE, , ½, 'onion, yellow'",
        "coconut, 200, 1, CAN, , ½ can, Coconut milk",
        "sugar, 12, 3, TBSP, , 1 tbsp, Sugar",
        "sugar, 320, 400, G, , , Sugar",
        "sugar, 16, 400, G, , 1 ⅓ tbsp, Sugar",
        "coconut, 400, 400, G, , 400 ml, Coconut milk",
        "water, 30, 500, ML, , 2 tbsp, Water",
        "water, 152, 500, ML, , 150 ml, Water",
        "turnip, 30, 300, G, , , Turnips",
        "dill, 1.5, 20, G, , 1 tbsp, Dill"
    })
    void aCookCountsAsTheRecipeDoes(
            String item, String grams, BigDecimal number, Unit unit, String size, String counted, String called) {
        Catalogue catalogue = CATALOGUE.with(List.of(
                item("cloves", "Garlic cloves", Trait.PUNGENT)
                        .withGramsPerPiece(Optional.of(BigDecimal.valueOf(3)))
                        .with(own -> own.practice(Practice.NONE.withPieces(Map.of("large", BigDecimal.valueOf(6))))),
                item("onions", "Onions, yellow", Trait.WHOLE).withGramsPerPiece(Optional.of(BigDecimal.valueOf(100))),
                item("lemons", "Lemons", Trait.CITRUS)
                        .withTraits(Set.of(Trait.CITRUS, Trait.WHOLE))
                        .withGramsPerPiece(Optional.of(BigDecimal.valueOf(40)))
                        .withGramsPerMl(Optional.of(BigDecimal.ONE))
                        .with(own -> own.practice(Practice.NONE.withNames(List.of("lemon", "lemon juice")))),
                item("coconut", "Coconut milk", Trait.LIQUID)
                        .withGramsPerCan(Optional.of(BigDecimal.valueOf(400)))
                        .withGramsPerMl(Optional.of(BigDecimal.ONE)),
                item("dill", "Dill", Trait.LEAF).withGramsPerMl(Optional.of(new BigDecimal("0.1")))));
        Amount written = new Amount(number, number, unit, Optional.ofNullable(size));
        Tray.Bowl bowl = new Tray.Bowl(
                item, Optional.empty(), new BigDecimal(grams), Optional.empty(), Working.NONE, Optional.of(written));
        assertThat(SetBowl.of(new Tray(STIR, List.of(bowl), List.of()), COOKING, catalogue)
                        .get(0)
                        .parts()
                        .get(0)
                        .counted())
                .isEqualTo(new Counted(Optional.ofNullable(counted), called));
    }
}
