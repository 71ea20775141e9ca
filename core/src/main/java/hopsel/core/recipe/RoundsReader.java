package hopsel.core.recipe;

import hopsel.core.dish.Step;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads in how many rounds a step is done: "fry in two batches". */
public final class RoundsReader {

    private static final Pattern SAID = Pattern.compile("in (two|three|four|2|3|4) (?:rounds|batches|goes)");

    private RoundsReader() {}

    /** How many; one where nothing is said. */
    public static int of(Step step) {
        Matcher rounds = SAID.matcher((step.title() + ". " + step.instruction()).toLowerCase(Locale.ROOT));
        return !rounds.find()
                ? 1
                : switch (rounds.group(1)) {
                    case "two", "2" -> 2;
                    case "three", "3" -> 3;
                    default -> 4;
                };
    }
}
