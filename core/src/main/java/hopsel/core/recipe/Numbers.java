package hopsel.core.recipe;

import hopsel.core.Known;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the number at the start of a text.
 *
 * <pre>
 * range  = number ((dash | "to" | "or" | "and") number)?
 * number = whole fraction? | fraction | decimal | word
 * </pre>
 *
 * Takes {@code 1 1/2}, {@code 1½}, {@code 2–3}, {@code 1,5}, {@code four to five}, {@code half a}, {@code a couple of};
 * leaves {@code 1.} of a numbered list to the caller.
 */
final class Numbers {

    private static final Map<Character, String> SIGNS = Map.ofEntries(
            Map.entry('½', "1/2"),
            Map.entry('⅓', "1/3"),
            Map.entry('⅔', "2/3"),
            Map.entry('¼', "1/4"),
            Map.entry('¾', "3/4"),
            Map.entry('⅕', "1/5"),
            Map.entry('⅖', "2/5"),
            Map.entry('⅗', "3/5"),
            Map.entry('⅘', "4/5"),
            Map.entry('⅙', "1/6"),
            Map.entry('⅚', "5/6"),
            Map.entry('⅛', "1/8"),
            Map.entry('⅜', "3/8"),
            Map.entry('⅝', "5/8"),
            Map.entry('⅞', "7/8"));
    private static final Map<String, String> WORDS = withTens(Map.ofEntries(
            Map.entry("a", "1"),
            Map.entry("an", "1"),
            Map.entry("one", "1"),
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"),
            Map.entry("ten", "10"),
            Map.entry("eleven", "11"),
            Map.entry("twelve", "12"),
            Map.entry("fifteen", "15"),
            Map.entry("twenty", "20"),
            Map.entry("twenty-five", "25"),
            Map.entry("thirty", "30"),
            Map.entry("forty", "40"),
            Map.entry("forty-five", "45"),
            Map.entry("fifty", "50"),
            Map.entry("sixty", "60"),
            Map.entry("ninety", "90"),
            Map.entry("half", "1/2"),
            Map.entry("a half", "1/2"),
            Map.entry("half a", "1/2"),
            Map.entry("half an", "1/2"),
            Map.entry("one half", "1/2"),
            Map.entry("quarter", "1/4"),
            Map.entry("a quarter", "1/4"),
            Map.entry("quarter of a", "1/4"),
            Map.entry("a quarter of a", "1/4"),
            Map.entry("three quarters of a", "3/4"),
            Map.entry("three quarters", "3/4"),
            Map.entry("a quarter of an", "1/4"),
            Map.entry("three quarters of an", "3/4"),
            Map.entry("a third of a", "1/3"),
            Map.entry("half of a", "1/2"),
            Map.entry("a dozen", "12"),
            Map.entry("dozen", "12"),
            Map.entry("a couple", "2"),
            Map.entry("a couple of", "2"),
            Map.entry("one and a half", "3/2"),
            Map.entry("two and a half", "5/2"),
            Map.entry("one-and-a-half", "3/2"),
            Map.entry("an extra", "1")));
    /** Twenty-one to ninety-nine, with a hyphen or a space. */
    private static Map<String, String> withTens(Map<String, String> words) {
        Map<String, String> all = new HashMap<>(words);
        all.put("seventy", "70");
        all.put("eighty", "80");
        for (String tens : List.of("twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety")) {
            for (String unit : List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine")) {
                String sum =
                        String.valueOf(Integer.parseInt(Known.in(all, tens)) + Integer.parseInt(Known.in(all, unit)));
                all.put(tens + "-" + unit, sum);
                all.put(tens + " " + unit, sum);
            }
        }
        for (String[] teen : new String[][] {
            {"thirteen", "13"},
            {"fourteen", "14"},
            {"sixteen", "16"},
            {"seventeen", "17"},
            {"eighteen", "18"},
            {"nineteen", "19"},
            {"a hundred", "100"},
            {"one hundred", "100"}
        }) {
            all.put(teen[0], teen[1]);
        }
        andAPart(all);
        hundreds(all);
        return Map.copyOf(all);
    }

    /** One and a quarter, three and a half. */
    private static void andAPart(Map<String, String> all) {
        List<String> counts = List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");
        Map<String, String> parts = Map.of(
                "a half",
                "1/2",
                "half",
                "1/2",
                "a quarter",
                "1/4",
                "a third",
                "1/3",
                "two thirds",
                "2/3",
                "three quarters",
                "3/4");
        for (String count : counts) {
            parts.forEach((words, part) -> {
                int whole = Integer.parseInt(Known.in(all, count));
                int over = Integer.parseInt(part.substring(0, 1));
                int under = Integer.parseInt(part.substring(2));
                all.put(count + " and " + words, whole * under + over + "/" + under);
            });
        }
    }

