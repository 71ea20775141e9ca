package hopsel.core.bench;

import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.CookName;
import hopsel.core.recipe.ItemFinder;

import java.util.Locale;

/** An ingredient line as one would type it; it reads back to the same amount. */
public final class LineText {

    private LineText() {}

    /**
     * Such as {@code 1.5 cups cashew nuts, soaked (optional)}; where the item is a guess, in the recipe's own words,
     * for nobody has confirmed another.
     */
    public static String of(IngredientLine line, Catalogue catalogue) {
        String name = line.said().isPresent()
                ? line.said().get()
                : catalogue
                        .find(line.item())
                        .map(item -> inNumber(item, name(item, catalogue), line))
                        .orElse(line.item().replace('-', ' '));
        return line.amount().map(amount -> amount.written() + " ").orElse("")
                + name
                + line.prep().map(prep -> ", " + prep).orElse("")
                + (line.optional() ? " (optional)" : "");
    }

    /** {@code 1 red chilli}, {@code 2 cucumbers}: as many as are counted. */
    private static String inNumber(Item item, String name, IngredientLine line) {
        return line.amount()
                .filter(amount -> amount.unit() == Unit.PIECE && amount.size().isEmpty())
                .map(amount -> CookName.counted(item, name, amount.high()))
                .orElse(name);
    }

    /** The plain name, if that leads back to the item; otherwise another name of it. */
    private static String name(Item item, Catalogue catalogue) {
        String plain = item.shortName().toLowerCase(Locale.ROOT);
        boolean leadsBack =
                ItemFinder.of(catalogue).find(plain).filter(item::equals).isPresent();
        return leadsBack ? plain : item.practice().names().stream().findFirst().orElse(item.name());
    }
}
