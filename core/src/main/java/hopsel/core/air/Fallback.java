package hopsel.core.air;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.OwnMenu;
import hopsel.core.diet.StandIn;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Catalogue;
import hopsel.core.mise.HomeTools;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * What can stand in when something fails in the middle of a class: another of it, another tool, another ingredient.
 *
 * @param kind what kind of thing
 * @param what what failed: name of a tool, or id of an item; empty text for the step itself
 * @param instead name of a tool, or id of an item; empty text for one made earlier
 * @param ratio grams of the other for each gram of an ingredient; 1 otherwise
 */
public record Fallback(StandsIn kind, String what, String instead, BigDecimal ratio) {

    /** What stands in. */
    public enum StandsIn {
        MADE_EARLIER,
        TOOL,
        INGREDIENT
    }

    /**
     * Everything that is known for a step, what needs no work first; an ingredient only if it suits everybody in the
     * class.
     */
    public static List<Fallback> of(CookingClass cooking, Catalogue builtIn, Plan plan, StepRef ref) {
        List<Fallback> found = new ArrayList<>();
        if (plan.activities().stream()
                .anyMatch(activity ->
                        activity.step().equals(ref) && activity.copy().equals(Copy.swap(ref)))) {
            found.add(new Fallback(StandsIn.MADE_EARLIER, "", "", BigDecimal.ONE));
        }
        Step step = cooking.step(ref);
        HomeTools.of(step).forEach(tool -> tool.standIn()
                .ifPresent(other -> found.add(new Fallback(StandsIn.TOOL, tool.name(), other, BigDecimal.ONE))));
        Catalogue catalogue = cooking.catalogue(builtIn);
        step.uses().stream()
                .map(use -> cooking.dish(ref.dish()).line(use.ingredient()))
                .map(IngredientLine::item)
                .distinct()
                .forEach(item -> StandIn.choices(cooking, builtIn, item).stream()
                        .filter(choice -> cooking.attendees().stream()
                                .allMatch(attendee -> OwnMenu.avoided(catalogue.get(choice.use()), attendee)
                                        .isEmpty()))
                        .limit(2)
                        .forEach(choice ->
                                found.add(new Fallback(StandsIn.INGREDIENT, item, choice.use(), choice.ratio()))));
        return found;
    }
}
