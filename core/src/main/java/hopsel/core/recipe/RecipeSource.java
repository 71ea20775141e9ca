package hopsel.core.recipe;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A recipe cut into its parts, before any line or step is read. Whatever the document was, it becomes this first.
 *
 * @param title as written
 * @param yield such as "Serves 4" or "24 dumplings"
 * @param headline the time the recipe promises, such as "45 minutes"
 * @param ingredients lines, under the heading they stand below
 * @param method paragraphs, under the heading they stand below
 * @param other passages that are neither
 * @param telling what only somebody who talks gives away
 */
public record RecipeSource(
        Optional<String> title,
        Optional<String> yield,
        Optional<String> headline,
        List<Passage> ingredients,
        List<Passage> method,
        List<String> other,
        Telling telling) {

    /** Of something written, where the list stands before the method. */
    public RecipeSource(
            Optional<String> title,
            Optional<String> yield,
            Optional<String> headline,
            List<Passage> ingredients,
            List<Passage> method,
            List<String> other) {
        this(title, yield, headline, ingredients, method, other, Telling.NONE);
    }

    /** Keeps its own copies. */
    public RecipeSource {
        ingredients = List.copyOf(ingredients);
        method = List.copyOf(method);
        other = List.copyOf(other);
    }

    /** The same with what is measured anywhere in it. */
    RecipeSource hearing(List<HeardAmounts.Heard> heard) {
        return new RecipeSource(
                title, yield, headline, ingredients, method, other, new Telling(telling.before, telling.said, heard));
    }

    /** The same with another list. */
    RecipeSource withIngredients(List<Passage> list, Map<String, Integer> before) {
        return new RecipeSource(
                title, yield, headline, list, method, other, new Telling(before, telling.said, telling.heard));
    }

    /**
     * What somebody says beside a recipe.
     *
     * @param before by the text of an ingredient, how many paragraphs of the method were told before it
     * @param said by the number of a paragraph, from 0, what was said to the audience while it was done
     * @param heard what was measured, wherever it was said
     */
    record Telling(Map<String, Integer> before, Map<Integer, String> said, List<HeardAmounts.Heard> heard) {

        /** Of something written. */
        public static final Telling NONE = new Telling(Map.of(), Map.of(), List.of());

        /** Keeps its own copies. */
        public Telling {
            before = Map.copyOf(before);
            said = Map.copyOf(said);
            heard = List.copyOf(heard);
        }
    }

    /**
     * A line or a paragraph.
     *
     * @param heading of the part it belongs to, without "for the"
     * @param text as written
     */
    public record Passage(Optional<String> heading, String text) {}
}
