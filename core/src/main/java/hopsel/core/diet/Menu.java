package hopsel.core.diet;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;

import java.util.ArrayList;
import java.util.List;

/** Decides for a line and an attendee: as it is, with a substitution, left out, or cannot be served. */
public final class Menu {

    /** What everybody avoids, beside their own list. */
    public static final String ANIMAL = "animal";

    private final Catalogue catalogue;
    private final List<Substitution> substitutions;

    private Menu(Catalogue catalogue, List<Substitution> substitutions) {
        this.catalogue = catalogue;
        this.substitutions = substitutions;
    }

    /** The menu of a class. */
    public static Menu of(CookingClass cooking, Catalogue builtIn) {
        return new Menu(cooking.catalogue(builtIn), cooking.substitutions());
    }

    /** What becomes of a line for an attendee. */
    public Serving serve(IngredientLine line, Attendee attendee) {
        List<String> reasons = avoided(catalogue.get(line.item()), attendee);
        if (reasons.isEmpty()) {
            return new Serving.AsWritten();
        }
        for (Substitution substitution : substitutions) {
            if (substitution.replaced().equals(line.item()) && safe(catalogue.get(substitution.use()), attendee)) {
                return new Serving.Substituted(substitution, reasons);
            }
        }
        return line.optional() ? new Serving.LeftOut(reasons) : new Serving.CannotServe(reasons);
    }

    private static boolean safe(Item item, Attendee attendee) {
        return avoided(item, attendee).isEmpty();
    }

    /** Why the attendee does not have this item, in the order of their list; empty: they may. */
    public static List<String> avoided(Item item, Attendee attendee) {
        List<String> reasons = new ArrayList<>();
        for (String word : attendee.avoids()) {
            boolean meets = item.id().equals(word)
                    || item.allergens().stream().anyMatch(allergen -> allergen.word().equals(word))
                    || item.is().filter(rule -> rule.word().equals(word)).isPresent();
            if (meets && !reasons.contains(word)) {
                reasons.add(word);
            }
        }
        if (item.origin() == Origin.ANIMAL) {
            reasons.add(ANIMAL);
        }
        return reasons;
    }
}
