package hopsel.core.recipe;

import hopsel.core.FactTable;
import hopsel.core.Known;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Words that cooks cut short in their notes: toms, flr, cukes. */
final class ShortWords {

    private static final Map<String, String> MEANT = meant();
    private static final Pattern ANY = Pattern.compile(
            "(?<!\\p{L})(?:"
                    + MEANT.keySet().stream()
                            .sorted(Comparator.comparingInt(word -> -word.length()))
                            .map(Pattern::quote)
                            .collect(Collectors.joining("|"))
                    + ")(?!\\p{L})\\.?",
            Pattern.CASE_INSENSITIVE);

    private ShortWords() {}

    private static Map<String, String> meant() {
        Map<String, String> all = new HashMap<>();
        for (List<String> cells : FactTable.rows(ShortWords.class, "short-words.txt", 2)) {
            FactTable.list(cells.get(0)).forEach(form -> all.put(form, cells.get(1)));
        }
        return all;
    }

    /** The text with each of them written out. */
    static String writtenOut(String text) {
        return ANY.matcher(text)
                .replaceAll(found -> Matcher.quoteReplacement(
                        Known.in(MEANT, found.group().replace(".", "").toLowerCase(Locale.ROOT))));
    }
}
