package hopsel.formats.diet;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.diet.DishCheck;
import hopsel.core.diet.Doubt;
import hopsel.core.diet.Doubt.Why;
import hopsel.core.diet.Guess;
import hopsel.core.diet.LabelFinding;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Passages;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Attendee.Gets;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.measure.Minutes;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is in doubt in a dish, rule by rule: words in titles, steps, cuts, passages; guesses; labels. */
class DishCheckTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final List<Item> RICE = List.of(CATALOGUE.get("white-rice"));

    private static IngredientLine line(String item) {
        return IngredientLine.of(item, item, Optional.empty());
    }

    private static Dish dish(String title, String part, String text, IngredientLine... lines) {
        Step step = Step.of("cook", "Cook", StepMinutes.of(Minutes.of(5)), Work.HANDS)
                .withText(Optional.of(text));
        return new Dish(
                "dish", title, BigDecimal.ONE, List.of(new Component("part", part, List.of(lines), List.of(step))));
    }

    private static Attendee guest(String... avoids) {
        return new Attendee("g", "Ana", List.of(avoids), BigDecimal.ONE, Optional.empty(), Gets.BOTH);
    }

    private static DishCheck check(Dish dish) {
        return DishCheck.of(dish, CATALOGUE, Set.of());
    }

    private static List<Why> why(Dish dish) {
        return check(dish).doubts(RICE).stream().map(Doubt::why).toList();
    }

    /** A word of an allergen that no line speaks of, wherever it stands, is heard. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Peanut bowl|Rice|Serve.|true",
                "Bowl|Peanut sauce|Serve.|true",
                "Bowl|Rice|Scatter the peanuts over.|true",
                "Bowl|Rice|Serve.|false"
            })
    void aWordOfAnAllergenIsHeardWhereverItStands(String title, String part, String text, boolean heard) {
        Dish dish = dish(title, part, text, line("white-rice"));
        assertThat(why(dish)).isEqualTo(heard ? List.of(Why.SPOKEN) : List.of());
        assertThat(check(dish).isSure(guest("peanut"), RICE)).isEqualTo(!heard);
        assertThat(check(dish).madeWithout(guest("peanut"), RICE)).isEqualTo(heard ? List.of() : List.of("peanut"));
        // Whoever does not avoid it is not held up by it.
        assertThat(check(dish).isSure(guest("sesame"), RICE)).isTrue();
        assertThat(check(dish).doubtsFor(guest("sesame"), RICE)).isEmpty();
        assertThat(check(dish).doubtsFor(guest("peanut"), RICE)).hasSize(heard ? 1 : 0);
        assertThat(check(dish).madeWithout(guest("sesame"), RICE)).containsExactly("sesame");
    }

    @Test
    void cuesCutsAndWhatWasLaidAsideSpeakToo() {
        Dish plain = dish("Bowl", "Rice", "Serve.", line("white-rice"));
        Dish cue = plain.change("cook", step -> step.withCue(Optional.of("The sesame is golden")));
        Dish cut = plain.changeLine("white-rice", own -> own.withPrep(Optional.of("rolled in sesame")));
        Dish aside = plain.withPassages(new Passages(List.of(), List.of("Some like sesame on it.")));
        for (Dish dish : List.of(cue, cut, aside)) {
            assertThat(why(dish)).containsExactly(Why.SPOKEN);
            assertThat(check(dish).isSure(guest("sesame"), RICE)).isFalse();
        }
        Dish unread = plain.withPassages(Passages.unread(List.of("And the rest of it.")));
        assertThat(why(unread)).containsExactly(Why.UNREAD);
        assertThat(check(unread).madeWithout(guest("sesame"), RICE)).isEmpty();
        assertThat(check(unread).isSure(guest(), RICE)).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It smells of sesame.|false",
                "Until it smells like bread.|false",
                "Blend until thick like butter.|false",
                "Scatter something crunchy like peanuts over.|true",
                "Some like sesame on it.|true",
                "A sesame-free sauce.|false",
                "Add a spoon of sesame.|true"
            })
    void whatIsOnlyComparedIsNotInIt(String text, boolean heard) {
        assertThat(why(dish("Bowl", "Rice", text, line("white-rice"))))
                .isEqualTo(heard ? List.of(Why.SPOKEN) : List.of());
    }

    /** What a line has is spoken of in its steps: that is no doubt. The same word for something else is one. */
    @Test
    void whatIsListedMayBeSpokenOf() {
        Dish listed = dish("Bowl", "Rice", "Scatter the peanuts over.", line("white-rice"), line("peanuts"));
        assertThat(why(listed)).isEmpty();
        Dish seeds = dish("Bowl", "Rice", "Scatter the sesame over.", line("sesame-seeds"));
        assertThat(why(seeds)).isEmpty();
        Dish butter = dish("Bowl", "Rice", "Scatter the peanuts over.", line("peanut-butter"));
        assertThat(why(butter)).contains(Why.SPOKEN);
    }

    /** By the whole of its name; a guess that swallowed another food is heard by that food's name. */
    @Test
    void aNameIsKnownByItselfAndByItsLastWords() {
        Dish named = dish("Bowl", "Rice", "Scatter the roasted peanuts over.", line("white-rice"), line("peanuts"));
        assertThat(why(named)).isEmpty();
        Dish whole = dish("Bowl", "Rice", "Spread the peanut butter.", line("white-rice"), line("peanut-butter"));
        assertThat(why(whole)).isEmpty();
        Dish longer = dish("Bowl", "Rice", "Spread the peanut butter.", line("white-rice"), line("peanuts"));
        assertThat(why(longer)).as("peanuts are no peanut butter").isEqualTo(List.of(Why.SPOKEN));
        IngredientLine drops = line("dark-chocolate").withSaid(Optional.of("milk chocolate drops"));
        Dish guessed = dish("Bowl", "Rice", "Serve.", line("white-rice"), drops);
        assertThat(check(guessed).doubts(RICE)).contains(new Doubt(Why.SPOKEN, "milk chocolate"));
        Item taken = CATALOGUE.get("white-rice").guessedAs("almond milk rice", "almond-milk-rice");
        DishCheck own = DishCheck.of(
                dish("Bowl", "Rice", "Serve.", line(taken.id())), CATALOGUE.with(List.of(taken)), Set.of());
        assertThat(own.doubts(List.of(taken))).extracting(Doubt::why).contains(Why.SPOKEN);
    }

    /** Seeds are called by what they are the seeds of; anything else is not. */
    @Test
    void seedsAreCalledByTheirPlant() {
        Item plant = Item.nameOnly("quay", "Quayweed").withAllergens(Set.of(Allergen.SESAME));
        Item seeds = Item.nameOnly("quay-seeds", "Quayweed seeds").withAllergens(Set.of(Allergen.SESAME));
        Item paste = Item.nameOnly("quay-paste", "Quayweed paste").withAllergens(Set.of(Allergen.SESAME));
        Catalogue catalogue = CATALOGUE.with(List.of(plant, seeds, paste));
        for (Item listed : List.of(seeds, paste)) {
            Dish dish = dish("Bowl", "Rice", "Scatter the quayweed over.", line("white-rice"), line(listed.id()));
            assertThat(DishCheck.of(dish, catalogue, Set.of()).doubts(RICE))
                    .extracting(Doubt::why)
                    .isEqualTo(listed.equals(seeds) ? List.of() : List.of(Why.SPOKEN));
        }
    }

    /** Of a sauce that is made here its own words count, not what is in a bought one of that name. */
    @Test
    void aSauceThatIsMadeHereIsNotTheBoughtOne() {
        Item bought = Item.nameOnly("quay-sauce", "Peanut sauce")
                .withOrigin(Origin.PLANT)
                .withAllergens(Set.of(Allergen.PEANUT, Allergen.SOY));
        Catalogue catalogue = CATALOGUE.with(List.of(bought));
        Dish made = dish("Bowl", "Peanut sauce", "Pour the peanut sauce over.", line("white-rice"));
        Dish poured = dish("Bowl", "Rice", "Pour the peanut sauce over.", line("white-rice"));
        DishCheck own = DishCheck.of(made, catalogue, Set.of());
        DishCheck other = DishCheck.of(poured, catalogue, Set.of());
        assertThat(own.madeWithout(guest("soy"), RICE)).containsExactly("soy");
        assertThat(own.madeWithout(guest("peanut"), RICE)).isEmpty();
        assertThat(other.madeWithout(guest("soy"), RICE)).isEmpty();
        assertThat(other.madeWithout(guest("peanut"), RICE)).isEmpty();
    }

    /** Whoever cannot have fig jam cannot have the spiced one, whatever its number in the catalogue. */
    @Test
    void nothingIsMadeWithoutWhatItIsAKindOf() {
        Item jam = Item.nameOnly("fig-jam", "Fig jam").withOrigin(Origin.PLANT);
        Item spiced = Item.nameOnly("own-17", "Spiced fig jam").withOrigin(Origin.PLANT);
        Item figs = Item.nameOnly("own-18", "Figs").withOrigin(Origin.PLANT);
        Catalogue catalogue = CATALOGUE.with(List.of(
                jam.withPacks(List.of(new Pack(BigDecimal.TEN, BigDecimal.ONE))),
                spiced.withPacks(List.of(new Pack(BigDecimal.TEN, BigDecimal.ONE))),
                figs.withPacks(List.of(new Pack(BigDecimal.TEN, BigDecimal.ONE)))));
        DishCheck check = DishCheck.of(dish("Bowl", "Rice", "Serve.", line("white-rice")), catalogue, Set.of());
        assertThat(check.madeWithout(guest("fig-jam"), List.of(catalogue.get("own-17"))))
                .isEmpty();
        assertThat(check.madeWithout(guest("fig-jam"), List.of(catalogue.get("own-18"))))
                .containsExactly("fig-jam");
    }

    /** Stock without celery is called stock in its steps, and that is no word of the other one. */
    @Test
    void whatIsWithoutSomethingIsSpokenOfWithoutThat() {
        Dish stock = dish("Bowl", "Rice", "Pour in the vegetable stock.", line("plain-stock"));
        assertThat(check(stock).doubts(List.of())).extracting(Doubt::why).doesNotContain(Why.SPOKEN);
        Dish other = dish("Bowl", "Rice", "Pour in the vegetable stock.", line("white-rice"));
        assertThat(why(other)).contains(Why.SPOKEN);
    }

    /**
     * The broth that the component Broth makes, and the flatbreads' "breads", are no ingredients; peanuts never are.
     */
    @Test
    void whatIsMadeHereIsNoIngredient() {
        assertThat(why(dish("Flatbreads", "Dough", "Shape the breads.", line("white-rice"))))
                .isEmpty();
        assertThat(why(dish("Bowl", "Rice", "Shape the bread.", line("white-rice"))))
                .containsExactly(Why.SPOKEN);
        assertThat(why(dish("Peanuts", "Peanuts", "Serve the peanuts.", line("white-rice"))))
                .contains(Why.SPOKEN);
    }

    @Test
    void aGuessIsInDoubtWithTheRecipesOwnWords() {
        IngredientLine guessed = line("white-rice").withSaid(Optional.of("pudding grains"));
        Dish dish = dish("Bowl", "Rice", "Serve.", guessed);
        assertThat(check(dish).doubts(RICE)).containsExactly(new Doubt(Why.GUESSED, "pudding grains"));
        assertThat(check(dish).madeWithout(guest("sesame"), RICE)).isEmpty();
        Dish milky = dish("Bowl", "Rice", "Serve.", line("white-rice").withSaid(Optional.of("milk rice")));
        assertThat(check(milky).doubts(RICE)).extracting(Doubt::why).contains(Why.GUESSED);
        assertThat(check(milky).isSure(guest("milk"), RICE)).isFalse();
    }

    @Test
    void aLabelIsInDoubtUntilSomebodyReadIt() {
        Item miso = CATALOGUE.items().stream()
                .filter(item -> item.origin() == Origin.CHECK_LABEL)
                .findFirst()
                .orElseThrow();
        Dish dish = dish("Bowl", "Rice", "Serve.", line(miso.id()));
        assertThat(DishCheck.of(dish, CATALOGUE, Set.of()).doubts(List.of(miso)))
                .extracting(Doubt::why)
                .contains(Why.LABEL);
        assertThat(DishCheck.of(dish, CATALOGUE, Set.of(miso.id())).doubts(List.of(miso)))
                .extracting(Doubt::why)
                .doesNotContain(Why.LABEL);
    }

    /** Whoever said something that nobody can check is never told that it is fine. */
    @Test
    void onesOwnWordsAreNeverSure() {
        Dish dish = dish("Bowl", "Rice", "Serve.", line("white-rice"));
        assertThat(check(dish).isSure(guest(), RICE)).isTrue();
        assertThat(check(dish).isSure(guest().saying(List.of("latex")), RICE)).isFalse();
    }

    /** What a label says is added to what is known, for this class alone, and takes nothing away. */
    @Test
    void aLabelAddsAllergensAndNeverTakesAnyAway() {
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon"));
        Catalogue known = cooking.catalogue(CATALOGUE);
        CookingClass read = LabelFinding.apply(cooking, known, "peanut-butter", Set.of(Allergen.SESAME), false);
        Item butter = read.catalogue(CATALOGUE).get("peanut-butter");
        assertThat(butter.allergens()).contains(Allergen.PEANUT, Allergen.SESAME);
        assertThat(butter.origin()).isNotEqualTo(Origin.ANIMAL);
        CookingClass again = LabelFinding.apply(read, read.catalogue(CATALOGUE), "peanut-butter", Set.of(), true);
        assertThat(again.items()).hasSize(1);
        assertThat(again.catalogue(CATALOGUE).get("peanut-butter").allergens())
                .contains(Allergen.PEANUT, Allergen.SESAME);
        assertThat(again.catalogue(CATALOGUE).get("peanut-butter").origin()).isEqualTo(Origin.ANIMAL);
        CookingClass two = LabelFinding.apply(again, again.catalogue(CATALOGUE), "tahini", Set.of(), false);
        assertThat(two.items()).extracting(Item::id).containsExactlyInAnyOrder("peanut-butter", "tahini");
    }

    /** A guess that somebody confirmed is the ingredient; where only the guess came along, it is known by its words. */
    @Test
    void aConfirmedGuessIsWhatItWasTakenFor() {
        Item guess = CATALOGUE.get("white-rice").guessedAs("pudding grains", "pudding-grains");
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon"))
                .bringing(List.of(guess, CATALOGUE.get("tahini")))
                .with(List.of(dish("Bowl", "Rice", "Serve.", line("pudding-grains"), line("tahini"))));
        CookingClass confirmed = Guess.confirmed(cooking, guess, CATALOGUE);
        assertThat(confirmed.items()).extracting(Item::id).containsExactly("tahini");
        assertThat(confirmed.dishes().get(0).lines())
                .extracting(IngredientLine::item)
                .containsExactly("white-rice", "tahini");
        CookingClass alone = Guess.confirmed(cooking, guess, Catalogue.of(List.of(CATALOGUE.get("tahini"))));
        assertThat(alone.items()).extracting(Item::id).containsExactly("pudding-grains", "tahini");
        assertThat(alone.items().get(0).takenFor()).isEmpty();
        assertThat(alone.dishes().get(0).lines())
                .extracting(IngredientLine::item)
                .containsExactly("pudding-grains", "tahini");
    }
}
