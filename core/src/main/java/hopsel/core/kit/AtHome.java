package hopsel.core.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.OwnMenu;
import hopsel.core.diet.Serving;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Source;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Amount;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What an attendee of a stream takes from their own kitchen, each thing once, with how much of it for their servings.
 *
 * @param item id of what they take
 * @param insteadOf id of what it stands in for; empty: as written
 * @param amounts for their servings, one for each unit in which the recipes measure it; empty: to taste
 * @param refused what they avoid in it; empty list: they may have it
 */
public record AtHome(String item, Optional<String> insteadOf, List<Amount> amounts, List<String> refused) {

    private static final Set<Unit> WEIGHED = EnumSet.of(Unit.G, Unit.KG);

    /** Keeps its own copies. */
    public AtHome {
        amounts = List.copyOf(amounts);
        refused = List.copyOf(refused);
    }

    /** Everything of theirs, in the order of the dishes. */
    public static List<AtHome> of(CookingClass cooking, Catalogue builtIn, Attendee attendee) {
        OwnMenu menu = OwnMenu.of(cooking, builtIn);
        Map<List<Object>, AtHome> all = new LinkedHashMap<>();
        KitPacker.beside(cooking, builtIn, attendee).stream()
                .filter(own -> own.from() == Source.HOME)
                .forEach(own -> {
                    Dish dish = menu.own(cooking.dish(own.dish()), attendee);
                    IngredientLine line = dish.line(own.line());
                    AtHome one =
                            new AtHome(own.item(), own.insteadOf(), amount(menu, dish, line, attendee), own.refused());
                    all.merge(List.of(own.item(), own.insteadOf()), one, AtHome::and);
                });
        return List.copyOf(all.values());
    }

    /** What stands in is weighed by its ratio; spoons and pieces of one thing are none of another. */
    private static List<Amount> amount(OwnMenu menu, Dish dish, IngredientLine line, Attendee attendee) {
        BigDecimal share = line.scaling().factor(Decimals.ratio(attendee.servings(), dish.servingsOf(line)));
        BigDecimal ratio = menu.serve(dish, line, attendee) instanceof Serving.Substituted other
                ? other.substitution().ratio()
                : BigDecimal.ONE;
        return line.amount().stream()
                .filter(amount -> ratio.compareTo(BigDecimal.ONE) == 0 || WEIGHED.contains(amount.unit()))
                .map(amount -> amount.times(share.multiply(ratio, Decimals.EXACT)))
                .toList();
    }

    private AtHome and(AtHome more) {
        List<Amount> sums = new ArrayList<>(amounts);
        for (Amount other : more.amounts) {
            Optional<Amount> alike = sums.stream()
                    .filter(amount ->
                            amount.unit() == other.unit() && amount.size().equals(other.size()))
                    .findFirst();
            alike.ifPresentOrElse(
                    amount -> sums.set(
                            sums.indexOf(amount),
                            new Amount(
                                    amount.low().add(other.low()),
                                    amount.high().add(other.high()),
                                    amount.unit(),
                                    amount.size())),
                    () -> sums.add(other));
        }
        return new AtHome(
                item,
                insteadOf,
                sums,
                Stream.concat(refused.stream(), more.refused.stream())
                        .distinct()
                        .toList());
    }

    /** How much of it, as a cook measures; empty: to taste. */
    public Optional<String> said(CookingClass cooking) {
        return amounts.stream()
                .map(amount -> CookAmount.of(amount, BigDecimal.ONE, cooking.measures()))
                .reduce((a, b) -> a + " + " + b);
    }
}
