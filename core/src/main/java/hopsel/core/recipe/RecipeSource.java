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
 * @param told by the text of an ingredient that somebody spoke of, how many paragraphs of the method came before
 */
public record RecipeSource(
        Optional<String> title,
        Optional<String> yield,
        Optional<String> headline,
        List<Passage> ingredients,
        List<Passage> method,
        List<String> other,
        Map<String, Integer> told) {

    /** Of something written, where the list stands before the method. */
    public RecipeSource(
            Optional<String> title,
            Optional<String> yield,
            Optional<String> headline,
            List<Passage> ingredients,
            List<Passage> method,
            List<String> other) {
        this(title, yield, headline, ingredients, method, other, Map.of());
    }

    /** Keeps its own copies. */
    public RecipeSource {
        ingredients = List.copyOf(ingredients);
        method = List.copyOf(method);
        other = List.copyOf(other);
        told = Map.copyOf(told);
    }

    /**
     * A line or a paragraph.
     *
     * @param heading of the part it belongs to, without "for the"
     * @param text as written
     */
    public record Passage(Optional<String> heading, String text) {}
}
