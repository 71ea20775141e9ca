package hopsel.formats.handout;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.Fallback;
import hopsel.core.air.Fallback.StandsIn;
import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Notes;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.OwnMenu;
import hopsel.core.dish.Dish;
import hopsel.core.dish.StepRef;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.vote.IdeaCost;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What stands in when something fails on air, and what an idea for a class would take. */
class FallbackTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();

    @Test
    void whatIsMadeEarlierComesFirstAndNoIngredientIsOfferedThatSomebodyHereAvoids() throws Exception {
        CookingClass any = Samples.cooking("c01-dumplings-laksa");
        CookingClass cooking = any.withAttendees(List.of(new Attendee(
                "a",
                "Ana",
                List.of("soy", "tree-nut", "sesame"),
                BigDecimal.ONE,
                Optional.empty(),
                Attendee.Gets.BOTH)));
        Plan plan = Planner.plan(cooking);
        int offered = 0;
        for (Dish dish : cooking.dishes()) {
            for (String step : dish.steps().map(own -> own.id()).toList()) {
                List<Fallback> found = Fallback.of(cooking, BUILT_IN, plan, new StepRef(dish.id(), step));
                // What was made on the way to it was used up for it.
                boolean earlier = plan.swaps().contains(new StepRef(dish.id(), step));
                assertThat(!found.isEmpty() && found.get(0).kind() == StandsIn.MADE_EARLIER)
                        .isEqualTo(earlier);
                for (Fallback fallback : found) {
                    if (fallback.kind() == StandsIn.INGREDIENT) {
                        offered++;
                        assertThat(OwnMenu.avoided(
                                        cooking.catalogue(BUILT_IN).get(fallback.instead()),
                                        cooking.attendees().get(0)))
                                .isEmpty();
                    }
                }
            }
        }
        assertThat(offered).isPositive();
    }

    @Test
    void anIdeaTakesWhatItsDishesTakeAndCountsEachRegularWhoCannotEatItOnce() throws Exception {
        CookingClass any = Samples.cooking("c01-dumplings-laksa");
        List<Draft> sheets = any.dishes().stream()
                .map(dish -> new Draft(dish, any.items(), any.measures(), Notes.NONE))
                .toList();
        Attendee wheat = new Attendee(
                "a", "Ana", List.of("gluten", "soy"), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH);
        Attendee none = new Attendee("b", "Bo", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH);
        IdeaCost cost = IdeaCost.of(sheets, BUILT_IN, List.of(wheat, none));
        assertThat(cost.handsOn())
                .isEqualTo(any.dishes().stream()
                        .mapToInt(dish -> DishTimes.of(dish).handsOn())
                        .sum());
        assertThat(cost.longest())
                .isEqualTo(any.dishes().stream()
                        .mapToInt(dish -> DishTimes.of(dish).elapsed())
                        .max()
                        .orElseThrow());
        assertThat(cost.avoid()).isEqualTo(1);
        assertThat(cost.avoided()).containsOnlyKeys("gluten", "soy").containsEntry("soy", 1);
        assertThat(cost.perServing())
                .isEqualByComparingTo(
                        cost.parts().stream().map(IdeaCost.Part::perServing).reduce(BigDecimal.ZERO, BigDecimal::add))
                .isPositive();
        assertThat(cost.regulars()).isEqualTo(2);
        assertThat(IdeaCost.of(List.of(), BUILT_IN, List.of(wheat)).avoid()).isZero();
    }
}
