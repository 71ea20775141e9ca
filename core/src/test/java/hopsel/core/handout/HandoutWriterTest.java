package hopsel.core.handout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.After;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Handout.DishPart;
import hopsel.core.handout.Handout.ForYou;
import hopsel.core.handout.Handout.Line;
import hopsel.core.handout.Handout.Line.State;
import hopsel.core.handout.Handout.StepPart;
import hopsel.core.handout.Handout.Swap;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A satay for two, as four people take it home: every line, every step and every "for you" of it. */
class HandoutWriterTest {

    private static final Item PEANUTS = plant("peanuts", "Peanuts").withAllergens(Set.of(Allergen.PEANUT));
    private static final Item SEEDS =
            plant("sunflower-seeds", "Sunflower seeds").withGramsPerMl(Optional.of(new BigDecimal("0.6")));
    private static final Item TAMARI = plant("tamari", "Tamari")
            .withAllergens(Set.of(Allergen.SOY))
            .withGramsPerMl(Optional.of(new BigDecimal("1.2")));
    private static final Item CHILLI = plant("chilli", "Red chilli");
    private static final Item LIME =
            plant("lime-juice", "Lime juice").withGramsPerMl(Optional.of(new BigDecimal("1.02")));
    private static final Item SALT = plant("salt", "Salt");
    private static final Item SUGAR = Item.nameOnly("palm-sugar", "Palm sugar");
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(PEANUTS, SEEDS, TAMARI, CHILLI, LIME, SALT, SUGAR));

    private static final Substitution NO_PEANUT = new Substitution(
            "peanuts",
            "sunflower-seeds",
            new BigDecimal("0.9"),
            Optional.empty(),
            Optional.of("toast them well"),
            Optional.of("milder, and greener"));

    private static Item plant(String id, String name) {
        return Item.nameOnly(id, name).withOrigin(Origin.PLANT).withTolerance(Optional.of(BigDecimal.ONE));
    }

    private static IngredientLine line(Item item, String amount, Unit unit) {
        BigDecimal number = new BigDecimal(amount);
        return IngredientLine.of(item.id(), item.id(), Optional.of(new Amount(number, number, unit, Optional.empty())));
    }

    private static Step step(String id, Work work, int minutes, Item... uses) {
        return Step.of(id, id, StepMinutes.of(Minutes.of(minutes)), work)
                .withShow(Show.MAY)
                .withUses(List.of(uses).stream()
                        .map(item -> new Use(item.id(), BigDecimal.ONE))
                        .toList());
    }

    private static CookingClass satay(Substitution... known) {
        IngredientLine lime = line(LIME, "30", Unit.ML)
                .withByTaste(Optional.of(new ByTaste(
                        BigDecimal.valueOf(10), BigDecimal.valueOf(5), BigDecimal.valueOf(40), "sharp, not sour")));
        List<IngredientLine> lines = List.of(
                line(PEANUTS, "100", Unit.G).withPrep(Optional.of("roasted")),
                line(TAMARI, "15", Unit.ML).withFrom(Source.HOME),
                line(CHILLI, "10", Unit.G).withOptional(true),
                lime,
                line(SUGAR, "8", Unit.G).withSaid(Optional.of("jaggery")),
                IngredientLine.of("salt", "salt", Optional.empty()));
        Step blend = step("blend", Work.HANDS, 5, PEANUTS, CHILLI, SALT)
                .withText(Optional.of("Blend 100 g peanuts with the chilli."));
        Step simmer = step("simmer", Work.WATCH, 12, TAMARI, SUGAR).withAfter(List.of(After.of("blend")));
        Step rest = step("rest", Work.REST, 30, LIME).withAfter(List.of(After.of("simmer")));
        Dish dish = new Dish(
                "satay",
                "Satay sauce",
                BigDecimal.valueOf(2),
                List.of(new Component("sauce", "Sauce", lines, List.of(blend, simmer, rest))));
        CookingClass fresh = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(dish));
        return fresh.withMenu(fresh.menu().withSubstitutions(List.of(known)));
    }

    private static DishPart handout(CookingClass cooking, String servings, HostWords words, String... avoids) {
        Attendee guest = new Attendee(
                "a1", "Ana", List.of(avoids), new BigDecimal(servings), Optional.empty(), Attendee.Gets.BOTH);
        Plan plan = new Plan(Verdict.FITS, 3600, 0, List.of(), List.of(), List.of(), List.of());
        return HandoutWriter.write(cooking, CATALOGUE, Batches.of(cooking, CATALOGUE, plan), guest, words, Set.of())
                .dishes()
                .get(0);
    }

    private static Line line(DishPart dish, Item item) {
        return dish.components().get(0).lines().stream()
                .filter(own -> own.id().equals(item.id()))
                .findFirst()
                .orElseThrow();
    }

    private static StepPart step(DishPart dish, String id) {
        return dish.components().get(0).steps().stream()
                .filter(part -> part.step().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void forTwiceAsManyEverythingIsTwiceAsMuchInTheListAndInTheText() {
        DishPart four = handout(satay(), "4", HostWords.NONE);
        Line peanuts = line(four, PEANUTS);
        assertThat(peanuts.amount()).contains("200 g");
        assertThat(peanuts.grams()).get().satisfies(grams -> assertThat(grams).isEqualByComparingTo("200"));
        assertThat(peanuts.prep()).contains("roasted");
        assertThat(peanuts.state()).isEqualTo(State.AS_WRITTEN);
        assertThat(peanuts.checkLabel()).isFalse();
        assertThat(line(four, TAMARI).from()).isEqualTo(Source.HOME);
        assertThat(line(four, SALT).amount()).as("to taste").isEmpty();
        assertThat(line(four, SALT).grams()).isEmpty();
        assertThat(step(four, "blend").text()).isEqualTo("Blend 200 g peanuts with the chilli.");
        assertThat(step(four, "blend").foryou()).isEmpty();
    }

    @Test
    void aGuessStandsInTheRecipesOwnWordsWithItsLabelToRead() {
        Line sugar = line(handout(satay(), "2", HostWords.NONE), SUGAR);
        assertThat(sugar.name()).isEqualTo("jaggery");
        assertThat(sugar.checkLabel()).isTrue();
    }

    @Test
    void workIsAddedUpByKindAndTheWholeIsTheLongestChain() {
        DishPart dish = handout(satay(), "2", HostWords.NONE);
        assertThat(List.of(dish.handsOn(), dish.watched(), dish.unattended())).containsExactly(300, 720, 1800);
        assertThat(dish.elapsed()).isEqualTo(300 + 720 + 1800);
        assertThat(dish.strands()).hasSize(1);
        assertThat(dish.strands().get(0).bars())
                .extracting(Strand.Bar::title, Strand.Bar::from, Strand.Bar::to)
                .containsExactly(tuple("blend", 0, 300), tuple("simmer", 300, 1020), tuple("rest", 1020, 2820));
    }

    @Test
    void whatGoesInByTasteHasItsStartItsStepAndItsCeilingForTheirServings() {
        assertThat(step(handout(satay(), "4", HostWords.NONE), "rest").tastes())
                .containsExactly(new Seasoning("Lime juice", "20 ml", "5 ml", "80 ml", "sharp, not sour"));
        assertThat(step(handout(satay(), "4", HostWords.NONE), "blend").tastes())
                .isEmpty();
    }

    @Test
    void whatStandsInIsWeighedAndSaidWhereItGoesIn() {
        DishPart own = handout(satay(NO_PEANUT), "2", HostWords.NONE, "peanut");
        Line seeds = line(own, PEANUTS);
        assertThat(seeds.name()).isEqualTo("Sunflower seeds");
        assertThat(seeds.item()).isEqualTo("sunflower-seeds");
        assertThat(seeds.state()).isEqualTo(State.SUBSTITUTED);
        assertThat(seeds.insteadOf()).contains("Peanuts");
        assertThat(seeds.reasons()).containsExactly("peanut");
        assertThat(seeds.grams()).get().satisfies(grams -> assertThat(grams).isEqualByComparingTo("90"));
        assertThat(seeds.amount())
                .as("90 g are 10 tablespoons of seeds: too many to count out")
                .contains("90 g");
        assertThat(seeds.working().terms()).contains(new Working.Term(Working.Operation.RATIO, List.of("0.9")));
        assertThat(step(own, "blend").foryou()).containsExactly(new ForYou("Peanuts", Optional.of("Sunflower seeds")));
        assertThat(own.allergens()).containsExactly(Allergen.SOY);
        assertThat(line(handout(satay(NO_PEANUT), "1", HostWords.NONE, "peanut"), PEANUTS)
                        .amount())
                .contains("5 tbsp");
    }

    @Test
    void whatMayBeLeftOutIsLeftOutAndWhatCannotBeIsRefused() {
        DishPart mild = handout(satay(), "2", HostWords.NONE, "chilli");
        assertThat(line(mild, CHILLI).state()).isEqualTo(State.LEFT_OUT);
        assertThat(line(mild, CHILLI).reasons()).containsExactly("chilli");
        assertThat(step(mild, "blend").foryou()).containsExactly(new ForYou("Red chilli", Optional.empty()));
        DishPart refused = handout(satay(), "2", HostWords.NONE, "peanut");
        assertThat(line(refused, PEANUTS).state()).isEqualTo(State.CANNOT_SERVE);
        assertThat(line(refused, PEANUTS).reasons()).containsExactly("peanut");
        assertThat(refused.allergens()).as("it is still named").contains(Allergen.PEANUT);
        assertThat(step(refused, "blend").foryou()).containsExactly(new ForYou("Peanuts", Optional.empty()));
    }

    /** 100 g peanuts, 15 g tamari as weighed, 10 g chilli, 30.6 g lime juice and 8 g sugar are eaten. */
    @Test
    void whatIsLeftOutIsNotEaten() {
        BigDecimal all = handout(satay(), "2", HostWords.NONE).nutrition().grams();
        BigDecimal mild =
                handout(satay(), "2", HostWords.NONE, "chilli").nutrition().grams();
        BigDecimal refused =
                handout(satay(), "2", HostWords.NONE, "peanut").nutrition().grams();
        assertThat(all.subtract(mild)).isEqualByComparingTo("10");
        assertThat(all.subtract(refused)).isEqualByComparingTo("100");
    }

    @Test
    void whatCouldStandInIsOfferedToThoseWhoMayHaveIt() {
        assertThat(handout(satay(NO_PEANUT), "2", HostWords.NONE).swaps())
                .containsExactly(new Swap("Peanuts", "Sunflower seeds", "milder, and greener"));
        assertThat(handout(satay(NO_PEANUT.withEffect(Optional.empty())), "2", HostWords.NONE)
                        .swaps())
                .extracting(Swap::effect)
                .containsExactly("toast them well");
        assertThat(handout(satay(NO_PEANUT), "2", HostWords.NONE, "sunflower-seeds")
                        .swaps())
                .as("whoever avoids it is not told to try it")
                .isEmpty();
        assertThat(handout(satay(NO_PEANUT), "2", HostWords.NONE, "peanut").swaps())
                .as("it stands in already")
                .isEmpty();
        assertThat(handout(satay(NO_PEANUT.withReplaced("coconut")), "2", HostWords.NONE)
                        .swaps())
                .as("nothing of it is in the dish")
                .isEmpty();
    }

    @Test
    void howLongItKeepsIsWhatTheHostSaidAndNothingElse() {
        assertThat(handout(satay(), "2", HostWords.NONE).keeping())
                .isEqualTo(new Keeping(Optional.empty(), Optional.empty(), Optional.empty()));
        DishWords said = new DishWords(
                "",
                Map.of(),
                "",
                Optional.of(3),
                Optional.of(0),
                "gently, with a spoon of water",
                List.of(),
                List.of(),
                Map.of(),
                Optional.empty());
        HostWords words = new HostWords("", Map.of("satay", said), Map.of());
        assertThat(handout(satay(), "2", words).keeping())
                .isEqualTo(new Keeping(Optional.of(3), Optional.of(0), Optional.of("gently, with a spoon of water")));
    }
}
