package hopsel.core.item;

import java.util.LinkedHashSet;
import java.util.Set;

/** What becomes of an ingredient that a class brought along once the house knows more of it. */
public final class BetterKnown {

    private BetterKnown() {}

    /**
     * The ingredient of a class as it is from now on: what asked for this one by its id or its name has become it; what
     * is something else, or a guess that somebody has yet to confirm, stays. What a label said for the class stays
     * said: allergens only ever come to it, and what is from an animal is not made a plant's.
     *
     * @param own as the class has it
     * @param item as the house has it now
     */
    public static Item of(Item own, Item item) {
        boolean asked = own.isNameOnly() && (own.id().equals(item.id()) || item.isCalled(own.name()));
        boolean same = own.id().equals(item.id()) && own.takenFor().isEmpty();
        if (!asked && !same) {
            return own;
        }
        Set<Allergen> allergens = new LinkedHashSet<>(item.allergens());
        allergens.addAll(own.allergens());
        boolean stricter = !own.isNameOnly() && own.origin().compareTo(item.origin()) > 0;
        return item.under(own.id()).labelled(allergens, stricter ? own.origin() : item.origin());
    }
}
