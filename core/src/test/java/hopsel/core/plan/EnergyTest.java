package hopsel.core.plan;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.rest;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Show;
import hopsel.core.solve.Work;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.Random;

/** A bound that says a class cannot end sooner than it does stops the search, and makes a plan "best" that is not. */
class EnergyTest {

    /** A class with prep windows, so that much of its work lies before it and is held by their closing. */
    private static CookingClass any(long seed) {
        Random random = new Random(seed);
        SmallClass small = SmallClass.of(60)
                .assistant()
                .place("oven", 1, 0)
                .place("burner", 2, 0)
                .open(-400, -300)
                .open(-120, -10);
        for (int part = 0; part < 5; part++) {
            SmallClass.Draft[] steps = new SmallClass.Draft[3];
            for (int i = 0; i < steps.length; i++) {
                String id = "s%d-%d".formatted(part, i);
                int minutes = 3 + random.nextInt(25);
                SmallClass.Draft draft =
                        switch (random.nextInt(3)) {
                            case 0 -> hands(id, minutes);
                            case 1 -> watch(id, minutes).in(random.nextBoolean() ? "oven" : "burner");
                            default -> rest(id, minutes);
                        };
                draft = random.nextInt(3) == 0
                        ? draft.show(Show.NEVER)
                        : random.nextBoolean() ? draft.show(Show.MAY) : draft;
                steps[i] = i > 0 ? draft.after("s%d-%d".formatted(part, i - 1)) : draft;
            }
            small.part("p" + part, steps);
        }
        return small.build();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    void noBoundLiesAboveAPlanThatWasFound(long seed) {
        CookingClass cooking = any(seed);
        Outcome outcome = Planner.answer(cooking, Wishes.NONE);
        if (outcome.plan().possible()) {
            Problem problem = new Problem(cooking);
            Model model = new Model(problem, Wishes.NONE);
            Attempts attempts = new Attempts(model, new Work(50_000_000), schedule -> {});
            assertThat(attempts.bound()).isLessThanOrEqualTo(outcome.plan().airEnd());
            // Asked for a plan that ends as early as the best one, the bound must not deny it either.
            int end = attempts.endsBy(outcome.plan().airEnd());
            attempts.settle(end);
            assertThat(attempts.bound()).isBetween(0, outcome.plan().airEnd());
        }
    }

    @Test
    void aClassBeyondWhatCanBePlannedIsRefusedAndNotCalledImpossible() {
        SmallClass small = SmallClass.of(60).open(-4000, -10);
        for (int part = 0; part < 207; part++) {
            small.part(
                    "p" + part,
                    hands("a" + part, 1).show(Show.MAY),
                    rest("b" + part, 5).show(Show.MAY).after("a" + part),
                    hands("c" + part, 1).show(Show.MAY).after("b" + part));
        }
        Outcome outcome = Planner.answer(small.build(), Wishes.NONE);
        assertThat(outcome.plan().verdict()).isEqualTo(Verdict.NOT_FOUND);
        assertThat(outcome.proven()).isFalse();
        assertThat(outcome.plan().conflicts()).singleElement().satisfies(conflict -> assertThat(conflict.message())
                .contains("621 steps")
                .contains("two classes"));
    }
}
