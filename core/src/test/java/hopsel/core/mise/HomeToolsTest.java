package hopsel.core.mise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.measure.Minutes;
import hopsel.core.mise.HomeTools.Tool;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/** What somebody needs at home, and what they said they lack. */
class HomeToolsTest {

    private static final Dish TART = new Dish(
            "tart",
            "Tart",
            BigDecimal.ONE,
            List.of(new Component(
                    "all",
                    "All",
                    List.of(),
                    List.of(
                            step("whirl", "Whirl the filling", "food-processor"),
                            step("warm", "Warm it through", "burner"),
                            step("bake", "Whisk once more and bake", "oven")))));
    private static final CookingClass COOKING =
            FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon")).with(List.of(TART));

    private static Step step(String id, String title, String place) {
        return Step.of(id, title, StepMinutes.of(Minutes.of(5)), Work.HANDS)
                .withNeeds(List.of(new Need(place, 1, Optional.empty(), BigDecimal.ZERO)));
    }

    private static Activity activity(String step, Copy copy) {
        return new Activity(new StepRef("tart", step), copy, true, 0, 300, Optional.empty(), List.of());
    }

    private static List<Tool> tools(List<String> has) {
        Copy copy = Copy.swap(new StepRef("tart", "bake"));
        List<Activity> activities =
                List.of(activity("warm", Copy.MAIN), activity("bake", Copy.MAIN), activity("whirl", copy));
        return HomeTools.of(COOKING, new Plan(Verdict.FITS, 600, 0, List.of(), List.of(), activities, List.of()), has);
    }

    @Test
    void aDishNamesItsToolsAndItsPlacesOnceAndNoRing() {
        assertThat(HomeTools.of(TART))
                .extracting(Tool::name, Tool::lacks)
                .containsExactly(
                        tuple("baking tray", false),
                        tuple("food processor", false),
                        tuple("oven", false),
                        tuple("oven glove", false),
                        tuple("whisk", false));
        assertThat(HomeTools.of(TART.steps().findFirst().orElseThrow()))
                .extracting(Tool::name)
                .containsExactly("food processor");
    }

    @Test
    void whoSaidNothingLacksNothingAndWhoMadeAListLacksTheAppliancesThatAreNotInIt() {
        assertThat(tools(List.of())).noneMatch(Tool::lacks);
        assertThat(tools(List.of("Big Blender")))
                .filteredOn(Tool::lacks)
                .extracting(Tool::name)
                .as("nobody lists a whisk")
                .containsExactly("oven");
        assertThat(tools(List.of("a small Oven"))).noneMatch(Tool::lacks);
    }

    @Test
    void whatTheHostMadeEarlierNeedsNothingAtHome() {
        assertThat(tools(List.of())).extracting(Tool::name).doesNotContain("food processor");
    }
}
