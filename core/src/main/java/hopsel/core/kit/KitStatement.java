package hopsel.core.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.DishCheck;
import hopsel.core.diet.Doubt;
import hopsel.core.diet.OwnMenu;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What may be said of everything that somebody eats in a class, from their kit, their home or the host.
 *
 * @param without what they avoid and every dish is made without
 * @param doubts why not more is said
 */
public record KitStatement(List<String> without, List<Doubt> doubts) {

    /** Keeps its own copies. */
    public KitStatement {
        without = List.copyOf(without);
        doubts = List.copyOf(doubts);
    }

    /**
     * What may be said to an attendee.
     *
     * @param labelsRead ids of items whose labels somebody read for this class
     */
    public static KitStatement of(CookingClass cooking, Catalogue builtIn, Attendee attendee, Set<String> labelsRead) {
        Catalogue catalogue = cooking.catalogue(builtIn);
        OwnMenu menu = OwnMenu.of(cooking, builtIn);
        List<String> without = new ArrayList<>(attendee.avoids());
        Set<Doubt> doubts = new LinkedHashSet<>();
        for (Dish dish : cooking.dishes()) {
            DishCheck check = DishCheck.of(menu.own(dish, attendee), catalogue, labelsRead);
            List<Item> used = menu.used(dish, attendee);
            without.retainAll(check.madeWithout(attendee, used));
            doubts.addAll(check.doubtsFor(attendee, used));
        }
        return new KitStatement(without, List.copyOf(doubts));
    }
}
