package hopsel.core.bench;

import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.recipe.ItemFinder;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;

/** An ingredient line as one would type it; it reads back to the same amount. */
public final class LineText {

    private LineText() {
    }

    /** Such as {@code 1.5 cups cashew nuts, soaked (optional)}. */
    public static String of(IngredientLine line, Catalogue catalogue) {
        String name = catalogue.find(line.item()).map(item -> name(item, catalogue)).orElse(line.item().replace('-', ' '));
        return line.amount().map(LineText::amount).orElse("") + name + line.prep().map(prep -> ", " + prep).orElse("")
                + (line.optional() ? " (optional)" : "");
    }

    /** The plain name, if that leads back to the item; otherwise another name of it. */
    private static String name(Item item, Catalogue catalogue) {
        String plain = item.name().split("[,(]")[0].strip().toLowerCase(Locale.ROOT);
        boolean leadsBack = ItemFinder.of(catalogue).find(plain).filter(item::equals).isPresent();
        return leadsBack ? plain : item.practice().names().stream().findFirst().orElse(item.name());
    }

    private static String amount(Amount amount) {
        String high = number(amount.high());
        String number = !amount.isRange() ? high : amount.low().signum() == 0 ? "up to " + high : number(amount.low()) + "-" + high;
        return number + " " + unit(amount);
    }

    private static String unit(Amount amount) {
        return switch (amount.unit()) {
            case PIECE -> amount.size().map(size -> size + " ").orElse("");
            case FLOZ -> "fl oz ";
            default -> amount.unit().word() + " ";
        };
    }

    /** Fractions that kitchens write stand as such; six digits otherwise. */
    private static String number(BigDecimal number) {
        return Decimals.plain(number.round(new MathContext(6))).toPlainString();
    }
}
