package hopsel.core.plan;

import hopsel.core.plan.Problem.Task;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.List;

/** A step, or its copy made for a swap-out, among the decisions of a {@link Model}. */
final class Making {

    final int number;
    final Task task;
    /** The step this is made for, or null in the main copy. */
    final @Nullable Task top;
    /** Moment at which it starts. */
    final int start;
    /** Literal: there is such an activity. */
    final int present;
    /** Literal: it is on air. */
    final int shown;
    /** Literal: it lasts only as long as it is shown. */
    final int brief;
    /** Literals: it lies in that prep window; the last, on air. */
    int[] times = {};
    /** One list for each need, and one for the hands: where it can be met. */
    final List<List<Use>> uses = new ArrayList<>();

    Making(int number, Task task, @Nullable Task top, int start, int present, int shown, int brief) {
        this.number = number;
        this.task = task;
        this.top = top;
        this.start = start;
        this.present = present;
        this.shown = shown;
        this.brief = brief;
    }

    boolean isMain() {
        return top == null;
    }

    /**
     * A machine that may be held.
     *
     * @param literal that it is this one
     * @param heat or null
     */
    record Use(Making making, int machine, int units, @Nullable Heat heat, int literal) {}
}
