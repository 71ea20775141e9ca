package hopsel.core.verify;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.kitchen.Resource;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Placement;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Rules 12 to 15: who and what is used, by how many at once, and what lies between. */
final class PlaceCheck {

    private final CookingClass cooking;
    private final Map<String, Resource> resources = new HashMap<>();
    private final Map<StepRef, String> components = new HashMap<>();
    private final Map<StepRef, Step> steps;
    private final List<Violation> violations = new ArrayList<>();
    private final Map<String, List<Hold>> holds = new HashMap<>();

    private PlaceCheck(CookingClass cooking, Map<StepRef, Step> steps) {
        this.cooking = cooking;
        this.steps = steps;
        cooking.resources().forEach(resource -> resources.put(resource.id(), resource));
        for (Dish dish : cooking.dishes()) {
            dish.components().forEach(component -> component
                    .steps()
                    .forEach(step ->
                            components.put(new StepRef(dish.id(), step.id()), dish.id() + "/" + component.id())));
        }
    }

    static List<Violation> check(CookingClass cooking, List<Activity> activities, Map<StepRef, Step> steps) {
        PlaceCheck check = new PlaceCheck(cooking, steps);
        activities.forEach(check::placements);
        check.holds.forEach((id, holds) -> check.resource(Known.in(check.resources, id), holds));
        check.people(activities);
        return check.violations;
    }

    private void placements(Activity activity) {
        List<Need> needs = PlanChecker.asDone(cooking, activity, Known.in(steps, activity.step()))
                .needs();
        if (needs.size() != activity.placements().size()) {
            bad(
                    12,
                    "%s has %d places for %d needs"
                            .formatted(activity.step(), activity.placements().size(), needs.size()));
            return;
        }
        for (int i = 0; i < needs.size(); i++) {
            placement(activity, needs.get(i), activity.placements().get(i));
        }
    }

    private void placement(Activity activity, Need need, Placement placement) {
        Resource resource = resources.get(placement.resource());
        if (resource == null || !resource.kind().equals(need.kind()) || placement.units() != need.units()) {
            bad(
                    12,
                    "%s asks for %d of %s and gets %s"
                            .formatted(activity.step(), need.units(), need.kind(), placement));
            return;
        }
        boolean right = need.celsius().isPresent() == placement.celsius().isPresent()
                && (need.celsius().isEmpty()
                        || need.celsius()
                                        .get()
                                        .subtract(placement.celsius().get())
                                        .abs()
                                        .compareTo(need.tolerance())
                                <= 0);
        if (!right) {
            bad(13, "%s asks for %s °C and gets %s".formatted(activity.step(), need.celsius(), placement.celsius()));
        }
        holds.computeIfAbsent(resource.id(), any -> new ArrayList<>()).add(new Hold(activity, need));
    }

    private void resource(Resource resource, List<Hold> all) {
        for (Hold hold : all) {
            int load = all.stream()
                    .filter(other -> other.activity.start() <= hold.activity.start()
                            && hold.activity.start() < other.activity.end())
                    .mapToInt(other -> other.need.units())
                    .sum();
            if (load > resource.units()) {
                bad(
                        12,
                        "%s holds %d at %d s, but has %d"
                                .formatted(resource.id(), load, hold.activity.start(), resource.units()));
            }
        }
        List<Hold> sorted = all.stream()
                .sorted(Comparator.<Hold>comparingInt(hold -> hold.activity.start())
                        .thenComparingInt(hold -> hold.activity.end()))
                .toList();
        for (int i = 0; i < sorted.size(); i++) {
            for (int j = i + 1; j < sorted.size(); j++) {
                between(resource, sorted.get(i), sorted.get(j));
            }
        }
    }

    private void between(Resource resource, Hold first, Hold then) {
        int gap = then.activity.start() - first.activity.end();
        int change = change(resource, first.need, then.need);
        if (change > 0 && gap < change) {
            bad(
                    13,
                    "%s has %d s between %s and %s, needs %d s to change its heat"
                            .formatted(resource.id(), gap, first.activity.step(), then.activity.step(), change));
        }
        boolean strangers = !Known.in(components, first.activity.step()).equals(components.get(then.activity.step()));
        int rinse = resource.rinse().seconds();
        if (rinse > 0 && strangers && gap < rinse) {
            bad(
                    14,
                    "%s has %d s between %s and %s, needs %d s to be rinsed"
                            .formatted(resource.id(), gap, first.activity.step(), then.activity.step(), rinse));
        }
    }

    /** Seconds to heat or cool from one need to the next, 0 where both can be met at once. */
    private static int change(Resource resource, Need first, Need then) {
        if (first.celsius().isEmpty() || then.celsius().isEmpty()) {
            return 0;
        }
        BigDecimal up = then.celsius()
                .get()
                .subtract(then.tolerance())
                .subtract(first.celsius().get().add(first.tolerance()));
        BigDecimal down = first.celsius()
                .get()
                .subtract(first.tolerance())
                .subtract(then.celsius().get().add(then.tolerance()));
        if (up.signum() <= 0 && down.signum() <= 0) {
            return 0;
        }
        BigDecimal minutes = up.signum() > 0
                ? up.divide(resource.heatPerMinute(), MathContext.DECIMAL64)
                : down.divide(resource.coolPerMinute(), MathContext.DECIMAL64);
        return minutes.multiply(BigDecimal.valueOf(60))
                .subtract(new BigDecimal("0.000001"))
                .setScale(0, RoundingMode.CEILING)
                .intValue();
    }

    private void people(List<Activity> activities) {
        List<Activity> hands = activities.stream()
                .filter(activity -> activity.person().isPresent())
                .toList();
        for (int i = 0; i < hands.size(); i++) {
            for (int j = i + 1; j < hands.size(); j++) {
                Activity a = hands.get(i);
                Activity b = hands.get(j);
                if (a.person().equals(b.person()) && a.start() < b.end() && b.start() < a.end()) {
                    bad(15, "%s does %s and %s at once".formatted(a.person().get(), a.step(), b.step()));
                }
            }
        }
    }

    private void bad(int rule, String text) {
        violations.add(new Violation(rule, text));
    }

    private record Hold(Activity activity, Need need) {}
}
