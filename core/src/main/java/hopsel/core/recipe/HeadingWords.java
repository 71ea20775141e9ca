package hopsel.core.recipe;

import hopsel.core.FactTable;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What stands over the parts of a recipe: over its list, its method, its notes, and over a part of the dish. */
final class HeadingWords {

    static final Pattern INGREDIENTS = Pattern.compile(
            "^(?:the )?(?:ingredients?|ingredient list|what you(?:'ll| will)? need|you(?:'ll| will)? "
                    + "need|shopping list)\\s*(?:\\(([^()]*)\\))?\\s*(?:for (?:the "
                    + ")?([^.:,\\d]{2,40}))?\\s*(?:\\(([^()]*)\\))?\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    static final Pattern METHOD = Pattern.compile(
            "^(?:the )?(?:method|directions?|instructions?|preparation|steps|order|procedure|how|how to(?: "
                    + "(?:make|cook)(?: "
                    + "it| them| this)?)?|making it|putting it together|to make|what to do|order of work|"
                    + "running order|work ?plan|timings?|cooking instructions|preparation steps|"
                    + "let's cook)\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    static final Pattern NOTES = Pattern.compile(
            "^(?:(?:recipe|cook's|chef's|my|some) )?(?:notes?|tips?(?: and "
                    + "tricks)?|storage|storing|nutrition(?:al)?(?: information| "
                    + "facts)?|variations?|substitutions?|make[- "
                    + "]ahead|equipment|tools|faq|video|comments|to store|leftovers)\\s*:?(?:\\s|$)",
            Pattern.CASE_INSENSITIVE);

    /** {@code nb. freezes well}: said beside the method. */
    static final Pattern NOTED =
            Pattern.compile("^(?:(?:n\\.?b|p\\.?s|note|tip)\\b\\s*[.:-]|n\\.?b\\.? " + ")", Pattern.CASE_INSENSITIVE);

    static final Pattern NOTES_ALONE = Pattern.compile("^[\\p{L}' -]{3,40}:?$");

    private static final Set<String> PARTS = FactTable.rows(HeadingWords.class, "part-words.txt", 1).stream()
            .map(cells -> cells.get(0))
            .collect(Collectors.toUnmodifiableSet());

    private HeadingWords() {}

    /** Whether a word is what parts of dishes are called: sauce, dough, filling. */
    static boolean isPart(String word) {
        return PARTS.contains(ItemFinder.singular(word.toLowerCase(Locale.ROOT)));
    }

    /**
     * What stands by itself twice, over a line with an amount and over one of the method: a part, even a food's name.
     */
    static Set<String> standing(List<String> all) {
        Set<String> over = new HashSet<>();
        Set<String> twice = new HashSet<>();
        for (int i = 1; i + 1 < all.size(); i++) {
            String line = all.get(i).toLowerCase(Locale.ROOT);
            String before = Numbers.plain(all.get(i - 1));
            boolean first = before.isEmpty()
                    || INGREDIENTS.matcher(before).matches()
                    || METHOD.matcher(before).matches();
            boolean alone = first && !line.isEmpty() && !all.get(i + 1).isEmpty();
            if (alone && !LineLooks.startsWithAmount(line) && !LineLooks.isSentence(line)) {
                boolean listed = LineLooks.startsWithAmount(all.get(i + 1)) && !LineLooks.isNumbered(all.get(i + 1));
                if (listed) {
                    over.add(line);
                } else if (over.contains(line)) {
                    twice.add(line);
                }
            }
        }
        return twice;
    }
}
