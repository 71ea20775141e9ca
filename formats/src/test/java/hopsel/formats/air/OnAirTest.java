package hopsel.formats.air;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.advice.Talk;
import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Coverage;
import hopsel.core.air.EarlierEvent;
import hopsel.core.air.HandIn;
import hopsel.core.air.Happened;
import hopsel.core.air.Looks;
import hopsel.core.air.Pause;
import hopsel.core.air.RunningOrder;
import hopsel.core.air.Taste;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.log.AirLog;
import hopsel.core.log.ClassReport;
import hopsel.core.log.LeftOver;
import hopsel.core.log.LeftOver.Went;
import hopsel.core.log.Served;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Costing;
import hopsel.core.provision.Shopping;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A class with real dishes on air: what goes in, what is handed in, what fits into a pause, what it came to and cost.
 */
class OnAirTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    private static final CookingClass COOKING = Samples.cooking("c01-dumplings-laksa");
    private static final PlannedClass PLANNED = PlannedClass.of(COOKING, BUILT_IN);
    private static final RunningOrder ORDER = RunningOrder.of(COOKING, PLANNED.plan());
    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");

    private final List<AirEvent> events = new ArrayList<>(List.of(new AirEvent(1, AIR, new Happened.OnAir())));

    private AirState at(int seconds) {
        return ORDER.at(events, AIR.plusSeconds(seconds));
    }

    private void press(int seconds, String kind, String key, int figure, String text) {
        events.add(new AirEvent(events.size() + 1, AIR.plusSeconds(seconds), EarlierEvent.of(kind, key, figure, text)));
    }

    /** The first shown step of hands work into which something goes. */
    private Standing first() {
        return at(0).standings().stream()
                .filter(standing -> standing.activity().start() >= 0
                        && standing.activity().shown()
                        && standing.activity().copy().isMain()
                        && standing.person().isPresent()
                        && !step(standing).uses().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private static Step step(Standing standing) {
        return COOKING.step(standing.activity().step());
    }

    @Test
    void whatHasNotGoneInIsSaidBeforeItsStepIsOverAndNotBeforeThat() {
        Standing first = first();
        String key = AirState.key(first.activity());
        String line = Coverage.line(first, step(first).uses().get(0).ingredient());
        press(0, "START", key, 0, "");
        assertThat(Coverage.of(at(5)).missing()).isEmpty();
        int nearly = first.activity().duration() - 10;
        assertThat(Coverage.of(at(nearly)).missing())
                .extracting(Coverage.Missing::key)
                .contains(line);
        assertThat(Coverage.of(at(nearly)).missing()).noneMatch(Coverage.Missing::gone);
        press(nearly, "SHOWN", "", 0, line);
        assertThat(Coverage.of(at(nearly)).missing())
                .extracting(Coverage.Missing::key)
                .doesNotContain(line);
        events.remove(events.size() - 1);
        press(nearly + 5, "DONE", key, 0, "");
        assertThat(Coverage.of(at(nearly + 6)).missing())
                .filteredOn(missing -> missing.key().equals(line))
                .singleElement()
                .matches(Coverage.Missing::gone);
    }

    @Test
    void traysAreHandedInTwoMinutesBeforeTheirStepMovesAndOnlyOnce() {
        HandIn next = HandIn.of(at(0), PLANNED.trays()).stream()
                .filter(hand -> hand.at() > 300)
                .findFirst()
                .orElseThrow();
        Standing step = at(0).standings().stream()
                .filter(standing -> AirState.key(standing.activity()).equals(next.key()))
                .findFirst()
                .orElseThrow();
        assertThat(next.at()).isEqualTo(step.start() - (next.what() == HandIn.What.TRAY ? 120 : 60));
        press(0, "HANDED_IN", "", 0, next.id());
        assertThat(HandIn.of(at(0), PLANNED.trays())).extracting(HandIn::id).doesNotContain(next.id());
        assertThat(HandIn.of(at(0), PLANNED.trays()))
                .filteredOn(hand -> hand.what() == HandIn.What.MADE_EARLIER)
                .as("each swap-out once")
                .hasSizeLessThanOrEqualTo(PLANNED.plan().swaps().size());
    }

    @Test
    void aPauseIsFilledWithWhatFitsAndEndsWhereTheHostHasToBeginSomething() {
        String host = COOKING.people().get(0).id();
        Talk talk = Talk.of(COOKING, PLANNED.plan());
        Standing first = at(0).standings().stream()
                .filter(standing -> standing.person().equals(Optional.of(host)) && standing.status() == Status.AHEAD)
                .findFirst()
                .orElseThrow();
        press(0, "START", AirState.key(first.activity()), 0, "");
        press(1, "QUESTION", "", 0, "Can I freeze it?");
        assertThat(Pause.of(at(2), talk, host).seconds())
                .as("something is in hand")
                .isZero();
        press(3, "DONE", AirState.key(first.activity()), 0, "");
        // Nothing more for a while: the rest waits for something that runs by itself.
        at(4).standings().stream()
                .filter(standing -> standing.person().equals(Optional.of(host))
                        && standing.status() == Status.AHEAD
                        && standing.start() < 300)
                .forEach(standing -> press(4, "SKIP", AirState.key(standing.activity()), 0, ""));
        Pause pause = Pause.of(at(5), talk, host);
        int next = at(5).standings().stream()
                .filter(standing -> standing.person().equals(Optional.of(host)) && standing.status() == Status.AHEAD)
                .mapToInt(Standing::start)
                .min()
                .orElse(at(5).end());
        assertThat(pause.seconds()).isEqualTo(next - 5).isGreaterThan(20);
        assertThat(pause.ideas()).isNotEmpty().allMatch(idea -> idea.seconds() <= pause.seconds() + 20);
        assertThat(pause.ideas().get(0).text()).isEqualTo("Can I freeze it?");
    }

    @Test
    void whatIsWatchedIsLookedAtBeforeItIsOver() {
        Standing watched = at(0).standings().stream()
                .filter(standing -> step(standing).work() == Work.WATCH
                        && standing.activity().duration() >= 300
                        && standing.activity().start() >= 0)
                .findFirst()
                .orElseThrow();
        press(0, "START", AirState.key(watched.activity()), 0, "");
        Standing running = at(1).standings().stream()
                .filter(standing -> standing.activity().equals(watched.activity()))
                .findFirst()
                .orElseThrow();
        assertThat(Looks.at(running, step(running))).isNotEmpty().allMatch(look -> look > 0 && look < running.end());
        press(60, "LOOKED", AirState.key(watched.activity()), 0, "");
        assertThat(Looks.done(at(61), AirState.key(watched.activity()), 0)).isEqualTo(1);
    }

    @Test
    void whatIsFoundByTasteComesBackIntoTheDish() {
        Dish dish = COOKING.dishes().get(0);
        IngredientLine line = dish.lines()
                .filter(own -> own.amount().isPresent() && !own.amount().get().isRange())
                .findFirst()
                .orElseThrow();
        String key = dish.id() + "/" + line.id();
        press(1, "AMOUNT", "", Taste.TOUCH, key);
        press(2, "AMOUNT", "", Taste.TOUCH, key);
        AirEvent less =
                new AirEvent(events.size() + 1, AIR.plusSeconds(3), EarlierEvent.of("AMOUNT", "", -Taste.TOUCH, key));
        events.add(less);
        AirLog.Tasted tasted = AirLog.of(COOKING, at(4)).tastes().get(0);
        Amount came =
                tasted.in(COOKING).dish(dish.id()).line(line.id()).amount().orElseThrow();
        assertThat(came.high()).isEqualByComparingTo(line.amount().get().high().multiply(new BigDecimal("1.25")));
        assertThat(tasted.in(COOKING).dishes().get(1))
                .isEqualTo(COOKING.dishes().get(1));
        events.add(new AirEvent(
                events.size() + 1, AIR.plusSeconds(5), EarlierEvent.of("UNDO", "", 0, String.valueOf(less.number()))));
        assertThat(AirLog.of(COOKING, at(6)).tastes().get(0).came().high())
                .isEqualByComparingTo(line.amount().get().high().multiply(new BigDecimal("1.5")));
    }

    @Test
    void whoIsServedWhatNeverIncludesWhatTheyCannotHaveUnlessSomebodySaysSo() {
        String first = COOKING.attendees().get(0).id();
        Map<String, Set<String>> expected = Served.expected(PLANNED);
        assertThat(expected.keySet()).hasSize(COOKING.attendees().size());
        Served.refused(PLANNED)
                .forEach((guest, dishes) ->
                        assertThat(expected.get(guest)).as(guest).doesNotContainAnyElementsOf(dishes));
        Map<String, Set<String>> said = Served.said(
                COOKING,
                Map.of(
                        first,
                        List.of(COOKING.dishes().get(0).id(), "no such dish"),
                        "nobody",
                        List.of(COOKING.dishes().get(0).id())));
        assertThat(said.get(first)).containsExactly(COOKING.dishes().get(0).id());
        assertThat(said).doesNotContainKey("nobody").hasSize(COOKING.attendees().size());
    }

    @Test
    void aSecondClosingBringsTheShelfToWhatItSays() {
        Dish dish = COOKING.dishes().get(0);
        LeftOver two = new LeftOver(dish.id(), BigDecimal.valueOf(2), Went.SHELF, Optional.empty());
        LeftOver one = new LeftOver(dish.id(), BigDecimal.ONE, Went.SHELF, Optional.of(LocalDate.of(2027, 2, 15)));
        LeftOver thrown = new LeftOver(dish.id(), BigDecimal.valueOf(2), Went.THROWN, Optional.empty());
        BigDecimal serving = one.grams(PLANNED);
        assertThat(LeftOver.corrected(List.of(), List.of(two), PLANNED))
                .singleElement()
                .satisfies(line -> assertThat(line.grams()).isEqualByComparingTo(two.grams(PLANNED)));
        assertThat(LeftOver.corrected(List.of(two), List.of(one), PLANNED))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.grams()).isEqualByComparingTo(serving.negate());
                    assertThat(line.useBy()).isEqualTo(one.useBy());
                });
        assertThat(LeftOver.corrected(List.of(two), List.of(thrown), PLANNED))
                .singleElement()
                .satisfies(line -> assertThat(line.grams())
                        .isEqualByComparingTo(two.grams(PLANNED).negate()));
        assertThat(LeftOver.corrected(List.of(two), List.of(two), PLANNED)).isEmpty();
    }

    @Test
    void whatIsLeftIsWeighedByWhatWentInAndWhatIsThrownAwayCostsWhatItCost() {
        Dish dish = COOKING.dishes().get(0);
        LeftOver thrown = new LeftOver(dish.id(), BigDecimal.valueOf(2), Went.THROWN, Optional.empty());
        LeftOver kept = new LeftOver(dish.id(), BigDecimal.ONE, Went.SHELF, Optional.of(LocalDate.of(2027, 2, 15)));
        BigDecimal serving = dish.lines()
                .map(line -> PLANNED.batches().grams(dish, line, BigDecimal.ONE))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        assertThat(thrown.grams(PLANNED)).isEqualByComparingTo(serving.multiply(BigDecimal.valueOf(2)));
        assertThat(thrown.movement(PLANNED)).isEmpty();
        assertThat(kept.movement(PLANNED)).hasValueSatisfying(movement -> {
            assertThat(movement.item()).isEqualTo(dish.title());
            assertThat(movement.grams()).isEqualByComparingTo(serving);
            assertThat(movement.useBy()).contains(LocalDate.of(2027, 2, 15));
        });
        ClassReport report = ClassReport.of(
                PLANNED,
                AirLog.of(COOKING, at(60)),
                BUILT_IN,
                Optional.of(BigDecimal.valueOf(40)),
                List.of(thrown, kept));
        Costing costing = Costing.of(
                COOKING,
                BUILT_IN,
                PLANNED.batches(),
                PLANNED.demand(),
                PLANNED.kits(),
                Shopping.of(COOKING, BUILT_IN, PLANNED.demand()),
                PLANNED.sold());
        assertThat(report.waste())
                .isEqualByComparingTo(
                        costing.dishes().get(0).perServing().multiply(BigDecimal.valueOf(2), Decimals.EXACT));
        assertThat(report.thrown()).isEqualByComparingTo(thrown.grams(PLANNED));
        assertThat(report.margin())
                .contains(BigDecimal.valueOf(40L * COOKING.attendees().size()).subtract(costing.bought()));
        assertThat(ClassReport.of(PLANNED, AirLog.of(COOKING, at(60)), BUILT_IN, Optional.empty(), List.of())
                        .margin())
                .as("nobody has said a fee")
                .isEmpty();
    }
}
