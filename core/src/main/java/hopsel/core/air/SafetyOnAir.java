package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.mise.SafetyCheck;
import hopsel.core.mise.SafetyCheck.Broken;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import java.util.List;

/**
 * The limits of food safety on the evening itself: by when things were really done, and will be from where they stand.
 */
public final class SafetyOnAir {

    private SafetyOnAir() {}

    /**
     * What is broken, or will be.
     *
     * @param plan that the class goes by
     */
    public static List<Broken> of(CookingClass cooking, Plan plan, AirState state, Catalogue catalogue) {
        List<Activity> really = state.standings().stream()
                .filter(standing -> standing.status() != Status.SKIPPED && standing.status() != Status.FAILED)
                .map(SafetyOnAir::really)
                .sorted(Activity.ORDER)
                .toList();
        Plan evening = new Plan(Verdict.FITS, state.end(), 0, plan.swaps(), plan.notShown(), really, List.of());
        return SafetyCheck.of(cooking, evening, catalogue, List.of());
    }

    private static Activity really(Standing standing) {
        Activity planned = standing.activity();
        return new Activity(
                planned.step(),
                planned.copy(),
                planned.shown(),
                standing.start(),
                Math.max(standing.start(), standing.end()),
                standing.person(),
                planned.placements());
    }
}
