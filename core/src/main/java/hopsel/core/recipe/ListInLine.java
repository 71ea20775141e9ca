package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A list in one line, behind its name: {@code For the dough: 500 g flour, 7 g yeast. knead 8 min}.
 *
 * @param name before the colon
 * @param beside what stands in brackets behind the name
 * @param said the list as it stands, without what is told behind it
 * @param pieces of the list, each with what was done to it
 * @param told the sentence behind the list, in which somebody does something
 */
record ListInLine(String name, Optional<String> beside, String said, List<String> pieces, Optional<String> told) {

    private static final Pattern LIST =
            Pattern.compile("^([\\p{L}'][\\p{L}' &-]{1,40}?)(?: \\(([^()]{1,30})\\))?:\\s+(\\S.*)$");
    /** {@code sauce -> 4 tbsp soy}. */
    private static final Pattern ARROW =
            Pattern.compile("^([\\p{L}' ]{2,40}?) ?(?:-+>|=+>|→|⇒|=(?= ?[\\p{L}\\d½¼¾])) ?");

    /** {@code garnish radish, cilantro, pickled onion}. */
    private static final Pattern GARNISH = Pattern.compile(
            "^(to garnish|garnish|toppings?)(?: with| w/)? (?=\\p{L}[^,:.]*,[^:.]*$)", Pattern.CASE_INSENSITIVE);

    /** {@code salad - cucumber 2, tomatoes 6}. */
    private static final Pattern DASHED = Pattern.compile("^(\\p{L}+) - (?=.*,)");

    /** {@code 3 tbsp miso / 1 tbsp soy = sauce}. */
    private static final Pattern MAKES_IT = Pattern.compile("^(.*\\d.*(?:,|/|\\+|;).*) = ([\\p{L} ]{3,20})$");

    private static final Pattern COMMAS = Pattern.compile(
            "\\s*(?:[,;]\\s+(?![^(]*\\))|\\s\\+\\s+(?![^(]*\\))|\\s/\\s|\\s-+>\\s|\\s→\\s|\\s-\\s(?!\\d)"
                    + "|\\s-\\s(?=\\d{1,2} ?(?:min|')))");
    private static final Pattern MARKED_OFF = Pattern.compile("\\s*;\\s+|\\s-\\s(?!\\d)");
    private static final Pattern DONE_TO_IT =
            Pattern.compile("(?:\\p{L}+ly )?\\p{L}{3,}ed(?:(?: and| &|,) (?:\\p{L}+ly )?\\p{L}+ed)*\\.?"
                    + "|\\p{L}{3,}ed (?:in|for|with|until|overnight)\\b.*");
    /** {@code med 12'}, {@code lid on 5 min}: heat and time, and nothing that goes in. */
    private static final Pattern TIMED = Pattern.compile(
            "^(?:(?:on )?(?:low|med|medium|high|gentle)(?: heat)?|lid(?: on| off)?|oven|fridge|freezer)?,? ?~?"
                    + "\\d{1,3}(?: ?- ?\\d{1,3})? ?(?:'|min\\w*\\b).*|.*\\boff (?:the )?heat\\b.*",
            Pattern.CASE_INSENSITIVE);

    /** {@code oil 3 tbsp}: no tin is oiled. */
    private static final Pattern MEASURED_NOUN =
            Pattern.compile("^(?:oil|flour|butter|salt|pepper|zest|core|rice|stock)\\s+\\d", Pattern.CASE_INSENSITIVE);

    private static final Pattern SENTENCE_END = Pattern.compile(
            "(?<!\\b(?:tsp|tbsp|oz|lb|approx|abt|opt|min|hr)|\\d)\\.\\s+(?=\\p{L})", Pattern.CASE_INSENSITIVE);
    private static final int LEAST_ENTRIES = 3;
    private static final int LEAST_SENTENCE = 4;

