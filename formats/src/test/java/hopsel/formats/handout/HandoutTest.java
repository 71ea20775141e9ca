package hopsel.formats.handout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hopsel.core.caution.Caution;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Handout;
import hopsel.core.handout.Handout.Line;
import hopsel.core.handout.HandoutWriter;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.HostWords.Claim;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.HostWords.Mark;
import hopsel.core.handout.HostWords.Variant;
import hopsel.core.handout.Statements;
import hopsel.core.handout.StepScale;
import hopsel.core.handout.StepScale.What;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;
import hopsel.core.nutrition.NutritionFacts;
import hopsel.core.nutrition.NutritionFacts.Part;
import hopsel.core.nutrition.NutritionLabel;
import hopsel.core.planned.AttendeeClass;
import hopsel.core.recipe.ScaledText;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;
import hopsel.formats.handoutfile.HandoutRecipe;
import hopsel.formats.handoutfile.HandoutText;
import hopsel.formats.handoutfile.HostWordsFile;
import hopsel.formats.json.Json;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What people take home: their amounts, in the text too, and what must not leave the draft. */
class HandoutTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();

    private static IngredientLine line(String item, String amount, Unit unit, Scaling scaling) {
        return IngredientLine.of(
                        item,
                        item,
                        Optional.of(new Amount(new BigDecimal(amount), new BigDecimal(amount), unit, Optional.empty())))
                .withScaling(scaling);
    }

    private static Step step(String title, String text, int minutes, Work work, List<String> needs, String... uses) {
        return Step.of("do", title, StepMinutes.of(Minutes.of(minutes)), work)
                .withText(Optional.of(text))
                .withNeeds(needs.stream()
                        .map(kind -> new Need(kind, 1, Optional.empty(), BigDecimal.ZERO))
                        .toList())
                .withUses(Arrays.stream(uses)
                        .map(use -> new Use(use, BigDecimal.ONE))
                        .toList());
    }

    private static Dish dish(List<IngredientLine> lines, Step step) {
        return new Dish(
                "bowl", "Bowl", BigDecimal.valueOf(2), List.of(new Component("all", "All", lines, List.of(step))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Add 200 ml of the stock and simmer 10 minutes at 90 °C.|2|Add 400 ml of the stock and simmer 10 "
                        + "minutes at 90 °C.",
                "Stir in 1 tbsp soy sauce, then 2 shallots.|2|Stir in 2 tbsp soy sauce, then 4 shallots.",
                "Fold in ½ tsp chilli flakes.|2|Fold in ¾ tsp chilli flakes.",
                "Cut into 2 cm cubes; fry 3 to 4 minutes in 2 rounds.|3|Cut into 2 cm cubes; fry 3 to 4 minutes "
                        + "in 2 rounds.",
                "Whisk 100 g flour of another recipe with 50 ml water.|2|Whisk 100 g flour of another recipe with "
                        + "50 ml water.",
                "Add 200 ml stock.|0.5|Add 100 ml stock."
            })
    void amountsInTheTextOfAStepFollowTheServings(String text, String factor, String scaled) {
        Dish dish = dish(
                List.of(
                        line("stock", "500", Unit.ML, Scaling.LINEAR),
                        line("soy-sauce", "1", Unit.TBSP, Scaling.LINEAR),
                        line("shallot", "2", Unit.PIECE, Scaling.LINEAR),
                        line("chilli-flakes", "0.5", Unit.TSP, Scaling.DAMPED)),
                step("Do it", text, 10, Work.HANDS, List.of(), "stock", "soy-sauce", "shallot", "chilli-flakes"));
        assertThat(ScaledText.of(
                        dish,
                        dish.steps().findFirst().orElseThrow(),
                        new BigDecimal(factor),
                        BUILT_IN,
                        Measures.METRIC))
                .isEqualTo(scaled);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Fry the pieces until golden.|burner|2|ROUNDS|2",
                "Fry the pieces in two rounds.|burner|2|ROUNDS|4",
                "Fry the pieces until golden.|burner|1.2||1",
                "Bake it in a loaf tin.|oven|3|TINS|3",
                "Bake it in a loaf tin.|oven|0.5|SMALLER_TIN|1",
                "Bring the water to the boil.|burner|2|BOIL_LATER|1",
                "Bring to the boil, then simmer the lentils 30 minutes.|burner|0.33|BOIL_SOONER|1",
                "Peel and dice the roots.||2||1",
                "Simmer gently.|burner|4||1"
            })
    void anotherNumberOfServingsIsMoreRoundsOrMoreTinsAndNeverOtherMinutes(
            String text, String need, String factor, What what, int number) {
        Step step = step("Do it", text, 30, Work.HANDS, need == null ? List.of() : List.of(need));
        StepScale scale = StepScale.of(step, new BigDecimal(factor));
        assertThat(scale.what()).isEqualTo(Optional.ofNullable(what));
        assertThat(scale.number()).isEqualTo(number);
        Dish dish = dish(List.of(), step);
        CookingClass cooking = samples("c01-dumplings-laksa").cooking(List.of(dish), List.of(), List.of());
        Attendee guest = new Attendee(
                "a",
                "Ana",
                List.of(),
                dish.servings().multiply(new BigDecimal(factor)),
                Optional.empty(),
                Attendee.Gets.HANDOUT);
        assertThat(HandoutText.plain(
                        "Class",
                        HandoutWriter.write(
                                cooking,
                                BUILT_IN,
                                AttendeeClass.of(cooking, Map.of(), BUILT_IN).batches(),
                                guest,
                                HostWords.NONE,
                                Set.of()),
                        "",
                        new NoWords()))
                .contains("(30 min)");
    }

    /** Says nothing beside the recipe. */
    private static final class NoWords implements HandoutText.Words {
        @Override
        public String word(String word) {
            return word;
        }

        @Override
        public String caution(Handout.DishPart dish, int number) {
            return "";
        }

        @Override
        public List<String> keeping(Handout.DishPart dish) {
            return List.of();
        }

        @Override
        public String scale(Handout.StepPart step) {
            return "";
        }

        @Override
        public List<String> said(Handout.StepPart step) {
            return List.of();
        }

        @Override
        public List<String> rescues(Handout.StepPart step) {
            return step.step().rescues().stream()
                    .map(rescue -> rescue.trouble() + ": " + rescue.remedy() + ".")
                    .toList();
        }

        @Override
        public String doubts(Handout.DishPart dish) {
            return "";
        }

        @Override
        public String ownWords(Attendee attendee) {
            return "";
        }

        @Override
        public String law() {
            return "";
        }
    }

    private static CookingClass samples(String name) {
        try {
            return Samples.cooking(name);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"lists-sample-00", "lists-sample-07", "c01-dumplings-laksa"})
    void everyWeightOfAHandoutIsTheRecipesTimesTheServings(String name) throws Exception {
        CookingClass cooking = Samples.cooking(name);
        Catalogue catalogue = cooking.catalogue(BUILT_IN);
        for (Attendee attendee : cooking.attendees()) {
            AttendeeClass own = AttendeeClass.of(cooking, Map.of(), BUILT_IN);
            Handout handout =
                    HandoutWriter.write(own.cooking(), BUILT_IN, own.batches(), attendee, HostWords.NONE, Set.of());
            for (Handout.DishPart part : handout.dishes()) {
                Dish dish = cooking.dish(part.id());
                double factor =
                        attendee.servings().doubleValue() / dish.servings().doubleValue();
                double kcal = 0;
                for (Line line : part.components().stream()
                        .flatMap(component -> component.lines().stream())
                        .toList()) {
                    IngredientLine written = dish.line(line.id());
                    if (line.grams().isPresent() && line.state() == Line.State.AS_WRITTEN) {
                        double grams = cooking.weigher()
                                .grams(
                                        catalogue.get(written.item()),
                                        written.amount().orElseThrow())
                                .orElseThrow()
                                .doubleValue();
                        double times = written.scaling() == Scaling.FIXED
                                ? 1
                                : written.scaling() == Scaling.DAMPED && factor > 1 ? Math.pow(factor, 0.8) : factor;
                        assertThat(line.grams().get().doubleValue())
                                .as(name + " " + line.name())
                                .isCloseTo(grams * times, within(0.01));
                    }
                    if (line.grams().isPresent()
                            && line.state() != Line.State.LEFT_OUT
                            && line.state() != Line.State.CANNOT_SERVE) {
                        kcal += catalogue
                                        .get(line.item())
                                        .nutrients()
                                        .map(nutrients -> nutrients
                                                .values()
                                                .getOrDefault("kcal", BigDecimal.ZERO)
                                                .doubleValue())
                                        .orElse(0.0)
                                * line.grams().get().doubleValue()
                                / 100;
                    }
                }
                assertThat(part.nutrition().value("kcal").doubleValue()).isCloseTo(kcal, within(0.5));
            }
        }
    }

    @Test
    void whatIsNotKnownIsNamedAndNeverCountedAsNothing() {
        var flour = BUILT_IN.get("plain-flour");
        Item bare = Item.nameOnly("dust", "Moon dust").withOrigin(Origin.PLANT);
        NutritionFacts facts = NutritionFacts.of(List.of(
                new Part(flour, Optional.of(BigDecimal.valueOf(200))),
                new Part(bare, Optional.of(BigDecimal.valueOf(50))),
                new Part(flour, Optional.empty())));
        assertThat(facts.value("kcal"))
                .isEqualByComparingTo(
                        flour.nutrients().orElseThrow().values().get("kcal").multiply(BigDecimal.valueOf(2)));
        assertThat(facts.complete("kcal")).isFalse();
        assertThat(facts.lacking()).containsExactly("Moon dust");
        assertThat(facts.unweighed()).containsExactly(flour.name());
        assertThat(facts.per100().grams().setScale(6, RoundingMode.HALF_UP)).isEqualByComparingTo("100");
        assertThat(NutritionLabel.EUROPE.lines(facts)).allMatch(NutritionLabel.Shown::atLeast);
    }

    @Test
    void aGramOfSaltIsFourHundredMilligramsOfSodium() {
        NutritionFacts facts =
                NutritionFacts.of(List.of(new Part(BUILT_IN.get("salt"), Optional.of(BigDecimal.valueOf(6)))));
        assertThat(NutritionLabel.EUROPE.lines(facts))
                .filteredOn(line -> line.key().equals("salt"))
                .singleElement()
                .satisfies(line -> assertThat(line.percent().orElseThrow()).isBetween(95, 100));
        assertThat(NutritionLabel.UNITED_STATES.lines(facts))
                .filteredOn(line -> line.key().equals("sodium"))
                .singleElement()
                .satisfies(line -> assertThat(line.exact().intValue()).isBetween(2300, 2400));
    }

    @Test
    void aClaimStaysInTheDraftUntilItIsMarkedAndAFactUntilItHasASource() throws Exception {
        CookingClass cooking = Samples.cooking("lists-sample-00");
        String dish = cooking.dishes().get(0).id();
        DishWords words = new DishWords(
                "We cook it at dusk. Lentils are full of iron!",
                Map.of(),
                "",
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(new Variant("with greens, which are good for you", "")),
                List.of(),
                Map.of(),
                Optional.empty());
        HostWords bare = new HostWords("", Map.of(dish, words), Map.of());
        assertThat(Statements.unmarked(cooking, bare))
                .contains("Lentils are full of iron!", "with greens, which are good for you")
                .doesNotContain("We cook it at dusk.");
        HostWords marked = new HostWords(
                "",
                Map.of(dish, words),
                Map.of(
                        "Lentils are full of iron!",
                        new Mark(Claim.FACT, ""),
                        "with greens, which are good for you",
                        new Mark(Claim.OPINION, "")));
        assertThat(Statements.unmarked(cooking, marked))
                .contains("Lentils are full of iron!")
                .doesNotContain("with greens, which are good for you");
    }

    @Test
    void whatTheHostWritesReadsBackTheSame() {
        DishWords words = new DishWords(
                "A *story*\n\nwith “quotes”",
                Map.of("fry", "tip"),
                "ahead",
                Optional.of(2),
                Optional.of(0),
                "warm",
                List.of(new Variant("half", "why"), new Variant("other", "")),
                List.of("hot"),
                Map.of(Caution.KNIVES, "no knife"),
                Optional.of(7L));
        HostWords all = new HostWords("hello", Map.of("d", words), Map.of("a claim.", new Mark(Claim.FACT, "a table")));
        assertThat(HostWordsFile.read(HostWordsFile.write(all))).isEqualTo(all);
    }

    @Test
    void aHiddenCautionIsNotShownAndTheOthersNameTheirSteps() throws Exception {
        CookingClass cooking = Samples.cooking("c01-dumplings-laksa");
        Attendee guest = new Attendee("a", "Ana", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.HANDOUT);
        AttendeeClass own = AttendeeClass.of(cooking, Map.of(), BUILT_IN);
        var dish =
                HandoutWriter.write(cooking, BUILT_IN, own.batches(), guest, HostWords.NONE, Set.of()).dishes().stream()
                        .filter(part -> part.cautions().stream()
                                .anyMatch(found -> !found.steps().isEmpty()))
                        .findFirst()
                        .orElseThrow();
        Caution hidden = dish.cautions().stream()
                .filter(found -> !found.steps().isEmpty())
                .findFirst()
                .orElseThrow()
                .caution();
        HostWords words = new HostWords(
                "",
                Map.of(
                        dish.id(),
                        new DishWords(
                                "",
                                Map.of(),
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                "",
                                List.of(),
                                List.of(),
                                Map.of(hidden, "why"),
                                Optional.empty())),
                Map.of());
        var without = HandoutWriter.write(cooking, BUILT_IN, own.batches(), guest, words, Set.of()).dishes().stream()
                .filter(part -> part.id().equals(dish.id()))
                .findFirst()
                .orElseThrow();
        assertThat(without.cautions())
                .extracting(found -> found.caution())
                .doesNotContain(hidden)
                .hasSize(dish.cautions().size() - 1);
    }

    @Test
    void aRecipeForMachinesSaysWhatTheHandoutSaysAndCannotEndItsElement() throws Exception {
        CookingClass cooking = Samples.cooking("lists-sample-07");
        Attendee guest = new Attendee(
                "a", "</script><b>", List.of(), BigDecimal.valueOf(3), Optional.empty(), Attendee.Gets.HANDOUT);
        AttendeeClass own = AttendeeClass.of(cooking, Map.of(), BUILT_IN);
        Handout handout = HandoutWriter.write(cooking, BUILT_IN, own.batches(), guest, HostWords.NONE, Set.of());
        String document = HandoutRecipe.write(handout);
        assertThat(document).doesNotContain("<");
        JsonNode first = Json.read(document.getBytes(StandardCharsets.UTF_8))
                .path("@graph")
                .get(0);
        assertThat(first.path("@type").asString("")).isEqualTo("Recipe");
        assertThat(first.path("recipeYield").asString("")).isEqualTo("3 servings");
        assertThat(first.path("recipeIngredient").size()).isEqualTo((int) handout.dishes().get(0).components().stream()
                .flatMap(component -> component.lines().stream())
                .count());
    }
}
