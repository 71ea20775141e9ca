package hopsel.core.handout;

import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.bench.Notes;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Worksheet;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A class as one attendee cooks it at home: the dishes in their own style, and what that changed.
 *
 * <p>Only schools are offered that leave the kit as it is packed. What an attendee may not have is met by substitutions
 * in the kit itself, not here.
 *
 * @param cooking the class with its dishes changed
 * @param changes sentences, a dish named before each
 */
public record HandoutStyle(CookingClass cooking, List<String> changes) {

    /** Matters that an attendee may choose in. */
    public static final List<Matter> OFFERED = List.of(Matter.OIL, Matter.SALT, Matter.PEEL, Matter.MEASURES);

    private static final String NOTHING = "Nothing";

    /** Keeps its own copy. */
    public HandoutStyle {
        changes = List.copyOf(changes);
    }

    /** The class in the schools chosen; a school that does not exist, or is not offered, is as if not chosen. */
    public static HandoutStyle of(CookingClass cooking, Map<Matter, String> schools, Catalogue builtIn) {
        List<Dish> dishes = new ArrayList<>();
        List<String> changes = new ArrayList<>();
        for (Dish dish : cooking.dishes()) {
            Worksheet sheet = new Worksheet(dish, cooking.items(), cooking.measures(), Notes.NONE);
            for (Matter matter : OFFERED) {
                String school = schools.get(matter);
                if (school != null && matter.schools().contains(school)) {
                    HouseStyle style = styled(sheet, matter, school, builtIn);
                    sheet = style.sheet();
                    style.changes().stream().filter(change -> !change.startsWith(NOTHING)).map(change -> dish.title() + ": " + change).forEach(changes::add);
                }
            }
            dishes.add(sheet.dish());
        }
        return new HandoutStyle(cooking.with(dishes), changes);
    }

    private static HouseStyle styled(Worksheet sheet, Matter matter, String school, Catalogue builtIn) {
        try {
            return HouseStyle.apply(sheet, matter, school, builtIn);
        } catch (RefusedEditException e) {
            throw new IllegalStateException(e);
        }
    }
}
