package hopsel.core.recipe;

import hopsel.core.dish.Cut;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads how something is cut: "finely diced", "rinsed". */
public final class CutReader {

    private static final Map<Cut, Pattern> WORDS = new EnumMap<>(Cut.class);

    static {
        words(Cut.FINE, "julienne|matchstick|fine(?:ly)? dice|fine(?:ly)? chop|minced?|brunoise|very fine");
        words(Cut.SHREDDED, "zest|grate|shred");
        words(Cut.DICED, "dice|cube|chop");
        words(Cut.PEELED, "peel");
        words(Cut.SLICED, "slice|strip|ring|wedge|half|halve|quarter|chunk|torn|stoned|cored");
        words(Cut.PICKED, "picked|leaves|pluck");
        words(Cut.JUICED, "juice");
        words(Cut.RINSED, "drain|rinse|wash|soaked|pat|press");
        words(Cut.GROUND, "ground|crush|grind");
    }

    private CutReader() {}

    private static void words(Cut cut, String words) {
        WORDS.put(cut, Pattern.compile("\\b(?:" + words + ")", Pattern.CASE_INSENSITIVE));
    }

    /** The cut; empty where it is only weighed. */
    public static Optional<Cut> of(Optional<String> prep) {
        return prep.flatMap(words -> WORDS.entrySet().stream()
                .filter(cut -> cut.getValue().matcher(words).find())
                .map(Map.Entry::getKey)
                .findFirst());
    }
}
