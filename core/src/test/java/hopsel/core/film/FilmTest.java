package hopsel.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Style;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.film.Choice.Way;
import hopsel.core.film.Film.Bit;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A recording on its two clocks. */
class FilmTest {

    @Test
    void waitingCostsTheDayAndNotTheFilm() {
        Film film = film(recording(6, step("Roll the dough", 4), rest("Chill it", 240), step("Slice it", 3)));

        assertThat(film.day()).isEqualTo(minutes(247));
        assertThat(film.length()).isEqualTo(minutes(6));
        assertThat(film.exact()).isTrue();
        assertThat(film.leftOut()).isEmpty();
    }

    @Test
    void thePlanOfTheDayHasOneBatch() {
        CookingClass film =
                recording(6, rest("Chill it", 240).withSwap(Optional.of(Minutes.of(1))), step("Slice it", 3));

        Plan plan = Planner.plan(ShootingDay.planned(film));

        assertThat(plan.swaps()).isEmpty();
        assertThat(plan.activities()).hasSize(2);
    }

    @Test
    void whatIsWorthLeastIsLeftOut() {
        Film film = film(recording(
                3,
                step("Fold the parcels", 2).withShow(Show.MAY).withWorth(3),
                step("Peel the roots", 8).withShow(Show.MAY).withWorth(0),
                step("Plate", 1)));

        assertThat(film.shots()).extracting(Shot::title).containsExactly("Fold the parcels", "Plate");
        assertThat(film.leftOut()).extracting(Film.LeftOut::title).containsExactly("Peel the roots");
        assertThat(film.length()).isEqualTo(minutes(3));
    }

    @Test
    void whatMustBeShownIsShownEvenIfTheFilmIsTooLong() {
        Film film = film(recording(1, step("Fold", 9), step("Bake off", 9), step("Plate", 9), step("Garnish", 9)));

        assertThat(film.shots()).hasSize(4).extracting(Shot::extent).containsOnly(Extent.ENDS);
        assertThat(film.tooLong()).isEqualTo(20);
    }

    @Test
    void aShotLastsAsLongAsWhatIsSaidInIt() {
        String words = "word ".repeat(65);
        Film film = film(recording(5, rest("Let it stand", 30).withSay(Optional.of(words)), step("Serve", 1)));

        assertThat(film.shots().get(0).spoken()).isEqualTo(30);
        assertThat(film.shots().get(0).seconds()).isEqualTo(30);
    }

    @Test
    void whatIsSaidOfSomethingLoudIsSaidBeforeIt() {
        Step blend = step("Blend", 1).withNoise(Optional.of("loud")).withSay(Optional.of("word ".repeat(65)));

        Film film = film(recording(5, blend, step("Serve", 1)));

        assertThat(film.shots().get(0).seconds()).isEqualTo(60 + 30);
    }

    @Test
    void aStoryIsToldWhereSomethingRunsByItself() {
        CookingClass recording = recording(10, step("Mix", 2), rest("Let it stand", 30), step("Serve", 2));
        TalkPiece story = new TalkPiece(
                "story",
                Minutes.of(1),
                TalkPiece.Moment.BETWEEN,
                Optional.empty(),
                Optional.empty(),
                Optional.of("The harbour"));

        Film film = film(recording.withTempo(recording.tempo().withTalk(List.of(story))));

        assertThat(film.shots()).extracting(Shot::title).containsExactly("Mix", "Let it stand", "The harbour", "Serve");
    }

    @Test
    void whatChangesWhileNobodyLooksIsShotTwice() {
        Film film = film(recording(10, step("Mix", 2), rest("Let it rise", 30).withShow(Show.MUST), step("Shape", 2)));

        assertThat(film.takes())
                .extracting(take -> take.moment() / 60 + " " + take.title() + " " + take.bit())
                .containsExactly(
                        "0 Mix " + Bit.ALL,
                        "2 Let it rise " + Bit.BEGINNING,
                        "32 Let it rise " + Bit.END,
                        "32 Shape " + Bit.ALL);
    }

    /** Every choice tried, for small ones. */
    @Test
    void noOtherChoiceIsWorthMore() {
        Random random = new Random(3);
        for (int round = 0; round < 300; round++) {
            List<List<Way>> ways = new ArrayList<>();
            for (int step = 0; step < 4; step++) {
                List<Way> own = new ArrayList<>();
                for (int way = 0; way <= random.nextInt(3); way++) {
                    own.add(new Way(Optional.of(Extent.PART), random.nextInt(20), random.nextInt(9)));
                }
                ways.add(own);
            }
            int length = random.nextInt(50);

            int best = best(ways, 0, length);

            assertThat(Choice.best(ways, length)
                            .map(chosen -> chosen.stream().mapToInt(Way::worth).sum())
                            .orElse(-1))
                    .isEqualTo(best);
            Choice.best(ways, length).ifPresent(chosen -> assertThat(
                            chosen.stream().mapToInt(Way::seconds).sum())
                    .isLessThanOrEqualTo(length));
        }
    }

    private static int best(List<List<Way>> ways, int step, int length) {
        if (step == ways.size()) {
            return 0;
        }
        int best = -1;
        for (Way way : ways.get(step)) {
            int rest = way.seconds() <= length ? best(ways, step + 1, length - way.seconds()) : -1;
            best = rest >= 0 ? Math.max(best, way.worth() + rest) : best;
        }
        return best;
    }

    private static Film film(CookingClass recording) {
        return Film.of(recording, Planner.plan(ShootingDay.planned(recording)));
    }

    /** One step after another. */
    private static CookingClass recording(long minutes, Step... steps) {
        List<SmallClass.Draft> drafts = new ArrayList<>();
        for (Step step : steps) {
            SmallClass.Draft draft = SmallClass.hands(step.id(), 1);
            drafts.add(drafts.isEmpty() ? draft : draft.after(steps[drafts.size() - 1].id()));
        }
        CookingClass small = SmallClass.of(minutes)
                .held(Tempo.USUAL)
                .part("part", drafts.toArray(SmallClass.Draft[]::new))
                .build()
                .withStyle(Style.RECORDING);
        Dish dish = small.dishes().get(0);
        for (Step step : steps) {
            dish = dish.change(step.id(), own -> step.withAfter(own.after()));
        }
        return small.with(dish);
    }

    private static Step step(String title, int minutes) {
        return step(title, minutes, Work.HANDS).withShow(Show.MUST);
    }

    private static Step rest(String title, int minutes) {
        return step(title, minutes, Work.REST);
    }

    private static Step step(String title, int minutes, Work work) {
        return Step.of(title, title, StepMinutes.of(Minutes.of(minutes)), work);
    }

    private static int minutes(int minutes) {
        return minutes * 60;
    }
}
