package hopsel.web.plan;

import hopsel.core.advice.Handovers;
import hopsel.core.advice.Handovers.Handover;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.StationRounds;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.kitchen.Person;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.plan.StartReasons;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A line of the run sheet's list.
 *
 * @param number in the order of the plan, from 1; the drawing uses the same
 * @param activity of the plan
 * @param step what is done
 * @param dish of which dish
 * @param person by whom
 * @param swapOut the main activity of a step that is swapped out
 * @param reasons why it starts then
 * @param takes what is taken over from somebody else here
 * @param hands what is handed over to somebody else from here
 * @param said what a host says between this line's start and the next one's
 * @param rounds how everybody does it at the stations; empty: nobody cooks along here
 */
record RunSheetRow(
        int number,
        Activity activity,
        Step step,
        Dish dish,
        Optional<Person> person,
        boolean swapOut,
        List<StartReasons.Reason> reasons,
        List<Handover> takes,
        List<Handover> hands,
        List<Said> said,
        Optional<StationRounds> rounds) {

    /** Something that is said, and the id of who says it. */
    record Said(String title, String person, int start, int end) {}

    /** Whether anybody's hands are wanted, so that they can be somebody's. */
    public boolean needsSomebody() {
        return activity.person().isPresent() || !activity.hands().isEmpty();
    }

    static List<RunSheetRow> of(CookingClass cooking, Plan plan) {
        List<Handover> handovers = Handovers.of(cooking, plan);
        return IntStream.range(0, plan.activities().size())
                .mapToObj(i -> row(i + 1, plan.activities().get(i), cooking, plan, handovers))
                .toList();
    }

    private static RunSheetRow row(
            int number, Activity activity, CookingClass cooking, Plan plan, List<Handover> handovers) {
        Optional<Person> person = activity.person().flatMap(id -> cooking.people().stream()
                .filter(someone -> someone.id().equals(id))
                .findFirst());
        boolean swapOut = activity.copy().isMain() && plan.swaps().contains(activity.step());
        Step step = cooking.step(activity.step());
        boolean together =
                activity.copy().isMain() && !swapOut && !cooking.onAir(step).equals(step);
        Optional<StationRounds> rounds = together
                ? Optional.of(StationRounds.of(step, cooking.learners(), cooking.resources()))
                : Optional.empty();
        return new RunSheetRow(
                number,
                activity,
                step,
                cooking.dish(activity.step().dish()),
                person,
                swapOut,
                StartReasons.of(cooking, plan, activity),
                handovers.stream().filter(one -> one.to().equals(activity)).toList(),
                handovers.stream().filter(one -> one.from().equals(activity)).toList(),
                said(number, cooking, plan),
                rounds);
    }

    /** What is said from a line's start on until the next one on air; before the first, with the first. */
    private static List<Said> said(int number, CookingClass cooking, Plan plan) {
        List<Activity> all = plan.activities();
        int from = all.get(number - 1).start();
        boolean first = from >= 0 && (number == 1 || all.get(number - 2).start() < 0);
        int until = number < all.size() ? all.get(number).start() : Integer.MAX_VALUE;
        return plan.pace().stream()
                .flatMap(pace -> pace.talk().stream())
                .filter(talk -> talk.start() < until && (talk.start() >= from || first) && until > 0)
                .map(talk -> new Said(cooking.tempo().called(talk.id()), talk.person(), talk.start(), talk.end()))
                .toList();
    }

    /** Before the class, for the list's two parts. */
    public boolean before() {
        return activity.beforeClass();
    }
}
