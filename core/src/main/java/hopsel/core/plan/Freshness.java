package hopsel.core.plan;

import hopsel.core.classes.TalkPiece;
import hopsel.core.plan.Problem.Task;
import hopsel.core.solve.Answer;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Of plans that are equally good, one in which what cools, wilts or softens stands about for less: late is better than
 * early, on air as before. What keeps the shortest is brought together first.
 */
final class Freshness {

    /** Seconds that anything may stand: a cook sets it down and takes it up again. */
    private static final int AT_ONCE = 120;

    /** Seconds from which on nobody tastes how long something stood. */
    private static final int SOON = 2 * 60 * 60;

    private static final long PATIENCE = 40;
    private static final long EFFORT = 400_000;

    private final Attempts attempts;
    private final Model model;

    /**
     * What stands about until it is wanted.
     *
     * @param then what it is for; null for what is served at the end
     * @param seconds between the two, as they were
     */
    private record Wait(Making made, @Nullable Making then, int seconds) {

        double share() {
            return seconds / (double) made.task.keeps();
        }
    }

    Freshness(Attempts attempts) {
        this.attempts = attempts;
        this.model = attempts.model;
    }

    /** Brings together what can be, without any of what is settled being lost. */
    void improve() {
        attempts.settle(attempts.endsBy(attempts.found().airEnd()));
        for (Wait wait : waits()) {
            int now = seconds(wait.made, wait.then);
            if (!shorter(wait, now, AT_ONCE)) {
                shorter(wait, now, now / 2);
            }
        }
    }

    private boolean shorter(Wait wait, int now, int most) {
        if (now <= most) {
            return true;
        }
        Making made = wait.made;
        int moment = wait.then == null ? model.end : wait.then.start;
        int lasts = attempts.around.end(made) - attempts.around.start(made);
        int literal = attempts.within(made.start, moment, lasts + most + (wait.then == null ? closing() : 0));
        int[] goals = IntStream.concat(IntStream.of(literal), IntStream.of(attempts.around.keepBut(made)))
                .toArray();
        boolean found = attempts.attempt(PATIENCE, EFFORT, goals) == Answer.FOUND;
        if (found) {
            attempts.settle(literal);
        }
        return found;
    }

    /** What uses up most of the time it keeps first. */
    private List<Wait> waits() {
        List<Wait> waits = new ArrayList<>();
        for (Task task : model.problem.tasks) {
            Making made = model.makings.get(task.number());
            if (task.keeps() > 0 && task.keeps() <= SOON && !attempts.around.isChosen(model.swapped[task.number()])) {
                users(task).forEach(then -> add(waits, made, then));
                if (task.isFinal()) {
                    add(waits, made, null);
                }
            }
        }
        waits.sort(Comparator.comparingDouble(Wait::share).reversed());
        return waits;
    }

    private void add(List<Wait> waits, Making made, @Nullable Making then) {
        int seconds = seconds(made, then);
        if (seconds > AT_ONCE && attempts.around.end(made) >= 0) {
            waits.add(new Wait(made, then, seconds));
        }
    }

    private Stream<Making> users(Task task) {
        return model.problem.tasks.stream()
                .filter(then -> then.waits().stream().anyMatch(wait -> wait.before() == task.number()))
                .map(then -> model.makings.get(then.number()));
    }

    private int seconds(Making made, @Nullable Making then) {
        int until = then == null ? attempts.found().airEnd() - closing() : attempts.around.start(then);
        return until - attempts.around.end(made);
    }

    /** Seconds of what is said at the end. */
    private int closing() {
        return model.speeches.stream()
                .filter(speech -> speech.piece.at() == TalkPiece.Moment.CLOSING)
                .mapToInt(speech -> speech.full)
                .sum();
    }
}
