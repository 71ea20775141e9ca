package hopsel.core.recipe;

import hopsel.core.dish.StepMinutes;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds lengths of time in the text of a step.
 *
 * <p>Takes {@code 25–35 minutes}, {@code 1 hour 30}, {@code half an hour}, {@code a minute or two}, {@code overnight},
 * {@code 45 minutes to 1 hour}, {@code 2 hours or overnight}, {@code five minutes a side} (which is ten). Leaves
 * temperatures and counts alone. A range is read with its middle as the likely time.
 */
public final class TimeReader {

    private static final String UNIT =
            "(days?|nights?|hours?|hrs?|h|minutes?|mins?|min|m|seconds?|secs?|sec|s)(?![\\p{L}])(?! apart\\b)\\.?";
    private static final String SIDES =
            "(?:\\s*,?\\s*(?:or so |more )?(per side|a side|/ ?side|each side|on each side|on both sides|on either "
                    + "side|for each side|a-side))?";
    private static final Pattern TIME = Pattern.compile(
            "(?<![\\p{L}\\d/.,])(" + Numbers.NUMBER + ")(?:\\s*(?:-|to|or|up to)\\s*(" + Numbers.NUMBER
                    + "))?[\\s-]*(?:more |further |extra |good |full |whole |short |long |additional )?" + UNIT
                    + "(?:\\s*(?:and|,)?\\s*(\\d+|a "
                    + "half)\\s*(minutes?|mins?|min|m(?![\\p{L}])|seconds?|secs?|(?<=half)))?"
                    + SIDES,
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OR_TWO = Pattern.compile(
            "\\b(?:an?|one|another) (minute|hour|second|day) or (?:two|so)\\b" + SIDES, Pattern.CASE_INSENSITIVE);
    private static final Pattern FEW = Pattern.compile(
            "\\b(?:a |another )?(few|several) (?:more |good )?(minutes|hours|seconds|days)\\b" + SIDES,
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NIGHT = Pattern.compile("\\b(overnight|over night)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern JOINED = Pattern.compile(
            "^\\s*,?\\s*(?:-|to|or|up to|or up to|and up to|or even|or preferably|preferably|ideally|or ideally)\\s*$",
            Pattern.CASE_INSENSITIVE);
    /** {@code 1h30}: hours and minutes without a word for the minutes. */
    private static final Pattern CLOCKED = Pattern.compile(
            "(?<![\\p{L}\\d/.,])(\\d{1,2}) ?h ?(\\d{1,2})(?!\\d| ?(?:m|s|h|-|/))", Pattern.CASE_INSENSITIVE);
    /** {@code 10ish}, and {@code 25-30 until golden}: minutes that a cook need not name. */
    private static final Pattern UNNAMED = Pattern.compile(
            "(?<![\\p{L}\\d/.,°])(\\d{1,3})(?:\\s*(?:-|to)\\s*(\\d{1,3}))?(?:ish\\b|(?=,? (?:un)?till? )|'(?!\\w))");
    /** {@code simmer 15}, {@code bake 180 20-25}: what is done, perhaps how hot, and how long. */
    private static final Pattern DONE_FOR = Pattern.compile(
            "\\b(?:oven|simmer|boil|cook|bake|blind|roast|fry|saut[eé]|sweat|toast|steam|grill|poach|blanch|rest|"
                    + "prove|proof|rise|knead|mix|whisk|beat|chill|"
                    + "cool|soak|stand|marinate|press|braise|stew|reduce|infuse|drain|freezer|fridge)(?:s|ing)?"
                    + "(?: covered| uncovered| lid on| lid off|,? at least)?\\s+(?:(?:for|about|at|on) ){0,2}"
                    + "(?:\\d{3}\\s*(?:°|º|"
                    + "degrees?)?\\s*[CF]?\\b[, ]*(?:for )?)?(?<time>(?<low>\\d{1,2})(?:\\s*(?:-|"
                    + "to)\\s*(?<high>\\d{1,3}))?)"
                    + "(?=\\s*(?:[.,;)!(>→]|-+>|$|(?:un)?till? |before |so\\b|lid o|w/? ?\\p{L}|covered"
                    + "|uncovered|at least))",
            Pattern.CASE_INSENSITIVE);
    /** {@code fry onion 4, mushrooms till dry ~8}: what is in the pan, and how long. */
    private static final Pattern COOKED_FOR = Pattern.compile(
            "^\\W*(?:fry|sweat|simmer|saut[eé]|soften|steam|char|toast|soak) (?:in (?:an? |the )?(?:\\d+ ?(?:T"
                    + "|tbsp|t|tsp) )?)?"
                    + "(?:\\p{L}+ ){1,2}~?(?:till? dry "
                    + ")?~?(?<time>(?<low>\\d{1,2})"
                    + "(?:\\s*-\\s*(?<high>\\d{1,2}))?)(?=\\s*(?:[,;]|$)| in (?:boiling|hot|cold|warm)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code potatoes on (1.5 kg, 20-25)}. */
    private static final Pattern ON_FOR =
            Pattern.compile("\\bon \\([^()]*?(?<time>(?<low>\\d{1,2})\\s*-\\s*(?<high>\\d{1,2}))\\)");
    /** {@code for up to two days}: how long it may wait, not how long it takes. */
    private static final Pattern AT_MOST = Pattern.compile("\\b(?:for )?up to\\s*$", Pattern.CASE_INSENSITIVE);

    /** {@code stirring every 20 minutes}: how often, not how long. */
    private static final Pattern EVERY = Pattern.compile("\\bevery\\s*$", Pattern.CASE_INSENSITIVE);
    /** {@code grill 3 each side}. */
    private static final Pattern UNNAMED_SIDES =
            Pattern.compile("(?<![\\p{L}\\d/.,°])(\\d{1,2}) (?:each|a|per) side\\b", Pattern.CASE_INSENSITIVE);

    /** {@code it keeps five days}. */
    private static final Pattern KEEPS = Pattern.compile(
            "\\b(?:it|they|this|that|which|sauce|dough) (?:will )?keeps? (?:for |up to |about )?$",
            Pattern.CASE_INSENSITIVE);

    /** {@code 40 seconds a piece}: for one of many, and not for the step. */
    private static final Pattern A_PIECE = Pattern.compile(
            "^\\s*(?:a piece|apiece|per piece|for each piece|per dumpling|each one)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern GOES_ON = Pattern.compile(
            "^(?: [\\p{L} ]{1,24})?,? (?:and |then |and then )?(?:(?:uncovered|covered|without|lid off|lid on"
                    + "|on the other"
                    + " side) (?:for )?(?:another |a further )?(\\d{1,2})|(?:another |a further )?(\\d{1,2}) "
                    + "(?:without|more|"
                    + "uncovered|covered|lid off|on the other side))(?=\\s*(?:$|[.,;)]|(?:un)?till?\\b))",
            Pattern.CASE_INSENSITIVE);

    private static final BigDecimal TWO = BigDecimal.valueOf(2);
    private static final BigDecimal SIXTY = BigDecimal.valueOf(60);
    private static final BigDecimal DAY = BigDecimal.valueOf(1440);

    /** A bigger number without a unit is a temperature. */
    private static final BigDecimal LONGEST_UNNAMED = BigDecimal.valueOf(90);

    private TimeReader() {}

    /** All times in a text, in order. The text is read as {@link Numbers#plain} writes it, and places are in that. */
    static List<Found> find(String plain) {
        List<Found> found = new ArrayList<>();
        collect(CLOCKED.matcher(plain), found, matcher -> clocked(matcher.group(1), matcher.group(2)));
        collect(TIME.matcher(plain), found, TimeReader::figures);
        collect(OR_TWO.matcher(plain), found, matcher -> range("1", "2", matcher.group(1))
                .map(time -> sides(time, matcher.group(2))));
        collect(FEW.matcher(plain), found, matcher -> range("2", "5", matcher.group(2))
                .map(time -> sides(time, matcher.group(3))));
        collect(NIGHT.matcher(plain), found, matcher -> Optional.of(minutes(480, 600, 720)));
        collect(UNNAMED.matcher(plain), found, matcher -> unnamed(matcher.group(1), matcher.group(2)));
        collect(UNNAMED_SIDES.matcher(plain), found, matcher -> unnamed(matcher.group(1), null)
                .map(time -> sides(time, "each side")));
        collectUnnamed(DONE_FOR.matcher(plain), found);
        collectUnnamed(COOKED_FOR.matcher(plain), found);
        collectUnnamed(ON_FOR.matcher(plain), found);
        found.removeIf(time -> KEEPS.matcher(plain.substring(0, time.start)).find());
        found.removeIf(time -> EVERY.matcher(plain.substring(0, time.start)).find());
        found.removeIf(time -> A_PIECE.matcher(plain.substring(time.end)).find());
        found.removeIf(time -> time.minutes.low().value().compareTo(DAY) >= 0
                && AT_MOST.matcher(plain.substring(0, time.start)).find());
        found.sort((a, b) -> a.start - b.start);
        return join(plain, found).stream().map(time -> time.goingOn(plain)).toList();
    }

    private static void collectUnnamed(Matcher done, List<Found> found) {
        while (done.find()) {
            int start = done.start("time");
            int end = done.end("time");
            boolean known = found.stream().anyMatch(other -> start < other.end && other.start < end);
            unnamed(done.group("low"), done.group("high"))
                    .filter(time -> !known)
                    .ifPresent(time -> found.add(new Found(start, end, time)));
        }
    }

    /** The first time in a text. */
    public static Optional<StepMinutes> first(String text) {
        return find(Numbers.plain(text)).stream().map(Found::minutes).findFirst();
    }

    private static void collect(Matcher matcher, List<Found> found, Function<Matcher, Optional<StepMinutes>> reader) {
        while (matcher.find()) {
            int start = matcher.start();
            int end = matcher.end();
            boolean known = found.stream().anyMatch(other -> start < other.end && other.start < end);
            if (known && matcher.pattern() == OR_TWO) {
                found.removeIf(other -> start < other.end && other.start < end);
            }
            if (!known || matcher.pattern() == OR_TWO) {
                reader.apply(matcher).ifPresent(time -> found.add(new Found(start, end, time)));
            }
        }
    }

    private static Optional<StepMinutes> figures(Matcher matcher) {
        Optional<BigDecimal> low = Numbers.value(matcher.group(1));
        Optional<BigDecimal> high = matcher.group(2) == null ? low : Numbers.value(matcher.group(2));
        boolean ordinal =
                matcher.group(3).equalsIgnoreCase("second") && matcher.group(1).matches("(?i)an?|one|the");
        if (ordinal
                || low.isEmpty()
                || high.isEmpty()
                || low.get().compareTo(high.get()) > 0
                || high.get().signum() == 0) {
            return Optional.empty();
        }
        String unit = matcher.group(3);
        BigDecimal more = BigDecimal.ZERO;
        if (matcher.group(4) != null && matcher.group(4).equals("a half")) {
            more = inMinutes(Decimals.ratio(BigDecimal.ONE, TWO), unit);
        } else if (matcher.group(4) != null) {
            more = inMinutes(new BigDecimal(matcher.group(4)), matcher.group(5));
        }
        return Optional.of(sides(
                between(
                        inMinutes(low.get(), unit).add(more),
                        inMinutes(high.get(), unit).add(more)),
                matcher.group(6)));
    }

    private static Optional<StepMinutes> clocked(String hours, String minutes) {
        BigDecimal all = new BigDecimal(hours).multiply(SIXTY).add(new BigDecimal(minutes));
        return all.signum() == 0 ? Optional.empty() : Optional.of(between(all, all));
    }

    private static Optional<StepMinutes> unnamed(String least, @Nullable String most) {
        BigDecimal low = new BigDecimal(least);
        BigDecimal high = most == null ? low : new BigDecimal(most);
        boolean time = low.signum() > 0 && low.compareTo(high) <= 0 && high.compareTo(LONGEST_UNNAMED) <= 0;
        return time ? Optional.of(between(low, high)) : Optional.empty();
    }

    private static Optional<StepMinutes> range(String low, String high, String unit) {
        return Optional.of(between(inMinutes(new BigDecimal(low), unit), inMinutes(new BigDecimal(high), unit)));
    }

    private static StepMinutes between(BigDecimal low, BigDecimal high) {
        return new StepMinutes(Minutes.of(low), Minutes.of(low.add(high).divide(TWO)), Minutes.of(high));
    }

    private static StepMinutes minutes(long low, long likely, long high) {
        return new StepMinutes(Minutes.of(low), Minutes.of(likely), Minutes.of(high));
    }

    private static StepMinutes sides(StepMinutes time, String sides) {
        return sides == null ? time : time.times(2);
    }

    private static BigDecimal inMinutes(BigDecimal many, String unit) {
        return switch (unit.toLowerCase(Locale.ROOT).charAt(0)) {
            case 'd', 'n' -> many.multiply(DAY);
            case 'h' -> many.multiply(SIXTY);
            case 's' -> Decimals.ratio(many, SIXTY);
            default -> many;
        };
    }

    /** {@code 45 minutes to 1 hour} is one range; {@code 2 hours or overnight} is two hours, or more. */
    private static List<Found> join(String text, List<Found> found) {
        List<Found> joined = new ArrayList<>();
        for (Found next : found) {
            Found last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null
                    && JOINED.matcher(text.substring(last.end, next.start)).matches()
                    && last.minutes.low().compareTo(next.minutes.high()) < 0) {
                boolean night =
                        NIGHT.matcher(text.substring(next.start, next.end)).matches();
                StepMinutes both = night
                        ? new StepMinutes(last.minutes.low(), last.minutes.low(), next.minutes.high())
                        : between(
                                last.minutes.low().value(), next.minutes.high().value());
                joined.set(joined.size() - 1, new Found(last.start, next.end, both));
            } else {
                joined.add(next);
            }
        }
        return joined;
    }

    /**
     * A time in a text.
     *
     * @param start where it starts
     * @param end where it ends
     * @param minutes how long
     */
    record Found(int start, int end, StepMinutes minutes) {

        /** {@code for 40 min, then uncovered for 10}: as long again, without a word for the minutes. */
        private Found goingOn(String text) {
            Matcher more = GOES_ON.matcher(text.substring(end));
            if (!more.find()) {
                return this;
            }
            BigDecimal added = new BigDecimal(more.group(1) == null ? more.group(2) : more.group(1));
            return new Found(
                    start,
                    end + more.end(),
                    new StepMinutes(
                            plus(minutes.low(), added), plus(minutes.likely(), added), plus(minutes.high(), added)));
        }

        private static Minutes plus(Minutes minutes, BigDecimal more) {
            return Minutes.of(minutes.value().add(more));
        }
    }
}
