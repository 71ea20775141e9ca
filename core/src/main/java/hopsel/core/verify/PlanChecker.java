package hopsel.core.verify;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.After;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Checks a plan against rules 1 to 20 of the class file's contract and its own totals, from the class and the plan
 * alone.
 */
public final class PlanChecker {

    private final CookingClass cooking;
    private final Plan plan;
    private final List<Violation> violations = new ArrayList<>();
    private final Map<StepRef, Step> steps = new LinkedHashMap<>();
    private final Map<StepRef, Activity> main = new HashMap<>();
    private final Map<StepRef, Map<StepRef, Activity>> copies = new HashMap<>();
    /** What is done out of sight of steps that are shown in part. */
    private final Map<StepRef, Activity> rests = new HashMap<>();

    private final Set<StepRef> swapped;

    private PlanChecker(CookingClass cooking, Plan plan) {
        this.cooking = cooking;
        this.plan = plan;
        this.swapped = new LinkedHashSet<>(plan.swaps());
        for (Dish dish : cooking.dishes()) {
            dish.steps().forEach(step -> {
                StepRef ref = new StepRef(dish.id(), step.id());
                if (cooking.made(ref).equals(ref)) {
                    steps.put(ref, step);
                }
            });
        }
    }

    /** Everything that is wrong with the plan; empty: it may be shown. */
    public static List<Violation> check(CookingClass cooking, Plan plan) {
        PlanChecker checker = new PlanChecker(cooking, plan);
        if (!plan.possible()) {
            checker.impossible();
        } else if (checker.collect()) {
            checker.activities();
            checker.mainOrder();
            checker.copies.keySet().forEach(checker::copyOrder);
            checker.ends();
            checker.violations.addAll(PlaceCheck.check(cooking, plan.activities(), checker.steps));
            checker.totals();
            plan.pace().ifPresent(pace -> checker.violations.addAll(PaceCheck.check(cooking, plan, pace)));
            checker.edition();
        }
        return List.copyOf(checker.violations);
    }

    /** A plan kept from before may know only the first edition, and is checked by that; never the other way round. */
    private void edition() {
        if (plan.pace().isPresent() && Edition.of(cooking) == Edition.FIRST) {
            bad(0, "The class is planned by the first edition of the rules.");
        }
    }

    private void impossible() {
        if (!plan.activities().isEmpty() || plan.conflicts().isEmpty()) {
            bad(0, "An impossible plan has no activities and at least one conflict.");
        }
    }

    /** Sorts the activities into copies; false where the set of them is wrong, so that times need not be looked at. */
    private boolean collect() {
        int before = violations.size();
        for (Activity activity : plan.activities()) {
            if (!steps.containsKey(activity.step())) {
                bad(1, activity.step() + " is no step of the class");
                continue;
            }
            Map<StepRef, Activity> place = activity.copy()
                    .swapOf()
                    .map(swap -> copies.computeIfAbsent(swap, any -> new HashMap<>()))
                    .orElse(activity.copy().part() ? rests : main);
            if (place.put(activity.step(), activity) != null) {
                bad(activity.copy().isMain() ? 1 : 8, name(activity) + " is there twice");
            }
        }
        steps.keySet().stream().filter(step -> !main.containsKey(step)).forEach(step -> bad(1, step + " is missing"));
        if (violations.size() == before) {
            copySets();
        }
        return violations.size() == before;
    }

    private void copySets() {
        rests.keySet().forEach(ref -> {
            if (Known.in(steps, ref).part().isEmpty() || !shown(ref)) {
                bad(20, ref + " is shown in part, which it cannot be");
            }
        });
        if (!copies.keySet().equals(swapped)) {
            bad(0, "the swaps declared are %s, those made are %s".formatted(swapped, copies.keySet()));
        }
        copies.forEach((swap, made) -> {
            Step step = steps.get(swap);
            if (step == null || step.swap().isEmpty()) {
                bad(8, swap + " cannot be swapped out");
                return;
            }
            Set<StepRef> expected = new HashSet<>(Set.of(swap));
            ancestors(swap).stream().filter(this::shown).forEach(expected::add);
            if (!expected.equals(made.keySet())) {
                bad(8, "the copy for %s holds %s instead of %s".formatted(swap, made.keySet(), expected));
            }
            if (!shown(swap)) {
                bad(11, swap + " is swapped out but not shown");
            }
        });
    }

    private Set<StepRef> ancestors(StepRef step) {
        Set<StepRef> found = new HashSet<>();
        for (After after : Known.in(steps, step).after()) {
            StepRef before = before(step, after);
            if (found.add(before)) {
                found.addAll(ancestors(before));
            }
        }
        return found;
    }

