package hopsel.core.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A step after which not everybody has the same: {@code top half with the peanuts and leave the rest plain}.
 *
 * @param share of the servings that get what is named first, above 0 and below 1
 * @param turn place in the text, in letters, from which on it speaks of the others
 * @param others what theirs is called, where the text says so: "plain"
 */
public record ForSome(BigDecimal share, int turn, Optional<String> others) {

    private static final String PLAIN = "plain|mild|bare|nut-free|unspiced|unseasoned|undressed|naked|without";
    private static final String REST =
            "the other(?: half| one| ones| (?:two|three) \\w+| bowl| tray| pan| pot)?|the others|the rest|the "
                    + "remaining \\w+";
    /** From here on the text speaks of those who get it otherwise. */
    private static final Pattern TURN = Pattern.compile("(?i)\\b(?:(?:leave|leaving|keep|keeping) (?:" + REST
            + "|half|one|some|the kids'?|theirs)(?: of (?:them|it))?"
            + " (?:as (?:it is|they are)|(?:(?:\\w+ )?(?<plain>" + PLAIN + ")))\\b"
            + "|(?:and |but )?(?:" + REST + ")(?: (?:stays?|remains?|gets?|is|are))?"
            + " (?:(?<other>" + PLAIN + ")|with|(?<=gets? )the)\\b)");
    /**
     * How many get what is told before it. Half of the guests' is what something goes over or into, or what is topped;
     * half of what is added is no half of theirs.
     */
    private static final Pattern SHARE = Pattern.compile(
            "(?i)\\b(?:(?:into|over|on|onto|to|for|top|dress|season|brush|fill|spread|drizzle|dust|coat|serve) "
                    + "(?:(?<half>(?:one |about )?half)|(?<third>a third)|(?<quarter>a quarter))\\b"
                    + "|(?<halfGets>(?:one )?half)(?= gets?\\b| of them\\b)|(?<thirdGets>a third)(?= gets?\\b| "
                    + "of them\\b)"
                    + "|(?<one>(?:into |on |over )one(?= (?:bowl|tray|pan|pot|side|lot|batch|half)\\b))"
                    + "|(?<number>\\d|two|three|four|five)"
                    + "(?= (?:of (?:them|the (?:bowls|plates|portions|servings))|bowls?|plates?|portions?"
                    + "|servings?)\\b))");

    private static final Pattern IN_TWO =
            Pattern.compile("(?i)\\b(?:in half(?! (?:of|the|a)\\b)|in two|between two|halve)\\b");

    private static final Pattern TRAILING = Pattern.compile("(?i)[\\s,;:.]*(?:\\band|\\bbut)?[\\s,;:.]*$");
    private static final Pattern LEADING = Pattern.compile("(?i)^(?:and|but) ");

    private static final BigDecimal HALF = new BigDecimal("0.5");
    private static final int DIGITS = 4;

    /**
     * What a step's text says of it; empty: everybody has the same, or it does not say so.
     *
     * @param servings of the dish, above 0
     */
    public static Optional<ForSome> of(String text, BigDecimal servings) {
        Matcher turn = TURN.matcher(text);
        if (!turn.find()) {
            return Optional.empty();
        }
        String before = text.substring(0, turn.start());
        return share(before, servings)
                .filter(share -> share.signum() > 0 && share.compareTo(BigDecimal.ONE) < 0)
                .map(share -> new ForSome(
                        share,
                        turn.start(),
                        Optional.ofNullable(turn.group("plain"))
                                .or(() -> Optional.ofNullable(turn.group("other")))
                                .map(word -> word.toLowerCase(Locale.ROOT))
                                .filter(word -> !word.equals("without"))));
    }

    /** What a text says of those that are named first, as a sentence of its own. */
    public String first(String text) {
        return TRAILING.matcher(text.substring(0, turn)).replaceFirst(".");
    }

    /** What it says of the others, told with the verb of the whole. */
    public String second(String text) {
        String rest = LEADING.matcher(text.substring(turn)).replaceFirst("");
        return text.substring(0, text.indexOf(' ') + 1) + rest;
    }

    /** The beginning of a title for the others: {@code Top the others}, and a space. */
    public String others(String title) {
        return title.substring(0, title.indexOf(' ') + 1) + "the others ";
    }

    private static Optional<BigDecimal> share(String before, BigDecimal servings) {
        Matcher share = SHARE.matcher(before);
        if (!share.find()) {
            return IN_TWO.matcher(before).find() ? Optional.of(HALF) : Optional.empty();
        }
        if (share.group("number") != null) {
            return Numbers.value(share.group("number"))
                    .map(number -> number.divide(servings, DIGITS, RoundingMode.HALF_UP));
        }
        if (share.group("third") != null || share.group("thirdGets") != null) {
            return Optional.of(BigDecimal.ONE.divide(BigDecimal.valueOf(3), DIGITS, RoundingMode.HALF_UP));
        }
        return Optional.of(share.group("quarter") != null ? new BigDecimal("0.25") : HALF);
    }
}
