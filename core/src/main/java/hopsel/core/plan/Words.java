package hopsel.core.plan;

import hopsel.core.plan.Problem.Task;

/** Figures and names as messages say them. */
final class Words {

    private Words() {}

    static String quoted(Task task) {
        return "“%s”".formatted(task.step().title());
    }

    /** Such as {@code 25 min}, {@code 1 h 05 min} or {@code 40 s}. */
    static String time(int seconds) {
        if (seconds < 60) {
            return seconds + " s";
        }
        int minutes = Math.floorDiv(seconds + 30, 60);
        if (minutes < 60) {
            return minutes + " min";
        }
        if (minutes % 60 == 0) {
            return minutes / 60 + " h";
        }
        return "%d h %02d min".formatted(minutes / 60, minutes % 60);
    }

    /** A moment relative to going on air. */
    static String moment(int seconds) {
        if (seconds == 0) {
            return "the start";
        }
        if (seconds < 0) {
            return time(-seconds) + " before the start";
        }
        return time(seconds) + " into the class";
    }
}
