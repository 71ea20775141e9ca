package hopsel.core.mise;

import hopsel.core.measure.Amount;
import hopsel.core.measure.Working;
import hopsel.core.plan.Activity;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * What stands ready for one activity.
 *
 * @param activity of the plan
 * @param bowls what goes in, weighed, by item and cut
 * @param toTaste items that go in to taste
 */
public record Tray(Activity activity, List<Bowl> bowls, List<Bowl> toTaste) {

    /** Keeps its own copies. */
    public Tray {
        bowls = List.copyOf(bowls);
        toTaste = List.copyOf(toTaste);
    }

    /**
     * A bowl.
     *
     * @param item id
     * @param prep the cut
     * @param grams edible, exact; the upper end of a range
     * @param certain grams that certainly go in; empty: there is only one amount
     * @param working how the grams come about
     * @param written the amount of its line in the recipe, for all of the line; empty: to taste
     */
    public record Bowl(
            String item,
            Optional<String> prep,
            BigDecimal grams,
            Optional<BigDecimal> certain,
            Working working,
            Optional<Amount> written) {}
}
