package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;

/** A text that holds several recipes, each with its name, list and method. */
public final class SeveralRecipes {

    private SeveralRecipes() {}

    /**
     * The recipes that a text holds, each with its name, list and method.
     *
     * @return parts of the text; one, all of it, where it holds no more
     */
    public static List<String> in(String text) {
        List<String> all = text.lines().toList();
        List<Integer> starts = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (isListHeading(all.get(i))) {
                int name = i - 1;
                while (name >= 0 && all.get(name).isBlank()) {
                    name--;
                }
                starts.add(Math.max(0, name));
            }
        }
        List<String> found = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1) : all.size();
            found.add(String.join("\n", all.subList(starts.get(i), end)));
        }
        boolean whole = found.size() > 1
                && found.stream().allMatch(recipe -> recipe.lines().anyMatch(line -> HeadingWords.METHOD
                        .matcher(Numbers.plain(line).strip())
                        .matches()));
        return whole ? found : List.of(text);
    }

    /** {@code Ingredients}, and not {@code Ingredients for the sauce}, which is a part. */
    private static boolean isListHeading(String line) {
        Matcher listed = HeadingWords.INGREDIENTS.matcher(Numbers.plain(line).strip());
        return listed.matches() && listed.group(2) == null;
    }
}
