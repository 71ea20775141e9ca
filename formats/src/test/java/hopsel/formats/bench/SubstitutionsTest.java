package hopsel.formats.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.bench.Placing;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Substitutions;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.item.KnownSubstitution.Why;
import hopsel.core.item.Origin;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Measures;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/** What stands in for what: amounts, times, and whom it is safe for. */
class SubstitutionsTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final Map<Why, Set<Allergen>> AVOIDED = Map.of(
            Why.ANIMAL,
            EnumSet.of(Allergen.MILK, Allergen.EGG, Allergen.FISH),
            Why.GLUTEN,
            EnumSet.of(Allergen.GLUTEN),
            Why.SOY,
            EnumSet.of(Allergen.SOY),
            Why.NUTS,
            EnumSet.of(Allergen.TREE_NUT, Allergen.PEANUT));

    private static Draft sheet(String ingredients, String method) {
        String text =
                "Something\nServes 4\n\nIngredients\n" + ingredients.replace("; ", "\n") + "\n\nMethod\n1. " + method;
        return Draft.of(RecipeFile.read(text, CATALOGUE, Measures.METRIC), text, Measures.METRIC);
    }

    /**
     * A substitution for somebody's sake must be something they can have: the one table on which an allergic guest
     * depends.
     */
    @Test
    void nothingThatStandsInHoldsWhatItStandsInFor() {
        assertThat(KnownSubstitution.all()).allSatisfy(known -> {
            Item use = CATALOGUE.get(known.use());
            assertThat(CATALOGUE.find(known.replaced())).as(known.replaced()).isPresent();
            assertThat(use.origin()).as(known.use()).isNotEqualTo(Origin.ANIMAL);
            assertThat(use.allergens().stream().filter(AVOIDED.getOrDefault(known.why(), Set.of())::contains))
                    .as(known.use())
                    .isEmpty();
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            200 g red lentils    | red-lentils | brown-lentils | 200 | 2
            100 g honey          | honey       | agave         | 90  | 1
            2 eggs               | egg         | flax-ground   | 12  | 1
            30 g cornflour       | cornflour   | arrowroot     | 30  | 1
            """)
    void gramsGoByTheRatioAndMinutesByTheFactor(String line, String item, String use, double grams, int factor)
            throws RefusedEditException {
        Draft before = sheet(line, "Simmer the " + item.replace('-', ' ') + " for 15 minutes.");
        String id = before.dish().lines().findFirst().orElseThrow().id();
        Draft after = Substitutions.apply(
                before,
                id,
                KnownSubstitution.of(item).stream()
                        .filter(known -> known.use().equals(use))
                        .findFirst()
                        .orElseThrow(),
                CATALOGUE);
        // Spoons are rounded to quarters.
        assertThat(after.weigher()
                        .grams(
                                CATALOGUE.get(use),
                                after.line(id).orElseThrow().amount().orElseThrow())
                        .orElseThrow()
                        .doubleValue())
                .isBetween(grams * 0.93, grams * 1.07);
        Step step = before.dish().steps().findFirst().orElseThrow();
        assertThat(after.step(step.id()).orElseThrow().minutes().likely().value())
                .isEqualByComparingTo(step.minutes().likely().value().multiply(BigDecimal.valueOf(factor)));
    }

    @Test
    void flaxHasToGelBeforeItBinds() throws RefusedEditException {
        Draft before = sheet("2 eggs; 200 g plain flour", "Mix the eggs and the flour for 3 minutes.");
        Draft after =
                Substitutions.apply(before, "egg", KnownSubstitution.of("egg").get(0), CATALOGUE);
        Step gel = after.dish()
                .steps()
                .filter(step -> step.title().contains("gel"))
                .findFirst()
                .orElseThrow();
        Step mix = after.dish()
                .steps()
                .filter(step -> step.title().startsWith("Mix"))
                .findFirst()
                .orElseThrow();
        assertThat(mix.after()).anyMatch(wait -> wait.step().equals(gel.id()));
        assertThat(mix.uses()).noneMatch(use -> use.ingredient().equals("egg"));
        assertThat(gel.uses()).anyMatch(use -> use.ingredient().equals("egg"));
    }

    @Test
    void aStyleIsTakenBackByTheOtherSchool() throws RefusedEditException {
        Draft before = sheet("100 g cashews", "Blend the cashews for 2 minutes until smooth.");
        Draft without =
                HouseStyle.apply(before, Matter.NUTS, "nut-free", CATALOGUE).sheet();
        Draft back = HouseStyle.apply(without, Matter.NUTS, "used", CATALOGUE).sheet();
        assertThat(without.dish().lines()).noneMatch(line -> line.item().equals("cashews"));
        assertThat(back.dish().lines().findFirst().orElseThrow().item()).isEqualTo("cashews");
    }

    @Test
    void oilGoesOnAtTheEndAndSaltOnTheSurface() throws RefusedEditException {
        Draft before = sheet(
                "400 g carrots; 2 tbsp olive oil; 1 tsp salt",
                "Fry the carrots in the oil with the salt for 8 minutes until golden.\n2. Heap the carrots on a "
                        + "plate, 2 minutes.");
        for (Matter matter : new Matter[] {Matter.OIL, Matter.SALT}) {
            Draft after = HouseStyle.apply(before, matter, matter == Matter.OIL ? "finishing" : "at-the-end", CATALOGUE)
                    .sheet();
            String line = matter == Matter.OIL ? "olive-oil" : "salt";
            assertThat(after.dish()
                            .steps()
                            .filter(step -> step.uses().stream()
                                    .anyMatch(use -> use.ingredient().equals(line)))
                            .map(Step::id)
                            .toList())
                    .containsExactlyElementsOf(after.dish().finalSteps());
        }
    }

    @Test
    void aDishBringsIntoAClassWhatStandsInForSomebodysSake() throws RefusedEditException {
        CookingClass cooking = Samples.cooking("c04-tart-masterclass");
        Draft dish = sheet(
                "100 g cashews; 1 cup moonberries; 2 lemons",
                "Blend the cashews, moonberries and lemons for 2 minutes until smooth.");
        CookingClass with = Placing.into(cooking, dish, CATALOGUE, CATALOGUE);
        assertThat(with.dishes()).hasSize(cooking.dishes().size() + 1);
        assertThat(with.items()).extracting(Item::id).contains("moonberries").doesNotContain("cashews");
        assertThat(with.substitutions())
                .extracting(Substitution::replaced)
                .contains("cashews")
                .doesNotContain("lemon");
        assertThat(Placing.into(with, dish, CATALOGUE, CATALOGUE)).isEqualTo(with);
    }

    @Test
    void inTheMeasuresOfAnotherPlaceItWeighsTheSame() {
        Draft american = Draft.of(
                RecipeFile.read(
                        "Dough\n\nIngredients\n2 cups plain flour\n1 tbsp salt\n\nMethod\n1. Knead for 8 minutes.",
                        CATALOGUE,
                        Measures.US),
                "",
                Measures.US);
        Draft australian = american.in(Measures.AU);
        american.dish().lines().forEach(line -> assertThat(australian
                        .weigher()
                        .grams(
                                CATALOGUE.get(line.item()),
                                australian
                                        .line(line.id())
                                        .orElseThrow()
                                        .amount()
                                        .orElseThrow())
                        .orElseThrow())
                .isEqualByComparingTo(american.weigher()
                        .grams(CATALOGUE.get(line.item()), line.amount().orElseThrow())
                        .orElseThrow()));
    }
}
