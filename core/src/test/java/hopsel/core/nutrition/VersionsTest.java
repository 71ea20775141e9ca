package hopsel.core.nutrition;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.nutrition.Versions.Basis;
import hopsel.core.nutrition.Versions.Version;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A salad with nuts that may be left out, a rice dish beside it, and a label from a shop. */
class VersionsTest {

    private static final Catalogue CATALOGUE =
            Catalogue.of(List.of(item("leaves", "2"), item("nuts", "20"), item("rice", "7"), unknown("herbs")));

    private static Item item(String id, String protein) {
        return Item.nameOnly(id, id)
                .withOrigin(Origin.PLANT)
                .withNutrients(Optional.of(new Nutrients(Map.of("protein", new BigDecimal(protein)))));
    }

    private static Item unknown(String id) {
        return Item.nameOnly(id, id).withOrigin(Origin.PLANT);
    }

    private static IngredientLine line(String item, int grams) {
        return IngredientLine.of(item, item, Optional.of(Amount.of(BigDecimal.valueOf(grams), Unit.G)));
    }

    private static Dish dish(String id, int servings, IngredientLine... lines) {
        return new Dish(
                id, id, BigDecimal.valueOf(servings), List.of(new Component("all", "All", List.of(lines), List.of())));
    }

    private static final Dish SALAD =
            dish("salad", 2, line("leaves", 100), line("nuts", 50).withOptional(true), line("herbs", 5));
    private static final Dish RICE = dish("rice", 4, line("rice", 300));

    private static List<Version> versions() {
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(SALAD, RICE));
        return Versions.of(cooking, SALAD, CATALOGUE);
    }

    private static Version find(String key) {
        return versions().stream()
                .filter(own -> own.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void asWrittenComesFirstAndHoldsEverything() {
        Version written = versions().get(0);
        assertThat(written.kind()).isEqualTo(Basis.AS_WRITTEN);
        assertThat(written.facts().value("protein")).as("2 g and 10 g").isEqualByComparingTo("12");
        assertThat(written.servings()).isEqualByComparingTo("2");
    }

    @Test
    void onlyWhatMayBeLeftOutIsLeftOut() {
        assertThat(versions())
                .filteredOn(own -> own.kind() == Basis.WITHOUT)
                .singleElement()
                .satisfies(own -> {
                    assertThat(own.item()).isEqualTo("nuts");
                    assertThat(own.facts().value("protein")).isEqualByComparingTo("2");
                    assertThat(own.facts().grams()).isEqualByComparingTo("105");
                });
    }

    @Test
    void anotherDishOfTheClassStandsBesideItByItsOwnServings() {
        assertThat(find("dish-rice")).satisfies(own -> {
            assertThat(own.title()).isEqualTo("rice");
            assertThat(own.servings()).isEqualByComparingTo("4");
            assertThat(own.facts().value("protein")).isEqualByComparingTo("21");
        });
        assertThat(versions())
                .extracting(Version::key)
                .doesNotContain("dish-salad")
                .doesNotHaveDuplicates();
    }

    /** What the label does not say is unknown, and that is said; it is not nothing. */
    @Test
    void whatALabelDoesNotSayIsUnknown() {
        Version label = Versions.label("Quay salad", BigDecimal.valueOf(180), Map.of("protein", BigDecimal.valueOf(9)));
        assertThat(label.facts().value("protein")).isEqualByComparingTo("9");
        assertThat(label.facts().missing()).containsKey("fat").doesNotContainKey("protein");
        assertThat(label.facts().missing().get("fat")).containsExactly("Quay salad");
        assertThat(find("written").facts().missing().get("protein")).containsExactly("herbs");
    }
}
