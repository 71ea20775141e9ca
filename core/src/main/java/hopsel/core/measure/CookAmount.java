package hopsel.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;

/**
 * An amount as a cook measures it: spoons that exist, halves and thirds of cups, whole grams. Exact figures stay with
 * the caller; this is only for reading.
 */
public final class CookAmount {

    /** Parts of a whole that cups and spoons come in, with the sign they are written with. */
    private static final List<Part> PARTS = List.of(
            new Part("0", ""),
            new Part("0.125", "⅛"),
            new Part("0.25", "¼"),
            new Part("0.333333", "⅓"),
            new Part("0.5", "½"),
            new Part("0.666667", "⅔"),
            new Part("0.75", "¾"),
            new Part("1", ""));

    private static final BigDecimal NEAR = new BigDecimal("0.04");
    private static final BigDecimal QUARTER = new BigDecimal("0.25");
    private static final BigDecimal EIGHTH = new BigDecimal("0.125");
    private static final BigDecimal HALF = new BigDecimal("0.5");
    private static final BigDecimal TWO = BigDecimal.valueOf(2);
    /** Tablespoons that are still counted out. Kitchen practice. */
    private static final BigDecimal MOST_SPOONS = BigDecimal.valueOf(8);

    private static final BigDecimal THOUSAND = BigDecimal.valueOf(1000);

    private CookAmount() {}

    /**
     * The amount in words, such as {@code 1 ½ cups} or {@code 340 g}.
     *
     * @param number 0 or more, in {@code unit}
     */
    public static String of(BigDecimal number, Unit unit, Measures measures) {
        return switch (unit) {
            case G -> grams(number);
            case KG -> grams(number.multiply(THOUSAND));
            case ML -> millilitres(number);
            case L -> millilitres(number.multiply(THOUSAND));
            case CUP, TBSP, TSP -> spoons(number, unit, measures);
            case PIECE -> parts(number, unit);
            default -> counted(number, unit);
        };
    }

    /**
     * The amount times a factor, both ends of a range.
     *
     * @param factor above 0
     */
    public static String of(Amount amount, BigDecimal factor, Measures measures) {
        String high = of(amount.high().multiply(factor), amount.unit(), measures)
                + amount.size().map(size -> " " + size).orElse("");
        if (!amount.isRange()) {
            return high;
        }
        return amount.low().signum() == 0
                ? "up to " + high
                : of(amount.low().multiply(factor), amount.unit(), measures) + " to " + high;
    }

    /** Whole grams from 10 up, halves below, tenths below 2; kilograms from 1000 up. */
    public static String grams(BigDecimal grams) {
        if (grams.compareTo(THOUSAND) >= 0) {
            return plain(grams.movePointLeft(3), 2) + " kg";
        }
        if (grams.compareTo(BigDecimal.TEN) >= 0) {
            return plain(grams, 0) + " g";
        }
        if (grams.compareTo(BigDecimal.valueOf(2)) >= 0) {
            return plain(
                            grams.multiply(BigDecimal.valueOf(2))
                                    .setScale(0, RoundingMode.HALF_UP)
                                    .multiply(HALF),
                            1) + " g";
        }
        return plain(grams, 1) + " g";
    }

    private static String millilitres(BigDecimal ml) {
        return ml.compareTo(THOUSAND) >= 0 ? plain(ml.movePointLeft(3), 2) + " l" : plain(ml, 0) + " ml";
    }

    /** Goes down to the next smaller spoon where the larger one is not to be had in that part. */
    private static String spoons(BigDecimal number, Unit unit, Measures measures) {
        if (unit == Unit.CUP && number.compareTo(QUARTER) < 0) {
            return spoons(convert(number, Unit.CUP, Unit.TBSP, measures), Unit.TBSP, measures);
        }
        if (unit == Unit.TBSP && number.compareTo(HALF) < 0) {
            return spoons(convert(number, Unit.TBSP, Unit.TSP, measures), Unit.TSP, measures);
        }
        if (unit == Unit.TSP && number.compareTo(EIGHTH) < 0) {
            return "a pinch";
        }
        if (unit == Unit.TSP && convert(number, Unit.TSP, Unit.TBSP, measures).compareTo(BigDecimal.ONE) >= 0) {
            return spoons(convert(number, Unit.TSP, Unit.TBSP, measures), Unit.TBSP, measures);
        }
        // Three eighths of a cup are no third: a jelly would not set. Six spoons are six spoons.
        if (unit != Unit.TSP && number.compareTo(BigDecimal.valueOf(2)) < 0 && !isSpoon(number, unit)) {
            Unit smaller = unit == Unit.CUP ? Unit.TBSP : Unit.TSP;
            BigDecimal finer = convert(number, unit, smaller, measures);
            return unit == Unit.CUP && finer.compareTo(MOST_SPOONS) > 0
                    ? cupsAndSpoons(number, measures)
                    : counted(finer, smaller);
        }
        return counted(number, unit);
    }

