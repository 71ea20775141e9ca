package hopsel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Source;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** A dough for dumplings made larger and smaller: what grows, what grows gently, what stays. */
class ResizeTest {

    private static final Catalogue CATALOGUE =
            Catalogue.of(List.of(item("flour"), item("chilli"), item("oil"), item("salt")));
    private static final Draft DOUGH = new Draft(
            new Dish(
                    "dumplings",
                    "Dumplings",
                    BigDecimal.valueOf(4),
                    List.of(new Component(
                            "dough",
                            "Dough",
                            List.of(
                                    line("flour", "540", Scaling.LINEAR),
                                    line("chilli", "10", Scaling.DAMPED),
                                    line("oil", "15", Scaling.FIXED),
                                    taste("salt")),
                            List.of(Steps.plain("mix", "Mix", StepMinutes.of(Minutes.of(8)), Work.HANDS, List.of()))))),
            List.of(),
            Measures.METRIC,
            Notes.NONE);

    private static Item item(String id) {
        return Item.nameOnly(id, id).withOrigin(Origin.PLANT);
    }

    private static IngredientLine line(String item, String grams, Scaling scaling) {
        return IngredientLine.of(item, item, Optional.of(Amount.of(new BigDecimal(grams), Unit.G)))
                .withScaling(scaling);
    }

    private static IngredientLine taste(String item) {
        return IngredientLine.of(item, item, Optional.empty()).withFrom(Source.HOME);
    }

    private static double grams(Draft sheet, String line) {
        return sheet.line(line).orElseThrow().amount().orElseThrow().high().doubleValue();
    }

    /** Twice: flour × 2, chilli × 2^0.8 = 1.741, the pan's oil as it is; half: the gentle go along. */
    @Test
    void linesGrowEachInTheirWay() {
        Resize twice = Resize.byServings(DOUGH, BigDecimal.valueOf(8));
        assertThat(grams(twice.sheet(), "flour")).isEqualTo(1080);
        assertThat(grams(twice.sheet(), "chilli")).isBetween(17.41, 17.42);
        assertThat(grams(twice.sheet(), "oil")).isEqualTo(15);
        assertThat(twice.sheet().line("salt").orElseThrow().amount()).isEmpty();
        assertThat(twice.notes())
                .anyMatch(note -> note.contains("1.74") && note.contains("chilli"))
                .anyMatch(note -> note.contains("Unchanged") && note.contains("oil"));
        Resize half = Resize.byServings(DOUGH, BigDecimal.valueOf(2));
        assertThat(grams(half.sheet(), "chilli")).isEqualTo(5);
        assertThat(half.notes()).noneMatch(note -> note.contains("gently"));
        assertThat(half.sheet().step("mix").orElseThrow().minutes().likely()).isEqualTo(Minutes.of(8));
    }

    @Test
    void wholePiecesOfAWeight() throws RefusedEditException {
        // 540 + 10 + 15 g in all, 25 pieces of 22 g and a rest.
        assertThat(Resize.piecesOf(DOUGH, "mix", BigDecimal.valueOf(22), CATALOGUE))
                .isEqualByComparingTo("25");
        assertThatThrownBy(() -> Resize.piecesOf(DOUGH, "mix", BigDecimal.valueOf(600), CATALOGUE))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("565 g");
        assertThatThrownBy(() -> Resize.piecesOf(DOUGH, "bake", BigDecimal.ONE, CATALOGUE))
                .isInstanceOf(RefusedEditException.class);
    }

    @Test
    void byPiecesOnlyWhereTheirNumberIsKnown() throws RefusedEditException {
        assertThatThrownBy(() -> Resize.byPieces(DOUGH, BigDecimal.valueOf(24)))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("how many pieces");
        Draft counted = DOUGH.making(yields -> yields.withPieces(Optional.of(BigDecimal.valueOf(16))));
        Resize more = Resize.byPieces(counted, BigDecimal.valueOf(24));
        assertThat(grams(more.sheet(), "flour")).isEqualTo(810);
        assertThat(more.sheet().dish().servings()).isEqualByComparingTo("6");
        assertThat(more.sheet().dish().yields().pieces().orElseThrow()).isEqualByComparingTo("24");
    }

    @Test
    void onlyWhatGrowsWithTheDishCanLead() throws RefusedEditException {
        assertThat(grams(
                        Resize.byIngredient(DOUGH, "flour", BigDecimal.valueOf(270), CATALOGUE)
                                .sheet(),
                        "flour"))
                .isEqualTo(270);
        for (String line : List.of("oil", "chilli", "salt", "water")) {
            assertThatThrownBy(() -> Resize.byIngredient(DOUGH, line, BigDecimal.valueOf(20), CATALOGUE))
                    .as(line)
                    .isInstanceOf(RefusedEditException.class);
        }
    }
}
