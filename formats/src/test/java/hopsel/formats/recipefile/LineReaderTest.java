package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.ReadLine;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Ingredient lines as people write them. */
class LineReaderTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final LineReader METRIC = new LineReader(CATALOGUE, Measures.METRIC);

    /** Line, lower and upper amount, unit, size, item, grams of the upper end. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            1 ½ cups raw cashews, soaked                    | 1.5  | 1.5  | cup   |       | cashews          | 217.5
            2–3 tbsp olive oil                              | 2    | 3    | tbsp  |       | olive-oil        | 41.2
            1 (400 g) can black beans, drained              | 1    | 1    | can   |       | black-beans-can  | 240
            1 15-oz can chickpeas, rinsed and drained       | 1    | 1    | can   |       | chickpeas-can    | 255.1
            2 x 400g tins chopped tomatoes                  | 2    | 2    | can   |       | tomato-can       | 800
            4 to 5 medium potatoes                          | 4    | 5    | piece |       | potato           | 820
            1 large red onion, finely diced                 | 1    | 1    | piece | large | red-onion        | 149.6
            a good pinch of cayenne                         | 1    | 1    | pinch |       | cayenne          | 0.3
            juice of half a lemon                           | 0.5  | 0.5  | piece |       | lemon            | 23.1
            200 g/7 oz plain flour                          | 200  | 200  | g     |       | plain-flour      | 200
            1 c. rolled oats                                | 1    | 1    | cup   |       | rolled-oats      | 95
            ½-inch piece of ginger                          | 0.5  | 0.5  | piece | inch  | ginger           | 6.2
            1,5 dl oat milk                                 | 150  | 150  | ml    |       | oat-drink        | 154.5
            1 T nutritional yeast                           | 1    | 1    | tbsp  |       | nutritional-yeast| 3.8
            2 t cornstarch                                  | 2    | 2    | tsp   |       | cornflour        | 5.4
            1 block (280 g) extra-firm tofu                 | 280  | 280  | g     |       | firm-tofu        | 280
            1 dozen dumpling wrappers                       | 12   | 12   | piece |       | dumpling-wrappers| 96
            1 small head cauliflower, cut into florets      | 1    | 1    | piece | small | cauliflower      | 372
            ½ cup dried red lentils                         | 0.5  | 0.5  | cup   |       | red-lentils      | 102.5
            About 2 cups flour                              | 2    | 2    | cup   |       | plain-flour      | 265
            1 medium onion (about 150 g), chopped           | 1    | 1    | piece |       | onion            | 150
            1 heaped teaspoon smoked paprika                | 1    | 1    | tsp   |       | smoked-paprika   | 2.9
            ca. 800 g pumpkin                               | 800  | 800  | g     |       | pumpkin          | 800
            min. 200 ml water                               | 200  | 200  | ml    |       | water            | 200
            zest + juice 2 lemons                           | 2    | 2    | piece |       | lemon            | 92.4
            1 green pepper + 1 red, deseeded                | 2    | 2    | piece |       | bell-pepper      | 237.8
            1 litre and a half of water                     | 1.5  | 1.5  | l     |       | water            | 1500
            6 inch piece of cucumber                        | 1    | 1    | piece |       | cucumber         | 304
            1 (1-inch) piece ginger, peeled                 | 1    | 1    | piece | inch  | ginger           | 12.3
            2 x 2 cm ginger                                 | 4    | 4    | piece | cm    | ginger           | 19.4
            1 000 g flour                                   | 1000 | 1000 | g     |       | plain-flour      | 1000
            1lb10oz flour                                   | 1.625| 1.625| lb    |       | plain-flour      | 737.1
            rice 1 cup dry                                  | 1    | 1    | cup   |       | white-rice       | 195
            """)
    void amountUnitItemAndWeightAreRead(
            String text, BigDecimal low, BigDecimal high, String unit, String size, String item, BigDecimal grams) {
        ReadLine line = METRIC.read(text);
        assertThat(line.amount()).isPresent();
        assertThat(line.amount().get().low()).isEqualByComparingTo(low);
        assertThat(line.amount().get().high()).isEqualByComparingTo(high);
        assertThat(line.amount().get().unit().word()).isEqualTo(unit);
        assertThat(line.amount().get().size().orElse(null)).isEqualTo(size);
        assertThat(line.item().orElseThrow().id()).isEqualTo(item);
        assertThat(line.grams().orElseThrow().setScale(1, RoundingMode.HALF_UP)).isEqualByComparingTo(grams);
    }

    @Test
    void whatElseWasSaidIsKept() {
        assertThat(METRIC.read("3 tbsp flour, plus more for dusting").prep()).contains("plus more for dusting");
        ReadLine either = METRIC.read("2 tablespoons tamari or soy sauce");
        assertThat(either.item().orElseThrow().id()).isEqualTo("tamari");
        assertThat(either.or()).containsExactly("soy sauce");
        assertThat(METRIC.read("handful of fresh coriander, chopped (optional)").optional())
                .isTrue();
        assertThat(METRIC.read("salt to taste").amount()).isEmpty();
        assertThat(METRIC.read("a splash of soy sauce").amount()).isEmpty();
        ReadLine unknown = METRIC.read("2 aquafaba meringues");
        assertThat(unknown.item()).isEmpty();
        assertThat(unknown.grams()).isEmpty();
        assertThat(unknown.amount().orElseThrow().high()).isEqualByComparingTo("2");
    }

    @Test
    void spoonsAreThoseOfThePlace() {
        assertThat(new LineReader(CATALOGUE, Measures.AU)
                        .read("1 tbsp water")
                        .grams()
                        .orElseThrow())
                .isEqualByComparingTo("20");
        assertThat(new LineReader(CATALOGUE, Measures.US)
                        .read("1 cup water")
                        .grams()
                        .orElseThrow())
                .isEqualByComparingTo("236.588");
    }

    /** Something that only sounds like a known thing may hold an allergen, so it is not taken for it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 tbsp pistachio oil",
                "1 cup tiger nut milk",
                "2 tbsp walnut vinegar",
                "100 g almond croissants",
                "200 ml pecan cream",
                "100 g honey roasted peanuts",
                "50 g bacon crisps",
                "1 tbsp prawn paste powder"
            })
    void whatIsNotKnownIsNotGuessed(String text) {
        assertThat(METRIC.read(text).item()).isEmpty();
    }

    /** Cooked grain is a third of its weight dry; what is measured first and cooked then is not. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 cups cooked millet|134.6",
                "300 g cooked quinoa|107.1",
                "1 cup quinoa, cooked|180",
                "1 cup quinoa|180",
                "200 g cooked rice|200"
            })
    void cookedGrainIsWeighedDry(String text, BigDecimal grams) {
        assertThat(METRIC.read(text).grams().orElseThrow().setScale(1, RoundingMode.HALF_UP))
                .isEqualByComparingTo(grams);
    }

    /** Which kind it is stands behind; what is in one kind and not in the other is never lost by it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            100 g beans, black, fermented  | fermented-black-beans
            2 onions, red, sliced          | red-onion
            1 tsp pepper, black, freshly ground | black-pepper
            200 g tomatoes, chopped        | tomato
            """)
    void theKindMayStandBehind(String line, String item) {
        assertThat(new LineReader(BuiltInCatalogue.load(), Measures.METRIC)
                        .read(line)
                        .item()
                        .orElseThrow()
                        .id())
                .isEqualTo(item);
    }
}
