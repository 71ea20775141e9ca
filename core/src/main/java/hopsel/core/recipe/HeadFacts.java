package hopsel.core.recipe;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a recipe says of servings and times at its head, or at its end. */
final class HeadFacts {

    static final Pattern YIELD = Pattern.compile(
            "^(?:(?:(?:makes )?enough for|(?:yield: ?)?serves|servings|yields?|makes|gives|portions|feeds|"
                    + "for)\\b\\s*:?\\s*(?:about |approximately |approx\\.? |ca\\.? |around "
                    + "|up to )?(?:\\d(?!\\d* ?(?:- ?\\d+ ?)?(?:hrs?|hours?|h|mins?|minutes|secs?|seconds"
                    + "|days?)\\b)|one|two|three|four|five"
                    + "|six|eight|ten|twelve|a dozen).*|(?:approx\\.? |about |ca\\.? )?\\d+(?:\\s*-\\s*\\d+)? "
                    + "(?:servings|portions|people|pax"
                    + "|ppl|guests|covers|slices|"
                    + "pcs|pots|jars|buns|pieces|unidades|pezzi|stück))$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HEADLINE = Pattern.compile(
            "^(?:(total|prep(?:aration)?|method|cook(?:ing)?|active|hands-on|ready "
                    + "in|resting|baking|bake|soaking|inactive|time)\\b[^:\\d]{0,20}:?\\s*(.*\\d.*|overnight))$",
            Pattern.CASE_INSENSITIVE);
    /** A time and nothing else: whoever says more says it in a sentence, and that is method. */
    private static final Pattern TIME_ONLY = Pattern.compile(
            "^(?:(?:about|ca\\.?|circa|approx\\.?|approximately|around|roughly|up to|at "
                    + "least|under|plus|and|or|to|time|[-–+&~/,:]|\\d+(?:[.,]\\d+)?|[½⅓⅔¼¾⅛]|one|two|three|half|"
                    + "an?|hours?|hrs?\\.?|h|minutes?|mins?\\.?|m|days?|nights?|overnight)\\s*)+\\.?$",
            Pattern.CASE_INSENSITIVE);
    /** Times that run by themselves, which no headline may swallow. */
    private static final Pattern WAITS =
            Pattern.compile("^(?:resting|soaking|inactive)\\b.*", Pattern.CASE_INSENSITIVE);

