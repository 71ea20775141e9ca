package hopsel.web.frame;

import hopsel.core.house.Hours;
import hopsel.core.house.House;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * Money, clocks, days and heat as a house writes them.
 *
 * @param house whose way it is
 */
public record HouseFigures(House house) {

    private static final Locale LOCALE = Locale.ENGLISH;
    /** °C from which a temperature is that of an oven. */
    private static final BigDecimal OVEN_FROM = BigDecimal.valueOf(120);
    /** °F by which the dial may be off. */
    private static final BigDecimal ON_THE_DIAL = BigDecimal.valueOf(8);

    private static final int NOON = 12;

    /** Money, two decimals; with its currency where the house has said it. */
    public String money(BigDecimal amount) {
        BigDecimal exact = Decimals.money(amount);
        return house.currency()
                .map(currency -> {
                    NumberFormat format = NumberFormat.getCurrencyInstance(Locale.UK);
                    format.setCurrency(currency);
                    format.setRoundingMode(RoundingMode.HALF_UP);
                    return format.format(exact);
                })
                .orElseGet(exact::toPlainString);
    }

    /** A time of day, without its seconds. */
    public String clock(LocalTime time) {
        if (house.hours() == Hours.TWENTY_FOUR) {
            return "%02d:%02d".formatted(time.getHour(), time.getMinute());
        }
        int hour = time.getHour() % NOON == 0 ? NOON : time.getHour() % NOON;
        return "%d:%02d %s".formatted(hour, time.getMinute(), time.getHour() < NOON ? "am" : "pm");
    }

    /** A day with its name: Friday 12 March 2027. */
    public String day(LocalDate day) {
        return DateTimeFormatter.ofPattern(
                        switch (house.dates()) {
                            case DAY_FIRST -> "EEEE d MMMM yyyy";
                            case MONTH_FIRST -> "EEEE, MMMM d, yyyy";
                            case YEAR_FIRST -> "EEEE yyyy-MM-dd";
                        },
                        LOCALE)
                .format(day);
    }

    /** A day, short: 12 Mar 2027. */
    public String date(LocalDate day) {
        return DateTimeFormatter.ofPattern(
                        switch (house.dates()) {
                            case DAY_FIRST -> "d MMM yyyy";
                            case MONTH_FIRST -> "MMM d, yyyy";
                            case YEAR_FIRST -> "yyyy-MM-dd";
                        },
                        LOCALE)
                .format(day);
    }

    /** How hot something is. */
    public String heat(BigDecimal celsius) {
        String inCelsius = Decimals.plain(celsius).toPlainString() + " °C";
        String inFahrenheit = fahrenheit(celsius) + " °F";
        return switch (house.degrees()) {
            case CELSIUS -> inCelsius;
            case FAHRENHEIT -> inFahrenheit;
            case BOTH -> inCelsius + " / " + inFahrenheit;
        };
    }

    /**
     * Degrees Fahrenheit as oven dials have them: a quarter of a hundred where one is near, so that 350 which became
     * 175 °C is 350 again; else to the nearest 5.
     */
    public static String fahrenheit(BigDecimal celsius) {
        BigDecimal exact = celsius.multiply(new BigDecimal("1.8")).add(BigDecimal.valueOf(32));
        BigDecimal dial = nearest(exact, 25);
        boolean oven = celsius.compareTo(OVEN_FROM) >= 0;
        boolean near = dial.subtract(exact).abs().compareTo(ON_THE_DIAL) <= 0;
        return (oven && near ? dial : nearest(exact, 5)).toPlainString();
    }

    private static BigDecimal nearest(BigDecimal number, int step) {
        BigDecimal size = BigDecimal.valueOf(step);
        return number.divide(size, 0, RoundingMode.HALF_UP).multiply(size);
    }
}
