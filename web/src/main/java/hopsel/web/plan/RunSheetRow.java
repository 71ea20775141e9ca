package hopsel.web.plan;

import hopsel.core.classes.CookingClass;
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
 * @param number   in the order of the plan, from 1; the drawing uses the same
 * @param activity of the plan
 * @param step     what is done
 * @param dish     of which dish
 * @param person   by whom
 * @param swapOut  the main activity of a step that is swapped out
 * @param reasons  why it starts then
 */
record RunSheetRow(int number, Activity activity, Step step, Dish dish, Optional<Person> person, boolean swapOut,
                   List<StartReasons.Reason> reasons) {

    static List<RunSheetRow> of(CookingClass cooking, Plan plan) {
        return IntStream.range(0, plan.activities().size()).mapToObj(i -> row(i + 1, plan.activities().get(i), cooking, plan)).toList();
    }

    private static RunSheetRow row(int number, Activity activity, CookingClass cooking, Plan plan) {
        Optional<Person> person = activity.person().flatMap(id -> cooking.people().stream()
                .filter(someone -> someone.id().equals(id)).findFirst());
        boolean swapOut = activity.copy().isMain() && plan.swaps().contains(activity.step());
        return new RunSheetRow(number, activity, cooking.step(activity.step()), cooking.dish(activity.step().dish()), person,
                swapOut, StartReasons.of(cooking, plan, activity));
    }

    /** Before the class, for the list's two parts. */
    public boolean before() {
        return activity.beforeClass();
    }
}
