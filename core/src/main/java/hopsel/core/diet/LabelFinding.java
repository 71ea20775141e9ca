package hopsel.core.diet;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What the label of a pack says beyond what the catalogue knows: it holds for this class alone. */
public final class LabelFinding {

    private LabelFinding() {}

    /**
     * The class with an item of its own in the place of the catalogue's.
     *
     * @param found allergens on the label, beside those that are known
     * @param animal whether something from an animal is in it
     */
    public static CookingClass apply(
            CookingClass cooking, Catalogue catalogue, String id, Set<Allergen> found, boolean animal) {
        Item item = catalogue.get(id);
        Set<Allergen> allergens = EnumSet.copyOf(found.isEmpty() ? EnumSet.noneOf(Allergen.class) : found);
        allergens.addAll(item.allergens());
        Item read = item.labelled(allergens, animal ? Origin.ANIMAL : item.origin());
        List<Item> items = new ArrayList<>(
                cooking.items().stream().filter(own -> !own.id().equals(id)).toList());
        items.add(read);
        return cooking.bringing(items);
    }
}
