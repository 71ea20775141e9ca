package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Many words as one regular expression. */
final class Alternatives {
    private Alternatives() {}

    /** All words, the longest first; a letter that begins none of them is passed over at once. */
    static String byFirstLetter(Collection<String> words) {
        Map<String, List<String>> rests = new TreeMap<>();
        words.stream().sorted(Comparator.comparingInt(word -> -word.length())).forEach(word -> rests.computeIfAbsent(
                        word.substring(0, 1), any -> new ArrayList<>())
                .add(Pattern.quote(word.substring(1))));
        return rests.entrySet().stream()
                .map(letter -> Pattern.quote(letter.getKey()) + "(?:" + String.join("|", letter.getValue()) + ")")
                .collect(Collectors.joining("|"));
    }
}
