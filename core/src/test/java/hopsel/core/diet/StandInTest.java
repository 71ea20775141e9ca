package hopsel.core.diet;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Minutes;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/** Nuts that may be left out of a salad, and leaves that may not. */
class StandInTest {

    private static IngredientLine line(String item) {
        return IngredientLine.of(item, item, Optional.empty());
    }

    private static CookingClass salad() {
        Step toss = Step.of("toss", "Toss", StepMinutes.of(Minutes.of(2)), Work.HANDS)
                .withUses(List.of(new Use("nuts", BigDecimal.ONE), new Use("leaves", BigDecimal.ONE)));
        List<IngredientLine> lines = List.of(line("nuts").withOptional(true), line("leaves"));
        Dish dish =
                new Dish("salad", "Salad", BigDecimal.ONE, List.of(new Component("all", "All", lines, List.of(toss))));
        return FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(dish));
    }

    @Test
    void whatMayBeLeftOutIsLeftOutOfItsStepsToo() {
        Dish dish = StandIn.without(salad(), "nuts").dish("salad");
        assertThat(dish.lines()).extracting(IngredientLine::item).containsExactly("leaves");
        assertThat(dish.steps().flatMap(step -> step.uses().stream()))
                .extracting(Use::ingredient)
                .containsExactly("leaves");
    }

    @Test
    void whatMayNotBeLeftOutStays() {
        assertThat(StandIn.without(salad(), "leaves")).isEqualTo(salad());
    }

    /** What the class says comes first, and only what the kitchen knows of can stand in. */
    @Test
    void whatCouldStandInIsForThisAndIsKnown() {
        CookingClass fresh = salad();
        CookingClass saying = fresh.withMenu(fresh.menu()
                .withSubstitutions(List.of(instead("butter", "oil", "0.8"), instead("leaves", "cabbage", "1"))));
        Catalogue oil = Catalogue.of(List.of(Item.nameOnly("oil", "Oil"), Item.nameOnly("butter", "Butter")));
        assertThat(StandIn.choices(saying, oil, "butter"))
                .containsExactly(new StandIn.Choice("oil", new BigDecimal("0.8")));
        assertThat(StandIn.choices(saying, oil, "oil")).isEmpty();
    }

    private static Substitution instead(String item, String use, String ratio) {
        return new Substitution(item, use, new BigDecimal(ratio), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
