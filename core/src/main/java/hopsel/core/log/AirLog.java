package hopsel.core.log;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Cut;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.Note;
import hopsel.core.air.Happened.Over;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Happened.Start;
import hopsel.core.air.Happened.WentWrong;
import hopsel.core.air.Taste;
import hopsel.core.air.Trouble;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.StepRef;
import hopsel.core.measure.Amount;

import org.jspecify.annotations.Nullable;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A class that was on air: planned and actual, step by step.
 *
 * @param rows work that somebody began and ended, by when it began
 * @param notes what was noted, with when
 * @param questions what guests asked, with when
 * @param wrong what went wrong, with when
 * @param tastes what was found by taste
 * @param end seconds at which it was over, by what was pressed
 * @param skipped keys of what was left out
 */
public record AirLog(
        List<Row> rows,
        List<Remark> notes,
        List<Remark> questions,
        List<Wrong> wrong,
        List<Tasted> tastes,
        int end,
        List<String> skipped) {

    /**
     * A step.
     *
     * @param standing as it was
     * @param lasted seconds that it took
     * @param full whether it was done as the recipe says, and not cut short or swapped out: only then it teaches
     * @param within whether it took no less and no longer than the recipe's range
     */
    public record Row(Standing standing, int lasted, boolean full, boolean within) {

        /** Seconds longer than planned; less than 0: quicker. */
        public int over() {
            return lasted - standing.activity().duration();
        }
    }

    /**
     * Something noted or asked.
     *
     * @param at seconds from going on air
     * @param key of the activity in hand, or empty text
     */
    public record Remark(int at, String key, String text) {}

    /**
     * Something that went wrong.
     *
     * @param at seconds from going on air
     * @param key of the activity, or empty text
     * @param kind what kind of thing
     * @param about the item that ran out; otherwise empty text
     */
    public record Wrong(int at, String key, Trouble kind, String about) {

        /** The dish that it happened to, by its id; empty text: none. */
        public String dish() {
            return key.replaceFirst("/.*", "");
        }
    }

    /**
     * An amount that was found by taste, for the servings of the recipe.
     *
     * @param dish id
     * @param line id
     * @param before as the recipe has it; null: to taste
     * @param came to what it came
     */
    public record Tasted(String dish, String line, @Nullable Amount before, Amount came) {

        /** The class with that amount in its recipe; an id that is no longer there changes nothing. */
        public CookingClass in(CookingClass cooking) {
            return cooking.with(cooking.dishes().stream()
                    .map(own -> own.id().equals(dish) ? in(own) : own)
                    .toList());
        }

        /** The dish with that amount in its recipe. */
        public Dish in(Dish own) {
            return own.eachLine(this::in);
        }

        private IngredientLine in(IngredientLine own) {
            return own.id().equals(line) ? own.withAmount(Optional.of(came)) : own;
        }
    }

    /** Keeps its own copies. */
    public AirLog {
        rows = List.copyOf(rows);
        notes = List.copyOf(notes);
        questions = List.copyOf(questions);
        wrong = List.copyOf(wrong);
        tastes = List.copyOf(tastes);
        skipped = List.copyOf(skipped);
    }

    /** Of a class that went on air. */
    public static AirLog of(CookingClass cooking, AirState state) {
        Instant begun = state.onAir().orElseThrow();
        List<Row> rows = new ArrayList<>();
        List<String> skipped = new ArrayList<>();
        for (Standing standing : state.standings()) {
            String key = AirState.key(standing.activity());
            boolean pressed = state.events().stream().anyMatch(event -> event.is(Start.class, key));
            if (standing.status() == Status.DONE && pressed) {
                rows.add(row(cooking, state, standing, key));
            } else if (standing.status() == Status.SKIPPED) {
                skipped.add(key);
            }
        }
        rows.sort(Comparator.comparingInt(row -> row.standing.start()));
        int end = state.events().stream()
                .filter(event -> event.is(Over.class))
                .map(event -> seconds(begun, event))
                .findFirst()
                .orElseGet(() ->
                        rows.stream().mapToInt(row -> row.standing.end()).max().orElse(0));
        return new AirLog(
                rows,
                notes(state, begun, Note.class),
                notes(state, begun, Question.class),
                state.events().stream().flatMap(event -> wrong(begun, event)).toList(),
                tastes(cooking, state),
                end,
                skipped);
    }

    private static Row row(CookingClass cooking, AirState state, Standing standing, String key) {
        var minutes = cooking.onAir(cooking.step(standing.activity().step())).minutes();
        int lasted = standing.end() - standing.start();
        boolean cut = standing.swapped() || state.events().stream().anyMatch(event -> event.is(Cut.class, key));
        boolean full =
                !cut && standing.activity().duration() == minutes.likely().seconds();
        boolean within = full
                ? lasted >= minutes.low().seconds() && lasted <= minutes.high().seconds()
                : lasted <= standing.activity().duration();
        return new Row(standing, lasted, full, within);
    }

    private static int seconds(Instant begun, AirEvent event) {
        return (int) Duration.between(begun, event.at()).toSeconds();
    }

    private static Stream<Wrong> wrong(Instant begun, AirEvent event) {
        if (event.what() instanceof Failed failed) {
            return Stream.of(new Wrong(seconds(begun, event), failed.activity(), failed.trouble(), ""));
        }
        return event.what() instanceof WentWrong wrong
                ? Stream.of(new Wrong(seconds(begun, event), wrong.activity(), wrong.trouble(), wrong.about()))
                : Stream.empty();
    }

    private static List<Remark> notes(AirState state, Instant begun, Class<? extends Happened> kind) {
        return state.events().stream()
                .filter(event -> event.is(kind))
                .map(event -> new Remark(seconds(begun, event), event.activity(), text(event.what())))
                .toList();
    }

    private static String text(Happened what) {
        if (what instanceof Note note) {
            return note.text();
        }
        return what instanceof Question question ? question.text() : "";
    }

    private static List<Tasted> tastes(CookingClass cooking, AirState state) {
        List<Tasted> all = new ArrayList<>();
        cooking.dishes().forEach(dish -> dish.lines().forEach(line -> Taste.added(state, dish.id() + "/" + line.id())
                .filter(added -> added != 0)
                .flatMap(added -> Taste.cameTo(line, added))
                .ifPresent(came ->
                        all.add(new Tasted(dish.id(), line.id(), line.amount().orElse(null), came)))));
        return all;
    }

    /** Share of steps that took as long as their range says; 0 where there are none. */
    public double held() {
        return rows.isEmpty() ? 0 : rows.stream().filter(Row::within).count() / (double) rows.size();
    }

    /** The line of a dish that something was tasted of. */
    public static IngredientLine line(CookingClass cooking, Tasted tasted) {
        return cooking.dish(tasted.dish).line(tasted.line);
    }

    /** The step of a row. */
    public static StepRef step(Row row) {
        return row.standing.activity().step();
    }
}
