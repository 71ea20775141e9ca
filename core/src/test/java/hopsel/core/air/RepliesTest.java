package hopsel.core.air;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.Replies.Way;
import hopsel.core.air.Reply.Means;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/** What is advised about a late end, held against a search over all that could be done. */
class RepliesTest {

    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");

    private static AirState late(CookingClass cooking, int seconds) {
        Plan plan = Planner.plan(cooking);
        return RunningOrder.of(cooking, plan)
                .at(List.of(new AirEvent(1, AIR, new Happened.OnAir())), AIR.plusSeconds(seconds));
    }

    /** A class of the same shape every time, of other lengths. */
    private static CookingClass made(SplittableRandom random) {
        double[] m =
                random.doubles(8).map(chance -> 2 + Math.round(chance * 10)).toArray();
        return SmallClass.of(45)
                .assistant()
                .part(
                        "base",
                        hands("chop", m[0]).show(Show.MAY),
                        hands("fry", m[1]).after("chop").range(0.5, 1.5),
                        watch("simmer", m[2]).after("fry"),
                        hands("plate", m[3]).range(0.6, 1.2).after("simmer").after("warm"))
                .part(
                        "sauce",
                        hands("stir", m[4]).show(Show.MAY),
                        hands("warm through", m[5]).id("warm").after("stir").show(Show.MAY))
                .part("top", hands("curl", m[6]).show(Show.MAY))
                .part("extra", hands("roll", m[7]).range(0.4, 1.4))
                .build();
    }

    /** Every set of at most four things that can be done at all, tried out. */
    private static Way exhaustive(AirState start, int slot) {
        List<Reply> all = start.standings().stream()
                .flatMap(new Replies(start, Optional.of("assistant"))::of)
                .map(reply -> reply.gaining(0))
                .toList();
        Way best = new Way(List.of(), start.end());
        for (int set = 1; set < 1 << all.size(); set++) {
            if (Integer.bitCount(set) > 4) {
                continue;
            }
            List<Reply> taken = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                if ((set >> i & 1) == 1) {
                    taken.add(all.get(i));
                }
            }
            AirState then = start;
            for (Reply reply : taken) {
                then = then.after(reply.pressed());
            }
            Way way = new Way(taken, then.end());
            boolean fits = way.end() <= slot;
            boolean bestFits = best.end() <= slot;
            if (fits != bestFits ? fits : fits ? way.cost() < best.cost() : way.end() < best.end()) {
                best = way;
            }
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void theAdviceIsAsGoodAsTheBestOfAllReplies(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        CookingClass cooking = made(random);
        AirState state = late(cooking, 60 * (2 + random.nextInt(8)));
        for (int slot : List.of(state.end() - 60, state.end() - 300, state.end() - 600, state.end() - 3000)) {
            Way best = exhaustive(state, slot);
            Way advised = new Replies(state, Optional.of("assistant")).best(slot);
            assertThat(advised.end() <= slot)
                    .as("whether it fits %d: %s against %s", slot, advised, best)
                    .isEqualTo(best.end() <= slot);
            if (best.end() <= slot) {
                assertThat(advised.cost()).as("%s against %s", advised, best).isEqualTo(best.cost());
            } else {
                assertThat(advised.end()).as("%s against %s", advised, best).isEqualTo(best.end());
            }
        }
    }

    @Test
    void eachKindOfReplyIsOfferedWhereItCanBeTaken() {
        AirState state = late(made(new SplittableRandom(1)), 600);
        List<Reply> all = new Replies(state, Optional.of("assistant")).alone();
        assertThat(all).extracting(Reply::means).contains(Means.CUT_TALK, Means.HAND_OVER);
        assertThat(new Replies(state, Optional.empty()).alone())
                .extracting(Reply::means)
                .doesNotContain(Means.HAND_OVER);
        assertThat(new Replies(state, Optional.of("assistant")).drops())
                .allMatch(reply -> reply.gain() >= 30)
                .isSortedAccordingTo((one, two) -> two.gain() - one.gain());
    }

    @Test
    void aDipCanGoAndWhatTheDishIsMadeOfCannot() {
        CookingClass cooking = SmallClass.of(30)
                .part("dough", hands("mix", 5), hands("knead", 5).after("mix"))
                .part(
                        "dumplings",
                        hands("fold", 8).after("knead"),
                        hands("serve", 3).after("fold").after("spoon"))
                .part("dip", hands("stir", 4), hands("spoon", 2).after("stir"))
                .build();
        AirState state = late(cooking, 600);
        assertThat(new Replies(state, Optional.empty()).drops()).singleElement().satisfies(reply -> {
            assertThat(reply.text()).isEqualTo("dish/dip");
            assertThat(reply.gain()).isEqualTo(6 * 60);
        });
        CookingClass aside = SmallClass.of(30)
                .part("broth", hands("boil", 8))
                .part("noodles and toppings", hands("soak", 4), hands("cut", 3).after("soak"))
                .part(
                        "garnish",
                        hands("pick", 3),
                        hands("plate", 2).after("pick").after("boil").after("cut"))
                .build();
        assertThat(new Replies(late(aside, 600), Optional.empty()).drops())
                .as("noodles are no topping, and the plate is where the dish ends")
                .isEmpty();
        assertThat(new Replies(state, Optional.empty()).best(31 * 60).replies())
                .extracting(Reply::means)
                .containsExactly(Means.DROP_COMPONENT);
    }

    @Test
    void theEndIsInDangerHalfAMinuteBeforeTheSlotIsOverUnlessItWasPlannedSo() {
        CookingClass loose = SmallClass.of(30).part("a", hands("fry", 20)).build();
        assertThat(Danger.of(late(loose, 0))).isEqualTo(new Danger(false, 600, 29 * 60 + 30));
        assertThat(Danger.of(late(loose, 9 * 60 + 31)).late()).isTrue();
        CookingClass tight = SmallClass.of(30).part("a", hands("fry", 30)).build();
        assertThat(Danger.of(late(tight, 0)).late())
                .as("planned to the last second")
                .isFalse();
        assertThat(Danger.of(late(tight, 1)).late()).isTrue();
    }

    @Test
    void whatIsHandedOverWaitsForWhatTheAssistantHasToDoFirst() {
        CookingClass cooking = SmallClass.of(30)
                .assistant()
                .part("a", hands("chop", 10).show(Show.MAY), hands("plate", 5).after("chop"))
                .part("b", hands("peel", 8).show(Show.MAY))
                .build();
        AirState state = late(cooking, 0);
        AirState both = state;
        for (String step : List.of("chop", "peel")) {
            String key = state.standings().stream()
                    .map(standing -> AirState.key(standing.activity()))
                    .filter(own -> own.contains("/" + step + "|"))
                    .findFirst()
                    .orElseThrow();
            both = both.after(new Happened.HandOver(key, "assistant"));
        }
        List<AirState.Standing> theirs = both.standings().stream()
                .filter(standing -> standing.person().equals(Optional.of("assistant")))
                .toList();
        assertThat(theirs).hasSize(2);
        assertThat(theirs.get(1).start()).isGreaterThanOrEqualTo(theirs.get(0).end());
    }
}
