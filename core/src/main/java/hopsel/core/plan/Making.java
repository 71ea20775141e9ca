package hopsel.core.plan;

import hopsel.core.plan.Problem.Task;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.List;

/** A step, its copy made for a swap-out, or what of it is done out of sight. */
final class Making extends Stretch {

    final Task task;
    /** The step this is made for, or null in the main copy. */
    final @Nullable Task top;
    /** Whether it is the rest of a step that is shown in part. */
    final boolean outOfSight;
    /** Hands at its beginning and its end, or for as long as it is shown where it is swapped out. */
    final List<Hands> hands = new ArrayList<>();

    Making(int number, Task task, @Nullable Task top, boolean outOfSight, int start, Length length, int[] literals) {
        super(number, start, length, literals[0], literals[1]);
        this.task = task;
        this.top = top;
        this.outOfSight = outOfSight;
    }

    @Override
    boolean isMain() {
        return top == null;
    }

    @Override
    String component() {
        return task.component();
    }

    @Override
    @Nullable String worksOn() {
        return task.hands() ? dish() : null;
    }

    @Override
    String dish() {
        return task.ref().dish();
    }

    @Override
    Making making() {
        return this;
    }

    /** Which copy of its step it is. */
    Copy copy() {
        if (outOfSight) {
            return Copy.PART;
        }
        return top == null ? Copy.MAIN : Copy.swap(top.ref());
    }
}
