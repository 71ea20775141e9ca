package hopsel.core.planned;

import hopsel.core.bench.Draft;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.bench.Notes;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A class as one attendee cooks it: the dishes in their own style, and what that changed.
 *
 * <p>A style is a wish. What an attendee may not have is met after it, by what they avoid.
 *
 * @param cooking the class with its dishes changed
 * @param batches what its lines weigh
 * @param changes sentences, a dish named before each
 */
public record AttendeeClass(CookingClass cooking, Batches batches, List<String> changes) {

    /** Keeps its own copy. */
    public AttendeeClass {
        changes = List.copyOf(changes);
    }

    /** The class in the schools chosen; a school that does not exist is as if not chosen. */
    public static AttendeeClass of(PlannedClass planned, Map<Matter, String> schools, Catalogue builtIn) {
        return of(planned.cooking(), planned.plan(), schools, builtIn);
    }

    /** The same for a class whose plan is no matter, such as for a handout. */
    public static AttendeeClass of(CookingClass cooking, Map<Matter, String> schools, Catalogue builtIn) {
        return of(
                cooking,
                new Plan(Verdict.IMPOSSIBLE, 0, 0, List.of(), List.of(), List.of(), List.of()),
                schools,
                builtIn);
    }

    private static AttendeeClass of(CookingClass before, Plan plan, Map<Matter, String> schools, Catalogue builtIn) {
        List<Dish> dishes = new ArrayList<>();
        List<String> changes = new ArrayList<>();
        for (Dish dish : before.dishes()) {
            Draft sheet = new Draft(dish, before.items(), before.measures(), Notes.NONE);
            for (Matter matter : Matter.values()) {
                String school = schools.get(matter);
                if (school != null && matter.schools().contains(school)) {
                    HouseStyle style = styled(sheet, matter, school, builtIn);
                    sheet = style.sheet();
                    style.changes().forEach(change -> changes.add(dish.title() + ": " + change));
                }
            }
            dishes.add(sheet.dish());
        }
        CookingClass cooking = before.with(dishes).withShared(List.of());
        return new AttendeeClass(cooking, Batches.of(cooking, builtIn, plan), changes);
    }

    private static HouseStyle styled(Draft sheet, Matter matter, String school, Catalogue builtIn) {
        try {
            return HouseStyle.apply(sheet, matter, school, builtIn);
        } catch (RefusedEditException e) {
            throw new IllegalStateException(e);
        }
    }
}
