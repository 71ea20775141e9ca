package hopsel.core.plan;

import hopsel.core.dish.StepRef;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The answer to a class: a run sheet, or why there is none. Immutable.
 *
 * @param verdict fits, overruns or impossible
 * @param airEnd seconds after going on air at which the last thing is done
 * @param overrun seconds by which that is past the slot
 * @param swaps steps swapped out, sorted
 * @param notShown {@code may} steps that are not shown, sorted
 * @param activities in the order of {@link Activity#ORDER}; empty when impossible
 * @param conflicts reasons of an impossible class; for an overrun, the chain that causes it
 * @param pace how it goes for those who hold it; empty by the first edition of the rules
 */
public record Plan(
        Verdict verdict,
        int airEnd,
        int overrun,
        List<StepRef> swaps,
        List<StepRef> notShown,
        List<Activity> activities,
        List<Conflict> conflicts,
        Optional<Pace> pace) {

    /** Keeps its own copies. */
    public Plan {
        swaps = List.copyOf(swaps);
        notShown = List.copyOf(notShown);
        activities = List.copyOf(activities);
        conflicts = List.copyOf(conflicts);
    }

    /** A plan by the first edition of the rules. */
    public Plan(
            Verdict verdict,
            int airEnd,
            int overrun,
            List<StepRef> swaps,
            List<StepRef> notShown,
            List<Activity> activities,
            List<Conflict> conflicts) {
        this(verdict, airEnd, overrun, swaps, notShown, activities, conflicts, Optional.empty());
    }

    /** The same with what is known of its pace. */
    public Plan paced(Pace known) {
        return new Plan(verdict, airEnd, overrun, swaps, notShown, activities, conflicts, Optional.of(known));
    }

    /** There is no plan, for these reasons. */
    public static Plan impossible(List<Conflict> conflicts) {
        return new Plan(Verdict.IMPOSSIBLE, 0, 0, List.of(), List.of(), List.of(), conflicts);
    }

    /** None was found, which does not mean that there is none. */
    public static Plan notFound(List<Conflict> why) {
        return new Plan(Verdict.NOT_FOUND, 0, 0, List.of(), List.of(), List.of(), why);
    }

    /** Whether there is a run sheet. */
    public boolean possible() {
        return verdict == Verdict.FITS || verdict == Verdict.OVERRUNS;
    }

    /** Whether it ends in its slot on fewer evenings than were asked for. */
    public boolean lessSureThan(Optional<BigDecimal> asked) {
        return asked.isPresent()
                && pace.flatMap(Pace::onTime)
                        .filter(share -> share < asked.get().doubleValue())
                        .isPresent();
    }

    /** Steps that are swapped out, as a set. */
    public Set<StepRef> swapped() {
        return Set.copyOf(swaps);
    }
}
