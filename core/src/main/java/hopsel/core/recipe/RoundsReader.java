package hopsel.core.recipe;

import hopsel.core.dish.Step;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads in how many rounds a step is done: "fry in two batches". */
public final class RoundsReader {

    private static final Pattern SAID = Pattern.compile(
            "\\b(?:in|do|over) (two|three|four|five|six|[2-9]) (?:rounds|batches|goes|lots)", Pattern.CASE_INSENSITIVE);
    /** {@code in 2 batches, 6 min each}: so long for one of them. */
    private static final Pattern EACH = Pattern.compile(
            "\\b(?:min\\w*|m|hours?|seconds?|secs?)\\.?,? (?:each(?! side)|per (?:batch|round|go|lot)|(?:a|for "
                    + "each|for every) "
                    + "(?:batch|round|go|lot))\\b",
            Pattern.CASE_INSENSITIVE);

    private RoundsReader() {}

    /** How many; one where nothing is said. */
    public static int of(Step step) {
        return of(step.title() + ". " + step.instruction());
    }

    private static int of(String text) {
        Matcher rounds = SAID.matcher(text);
        return rounds.find()
                ? Numbers.value(rounds.group(1).toLowerCase(Locale.ROOT))
                        .map(BigDecimal::intValue)
                        .orElse(1)
                : 1;
    }

    /** How many times the time that a passage names is needed. */
    static int timesEach(String text) {
        return EACH.matcher(text).find() ? of(text) : 1;
    }
}
