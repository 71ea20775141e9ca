package hopsel.core.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds the temperature of an oven in a text: °C, °F and gas marks, in °C.
 *
 * <p>Fahrenheit is rounded to the nearest 5 °C, as dials are. Gas marks after the usual table of United Kingdom ovens
 * (mark 1 is 140 °C, mark 9 is 240 °C). Where a temperature for a fan oven stands beside another, the other counts.
 */
final class HeatReader {

    private static final Pattern DEGREES = Pattern.compile(
            "(?<![\\d.])(\\d{2,3})(?:\\s*(?:-|to)\\s*(\\d{2,3}))?\\s*(°|º|˚|degrees?|deg\\.?)?\\s*(C|F|celsius|"
                    + "centigrade|fahrenheit)?\\b(\\s*\\(?fan|\\s+convection)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GAS =
            Pattern.compile("\\bgas(?:\\s*mark)?\\s*(1/4|1/2|\\d)\\b", Pattern.CASE_INSENSITIVE);
    /** {@code oven 200}, {@code bake at 180 to 200}, {@code at 425}: a figure that only a dial can mean. */
    private static final Pattern BARE = Pattern.compile(
            "(?:\\b(?:oven|at|on|to|bake|roast)\\b[ ,:(]*(?:about )?|\\b(?:bake|roast) (?:\\p{L}+ ){1,3}|"
                    + "(?<![\\p{L}\\d.])(?=\\d{3} ?fan\\b|\\d{3}(?:[ ,/]+|,? for (?:about )?)\\d{1,2}(?: ?- "
                    + "?\\d{1,2})? ?(?:'|m\\b"
                    + "|min)))(\\d{3})(?:\\s*(?:-|to)\\s*(\\d{3}))?(?!\\d|"
                    + "\\s*(?:g|kg|ml|minutes?|mins?|x|cm)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final int LEAST = 100;
    private static final int MOST = 500;
    private static final int[] GAS_CELSIUS = {0, 140, 150, 170, 180, 190, 200, 220, 230, 240};
    private static final int FAHRENHEIT_FROM = 275;

    private HeatReader() {}

    /** The first temperature that is one for an oven, in whole °C. */
    static Optional<BigDecimal> celsius(String text) {
        List<Integer> plain = new ArrayList<>();
        List<Integer> fan = new ArrayList<>();
        Matcher matcher = DEGREES.matcher(Numbers.plain(text));
        while (matcher.find()) {
            if (matcher.group(3) == null && matcher.group(4) == null) {
                continue;
            }
            int degrees = Integer.parseInt(matcher.group(1));
            int celsius = isFahrenheit(matcher.group(4), degrees) ? fromFahrenheit(degrees) : degrees;
            (matcher.group(5) == null && !behindFan(text, matcher.start()) ? plain : fan).add(celsius);
        }
        Matcher gas = GAS.matcher(Numbers.plain(text));
        if (plain.isEmpty() && fan.isEmpty() && gas.find() && gas.group(1).length() == 1) {
            plain.add(GAS_CELSIUS[Integer.parseInt(gas.group(1))]);
        }
        if (plain.isEmpty() && fan.isEmpty()) {
            bare(text).ifPresent(plain::add);
        }
        return plain.stream()
                .findFirst()
                .or(() -> fan.stream().findFirst())
                .filter(celsius -> celsius > 0)
                .map(BigDecimal::valueOf);
    }

    private static Optional<Integer> bare(String text) {
        Matcher bare = BARE.matcher(Numbers.plain(text));
        if (!bare.find()) {
            return Optional.empty();
        }
        int degrees = Integer.parseInt(bare.group(1));
        return Optional.of(degrees)
                .filter(own -> own >= LEAST && own <= MOST)
                .map(own -> own >= FAHRENHEIT_FROM ? fromFahrenheit(own) : own);
    }

    private static boolean behindFan(String text, int start) {
        return start >= 4
                && start <= text.length()
                && text.substring(0, start).toLowerCase(Locale.ROOT).matches("(?s).*\\bfan\\s*$");
    }

    private static boolean isFahrenheit(String letter, int degrees) {
        return letter == null
                ? degrees >= FAHRENHEIT_FROM
                : letter.toUpperCase(Locale.ROOT).startsWith("F");
    }

    private static int fromFahrenheit(int degrees) {
        BigDecimal celsius =
                BigDecimal.valueOf((degrees - 32) * 5L).divide(BigDecimal.valueOf(9), 6, RoundingMode.HALF_UP);
        return celsius.divide(BigDecimal.valueOf(5), 0, RoundingMode.HALF_UP).intValue() * 5;
    }
}
