package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.core.mise.Batches.Making;
import hopsel.core.mise.Batches.Portion;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/**
 * What goes into the demo batch and into a swap-out: dumplings for two, shown for four. The filling is not shown, the
 * wraps are folded and baked before everybody, and brushed where there is time for it.
 */
class BatchesTest {

    private static final Catalogue CATALOGUE = Catalogue.of(
            List.of(Item.nameOnly("beans", "Beans"), Item.nameOnly("flour", "Flour"), Item.nameOnly("oil", "Oil")));
    private static final StepRef BAKE = new StepRef("dumplings", "bake");
    private static final StepRef SERVE = new StepRef("dumplings", "serve");
    private static final StepRef BRUSH = new StepRef("dumplings", "brush");

    private final CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
            .with(List.of(dumplings("dumplings"), dumplings("parcels")));

    private static IngredientLine line(String item, int grams) {
        BigDecimal high = BigDecimal.valueOf(grams);
        return IngredientLine.of(item, item, Optional.of(new Amount(high, high, Unit.G, Optional.empty())));
    }

    private static Step step(String id, Show show, String before, Use... uses) {
        return Step.of(id, id, StepMinutes.of(Minutes.of(5)), Work.HANDS)
                .withShow(show)
                .withAfter(before.isEmpty() ? List.of() : List.of(After.of(before)))
                .withUses(List.of(uses));
    }

    private static Dish dumplings(String id) {
        List<IngredientLine> lines =
                List.of(line("beans", 100), line("flour", 200), IngredientLine.of("oil", "oil", Optional.empty()));
        List<Step> steps = List.of(
                step("fill", Show.NEVER, "", new Use("beans", BigDecimal.ONE)),
                step("fold", Show.MUST, "fill", new Use("flour", new BigDecimal("0.5"))),
                step("brush", Show.MAY, "fold", new Use("oil", BigDecimal.ONE)),
                step("bake", Show.MUST, "brush"),
                step("serve", Show.MUST, "bake", new Use("flour", new BigDecimal("0.1"))));
        return new Dish(id, id, BigDecimal.valueOf(2), List.of(new Component("all", "All", lines, steps)));
    }

    private Batches batches(List<StepRef> swaps, List<StepRef> notShown) {
        return Batches.of(cooking, CATALOGUE, new Plan(Verdict.FITS, 3600, 0, swaps, notShown, List.of(), List.of()));
    }

    private static List<String> grams(List<Portion> portions) {
        return portions.stream()
                .map(portion -> portion.line().id() + " "
                        + portion.grams().stripTrailingZeros().toPlainString())
                .toList();
    }

    private List<String> into(Batches batches, String step, Copy copy) {
        return grams(batches.portions(new StepRef("dumplings", step), copy));
    }

    @Test
    void withoutASwapOutThereIsTheDemoBatchAndEachStepIsDoneOnce() {
        Batches demo = batches(List.of(), List.of());
        assertThat(into(demo, "fill", Copy.MAIN)).as("100 g for two").containsExactly("beans 200");
        assertThat(into(demo, "fold", Copy.MAIN)).as("half of the flour").containsExactly("flour 200");
        assertThat(into(demo, "brush", Copy.MAIN)).as("to taste").containsExactly("oil 0");
        assertThat(demo.makings()).hasSize(10).extracting(Making::copy).containsOnly(Copy.MAIN);
        assertThat(demo.swapPortions(cooking.dish("dumplings"))).isEmpty();
    }

    @Test
    void whatIsShownIsDoneAgainForASwapOutAndWhatIsNotIsMadeInOneLargerQuantity() {
        Batches swapped = batches(List.of(BAKE), List.of());
        Copy copy = Copy.swap(BAKE);
        assertThat(into(swapped, "fill", Copy.MAIN)).as("once, for both").containsExactly("beans 400");
        assertThat(into(swapped, "fold", Copy.MAIN)).containsExactly("flour 200");
        assertThat(into(swapped, "fold", copy)).containsExactly("flour 200");
        assertThat(into(swapped, "serve", Copy.MAIN)).as("comes after it").containsExactly("flour 40");
        assertThat(swapped.makings())
                .filteredOn(making -> making.step().dish().equals("dumplings"))
                .extracting(making -> making.step().step(), Making::copy)
                .containsExactly(
                        tuple("fill", Copy.MAIN),
                        tuple("fold", Copy.MAIN),
                        tuple("fold", copy),
                        tuple("brush", Copy.MAIN),
                        tuple("brush", copy),
                        tuple("bake", Copy.MAIN),
                        tuple("bake", copy),
                        tuple("serve", Copy.MAIN));
        assertThat(grams(swapped.swapPortions(cooking.dish("dumplings"))))
                .as("what it costs: all that it is made of")
                .containsExactlyInAnyOrder("beans 200", "flour 200", "oil 0");
    }

    @Test
    void aStepThatMayBeShownAndIsNotIsSharedToo() {
        Batches swapped = batches(List.of(BAKE), List.of(BRUSH));
        assertThat(swapped.makings()).doesNotContain(new Making(BRUSH, Copy.swap(BAKE)));
        assertThat(grams(swapped.swapPortions(cooking.dish("dumplings")))).contains("oil 0");
    }

    @Test
    void theSameDishUnderAnotherNameHasNoPartInIt() {
        Batches swapped = batches(List.of(BAKE), List.of());
        assertThat(grams(swapped.portions(new StepRef("parcels", "fill"), Copy.MAIN)))
                .containsExactly("beans 200");
        assertThat(swapped.swapPortions(cooking.dish("parcels"))).isEmpty();
    }

    @Test
    void onlyWhatADishEndsWithCanBeTasted() {
        Batches both = batches(List.of(BAKE, SERVE), List.of());
        assertThat(both.swappedFinals(cooking.dish("dumplings"))).isEqualTo(1);
        assertThat(both.swappedFinals(cooking.dish("parcels"))).isZero();
        assertThat(into(both, "fill", Copy.MAIN)).as("for three copies").containsExactly("beans 600");
    }
}
