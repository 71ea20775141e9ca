package hopsel.core.recipe;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * For how many a recipe says it is: at its head, in its name or in its first words.
 *
 * @param people it serves; empty: not said
 * @param pieces it makes; empty: not said
 */
record Servings(Optional<BigDecimal> people, Optional<BigDecimal> pieces) {

    private static final Pattern COUNT = Pattern.compile(
            "(" + Numbers.NUMBER + ")(?:\\s*(?:-|to|or)\\s*(" + Numbers.NUMBER
                    + "))?\\s*(?:(?:small|large|big|little|good|generous) )?([\\p{L}-]+)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SERVES = Pattern.compile(
            "\\b(?:serves|feeds|for)\\s+(?:about )?(\\d+)|(\\d+)(?:\\s*(?:-|to)\\s*\\d+)? (?:servings|serves|portions|"
                    + "people|persons|pax|ppl|guests|covers|diners|heads)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MAKES = Pattern.compile(
            "\\b(?:makes|gives|yields?)\\s*:?\\s+(?:about )?(\\d+)|(\\d+) (?!servings|serves|portions|people"
                    + "|persons|pax|ppl|"
                    + "guests|covers|diners|heads|min|hours?|to\\b)[\\p{L}]+",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> PEOPLE = Set.of(
            "serving",
            "serve",
            "portion",
            "people",
            "person",
            "bowl",
            "glass",
            "plate",
            "as",
            "generously",
            "hungry",
            "adult",
            "pax",
            "ppl",
            "guest",
            "cover",
            "diner",
            "head");
    private static final Pattern YIELD_IN_TITLE =
            Pattern.compile("\\(((?:\\p{L}+ )?(?:about )?\\d+(?:\\s*-\\s*\\d+)?(?: \\p{L}+)?)\\)");
    private static final Pattern FOR_PEOPLE = Pattern.compile(
            "\\b(?:for (?:about |up to )?|(?:table|group|party|class) of (?=\\d+\\W*$)|x "
                    + "?(?=\\d+\\s*$))(\\d{1,3})\\b(?! ?(?:-|to |min|h\\b|hours?|days?|"
                    + "weeks?|g\\b|ml|°|pm|am|[./:]\\d))",
            Pattern.CASE_INSENSITIVE);
    /** {@code (demo table, 6 pax)}, {@code class - 10 ppl}. */
    private static final Pattern PEOPLE_SAID = Pattern.compile(
            "(?<![\\d-])(\\d{1,3})(?: ?- ?\\d{1,3})? ?(?:people|persons|pax|ppl|guests|covers|diners|servings|"
                    + "portions)\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code Gyoza for 30 pieces}. */
    private static final Pattern FOR_THINGS = Pattern.compile(
            "\\bfor (\\d{1,3}) (?:pieces|pcs|\\p{L}*(?:dumplings|rolls|cookies|pies|breads|buns|tarts|pots|jars|"
                    + "cakes|balls|parcels))\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern MADE_FOR = Pattern.compile(
            "\\b(?:for|feeds|serves) (?:about )?(" + Numbers.NUMBER + ") (?:people|persons|guests|of us)\\b",
            Pattern.CASE_INSENSITIVE);

    static Servings of(RecipeSource source, String title) {
        Optional<BigDecimal> served = counted(SERVES, source.yield());
        Optional<BigDecimal> made = counted(MAKES, source.yield());
        if (served.isPresent() && made.isPresent()) {
            return new Servings(served, made);
        }
        Optional<String> said = source.yield().or(() -> inTitle(title)).or(() -> inText(source));
        Optional<Matcher> count =
                said.map(text -> COUNT.matcher(Numbers.plain(text))).filter(Matcher::find);
        boolean people =
                count.map(matcher -> isPeople(said.get(), matcher.group(3))).orElse(false);
        Optional<BigDecimal> number =
                count.flatMap(matcher -> Numbers.value(matcher.group(1))).filter(value -> value.signum() > 0);
        return new Servings(number.filter(any -> people), number.filter(any -> !people));
    }

    /** {@code makes 8 / serves 4}, {@code 18 dumplings, 3-4 people}: both may be said. */
    private static Optional<BigDecimal> counted(Pattern pattern, Optional<String> yield) {
        return yield.map(Numbers::plain)
                .map(pattern::matcher)
                .filter(Matcher::find)
                .flatMap(matcher -> Numbers.value(matcher.group(1) == null ? matcher.group(2) : matcher.group(1)))
                .filter(value -> value.signum() > 0);
    }

    /** {@code Plum tart (8 slices)}, {@code Satay for 12}. */
    private static Optional<String> inTitle(String title) {
        Matcher matcher = YIELD_IN_TITLE.matcher(title);
        Matcher people = FOR_PEOPLE.matcher(title);
        Matcher said = PEOPLE_SAID.matcher(Numbers.plain(title));
        Matcher things = FOR_THINGS.matcher(title);
        if (said.find()) {
            return Optional.of("serves " + said.group(1));
        }
        Matcher serves = SERVES.matcher(Numbers.plain(title));
        if (serves.find()
                && serves.group(1) != null
                && !serves.group().toLowerCase(Locale.ROOT).startsWith("for")) {
            return Optional.of("serves " + serves.group(1));
        }
        if (things.find()) {
            return Optional.of("makes " + things.group(1));
        }
        if (matcher.find()) {
            return Optional.of(matcher.group(1));
        }
        return people.find() ? Optional.of("serves " + people.group(1)) : Optional.empty();
    }

    /** {@code I made these for eight people}, in the first words. */
    private static Optional<String> inText(RecipeSource source) {
        return Stream.concat(
                        source.method().stream().limit(1).map(RecipeSource.Passage::text),
                        source.other().stream().filter(PlainText::isAround))
                .map(text -> MADE_FOR.matcher(Numbers.plain(text)))
                .filter(Matcher::find)
                .findFirst()
                .flatMap(matcher -> Numbers.value(matcher.group(1)))
                .map(number -> "serves " + number.toPlainString());
    }

    private static boolean isPeople(String yield, String noun) {
        String low = yield.toLowerCase(Locale.ROOT);
        if (low.matches("(?s)(?:serve|feeds|portions).*")) {
            return true;
        }
        return noun == null
                ? !low.matches("(?s).*\\b(?:makes|yields?)\\b.*")
                : PEOPLE.contains(ItemFinder.singular(noun.toLowerCase(Locale.ROOT)));
    }
}
