package hopsel.core.recipe;

import java.util.stream.Collectors;

/**
 * Breaks lines that nobody wrote as one: what reads a sentence takes time and stack by its length, and a file may hold
 * anything. No word is lost by it.
 */
final class LongLines {

    /** Characters of the longest sentence of a recipe, with room. */
    private static final int SENTENCE = 700;

    /** Characters of the longest paragraph. */
    private static final int PARAGRAPH = 6_000;

    private LongLines() {}

    static String broken(String text) {
        boolean any = text.length() > SENTENCE && text.lines().anyMatch(line -> line.length() > SENTENCE);
        return any ? text.lines().map(LongLines::line).collect(Collectors.joining("\n")) : text;
    }

    private static String line(String line) {
        if (line.length() <= SENTENCE) {
            return line;
        }
        StringBuilder out = new StringBuilder(line);
        int sentence = 0;
        int paragraph = 0;
        int blank = -1;
        for (int i = 0; i < out.length(); i++) {
            char here = out.charAt(i);
            boolean ends = i > 0 && ".!?;".indexOf(out.charAt(i - 1)) >= 0 && here == ' ';
            if (here == ' ') {
                blank = i;
            }
            if (ends && i - paragraph > PARAGRAPH || i - sentence > SENTENCE && blank > sentence) {
                out.setCharAt(ends ? i : blank, '\n');
                paragraph = ends ? i : blank;
                sentence = paragraph;
            } else if (ends) {
                sentence = i;
            }
        }
        return out.toString();
    }
}
