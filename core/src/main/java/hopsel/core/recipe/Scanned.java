package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A page that was read by a machine, or pasted in the width of another: letters that look like others are put right
 * where no word of a kitchen is spelt so, and what goes on in the next line is one line again.
 */
final class Scanned {

    /** {@code fiour}, {@code sunfiower}: the two letters are one in print. */
    private static final Pattern LIGATURE =
            Pattern.compile("fi(?=our\\b|ower|ake|at(?:bread|ten|s)?\\b|ame|esh|uff|avo|orets?\\b|oury\\b)");
    /** {@code fineiy}: no word ends so. */
    private static final Pattern ENDING = Pattern.compile("(?<=\\p{Ll}{2})iy\\b");
    /** {@code PIEROGl WlTH}. */
    private static final Pattern IN_CAPITALS =
            Pattern.compile("(?<=\\p{Lu}{2})l(?=\\p{Lu}|\\b)|(?<=\\b\\p{Lu})l(?=\\p{Lu}{2})");
    /** {@code l tsp}, {@code lO minutes}. */
    private static final Pattern ONE = Pattern.compile(
            "(?<!\\d ?)\\bl(?=O\\b| (?:tsp|tbsp|teaspoons?|tablespoons?|cups?|kg|lb|oz|pint|litre|tin|can|large|small"
                    + "|medium)\\b)");

    /** {@code rnilk}, {@code tornatoes}: no word begins so, and few go on so. */
    private static final Pattern M_IN_TWO = Pattern.compile(
            "\\brn(?=\\p{Ll})|(?<=\\b(?:to|si|li|thy|cu|a|sa|cinna|carda|cre))rn(?=(?:ato|mer|on|e|in|ond|bal"
                    + "|all|ount)\\p{Ll}*\\b)");

    private static final Pattern TEN = Pattern.compile("(?<=\\b\\d{1,2})O(?= (?:minutes?|mins?|hours?|g|ml)\\b)");
    private static final Pattern CUT = Pattern.compile(".*\\p{Ll}-$");
    private static final Pattern GOES_ON = Pattern.compile("^\\p{Ll}(?!.{0,25}:).*");
    private static final Pattern STOPS = Pattern.compile(".*[.!?:;)]$");
    /** Letters from which a line is so long that whoever typed it had to break it. */
    private static final int WIDE = 45;
    /** Letters from which a line that tells more than one thing was printed in a paragraph. */
    private static final int PRINTED = 55;

    private Scanned() {}

    /** The lines as they were printed. */
    static List<String> mended(List<String> lines) {
        List<String> all = new ArrayList<>();
        boolean told = false;
        for (String line : lines) {
            String plain = letters(line);
            int last = all.size() - 1;
            String before = last < 0 ? "" : all.get(last);
            boolean goesOn = GOES_ON.matcher(plain).matches() && !before.isBlank() && !Techniques.begins(plain);
            if (goesOn && CUT.matcher(before).matches()) {
                all.set(last, before.substring(0, before.length() - 1) + plain);
            } else if (goesOn
                    && told
                    && before.length() >= WIDE
                    && !STOPS.matcher(before).matches()) {
                all.set(last, before + " " + plain);
            } else {
                all.add(plain);
                told = LineLooks.isNumbered(plain)
                        || plain.length() >= PRINTED
                                && plain.contains(". ")
                                && Techniques.begins(plain.strip().toLowerCase(Locale.ROOT));
            }
        }
        return all;
    }

    /** A line with the letters that were meant. */
    static String letters(String line) {
        String spelt = ENDING.matcher(LIGATURE.matcher(line).replaceAll("fl")).replaceAll("ly");
        String shouted = IN_CAPITALS.matcher(spelt).replaceAll("I");
        String met = M_IN_TWO.matcher(shouted).replaceAll("m");
        return TEN.matcher(ONE.matcher(met).replaceAll("1")).replaceAll("0");
    }
}
