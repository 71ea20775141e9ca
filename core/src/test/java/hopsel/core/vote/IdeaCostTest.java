package hopsel.core.vote;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Notes;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Pack;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** What an idea of two dishes would take, counted by hand. */
class IdeaCostTest {

    private static final Item TOFU = Item.nameOnly("tofu", "Tofu")
            .withAllergens(Set.of(Allergen.SOY))
            .withPacks(List.of(pack("400", "3.20"), pack("200", "1.20")));
    private static final Item LEEK =
            Item.nameOnly("leek", "Leek").withEdibleShare(new BigDecimal("0.5")).withPacks(List.of(pack("1000", "3")));
    private static final Item NUTS = Item.nameOnly("nuts", "Peanuts").withAllergens(Set.of(Allergen.PEANUT));
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(TOFU, LEEK, NUTS));

    private static Pack pack(String grams, String price) {
        return new Pack(new BigDecimal(grams), new BigDecimal(price));
    }

    private static IngredientLine line(String item, int grams) {
        return IngredientLine.of(item, item, Optional.of(Amount.of(BigDecimal.valueOf(grams), Unit.G)));
    }

    private static Draft draft(String title, List<IngredientLine> lines, Step... steps) {
        return new Draft(
                new Dish(
                        title,
                        title,
                        BigDecimal.valueOf(4),
                        List.of(new Component("all", "All", lines, List.of(steps)))),
                List.of(),
                Measures.METRIC,
                Notes.NONE);
    }

    private static Step step(String id, int minutes, Work work) {
        return Step.of(id, id, StepMinutes.of(Minutes.of(minutes)), work);
    }

    private static Attendee regular(String name, String... avoids) {
        return new Attendee(name, name, List.of(avoids), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
    }

    private static final List<Draft> IDEA = List.of(
            draft(
                    "Tofu",
                    List.of(line("tofu", 400), line("nuts", 40).withOptional(true)),
                    step("cut", 10, Work.HANDS),
                    step("bake", 30, Work.WATCH).withAfter(List.of(After.of("cut")))),
            draft("Leeks", List.of(line("leek", 500), line("nuts", 40)), step("slice", 15, Work.HANDS)));

    @Test
    void handsAddUpAndTheLongestChainDecides() {
        IdeaCost cost = IdeaCost.of(IDEA, CATALOGUE, List.of());
        assertThat(cost.handsOn()).isEqualTo(25 * 60);
        assertThat(cost.longest()).isEqualTo(40 * 60);
        assertThat(IdeaCost.of(List.of(), CATALOGUE, List.of()).longest()).isZero();
    }

    /** The small block is cheaper by the gram; a kilo of leeks is half a kilo once they are trimmed. */
    @Test
    void aServingCostsWhatTheBestPackCostsAsBought() {
        IdeaCost cost = IdeaCost.of(IDEA, CATALOGUE, List.of());
        assertThat(cost.parts().get(0).perServing()).as("2.40 for 4").isEqualByComparingTo("0.6");
        assertThat(cost.parts().get(1).perServing()).as("1000 g for 4").isEqualByComparingTo("0.75");
        assertThat(cost.perServing()).isEqualByComparingTo("1.35");
        assertThat(cost.unpriced()).as("each once").containsExactly("Peanuts");
    }

    /** Nuts may be left out of the tofu and not out of the leeks. */
    @Test
    void whoeverAvoidsSomethingThatMustGoInIsCountedOnce() {
        List<Attendee> regulars = List.of(
                regular("Ana", "peanut"),
                regular("Bo", "peanut", "soy"),
                regular("Cleo", "soy"),
                regular("Dag", "egg"));
        IdeaCost cost = IdeaCost.of(IDEA, CATALOGUE, regulars);
        assertThat(cost.avoid()).isEqualTo(3);
        assertThat(cost.regulars()).isEqualTo(4);
        assertThat(cost.avoided()).containsExactlyEntriesOf(new TreeMap<>(Map.of("peanut", 2, "soy", 2)));
        assertThat(IdeaCost.of(IDEA.subList(0, 1), CATALOGUE, regulars).avoided())
                .as("nuts are left out")
                .containsExactly(Map.entry("soy", 2));
    }
}
