package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Placement;
import hopsel.core.plan.Plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What happens between activities: places heat up, cool down or are rinsed; a host's hands are free. */
public final class Gaps {

    private static final int MINUTE = 60;

    private Gaps() {}

    /** What a gap is. */
    public enum GapReason {
        HEAT,
        COOL,
        RINSE,
        FREE
    }

    /**
     * A stretch of time in which nothing is done somewhere.
     *
     * @param kind what it is
     * @param where id of the place or the person
     * @param from seconds relative to going on air
     * @param to seconds relative to going on air
     */
    public record Gap(GapReason kind, String where, int from, int to) {}

    /**
     * All of a plan that is possible: changes of a place as late as they may be, and free hands on air of a minute or
     * more.
     */
    public static List<Gap> of(CookingClass cooking, Plan plan) {
        List<Gap> gaps = new ArrayList<>();
        for (Arc arc : Arcs.of(cooking, plan).arcs()) {
            if (arc.kind() == Arcs.Bond.PLACE && arc.gap() > 0) {
                change(plan, arc).ifPresent(gaps::add);
            }
        }
        cooking.people().stream().filter(person -> person.role() == Role.HOST).forEach(host -> free(plan, host, gaps));
        return gaps;
    }

    /** Only where nothing else has the place in between. */
    private static Optional<Gap> change(Plan plan, Arc arc) {
        Activity before = plan.activities().get(arc.before());
        Activity then = plan.activities().get(arc.then());
        int from = then.start() - arc.gap();
        return before.placements().stream()
                .filter(place -> holds(then, place.resource()))
                .findFirst()
                .filter(place -> plan.activities().stream()
                        .noneMatch(other -> other != before
                                && other != then
                                && holds(other, place.resource())
                                && other.start() < then.start()
                                && other.end() > before.end()))
                .map(place -> new Gap(
                        kind(place, celsius(then, place.resource())),
                        place.resource(),
                        Math.max(before.end(), from),
                        then.start()));
    }

    private static GapReason kind(Placement before, Optional<BigDecimal> then) {
        int up = before.celsius().isEmpty() || then.isEmpty()
                ? 0
                : then.get().compareTo(before.celsius().get());
        if (up > 0) {
            return GapReason.HEAT;
        }
        if (up < 0) {
            return GapReason.COOL;
        }
        return GapReason.RINSE;
    }

    private static boolean holds(Activity activity, String place) {
        return activity.placements().stream().anyMatch(own -> own.resource().equals(place));
    }

    private static Optional<BigDecimal> celsius(Activity activity, String place) {
        return activity.placements().stream()
                .filter(own -> own.resource().equals(place))
                .findFirst()
                .flatMap(Placement::celsius);
    }

    private static void free(Plan plan, Person host, List<Gap> gaps) {
        int free = 0;
        for (Activity activity : plan.activities()) {
            if (activity.person().equals(Optional.of(host.id()))) {
                add(host, free, activity.start(), gaps);
                free = Math.max(free, activity.end());
            }
        }
        add(host, free, plan.airEnd(), gaps);
    }

    private static void add(Person host, int from, int to, List<Gap> gaps) {
        if (to - from >= MINUTE) {
            gaps.add(new Gap(GapReason.FREE, host.id(), from, to));
        }
    }
}