    /** Two hundred, two hundred and fifty: what is weighed in grams. */
    private static void hundreds(Map<String, String> all) {
        for (String count : List.of("a", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine")) {
            int hundreds = Integer.parseInt(Known.in(all, count)) * 100;
            all.put(count + " hundred", String.valueOf(hundreds));
            for (String more : List.of(
                    "ten",
                    "twenty",
                    "twenty-five",
                    "twenty five",
                    "thirty",
                    "forty",
                    "fifty",
                    "sixty",
                    "seventy",
                    "seventy-five",
                    "seventy five",
                    "eighty",
                    "ninety")) {
                String sum = String.valueOf(hundreds + Integer.parseInt(Known.in(all, more)));
                all.put(count + " hundred and " + more, sum);
                all.put(count + " hundred " + more, sum);
            }
        }
    }

    private static final String WORD = "(?<!\\p{L})(?:" + Alternatives.byFirstLetter(WORDS.keySet()) + ")(?![\\p{L}-])";
    /** One number, in figures or in words. */
    static final String NUMBER =
            "(?:\\d+(?:\\s*-\\s*|\\s+(?:and\\s+)?)\\d+/\\d+|\\d+/\\d+|\\d+[.,]\\d+|\\d+|" + WORD + ")";

    private static final String BETWEEN = "\\s*(?:-|to|or|up to|(?<=\\b(?:between|from) [\\p{L}\\d./ -]{1,20})and)\\s*";
    private static final Pattern RANGE = Pattern.compile(
            "^\\s*(?:(?:between|from)\\s+)?(" + NUMBER + ")(?:" + BETWEEN + "(" + NUMBER + "))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FRACTION = Pattern.compile("(\\d) ?/ ?(\\d)");
    /** 1 000 g and 1.000 g: nobody weighs a gram to a thousandth. */
    private static final Pattern THOUSANDS =
            Pattern.compile("(?<![\\d.,])(\\d{1,2})[ .,]000(?= ?(?:gr?|grams?|gramm?|ml)\\b)");

    private static final Pattern MIXED = Pattern.compile("(?:(\\d+)(?:\\s*-\\s*|\\s+(?:and\\s+)?))?(\\d+)/(\\d+)");

    private Numbers() {}

    /** The same text with fractions as figures, one kind of dash and plain spaces. */
    static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.toCharArray()) {
            if (SIGNS.containsKey(c)) {
                boolean afterDigit = plain.length() > 0 && Character.isDigit(plain.charAt(plain.length() - 1));
                plain.append(afterDigit ? " " : "").append(SIGNS.get(c));
            } else if (c == '\t' || Character.getType(c) == Character.SPACE_SEPARATOR) {
                if (plain.length() == 0 || plain.charAt(plain.length() - 1) != ' ') {
                    plain.append(' ');
                }
            } else {
                plain.append(
                        switch (c) {
                            case '⁄', '∕' -> '/';
                            case '–', '—', '‒', '−', '‐', '‑' -> '-';
                            case '’', '‘', 'ʼ' -> '\'';
                            default -> c;
                        });
            }
        }
        String spaced = plain.toString();
        String fractions =
                spaced.indexOf('/') < 0 ? spaced : FRACTION.matcher(spaced).replaceAll("$1/$2");
        return (fractions.contains("000") ? THOUSANDS.matcher(fractions).replaceAll("$1000") : fractions).strip();
    }

    /** The number or range that the text starts with. */
    static Optional<Reading> read(String text) {
        Matcher matcher = RANGE.matcher(text);
        if (!matcher.find()) {
            return Optional.empty();
        }
        Optional<BigDecimal> low = value(matcher.group(1));
        Optional<BigDecimal> high = matcher.group(2) == null ? low : value(matcher.group(2));
        if (low.isEmpty() || high.isEmpty()) {
            return Optional.empty();
        }
        if (low.get().compareTo(high.get()) > 0) {
            return Optional.of(new Reading(low.get(), low.get(), text.substring(matcher.end(1))));
        }
        return Optional.of(new Reading(low.get(), high.get(), text.substring(matcher.end())));
    }

    /** The value of one number; empty where it divides by zero. */
    static Optional<BigDecimal> value(String number) {
        String text = number.strip().toLowerCase(Locale.ROOT);
        text = WORDS.getOrDefault(text, text).replace(',', '.');
        Matcher mixed = MIXED.matcher(text);
        if (!mixed.matches()) {
            return Optional.of(new BigDecimal(text));
        }
        BigDecimal below = new BigDecimal(mixed.group(3));
        if (below.signum() == 0) {
            return Optional.empty();
        }
        BigDecimal whole = mixed.group(1) == null ? BigDecimal.ZERO : new BigDecimal(mixed.group(1));
        return Optional.of(Decimals.plain(whole.add(Decimals.ratio(new BigDecimal(mixed.group(2)), below))));
    }

    /**
     * What was read.
     *
     * @param low lower end
     * @param high upper end, the same where there is no range
     * @param rest the text behind it
     */
    record Reading(BigDecimal low, BigDecimal high, String rest) {}
}
