package hopsel.formats.diet;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Objection.Rule;
import hopsel.core.bench.Placing;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.diet.DishCheck;
import hopsel.core.diet.Doubt;
import hopsel.core.diet.Doubt.Why;
import hopsel.core.diet.Guess;
import hopsel.core.diet.MenuChoice;
import hopsel.core.diet.MenuChoice.Suits;
import hopsel.core.diet.OwnMenu;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Passages;
import hopsel.core.dish.Source;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.kit.KitStatement;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.measure.Measures;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Plan;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * As long as anything in a dish is unknown, guessed or unread, nobody is told that it is fine or made without
 * something.
 */
class NothingUnknownIsFineTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final Set<String> ALL_READ =
            CATALOGUE.items().stream().map(Item::id).collect(Collectors.toSet());

    private static Draft sheet(String text, Catalogue house) {
        return Draft.of(RecipeFile.read(text, house, Measures.METRIC), text, Measures.METRIC);
    }

    private static CookingClass cooking(Draft sheet, Catalogue house, String... avoids) {
        Attendee uma =
                new Attendee("uma", "Uma", List.of(avoids), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH);
        return Placing.into(
                        FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon")), sheet, house, CATALOGUE)
                .withAttendees(List.of(uma));
    }

    private static String recipe(String line) {
        return "Bowl\nServes 1\nIngredients\n100 g white rice\n" + line
                + "\nMethod\nCook the rice 12 minutes until tender. Serve.";
    }

    private static List<Why> doubts(CookingClass cooking, Set<String> read) {
        Dish dish = cooking.dishes().get(0);
        return DishCheck.of(dish, cooking.catalogue(CATALOGUE), read)
                .doubts(OwnMenu.of(cooking, CATALOGUE)
                        .used(dish, cooking.attendees().get(0)))
                .stream()
                .map(Doubt::why)
                .distinct()
                .toList();
    }

    private static Suits suits(CookingClass cooking, Set<String> read) {
        return MenuChoice.of(cooking, CATALOGUE, read).cells().get(0).suits();
    }

    /** What is known by its name alone, guessed, on a line with something else, or not placed at all. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 tbsp moon paste|UNKNOWN",
                "2 tbsp hazelnut miso|GUESSED",
                "1 veal stock cube|UNKNOWN",
                "2 tbsp smoked black beans|GUESSED",
                "50 g peanuts and sesame seeds|UNREAD",
                "100 g cashews blended with water and rice|UNREAD",
                "1 squash|GUESSED",
                "200 ml plant milk|GUESSED",
                "2 tbsp miso|LABEL"
            })
    void whatIsInDoubtIsNeverFine(String line, Why why) {
        CookingClass cooking = cooking(sheet(recipe(line), CATALOGUE), CATALOGUE, "crustaceans");
        assertThat(doubts(cooking, Set.of())).contains(why);
        assertThat(suits(cooking, Set.of())).isEqualTo(Suits.UNSURE);
        assertThat(KitStatement.of(cooking, CATALOGUE, cooking.attendees().get(0), Set.of())
                        .without())
                .isEmpty();
    }

    @Test
    void whatIsKnownAndReadIsFineAndMadeWithoutWhatTheyAvoid() {
        CookingClass cooking = cooking(sheet(recipe("100 g broccoli"), CATALOGUE), CATALOGUE, "crustaceans");
        assertThat(doubts(cooking, ALL_READ)).isEmpty();
        assertThat(suits(cooking, ALL_READ)).isEqualTo(Suits.FINE);
        assertThat(KitStatement.of(cooking, CATALOGUE, cooking.attendees().get(0), ALL_READ)
                        .without())
                .containsExactly("crustaceans");
        assertThat(suits(
                        cooking.withAttendees(List.of(cooking.attendees().get(0).saying(List.of("kiwi")))), ALL_READ))
                .as("nobody but the host can check it")
                .isEqualTo(Suits.UNSURE);
    }

    /**
     * An ingredient that the host adds goes before the name that the reader left behind, in the dish and in its class.
     */
    @Test
    void anIngredientThatIsAddedMendsTheDishThatAskedForIt() {
        Draft sheet = sheet(recipe("2 tbsp moon paste"), CATALOGUE);
        Item stub = sheet.items().get(0);
        assertThat(stub.isNameOnly()).isTrue();
        Item known = Item.nameOnly("moon-paste-of-ours", "Moon paste")
                .withGramsPerMl(Optional.of(new BigDecimal("1.1")))
                .withAllergens(Set.of(Allergen.SOY))
                .withOrigin(Origin.PLANT);
        Catalogue house = CATALOGUE.with(List.of(known));
        assertThat(Colleague.gate(sheet, CATALOGUE))
                .extracting(objection -> objection.rule())
                .contains(Rule.UNKNOWN_ITEM, Rule.UNWEIGHABLE);
        assertThat(Colleague.gate(sheet, house))
                .extracting(objection -> objection.rule())
                .doesNotContain(Rule.UNKNOWN_ITEM, Rule.UNWEIGHABLE);
        assertThat(sheet.catalogue(house).get(stub.id()).allergens()).containsExactly(Allergen.SOY);
        CookingClass cooking = cooking(sheet, house, "soy");
        assertThat(suits(cooking, ALL_READ)).isEqualTo(Suits.CANNOT);
        assertThat(KitStatement.of(cooking, CATALOGUE, cooking.attendees().get(0), ALL_READ)
                        .without())
                .isEmpty();
    }

    @Test
    void aGuessKeepsTheRecipesOwnWordsAndHoldsKitsBackUntilSomebodyConfirmsIt() throws Exception {
        CookingClass cooking = cooking(sheet(recipe("2 tbsp hazelnut miso"), CATALOGUE), CATALOGUE, "gluten");
        Item guessed = cooking.catalogue(CATALOGUE)
                .get(cooking.dishes()
                        .get(0)
                        .lines()
                        .filter(line -> line.item().contains("hazelnut"))
                        .findFirst()
                        .orElseThrow()
                        .item());
        assertThat(guessed.name()).isEqualTo("hazelnut miso");
        assertThat(guessed.takenFor()).contains("miso");
        assertThat(closing(cooking)).contains(PackingRun.Why.UNCONFIRMED);
        assertThat(ClassFile.read(ClassFile.write(cooking).getBytes(StandardCharsets.UTF_8), CATALOGUE))
                .as("the mark is in the file")
                .isEqualTo(cooking);
        CookingClass confirmed = Guess.confirmed(cooking, guessed, CATALOGUE);
        assertThat(doubts(confirmed, ALL_READ))
                .as("its own words still speak of wheat no more")
                .isEmpty();
        assertThat(closing(confirmed)).doesNotContain(PackingRun.Why.UNCONFIRMED);
    }

    private static List<PackingRun.Why> closing(CookingClass cooking) {
        Batches batches = Batches.of(cooking, CATALOGUE, Plan.impossible(List.of()));
        List<Kit> kits = KitPacker.pack(cooking, CATALOGUE, batches);
        PackingRun run = PackingRun.after(
                Packing.of(cooking, CATALOGUE, kits, List.of(), AsSold.NONE), cooking.catalogue(CATALOGUE), List.of());
        return run
                .refusal(new Close("uma", "1"), ALL_READ, LocalDate.of(2027, 3, 1))
                .map(PackingRun.Refusal::why)
                .stream()
                .toList();
    }

    /**
     * Words of allergens are looked for wherever the recipe speaks; words that an ingredient accounts for are no
     * surprise.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Scatter with sesame.|sesame|true",
                "Scatter with sesame seeds.|sesame|true",
                "Stir in a spoon of peanut butter.|peanut|true",
                "Add the almond milk.|milk|false",
                "Add the coconut milk.|milk|false",
                "Serve with butternut squash.|tree-nut|false",
                "A nut-free sauce.|tree-nut|false",
                "Top with tofu.|soy|true",
                "Grate nutmeg over it.|tree-nut|false",
                "Finish with soya yoghurt.|soy|true"
            })
    void wordsOfAllergensInTheTextAreHeard(String sentence, String allergen, boolean heard) {
        Draft plain = sheet(recipe("100 g broccoli"), CATALOGUE);
        for (Dish dish : List.of(
                plain.dish().withPassages(new Passages(List.of(), List.of(sentence))),
                sheet(recipe("100 g broccoli") + " " + sentence, CATALOGUE).dish())) {
            CookingClass cooking = cooking(
                    plain.with(dish.withPassages(
                            new Passages(List.of(), dish.passages().aside()))),
                    CATALOGUE,
                    allergen);
            assertThat(KitStatement.of(cooking, CATALOGUE, cooking.attendees().get(0), ALL_READ)
                            .without()
                            .isEmpty())
                    .as(sentence)
                    .isEqualTo(heard);
            assertThat(suits(cooking, ALL_READ) == Suits.UNSURE).isEqualTo(heard);
        }
    }

    /** Buns that the guest has at home are checked like what is in the kit. */
    @Test
    void whatIsAtHomeOrTheHostsIsCheckedLikeTheKit() {
        Draft sheet = sheet(recipe("2 tbsp soy sauce"), CATALOGUE);
        String line = sheet.dish()
                .lines()
                .filter(own -> own.item().equals("soy-sauce"))
                .findFirst()
                .orElseThrow()
                .id();
        for (Source source :
                Arrays.stream(Source.values()).filter(own -> own != Source.KIT).toList()) {
            Dish home = sheet.dish()
                    .eachComponent(
                            component -> component.eachLine(own -> !own.id().equals(line)
                                    ? own
                                    : own.withOptional(false).withFrom(source)));
            CookingClass cooking = cooking(sheet.with(home), CATALOGUE, "soy");
            CookingClass bare = cooking.withMenu(cooking.menu().withSubstitutions(List.of()));
            Kit kit = KitPacker.pack(bare, CATALOGUE, Batches.of(bare, CATALOGUE, Plan.impossible(List.of())))
                    .get(0);
            assertThat(kit.cannotServe())
                    .as("the lists file speaks of the kit alone")
                    .isEmpty();
            assertThat(kit.refuses()).isTrue();
            assertThat(kit.refusals()).extracting(Kit.Refusal::item).containsExactly("soy-sauce");
            assertThat(KitStatement.of(bare, CATALOGUE, bare.attendees().get(0), ALL_READ)
                            .without())
                    .isEmpty();
        }
    }

    @Test
    void madeWithoutTomatoesIsNotSaidOfTomatoPuree() {
        CookingClass cooking = cooking(sheet(recipe("2 tbsp tomato purée"), CATALOGUE), CATALOGUE, "tomato");
        assertThat(KitStatement.of(cooking, CATALOGUE, cooking.attendees().get(0), ALL_READ)
                        .without())
                .isEmpty();
    }
}
