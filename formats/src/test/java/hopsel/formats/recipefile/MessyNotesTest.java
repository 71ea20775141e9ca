package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.ReadLine;
import hopsel.core.recipe.ReadRecipe;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.ReadRecipe.StepInPart;
import hopsel.core.recipe.RecipeReader;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Notes as cooks keep them: what stands there is read, in whichever order and shorthand. */
class MessyNotesTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final LineReader LINES = new LineReader(CATALOGUE, Measures.METRIC);

    private static ReadRecipe read(String text) {
        return RecipeReader.read(text, CATALOGUE, Measures.METRIC);
    }

    private static List<String> items(ReadRecipe recipe) {
        return recipe.parts().stream()
                .flatMap(part -> part.lines().stream())
                .map(line -> line.read().item().map(Item::id).orElse("?"))
                .toList();
    }

    private static List<StepInPart> steps(ReadRecipe recipe) {
        return recipe.parts().stream().flatMap(part -> part.steps().stream()).toList();
    }

    /** "Rest" alone tells nobody anything; what another part has come to is no longer the dough. */
    @Test
    void aBareVerbIsNamedByWhatItIsDoneTo() {
        ReadRecipe parcels = read(
                "Parcels\nServes 4\n\nDough\n300 g flour\n150 ml water\n\nFilling\n200 g spinach\n"
                        + "1 onion\n\n1. Mix the flour and the water. Knead, 8 min. Rest, 30 min.\n2. Fry, 5 min, the onion. "
                        + "Chop and drain, then mash with the spinach.\n3. Fill the dough with the filling. Bake, 20 min, 200 C.");
        assertThat(steps(parcels))
                .extracting(step -> step.read().title())
                .contains("Knead the dough", "Rest the dough", "Fry the onion", "Bake")
                .doesNotContain("Bake the dough", "Bake the filling", "Chop the spinach");
    }

    /** Hot fat is no oven; a tray that is filled and stays so long at such a figure is in one. */
    @Test
    void aFigureIsADialOnlyWhereNothingFries() {
        ReadRecipe chips = read("Chips\nServes 2\n\n500 g potatoes\n1 lettuce, washed and dried\n50 g dried "
                + "bananas\n\n1. "
                + "Fry the potatoes at 180, 4 min.\n2. Fill, 180 35'.");
        assertThat(steps(chips))
                .extracting(step -> step.read().needs().get(0).kind())
                .containsExactly("burner", "oven");
        assertThat(chips.parts().get(0).lines())
                .extracting(line -> line.read().exact())
                .as("what is washed and dried is fresh, and a dried banana is none")
                .containsExactly(true, true, false);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            flour - 250 g                | 250 | g     | plain-flour
            Rice – 2 cups                | 2   | cup   | white-rice
            one and a quarter cups cashews | 1.25 | cup | cashews
            a thumb and a half of ginger | 1.5 | piece | ginger
            2 & 1/2 tsp salt             | 2.5 | tsp   | salt
            .5 cup sugar                 | 0.5 | cup   | caster-sugar
            400g/14oz tin chopped tomatoes | 1 | can   | tomato-can
            900g–1kg floury potatoes     | 1000 | g    | potato
            1 half onion                 | 0.5 | piece | onion
            2 x 5cm cinnamon sticks      | 2   | piece | cinnamon-stick
            1 No. 2 can pineapple        | 1   | can   | pineapple-can
            12 green cardamom            | 12  | piece | cardamom-pods
            2 tbsp olive or rapeseed oil | 2   | tbsp  | olive-oil
            1OO ml soy rnilk             | 100 | ml    | soy-drink
            Flour, buckwheat 180 g       | 180 | g     | buckwheat-flour
            3 c.s. huile d'olive         | 3   | tbsp  | olive-oil
            1 cucchiaino di paprika      | 1   | tsp   | paprika
            garlic x 4                   | 4   | piece | garlic
            vegan butter 150g, cold      | 150 | g     | plant-block
            Onions 2 medium, sliced      | 2   | piece | onion
            shortcrust pastry ..... 320g | 320 | g     | shortcrust
            25O ml oat milk              | 250 | ml    | oat-drink
            l00 g sugar                  | 100 | g     | caster-sugar
            2l water                     | 2   | l     | water
            1 lb 4 oz potatoes           | 1.25 | lb   | potato
            500g/1lb 2oz flour           | 500 | g     | plain-flour
            2 qt vegetable stock         | 8   | cup   | stock
            1 t. salt                    | 1   | tsp   | salt
            2 T. oil                     | 2   | tbsp  | rapeseed-oil
            2 lg onions                  | 2   | piece | onion
            1 pkt yeast (7g)             | 7   | g     | instant-yeast
            1 #10 can tomatoes           | 1   | can   | tomato-can
            1 squash (kabocha)           | 1   | piece | kabocha
            2 tbsp oil (olive)           | 2   | tbsp  | olive-oil
            soaked chickpeas 300 g       | 300 | g     | chickpeas-dried
            twenty-four dumpling wrappers | 24 | piece | dumpling-wrappers
            Kala namak, a pinch          | 1   | pinch | black-salt
            2 EL Olivenöl                | 2   | tbsp  | olive-oil
            1 cuillère à soupe d'huile d'olive | 1 | tbsp | olive-oil
            2 cucharadas de aceite de oliva | 2 | tbsp | olive-oil
            300 g di farina              | 300 | g     | plain-flour
            tempeh 3 x 200g blocks       | 600 | g     | tempeh
            tomatoes 2 x 400g            | 800 | g     | tomato
            2x400 tins toms              | 2   | can   | tomato-can
            300g "00" flour              | 300 | g     | tipo-00
            a block of firm tofu about 400 grams | 400 | g | firm-tofu
            a tin of chickpeas, about 400 grams | 1 | can | chickpeas-can
            1.5kg sweet pots 2cm dice    | 1.5 | kg    | sweet-potato
            """)
    void aLineIsReadInWhicheverOrder(String text, String amount, String unit, String item) {
        ReadLine read = LINES.read(text);
        assertThat(read.item().map(Item::id)).contains(item);
        assertThat(read.amount().orElseThrow().high()).isEqualByComparingTo(amount);
        assertThat(read.amount().orElseThrow().unit().word()).isEqualTo(unit);
    }

    /** How long something bakes is nobody's number of guests; neither is how often it is stirred. */
    @Test
    void hoursAreNoServingsAndEveryTwentyMinutesIsNoTime() {
        ReadRecipe pudding = read("Pudding\n\n1/2 c rice\n4 c soy milk\n\nMix all. Bake at 300 F. for 3 hrs., stirring "
                + "every 20 min. for first hour.");
        assertThat(pudding.servings()).isEmpty();
        assertThat(steps(pudding))
                .extracting(step -> step.read().minutes().likely().value().intValue())
                .contains(180)
                .doesNotContain(20);
    }

    /** What one guest cannot have changes nobody's dish, and is there to be seen. */
    @Test
    void aRemarkAboutOneGuestIsLaidAside() {
        String remark = "! Dev = peanut allergy -> his sauce w/ sunflower butter";
        ReadRecipe bowl = read("Bowl\nServes 2\n\n200 g rice\n100 g peanuts\n\n1. Boil the rice 12 min.\n" + remark);
        assertThat(items(bowl)).doesNotContain("sunflower-butter");
        assertThat(bowl.unread()).contains(remark);
    }

    /** A line that is a list to one and a step to the other was handed to and fro for ever. */
    @Test
    void aLineIsEitherListOrMethod() {
        ReadRecipe stew =
                read("STEW\nServes 6\n\n1 (1-inch) piece ginger, grated\n2 med. sweet potatoes, cubed (abt. 4 c.)"
                        + "\n1 (15 oz.) can chickpeas, drained\n1 bu. collards, stemmed and sliced\n\nFry in "
                        + "oil till soft, 5 min.");
        assertThat(items(stew)).contains("ginger", "sweet-potato", "chickpeas-can");
    }

    /** Nobody knows which one; what is in it depends on that. */
    @ParameterizedTest
    @ValueSource(strings = {"200 ml plant milk", "1 squash", "20 g yeast", "250 g Mehl"})
    void aVagueNameIsAGuess(String text) {
        assertThat(LINES.read(text).exact()).isFalse();
    }

    /** Two things with two amounts are two lines, and how they were put together is kept. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            100 g cashews blended with 200 ml water   | cashews 100 g; water 200 ml
            2 tbsp chia + 6 tbsp warm water           | chia 2 tbsp; water 6 tbsp
            2 tsp cornflour slaked in 1 tbsp water    | cornflour 2 tsp; water 1 tbsp
            200 g plain flour mixed with 1 tsp salt   | plain-flour 200 g; salt 1 tsp
            for the dip: 3 tbsp soy sauce + 1 tbsp maple syrup | soy-sauce 3 tbsp; maple-syrup 1 tbsp
            1 tsp each cumin, coriander and turmeric  | cumin 1 tsp; coriander-ground 1 tsp; turmeric 1 tsp
            carrots, celery, leeks and potatoes       | carrot; celery; leek; potato
            """)
    void everyFoodOfALineIsALineOfItsOwn(String text, String expected) {
        ReadRecipe recipe =
                read("Dish\nServes 2\n\nIngredients\n1 lime\n" + text + "\n\nMethod\nFry it for 5 minutes.");
        assertThat(recipe.parts().stream().flatMap(part -> part.lines().stream()))
                .extracting(line -> line.read().item().map(Item::id).orElse("?")
                        + line.read()
                                .amount()
                                .map(amount -> " " + amount.high().toPlainString() + " "
                                        + amount.unit().word())
                                .orElse(""))
                .containsAll(Stream.of(expected.split("; ")).toList());
        assertThat(recipe.unread()).isEmpty();
    }

    @Test
    void headingsWithoutAColonListsInALineAndNotesInLowerCase() {
        ReadRecipe recipe = read(
                """
                Leek pasties (p. 31)

                makes 8 / serves 4

                dough
                flour - 300 g
                vegan butter 150g, cold

                filling
                2 leeks
                3 med potatoes

                rub butter into flour. fridge 30 min.
                meanwhile dice potatoes, boil 8 mins. sweat leeks in oil until soft, 10ish.
                roll, fill, crimp. oven 200 25-30 until golden. Serves 4.
                """);

        assertThat(recipe.title()).isEqualTo("Leek pasties");
        assertThat(recipe.servings().orElseThrow()).isEqualByComparingTo("4");
        assertThat(recipe.pieces().orElseThrow()).isEqualByComparingTo("8");
        assertThat(recipe.unread()).containsExactly("(p. 31)");
        assertThat(recipe.parts()).extracting(Part::title).containsExactly("Dough", "Filling");
        StepInPart fridge = steps(recipe).stream()
                .filter(step -> step.read().needs().stream()
                        .anyMatch(need -> need.kind().equals("fridge")))
                .findFirst()
                .orElseThrow();
        StepInPart roll = steps(recipe).stream()
                .filter(step -> step.read().title().startsWith("Roll"))
                .findFirst()
                .orElseThrow();
        assertThat(roll.after()).as("the dough is needed when it is rolled").contains(fridge.id());
        StepInPart oven = steps(recipe).get(steps(recipe).size() - 1);
        assertThat(oven.read().needs().get(0).celsius().orElseThrow()).isEqualByComparingTo("200");
        assertThat(oven.read().minutes().low().value()).isEqualByComparingTo("25");
    }

    @Test
    void twoColumnsAreReadOneAfterTheOther() {
        ReadRecipe recipe = read(
                """
                Sago with mango
                Total time: 1h30

                INGREDIENTS                     METHOD
                100 g sago pearls               Soak the sago for fifty to fifty-five minutes.
                400 ml coconut milk             Simmer the coconut milk for 5 minutes.
                2 mangoes                       Chill for up to two days.
                """);

        assertThat(items(recipe)).containsExactly("sago-pearls", "coconut-milk", "mango");
        assertThat(steps(recipe)).hasSize(3);
        assertThat(steps(recipe).get(0).read().minutes().high().value()).isEqualByComparingTo("55");
        assertThat(steps(recipe).get(2).read().guessed())
                .as("two days is how long it may wait")
                .contains("minutes");
        assertThat(recipe.headline().orElseThrow().likely().value()).isEqualByComparingTo("90");
    }

    /** What runs by itself is not waited for by what is done meanwhile, and both are waited for afterwards. */
    @Test
    void meanwhileIsBesides() {
        ReadRecipe recipe = read(
                """
                Stew
                Ingredients
                200 g brown lentils
                1 onion
                Method
                Boil the lentils for 25 minutes. Meanwhile, fry the onion for 8 minutes. Stir the onion in and simmer for 5 minutes.
                """);
        List<StepInPart> steps = steps(recipe);

        assertThat(steps).hasSize(3);
        assertThat(steps.get(1).after()).isEmpty();
        assertThat(steps.get(2).after())
                .containsExactlyInAnyOrder(steps.get(0).id(), steps.get(1).id());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Pilzsuppe;Für 4 Personen;;Zutaten;500 g Champignons;2 Knoblauchzehen;2 EL Olivenöl;1 l Gemüsebrühe;;Zubereitung;1. Knoblauch fein hacken und im Öl 5 Minuten anschwitzen.;2. Mit der Brühe ablöschen und 15 Minuten köcheln lassen. | mushroom garlic olive-oil stock | 5 15 | ablöschen
            Soupe;Pour 4 personnes;;Ingrédients;6 oignons;2 cuillères à soupe d'huile d'olive;20 cl de vin blanc;;Préparation;1. Émincez les oignons et faites revenir dans l'huile pendant 20 minutes.;2. Versez le vin et laissez mijoter 30 minutes. | onion olive-oil white-wine | 20 30 | mijoter
            Garbanzos;Para 4 personas;;Ingredientes;400 g de garbanzos cocidos;2 dientes de ajo;3 cucharadas de aceite de oliva;;Preparación;Picar el ajo y sofreír con el aceite 8 minutos.;Añadir los garbanzos y cocer a fuego lento 10 minutos. | chickpeas-can garlic olive-oil | 8 10 | garbanzos
            Pasta e ceci;Per 4 persone;;Ingredienti;250 g di ceci;200 g di pasta;1 cipolla;;Preparazione;Tritare la cipolla e soffriggere per 8 minuti.;Unire la pasta con i ceci e cuocere per 10 minuti. | chickpeas-can short-pasta onion | 8 10 | cuocere
            """)
    void otherTonguesAreReadAndShownInTheirOwnWords(String text, String items, String minutes, String word) {
        ReadRecipe recipe = read(text.replace(";", "\n"));

        assertThat(items(recipe)).containsExactly(items.split(" "));
        assertThat(steps(recipe))
                .extracting(step -> step.read().minutes().likely().value().intValue())
                .containsSequence(
                        Stream.of(minutes.split(" ")).map(Integer::valueOf).toList());
        assertThat(steps(recipe).get(steps(recipe).size() - 1).read().text()).contains(word);
        assertThat(steps(recipe)).allMatch(step -> !step.read().techniques().isEmpty());
        assertThat(recipe.servings().map(Object::toString)).isEqualTo(Optional.of("4"));
    }

    private static final String TALK =
            """
            1
            00:00:01,000 --> 00:00:04,000
            Hello everybody and welcome back to Tern Quay.

            2
            00:00:04,000 --> 00:00:09,500
            Today we're making a quick red lentil
            soup, and it's for four people.

            3
            00:00:10,000 --> 00:00:15,000
            So you'll need two hundred and fifty grams of red
            lentils, an onion, um, two, sorry, three

            4
            00:00:15,000 --> 00:00:19,000
            cloves of garlic and a litre of
            vegetable stock.

            5
            00:00:20,000 --> 00:00:27,000
            First I'm going to chop the onion and fry it in
            two tablespoons of olive oil for about five minutes.

            6
            00:00:28,000 --> 00:00:36,000
            Then in go the lentils and the stock, and we simmer that
            for twenty minutes until the lentils are soft.

            7
            00:00:37,000 --> 00:00:42,000
            If you like the video, leave a comment. Then blend it until smooth.
            """;

    /** Captions of somebody talking become a dish: each thing once, with what was meant in the end. */
    @Test
    void somebodyTalkingIsReadAsADish() {
        ReadRecipe recipe = read(TALK);

        assertThat(recipe.title()).isEqualTo("Red lentil soup");
        assertThat(recipe.servings().orElseThrow()).isEqualByComparingTo("4");
        assertThat(recipe.parts().stream().flatMap(part -> part.lines().stream()))
                .extracting(line -> line.read().item().orElseThrow().id() + " "
                        + line.read().amount().orElseThrow().high().toPlainString())
                .containsExactly("red-lentils 250", "onion 1", "garlic 3", "stock 1", "olive-oil 2");
        assertThat(steps(recipe))
                .extracting(step -> step.read().text())
                .containsExactly(
                        "Chop the onion and fry it in two tablespoons of olive oil for about five minutes.",
                        "Add the lentils and the stock, and simmer that for twenty minutes until the lentils are soft.",
                        "Blend it until smooth.");
        assertThat(recipe.unread()).hasSize(3);
        assertThat(DishProposal.of(recipe, new Weigher(Measures.METRIC))
                        .dish()
                        .passages()
                        .unread())
                .as("greetings are laid aside")
                .isEmpty();
    }

    /** Whoever says "you can add" adds; whoever says "you could use" does not. */
    @Test
    void whatOneCanAddIsAddedAndWhatOneCouldUseIsNot() {
        ReadRecipe recipe = read("Okay so I'm making a noodle salad. I've got two hundred grams of rice noodles. "
                + "Boil them for five minutes. Now you can add eighty grams of roasted peanuts. "
                + "And here's some coriander. You could use walnuts, too.");

        assertThat(items(recipe)).contains("peanuts", "coriander-leaf").doesNotContain("walnuts");
    }
}
