package hopsel.formats.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.DishChange;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.Notes;
import hopsel.core.bench.Placing;
import hopsel.core.bench.RecipeCheck;
import hopsel.core.bench.RecipeCheck.Standing;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Resize;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Recipes;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.RecipeState;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.StepMinutes;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** A dish that went from the bench into a class, and what becomes of either afterwards. */
class RecipeCheckTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final String TART =
            """
            Plum tart
            Serves 4

            Ingredients
            250 g plain flour
            400 g plums, halved

            Method
            1. Knead the flour for 5 minutes until smooth.
            2. Bake the plums for 30 minutes until they slump.
            """;
    private static final Draft RECIPE = Draft.of(
                    RecipeFile.read(TART, CATALOGUE, Measures.METRIC), TART, Measures.METRIC)
            .keptAs(new RecipeState("r-1", 1));

    private static CookingClass empty() throws Exception {
        return Samples.cooking("c01-dumplings-laksa").cooking(List.of(), List.of(), List.of());
    }

    private static CookingClass taken(Draft recipe) throws Exception {
        return Placing.into(empty(), recipe, CATALOGUE, CATALOGUE);
    }

    private static Draft slower(Draft recipe, long minutes, int state) throws RefusedEditException {
        String knead = recipe.dish().steps().findFirst().orElseThrow().id();
        return Edits.retime(recipe, knead, StepMinutes.of(Minutes.of(minutes))).keptAs(new RecipeState("r-1", state));
    }

    private static RecipeCheck check(CookingClass cooking, Draft now) {
        return RecipeCheck.of(cooking, cooking.dishes().get(0), Optional.of(RECIPE), now, CATALOGUE);
    }

    @Test
    void aRecipeThatMovedOnIsToldWithWhatIsDifferent() throws Exception {
        CookingClass cooking = taken(RECIPE);
        assertThat(cooking.dishes().get(0).recipe()).contains(new RecipeState("r-1", 1));
        assertThat(check(cooking, RECIPE).standing()).isEqualTo(Standing.SAME);
        RecipeCheck newer = check(cooking, slower(RECIPE, 8, 2));
        assertThat(newer.standing()).isEqualTo(Standing.NEWER);
        assertThat(newer.apart()).containsExactly(new DishChange("Knead the flour", "minutes", "5", "8"));
    }

    @Test
    void takenOverIntoTheClassItStandsThereForAsManyServings() throws Exception {
        CookingClass cooking = taken(RECIPE);
        Draft own = new Draft(cooking.dishes().get(0), cooking.items(), cooking.measures(), Notes.NONE);
        CookingClass eight = cooking.with(
                Resize.byServings(own, BigDecimal.valueOf(8)).sheet().dish());
        assertThat(check(eight, RECIPE).standing())
                .as("another number of servings is no difference")
                .isEqualTo(Standing.SAME);
        Draft now = slower(RECIPE, 8, 2);
        CookingClass next = RecipeCheck.intoClass(eight, eight.dishes().get(0), now, CATALOGUE, CATALOGUE);
        Dish dish = next.dishes().get(0);
        assertThat(next.dishes()).hasSize(1);
        assertThat(dish.servings()).isEqualByComparingTo("8");
        assertThat(dish.lines()
                        .findFirst()
                        .flatMap(IngredientLine::amount)
                        .orElseThrow()
                        .high())
                .isEqualByComparingTo("500");
        assertThat(dish.steps().findFirst().orElseThrow().minutes().likely()).isEqualTo(Minutes.of(8));
        assertThat(dish.recipe()).contains(new RecipeState("r-1", 2));
    }

    @Test
    void takenOverIntoTheRecipeItKeepsItsServingsItsNotesAndItsName() throws Exception {
        CookingClass cooking = taken(RECIPE);
        Dish dish = cooking.dishes().get(0);
        String knead = dish.steps().findFirst().orElseThrow().id();
        List<Rescue> rescues = List.of(new Rescue("too sticky", "flour", "1 tsp", "twice"));
        CookingClass changed = cooking.with(
                dish.change(knead, step -> step.withRescues(rescues)).withTitle("Plum tart of the house"));
        RecipeCheck other = check(changed, RECIPE);
        assertThat(other.standing()).isEqualTo(Standing.OTHER);
        assertThat(check(changed, slower(RECIPE, 8, 2)).standing()).isEqualTo(Standing.BOTH);
        Draft next = RecipeCheck.intoRecipe(changed, changed.dishes().get(0), RECIPE, CATALOGUE);
        assertThat(next.step(knead).orElseThrow().rescues()).isEqualTo(rescues);
        assertThat(next.dish().title()).isEqualTo("Plum tart");
        assertThat(next.notes()).isEqualTo(RECIPE.notes());
        assertThat(next.dish().servings()).isEqualByComparingTo("4");
    }

    @Test
    void whereNobodyKnowsWhatWasTakenNobodyIsBlamed() throws Exception {
        CookingClass cooking = taken(RECIPE);
        RecipeCheck check =
                RecipeCheck.of(cooking, cooking.dishes().get(0), Optional.empty(), slower(RECIPE, 9, 5), CATALOGUE);
        assertThat(check.standing()).isEqualTo(Standing.UNKNOWN);
        assertThat(check.isRecipeNewer()).isTrue();
        assertThat(check.isClassOther()).isTrue();
    }

    /** Two dishes of one title are two recipes; the same dish again is the same recipe. */
    @Test
    void twoDishesOfOneTitleAreTwo() throws Exception {
        Dish dish = RECIPE.dish().withRecipe(Optional.empty());
        Dish same = dish.withRecipe(Optional.of(new RecipeState("known", 4)));
        CookingClass again = Recipes.told(empty().with(List.of(dish)), List.of(same), () -> "fresh");
        assertThat(again.dishes().get(0).recipe()).contains(new RecipeState("known", 4));
        Dish other = dish.called(dish.title(), BigDecimal.TEN);
        CookingClass own = Recipes.told(empty().with(List.of(other)), List.of(same), () -> "fresh");
        assertThat(own.dishes().get(0).recipe()).contains(new RecipeState("fresh", 0));
        assertThat(own.dishes().get(0).isSameRecipe(same)).isFalse();
        CookingClass both = Placing.into(taken(RECIPE), RECIPE.keptAs(new RecipeState("r-2", 1)), CATALOGUE, CATALOGUE);
        assertThat(both.dishes()).extracting(Dish::id).hasSize(2).doesNotHaveDuplicates();
    }
}