    /** The line with a colon behind its name, whatever was written there: an arrow, a dash, the name at the end. */
    static String coloned(String line, Predicate<String> measured) {
        String made = MAKES_IT.matcher(Numbers.plain(line).replaceFirst("^[\"“]([^\"”]{2,30})[\"”](?=:)", "$1"))
                .replaceFirst("$2: $1");
        made = made.replaceFirst("(?i)^sce(?=:)", "sauce");
        String garnished = GARNISH.matcher(LineLooks.withoutBullet(made)).replaceFirst("$1: ");
        String plain = ARROW.matcher(garnished).replaceFirst("$1: ");
        Matcher dashed = DASHED.matcher(plain);
        boolean list = dashed.find()
                && (HeadingWords.isPart(dashed.group(1))
                        || Stream.of(COMMAS.split(plain.substring(dashed.end())))
                                        .filter(measured)
                                        .count()
                                >= LEAST_ENTRIES);
        return list ? dashed.replaceFirst("$1: ") : plain;
    }

    /** The list of a line with a colon; empty where nothing is named before one. */
    static Optional<ListInLine> of(String line) {
        Matcher list = LIST.matcher(line);
        if (!list.matches()) {
            return Optional.empty();
        }
        String whole = list.group(3);
        int told = told(whole);
        String said = whole.substring(0, told).replaceFirst("[.]\\s*$", "");
        return Optional.of(new ListInLine(
                list.group(1),
                Optional.ofNullable(list.group(2)),
                said,
                withPreparation((isMarkedOff(said) ? MARKED_OFF : COMMAS).split(said)),
                Optional.of(whole.substring(told).strip()).filter(rest -> !rest.isEmpty())));
    }

    /** Semicolons between things, and none between amounts and what is done with all of them. */
    private static boolean isMarkedOff(String said) {
        String first = said.replaceAll("\\([^()]*\\)", "").split(";", 2)[0];
        return said.contains("; ")
                && Stream.of(first.split(", "))
                                .filter(LineLooks::startsWithAmount)
                                .count()
                        < 2;
    }

    /** Whether something is done, and no oil is measured. */
    static boolean isDoing(String piece) {
        return Techniques.begins(piece.toLowerCase(Locale.ROOT))
                && !MEASURED_NOUN.matcher(piece).find();
    }

    /** What goes in, up to where something is done. */
    List<String> entries() {
        return pieces.stream()
                .takeWhile(piece -> !isDoing(piece) && !TIMED.matcher(piece).matches())
                .toList();
    }

    /** What stands behind the first doing; some of it goes in, too: {@code fry 6 min / 2 cans coconut milk}. */
    Stream<String> further() {
        return pieces.stream().skip(entries().size());
    }

    /** What is done with the entries in the same list; empty where it holds nothing else. */
    Optional<String> done() {
        int entries = entries().size();
        return entries < pieces.size()
                ? Optional.of(said.substring(said.indexOf(pieces.get(entries))))
                : Optional.empty();
    }

    /** {@code 1 tsp salt, 1 tbsp oil. knead 6 min}: where the list ends and somebody does something with it. */
    private static int told(String said) {
        Matcher stop = SENTENCE_END.matcher(said);
        while (stop.find()) {
            String behind = said.substring(stop.end());
            boolean sentence = behind.split(" ").length >= LEAST_SENTENCE && Character.isUpperCase(behind.charAt(0));
            if (Techniques.begins(behind.toLowerCase(Locale.ROOT)) || sentence) {
                return stop.end();
            }
        }
        return said.length();
    }

    /** {@code 8 plums, stoned and quartered}: what was done to it stays with it. */
    private static List<String> withPreparation(String[] pieces) {
        List<String> all = new ArrayList<>();
        for (String piece : pieces) {
            int last = all.size() - 1;
            if (last >= 0 && DONE_TO_IT.matcher(piece).matches()) {
                all.set(last, all.get(last) + ", " + piece);
            } else {
                all.add(piece);
            }
        }
        return all;
    }
}
