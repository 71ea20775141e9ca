package hopsel.core.recipe;

import hopsel.core.item.Item;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Foods that somebody puts in while talking, without saying how much: sesame seeds on top, if you like. */
final class SpokenFoods {

    private static final int LONGEST_NAME = 3;
    private static final int SHORTEST = 4;
    private static final Pattern WORD = Pattern.compile("[\\p{L}'-]+");
    /** What is not used, or only resembled. */
    private static final Pattern OTHERWISE = Pattern.compile(
            "\\b(?:not|no|without|instead of|like|or|than|use|could|can|don't|never|isn't|into an?|from"
                    + "|(?<!(?:loads|plenty|lots|spoonful|handful|bit|little|splash|sprinkle|dollop|squeeze) )of|the"
                    + "|that|these|those|this"
                    + "|your|our|my)(?: the| an?| any| some| of)? $",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern MEASURED =
            Pattern.compile("(?:\\b(?<!(?:loads|plenty|lots|bit|little|spoonful|dollop) )of |\\d (?:\\p{L}+ )?)$");
    private static final Pattern IF_YOU_LIKE = Pattern.compile(
            "^[^.;,]{0,20}\\b(?:if you (?:like|want|fancy|have|can)|optional)", Pattern.CASE_INSENSITIVE);

    private final LineReader lines;
    private final Set<String> known = new HashSet<>();

    /**
     * Looks for foods beside those that are on the list.
     *
     * @param listed lines of the list, as they were said
     */
    SpokenFoods(LineReader lines, List<String> listed) {
        this.lines = lines;
        listed.forEach(line -> {
            ReadLine read = lines.read(line);
            known.addAll(ItemFinder.words(read.name()));
            read.item().ifPresent(item -> learn(item));
        });
    }

    private void learn(Item item) {
        known.addAll(ItemFinder.words(item.shortName()));
        item.practice().names().forEach(name -> {
            List<String> words = ItemFinder.words(name);
            known.add(words.get(words.size() - 1));
        });
    }

    /** Learns what a passage names by a longer name, so that "noodles" are not looked for where rice noodles are. */
    void hear(String passage) {
        names(passage).stream()
                .filter(name ->
                        MEASURED.matcher(passage.substring(0, name.start)).find())
                .forEach(name -> lines.exactly(name.text).ifPresent(this::learn));
    }

    /** The foods of a passage that are on no list, each as a line. */
    List<String> in(String passage) {
        List<String> found = new ArrayList<>();
        for (Name name : names(passage)) {
            if (isNew(name.text)
                    && !Techniques.begins(passage.substring(name.start).toLowerCase(Locale.ROOT))
                    && !HeardAmounts.OTHERS
                            .matcher(passage.substring(0, name.start))
                            .find()
                    && !OTHERWISE.matcher(passage.substring(0, name.start)).find()) {
                boolean optional = IF_YOU_LIKE
                        .matcher(passage.substring(name.start + name.text.length()))
                        .find();
                found.add(name.text + (optional ? ", optional" : ""));
                lines.exactly(name.text).ifPresent(this::learn);
            }
        }
        return found;
    }

    /** Where a food stands, by its longest name. */
    record Name(String text, int start) {

        int end() {
            return start + text.length();
        }
    }

    /** The food that a text names last. */
    static Optional<Name> last(String text, LineReader lines) {
        List<Name> names = new SpokenFoods(lines, List.of()).names(text);
        return names.isEmpty() ? Optional.empty() : Optional.of(names.get(names.size() - 1));
    }

    /** The foods that a passage names, by their longest names. */
    static List<Name> all(String passage, LineReader lines) {
        return new SpokenFoods(lines, List.of()).names(passage);
    }

    private List<Name> names(String passage) {
        List<Name> names = new ArrayList<>();
        List<int[]> words = new ArrayList<>();
        Matcher word = WORD.matcher(passage);
        while (word.find()) {
            words.add(new int[] {word.start(), word.end()});
        }
        int from = 0;
        while (from < words.size()) {
            int length = Math.min(LONGEST_NAME, words.size() - from);
            while (length > 0
                    && lines.exactly(between(passage, words, from, length)).isEmpty()) {
                length--;
            }
            if (length > 0) {
                names.add(new Name(between(passage, words, from, length), words.get(from)[0]));
            }
            from += Math.max(1, length);
        }
        return names;
    }

    private static String between(String passage, List<int[]> words, int from, int length) {
        return passage.substring(words.get(from)[0], words.get(from + length - 1)[1]);
    }

    /** A food by its whole name, of which no word is that of something on the list. */
    private boolean isNew(String name) {
        List<String> words = ItemFinder.words(name);
        return name.length() >= SHORTEST
                && !name.contains(",")
                && lines.exactly(name)
                        .filter(item -> !item.id().equals("water"))
                        .isPresent()
                && !known.containsAll(words)
                && words.stream().noneMatch(Branches::isMade)
                && words.stream().noneMatch(HeadingWords::isPart);
    }
}
