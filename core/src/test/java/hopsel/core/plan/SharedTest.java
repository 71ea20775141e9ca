package hopsel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Shared;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.mise.Batches;
import hopsel.core.verify.PlanChecker;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** A pot of rice for two dishes: its time counts once, its amounts twice. */
class SharedTest {

    private static final Item RICE = Item.nameOnly("rice", "Rice").withOrigin(Origin.PLANT);
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(RICE));

    private static Dish dish(String id, double ownMinutes, String grams) {
        Step boil = SmallClass.hands("boil", 12).step();
        Step uses = boil.withUses(List.of(new Use("rice", BigDecimal.ONE)));
        IngredientLine line = IngredientLine.of("rice", "rice", Optional.of(Amount.of(new BigDecimal(grams), Unit.G)));
        return new Dish(
                id,
                id,
                BigDecimal.ONE,
                List.of(
                        new Component("pot", "Pot of rice", List.of(line), List.of(uses)),
                        new Component(
                                "own",
                                "own",
                                List.of(),
                                List.of(SmallClass.hands("fry", ownMinutes)
                                        .after("boil")
                                        .step()))));
    }

    private static CookingClass cooking() {
        return SmallClass.of(60).build().with(List.of(dish("laksa", 5, "200"), dish("curry", 7, "150")));
    }

    @Test
    void itsStepsAreDoneOnceAndItsAmountsAddUp() {
        CookingClass apart = cooking();
        Shared pot = Shared.find(
                        apart,
                        apart.dish("curry"),
                        apart.dish("curry").components().get(0))
                .orElseThrow();
        CookingClass together = apart.withShared(List.of(pot));
        assertThat(ClassReview.of(together, CATALOGUE)).isEmpty();
        Plan plan = Planner.plan(together);
        assertThat(PlanChecker.check(together, plan)).isEmpty();
        assertThat(Planner.plan(apart).airEnd()).isEqualTo(36 * 60);
        assertThat(plan.airEnd()).isEqualTo(24 * 60);
        assertThat(plan.activities())
                .extracting(Activity::step)
                .containsExactlyInAnyOrder(
                        new StepRef("laksa", "boil"), new StepRef("laksa", "fry"), new StepRef("curry", "fry"));
        assertThat(Batches.of(together, CATALOGUE, plan).portions(new StepRef("laksa", "boil"), Copy.MAIN))
                .extracting(portion -> portion.grams().intValue())
                .containsExactly(200, 150);
    }

    @Test
    void whatIsNotTheSameIsRefusedWithTheReason() {
        CookingClass apart = cooking();
        Shared unlike = new Shared(new ComponentRef("laksa", "pot"), new ComponentRef("curry", "own"));
        Shared gone = new Shared(new ComponentRef("laksa", "pan"), new ComponentRef("curry", "pot"));
        assertThat(ClassReview.of(apart.withShared(List.of(unlike)), CATALOGUE))
                .extracting(Finding::message)
                .singleElement()
                .asString()
                .contains("not the same steps");
        assertThat(ClassReview.of(apart.withShared(List.of(gone)), CATALOGUE))
                .extracting(Finding::place)
                .asString()
                .contains("shared/0/made");
    }
}
