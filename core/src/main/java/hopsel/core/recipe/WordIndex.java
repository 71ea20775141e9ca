package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Many patterns that each begin a word, asked of a text together: a pattern is tried only where a word begins with a
 * letter that it can begin with, so that a hundred of them cost little more than one.
 *
 * @param <T> what a pattern stands for
 */
final class WordIndex<T> {
    private final List<T> meant;
    private final List<Pattern> patterns = new ArrayList<>();
    private final Map<Character, int[]> byLetter = new TreeMap<>();
    private final int[] anywhere;

    /** Where something was found. */
    record Hit<T>(T meant, int start, int end) {}

    /** What is meant by words: alternatives, each a regular expression, and what has to follow any of them. */
    record Words<T>(T meant, String alternatives, String behind) {}

    WordIndex(List<Words<T>> all) {
        meant = all.stream().map(Words::meant).toList();
        all.forEach(words -> patterns.add(
                Pattern.compile("\\b(?:" + words.alternatives + ")" + words.behind, Pattern.CASE_INSENSITIVE)));
        List<String> letters =
                all.stream().map(words -> FirstLetters.of(words.alternatives)).toList();
        anywhere = IntStream.range(0, all.size())
                .filter(at -> letters.get(at).isEmpty())
                .toArray();
        TreeSet<Character> known = new TreeSet<>();
        letters.forEach(some -> some.chars().forEach(letter -> known.add((char) letter)));
        known.forEach(letter -> byLetter.put(
                letter,
                IntStream.range(0, all.size())
                        .filter(at ->
                                letters.get(at).isEmpty() || letters.get(at).indexOf(letter) >= 0)
                        .toArray()));
    }

    /** Everything that is found, in the order of the text; of one pattern nothing that overlaps. */
    List<Hit<T>> in(String text) {
        Matcher[] matchers = new Matcher[patterns.size()];
        List<Hit<T>> hits = new ArrayList<>();
        int[] ends = new int[patterns.size()];
        for (int start = 0; start < text.length(); start++) {
            if (beginsWord(text, start)) {
                at(text, start, matchers, ends, hits);
            }
        }
        return hits;
    }

    /** Whether a text begins with any of them. */
    boolean begins(String text) {
        return !text.isEmpty()
                && IntStream.of(tried(text.charAt(0)))
                        .anyMatch(pattern -> patterns.get(pattern).matcher(text).lookingAt());
    }

    private void at(String text, int start, Matcher[] matchers, int[] ends, List<Hit<T>> hits) {
        for (int pattern : tried(text.charAt(start))) {
            if (matchers[pattern] == null) {
                matchers[pattern] = patterns.get(pattern)
                        .matcher(text)
                        .useTransparentBounds(true)
                        .useAnchoringBounds(false);
            }
            Matcher matcher = matchers[pattern];
            if (start >= ends[pattern] && matcher.region(start, text.length()).lookingAt()) {
                ends[pattern] = matcher.end();
                hits.add(new Hit<>(meant.get(pattern), start, matcher.end()));
            }
        }
    }

    private int[] tried(char first) {
        return byLetter.getOrDefault(Character.toLowerCase(first), anywhere);
    }

    private static boolean beginsWord(String text, int at) {
        return isOfWord(text.charAt(at)) && (at == 0 || !isOfWord(text.charAt(at - 1)));
    }

    private static boolean isOfWord(char c) {
        return c == '_' || Character.isLetterOrDigit(c);
    }
}
