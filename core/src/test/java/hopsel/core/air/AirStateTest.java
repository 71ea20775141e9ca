package hopsel.core.air;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened.HandedIn;
import hopsel.core.air.Reply.Means;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.mise.SafetyCheck;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;
import hopsel.core.plan.Wishes;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A class on air: what was pressed, and what that makes of the rest. Minutes in the tests, seconds in the core. */
class AirStateTest {

    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");

    private final List<AirEvent> events = new ArrayList<>();
    private CookingClass cooking;
    private Plan plan;
    private RunningOrder layout;

    @BeforeEach
    void aBakeBetweenTwoStepsOfHandsWork() {
        of(SmallClass.of(60)
                .part(
                        "a",
                        hands("mix", 10),
                        watch("bake", 20).after("mix"),
                        hands("serve", 5).after("bake"))
                .build());
    }

    private void of(CookingClass wanted) {
        cooking = wanted;
        plan = Planner.plan(cooking);
        layout = RunningOrder.of(cooking, plan);
    }

    private AirEvent press(double minute, String kind, String step) {
        return press(minute, kind, step, "", 0);
    }

    private AirEvent press(double minute, String kind, String step, String text, int seconds) {
        String key = step.isEmpty()
                ? ""
                : plan.activities().stream()
                        .filter(activity -> activity.step().step().equals(step)
                                && activity.copy().isMain())
                        .map(AirState::key)
                        .findFirst()
                        .orElseThrow();
        AirEvent event = new AirEvent(
                events.size() + 1, AIR.plusSeconds((long) (minute * 60)), EarlierEvent.of(kind, key, seconds, text));
        events.add(event);
        return event;
    }

    private AirState at(double minute) {
        return layout.at(events, AIR.plusSeconds((long) (minute * 60)));
    }