    /** The step that is waited for, wherever it is made. */
    private StepRef before(StepRef step, After after) {
        return cooking.made(new StepRef(step.dish(), after.step()));
    }

    private boolean shown(StepRef step) {
        return Known.in(main, step).shown();
    }

    private void activities() {
        List<Activity> sorted =
                plan.activities().stream().sorted(Activity.ORDER).toList();
        if (!sorted.equals(plan.activities())) {
            bad(0, "the activities are not in order");
        }
        for (Activity activity : plan.activities()) {
            Step step = asDone(cooking, activity, Known.in(steps, activity.step()));
            duration(activity, step);
            showing(activity, step);
            moment(activity, step);
        }
    }

    /** What is shown is done as attendees do it; copies are made by the house. */
    static Step asDone(CookingClass cooking, Activity activity, Step step) {
        return activity.copy().isMain() ? cooking.onAir(step) : step;
    }

    private void duration(Activity activity, Step step) {
        boolean brief = activity.copy().isMain() && swapped.contains(activity.step());
        boolean cut =
                rests.containsKey(activity.step()) && activity.copy().swapOf().isEmpty();
        int expected = (brief ? step.swap().orElseThrow() : step.minutes().likely()).seconds();
        if (cut) {
            int part = step.part().map(Minutes::seconds).orElse(0);
            expected = activity.copy().part() ? expected - part : part;
        }
        if (activity.end() - activity.start() != expected) {
            int whole = brief ? 8 : 1;
            bad(
                    cut ? 20 : whole,
                    "%s lasts %d s instead of %d s"
                            .formatted(name(activity), activity.end() - activity.start(), expected));
        }
    }

    private void showing(Activity activity, Step step) {
        if (!activity.copy().isMain()) {
            if (activity.shown()) {
                bad(9, name(activity) + " is a copy and yet shown");
            }
        } else if (step.show() == Show.MUST && !activity.shown() || step.show() == Show.NEVER && activity.shown()) {
            bad(2, "%s is %s to be shown".formatted(name(activity), step.show().word()));
        }
        if (activity.shown() && activity.start() < 0) {
            bad(2, name(activity) + " is shown before the start");
        }
    }

    private void moment(Activity activity, Step step) {
        boolean hands = step.work() == Work.HANDS;
        if (hands != activity.person().isPresent()) {
            bad(15, name(activity) + (hands ? " has nobody to do it" : " needs nobody, but has a person"));
            return;
        }
        if (hands) {
            who(activity);
        }
        boolean inWindow = cooking.prepWindows().stream()
                .anyMatch(window -> window.from().seconds() <= activity.start()
                        && (hands ? activity.end() : activity.start())
                                <= window.to().seconds());
        if (activity.start() < 0 && !inWindow) {
            bad(4, "%s starts at %d s, when nobody is in the kitchen".formatted(name(activity), activity.start()));
        }
    }

    private void who(Activity activity) {
        Optional<Role> role = cooking.people().stream()
                .filter(person -> person.id().equals(activity.person().orElseThrow()))
                .map(person -> person.role())
                .findFirst();
        if (role.isEmpty()) {
            bad(15, name(activity) + " is done by nobody known");
        } else if (activity.shown() && role.get() != Role.HOST) {
            bad(2, name(activity) + " is shown, but not by a host");
        } else if (!activity.shown() && activity.end() > 0 && role.get() != Role.ASSISTANT) {
            bad(3, name(activity) + " is off camera on air, but not by an assistant");
        }
    }

    private void mainOrder() {
        steps.forEach((ref, step) -> {
            Activity then = Known.in(main, ref);
            for (After after : step.after()) {
                StepRef before = before(ref, after);
                if (swapped.contains(before)) {
                    atLeast(10, then, Known.in(main, before).end(), before + " shown");
                }
                afterMain(before, then, after);
                if (rests.containsKey(ref)) {
                    afterMain(before, Known.in(rests, ref), after);
                }
            }
        });
    }

    private void afterMain(StepRef before, Activity then, After after) {
        int rule = then.copy().part() ? 20 : 0;
        if (swapped.contains(before)) {
            follows(rule == 0 ? 10 : rule, Known.in(Known.in(copies, before), before), then, after);
            return;
        }
        follows(rule, Known.in(main, before), then, after);
        if (rests.containsKey(before)) {
            Activity rest = Known.in(rests, before);
            atLeast(20, then, rest.end() + after.least().seconds(), name(rest));
        }
    }

    private void copyOrder(StepRef swap) {
        Set<StepRef> inside = ancestors(swap);
        inside.add(swap);
        for (StepRef ref : inside) {
            for (After after : Known.in(steps, ref).after()) {
                Optional<Activity> then = standIn(swap, ref);
                Optional<Activity> before = standIn(swap, before(ref, after));
                boolean touchesCopy = Stream.of(then, before)
                        .flatMap(Optional::stream)
                        .anyMatch(a -> !a.copy().isMain());
                if (then.isPresent() && before.isPresent() && touchesCopy) {
                    follows(0, before.get(), then.get(), after);
                }
            }
        }
    }

