package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The letters that a regular expression of words can begin with. */
final class FirstLetters {
    private FirstLetters() {}

    /** The letters, in lower case; empty: it may begin with anything, or nobody can tell. */
    static String of(String alternatives) {
        StringBuilder all = new StringBuilder();
        for (String alternative : parts(alternatives)) {
            String letters = first(alternative);
            if (letters.isEmpty()) {
                return "";
            }
            all.append(letters);
        }
        return all.toString();
    }

    private static String first(String alternative) {
        if (alternative.startsWith("(?<!") || alternative.startsWith("(?!")) {
            return first(alternative.substring(closing(alternative) + 1));
        }
        if (alternative.startsWith("(?:")) {
            int end = closing(alternative);
            return mayBeLeftOut(alternative, end + 1) ? "" : of(alternative.substring(3, end));
        }
        boolean letter = !alternative.isEmpty() && Character.isLetter(alternative.charAt(0));
        return letter && !mayBeLeftOut(alternative, 1)
                ? alternative.substring(0, 1).toLowerCase(Locale.ROOT)
                : "";
    }

    private static boolean mayBeLeftOut(String regex, int at) {
        return at < regex.length() && "?*{".indexOf(regex.charAt(at)) >= 0;
    }

    /** Where the group that a text begins with closes. */
    private static int closing(String text) {
        int depth = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\\') {
                i++;
            } else if (c == '(') {
                depth++;
            } else if (c == ')') {
                depth--;
                if (depth == 0) {
                    return i;
                }
            }
        }
        throw new IllegalArgumentException("not closed: " + text);
    }

    /** Alternatives, without looking into groups. */
    private static List<String> parts(String text) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\\') {
                i++;
            } else if (c == '(') {
                i += closing(text.substring(i));
            } else if (c == '|') {
                parts.add(text.substring(from, i));
                from = i + 1;
            }
        }
        parts.add(text.substring(from));
        return parts;
    }
}
