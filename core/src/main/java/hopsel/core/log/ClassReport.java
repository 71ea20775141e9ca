package hopsel.core.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.log.LeftOver.Went;
import hopsel.core.measure.Decimals;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Costing;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A class that is over, in figures.
 *
 * @param title of it
 * @param day on which it was
 * @param guests how many there were
 * @param planned seconds on air, as planned
 * @param actual seconds on air, as it was
 * @param steps that somebody timed
 * @param held share of these that took as long as their range says
 * @param used cost of everything that was used
 * @param bought cost of everything that was bought
 * @param income fees; empty: nobody has said what a guest pays
 * @param thrown edible grams that were thrown away
 * @param waste what these had cost
 * @param wrong how many things went wrong
 */
public record ClassReport(
        String title,
        LocalDate day,
        int guests,
        int planned,
        int actual,
        int steps,
        double held,
        BigDecimal used,
        BigDecimal bought,
        Optional<BigDecimal> income,
        BigDecimal thrown,
        BigDecimal waste,
        int wrong) {

    /**
     * Of a class that was on air.
     *
     * @param prices what things cost
     * @param fee what a guest pays; empty: nobody has said
     * @param left what was left over
     */
    public static ClassReport of(
            PlannedClass planned, AirLog log, Catalogue prices, Optional<BigDecimal> fee, List<LeftOver> left) {
        CookingClass cooking = planned.cooking();
        Costing costing = Costing.of(
                cooking,
                prices,
                planned.batches(),
                planned.demand(),
                planned.kits(),
                planned.bought(prices),
                planned.sold());
        BigDecimal thrown = BigDecimal.ZERO;
        BigDecimal waste = BigDecimal.ZERO;
        for (LeftOver one : left) {
            if (one.went() == Went.THROWN) {
                thrown = thrown.add(one.grams(planned));
                waste = waste.add(costing.dishes().stream()
                        .filter(dish -> dish.title().equals(title(cooking, one.dish())))
                        .map(dish -> dish.perServing().multiply(one.portions(), Decimals.EXACT))
                        .findFirst()
                        .orElse(BigDecimal.ZERO));
            }
        }
        return new ClassReport(
                cooking.title(),
                cooking.startsAt().toLocalDate(),
                cooking.attendees().size(),
                planned.plan().airEnd(),
                log.end(),
                log.rows().size(),
                log.held(),
                costing.used(),
                costing.bought(),
                fee.map(each ->
                        each.multiply(BigDecimal.valueOf(cooking.attendees().size()))),
                thrown,
                waste,
                log.wrong().size());
    }

    private static String title(CookingClass cooking, String dish) {
        return cooking.dishes().stream()
                .filter(own -> own.id().equals(dish))
                .map(own -> own.title())
                .findFirst()
                .orElse("");
    }

    /** Seconds that it ended later than planned; less than 0: earlier. */
    public int late() {
        return actual - planned;
    }

    /** What is left of the fees after what was bought; empty: nobody has said what a guest pays. */
    public Optional<BigDecimal> margin() {
        return income.map(all -> all.subtract(bought));
    }
}
