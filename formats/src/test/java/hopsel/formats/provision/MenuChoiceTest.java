package hopsel.formats.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.MenuChoice;
import hopsel.core.diet.MenuChoice.Suits;
import hopsel.core.diet.OwnMenu;
import hopsel.core.diet.Serving;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Pack;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** One menu for everybody, or several. */
class MenuChoiceTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    /** Whoever read all labels. */
    private static final Set<String> ALL_READ =
            BUILT_IN.items().stream().map(Item::id).collect(Collectors.toSet());

    private static CookingClass cooking(
            List<IngredientLine> lines, List<Substitution> substitutions, Attendee... attendees) throws Exception {
        CookingClass any = Samples.cooking("lists-sample-00");
        Dish dish =
                new Dish("bowl", "Bowl", BigDecimal.valueOf(4), List.of(new Component("all", "All", lines, List.of())));
        return any.withMenu(any.menu()
                        .withItems(List.of())
                        .withDishes(List.of(dish))
                        .withSubstitutions(substitutions)
                        .withShared(List.of()))
                .withAttendees(Arrays.asList(attendees));
    }

    private static IngredientLine line(String item, boolean optional) {
        return IngredientLine.of(
                        item,
                        item,
                        Optional.of(
                                new Amount(BigDecimal.valueOf(100), BigDecimal.valueOf(100), Unit.G, Optional.empty())))
                .withOptional(optional);
    }

    private static Substitution instead(String item, String use) {
        return new Substitution(item, use, BigDecimal.ONE, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Attendee guest(String name, String... avoids) {
        return new Attendee(
                name.toLowerCase(Locale.ROOT),
                name,
                List.of(avoids),
                BigDecimal.ONE,
                Optional.empty(),
                Attendee.Gets.BOTH);
    }

    @Test
    void oneProductThatServesTwoIngredientsIsTakenBeforeTwo() throws Exception {
        MenuChoice choice = MenuChoice.of(
                cooking(
                        List.of(line("cashews", false), line("almonds", false)),
                        List.of(
                                instead("cashews", "pumpkin-seeds"),
                                instead("cashews", "sunflower-seeds"),
                                instead("almonds", "sunflower-seeds")),
                        guest("Ana", "tree-nut"),
                        guest("Bo")),
                BUILT_IN,
                ALL_READ);
        assertThat(choice.oneMenu())
                .extracting(change ->
                        change.item() + " > " + change.use().orElseThrow().use())
                .containsExactly("almonds > sunflower-seeds", "cashews > sunflower-seeds");
        assertThat(choice.stuck()).isEmpty();
        assertThat(choice.kits())
                .extracting(kind ->
                        kind.attendees().get(0).name() + " " + kind.changes().size())
                .containsExactly("Bo 0", "Ana 2");
    }

    @Test
    void whatSuitsOneAndNotAnotherMakesTwoKindsOfKitAndIsNamedForTheOneMenu() throws Exception {
        CookingClass cooking = cooking(
                List.of(line("peanut-butter", false), line("chilli-flakes", true)),
                List.of(instead("peanut-butter", "almond-butter"), instead("peanut-butter", "tahini")),
                guest("Ana", "peanut", "sesame", "chilli-flakes"),
                guest("Bo", "peanut", "tree-nut"),
                guest("Cy"),
                guest("Di", "peanut"));
        MenuChoice choice = MenuChoice.of(cooking, BUILT_IN, ALL_READ);
        assertThat(choice.stuck()).singleElement().satisfies(stuck -> {
            assertThat(stuck.item()).isEqualTo("peanut-butter");
            assertThat(stuck.names()).containsExactly("Ana", "Bo", "Di");
        });
        assertThat(choice.oneMenu()).extracting(MenuChoice.Change::item).containsExactly("chilli-flakes");
        assertThat(choice.kits()).hasSize(3);
        assertThat(choice.kits().get(0).attendees()).extracting(Attendee::name).containsExactly("Cy");
        assertThat(choice.cells())
                .extracting(cell -> cell.attendee().name() + " " + cell.suits())
                .containsExactly(
                        "Ana " + Suits.LEFT_OUT,
                        "Bo " + Suits.SUBSTITUTED,
                        "Cy " + Suits.FINE,
                        "Di " + Suits.SUBSTITUTED);
    }

    @Test
    void whoCannotBeServedIsNotPutIntoAnyKit() throws Exception {
        MenuChoice choice = MenuChoice.of(
                cooking(List.of(line("firm-tofu", false)), List.of(), guest("Ana", "soy"), guest("Bo")),
                BUILT_IN,
                ALL_READ);
        assertThat(choice.kits()).singleElement().satisfies(kind -> assertThat(kind.attendees())
                .extracting(Attendee::name)
                .containsExactly("Bo"));
        assertThat(choice.cells()).extracting(MenuChoice.Cell::suits).containsExactly(Suits.CANNOT, Suits.FINE);
        assertThat(choice.stuck()).extracting(MenuChoice.Stuck::item).containsExactly("firm-tofu");
    }

    /** Why a dish is what it is for somebody stands beside it: the lines that differ, and what nobody has checked. */
    @Test
    void aCellSaysWhatDiffersAndWhatIsInDoubt() throws Exception {
        CookingClass cooking = cooking(
                List.of(line("firm-tofu", false), line("white-rice", false), line("plain-stock", false)),
                List.of(instead("firm-tofu", "chickpeas-can")),
                guest("Ana", "soy"),
                guest("Bo"),
                guest("Cleo", "plain-stock"),
                guest("Dag", "sesame").saying(List.of("kiwi")));
        MenuChoice read = MenuChoice.of(cooking, BUILT_IN, ALL_READ);
        MenuChoice unread = MenuChoice.of(cooking, BUILT_IN, Set.of());
        assertThat(read.cells())
                .extracting(cell -> cell.attendee().name() + " " + cell.suits())
                .containsExactly("Ana SUBSTITUTED", "Bo FINE", "Cleo CANNOT", "Dag UNSURE");
        assertThat(read.cells())
                .extracting(cell ->
                        cell.lines().stream().map(line -> line.line().item()).toList())
                .containsExactly(List.of("firm-tofu"), List.of(), List.of("plain-stock"), List.of());
        assertThat(unread.cells())
                .extracting(cell -> cell.attendee().name() + " " + cell.suits())
                .containsExactly("Ana UNSURE", "Bo UNSURE", "Cleo CANNOT", "Dag UNSURE");
        assertThat(unread.cells())
                .extracting(cell -> cell.doubts().isEmpty())
                .as("who cannot be served is not told to wait for a label")
                .containsExactly(false, false, true, false);
        assertThat(read.cells().get(1).doubts()).isEmpty();
    }

    @Test
    void whatSomebodyWouldRatherNotHaveIsChangedWhereSomethingSuitsAndServedOtherwise() throws Exception {
        Attendee ana = new Attendee(
                "ana",
                "Ana",
                List.of("tree-nut"),
                BigDecimal.ONE,
                Optional.empty(),
                Attendee.Gets.BOTH,
                List.of("peanut", "soy", "sunflower-seeds"));
        CookingClass cooking = cooking(
                List.of(line("peanut-butter", false), line("firm-tofu", false), line("cashews", false)),
                List.of(
                        instead("peanut-butter", "almond-butter"),
                        instead("peanut-butter", "tahini"),
                        instead("cashews", "sunflower-seeds")),
                ana);
        OwnMenu menu = OwnMenu.of(cooking, BUILT_IN);
        Dish dish = cooking.dishes().get(0);
        assertThat(menu.serve(dish, dish.line("peanut-butter"), ana))
                .isEqualTo(new Serving.Substituted(cooking.substitutions().get(1), List.of("peanut")));
        assertThat(menu.serve(dish, dish.line("firm-tofu"), ana)).isEqualTo(new Serving.AsWritten(List.of("soy")));
        assertThat(menu.serve(dish, dish.line("cashews"), ana))
                .as("what is disliked comes before what harms")
                .isInstanceOf(Serving.Substituted.class);
    }

    @Test
    void sproutsThatAreCookedAreNoMatterToWhoAvoidsThemRaw() throws Exception {
        Attendee ana = guest("Ana", "raw-sprouts");
        CookingClass any = Samples.cooking("lists-sample-00");
        IngredientLine line = line("mung-sprouts", false);
        for (boolean hot : new boolean[] {true, false}) {
            Step step = Step.of("toss", "Toss", StepMinutes.of(Minutes.of(3)), Work.HANDS)
                    .withNeeds(hot ? List.of(new Need("burner", 1, Optional.empty(), BigDecimal.ZERO)) : List.of())
                    .withUses(List.of(new Use("mung-sprouts", BigDecimal.ONE)));
            Dish dish = new Dish(
                    "bowl", "Bowl", BigDecimal.ONE, List.of(new Component("all", "All", List.of(line), List.of(step))));
            assertThat(OwnMenu.of(any, BUILT_IN).serve(dish, line, ana))
                    .isInstanceOf(hot ? Serving.AsWritten.class : Serving.CannotServe.class);
        }
    }

    @Test
    void packedInTheFewestKindsEverybodyGetsWhatTheirKindGetsAndNothingTheyAvoid() throws Exception {
        CookingClass cooking = cooking(
                List.of(line("cashews", false), line("firm-tofu", false), line("mint", true)),
                List.of(
                        instead("cashews", "almonds"),
                        instead("cashews", "sunflower-seeds"),
                        instead("firm-tofu", "carrot")),
                guest("Ana", "cashews"),
                guest("Bo", "tree-nut"),
                guest("Cy", "soy", "mint"),
                guest("Di"));
        MenuChoice choice = MenuChoice.of(cooking, BUILT_IN, ALL_READ);
        CookingClass packed = choice.packed(cooking);
        OwnMenu menu = OwnMenu.of(packed, BUILT_IN);
        Dish dish = packed.dishes().get(0);
        long kinds = packed.attendees().stream()
                .map(attendee -> dish.lines()
                        .map(line -> menu.serve(dish, line, attendee) instanceof Serving.Substituted other
                                ? other.substitution().use()
                                : menu.serve(dish, line, attendee) instanceof Serving.LeftOut ? "-" : line.item())
                        .toList())
                .distinct()
                .count();
        assertThat(kinds).isEqualTo(choice.kits().size()).isLessThan(4);
        packed.attendees().forEach(attendee -> dish.lines().forEach(line -> {
            if (menu.serve(dish, line, attendee) instanceof Serving.Substituted other) {
                assertThat(OwnMenu.avoided(BUILT_IN.get(other.substitution().use()), attendee))
                        .isEmpty();
            }
        }));
        assertThat(packed.attendees().get(3).served())
                .as("who can eat it as written does")
                .isEmpty();
        assertThat(ClassFile.readAttendee(
                        ClassFile.attendee(packed.attendees().get(0)).toString()))
                .isEqualTo(packed.attendees().get(0));
    }

    private static Item priced(String id, String price) {
        return BUILT_IN.get(id)
                .withPacks(List.of(
                        new Pack(BigDecimal.valueOf(500), new BigDecimal("100")),
                        new Pack(BigDecimal.valueOf(100), new BigDecimal(price))));
    }

    private static CookingClass withPrices(CookingClass cooking, Item... items) {
        return cooking.withMenu(cooking.menu().withItems(List.of(items)));
    }

    /** One guest without oil does not take the fat out of everybody's pastry; their own kit does without. */
    @Test
    void stockIsNoFatForAWholeRoom() throws Exception {
        MenuChoice choice = MenuChoice.of(
                cooking(
                        List.of(line("rapeseed-oil", false)),
                        List.of(instead("rapeseed-oil", "stock")),
                        guest("Ana", "oil"),
                        guest("Bo")),
                BUILT_IN,
                ALL_READ);
        assertThat(choice.oneMenu()).isEmpty();
        assertThat(choice.stuck()).extracting(MenuChoice.Stuck::names).containsExactly(List.of("Ana"));
        assertThat(choice.kits()).hasSize(2);
    }

    /** 100 g of almonds at 2 cents become 150 g of seeds at half a cent: 1.25 less. */
    @Test
    void aChangeCostsWhatComesLessWhatGoesAndOfTwoTheCheaperIsTaken() throws Exception {
        CookingClass cooking = withPrices(
                cooking(
                        List.of(line("almonds", false)),
                        List.of(
                                instead("almonds", "pumpkin-seeds"),
                                instead("almonds", "sunflower-seeds").withRatio(new BigDecimal("1.5"))),
                        guest("Ana", "tree-nut")),
                priced("almonds", "2"),
                priced("pumpkin-seeds", "3"),
                priced("sunflower-seeds", "0.5"));
        MenuChoice choice = MenuChoice.of(cooking, BUILT_IN, ALL_READ);
        assertThat(choice.oneMenu()).singleElement().satisfies(change -> {
            assertThat(change.use().orElseThrow().use()).isEqualTo("sunflower-seeds");
            assertThat(change.cost().orElseThrow()).isEqualByComparingTo("-1.25");
        });
        assertThat(choice.newProducts(cooking)).containsExactly("sunflower-seeds");
        CookingClass one = choice.applied(cooking, BUILT_IN);
        assertThat(one.dish("bowl").line("almonds").item()).isEqualTo("sunflower-seeds");
        assertThat(one.dish("bowl").line("almonds").amount().orElseThrow().high())
                .isEqualByComparingTo("150");
    }

    @Test
    void withoutAPriceNobodySaysWhatAChangeCosts() throws Exception {
        CookingClass cooking = withPrices(
                cooking(
                        List.of(line("almonds", false)),
                        List.of(instead("almonds", "pumpkin-seeds")),
                        guest("Ana", "tree-nut")),
                priced("almonds", "2"),
                BUILT_IN.get("pumpkin-seeds").withPacks(List.of()));
        assertThat(MenuChoice.of(cooking, BUILT_IN, ALL_READ).oneMenu().get(0).cost())
                .isEmpty();
    }

    @Test
    void whatTheClassHasAlreadyComesFirstAndWhatMayBeLeftOutIsLeftOut() throws Exception {
        CookingClass cooking = cooking(
                List.of(line("almonds", false), line("pumpkin-seeds", false), line("chilli-flakes", true)),
                List.of(instead("almonds", "sunflower-seeds"), instead("almonds", "pumpkin-seeds")),
                guest("Ana", "tree-nut", "chilli-flakes"));
        MenuChoice choice = MenuChoice.of(cooking, BUILT_IN, ALL_READ);
        assertThat(choice.oneMenu())
                .extracting(change -> change.item()
                        + change.use().map(use -> " > " + use.use()).orElse(""))
                .containsExactly("almonds > pumpkin-seeds", "chilli-flakes");
        assertThat(choice.newProducts(cooking)).isEmpty();
        CookingClass one = choice.applied(cooking, BUILT_IN);
        assertThat(one.dish("bowl").lines().map(IngredientLine::item))
                .containsExactly("pumpkin-seeds", "pumpkin-seeds");
    }

    @Test
    void kitsAreReckonedForThoseWhoGetOneAndForAllWhereNobodyDoes() throws Exception {
        Attendee handout = guest("Ana").withGets(Attendee.Gets.HANDOUT);
        Attendee kit = guest("Bo").withGets(Attendee.Gets.KIT);
        List<IngredientLine> lines = List.of(line("almonds", false));
        assertThat(MenuChoice.of(cooking(lines, List.of(), handout, kit), BUILT_IN, ALL_READ)
                        .kits())
                .singleElement()
                .satisfies(kind -> assertThat(kind.attendees()).containsExactly(kit));
        assertThat(MenuChoice.of(cooking(lines, List.of(), handout), BUILT_IN, ALL_READ)
                        .kits())
                .singleElement()
                .satisfies(kind -> assertThat(kind.attendees()).containsExactly(handout));
    }

    /** What is optional in one dish and not in another is not optional. */
    @Test
    void anIngredientMayBeLeftOutOnlyWhereEveryLineOfItMay() throws Exception {
        MenuChoice choice = MenuChoice.of(
                cooking(
                        List.of(
                                line("almonds", true),
                                IngredientLine.of("more", "almonds", Optional.empty())
                                        .withOptional(false)),
                        List.of(),
                        guest("Ana", "tree-nut")),
                BUILT_IN,
                ALL_READ);
        assertThat(choice.stuck()).extracting(MenuChoice.Stuck::item).containsExactly("almonds");
        assertThat(choice.oneMenu()).isEmpty();
        assertThat(choice.cells()).extracting(MenuChoice.Cell::suits).containsExactly(Suits.CANNOT);
    }
}
