package hopsel.core.plan;

import hopsel.core.plan.Problem.Task;

import java.util.Arrays;
import java.util.List;

/**
 * Seconds that have to pass after a step of the main copy has ended before the class can be over: the longest chain of
 * what waits for it, each at the shortest it can be.
 *
 * <p>Only waiting counts. That a prep window closes is no work that follows, and a step that may be swapped out holds
 * up what comes after it no longer than it is shown.
 */
final class Tails {

    private static final int UNKNOWN = -1;

    private final List<Task> tasks;
    private final int[] tails;

    Tails(Problem problem) {
        this.tasks = problem.tasks;
        this.tails = new int[tasks.size()];
        Arrays.fill(tails, UNKNOWN);
    }

    /** Seconds after the end of a step's main activity; 0 where nothing has to follow. */
    int of(Task task) {
        if (tails[task.number()] == UNKNOWN) {
            int longest = 0;
            for (Task next : tasks) {
                for (Task.Wait wait : next.waits()) {
                    if (wait.before() == task.number()) {
                        // What is swapped out is waited for in its copy: how long after its main activity, nobody
                        // knows.
                        int least = task.swappable() ? 0 : wait.least();
                        longest = Math.max(longest, least + shortest(next) + of(next));
                    }
                }
            }
            tails[task.number()] = longest;
        }
        return tails[task.number()];
    }

    private static int shortest(Task task) {
        int length = Math.min(task.duration(), task.offCamera().duration());
        return task.swappable() ? Math.min(length, task.shownFor()) : length;
    }
}
