package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Source;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Plan;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What lies in a kit, what lies beside it, and what is refused, line by line. */
class KitPackerTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(
            plant("noodles", "Noodles").withAllergens(Set.of(Allergen.GLUTEN)),
            plant("rice", "Rice"),
            plant("limes", "Limes").withGramsPerPiece(Optional.of(BigDecimal.valueOf(70))),
            plant("buns", "Buns").withAllergens(Set.of(Allergen.GLUTEN)),
            plant("flatbread", "Rice flatbread"),
            plant("tofu", "Tofu").withAllergens(Set.of(Allergen.SOY)),
            plant("chilli", "Chilli"),
            plant("salt", "Salt")));

    private static Item plant(String id, String name) {
        return Item.nameOnly(id, name).withOrigin(Origin.PLANT);
    }

    private static IngredientLine line(String item, String low, String high, Unit unit) {
        return IngredientLine.of(
                item, item, Optional.of(new Amount(new BigDecimal(low), new BigDecimal(high), unit, Optional.empty())));
    }

    private static final List<IngredientLine> LINES = List.of(
            line("noodles", "80", "100", Unit.G),
            line("limes", "1", "1", Unit.PIECE),
            line("chilli", "5", "5", Unit.G)
                    .withOptional(true)
                    .withByTaste(Optional.of(
                            new ByTaste(BigDecimal.ONE, BigDecimal.ONE, BigDecimal.TEN, "hot enough for you"))),
            line("buns", "60", "60", Unit.G).withFrom(Source.HOME),
            line("tofu", "150", "150", Unit.G).withFrom(Source.HOST),
            IngredientLine.of("salt", "salt", Optional.empty()));

    private static Attendee guest(String... avoids) {
        return new Attendee("a1", "Ana", List.of(avoids), BigDecimal.valueOf(2), Optional.empty(), Attendee.Gets.KIT);
    }

    private static Kit kit(List<Substitution> known, String... avoids) {
        return kit(known, guest(avoids));
    }

    private static Kit kit(List<Substitution> known, Attendee guest) {
        Dish dish = new Dish("laksa", "Laksa", BigDecimal.ONE, List.of(new Component("all", "All", LINES, List.of())));
        CookingClass fresh = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(dish));
        CookingClass cooking = fresh.withMenu(fresh.menu().withSubstitutions(known));
        Kit kit = KitPacker.pack(cooking, CATALOGUE, Batches.of(cooking, CATALOGUE, Plan.impossible(List.of())), guest);
        assertThat(KitPacker.beside(cooking, CATALOGUE, guest)).isEqualTo(kit.beside());
        return kit;
    }

    private static Substitution instead(String item, String use, String ratio) {
        return new Substitution(item, use, new BigDecimal(ratio), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Test
    void whateverIsFromTheKitLiesInItByTheGramAndTheRestBeside() {
        Kit kit = kit(List.of());
        assertThat(kit.lines())
                .extracting(
                        Kit.Line::item, line -> line.grams().intValueExact(), Kit.Line::counted, Kit.Line::insteadOf)
                .containsExactly(
                        tuple("noodles", 200, false, Optional.empty()),
                        tuple("limes", 140, true, Optional.empty()),
                        tuple("chilli", 10, false, Optional.empty()));
        assertThat(kit.lines().get(0).certain()).get().satisfies(certain -> assertThat(certain)
                .isEqualByComparingTo("160"));
        assertThat(kit.lines().get(1).certain()).isEmpty();
        assertThat(kit.lines().get(2).byTaste()).contains("hot enough for you");
        assertThat(kit.beside())
                .extracting(Kit.Beside::item, Kit.Beside::from, Kit.Beside::refused)
                .containsExactly(tuple("buns", Source.HOME, List.of()), tuple("tofu", Source.HOST, List.of()));
        assertThat(kit.refuses()).isFalse();
    }

    @Test
    void whatIsAtHomeStandsThereOnceWithItsAmountForTheirServings() {
        Component again = new Component(
                "top",
                "Top",
                List.of(
                        line("tofu", "2", "2", Unit.TBSP).withFrom(Source.HOME),
                        line("tofu", "4", "4", Unit.TBSP).withId("more-tofu").withFrom(Source.HOME),
                        line("buns", "40", "40", Unit.G).withFrom(Source.HOME),
                        IngredientLine.of("salt", "salt", Optional.empty()).withFrom(Source.HOME)),
                List.of());
        Dish dish = new Dish("laksa", "Laksa", BigDecimal.ONE, List.of(new Component("all", "All", LINES, List.of())));
        Dish second = new Dish("tart", "Tart", BigDecimal.valueOf(4), List.of(again));
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(dish, second));
        assertThat(AtHome.of(cooking, CATALOGUE, guest()))
                .extracting(AtHome::item, own -> own.said(cooking).orElse("to taste"))
                .containsExactly(tuple("buns", "140 g"), tuple("tofu", "3 tbsp"), tuple("salt", "to taste"));
    }

    @Test
    void whatStandsInIsPackedByItsRatioAndAtHomeIsSaid() {
        Kit kit = kit(List.of(instead("noodles", "rice", "0.9"), instead("buns", "flatbread", "1")), "gluten");
        Kit.Line rice = kit.lines().get(0);
        assertThat(rice.item()).isEqualTo("rice");
        assertThat(rice.line()).isEqualTo("noodles");
        assertThat(rice.insteadOf()).contains("noodles");
        assertThat(rice.grams()).isEqualByComparingTo("180");
        assertThat(rice.certain()).get().satisfies(certain -> assertThat(certain)
                .isEqualByComparingTo("144"));
        assertThat(kit.beside().get(0))
                .isEqualTo(new Kit.Beside("laksa", "buns", "flatbread", Source.HOME, Optional.of("buns"), List.of()));
        assertThat(kit.refuses()).isFalse();
    }

    @Test
    void whatCannotBeMadeSafeIsRefusedWhereverItComesFromAndWhatMayGoIsGone() {
        Kit kit = kit(List.of(), "gluten", "soy", "chilli");
        assertThat(kit.lines()).extracting(Kit.Line::item).containsExactly("limes");
        assertThat(kit.cannotServe()).extracting(Kit.Refusal::item).containsExactly("noodles");
        assertThat(kit.refusals())
                .extracting(Kit.Refusal::item, Kit.Refusal::avoids)
                .containsExactly(
                        tuple("noodles", List.of("gluten")),
                        tuple("buns", List.of("gluten")),
                        tuple("tofu", List.of("soy")));
    }

    /** What the host leaves out for one guest is gone for them, whatever could stand in, and for nobody else. */
    @Test
    void whatTheHostLeavesOutForOneGuestIsNotPackedAndNotRefused() {
        List<Substitution> known = List.of(instead("noodles", "rice", "0.9"));
        Kit kit = kit(known, guest("gluten").withWithout(List.of("laksa/noodles", "laksa/buns", "satay/limes")));
        assertThat(kit.lines()).extracting(Kit.Line::item).containsExactly("limes", "chilli");
        assertThat(kit.beside()).extracting(Kit.Beside::item).containsExactly("tofu");
        assertThat(kit.refuses()).isFalse();
        assertThat(kit(known, "gluten").lines()).extracting(Kit.Line::item).contains("rice");
    }

    /** Of two that are safe the one is packed that they do not mind; of two that they mind the first. */
    @Test
    void whatStandsInIsWhatTheyLike() {
        List<Substitution> both = List.of(instead("noodles", "rice", "1"), instead("noodles", "chilli", "1"));
        Attendee picky = guest("gluten").withRather(List.of("rice"));
        assertThat(kit(both, picky).lines())
                .extracting(Kit.Line::item)
                .contains("chilli")
                .doesNotContain("rice");
        assertThat(kit(both, guest("gluten")).lines())
                .extracting(Kit.Line::item)
                .contains("rice")
                .doesNotContain("noodles");
        assertThat(kit(both.subList(0, 1), picky).lines())
                .extracting(Kit.Line::item)
                .as("better than nothing")
                .contains("rice");
    }

    @Test
    void onlyWhoGetsAKitIsPackedFor() {
        CookingClass cooking = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"))
                .with(List.of(new Dish(
                        "laksa", "Laksa", BigDecimal.ONE, List.of(new Component("all", "All", LINES, List.of())))))
                .withAttendees(List.of(
                        guest(),
                        new Attendee("b2", "Bo", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.HANDOUT)));
        assertThat(KitPacker.pack(cooking, CATALOGUE, Batches.of(cooking, CATALOGUE, Plan.impossible(List.of()))))
                .extracting(kit -> kit.attendee().id())
                .containsExactly("a1");
    }
}
