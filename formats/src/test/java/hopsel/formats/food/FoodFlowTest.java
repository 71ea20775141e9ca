package hopsel.formats.food;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepBuilder;
import hopsel.core.dish.Technique;
import hopsel.core.food.AtHome;
import hopsel.core.food.ByEye;
import hopsel.core.food.Condition;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.Keeps;
import hopsel.core.food.Part;
import hopsel.core.food.Product;
import hopsel.core.food.UsualTime;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Measures;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What comes out of a dish when its text is cooked. */
class FoodFlowTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final Weigher WEIGHER = new Weigher(Measures.METRIC);

    private static Dish dish(String ingredients, String... steps) {
        StringBuilder text = new StringBuilder("Something\n\nServes 4\n\nIngredients\n")
                .append(ingredients.replace("; ", "\n"))
                .append("\n\nMethod\n");
        for (int i = 0; i < steps.length; i++) {
            text.append(i + 1).append(". ").append(steps[i]).append('\n');
        }
        return Draft.of(RecipeFile.read(text.toString(), CATALOGUE, Measures.METRIC), text.toString(), Measures.METRIC)
                .dish();
    }

    private static Product served(Dish dish) {
        List<Product> served = FoodFlow.of(dish, CATALOGUE).served();
        assertThat(served).hasSize(1);
        return served.get(0);
    }

    private static Part part(Product product, String item) {
        return product.parts().stream()
                .filter(part -> part.item().id().equals(item))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void waterThatIsPouredOffIsNoFoodAndWhatItSoftenedHasSwollen() {
        Dish dish = dish(
                "250 g dried chickpeas; 1 l water; 1 tbsp tahini",
                "Soak the chickpeas in the water overnight.",
                "Drain the chickpeas.",
                "Boil the chickpeas for 60 minutes until soft.",
                "Blend the chickpeas with the tahini for 2 minutes.");
        Product made = served(dish);

        assertThat(part(made, "water").away()).isTrue();
        assertThat(part(made, "chickpeas-dried").soaked()).isTrue();
        assertThat(part(made, "chickpeas-dried").boiled()).isEqualTo(60);
        assertThat(part(made, "tahini").heated()).isFalse();
        BigDecimal dry = BigDecimal.valueOf(250);
        BigDecimal factor = CATALOGUE.get("chickpeas-dried").practice().cooked().orElseThrow();
        assertThat(made.grams(WEIGHER).orElseThrow())
                .isGreaterThan(dry.multiply(factor))
                .isLessThan(dry.multiply(factor).add(BigDecimal.valueOf(25)));
        assertThat(made.is(Condition.BLENDED)).isTrue();
    }

    /** The water of a dough is not poured off with the water that it is boiled in. */
    /** Ingredients, method, and what it weighs: the stock is poured off, the sauce of drained pasta is not. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            300 g brown lentils; 1 l vegetable stock | Boil the lentils in the stock for 25 minutes until soft. Drain.       | 750
            200 g brown lentils; 1 l vegetable stock | Boil the lentils in the stock for 25 minutes until soft.              | 1200
            400 g spaghetti; 400 g passata           | Boil the spaghetti for 10 minutes, drain and toss with the passata.   | 800
            """)
    void whatDrainsOffIsNoYield(String ingredients, String method, String grams) {
        assertThat(served(dish(ingredients, method)).grams(WEIGHER).orElseThrow())
                .isEqualByComparingTo(grams);
    }

    @Test
    void halvesThatMeetAgainAreTheWhole() {
        Dish dish = dish(
                "400 ml coconut milk; 2 limes",
                "Warm half the coconut milk for 5 minutes until hot.",
                "Stir in the limes and the rest of the coconut milk.");
        assertThat(part(served(dish), "coconut-milk").share()).isEqualByComparingTo("1");
    }

    @Test
    void theWaterOfADoughStaysInIt() {
        Dish dish = dish(
                "300 g plain flour; 150 ml water",
                "Knead the flour and the water for 8 minutes.",
                "Boil the dough for 4 minutes until it floats.",
                "Drain it for 1 minute.");

        assertThat(part(served(dish), "water").away()).isFalse();
        assertThat(served(dish).grams(WEIGHER).orElseThrow()).isEqualByComparingTo("450");
    }

    /** A minute under pressure counts three times, and what is put in afterwards was not in it. */
    @Test
    void whatGoesInLateIsRawer() {
        Dish dish = dish(
                "250 g dried chickpeas; 100 g brown lentils; 1 l water",
                "Cook the chickpeas in the water in a pressure cooker for 20 minutes.",
                "Add the lentils and boil them in a pot on the hob for 10 minutes.");
        Product made = served(dish);

        assertThat(part(made, "chickpeas-dried").boiled()).isEqualTo(70);
        assertThat(part(made, "brown-lentils").boiled()).isEqualTo(10);
    }

    @Test
    void aGlazeAfterTheSlicingIsSeen() {
        Dish dish = dish(
                "300 g plain flour; 150 g maple syrup; 100 ml water",
                "Knead the flour and the water for 8 minutes.",
                "Bake the dough at 180 °C for 30 minutes until golden.",
                "Slice the loaf for 1 minute.",
                "Glaze it with the maple syrup for 1 minute.");
        Step last = dish.steps().reduce((a, b) -> b).orElseThrow();

        assertThat(FoodFlow.of(dish, CATALOGUE).into(last))
                .singleElement()
                .matches(product -> product.is(Condition.SLICED));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            300 g spaghetti; 2 l water              | Boil the spaghetti in the water for 10 minutes and drain it. | DRAINED_PASTA
            400 g potatoes; 2 tbsp olive oil        | Fry the potatoes in the oil for 10 minutes until crisp.      | CRISP
            100 g rocket; 2 tbsp olive oil; 1 lemon | Dress the rocket with the oil and the lemon for 1 minute.    | DRESSED
            200 g plain flour; 300 ml water         | Whisk the flour and the water for 2 minutes.                 | BATTER
            500 ml vegetable stock                  | Reheat the stock for 5 minutes.                              | WARMED
            400 g potatoes; 2 l water               | Boil the potatoes in the water for 20 minutes.               |
            200 g cashews; 100 ml water             | Blend the cashews and the water for 2 minutes.               |
            """)
    void theResultKeepsAsLongAsItsStateDoes(String ingredients, String method, Keeps row) {
        Dish dish = dish(ingredients, method);
        Step last = dish.steps().reduce((a, b) -> b).orElseThrow();

        assertThat(Keeps.of(dish, last, FoodFlow.of(dish, CATALOGUE))).isEqualTo(Optional.ofNullable(row));
    }

    @Test
    void thePanThatGoesOnDoesNotWait() {
        Dish dish = dish(
                "2 onions; 2 tbsp olive oil; 500 ml vegetable stock",
                "Fry the onions in the oil in a pan for 8 minutes until soft.",
                "Deglaze the pan with the stock and simmer for 10 minutes.");
        Step first = dish.steps().findFirst().orElseThrow();

        assertThat(Keeps.of(dish, first, FoodFlow.of(dish, CATALOGUE))).contains(Keeps.IN_THE_PAN);
        assertThat(Keeps.IN_THE_PAN.minutes()).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            250 g dried chickpeas; 1 l water | Soak the chickpeas in the water.     | SOAK_BEANS   | 480 | 1440
            300 g spaghetti; 2 l water       | Boil the spaghetti in the water.     | BOIL_PASTA   | 8   | 12
            200 g red lentils; 1 l water     | Simmer the lentils in the water.     | SIMMER_LENTILS | 15 | 35
            300 g firm tofu                  | Press the tofu.                      | PRESS_CURD   | 15  | 40
            400 g carrots                    | Stir the carrots.                    |              |     |
            """)
    void aTimeIsProposedOnlyWhereTheTableHasOne(
            String ingredients, String method, UsualTime row, Integer low, Integer high) {
        Dish dish = dish(ingredients, method);
        Step last = dish.steps().reduce((a, b) -> b).orElseThrow();
        Optional<UsualTime> found = UsualTime.of(last, FoodFlow.of(dish, CATALOGUE));

        assertThat(found).isEqualTo(Optional.ofNullable(row));
        found.ifPresent(time -> {
            assertThat(time.minutes().low().value()).isEqualByComparingTo(BigDecimal.valueOf(low));
            assertThat(time.minutes().high().value()).isEqualByComparingTo(BigDecimal.valueOf(high));
        });
    }

    /** A dough that rises in an oven at 35 °C is not cooked by it. */
    @Test
    void aWarmOvenCooksNothing() {
        Dish dish = dish("300 g plain flour; 150 ml water", "Knead the flour and the water for 8 minutes.", "Bake it.");
        Dish warm = dish.eachStep(step -> step.needs().isEmpty()
                ? step
                : StepBuilder.builder(step)
                        .techniques(Set.of(Technique.PROOF))
                        .needs(step.needs().stream()
                                .map(need -> need.withCelsius(Optional.of(BigDecimal.valueOf(35))))
                                .toList())
                        .build());

        assertThat(part(served(dish), "plain-flour").heated()).isTrue();
        assertThat(part(served(warm), "plain-flour").heated()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "olive-oil, 20, 50, ml",
        "lemon, 200, 480, g",
        "rocket, 80, 200, g",
        "spaghetti, 240, 360, g",
        "cider-vinegar, 12, 30, ml"
    })
    void byEyeIsARange(String item, String from, String upTo, String unit) {
        ByEye.Estimate estimate =
                ByEye.of(CATALOGUE.get(item), BigDecimal.valueOf(4)).orElseThrow();

        assertThat(estimate.byTaste().start()).isEqualByComparingTo(from);
        assertThat(estimate.byTaste().ceiling())
                .isEqualByComparingTo(upTo)
                .isEqualByComparingTo(estimate.amount().high());
        assertThat(estimate.amount().unit().word()).isEqualTo(unit);
    }

    @Test
    void saltStaysToTaste() {
        assertThat(ByEye.of(CATALOGUE.get("salt"), BigDecimal.TEN)).isEmpty();
    }

    /** What a cook pours, picks or cuts has an amount by eye; starch and leavening are measured. */
    @Test
    void whatIsPouredPickedOrCutCanBeTakenByEye() {
        assertThat(CATALOGUE.items().stream().filter(item -> !item.has(Trait.DRY)))
                .allSatisfy(item ->
                        assertThat(ByEye.of(item, BigDecimal.ONE)).as(item.id()).isPresent());
        assertThat(List.of("cornflour", "baking-powder", "agar"))
                .allSatisfy(item -> assertThat(ByEye.of(CATALOGUE.get(item), BigDecimal.ONE))
                        .isEmpty());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            400 ml coconut milk; 100 g mango  | Blend the mango and the coconut milk for 2 minutes. Freeze it for 4 hours.  | FROZEN
            200 g white rice; 400 ml water    | Boil the rice in the water for 15 minutes.                              | RICE
            300 g plain flour; 150 ml water   | Knead the flour and the water for 8 minutes. Bake it at 200 °C for 30 minutes. | BAKED
            400 g carrots; 1 l vegetable stock | Boil the carrots in the stock for 20 minutes.                          | SOUP
            400 g carrots; 500 g passata      | Simmer the carrots in the passata for 20 minutes. Bake at 180 °C for 20 minutes. | OVEN_DISH
            2 bell peppers; 200 ml coconut milk | Roast the peppers at 220 °C for 30 minutes. Blend them with the coconut milk for 2 minutes. | SOUP
            1 cucumber                        | Slice the cucumber for 2 minutes.                                       | RAW
            400 g carrots; 2 tbsp cider vinegar | Boil the carrots for 10 minutes and drain. Toss them with the vinegar.  | COOKED
            400 g rhubarb; 60 g sugar; 300 ml oat milk | Simmer the rhubarb, sugar and oat milk for 10 minutes. Leave to cool for 30 minutes. | COOLED
            400 g carrots; 500 g passata      | Bake the carrots in the passata at 180 °C for 40 minutes. Rest for 15 minutes. | OVEN_DISH
            400 g carrots; 1 l vegetable stock | Boil the carrots in the stock for 20 minutes. Leave to cool for 10 minutes. | SOUP
            """)
    void howItIsKeptFollowsFromHowItIsEaten(String ingredients, String method, AtHome row) {
        assertThat(AtHome.of(FoodFlow.of(dish(ingredients, method), CATALOGUE))).contains(row);
    }

    /** Ten hours of soaking are no minutes at a boil, whatever else the sentence speaks of. */
    @Test
    void whatIsSpokenOfIsNotDone() {
        Dish dish = dish(
                "250 g dried chickpeas; 1 l water",
                "Soak the chickpeas that you will cook tomorrow in the water for 10 hours.",
                "Mash the chickpeas with the cooked rice and serve with the grilled peppers.");

        assertThat(part(served(dish), "chickpeas-dried").boiled()).isZero();
        assertThat(part(served(dish), "chickpeas-dried").isCooked()).isFalse();
    }
}
