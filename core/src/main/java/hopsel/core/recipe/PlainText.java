package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Takes off what surrounds a recipe that somebody sent or noted: the marks of a quoted letter, a greeting, a farewell,
 * and the clock at the head of each step. What was said there is laid aside.
 *
 * @param lines what is left, one below the other
 * @param aside what was taken off, in the order in which it stood
 */
record PlainText(List<String> lines, List<String> aside) {

    private static final Pattern QUOTED = Pattern.compile("^\\s*>\\s?");
    private static final Pattern GREETING = Pattern.compile(
            "^(?:hi+|hello|hey|(?:my )?dear(?:est)?|hiya|good (?:morning|evening|afternoon)|thanks|thank "
                    + "you)\\b[^\\n]*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FAREWELL = Pattern.compile(
            "^(?:(?:x{1,5}|love|lots of love|cheers|best(?: wishes)?|all the best|thanks|thank you|ta|enjoy|"
                    + "see you(?: (?:all|there|then|soon))?|kind regards|regards|bon app[eé]tit|"
                    + "happy cooking)\\b[ ,!.]*"
                    + "(?:from )?(?-i:\\p{Lu}\\p{L}*\\.?(?: \\p{Lu}\\p{L}*)?)?[ ,!.x]*)$",
            Pattern.CASE_INSENSITIVE);
    /** {@code 0:05 leeks sweat …}. */
    private static final Pattern CLOCK =
            Pattern.compile("^([012]?\\d[:.][0-5]\\d|T ?[-–+]? ?\\d{1,3}(?: ?min)?)\\s*(?:[-–—:]\\s*)?(?=\\p{L})");

    /** {@code Dear Greta,}: whatever stands under it. */
    private static final Pattern ADDRESSED = Pattern.compile(
            "^(?:hi+|hello|hey|(?:my )?dear(?:est)?|hiya) (?-i:\\p{Lu}\\p{L}*)(?: (?-i:\\p{Lu}\\p{L}*)| and "
                    + "\\p{L}+)*,$",
            Pattern.CASE_INSENSITIVE);

    private static final int LEAST_LINES = 4;
    private static final int LEAST_CLOCKS = 3;
    private static final int LONGEST_GREETING = 140;

    /** The text without what surrounds it. */
    static PlainText of(List<String> text) {
        List<String> aside = new ArrayList<>();
        return new PlainText(numbered(unclocked(ungreeted(unquoted(text), aside), aside)), aside);
    }

    /** Whether a passage greets, takes leave, or is nothing but clocks. */
    static boolean isAround(String passage) {
        return FAREWELL.matcher(passage).matches()
                || GREETING.matcher(passage).matches() && passage.chars().noneMatch(Character::isDigit)
                || passage.matches("[012]?\\d[:.][0-5]\\d(?: · [012]?\\d[:.][0-5]\\d)*");
    }

    private static List<String> unquoted(List<String> text) {
        long said = text.stream().filter(line -> !line.isBlank()).count();
        long quoted = text.stream().filter(line -> QUOTED.matcher(line).find()).count();
        return quoted * 2 > said && quoted >= LEAST_LINES
                ? text.stream()
                        .map(line -> QUOTED.matcher(line).replaceFirst(""))
                        .toList()
                : text;
    }

    private static List<String> ungreeted(List<String> text, List<String> aside) {
        List<String> lines = new ArrayList<>(text);
        int first = 0;
        while (first < lines.size() - 1 && lines.get(first).isBlank()) {
            first++;
        }
        if (lines.isEmpty()) {
            return lines;
        }
        boolean letter = ADDRESSED.matcher(lines.get(first).strip()).matches();
        if (!letter && lines.stream().filter(line -> !line.isBlank()).count() < LEAST_LINES) {
            return lines;
        }
        String top = lines.get(first).strip();
        if (GREETING.matcher(top).matches()
                && top.length() <= LONGEST_GREETING
                && top.chars().noneMatch(Character::isDigit)) {
            aside.add(top);
            lines.set(first, "");
        }
        int last = lines.size() - 1;
        while (lines.get(last).isBlank()) {
            last--;
        }
        if (FAREWELL.matcher(lines.get(last).strip()).matches()) {
            aside.add(lines.get(last).strip());
            lines.set(last, "");
        }
        return lines;
    }

    /** {@code 1 make the pastry}, {@code 2 fry the leeks}: numbers without a stop, of things to do. */
    private static List<String> numbered(List<String> text) {
        List<String> lines = new ArrayList<>(text);
        for (int from = 0; from < lines.size(); from++) {
            int count = 0;
            int done = 0;
            while (from + count < lines.size()
                    && lines.get(from + count).strip().matches((count + 1) + " \\p{L}.*")) {
                String said = lines.get(from + count).strip().replaceFirst("^\\d+ ", "");
                done += Techniques.begins(said.toLowerCase(Locale.ROOT))
                                || TimeReader.first(said).isPresent()
                        ? 1
                        : 0;
                count++;
            }
            for (int i = 0; count >= LEAST_LINES && done * 2 >= count && i < count; i++) {
                lines.set(from + i, lines.get(from + i).strip().replaceFirst("^(\\d+) ", "$1. "));
            }
        }
        return lines;
    }

    /** A clock at the head of each step is its number. */
    private static List<String> unclocked(List<String> text, List<String> aside) {
        if (text.stream().filter(line -> CLOCK.matcher(line.strip()).find()).count() < LEAST_CLOCKS) {
            return text;
        }
        List<String> lines = new ArrayList<>();
        List<String> clocks = new ArrayList<>();
        for (String line : text) {
            Matcher clock = CLOCK.matcher(line.strip());
            if (clock.find()) {
                clocks.add(clock.group(1));
                lines.add("%d. %s".formatted(clocks.size(), clock.replaceFirst("")));
            } else {
                lines.add(line);
            }
        }
        aside.add(String.join(" · ", clocks));
        return lines;
    }
}
