package hopsel.formats.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.bench.BringIn;
import hopsel.core.bench.Colleague;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Objection;
import hopsel.core.bench.Objection.Rule;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Reread;
import hopsel.core.bench.Variants;
import hopsel.core.bench.Variants.Typed;
import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.diet.MenuChoice;
import hopsel.core.dish.Dish;
import hopsel.core.dish.DishVariant;
import hopsel.core.dish.Step;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Handout;
import hopsel.core.handout.HandoutWriter;
import hopsel.core.handout.HostWords;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.kit.KitStatement;
import hopsel.core.measure.Measures;
import hopsel.core.mise.Batches;
import hopsel.core.nutrition.Versions;
import hopsel.core.plan.Plan;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Half of the bowls get peanuts and half get seeds: two kinds of kit, label and handout out of one dish. */
class VariantsTest {

    private static final Catalogue HOUSE = BuiltInCatalogue.load();
    private static final String NOTE =
            """
            Satay noodles
            Serves 4

            300 g rice noodles
            400 ml coconut milk
            60 g roasted peanuts
            40 g pumpkin seeds

            Soak the noodles in hot water for 8 minutes and drain.
            Simmer the noodles in the coconut milk for 5 minutes.
            Top half the bowls with the peanuts, the other half with the pumpkin seeds.
            Serve at once.
            """;

    private static final Attendee IVO =
            new Attendee("ivo", "Ivo", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH);
    private static final Attendee MAJA = new Attendee(
            "maja", "Maja", List.of("peanut"), BigDecimal.valueOf(2), Optional.empty(), Attendee.Gets.BOTH);

    private static Draft read() {
        return Draft.of(RecipeFile.read(NOTE, HOUSE, Measures.METRIC), NOTE, Measures.METRIC);
    }

    private static Draft parted() throws RefusedEditException {
        Draft sheet = read();
        Objection asked = Colleague.objections(sheet, HOUSE).stream()
                .filter(one -> one.rule() == Rule.FOR_SOME)
                .findFirst()
                .orElseThrow();
        return asked.remedy().orElseThrow().fix().apply(sheet);
    }

