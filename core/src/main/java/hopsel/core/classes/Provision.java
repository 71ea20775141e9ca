package hopsel.core.classes;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * How much is made, beside the kits.
 *
 * @param demoServings servings of the demo batch of each dish, above 0
 * @param tastingPortions guests who taste each dish, 0 or more
 * @param tastingShare what each tastes, as a share of a serving
 * @param sparePercent what is bought on top of everything
 * @param pantry what is there already
 * @param mixed whether bags of kits are mixed for several kits where that is less to weigh
 * @param asSoldPercent by how much packs that are handed out as they are sold may make kits dearer, 0 or more; empty:
 *     everything is weighed
 * @param posting how kits go out by post; empty: guests fetch them
 */
@Copyable
public record Provision(
        BigDecimal demoServings,
        BigDecimal tastingPortions,
        BigDecimal tastingShare,
        BigDecimal sparePercent,
        List<Stock> pantry,
        boolean mixed,
        Optional<BigDecimal> asSoldPercent,
        Optional<Posting> posting)
        implements ProvisionBuilder.With {

    /** Servings that all tastes of a dish together are, beside what is cooked in class. */
    public BigDecimal tastingServings() {
        return tastingPortions.multiply(tastingShare);
    }

    /** Keeps its own copy. */
    public Provision {
        pantry = List.copyOf(pantry);
    }

    /**
     * Something that is there already.
     *
     * @param item id of the item
     * @param grams as bought, 0 or more
     */
    @Copyable
    public record Stock(String item, BigDecimal grams) implements ProvisionStockBuilder.With {}
}
