package hopsel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Amounts in the text of a step, for twice as many: those of its ingredients follow, everything else stays. */
class ScaledTextTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            Item.nameOnly("tomatoes", "Plum tomatoes"),
            Item.nameOnly("stock", "Vegetable stock"),
            Item.nameOnly("potatoes", "Waxy potatoes"),
            Item.nameOnly("leaves", "Lime leaves"),
            Item.nameOnly("chilli", "Chilli flakes"),
            Item.nameOnly("swiss", "Watercress"),
            Item.nameOnly("salt", "Salt")));

    private static IngredientLine line(String item, Scaling scaling) {
        Amount some = new Amount(BigDecimal.TEN, BigDecimal.TEN, Unit.G, Optional.empty());
        return IngredientLine.of(item, item, Optional.of(some)).withScaling(scaling);
    }

    private static String scaled(String text, String factor) {
        Step step = Step.of("s", "Cook", StepMinutes.of(Minutes.of(10)), Work.WATCH)
                .withText(Optional.of(text))
                .withUses(List.of(new Use("stock", BigDecimal.ONE)));
        List<IngredientLine> lines = List.of(
                line("tomatoes", Scaling.LINEAR),
                line("stock", Scaling.LINEAR),
                line("potatoes", Scaling.LINEAR),
                line("leaves", Scaling.FIXED),
                line("chilli", Scaling.DAMPED),
                line("swiss", Scaling.LINEAR),
                IngredientLine.of("salt", "salt", Optional.empty()));
        Dish dish = new Dish("d", "Dish", BigDecimal.ONE, List.of(new Component("c", "C", lines, List.of(step))));
        return ScaledText.of(dish, step, new BigDecimal(factor), CATALOGUE, Measures.METRIC);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Add 200 ml of the stock.|Add 400 ml of the stock.",
                "Add 200ml vegetable stock.|Add 400 ml vegetable stock.",
                "Crush 2 tomatoes.|Crush 4 tomatoes.",
                "Crush 1 tomato into it.|Crush 2 tomato into it.",
                "Boil 300 g potatoes.|Boil 600 g potatoes.",
                "Boil 1½ cups of waxy potato.|Boil 3 cups of waxy potato.",
                "Scatter 20 g watercress over it.|Scatter 40 g watercress over it.",
                "Add ½ tsp chilli flakes.|Add ¾ tsp chilli flakes.",
                "Add 4 lime leaves.|Add 4 lime leaves.",
                "Simmer the stock for 10 minutes.|Simmer the stock for 10 minutes.",
                "Bring the stock to 90 °C.|Bring the stock to 90 °C.",
                "Cut into 2 cm pieces of potato.|Cut into 2 cm pieces of potato.",
                "Stir in 3 g salt.|Stir in 3 g salt.",
                "Add 5 spoons, then the stock.|Add 5 spoons, then the stock.",
                "Turn it 3 times in the stock.|Turn it 3 times in the stock.",
                "Leave 2. The tomatoes go in.|Leave 2. The tomatoes go in.",
                "Take 2 of your best tomatoes.|Take 2 of your best tomatoes.",
                "Take 100 g of your best tomatoes.|Take 200 g of your best tomatoes."
            })
    void forTwiceAsMany(String text, String twice) {
        assertThat(scaled(text, "2")).isEqualTo(twice);
    }

    @Test
    void asWrittenNothingIsTouchedAndForFewerItShrinks() {
        assertThat(scaled("Add 200ml stock.", "1")).isEqualTo("Add 200ml stock.");
        assertThat(scaled("Add 200 ml stock and 50 g watercress.", "0.5"))
                .isEqualTo("Add 100 ml stock and 25 g watercress.");
    }
}
