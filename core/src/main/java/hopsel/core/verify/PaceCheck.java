package hopsel.core.verify;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.HandsPart;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Rules 16 to 19, and what a plan says of its pace: who has which hands when, and what it costs. */
final class PaceCheck {

    private final CookingClass cooking;
    private final Plan plan;
    private final Pace pace;
    private final Map<String, Role> roles;
    private final List<Violation> violations = new ArrayList<>();

    private PaceCheck(CookingClass cooking, Plan plan, Pace pace) {
        this.cooking = cooking;
        this.plan = plan;
        this.pace = pace;
        this.roles =
                cooking.people().stream().collect(Collectors.toMap(person -> person.id(), person -> person.role()));
    }

    static List<Violation> check(CookingClass cooking, Plan plan, Pace pace) {
        PaceCheck check = new PaceCheck(cooking, plan, pace);
        plan.activities().forEach(check::hands);
        check.talk();
        check.roles.keySet().forEach(check::oneThingAtATime);
        check.totals();
        return check.violations;
    }

    /** When in a class something is said; between, where the class does not know it. */
    static TalkPiece.Moment at(CookingClass cooking, Pace.Talk talk) {
        return cooking.tempo().talk().stream()
                .filter(piece -> piece.id().equals(talk.id()))
                .map(TalkPiece::at)
                .findFirst()
                .orElse(TalkPiece.Moment.BETWEEN);
    }

    // ---- rule 16

    /** A part that there has to be. */
    private record Part(HandsPart part, int start, int end) {}

    private void hands(Activity activity) {
        List<Part> given = activity.hands().stream()
                .map(hands -> new Part(hands.part(), hands.start(), hands.end()))
                .toList();
        List<Part> wanted = wanted(activity);
        if (!given.equals(wanted)) {
            bad(16, "%s has the hands %s instead of %s".formatted(activity.step(), given, wanted));
            return;
        }
        activity.hands().forEach(hands -> hands(activity, hands));
    }

    private List<Part> wanted(Activity activity) {
        Step step = PlanChecker.asDone(cooking, activity, cooking.step(activity.step()));
        List<Part> parts = new ArrayList<>();
        if (step.work() == Work.HANDS) {
            return parts;
        }
        if (activity.copy().isMain() && plan.swaps().contains(activity.step())) {
            add(parts, HandsPart.SHOW, activity.start(), activity.end());
            return parts;
        }
        add(
                parts,
                HandsPart.START,
                activity.start(),
                activity.start() + step.handsOn().start().seconds());
        add(parts, HandsPart.END, activity.end() - step.handsOn().end().seconds(), activity.end());
        return parts;
    }

    private static void add(List<Part> parts, HandsPart part, int start, int end) {
        if (start < end) {
            parts.add(new Part(part, start, end));
        }
    }

    private void hands(Activity activity, Activity.Hands hands) {
        Role role = roles.get(hands.person());
        boolean helped = roles.containsValue(Role.ASSISTANT);
        if (role == null) {
            bad(16, "nobody known has the hands of " + activity.step());
        } else if (activity.shown() && role != Role.HOST) {
            bad(16, activity.step() + " is shown, but not by the hands of a host");
        } else if (!activity.shown() && hands.end() > 0 && helped && role != Role.ASSISTANT) {
            bad(16, activity.step() + " is off camera on air, but not by the hands of an assistant");
        }
        boolean inWindow = cooking.prepWindows().stream()
                .anyMatch(window -> window.from().seconds() <= hands.start()
                        && hands.end() <= window.to().seconds());
        if (hands.start() < 0 && !inWindow) {
            bad(16, "%s takes hands at %d s, when nobody is in the kitchen".formatted(activity.step(), hands.start()));
        }
    }

    // ---- rule 17

    private void talk() {
        Set<String> said = new HashSet<>();
        for (Pace.Talk talk : pace.talk()) {
            Optional<TalkPiece> piece = cooking.tempo().talk().stream()
                    .filter(one -> one.id().equals(talk.id()))
                    .findFirst();
            if (piece.isEmpty() || !said.add(talk.id())) {
                bad(17, talk.id() + " is said twice, or not known");
                continue;
            }
            said(talk, piece.get());
        }
        cooking.tempo().talk().stream()
                .filter(piece -> !said.contains(piece.id()))
                .forEach(piece -> bad(17, piece.id() + " is not said"));
    }