    /** Nobody counts out twenty spoons: the largest cup that there is, and the rest in halves of a spoon. */
    private static String cupsAndSpoons(BigDecimal number, Measures measures) {
        BigDecimal whole = number.setScale(0, RoundingMode.DOWN);
        BigDecimal rest = number.subtract(whole);
        BigDecimal part = PARTS.stream()
                .map(Part::size)
                .filter(size -> size.compareTo(EIGHTH) != 0 && size.compareTo(rest) <= 0)
                .max(BigDecimal::compareTo)
                .orElse(BigDecimal.ZERO);
        BigDecimal spoons = convert(rest.subtract(part), Unit.CUP, Unit.TBSP, measures);
        BigDecimal halves =
                spoons.multiply(TWO).setScale(0, RoundingMode.HALF_UP).multiply(HALF);
        String cups = counted(whole.add(part), Unit.CUP);
        return halves.signum() == 0 ? cups : cups + " + " + counted(halves, Unit.TBSP);
    }

    /** Whether a part that spoons come in is near enough: a twenty-fifth. */
    private static boolean isSpoon(BigDecimal number, Unit unit) {
        BigDecimal rest = number.remainder(BigDecimal.ONE);
        return PARTS.stream()
                .filter(part -> !isTooFine(part, number, unit))
                .map(part -> part.size.subtract(rest).abs())
                .anyMatch(off -> off.compareTo(number.multiply(NEAR)) <= 0);
    }

    /** Nobody sees an eighth beside a whole, but in a cup, where it is two spoons. */
    private static boolean isTooFine(Part part, BigDecimal number, Unit unit) {
        return unit != Unit.CUP && number.compareTo(BigDecimal.ONE) >= 0 && part.size.compareTo(EIGHTH) == 0;
    }

    private static String counted(BigDecimal number, Unit unit) {
        String parts = parts(number, unit);
        boolean many = number.compareTo(BigDecimal.ONE) > 0 && !parts.equals("1");
        return parts + " " + unit.written(many);
    }

    private static BigDecimal convert(BigDecimal number, Unit from, Unit to, Measures measures) {
        return number.multiply(measures.millilitres(from).orElseThrow())
                .divide(measures.millilitres(to).orElseThrow(), MathContext.DECIMAL64);
    }

    private static String parts(BigDecimal number, Unit unit) {
        BigDecimal whole = number.setScale(0, RoundingMode.DOWN);
        BigDecimal rest = number.subtract(whole);
        Part nearest = PARTS.get(0);
        for (Part part : PARTS) {
            if (!isTooFine(part, number, unit)
                    && part.size
                                    .subtract(rest)
                                    .abs()
                                    .compareTo(nearest.size.subtract(rest).abs())
                            < 0) {
                nearest = part;
            }
        }
        if (nearest.size.compareTo(BigDecimal.ONE) == 0) {
            return whole.add(BigDecimal.ONE).toPlainString();
        }
        if (nearest.sign.isEmpty()) {
            return whole.signum() == 0 ? "⅛" : whole.toPlainString();
        }
        return whole.signum() == 0 ? nearest.sign : whole.toPlainString() + " " + nearest.sign;
    }

    private static String plain(BigDecimal number, int decimals) {
        return Decimals.plain(number.setScale(decimals, RoundingMode.HALF_UP)).toPlainString();
    }

    private record Part(BigDecimal size, String sign) {
        Part(String size, String sign) {
            this(new BigDecimal(size), sign);
        }
    }
}
