package hopsel.core.caution;

import hopsel.core.dish.Dish;
import hopsel.core.food.FoodFlow;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Finds the cautions of a dish from what goes in and what is done, by the rule of each {@link Caution}. */
public final class CautionFinder {

    private CautionFinder() {}

    /** The cautions of a dish, in the order of {@link Caution}. */
    public static Set<Caution> of(Dish dish, Catalogue catalogue) {
        return of(new CookedDish(dish, catalogue, FoodFlow.of(dish, catalogue)));
    }

    static Set<Caution> of(CookedDish facts) {
        Set<Caution> found = EnumSet.allOf(Caution.class);
        found.removeIf(caution -> !caution.applies(facts));
        return found;
    }

    /** The allergens of a list of items, in the order of the law's list. */
    public static List<Allergen> allergens(List<Item> items) {
        return items.stream()
                .flatMap(item -> item.allergens().stream())
                .distinct()
                .sorted()
                .toList();
    }
}
