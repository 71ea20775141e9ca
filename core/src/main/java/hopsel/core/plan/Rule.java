package hopsel.core.plan;

import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Problem.Task;

import org.jspecify.annotations.Nullable;

import java.util.List;
import java.util.stream.Stream;

/**
 * A rule as it holds for certain steps, in the cook's words.
 *
 * @param number of the contract; 0 for what the host asked for
 * @param sort which part of it
 * @param one the step it is about; null where it is about none
 * @param two the step it stands to, or null
 * @param figure seconds that the cook wrote, or which of its needs, or which talk
 */
record Rule(int number, Sort sort, @Nullable Task one, @Nullable Task two, int figure) {

    enum Sort {
        SHOWN,
        TIME,
        ORDER,
        WITHIN,
        KEEPS,
        KEEPS_TO_END,
        PLACE,
        HANDS,
        TALK,
        PIN,
        CHOICE,
        GIVEN,
        VOICE,
        DISHES
    }

    Conflict conflict(Problem problem) {
        List<StepRef> steps = Stream.of(one, two)
                .filter(task -> task != null)
                .map(Task::ref)
                .distinct()
                .toList();
        return new Conflict(number, steps, message(problem));
    }

    private String message(Problem problem) {
        if (one == null) {
            return sort == Sort.VOICE
                    ? "You asked for one host to do all the talking. Let another speak, too."
                    : talk(problem);
        }
        return message(problem, one, Words.quoted(one), two == null ? "" : Words.quoted(two));
    }

    private String talk(Problem problem) {
        TalkPiece piece = problem.cooking.tempo().talk().get(figure);
        return "“%s” needs a host with free hands for %s and nothing loud. Give it more room, or drop it."
                .formatted(
                        piece.title().orElse(piece.id()),
                        Words.time(piece.minutes().seconds()));
    }

    private String message(Problem problem, Task about, String first, String second) {
        return switch (sort) {
            case SHOWN ->
                (about.may()
                                ? "%s can't start before the class if it's shown."
                                : "%s must be shown, so it can't start before the class. Let it be done ahead, "
                                        + "out of sight.")
                        .formatted(first);
            case TIME -> time(problem, about, first);
            case ORDER ->
                figure > 0
                        ? "%s waits for %s, and %s more.".formatted(second, first, Words.time(figure))
                        : "%s waits for %s.".formatted(second, first);
            case WITHIN ->
                "%s has to start within %s of the end of %s. Allow more time in between."
                        .formatted(second, Words.time(figure), first);
            case KEEPS ->
                "%s keeps only %s before %s. Let it keep longer, or make it later."
                        .formatted(first, Words.time(figure), second);
            case KEEPS_TO_END ->
                "%s keeps only %s before the end of the class. Let it keep longer, or make it later."
                        .formatted(first, Words.time(figure));
            case PLACE ->
                ("%s needs the %s while something else is using it. Bring another, or let what is done before or after "
                                + "it keep longer.")
                        .formatted(first, about.step().needs().get(figure).kind());
            case HANDS ->
                "%s needs hands while everybody is busy. Bring another pair of hands, or let things keep longer."
                        .formatted(first);
            case TALK -> talk(problem);
            case PIN -> "You pinned %s at %s. Unpin it, or move it.".formatted(first, Words.moment(figure));
            case GIVEN ->
                "You gave %s to %s. Give it to somebody else."
                        .formatted(first, problem.cooking.people().get(figure).name());
            case DISHES ->
                "You asked for the dishes in menu order, so %s comes before %s. Drop the order."
                        .formatted(first, second);
            case VOICE -> "";
            case CHOICE -> "You asked for %s to be shown, or not swapped out. Take that back.".formatted(first);
        };
    }

    private static String time(Problem problem, Task about, String first) {
        String opening = problem.windows.isEmpty()
                ? ", and it is not open before the class"
                : ", from %s at the earliest"
                        .formatted(Words.moment(problem.windows.get(0)[0]));
        String alone = about.hands() && !problem.hasAssistant
                ? " During the class only an assistant could do it, and there is none."
                : "";
        return ("%s (%s) can only be begun while somebody is in the kitchen%s.%s Open the kitchen earlier or for "
                        + "longer%s.")
                .formatted(
                        first,
                        Words.time(about.duration()),
                        opening,
                        alone,
                        alone.isEmpty() ? "" : ", bring an assistant, or show it");
    }
}
