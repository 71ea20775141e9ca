package hopsel.core.plan;

import hopsel.core.dish.Show;
import hopsel.core.plan.Problem.Task;

import java.util.Arrays;

/** Which steps are shown and which are swapped out, each decided or still open. Immutable. */
final class Choice {

    private enum Mark {
        OPEN,
        NO,
        YES
    }

    private final Mark[] shown;
    private final Mark[] swapped;
    private final boolean[] split;

    private Choice(Mark[] shown, Mark[] swapped, boolean[] split) {
        this.shown = shown;
        this.swapped = swapped;
        this.split = split;
    }

    /** Everything that the class file leaves open is open. */
    static Choice open(Problem problem) {
        Mark[] shown = new Mark[problem.tasks.size()];
        Mark[] swapped = new Mark[problem.tasks.size()];
        for (Task task : problem.tasks) {
            Show show = task.step().show();
            shown[task.number()] = switch (show) {
                case MUST -> Mark.YES;
                case MAY -> Mark.OPEN;
                case NEVER -> Mark.NO;
            };
            swapped[task.number()] = task.swappable() && show != Show.NEVER ? Mark.OPEN : Mark.NO;
        }
        return new Choice(shown, swapped, new boolean[problem.tasks.size()]);
    }

    /** With one step shown or not; what is not shown is not swapped out either. */
    Choice withShown(int task, boolean yes) {
        Choice copy = copy();
        copy.shown[task] = yes ? Mark.YES : Mark.NO;
        if (!yes) {
            copy.swapped[task] = Mark.NO;
        }
        return copy;
    }

    /** With one step swapped out or not; what is swapped out is shown. */
    Choice withSwapped(int task, boolean yes) {
        Choice copy = copy();
        copy.swapped[task] = yes ? Mark.YES : Mark.NO;
        if (yes) {
            copy.shown[task] = Mark.YES;
        }
        return copy;
    }

    /** With one step shown in part. */
    Choice withSplit(int task) {
        Choice copy = copy();
        copy.split[task] = true;
        return copy;
    }

    private Choice copy() {
        return new Choice(shown.clone(), swapped.clone(), split.clone());
    }

    boolean isShown(int task) {
        return shown[task] == Mark.YES;
    }

    boolean isHidden(int task) {
        return shown[task] == Mark.NO;
    }

    boolean showOpen(int task) {
        return shown[task] == Mark.OPEN;
    }

    boolean isSwapped(int task) {
        return swapped[task] == Mark.YES;
    }

    boolean isSplit(int task) {
        return split[task];
    }

    boolean swapOpen(int task) {
        return swapped[task] == Mark.OPEN;
    }

    /** How many steps are swapped out. */
    int swaps() {
        return (int) Arrays.stream(swapped).filter(mark -> mark == Mark.YES).count();
    }

    /** How many {@code may} steps are not shown. */
    int hidden(Problem problem) {
        return (int) problem.tasks.stream()
                .filter(task -> task.may() && isHidden(task.number()))
                .count();
    }
}