    private void said(Pace.Talk talk, TalkPiece piece) {
        if (talk.end() - talk.start() != piece.minutes().seconds()) {
            bad(17, "%s lasts %d s".formatted(talk.id(), talk.end() - talk.start()));
        }
        if (roles.get(talk.person()) != Role.HOST) {
            bad(17, talk.id() + " is not said by a host");
        }
        boolean tooEarly =
                piece.from().filter(from -> talk.start() < from.seconds()).isPresent();
        boolean tooLate = piece.to().filter(to -> talk.end() > to.seconds()).isPresent();
        boolean notFirst = piece.at() == TalkPiece.Moment.OPENING && talk.start() != 0;
        if (tooEarly || tooLate || notFirst || talk.start() < 0) {
            bad(17, "%s is said at %d s".formatted(talk.id(), talk.start()));
        }
        plan.activities().stream()
                .filter(activity -> activity.start() < talk.end() && talk.start() < activity.end())
                .filter(activity -> cooking.step(activity.step())
                        .noise()
                        .filter("loud"::equals)
                        .isPresent())
                .forEach(activity -> bad(17, "%s is said while %s is loud".formatted(talk.id(), activity.step())));
    }

    // ---- rules 18 and 19

    /**
     * What somebody is busy with.
     *
     * @param dish that the hands work on; null where they need no turning to it
     */
    private record Busy(String what, int start, int end, @Nullable String dish) {}

    private void oneThingAtATime(String person) {
        List<Busy> all = new ArrayList<>();
        for (Activity activity : plan.activities()) {
            String what = activity.step() + " [" + activity.copy() + "]";
            if (activity.person().filter(person::equals).isPresent()) {
                all.add(new Busy(
                        what, activity.start(), activity.end(), activity.step().dish()));
            }
            activity.hands().stream()
                    .filter(hands -> hands.person().equals(person))
                    .forEach(hands -> all.add(new Busy(what, hands.start(), hands.end(), null)));
        }
        pace.talk().stream()
                .filter(talk -> talk.person().equals(person))
                .forEach(talk -> all.add(new Busy(talk.id(), talk.start(), talk.end(), null)));
        all.sort(Comparator.comparingInt(Busy::start).thenComparingInt(Busy::end));
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                between(person, all.get(i), all.get(j));
            }
        }
    }

    private void between(String person, Busy first, Busy then) {
        if (then.start() < first.end() && first.start() < then.end()) {
            bad(18, "%s does %s and %s at once".formatted(person, first.what(), then.what()));
        }
        int gap = then.start() - first.end();
        boolean turns =
                first.dish() != null && then.dish() != null && !first.dish().equals(then.dish());
        if (turns && gap < cooking.tempo().turn().seconds()) {
            bad(19, "%s turns from %s to %s in %d s".formatted(person, first.what(), then.what(), gap));
        }
    }

    // ---- what the plan says of itself

    private void totals() {
        if (pace.cost() != cost()) {
            bad(0, "the cost is %d, the plan says %d".formatted(cost(), pace.cost()));
        }
        if (pace.changes() != changes()) {
            bad(0, "the dish changes %d times, the plan says %d".formatted(changes(), pace.changes()));
        }
    }

    private int cost() {
        int hidden = plan.notShown().stream()
                .map(cooking::step)
                .filter(step -> step.show() == Show.MAY)
                .mapToInt(Step::worth)
                .sum();
        int inPart = (int) plan.activities().stream()
                .filter(activity -> activity.copy().part())
                .count();
        return cooking.tempo().swapCost() * plan.swaps().size() + hidden + inPart;
    }

    private int changes() {
        int changes = 0;
        for (String person : roles.keySet()) {
            List<StepRef> shown = plan.activities().stream()
                    .filter(activity -> activity.shown()
                            && activity.person().filter(person::equals).isPresent())
                    .sorted(Comparator.comparingInt(Activity::start).thenComparingInt(Activity::end))
                    .map(Activity::step)
                    .toList();
            for (int i = 1; i < shown.size(); i++) {
                changes += shown.get(i).dish().equals(shown.get(i - 1).dish()) ? 0 : 1;
            }
        }
        return changes;
    }

    private void bad(int rule, String text) {
        violations.add(new Violation(rule, text));
    }
}