    private Standing step(AirState state, String step) {
        return state.standings().stream()
                .filter(standing -> standing.activity().step().step().equals(step)
                        && standing.activity().copy().isMain())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void beforeItGoesOnAirEverythingStandsAsPlanned() {
        assertThat(at(-30).end()).isEqualTo(plan.airEnd());
        assertThat(at(-30).chain())
                .as("nothing has made the end what it is but the plan")
                .hasSize(1);
        assertThat(at(0).standings())
                .allMatch(standing -> standing.status() == Status.AHEAD
                        && standing.start() == standing.activity().start());
    }

    @Test
    void aHostWhoBeginsLateEndsLateAndOneWhoIsQuickEndsEarly() {
        press(0, "ON_AIR", "");
        assertThat(at(4).late()).as("nothing was begun in four minutes").isEqualTo(4 * 60);
        press(4, "START", "mix");
        press(9, "DONE", "mix");
        assertThat(at(9).late()).as("five minutes quicker than planned").isEqualTo(-60);
        assertThat(step(at(9), "bake").start()).isEqualTo(9 * 60);
        assertThat(at(9).chain())
                .extracting(standing -> standing.activity().step().step())
                .as("why it ends then")
                .containsExactly("serve", "bake");
        assertThat(at(15).late()).as("and then did not put it into the oven").isEqualTo(5 * 60);
    }

    @Test
    void whatRunsOverHoldsUpWhatWaitsForItAndATimerPutForwardTooMovesTheEnd() {
        press(0, "ON_AIR", "");
        press(0, "START", "mix");
        press(10, "DONE", "mix");
        press(10, "START", "bake");
        assertThat(at(12).end()).isEqualTo(35 * 60);
        press(20, "EXTEND", "bake", "", 120);
        assertThat(at(21).end()).isEqualTo(37 * 60);
        assertThat(step(at(40), "serve").start()).as("it is still in the oven").isEqualTo(40 * 60);
        assertThat(at(21).running()).singleElement().satisfies(standing -> assertThat(standing.end())
                .isEqualTo(32 * 60));
    }

    @Test
    void whatIsPinnedIsNotBegunEarlyAndTheRestIs() {
        layout = RunningOrder.of(cooking, plan, Wishes.NONE.pin(new StepRef("dish", "bake"), Optional.of(600)));
        press(0, "ON_AIR", "");
        press(0, "START", "mix");
        press(4, "DONE", "mix");
        assertThat(step(at(4), "bake").start()).isEqualTo(10 * 60);
        layout = RunningOrder.of(cooking, plan);
        assertThat(step(at(4), "bake").start()).isEqualTo(4 * 60);
    }

    @Test
    void aWholeDishGoesOnlyWhereThatWasAgreedAndNothingOfItWasBegun() {
        press(0, "ON_AIR", "");
        assertThat(new Replies(at(30), Optional.empty()).drops()).isEmpty();
        layout = RunningOrder.of(cooking, plan, Wishes.NONE.withDrops(List.of("dish")));
        assertThat(new Replies(at(30), Optional.empty()).drops())
                .singleElement()
                .satisfies(drop -> {
                    assertThat(drop.means()).isEqualTo(Means.DROP_DISH);
                    assertThat(at(30).after(drop.pressed()).end()).isZero();
                });
        press(30, "START", "mix");
        assertThat(new Replies(at(31), Optional.empty()).drops()).isEmpty();
    }

    @Test
    void whatIsOverIsSaidToBeOverBySoMuch() {
        press(0, "ON_AIR", "");
        press(0, "START", "mix");
        assertThat(at(13).due(step(at(13), "mix"))).isEqualTo(10 * 60);
        assertThat(step(at(13), "mix").end()).isEqualTo(13 * 60);
    }

    @Test
    void oneMadeEarlierIsOfferedOnlyWhereSomebodyHasSaidThatItStandsReady() {
        of(SmallClass.of(60)
                .part(
                        "a",
                        hands("mix", 10),
                        watch("bake", 20).after("mix").swap(2),
                        hands("serve", 5).after("bake"))
                .build());
        press(0, "ON_AIR", "");
        press(40, "START", "mix");
        AirState late = at(41);
        assertThat(Spare.of(late)).singleElement().satisfies(spare -> assertThat(spare.ready())
                .isFalse());
        assertThat(new Replies(late, Optional.empty()).alone()).noneMatch(reply -> reply.means() == Means.SWAP_OUT);
        String key = AirState.key(step(late, "bake").activity());
        events.add(new AirEvent(3, AIR, new HandedIn(Spare.id(key))));
        assertThat(new Replies(at(41), Optional.empty()).alone())
                .anyMatch(reply -> reply.means() == Means.SWAP_OUT && reply.gain() == 18 * 60);
    }

    @Test
    void anythingPressedCanBeUndoneAndTheUndoingToo() {
        press(0, "ON_AIR", "");
        press(0, "START", "mix");
        AirEvent done = press(3, "DONE", "mix");
        AirEvent undo = press(4, "UNDO", "", String.valueOf(done.number()), 0);
        assertThat(step(at(5), "mix").status()).isEqualTo(Status.RUNNING);
        press(5, "UNDO", "", String.valueOf(undo.number()), 0);
        assertThat(step(at(6), "mix").status()).isEqualTo(Status.DONE);
    }

    /** What was safe on paper is not where the evening takes four hours longer; the log says so, not the plan. */
    @Test
    void safetyGoesByTheClockOfTheEvening() {
        Item yogurt = Item.nameOnly("yogurt", "Soy yogurt").withStorage(Optional.of(Storage.CHILLED));
        of(cooking.with(cooking.dishes().stream()
                .map(dish -> dish.eachComponent(part ->
                                part.withIngredients(List.of(IngredientLine.of("yogurt", "yogurt", Optional.empty()))))
                        .change("mix", step -> step.withUses(List.of(new Use("yogurt", BigDecimal.ONE)))))
                .toList()));
        Catalogue catalogue = Catalogue.of(List.of(yogurt));
        press(0, "ON_AIR", "");
        press(0, "START", "mix");
        assertThat(SafetyOnAir.of(cooking, plan, at(10), catalogue)).isEmpty();
        assertThat(SafetyOnAir.of(cooking, plan, at(200), catalogue)).isEmpty();
        assertThat(SafetyOnAir.of(cooking, plan, at(242), catalogue))
                .extracting(broken -> broken.limit())
                .containsOnly(SafetyCheck.Limit.TOO_WARM);
    }

    @Test
    void whatIsAdvisedGainsWhatItSays() {
        of(SmallClass.of(20)
                .assistant()
                .part(
                        "a",
                        hands("mix", 10).range(0.5, 1),
                        watch("bake", 20).after("mix"),
                        hands("serve", 5).after("bake"))
                .part("b", hands("curl", 6).show(Show.MAY))
                .build());
        press(0, "ON_AIR", "");
        AirState state = at(8);
        List<Reply> all = new Replies(state, Optional.of("assistant")).alone();
        assertThat(all).isNotEmpty().allSatisfy(reply -> {
            List<AirEvent> taken = new ArrayList<>(events);
            taken.add(new AirEvent(99, AIR.plusSeconds(8 * 60), reply.pressed()));
            assertThat(state.end() - layout.at(taken, AIR.plusSeconds(8 * 60)).end())
                    .as(reply.toString())
                    .isEqualTo(reply.gain())
                    .isPositive();
        });
    }

    @Test
    void aRetakeRunsAgainAndBothTakesAreKept() {
        press(0, "ON_AIR", "");
        press(0, "START", "mix");
        press(9, "DONE", "mix");
        press(10, "START", "mix");
        assertThat(step(at(11), "mix").status()).isEqualTo(Status.RUNNING);
        press(19, "FAILED", "mix", Trouble.SPILT.name(), 0);
        Coverage coverage = Coverage.of(at(20));
        assertThat(coverage.takes().get(AirState.key(step(at(20), "mix").activity())))
                .containsExactly(
                        new Coverage.Take(0, Optional.of(540), true), new Coverage.Take(600, Optional.of(1140), false));
        assertThat(coverage.toFilm())
                .extracting(standing -> standing.activity().step().step())
                .as("what failed is to be filmed, and first")
                .startsWith("mix")
                .contains("bake", "serve");
    }

    @Test
    void aComponentThatIsDroppedGoesWithEverythingThatHasNotBegun() {
        of(SmallClass.of(40)
                .part("a", hands("mix", 10), hands("serve", 5).after("mix"))
                .part("dip", hands("stir", 5), hands("spoon", 3).after("stir"))
                .build());
        press(0, "ON_AIR", "");
        int before = at(1).end();
        press(1, "DROP", "", "dish/dip", 0);
        assertThat(step(at(1), "stir").status()).isEqualTo(Status.SKIPPED);
        assertThat(step(at(1), "mix").status()).isEqualTo(Status.AHEAD);
        assertThat(before - at(1).end()).isEqualTo(8 * 60);
    }

    @Test
    void questionsWaitUntilTheyAreAnswered() {
        press(0, "ON_AIR", "");
        AirEvent question = press(7, "QUESTION", "", "Can I freeze it?", 0);
        assertThat(at(8).questions()).extracting(AirState.Waiting::text).containsExactly("Can I freeze it?");
        press(9, "ANSWERED", "", String.valueOf(question.number()), 0);
        assertThat(at(10).questions()).isEmpty();
    }

    @Test
    void whatTheDishNeedsIsNeverAdvisedToBeSkipped() {
        of(SmallClass.of(20)
                .part(
                        "a",
                        hands("knead", 10).show(Show.MAY),
                        hands("roll", 10).after("knead"),
                        hands("plate", 5).after("roll"))
                .part("dip", hands("stir", 5).show(Show.MAY))
                .build());
        press(0, "ON_AIR", "");
        assertThat(new Replies(at(1), Optional.empty()).alone())
                .filteredOn(reply -> reply.pressed() instanceof Happened.Skip)
                .extracting(Reply::key)
                .allMatch(key -> key.contains("/stir|"))
                .isNotEmpty();
    }
}
