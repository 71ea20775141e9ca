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
}
