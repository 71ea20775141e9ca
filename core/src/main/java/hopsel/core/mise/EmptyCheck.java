package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.plan.Activity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * What should be empty once a component is done on air: whatever still stands on the counter then was forgotten.
 *
 * @param component which
 * @param title of the component
 * @param moment seconds into the class at which its last bowl has been used
 * @param bowls that should be empty by then, in the order of use
 */
public record EmptyCheck(ComponentRef component, String title, int moment, List<Bowl> bowls) {

    /**
     * A bowl of a tray.
     *
     * @param activity that empties it
     * @param index in its tray, from 0
     * @param bowl what is in it
     */
    public record Bowl(Activity activity, int index, SetBowl bowl) {

        /** Stays the same when the class is planned again. */
        public String key() {
            return EmptyCheck.key(activity, index);
        }
    }

    /** Keeps its own copy. */
    public EmptyCheck {
        bowls = List.copyOf(bowls);
    }

    /** The key of a bowl. */
    public static String key(Activity activity, int index) {
        return activity.step() + ":" + activity.copy() + ":" + index;
    }

    /** By the moment at which they are done. */
    public static List<EmptyCheck> of(CookingClass cooking, Map<Activity, List<SetBowl>> trays) {
        List<EmptyCheck> checks = new ArrayList<>();
        for (Dish dish : cooking.dishes()) {
            for (Component component : dish.components()) {
                List<String> steps =
                        component.steps().stream().map(step -> step.id()).toList();
                List<Bowl> bowls = new ArrayList<>();
                int moment = 0;
                for (Map.Entry<Activity, List<SetBowl>> tray : trays.entrySet()) {
                    Activity activity = tray.getKey();
                    if (activity.step().dish().equals(dish.id())
                            && steps.contains(activity.step().step())
                            && activity.end() > 0
                            && activity.copy().once()) {
                        for (int i = 0; i < tray.getValue().size(); i++) {
                            bowls.add(new Bowl(activity, i, tray.getValue().get(i)));
                        }
                        moment = Math.max(moment, activity.end());
                    }
                }
                if (!bowls.isEmpty()) {
                    checks.add(new EmptyCheck(
                            new ComponentRef(dish.id(), component.id()), component.title(), moment, bowls));
                }
            }
        }
        checks.sort(Comparator.comparingInt(EmptyCheck::moment));
        return checks;
    }
}
