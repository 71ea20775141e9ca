package hopsel.core.house;

import hopsel.core.Copyable;
import hopsel.core.measure.Measures;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Optional;

/**
 * The house that cooks: what stands on its papers, and how its figures are written. Said once, and used for every
 * class.
 *
 * @param name on handouts, letters and guests' pages; empty text: nobody has said it
 * @param address likewise, on lines
 * @param currency of all prices; empty: nobody has said it, and prices are bare numbers
 * @param measures cups and spoons of a new class or recipe
 * @param degrees how heat is told
 * @param hours how the clock is read
 * @param dates how a day is written
 * @param weekStart first day of a week
 * @param fee what a guest pays, for a new class; empty: said for each class
 * @param vat per cent that are in a fee, 0 or more and under 100; empty: none is reckoned
 * @param zone where it is; empty: where the browser is
 * @param guestMonths months after a class for which its guests are kept, 1 or more; empty: until somebody erases them
 * @param undoDays days for which a guest who was removed can be put back, 0 or more; 0: removing is final
 */
@Copyable
public record House(
        String name,
        String address,
        Optional<Currency> currency,
        Measures measures,
        Degrees degrees,
        Hours hours,
        DateOrder dates,
        DayOfWeek weekStart,
        Optional<BigDecimal> fee,
        Optional<BigDecimal> vat,
        Optional<ZoneId> zone,
        Optional<Integer> guestMonths,
        int undoDays)
        implements HouseBuilder.With {

    private static final int USUAL_UNDO_DAYS = 7;

    /** Of which nobody has said anything. */
    public static final House UNKNOWN = new House(
            "",
            "",
            Optional.empty(),
            Measures.METRIC,
            Degrees.CELSIUS,
            Hours.TWENTY_FOUR,
            DateOrder.DAY_FIRST,
            DayOfWeek.MONDAY,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            USUAL_UNDO_DAYS);

    /** What of an amount that has the tax in it is tax; 0 where none is reckoned. */
    public BigDecimal vatIn(BigDecimal gross) {
        BigDecimal hundred = BigDecimal.valueOf(100);
        return vat.map(share -> gross.multiply(share).divide(hundred.add(share), 2, java.math.RoundingMode.HALF_UP))
                .orElse(BigDecimal.ZERO);
    }
}
