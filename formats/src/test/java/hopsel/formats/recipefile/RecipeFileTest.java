package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.dish.Base;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.RecipeState;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.Vessel;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.DishProposal;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.dishfile.DishFile;
import hopsel.formats.json.Json;

import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** Whole recipes: text, Markdown, a page, a schema.org document. */
class RecipeFileTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();

    private static String text(String name) {
        try (var in = RecipeFileTest.class.getResourceAsStream("/recipes/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static DishProposal read(String name) {
        return RecipeFile.read(text(name), CATALOGUE, Measures.METRIC);
    }

    private static Step step(Dish dish, String titleStart) {
        return dish.steps()
                .filter(step -> step.title().startsWith(titleStart)
                        || step.instruction().contains(titleStart))
                .findFirst()
                .orElseThrow();
    }

    /** Recipe, words of the step, minutes low, likely, high, work, oven. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            enchiladas.txt      | Preheat the oven         | 11.5 | 15   | 22.5 | rest  | 200
            enchiladas.txt      | fry the onion            | 8    | 8    | 8    | hands |
            enchiladas.txt      | warm through             | 3    | 3.5  | 4    | watch |
            enchiladas.txt      | stirring often           | 10   | 10   | 10   | hands |
            enchiladas.txt      | until bubbling           | 20   | 22.5 | 25   | watch | 200
            enchiladas.txt      | Let stand                | 5    | 5    | 5    | rest  |
            told-in-one-go.txt  | Soak 250 g               | 480  | 600  | 720  | rest  |
            told-in-one-go.txt  | boil hard                | 10   | 10   | 10   | watch |
            told-in-one-go.txt  | simmer for               | 60   | 75   | 90   | watch |
            satay.jsonld        | marinate                 | 30   | 30   | 720  | rest  |
            satay.jsonld        | five minutes a side      | 10   | 10   | 10   | hands |
            sago.html           | Rain in                  | 12   | 12   | 12   | watch |
            sago.html           | Chill                    | 120  | 120  | 120  | rest  |
            tofu.md             | press under              | 20   | 20   | 20   | rest  |
            tofu.md             | bake 25-30               | 25   | 27.5 | 30   | watch | 220
            tofu.md             | a minute or two          | 1    | 1.5  | 2    | watch |
            plum-tart.txt       | refrigerate              | 60   | 60   | 60   | rest  |
            plum-tart.txt       | Blind bake               | 15   | 15   | 15   | watch | 200
            plum-tart.txt       | Lower the oven           | 40   | 42.5 | 45   | watch | 180
            """)
    void timesWorkAndHeatAreFound(
            String recipe, String words, double low, double likely, double high, String work, Integer oven) {
        Step step = step(read(recipe).dish(), words);
        assertThat(step.minutes().low().value()).isEqualByComparingTo(String.valueOf(low));
        assertThat(step.minutes().likely().value()).isEqualByComparingTo(String.valueOf(likely));
        assertThat(step.minutes().high().value()).isEqualByComparingTo(String.valueOf(high));
        assertThat(step.work().word()).isEqualTo(work);
        if (oven != null) {
            assertThat(step.needs())
                    .anySatisfy(need ->
                            assertThat(need.celsius().orElseThrow()).isEqualByComparingTo(String.valueOf(oven)));
        }
    }

    /** What was weighed by the writer is what the dish weighs, in whatever way it was said; a usual can stays a can. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            1 (800 g) can chopped tomatoes     | 800 | g     | chopped, 1 can
            2 (540 ml) cans chickpeas          | 648 | g     | 2 cans
            1 (15 oz) can black beans, drained | 240 | can   | drained
            2-3 onions (450 g), sliced         | 450 | g     | sliced, 2-3
            2 onions, sliced                   | 220 | piece | sliced
            1 cup (120 g) plain flour          | 132 | cup   |
            1 heaped tbsp paprika              |   9 | tbsp  | heaped
            """)
    void aWeightThatWasSaidIsTheOneTheDishGoesBy(String line, int grams, String unit, String prep) {
        Draft sheet = Draft.of(
                RecipeFile.read(
                        "Dish\n\nIngredients\n" + line + "\n\nMethod\n1. Stir for 5 minutes.",
                        CATALOGUE,
                        Measures.METRIC),
                line,
                Measures.METRIC);
        IngredientLine read = sheet.dish().lines().findFirst().orElseThrow();
        assertThat(read.amount().orElseThrow().unit().word()).isEqualTo(unit);
        assertThat(sheet.weigher()
                        .grams(CATALOGUE.get(read.item()), read.amount().get())
                        .orElseThrow()
                        .doubleValue())
                .isCloseTo(grams, Offset.offset(1.0));
        assertThat(read.prep().orElse(null)).isEqualTo(prep);
    }

    @Test
    void componentsHoldTheirOwnLinesAndNothingIsLost() {
        DishProposal read = read("enchiladas.txt");
        assertThat(read.dish().components())
                .extracting(part -> part.title())
                .containsExactly("Filling", "Sauce", "Smoky Black Bean Enchiladas");
        assertThat(read.dish().components())
                .extracting(part -> part.ingredients().size())
                .containsExactly(6, 4, 1);
        assertThat(read.dish().servings()).isEqualByComparingTo("4");
        assertThat(read.recipe().unread()).anyMatch(passage -> passage.startsWith("Leftovers"));
        assertThat(read.guessed().get("preheat-the-oven")).contains("minutes");
        assertThat(read.guessed().get("bake")).doesNotContain("minutes");
        assertThat(step(read.dish(), "Bake").cue()).contains("Bubbling at the edges");
    }

    @Test
    void stepsUseTheirLinesAndWaitForWhatTheyName() {
        Dish dish = read("plum-tart.txt").dish();
        assertThat(step(dish, "Rub the butter").uses())
                .extracting(use -> use.ingredient())
                .contains("plain-flour", "plant-block", "caster-sugar", "water");
        assertThat(dish.finalSteps()).hasSize(1);
        assertThat(step(dish, "Blind bake").after())
                .extracting(after -> after.step())
                .hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"enchiladas.txt", "satay.jsonld", "sago.html", "tofu.md", "plum-tart.txt"})
    void aSchemaOrgRecipeComesBackMeaningTheSame(String name) {
        DishProposal first = read(name);
        String document = SchemaOrgWriter.write(Draft.of(first, text(name), Measures.METRIC), CATALOGUE);
        JsonNode json = Json.read(document.getBytes(StandardCharsets.UTF_8));
        assertThat(json.get("@type").stringValue()).isEqualTo("Recipe");
        assertThat(json.get("totalTime").stringValue()).startsWith("PT");
        DishProposal again = RecipeFile.read(document, CATALOGUE, Measures.METRIC);
        assertThat(again.dish().title()).isEqualTo(first.dish().title());
        assertThat(again.dish().servings()).isEqualByComparingTo(first.dish().servings());
        assertThat(again.dish()
                        .lines()
                        .map(line -> line.item() + " " + line.amount())
                        .sorted()
                        .toList())
                .isEqualTo(first.dish()
                        .lines()
                        .map(line -> line.item() + " " + line.amount())
                        .sorted()
                        .toList());
        assertThat(again.dish()
                        .steps()
                        .map(step -> step.minutes() + " " + step.work())
                        .sorted()
                        .toList())
                .isEqualTo(first.dish()
                        .steps()
                        .map(step -> step.minutes() + " " + step.work())
                        .sorted()
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"enchiladas.txt", "told-in-one-go.txt", "tofu.md", "plum-tart.txt"})
    void aDishFileReadsBackToTheSame(String name) {
        Draft sheet = Draft.of(read(name), text(name), Measures.US);
        Draft once = DishFile.read(DishFile.write(sheet));
        assertThat(DishFile.read(DishFile.write(once))).isEqualTo(once);
        assertThat(once.dish().steps().map(Step::id).toList())
                .isEqualTo(sheet.dish().steps().map(Step::id).toList());
        assertThat(once.notes().source()).isEqualTo(sheet.notes().source());
    }

    @Test
    void everythingNotedAboutADishIsStored() throws Exception {
        Draft sheet = Draft.of(read("plum-tart.txt"), text("plum-tart.txt"), Measures.METRIC);
        sheet = Edits.rounds(
                sheet, "blind-bake", new Rounds(BigDecimal.valueOf(8), BigDecimal.valueOf(4), Minutes.of(15), 1));
        sheet = Edits.byTaste(
                sheet,
                "water",
                Optional.of(new ByTaste(
                        BigDecimal.valueOf(2), BigDecimal.ONE, BigDecimal.valueOf(5), "it holds together")));
        Vessel tin =
                new Vessel(Vessel.Shape.ROUND, BigDecimal.valueOf(23), BigDecimal.valueOf(23), BigDecimal.valueOf(3));
        sheet = sheet.making(yields ->
                yields.withPieceWidth(Optional.of(BigDecimal.valueOf(7))).withUnit(Optional.of("tarts")));
        sheet = sheet.with(sheet.dish()
                .withVessel(Optional.of(tin))
                .withRecipe(Optional.of(new RecipeState("r-1", 3)))
                .eachComponent(part -> part.withBase(Optional.of(new Base("Apple tart", Optional.of("r-2")))))
                .change("flatten", step -> step.withFirstLook(Optional.of(Minutes.of(40)))
                        .withPerWeight(Optional.of(new PerWeight(Minutes.of(5), Minutes.of(20))))
                        .withHandsOn(new HandsOn(Minutes.of(1), Minutes.of(2)))
                        .withPart(Optional.of(Minutes.of(3)))
                        .withWorth(0)
                        .withRescues(List.of(new Rescue("too sticky", "flour", "1 tsp", "twice")))));
        sheet = sheet.with(sheet.notes()
                .passing("cue_missing:flatten", Optional.of("seen often"))
                .choosing("oil", "none"));
        assertThat(DishFile.read(DishFile.write(sheet))).isEqualTo(sheet);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "Nothing to cook here.",
                "<html><body></body></html>",
                "{\"@type\": \"Recipe\"}",
                "[[[[",
                "\u0000\u0001",
                "1\n2\n3",
                "for the:\n:\n-\n•"
            })
    void whateverIsPastedIsAnswered(String text) {
        assertThat(RecipeFile.read(text, CATALOGUE, Measures.METRIC).dish().components())
                .isNotNull();
    }

    /** Where there is no list, whoever weighs a thing means to put it in, whatever it may be; shares of it are none. */
    @Test
    void whatIsWeighedInAMethodWithoutAListIsAsked() {
        DishProposal read = RecipeFile.read(
                """
                How we do it

                Fry an onion, add 500 g of roasted squash and simmer 300 g of frobnicated zork for 5 minutes.
                Toss 300 g of the filling with 200 g noodles. Roll 30 g balls. Cook 500 g at a time.
                """,
                CATALOGUE,
                Measures.METRIC);
        assertThat(read.dish().lines().map(line -> line.said().orElse(line.item())))
                .containsExactly("onion", "roasted squash", "frobnicated-zork", "noodles");
    }

    private static String read(String text, String title) {
        DishProposal read = RecipeFile.read(title + "\n\n" + text, CATALOGUE, Measures.METRIC);
        return read.dish().lines().map(IngredientLine::item).toList()
                + " "
                + read.dish().steps().map(Step::instruction).toList()
                + " "
                + read.recipe().unread();
    }

    /** A column that nobody foresaw, a row without a name, a line without its moment: all of it is somewhere. */
    @Test
    void whatStandsBesideATableOrBetweenMomentsIsNotLost() {
        assertThat(read(
                        """
                        | Part | Ingredients | Time | Who |
                        |---|---|---|---|
                        | Salsa | 4 tomatoes, 1 onion | roast 15 min, blend | Nils |
                        | | 2 garlic, 1 lime | 5 min | |
                        | Filling | 400 g oyster mushrooms | fry 10 min | no nuts for Ida |
                        """,
                        "Tostada night"))
                .contains("tomato", "garlic", "lime", "oyster-mushroom", "Nils", "no nuts for Ida")
                .contains("fry 10 min", "NB 5 min");
        assertThat(read(
                        """
                        00:12 so today I am doing a laksa
                        00:20 I've got six dried chillies and four shallots
                        and 40 grams of cashews
                        01:05 I blend that with a bit of oil, two minutes
                        01:50 heat 3 tablespoons of oil and fry the paste for 8 minutes
                        """,
                        "Laksa"))
                .contains("dried-chilli", "cashew");
        assertThat(read("1 l can coconut milk\n2 Dl water\n300 g pasta\n\n1. Cook 8 min. Al dente.", "Pasta"))
                .contains("Al dente");
    }
}