    /** {@code chill 2 h}, among facts that stand beside each other. */
    private static final Pattern BESIDE = Pattern.compile(
            "^(?:chill|rest|set|soak|marinate|prove|proof|cool|freez)\\w*:? \\d[\\d .½¼¾]* ?(?:h|hrs?|hours?"
                    + "|min|mins|minutes)$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FACTS = Pattern.compile("(?i)\\s*(?:\\||·|•|/{2}|;|,\\s*(?=[A-Za-z]+ "
            + "(?:time|in)\\b)|(?<=\\b(?:mins?|minutes|h|hrs?|hours?)),?\\s+(?=(?:cook|prep|chill|rest|bake|"
            + "soak|total|active|inactive|ready)\\w*:?\\b[^,]*\\d)|"
            + "(?<=\\bservings: \\d{1,2})\\s+(?=\\p{L}+:)|(?<=[.!?])\\s+(?=(?:total|prep|cook|"
            + "ready|serves|makes|takes)\\b)|"
            + "(?<=[.!?])\\s+(?=\\p{Lu}))\\s*");

    /** {@code Prep 30 min, rest 30 min, cook 35 min}. */
    private static final Pattern FACT_ROW = Pattern.compile(
            "^(?:prep\\w*|method|cook\\w*|bak\\w*|rest\\w*|total|soak\\w*):? \\d[^,.]{0,14}, ?\\p{L}+:? "
                    + "\\d[^.]{0,40}\\.?$",
            Pattern.CASE_INSENSITIVE);

    /** What stands before a colon at the head of a recipe and is no part of the dish. */
    private static final Pattern HEAD = Pattern.compile(
            "(?:yields?|serves|servings|makes|active|total|prep|cook|bake|time|ready in|level|difficulty|course|"
                    + "cuisine|category|author|source|date|class|room|equipment|tools)(?: (?:time|needed))?",
            Pattern.CASE_INSENSITIVE);

    /** Whatever is longer is no fact at the head of a recipe. */
    private static final int LONGEST_FACT = 120;

    private final List<String> other;
    private Optional<String> yield = Optional.empty();
    private Optional<String> headline = Optional.empty();
    /** Preparing and cooking added up, for recipes that give no time in all. */
    private BigDecimal partTimes = BigDecimal.ZERO;

    /** @param other takes what is said beside the facts */
    HeadFacts(List<String> other) {
        this.other = other;
    }

    Optional<String> yield() {
        return yield;
    }

    /** The time that the recipe promises in all. */
    Optional<String> promised() {
        return headline.or(() ->
                Optional.of(partTimes).filter(sum -> sum.signum() > 0).map(sum -> sum.toPlainString() + " minutes"));
    }

    /** The line without what it says of servings and times; a sentence beside them is no fact, and stays. */
    String without(String line) {
        String plain = LineLooks.withoutBullet(Numbers.plain(line)).replaceAll("\\*+", "");
        List<String> rest = new ArrayList<>();
        boolean found = false;
        boolean row = FACT_ROW.matcher(plain).matches();
        for (String piece : row ? List.of(plain.split(",\\s*")) : List.of(FACTS.split(plain))) {
            boolean waits = (plain.contains("|") || row)
                    && BESIDE.matcher(piece.strip()).matches();
            if (waits) {
                other.add(piece.strip());
            }
            boolean fact = waits || isFact(piece);
            if (!waits && fact && WAITS.matcher(piece.strip()).matches()) {
                // It runs by itself, and somebody has to begin it: more than a figure in a headline.
                other.add(piece.strip());
            }
            found |= fact;
            if (!fact && !piece.isBlank()) {
                rest.add(piece);
            }
        }
        return found ? String.join(" ", rest) : line;
    }

    /** Whether a word before a colon says something of the whole recipe, and names no part of it. */
    static boolean isHead(String word) {
        return HEAD.matcher(word.strip()).matches();
    }

    /** Takes it in, where it is one. */
    boolean isFact(String piece) {
        String bare = piece.strip().replaceAll("\\.$", "").replaceAll("^\\(([^()]*)\\)$", "$1");
        Matcher time = HEADLINE.matcher(bare);
        if (bare.length() <= LONGEST_FACT
                && TIME_ONLY.matcher(bare).matches()
                && bare.matches(".*\\d.*")
                && TimeReader.first(bare).isPresent()) {
            headline = headline.or(() -> Optional.of(bare));
            return true;
        }
        if (YIELD.matcher(bare).matches() && piece.length() < 70) {
            boolean first = yield.isEmpty();
            yield = yield.or(() -> Optional.of(piece));
            return first || yield.get().equals(piece);
        }
        if (!time.matches()
                || !TIME_ONLY.matcher(bare.substring(time.end(1)).strip()).matches()
                || TimeReader.find(piece).isEmpty()) {
            return false;
        }
        if (time.group(1).toLowerCase(Locale.ROOT).matches("total|ready in|time")) {
            headline = Optional.of(time.group(2));
        } else {
            TimeReader.first(time.group(2))
                    .ifPresent(part -> partTimes = partTimes.add(part.likely().value()));
        }
        return true;
    }

    /** Whether the same number of servings was said before. */
    boolean isSaidAlready(String said) {
        List<String> figures = figures(said);
        return yield.filter(known -> figures(known).containsAll(figures)).isPresent();
    }

    private static List<String> figures(String text) {
        return Stream.of(Numbers.plain(text).split("\\D+"))
                .filter(figure -> !figure.isEmpty())
                .toList();
    }
}
