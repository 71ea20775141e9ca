package hopsel.formats.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.Draft;
import hopsel.core.bench.KitchenAnswers;
import hopsel.core.bench.KitchenAnswers.Answer;
import hopsel.core.bench.KitchenAnswers.Settled;
import hopsel.core.bench.KitchenAnswers.What;
import hopsel.core.bench.Notes;
import hopsel.core.bench.Objection;
import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** “Cream” was taken for soya cream; this kitchen's is oat cream, and it needs no cue to tell that an onion is soft. */
class KitchenAnswersTest {

    private static final Catalogue HOUSE = BuiltInCatalogue.load();
    private static final IngredientLine CREAM = IngredientLine.of(
                    "cream", "soy-cream", Optional.of(Amount.of(BigDecimal.valueOf(200), Unit.ML)))
            .withSaid(Optional.of("Cream"));
    private static final Draft DISH = dish(CREAM);

    private static Draft dish(IngredientLine line) {
        Step simmer = Step.of("simmer", "Simmer the cream", StepMinutes.of(Minutes.of(30)), Work.WATCH)
                .withUses(List.of(Use.all(line.id())));
        return new Draft(
                new Dish(
                        "sauce",
                        "Sauce",
                        BigDecimal.valueOf(4),
                        List.of(new Component("sauce", "Sauce", List.of(line), List.of(simmer)))),
                List.of(),
                Measures.METRIC,
                Notes.NONE);
    }

    private static Objection asked(Rule rule) {
        return Colleague.objections(DISH, HOUSE).stream()
                .filter(one -> one.rule() == rule)
                .findFirst()
                .orElseThrow();
    }

    private static Settled settle(Optional<Draft> before, Answer answer) {
        return new KitchenAnswers(List.of(answer)).settle(before, DISH, HOUSE);
    }

    @Test
    void wordsMeanWhatTheKitchenSaysAndItIsTold() {
        Answer answer = KitchenAnswers.means(CREAM, HOUSE, "oat-cream").orElseThrow();
        assertThat(answer).isEqualTo(new Answer(What.MEANS, "cream", "oat-cream"));
        Settled settled = settle(Optional.empty(), answer);
        IngredientLine line = settled.sheet().line("cream").orElseThrow();
        assertThat(line.item()).isEqualTo("oat-cream");
        assertThat(line.said()).isEmpty();
        assertThat(line.amount()).isEqualTo(CREAM.amount());
        assertThat(settled.told()).containsExactly("“Cream”: taken for Oat cooking cream, as always here.");
    }

    @Test
    void whatAHostHasLookedAtAndWhatTheCatalogueNoLongerKnowsStays() {
        Answer answer = new Answer(What.MEANS, "cream", "oat-cream");
        assertThat(settle(Optional.of(DISH), answer).sheet()).isEqualTo(DISH);
        Draft less = dish(CREAM.withAmount(Optional.of(Amount.of(BigDecimal.TEN, Unit.ML))));
        assertThat(settle(Optional.of(less), answer).sheet())
                .as("only how much of it changed")
                .isEqualTo(DISH);
        assertThat(settle(Optional.empty(), new Answer(What.MEANS, "cream", "moon-dust"))
                        .sheet())
                .isEqualTo(DISH);
        assertThat(KitchenAnswers.means(CREAM.confirmed(), HOUSE, "oat-cream")).isEmpty();
    }

    @Test
    void adviceIsLetPassOnlyWhereNobodyIsHarmed() {
        Objection look = asked(Rule.FIRST_LOOK);
        Answer answer = KitchenAnswers.passes(look, DISH, "we always stand by").orElseThrow();
        assertThat(settle(Optional.empty(), answer).sheet().notes().passed())
                .containsEntry(look.key(), "we always stand by");
        assertThat(settle(Optional.of(DISH), answer).sheet().notes().passed()).isEmpty();
        assertThat(KitchenAnswers.passes(asked(Rule.GUESSED_ITEM), DISH, "never mind"))
                .isEmpty();
    }

    @Test
    void whatComesFromAnAnimalIsReplacedInItsOwnWayAsTheKitchenAlwaysDoes() {
        IngredientLine eggs =
                IngredientLine.of("egg", "egg", Optional.of(Amount.of(BigDecimal.valueOf(2), Unit.PIECE)));
        KnownSubstitution known =
                KnownSubstitution.firstFor("egg", KnownSubstitution.Why.ANIMAL).orElseThrow();
        Answer answer = KitchenAnswers.means(eggs, HOUSE, known.use()).orElseThrow();
        Settled settled = new KitchenAnswers(List.of(answer)).settle(Optional.empty(), dish(eggs), HOUSE);
        IngredientLine line = settled.sheet().line("egg").orElseThrow();
        assertThat(line.item()).isEqualTo(known.use());
        assertThat(line.amount().orElseThrow().unit())
                .as("two of it would be two what?")
                .isNotEqualTo(Unit.PIECE);
    }
}