    private Optional<Activity> standIn(StepRef swap, StepRef step) {
        Activity copy = Known.in(copies, swap).get(step);
        if (copy != null) {
            return Optional.of(copy);
        }
        if (shown(step)) {
            return Optional.empty();
        }
        return Optional.of(Known.in(main, step));
    }

    /** Rules 5 and 6, or rule 10 where that number is given. */
    private void follows(int rule, Activity before, Activity then, After after) {
        atLeast(rule == 0 ? 5 : rule, then, before.end() + after.least().seconds(), name(before));
        after.within().ifPresent(within -> atMost(rule == 0 ? 5 : rule, then, before, within));
        Known.in(steps, before.step()).keeps().ifPresent(keeps -> atMost(rule == 0 ? 6 : rule, then, before, keeps));
    }

    private void atLeast(int rule, Activity then, int moment, String what) {
        if (then.start() < moment) {
            bad(
                    rule,
                    "%s starts at %d s, but has to wait for %s until %d s"
                            .formatted(name(then), then.start(), what, moment));
        }
    }

    private void atMost(int rule, Activity then, Activity before, Minutes limit) {
        if (then.start() - before.end() > limit.seconds()) {
            bad(
                    rule,
                    "%s starts %d s after %s, more than %d s"
                            .formatted(name(then), then.start() - before.end(), name(before), limit.seconds()));
        }
    }

    /** Rule 7, and rules 6 and 10 for what is finished last. */
    private void ends() {
        Stream<Activity> last = finals().stream()
                .flatMap(activity -> Stream.of(activity, rests.getOrDefault(activity.step(), activity)));
        int done = Stream.concat(main.values().stream().filter(Activity::shown), last)
                .mapToInt(Activity::end)
                .reduce(0, Math::max);
        int said = talk().mapToInt(Pace.Talk::end).reduce(0, Math::max);
        int airEnd = Math.max(done, said);
        int eaten = closing().orElse(airEnd);
        if (eaten < done) {
            bad(17, "the closing words begin at %d s, before all is done at %d s".formatted(eaten, done));
        }
        if (airEnd != plan.airEnd()) {
            bad(7, "the class ends at %d s, not at %d s".formatted(airEnd, plan.airEnd()));
        }
        for (Activity activity : finals()) {
            Known.in(steps, activity.step())
                    .keeps()
                    .filter(keeps -> eaten - activity.end() > keeps.seconds())
                    .ifPresent(keeps -> bad(
                            activity.copy().isMain() ? 6 : 10,
                            "%s waits %d s for the end, more than %d s"
                                    .formatted(name(activity), eaten - activity.end(), keeps.seconds())));
        }
    }

    private Stream<Pace.Talk> talk() {
        return plan.pace().stream().flatMap(pace -> pace.talk().stream());
    }

    private OptionalInt closing() {
        return talk().filter(talk -> PaceCheck.at(cooking, talk) == TalkPiece.Moment.CLOSING)
                .mapToInt(Pace.Talk::start)
                .min();
    }

    private List<Activity> finals() {
        Set<StepRef> followed = new HashSet<>();
        steps.forEach((ref, step) -> step.after().forEach(after -> followed.add(before(ref, after))));
        return steps.keySet().stream()
                .filter(step -> !followed.contains(step))
                .map(step -> swapped.contains(step) ? Known.in(copies, step).get(step) : main.get(step))
                .toList();
    }

    private void totals() {
        int overrun = Math.max(0, plan.airEnd() - cooking.airMinutes().seconds());
        if (plan.overrun() != overrun || (plan.verdict() == Verdict.OVERRUNS) != (overrun > 0)) {
            bad(
                    0,
                    "the overrun is %d s, the plan says %s by %d s"
                            .formatted(overrun, plan.verdict().word(), plan.overrun()));
        }
        List<StepRef> hidden = steps.keySet().stream()
                .filter(step -> Known.in(steps, step).show() == Show.MAY && !shown(step))
                .sorted()
                .toList();
        if (!hidden.equals(plan.notShown())) {
            bad(0, "not shown are %s, the plan says %s".formatted(hidden, plan.notShown()));
        }
    }

    private static String name(Activity activity) {
        return activity.copy().equals(Copy.MAIN)
                ? activity.step().toString()
                : activity.step() + " [" + activity.copy() + "]";
    }

    private void bad(int rule, String text) {
        violations.add(new Violation(rule, text));
    }
}
