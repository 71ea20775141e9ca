package hopsel.formats.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.bench.BringIn;
import hopsel.core.bench.Colleague;
import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.HomeMade;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.bench.Objection;
import hopsel.core.bench.Objection.Rule;
import hopsel.core.bench.PartYield;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Resize;
import hopsel.core.bench.SharedBase;
import hopsel.core.bench.Things;
import hopsel.core.caution.Caution;
import hopsel.core.caution.StepCautions;
import hopsel.core.dish.Component;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Conversion;
import hopsel.core.item.Conversion.State;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ItemFinder;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.recipefile.RecipeFile;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a colleague says about dishes with something wrong, and what the remedies and the schools do to them. */
class ColleagueTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();

    private static Draft sheet(String text) {
        return Draft.of(RecipeFile.read(text, CATALOGUE, Measures.METRIC), text, Measures.METRIC);
    }

    /** Ingredients, method, the rule that objects, and whether its remedy settles it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            400 g carrots; 2 tbsp tahini      | Boil the carrots for 10 minutes until soft.                                       | LINE_UNUSED         | true
            400 g carrots                     | Boil the carrots and the spinach for 10 minutes until soft.                       | NOT_ON_LIST         | true
            400 g carrots                     | Bake the carrots for 30 minutes until soft.                                       | TEMPERATURE_MISSING | true
            400 g carrots                     | Roast the carrots at 200 °C for 30 minutes.                                       | CUE_MISSING         | true
            400 g carrots                     | Chop the carrots.                                                                 | TIME_GUESSED        | true
            carrots                           | Boil the carrots for 10 minutes until soft.                                       | AMOUNT_MISSING      | true
            150 g plant block butter cold cubed | Melt the vegan block butter for 3 minutes until foaming.                        | UNKNOWN_ITEM        | true
            2 cups moonberries                | Boil the moonberries for 10 minutes until soft.                                   | UNKNOWN_ITEM        | false
            100 g butter                      | Fry the butter for 2 minutes until golden.                                        | NOT_PLANT           | true
            250 g dried kidney beans          | Boil the beans for 60 minutes until soft.                                         | DRY_BEANS           | true
            250 g dried kidney beans          | Soak the beans overnight. Boil the beans for 9 minutes. Cook them in the slow cooker for 6 hours. | DRY_BEANS | true
            250 g dried chickpeas             | Soak the chickpeas overnight. Boil the chickpeas for 39 minutes until soft.       | RAW_PULSE           | false
            250 g brown lentils               | Boil the lentils for 11 minutes until soft.                                       | RAW_PULSE           | false
            2 cups cooked millet; 400 g carrots | Fry the carrots for 5 minutes until soft. Stir in the millet.                    | RAW_GRAIN           | true
            200 g long-grain rice             | Fry the rice for 5 minutes until golden.                                          | RAW_GRAIN           | true
            2 tbsp cayenne; 400 g carrots     | Boil the carrots with the cayenne for 10 minutes until soft.                      | TOO_HOT             | false
            400 g carrots; 200 ml water       | Boil the carrots in the water for 10 minutes until soft. Blend for 2 minutes in a blender until smooth. | HOT_BLENDER | true
            400 g carrots                     | Grill the carrots on baking paper for 10 minutes until charred.                   | PAPER               | true
            400 g carrots                     | Boil the carrots for 10 minutes until soft. Use an immersion blender for 1 minute until smooth. | APPLIANCE_UNNAMED | true
            200 g steamed cauliflower         | Blend the cauliflower for 3 minutes until smooth.                                 | MADE_NOWHERE        | true
            400 g carrots; 100 g carrots      | Boil the carrots for 10 minutes until soft.                                       | SAME_TWICE          | true
            400 g carrots; 200 g peas         | Boil half the carrots for 10 minutes until soft. Add the peas.                    | SHARES_OPEN         | true
            400 g potatoes                    | Fry the potatoes for 10 minutes until crisp.                                      | KEEPS               | true
            300 g spaghetti; 2 l water        | Boil the spaghetti in the water for 10 minutes. Drain the spaghetti for 1 minute. | KEEPS               | true
            120 g rocket; 2 tbsp olive oil; 1 lemon | Dress the rocket with the oil and the lemon for 1 minute.                   | KEEPS               | true
            200 g plain flour; 100 g sugar    | Boil the sugar for 5 minutes until golden. Cool it for 20 minutes. Mix in the flour for 2 minutes. | RAW_FLOUR           | false
            200 g mushrooms; 1 lemon          | Slice the mushrooms for 4 minutes, and dress them with the lemon.                 | RAW_MUSHROOM        | false
            400 g carrots; olive oil to taste | Boil the carrots with the oil for 10 minutes until soft.                          | BY_EYE              | true
            400 g potatoes                    | Roast the potatoes at 200 °C for 40 minutes until golden.                         | FIRST_LOOK          | true
            100 g honey                       | Warm the honey for 2 minutes until thin.                                          | NOT_PLANT           | true
            2 cups vegetable stock            | Simmer the stock for 20 minutes until strong.                                     | CHECK_LABEL         | false
            5 bunches tamarind                | Simmer the tamarind for 20 minutes until strong.                                  | UNWEIGHABLE         | false
            250 g brown lentils               | Cook the lentils in a pressure cooker for 8 minutes until soft.                   | PRESSURE            | true
            250 g dried chickpeas; 1 l water  | Soak the chickpeas in the water overnight. Simmer the chickpeas for 15 minutes until soft. | RAW_PULSE  | false
            200 g red lentils; 500 ml water   | Simmer the lentils in the water for 8 minutes until soft.                         | RAW_PULSE           | false
            """)
    void objectsWithARemedy(String ingredients, String method, Rule rule, boolean settles) throws RefusedEditException {
        Draft sheet = sheet("Something\n\nServes 4\n\nIngredients\n" + ingredients.replace("; ", "\n")
                + "\n\nMethod\n1. " + method);
        if (rule == Rule.APPLIANCE_UNNAMED) {
            for (var step : sheet.dish().steps().toList()) {
                sheet = Edits.step(sheet, step.withNeeds(List.of()));
            }
        }
        Optional<Objection> found = Colleague.objections(sheet, CATALOGUE).stream()
                .filter(objection -> objection.rule() == rule)
                .findFirst();
        assertThat(found).as("objection").isPresent();
        if (settles) {
            Draft mended = found.get().remedy().orElseThrow().fix().apply(sheet);
            assertThat(Colleague.objections(mended, CATALOGUE))
                    .extracting(Objection::key)
                    .doesNotContain(found.get().key());
        }
    }

    /** What is proposed as the sign that a step is done: by the food, and nothing where no table has it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            4 cloves garlic; 2 tbsp olive oil   | Fry the garlic in the oil for 2 minutes.        | When it is soft and smells sweet
            2 tbsp tomato paste                 | Cook the tomato paste for 3 minutes.            |
            300 g tempeh; 2 tbsp rapeseed oil   | Fry the tempeh in the oil for 4 minutes.        | When the underside is golden and lets go of the pan
            250 g red lentils; 600 ml water     | Simmer the lentils in the water for 20 minutes. | When the biggest one crushes against the roof of your mouth, no hard core
            200 g spaghetti; 2 l water          | Boil the spaghetti in the water for 10 minutes. | When a tested one has no hard core
            400 g potatoes; 1 l water           | Boil the potatoes in the water for 20 minutes.  | When a knife slides in with no effort
            2 tsp ground cumin                  | Toast the cumin in a pan for 1 minute.          | When it smells strong and has not darkened
            400 ml coconut milk                 | Heat the coconut milk for 3 minutes.            |
            1 l vegetable stock; 200 g firm tofu | Simmer the stock for 10 minutes until it bubbles. Fry the tofu in it for 3 minutes. |
            400 g carrots                       | Roast the carrots at 200 °C for 30 minutes.     | When the edges are golden and the middle is firm
            2 onions; 2 tbsp olive oil          | Slice the onions. Sweat the onions in the oil for 8 minutes. | When it is soft and smells sweet
            2 l water; 1 tbsp salt              | Heat the water and the salt for 8 minutes.      | When big bubbles go on when you stir
            60 g walnuts                        | Toast the walnuts in a dry pan for 5 minutes.   | When they smell and are a shade darker
            1 can chickpeas; 400 ml passata     | Simmer the chickpeas in the passata for 10 minutes. |
            """)
    void theSignIsThatOfTheFood(String ingredients, String method, String sign) {
        Draft sheet = sheet("Something\n\nServes 4\n\nIngredients\n" + ingredients.replace("; ", "\n")
                + "\n\nMethod\n1. " + method);
        assertThat(Colleague.objections(sheet, CATALOGUE).stream()
                        .filter(objection -> objection.rule() == Rule.CUE_MISSING))
                .singleElement()
                .satisfies(objection -> assertThat(objection.remedy().map(Objection.Remedy::label))
                        .isEqualTo(Optional.ofNullable(sign)));
    }

    /** What another part of the recipe makes is not bought, and has to be enough. */
    @ParameterizedTest
    @CsvSource({"120 g, 'gives about 396 g, of which 276 g are left', true", "500 g, 'asks for more', false"})
    void aPartThatIsNamedAgainIsMadeHere(String asked, String said, boolean mends) throws RefusedEditException {
        Draft sheet = sheet("Soup\n\nServes 4\n\nCashew cream\n150 g cashews\n200 ml water\n1 lemon\n\nSoup\n"
                + "600 g beetroot\n1 l vegetable stock\n" + asked
                + " cashew cream, from above\n\nMethod\nCashew cream\n"
                + "1. Blend the cashews with the water and the lemon juice for 3 minutes.\nSoup\n"
                + "1. Simmer the beetroot in the stock for 30 minutes.\n2. Stir in the cashew cream.");
        assertThat(sheet.dish().lines()).noneMatch(line -> line.item().equals("cashew-cream"));
        Objection made = Colleague.objections(sheet, CATALOGUE).stream()
                .filter(objection -> objection.rule() == Rule.UNREAD)
                .findFirst()
                .orElseThrow();
        assertThat(made.message()).contains(said);
        assertThat(made.remedy().isPresent()).isEqualTo(mends);
        if (mends) {
            assertThat(Colleague.objections(made.remedy().get().fix().apply(sheet), CATALOGUE))
                    .noneMatch(objection -> objection.rule() == Rule.UNREAD);
        }
    }

    /** What comes from the shop and holds an allergen is missed, however usual it is. */
    @ParameterizedTest
    @ValueSource(strings = {"hummus", "noodles", "croutons", "gravy"})
    void whatHoldsAnAllergenIsNeverSaidInPassing(String said) {
        Draft sheet = sheet("Carrots\n\nServes 4\n\nIngredients\n400 g carrots\n\nMethod\n"
                + "1. Boil the carrots for 10 minutes until soft.\n2. Serve with the " + said + ".");
        assertThat(Colleague.objections(sheet, CATALOGUE)).anyMatch(objection -> objection.rule() == Rule.NOT_ON_LIST);
    }

    /** A slow cooker never comes to a boil, and makes raw kidney beans worse. */
    @Test
    void beansBoilHardBeforeTheyGoIntoTheSlowCooker() throws RefusedEditException {
        Draft sheet = sheet("Chilli\n\nServes 4\n\nIngredients\n250 g dried kidney beans\n\nMethod\n"
                + "1. Soak the beans overnight.\n2. Cook the beans in the slow cooker for 6 hours.");
        Objection raw = Colleague.objections(sheet, CATALOGUE).stream()
                .filter(objection -> objection.rule() == Rule.DRY_BEANS)
                .findFirst()
                .orElseThrow();
        assertThat(Colleague.gate(sheet, CATALOGUE)).anyMatch(open -> open.key().equals(raw.key()));

        Draft mended = raw.remedy().orElseThrow().fix().apply(sheet);
        assertThat(Colleague.objections(mended, CATALOGUE)).noneMatch(objection -> objection.rule() == Rule.DRY_BEANS);
        assertThat(mended.dish().steps().map(Step::title))
                .containsExactly(
                        "Soak the beans overnight", "Boil the beans hard", "Cook the beans in the slow cooker");
    }

    /** What a nag would say: none of these is a fault. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            400 g potatoes; salt              | Boil the potatoes with the salt for 20 minutes until soft.                        | AMOUNT_MISSING
            400 g potatoes; parsley to serve  | Boil the potatoes for 20 minutes until soft, and serve with the parsley.          | AMOUNT_MISSING
            200 g rice paper                  | Toast the rice paper at 230 °C for 2 minutes until puffed.                        | PAPER
            300 g tempeh                      | Grill the tempeh for 8 minutes until dark, and drain it on kitchen paper.         | PAPER
            250 g dried red lentils           | Simmer the lentils for 15 minutes until soft.                                     | DRY_BEANS
            250 g dried red lentils           | Simmer the lentils for 15 minutes until soft.                                     | RAW_PULSE
            250 g brown lentils               | Cook the lentils in a pressure cooker for 8 minutes until soft.                   | RAW_PULSE
            250 g dried chickpeas; 1 l water  | Soak the chickpeas in the water overnight. Boil the chickpeas for 70 minutes until soft. | RAW_PULSE
            200 g long-grain rice             | Boil the rice for 12 minutes until soft.                                          | RAW_GRAIN
            200 g couscous; 300 ml hot water  | Soak the couscous in the water for 5 minutes until plump.                         | RAW_GRAIN
            200 g couscous; 300 ml water      | Pour the boiling water over the couscous, cover and leave for 5 minutes.          | RAW_GRAIN
            100 g rolled oats                 | Stir the oats for 1 minute until mixed.                                           | RAW_GRAIN
            200 g rice noodles                | Pour boiling water over the noodles, leave for 8 minutes and drain.               | RAW_GRAIN
            1 can chickpeas                   | Warm the chickpeas for 5 minutes until hot.                                       | RAW_PULSE
            1 can kidney beans                | Cook the beans in the slow cooker for 4 hours until hot.                          | DRY_BEANS
            250 g dried kidney beans          | Soak the beans overnight. Boil the beans for 10 minutes. Cook them in the slow cooker for 6 hours. | DRY_BEANS
            250 g dried chickpeas             | Soak the chickpeas overnight. Boil the chickpeas for 40 minutes until soft.       | RAW_PULSE
            250 g brown lentils               | Boil the lentils for 12 minutes until soft.                                       | RAW_PULSE
            250 g dried chickpeas             | Soak the chickpeas overnight. Cook in a pressure cooker for 35 minutes until soft. | FIRST_LOOK
            400 g carrots                     | Blend the carrots in a blender for 2 minutes until smooth.                        | HOT_BLENDER
            400 g carrots                     | Preheat the oven to 200 °C. Roast the carrots for 30 minutes until soft.          | CUE_MISSING
            1 tsp cayenne; 800 g carrots      | Boil the carrots with the cayenne for 10 minutes until soft.                      | TOO_HOT
            400 g carrots                     | Boil the carrots for 10 minutes until soft. Let the carrots cool for 10 minutes.  | NOT_ON_LIST
            200 g plain flour; 50 g plain flour, for dusting | Knead the flour for 8 minutes. Dust with the rest.                 | SAME_TWICE
            400 g roasted peppers             | Roast the peppers at 220 °C for 30 minutes until dark.                            | MADE_NOWHERE
            """)
    void keepsSilentWhereNothingIsWrong(String ingredients, String method, Rule rule) {
        Draft sheet = sheet("Something\n\nServes 4\n\nIngredients\n" + ingredients.replace("; ", "\n")
                + "\n\nMethod\n1. " + method);
        assertThat(Colleague.objections(sheet, CATALOGUE))
                .extracting(Objection::rule)
                .doesNotContain(rule);
    }

    @Test
    void numbersAndWidthsOfWhatMeetsHaveToMatch() throws RefusedEditException {
        Draft sheet = sheet("Burgers\nMakes 6 burgers\n\nIngredients\n4 burger buns\n\nMethod\n1. Toast the buns for 2 "
                + "minutes until golden.");
        assertThat(sheet.dish().yields().pieces().orElseThrow()).isEqualByComparingTo("6");
        Draft wide = sheet.making(yields -> yields.withPieceWidth(Optional.of(BigDecimal.valueOf(7))));
        List<Objection> found = Colleague.objections(wide, CATALOGUE).stream()
                .filter(one -> one.rule() == Rule.COUNTS || one.rule() == Rule.WIDTHS)
                .toList();
        assertThat(found).extracting(Objection::rule).containsExactlyInAnyOrder(Rule.COUNTS, Rule.WIDTHS);
        Draft mended = wide;
        for (Objection one : found) {
            mended = one.remedy().orElseThrow().fix().apply(mended);
        }
        assertThat(Colleague.objections(mended, CATALOGUE))
                .extracting(Objection::rule)
                .doesNotContain(Rule.COUNTS, Rule.WIDTHS);
    }

    @Test
    void aComponentThatNothingAwaitsIsALooseEnd() throws RefusedEditException {
        Draft two = Edits.addStep(Edits.addComponent(sheet(STEW), "Dip"), "dip", "Stir the dip");
        Objection loose = Colleague.objections(two, CATALOGUE).stream()
                .filter(one -> one.rule() == Rule.LOOSE_END)
                .findFirst()
                .orElseThrow();
        assertThat(loose.message()).contains("Stir the dip");
        assertThat(loose.remedy().orElseThrow().fix().apply(two).dish().finalSteps())
                .hasSize(1);
    }

    @Test
    void minutesByWeightGrowWithIt() throws RefusedEditException {
        Draft stew = Edits.perWeight(
                sheet(STEW), "fry-the-carrots", new PerWeight(Minutes.of(2), Minutes.of(10)), CATALOGUE);
        BigDecimal once =
                stew.step("fry-the-carrots").orElseThrow().minutes().likely().value();
        assertThat(once).isEqualByComparingTo("6.5");
        Draft twice = Resize.byServings(stew, BigDecimal.valueOf(8)).sheet();
        assertThat(twice.step("fry-the-carrots")
                        .orElseThrow()
                        .minutes()
                        .likely()
                        .value())
                .isEqualByComparingTo("11");
    }

    @Test
    void aSharedComponentAddsUpButIsMadeOnce() throws RefusedEditException {
        Draft stew = sheet(STEW);
        Draft other = BringIn.whole(
                sheet(STEW.replace("Stew\n", "Pie\n").replace("Serves 4", "Serves 8")),
                stew,
                stew.dish().components().get(0).id());
        SharedBase shared = SharedBase.of(List.of(stew, other), CATALOGUE).stream()
                .filter(base -> base.title().equals("Stew"))
                .findFirst()
                .orElseThrow();
        assertThat(shared.dishes()).containsExactly("Stew", "Pie");
        assertThat(shared.grams().get("cashews")).isEqualByComparingTo("150");
        assertThat(shared.apart()).isEqualTo(2 * shared.once());
    }

    @Test
    void aShareOfAnotherDishsSauceIsTakenAsACookSaysIt() throws RefusedEditException {
        Draft satay = sheet(SATAY);
        Draft bowl = sheet(STEW);
        Component sauce = satay.dish().components().stream()
                .filter(own -> own.title().equals("Sauce"))
                .findFirst()
                .orElseThrow();
        PartYield yields = PartYield.of(satay, sauce, CATALOGUE);
        assertThat(yields.grams().orElseThrow()).isEqualByComparingTo("600");
        for (String half :
                List.of("half", "half of it", "50 %", "300 g", "0.3 kg", "all but a half", "all of it but 300 g")) {
            Draft with = BringIn.share(bowl, satay, sauce.id(), half, CATALOGUE);
            assertThat(with.line("peanut-butter")
                            .orElseThrow()
                            .amount()
                            .orElseThrow()
                            .high())
                    .as(half)
                    .isEqualByComparingTo("100");
        }
        Draft cup = BringIn.share(bowl, satay, sauce.id(), "half a cup", CATALOGUE);
        assertThat(cup.line("coconut-milk").orElseThrow().amount().orElseThrow().high())
                .isCloseTo(
                        Decimals.ratio(
                                BigDecimal.valueOf(125 * 400),
                                yields.millilitres().orElseThrow()),
                        Percentage.withPercentage(0.1));
        BringIn.Parted parted = BringIn.parted(bowl, satay, sauce.id(), "all but 150 g", CATALOGUE);
        assertThat(parted.here()
                        .line("peanut-butter")
                        .orElseThrow()
                        .amount()
                        .orElseThrow()
                        .high())
                .isEqualByComparingTo("150");
        assertThat(parted.there()
                        .line("peanut-butter")
                        .orElseThrow()
                        .amount()
                        .orElseThrow()
                        .high())
                .isEqualByComparingTo("50");
        assertThatThrownBy(() -> BringIn.parted(bowl, satay, sauce.id(), "600 g", CATALOGUE))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("would have none");
        for (String nothing : List.of("a bit", "3", "0", "one spoonful of hope", "all but 700 g")) {
            assertThatThrownBy(() -> BringIn.share(bowl, satay, sauce.id(), nothing, CATALOGUE))
                    .as(nothing)
                    .isInstanceOf(RefusedEditException.class)
                    .hasMessageContaining(nothing);
        }
    }

    /** However many eat: the pot decides. */
    @Test
    void oilToDeepFryInGoesByThePot() {
        Draft fritters = sheet("Fritters\nServes 2\n\nIngredients\n500 g cassava\noil for deep-frying\n\nMethod\n"
                + "1. Grate the cassava.\n2. Deep-fry in the oil for 4 minutes.");
        assertThat(Colleague.objections(fritters, CATALOGUE))
                .filteredOn(objection -> objection.rule() == Rule.AMOUNT_MISSING)
                .singleElement()
                .satisfies(objection ->
                        assertThat(objection.remedy().orElseThrow().label()).isEqualTo("By eye: 750 to 1500 ml"));
    }

    /** A fresh thing for what is said to be dried is a guess; what no step takes goes in where things come together. */
    @Test
    void whatIsLeftOnTheListGoesInWhereThingsComeTogether() {
        Draft rolls = sheet("Rolls\nServes 2\n\nIngredients\n100 g rice vermicelli\n1 handful mint\n50 g dried bananas"
                + "\n\nMethod\n1. Soak the vermicelli in hot water for 10 minutes and drain.\n2. Fill and roll for 8 "
                + "minutes.\n3. Fish out the bananas.");
        List<Objection> found = Colleague.objections(rolls, CATALOGUE);
        assertThat(found)
                .filteredOn(objection -> objection.rule() == Rule.LINE_UNUSED)
                .singleElement()
                .satisfies(objection ->
                        assertThat(objection.remedy().orElseThrow().label()).isEqualTo("Use it at “Fill and roll”"));
        assertThat(found).extracting(Objection::rule).doesNotContain(Rule.NOT_ON_LIST);
        assertThat(rolls.line("banana").orElseThrow().said()).contains("dried bananas");
    }

    @Test
    void dryCookedAndCannedAreOneAmount() {
        List<Conversion> all =
                Conversion.of(CATALOGUE.get("chickpeas-dried"), BigDecimal.valueOf(250), Measures.METRIC, CATALOGUE);
        assertThat(all)
                .extracting(Conversion::state)
                .containsExactly(State.DRY, State.SOAKED, State.COOKED, State.CANNED);
        assertThat(all)
                .extracting(one -> one.grams().setScale(0, RoundingMode.HALF_UP).intValue())
                .containsExactly(250, 525, 600, 600);
        assertThat(all.get(3).count().orElseThrow()).isEqualByComparingTo("2.5");
        assertThat(Conversion.of(CATALOGUE.get("chickpeas-can"), BigDecimal.valueOf(240), Measures.METRIC, CATALOGUE)
                        .get(1)
                        .grams())
                .isEqualByComparingTo("100");
    }

    @Test
    void aHeadlineThatLeavesOutTheSoakIsTold() {
        Draft sheet =
                sheet("Stew\nTotal time: 40 minutes\nServes 4\n\nIngredients\n250 g dried chickpeas\n\nMethod\n1. Soak "
                        + "the chickpeas overnight.\n2. Boil for 60 minutes until soft.");
        assertThat(Colleague.objections(sheet, CATALOGUE)).anySatisfy(objection -> {
            assertThat(objection.rule()).isEqualTo(Rule.HEADLINE);
            assertThat(objection.message()).contains("40 min", "11 h", "soaking 10 h");
        });
    }

    @Test
    void theGateOpensForAReason() {
        Draft sheet =
                sheet("Mash\nServes 4\n\nIngredients\n400 g carrots\n2 tbsp tahini\n\nMethod\n1. Boil the carrots "
                        + "for 10 minutes until soft.");
        List<Objection> gate = Colleague.gate(sheet, CATALOGUE);
        assertThat(gate).extracting(Objection::rule).containsExactly(Rule.LINE_UNUSED);
        assertThat(Colleague.gate(
                        sheet.with(sheet.notes().passing(gate.get(0).key(), Optional.of("I taste it"))), CATALOGUE))
                .isEmpty();
    }

    private static final String NOTES =
            """
            Leek pasties
            makes 8

            dough
            flour - 300 g
            vegan butter 150g

            filling
            2 leeks
            thyme
            100 ml plant milk

            rub butter into flour. fridge 30 min.
            sweat leeks in oil until soft, 10ish. season.
            roll, fill, crimp. oven 25-30 until golden.
            """;

    /** One touch answers what most cooks would answer alike, and never what somebody could fall ill from. */
    @Test
    void likelyAnswersAreTakenAtOnceButNobodyGuessesWhatIsInIt() {
        Draft sheet = sheet(NOTES);
        Colleague.Answered answered = Colleague.likely(sheet, CATALOGUE);

        assertThat(answered.given()).hasSizeGreaterThan(4).anySatisfy(given -> assertThat(given)
                .contains("How much", "By eye"));
        List<Objection> left = Colleague.objections(answered.sheet(), CATALOGUE);
        assertThat(left).noneMatch(Colleague::isLikely);
        assertThat(Colleague.gate(answered.sheet(), CATALOGUE))
                .extracting(Objection::rule)
                .contains(Rule.GUESSED_ITEM)
                .doesNotContain(Rule.AMOUNT_MISSING, Rule.LINE_UNUSED, Rule.LOOSE_END);

        Draft accepted = Colleague.accepted(answered.sheet(), CATALOGUE);
        assertThat(Colleague.gate(accepted, CATALOGUE))
                .extracting(Objection::key)
                .isEqualTo(Colleague.gate(answered.sheet(), CATALOGUE).stream()
                        .map(Objection::key)
                        .toList());
        assertThat(left.stream().filter(one -> !one.rule().isGate()))
                .allSatisfy(one -> assertThat(accepted.notes().passed()).containsEntry(one.key(), "as it is"));
    }

    @Test
    void whatMayBeMeantIsAskedByNameAndNeverAnsweredByItself() {
        Draft notes = sheet("Shortcrust\n150 g plant block butter cold cubed\n\nRub it in for 3 minutes.");
        Objection asked = Colleague.gate(notes, CATALOGUE).stream()
                .filter(one -> one.rule() == Rule.UNKNOWN_ITEM)
                .findFirst()
                .orElseThrow();
        assertThat(asked.remedy().orElseThrow().label()).isEqualTo("It is Plant butter block");
        assertThat(Colleague.isLikely(asked)).isFalse();
        assertThat(ItemFinder.of(CATALOGUE).nearest("walnut bread flour"))
                .as("the walnut would be lost with one touch")
                .isEmpty();
        assertThat(ItemFinder.of(CATALOGUE).nearest("moon butter")).isEmpty();
        Draft both = sheet("Salad\n1 cucumber\nsalt pepper\n\nSeason the cucumber with salt and pepper.");
        assertThat(both.dish().lines().map(line -> line.item()))
                .contains("salt", "black-pepper")
                .hasSize(3);
    }

    @Test
    void theMostHarmfulIsAskedFirst() {
        List<Objection> asked = Colleague.objections(sheet(NOTES), CATALOGUE);
        assertThat(asked.get(0).rule()).isEqualTo(Rule.GUESSED_ITEM);
        assertThat(asked).isSortedAccordingTo(Comparator.comparing(Objection::rule));
    }

    private static final String STEW =
            """
            Stew
            Serves 4

            Ingredients
            2 tbsp olive oil
            1 (400 g) can chickpeas, drained
            50 g cashews
            1 tsp salt
            100 g plain flour
            400 g carrots, peeled and diced

            Method
            1. Heat the oil in a pan and fry the carrots for 8 minutes until golden.
            2. Stir in the flour, chickpeas, cashews and salt and simmer for 20 minutes until thick.
            """;

    private static final String SATAY =
            """
            Tempeh satay
            Serves 4

            Tempeh
            400 g tempeh, sliced

            Sauce
            400 g coconut milk
            200 g peanut butter

            Method
            Tempeh
            1. Grill the tempeh for 10 minutes until golden.

            Sauce
            1. Whisk the coconut milk and peanut butter together and simmer for 5 minutes.
            """;

    /** Matter, school, an item that must be there afterwards, one that must be gone. */
    @ParameterizedTest
    @CsvSource({
        "OIL, none, water, olive-oil",
        "SALT, none, carrot, salt",
        "NUTS, nut-free, sunflower-seeds, cashews",
        "FLOUR, gluten-free, gluten-free-flour, plain-flour",
        "BEANS, dried, chickpeas-dried, chickpeas-can"
    })
    void aSchoolChangesLinesByRule(Matter matter, String school, String there, String gone)
            throws RefusedEditException {
        HouseStyle style = HouseStyle.apply(sheet(STEW), matter, school, CATALOGUE);
        List<String> items =
                style.sheet().dish().lines().map(line -> line.item()).toList();
        assertThat(items).contains(there).doesNotContain(gone);
        assertThat(style.changes()).isNotEmpty();
    }

    @Test
    void driedBeansBringSoakingAndBoilingAndComeBackFromTheCan() throws RefusedEditException {
        Draft stew = sheet(STEW);
        Draft dried = HouseStyle.apply(stew, Matter.BEANS, "dried", CATALOGUE).sheet();
        assertThat(DishTimes.of(dried.dish()).elapsed())
                .isGreaterThan(DishTimes.of(stew.dish()).elapsed() + 600 * 60);
        Draft back = HouseStyle.apply(dried, Matter.BEANS, "canned", CATALOGUE).sheet();
        assertThat(back.dish().steps().map(step -> step.title()).toList())
                .isEqualTo(stew.dish().steps().map(step -> step.title()).toList());
        assertThat(back.dish()
                        .lines()
                        .filter(line -> line.item().equals("chickpeas-can"))
                        .findFirst()
                        .orElseThrow()
                        .amount()
                        .orElseThrow()
                        .high())
                .isEqualByComparingTo("240");
    }

    @Test
    void aSchoolChosenTwiceIsChosenOnceAndLeavesTheSoakingOfOthersAlone() throws RefusedEditException {
        Draft sparing =
                HouseStyle.apply(sheet(STEW), Matter.OIL, "sparing", CATALOGUE).sheet();
        assertThat(HouseStyle.apply(sparing, Matter.OIL, "sparing", CATALOGUE).sheet())
                .isEqualTo(sparing);
        Draft nuts = sheet(STEW.replace("1. Heat", "1. Soak the cashews for 30 minutes.\n2. Heat")
                .replace("(400 g) can chickpeas, drained", "cup dried chickpeas"));
        Draft canned = HouseStyle.apply(nuts, Matter.BEANS, "canned", CATALOGUE).sheet();
        assertThat(canned.dish().steps().map(Step::title)).anyMatch(title -> title.startsWith("Soak"));
    }

    /**
     * Whatever Hopsel says how to make has to pass its own gate: weights, times, cues, nothing unused, about as heavy
     * as what goes in.
     */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "laksa-paste",
                "red-curry-paste",
                "harissa",
                "salsa",
                "naan",
                "pitta",
                "wheat-tortilla",
                "corn-tortilla",
                "dumpling-wrappers",
                "vegan-mayo",
                "hoisin",
                "chilli-oil",
                "passata",
                "stock",
                "apple-sauce",
                "roasted-pepper-jar"
            })
    void whatIsMadeFromScratchPassesTheGate(String item) {
        HomeMade made = HomeMade.of(item).orElseThrow();
        Draft sheet = made.sheet(CATALOGUE);
        assertThat(Colleague.gate(sheet, CATALOGUE))
                .extracting(Objection::message)
                .isEmpty();
        assertThat(sheet.notes().guessed().values()).noneMatch(members -> members.contains("minutes"));
        double grams = sheet.dish()
                .lines()
                .mapToDouble(line -> sheet.weigher()
                        .grams(CATALOGUE.get(line.item()), line.amount().orElseThrow())
                        .orElseThrow()
                        .doubleValue())
                .sum();
        assertThat(made.yields() / grams).isBetween(0.45, 1.0);
    }

    @Test
    void fromScratchMakesAsMuchAsWasBoughtAndCanBeBoughtAgain() throws RefusedEditException {
        Draft laksa =
                sheet("Laksa\nServes 4\n\nIngredients\n130 g laksa paste\n400 ml coconut milk\n\nMethod\n1. Simmer the "
                        + "coconut milk and laksa paste for 10 minutes until it smells cooked.");
        Draft scratch = HouseStyle.apply(laksa, Matter.SHORTCUTS, "from-scratch", CATALOGUE)
                .sheet();
        assertThat(scratch.dish()
                        .lines()
                        .filter(line -> line.item().equals("shallot"))
                        .findFirst()
                        .orElseThrow()
                        .amount()
                        .orElseThrow()
                        .high())
                .isEqualByComparingTo("75");
        assertThat(Colleague.gate(scratch, CATALOGUE)).isEmpty();
        assertThat(scratch.dish().components().get(0).title()).isEqualTo("Home-made laksa paste");
        assertThat(DishTimes.of(scratch.dish()).chain())
                .endsWith("simmer-the-coconut-milk-and-laksa-paste")
                .hasSize(4);
        Draft back = HouseStyle.apply(scratch, Matter.SHORTCUTS, "allowed", CATALOGUE)
                .sheet();
        assertThat(back.dish().steps().map(Step::id))
                .containsExactlyElementsOf(laksa.dish().steps().map(Step::id).toList());
        assertThat(back.line("laksa-paste").orElseThrow().amount().orElseThrow().high())
                .isEqualByComparingTo("130");
    }

    @Test
    void weightsAndCupsAreTheSameAmount() throws RefusedEditException {
        Draft cups = HouseStyle.apply(sheet(STEW), Matter.MEASURES, "cups", CATALOGUE)
                .sheet();
        var flour = cups.dish()
                .lines()
                .filter(line -> line.item().equals("plain-flour"))
                .findFirst()
                .orElseThrow();
        assertThat(flour.amount().orElseThrow().unit()).isEqualTo(Unit.CUP);
        assertThat(cups.weigher()
                        .grams(CATALOGUE.get("plain-flour"), flour.amount().get())
                        .orElseThrow()
                        .doubleValue())
                .isCloseTo(100, org.assertj.core.data.Offset.offset(0.0001));
    }

    @Test
    void skinsStayOnWhereTheyAreGood() throws RefusedEditException {
        HouseStyle style = HouseStyle.apply(
                sheet(STEW.replace("1 tsp salt", "2 onions, peeled and sliced")), Matter.PEEL, "left-on", CATALOGUE);
        assertThat(style.changes()).singleElement().asString().contains("Carrots");
        assertThat(style.sheet()
                        .dish()
                        .lines()
                        .filter(line -> line.item().equals("onion"))
                        .findFirst()
                        .orElseThrow()
                        .prep()
                        .orElseThrow())
                .contains("peeled");
    }

    @Test
    void whatIsInHandLeads() throws RefusedEditException {
        Resize resize = Resize.byIngredient(sheet(STEW), "carrot", BigDecimal.valueOf(340), CATALOGUE);
        assertThat(resize.factor()).isEqualByComparingTo("0.85");
        assertThat(resize.sheet().dish().servings()).isEqualByComparingTo("3.4");
    }

    @Test
    void cautionsComeFromTheStepItself() {
        Draft stew = sheet(STEW);
        assertThat(StepCautions.of(stew.dish(), stew.step("fry-the-carrots").orElseThrow(), CATALOGUE))
                .contains(Caution.HOT_OIL)
                .doesNotContain(Caution.DRY_BEANS);
    }

    /**
     * Figures of common foods, as public tables give them: g per ml spooned, edible g of a medium piece, drained g of a
     * can.
     */
    @ParameterizedTest
    @CsvSource({
        "plain-flour, ml, 0.53",
        "caster-sugar, ml, 0.85",
        "rolled-oats, ml, 0.36",
        "peanut-butter, ml, 1.09",
        "maple-syrup, ml, 1.33",
        "basmati-rice, ml, 0.76",
        "red-lentils, ml, 0.81",
        "cocoa, ml, 0.36",
        "onion, piece, 110",
        "carrot, piece, 61",
        "tomato, piece, 123",
        "banana, piece, 118",
        "garlic, piece, 3",
        "apple, piece, 182",
        "bell-pepper, piece, 119",
        "chickpeas-can, can, 240",
        "lemon, piece, 48",
        "soy-sauce, ml, 1.08",
        "tahini, ml, 1.01",
        "spinach, ml, 0.127"
    })
    void cataloguesFiguresAreThoseOfPublicTables(String id, String figure, double value) {
        Item item = CATALOGUE.get(id);
        double ours = (figure.equals("ml")
                        ? item.gramsPerMl()
                        : figure.equals("can")
                                ? item.gramsPerCan()
                                : item.gramsPerPiece().map(item.edibleShare()::multiply))
                .orElseThrow()
                .doubleValue();
        assertThat(ours).isCloseTo(value, Percentage.withPercentage(15));
    }

    @Test
    void theCatalogueIsWholeAndSourced() {
        assertThat(CATALOGUE.items()).hasSizeGreaterThanOrEqualTo(650);
        assertThat(CATALOGUE.items()).allSatisfy(item -> {
            assertThat(item.nutrients()).as(item.id()).isPresent();
            assertThat(item.gramsPerMl().isPresent())
                    .as(item.id())
                    .isEqualTo(item.practice().sources().containsKey("gramsPerMl"));
            double energy = item.nutrients().get().values().get("kcal").doubleValue();
            assertThat(energy).as(item.id()).isBetween(0.0, 902.0);
        });
    }

    /** Two cups of this and that under a heading: one question, and one touch puts them together before the end. */
    @Test
    void aPartThatIsOnlyListedIsMixed() {
        String text = "Bowl\nServes 4\n\nFor the dressing:\n2 tbsp tahini\n1 tbsp soy sauce\n\nFor the bowl:\n"
                + "400 g carrots\n\nMethod\n1. Boil the carrots for 10 minutes until soft.\n2. Serve.";
        Draft draft = Draft.of(RecipeFile.read(text, CATALOGUE, Measures.METRIC), text, Measures.METRIC);
        List<Objection> asked = Colleague.gate(draft, CATALOGUE);
        assertThat(asked).extracting(Objection::rule).containsExactly(Objection.Rule.NO_STEPS);
        Draft mixed = Colleague.likely(draft, CATALOGUE).sheet();
        assertThat(Colleague.gate(mixed, CATALOGUE)).isEmpty();
        Step mix = mixed.dish()
                .steps()
                .filter(step -> step.title().equals("Mix the dressing"))
                .findFirst()
                .orElseThrow();
        assertThat(mix.uses()).hasSize(2);
        assertThat(Things.users(mixed.dish(), mix.id())).extracting(Step::title).containsExactly("Serve");
    }
}