    private static CookingClass cooking() throws RefusedEditException {
        return FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(parted().dish()))
                .withAttendees(List.of(IVO, MAJA));
    }

    private static Kit kit(CookingClass cooking, Attendee guest) {
        return KitPacker.pack(cooking, HOUSE, Batches.of(cooking, HOUSE, Plan.impossible(List.of())), guest);
    }

    private static BigDecimal grams(Kit kit, String item) {
        return kit.lines().stream()
                .filter(line -> line.item().contains(item))
                .map(Kit.Line::grams)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @Test
    void oneTouchMakesTwoKindsOfADishThatTellsOfThem() throws RefusedEditException {
        Dish dish = parted().dish();
        assertThat(dish.variants())
                .extracting(DishVariant::title, variant -> variant.share().stripTrailingZeros())
                .containsExactly(
                        tuple("with peanuts", new BigDecimal("0.5")),
                        tuple("with pumpkin seeds", new BigDecimal("0.5")));
        assertThat(dish.steps().map(Step::instruction))
                .contains("Top half the bowls with the peanuts.", "Top the other half with the pumpkin seeds.");
        assertThat(Colleague.objections(parted(), HOUSE))
                .extracting(Objection::rule)
                .doesNotContain(Rule.FOR_SOME);
        Dish seeds = dish.variants().get(1).of(dish);
        assertThat(seeds.steps().map(Step::instruction)).noneMatch(text -> text.contains("peanut"));
        assertThat(seeds.finalSteps()).hasSize(1);
    }

    @Test
    void everybodyGetsTheKindThatSuitsThemInFullAndTheHostMaySayOtherwise() throws RefusedEditException {
        CookingClass cooking = cooking();
        assertThat(grams(kit(cooking, IVO), "peanut")).isEqualByComparingTo("30");
        assertThat(grams(kit(cooking, IVO), "pumpkin")).isZero();
        assertThat(grams(kit(cooking, MAJA), "peanut")).isZero();
        assertThat(grams(kit(cooking, MAJA), "pumpkin")).isEqualByComparingTo("40");
        assertThat(grams(kit(cooking, MAJA), "noodles")).isEqualByComparingTo("150");
        assertThat(kit(cooking, MAJA).refuses()).isFalse();
        Dish dish = cooking.dishes().get(0);
        Attendee given = IVO.withVariants(
                List.of(dish.id() + "/" + dish.variants().get(1).id()));
        assertThat(grams(kit(cooking, given), "pumpkin")).isEqualByComparingTo("20");
        assertThat(KitStatement.of(cooking, HOUSE, MAJA, Set.of()).without()).containsExactly("peanut");
    }

    @Test
    void handoutMenuAndFiguresAreOfTheirKind() throws RefusedEditException {
        CookingClass cooking = cooking();
        Handout.DishPart maja = HandoutWriter.write(
                        cooking,
                        HOUSE,
                        Batches.of(cooking, HOUSE, Plan.impossible(List.of())),
                        MAJA,
                        HostWords.NONE,
                        Set.of())
                .dishes()
                .get(0);
        assertThat(maja.title()).isEqualTo("Satay noodles, with pumpkin seeds");
        assertThat(maja.components().get(0).lines())
                .extracting(line -> line.amount().orElse(""))
                .contains("40 g")
                .doesNotContain("20 g");
        MenuChoice choice = MenuChoice.of(cooking, HOUSE, Set.of());
        assertThat(choice.oneMenu()).isEmpty();
        assertThat(choice.kits()).extracting(MenuChoice.SameKit::variants).hasSize(2);
        Versions.Version seeds = Versions.of(cooking, cooking.dishes().get(0), HOUSE).stream()
                .filter(version -> version.kind() == Versions.Basis.VARIANT)
                .reduce((first, second) -> second)
                .orElseThrow();
        // 300 g, 400 ml and twice 40 g, for four who all have it.
        assertThat(seeds.facts().grams()).isBetween(new BigDecimal("770"), new BigDecimal("800"));
    }

    @Test
    void aFileKeepsThemAndSaysWhatIsWrongWithThem() throws Exception {
        CookingClass cooking = cooking();
        assertThat(ClassFile.read(ClassFile.write(cooking).getBytes(StandardCharsets.UTF_8), HOUSE)
                        .dishes())
                .isEqualTo(cooking.dishes());
        Dish dish = cooking.dishes().get(0);
        Dish less = dish.withVariants(dish.variants().stream()
                .map(variant -> variant.withShare(new BigDecimal("0.3")))
                .toList());
        Dish none = dish.withVariants(List.of());
        assertThat(ClassReview.of(cooking.with(List.of(less)), HOUSE))
                .anyMatch(finding -> finding.message().contains("come to 0.6"));
        assertThat(ClassReview.of(cooking.with(List.of(none)), HOUSE))
                .anyMatch(finding -> finding.message().contains("no variant [with-peanuts]"));
    }

    /** Peanuts that were for some are not for all because their amount was mended in the source, or in another dish. */
    @Test
    void theyHoldWhereTheSourceIsReadAgainAndStayInTheirDish() throws RefusedEditException {
        String more = NOTE.replace("60 g roasted", "80 g roasted");
        Draft again = Reread.of(
                parted(),
                RecipeFile.read(NOTE, HOUSE, Measures.METRIC),
                RecipeFile.read(more, HOUSE, Measures.METRIC),
                more);
        assertThat(again.dish().lines().filter(line -> line.variant().isPresent()))
                .extracting(line -> line.amount().orElseThrow().high().intValue())
                .containsExactly(80, 40);
        String part = parted().dish().components().get(0).id();
        Draft other = BringIn.whole(read(), parted(), part);
        assertThat(other.dish().lines()).allMatch(line -> line.variant().isEmpty());
    }

    @Test
    void oneKindAloneAndSharesThatDoNotComeToAllAreRefused() throws RefusedEditException {
        Draft sheet = read();
        Typed mild = new Typed(Optional.empty(), "mild", Optional.of(BigDecimal.valueOf(70)));
        Typed hot = new Typed(Optional.empty(), "hot", Optional.empty());
        assertThatThrownBy(() -> Variants.set(sheet, List.of(mild))).isInstanceOf(RefusedEditException.class);
        assertThatThrownBy(() -> Variants.set(sheet, List.of(mild, mild))).isInstanceOf(RefusedEditException.class);
        assertThat(Variants.set(sheet, List.of(mild, hot)).dish().variants())
                .extracting(DishVariant::share)
                .usingElementComparator(BigDecimal::compareTo)
                .containsExactly(new BigDecimal("0.7"), new BigDecimal("0.3"));
        assertThat(Variants.set(parted(), List.of()).dish().lines().allMatch(line -> line.variant()
                        .isEmpty()))
                .isTrue();
    }
}
