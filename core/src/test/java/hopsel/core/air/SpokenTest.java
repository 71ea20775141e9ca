package hopsel.core.air;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Reply.Means;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.TalkPiece.Moment;
import hopsel.core.classes.Tempo;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a host says is work of theirs, and the class is not over before it is said. */
class SpokenTest {

    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");
    private static final int MINUTE = 60;

    private final CookingClass cooking = SmallClass.of(30)
            .held(Tempo.USUAL.withTalk(List.of(
                    talk("welcome", 2, Moment.OPENING),
                    talk("tasting", 4, Moment.BETWEEN),
                    talk("goodbye", 3, Moment.CLOSING))))
            .part(
                    "stew",
                    hands("chop", 5),
                    watch("simmer", 10).after("chop"),
                    hands("serve", 2).after("simmer"))
            .build();
    private final Plan plan = Planner.plan(cooking);
    private final List<AirEvent> events = new ArrayList<>(List.of(new AirEvent(1, AIR, new Happened.OnAir())));

    private static TalkPiece talk(String id, long minutes, Moment at) {
        Optional<Minutes> from = at == Moment.BETWEEN ? Optional.of(Minutes.of(7)) : Optional.empty();
        return new TalkPiece(id, Minutes.of(minutes), at, from, from.map(any -> Minutes.of(20)), Optional.empty());
    }

    private AirState at(int second) {
        return RunningOrder.of(cooking, plan).at(events, AIR.plusSeconds(second));
    }

    private void press(int second, Happened what) {
        events.add(new AirEvent(events.size() + 1, AIR.plusSeconds(second), what));
    }

    private static Standing piece(AirState state, String id) {
        return state.standings().stream()
                .filter(standing -> standing.activity().step().step().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theWelcomeIsUnderWayAtOnceAndOverWhenWorkBegins() {
        assertThat(at(0).end()).isEqualTo(plan.airEnd());
        assertThat(at(0).late()).isZero();
        assertThat(piece(at(MINUTE), "welcome").status()).isEqualTo(Status.RUNNING);
        assertThat(piece(at(MINUTE), "chop").start()).isEqualTo(2 * MINUTE);
        // Whoever goes on talking pushes everything back.
        assertThat(at(5 * MINUTE).late()).isEqualTo(3 * MINUTE);

        press(90, new Happened.Start("dish/chop|main"));

        assertThat(piece(at(91), "welcome").status()).isEqualTo(Status.DONE);
        assertThat(at(91).late()).isNegative();
    }

    @Test
    void theGoodbyeComesAfterEverythingAndMakesTheEnd() {
        AirState begun = at(0);
        assertThat(piece(begun, "goodbye").end()).isEqualTo(begun.end());
        assertThat(piece(begun, "serve").end())
                .isLessThanOrEqualTo(piece(begun, "goodbye").start());
        press(2 * MINUTE, new Happened.Start("dish/chop|main"));
        // Chopping takes four minutes longer: so does the end.
        press(11 * MINUTE, new Happened.Done("dish/chop|main"));
        assertThat(at(11 * MINUTE).late()).isEqualTo(4 * MINUTE);
    }

    @Test
    void whatIsSaidInBetweenCanBeLeftOut() {
        Replies replies = new Replies(at(0), Optional.empty());
        assertThat(replies.drops()).extracting(Reply::means).doesNotContain(Means.CUT_TALK);
        assertThat(replies.of(piece(at(0), "tasting"))).extracting(Reply::means).containsExactly(Means.LEAVE_TALK);
        assertThat(replies.of(piece(at(0), "goodbye"))).isEmpty();
    }
}
