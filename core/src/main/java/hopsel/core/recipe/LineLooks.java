package hopsel.core.recipe;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * What a line without a heading looks like: an ingredient or something to do.
 *
 * @param reader reads ingredient lines
 */
record LineLooks(LineReader reader) {

    static final Pattern NUMBERED = Pattern.compile(
            "^(?:step\\s*)?\\d{1,2}\\s*[.):]\\s+|^step\\s*\\d{1,2}\\s*[-:.]?\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern BULLET = Pattern.compile("^(?:[-*•·▢□☐◦‣–—✓✔]|\\[[ x]?\\])+\\s+|^[-–—•*](?=\\p{L})");
    private static final Pattern AMOUNT = Pattern.compile(
            "^(?:about |approx\\.? |a (?:good |big |large |small "
                    + ")?(?:pinch|handful|bunch|splash|drizzle|dash|knob|few|little|squeeze)|juice (?:and zest "
                    + ")?of|zest of|half an? )?(?:\\d|[½⅓⅔¼¾⅛]).*|^(?:an? |half an? |one |two |three "
                    + "|four |the juice |juice |zest |a few |handfuls? |pinch |bunch |splash |drizzle |knob |"
                    + "dash )\\S+.*",
            Pattern.CASE_INSENSITIVE);
    /** {@code oil to shallow fry}. */
    private static final Pattern OIL = Pattern.compile(
            "^(?:\\p{L}+ ){0,2}oil,? (?:to|for) (?:shallow|deep|fry|brush|grease)", Pattern.CASE_INSENSITIVE);

    /** {@code fry onion 4, mush till dry 8}: nothing is called that, and the figures are minutes. */
    private static final Pattern COOKED =
            Pattern.compile("^(?:fry|sweat|simmer|saut[eé]|soften|steam) (?!pan\\b)\\p{L}", Pattern.CASE_INSENSITIVE);

    private static final Pattern TIME = Pattern.compile(
            "~?\\d{1,3} ?(?:- ?\\d{1,3} ?)?(?:'|secs?|seconds|mins?|minutes|hrs?|hours?|h)\\.?\\+?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MEASURED =
            Pattern.compile("(?<![\\p{L}\\d/.,])(?:\\d[\\d/.,]*|[½¼¾⅓⅔]) ?(?:[\\p{L}-]+ ?){1,5}");

    private static final Pattern BLENDED = Pattern.compile(
            "^(?:blend|blitz|whizz|mix|combine|knead|serve|warm|heat|stir|whisk|boil|bake|roast|drain|rinse"
                    + "|strain|chill)"
                    + "(?:$|,| w/? | (?:with \\d|all|everything|it|them|together|well|up|until|till?|in|for|at"
                    + "|w/|\\d))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern STOP =
            Pattern.compile("(?<=\\p{L}{2})(?<!\\b(?:tsp|tbsp|oz|lb|lg|sm|approx|abt|opt))\\.\\s+(?=\\p{Ll})");
    private static final Pattern NAMED = Pattern.compile("^[\\p{L}' -]{3,30}(?::| [-–])\\s+(?!\\p{L}+ed\\b)(?=\\p{L})");
    private static final Pattern SENTENCE = Pattern.compile(".*\\p{L}{2}[.!]\\s*$|.*[.;]\\s+\\p{Lu}.*", Pattern.DOTALL);
    private static final int LONGEST_LINE = 160;
    /** The longest line with an amount, with a food, and in a list, that is no sentence. */
    private static final int MOST_WORDS = 12;

    private static final int FOOD_WORDS = 9;
    private static final int LISTED_WORDS = 8;
    static final int LONG = 90;

    static String withoutBullet(String line) {
        return BULLET.matcher(line).replaceFirst("");
    }

    static boolean isBulleted(String line) {
        return BULLET.matcher(line).find();
    }

    static boolean isNumbered(String line) {
        return NUMBERED.matcher(line).find();
    }

    static boolean isSentence(String line) {
        return SENTENCE.matcher(line).matches();
    }

    /** {@code 30 min+}: a time and nothing else. */
    static boolean isTime(String entry) {
        return TIME.matcher(entry.strip()).matches();
    }

    /** Whether it begins like an amount of something. */
    static boolean startsWithAmount(String line) {
        return AMOUNT.matcher(line).matches();
    }

    /**
     * Whether a line reads like an ingredient.
     *
     * @param listed whether it stands in a list of ingredients
     */
    boolean ingredient(String line, boolean listed) {
        String plain = withoutBullet(line);
        if (isTime(plain)) {
            return false;
        }
        if (isDoneToNamed(plain) || isTold(plain) || COOKED.matcher(plain).find()) {
            return false;
        }
        if (OIL.matcher(plain).find()) {
            return true;
        }
        if (plain.length() > LONGEST_LINE || isNumbered(plain) || isSentence(plain) && words(plain) > FOOD_WORDS) {
            return false;
        }
        ReadLine read = reader.read(plain);
        int words = words(plain);
        boolean sentence = isSentence(plain);
        boolean food = read.item().isPresent() || !read.foods().isEmpty();
        if (food && !sentence && !startsWithAmount(plain) && startsWithAmount(LineTidy.tidy(plain))) {
            return true;
        }
        if (!food && !startsWithAmount(plain) && Techniques.begins(plain)) {
            return false;
        }
        if (startsWithAmount(plain)
                && (read.amount().isPresent() || !read.foods().isEmpty())) {
            return food || words <= MOST_WORDS && !sentence;
        }
        boolean verb = Techniques.leading(plain.split("\\s+")[0]).minutes() != Techniques.OTHER.minutes();
        return !verb && !sentence && (food && words <= FOOD_WORDS || listed && words <= LISTED_WORDS);
    }

    private static int words(String line) {
        return line.split(" ").length;
    }

    /** Whether it cannot be anything else: a number, a measure and a food. */
    boolean surelyIngredient(String line) {
        String plain = BULLET.matcher(line).replaceFirst("");
        ReadLine read = reader.read(plain);
        return plain.split(" ").length <= 10
                && !plain.endsWith(".")
                && plain.matches("^(?:\\d|[½⅓⅔¼¾⅛]).*")
                && read.amount().isPresent()
                && read.item().isPresent();
    }

    /** Whether a sentence says how much of something: a figure or a word for one, before a food. */
    boolean measures(String text) {
        return MEASURED.matcher(Numbers.plain(text)).results().anyMatch(found -> {
            List<String> words = List.of(found.group().strip().split(" "));
            return IntStream.rangeClosed(2, words.size())
                    .mapToObj(length -> reader.inSentence(String.join(" ", words.subList(0, length))))
                    .anyMatch(read -> read.amount().isPresent() && read.item().isPresent());
        });
    }

    /** Whether somebody is told to do something. */
    static boolean method(String bulleted) {
        String line = withoutBullet(bulleted);
        return isNumbered(line)
                || isDoneToNamed(line)
                || isTold(line)
                || words(line) > 1 && isSentence(line) && Techniques.begins(line)
                || words(line) > 5 && isSentence(line) && isDone(line)
                || line.length() > LONG && isDone(line)
                || words(line) > 3 && (isDone(line.split("\\s+")[0]) || Techniques.begins(line));
    }

    /** {@code blend all}, {@code fry onion 4}: it begins with what is done, and that is no food. */
    static boolean isDoing(String line) {
        String plain = withoutBullet(line);
        return COOKED.matcher(plain).find() || BLENDED.matcher(plain).find();
    }

    /** {@code tofu: fry in 1 tbsp oil, 5 min}. */
    private static boolean isDoneToNamed(String line) {
        Matcher named = NAMED.matcher(line);
        return named.find() && Techniques.begins(line.substring(named.end()));
    }

    /** {@code oven 210}, {@code 8 balls. roll thin}. */
    private static boolean isTold(String line) {
        return StepReader.HEATING_UP.matcher(line).find()
                || STOP.matcher(line).results().anyMatch(stop -> Techniques.begins(line.substring(stop.end())));
    }

    private static boolean isDone(String text) {
        return Techniques.leading(text) != Techniques.OTHER;
    }
}
