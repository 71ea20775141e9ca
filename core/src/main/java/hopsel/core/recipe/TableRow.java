package hopsel.core.recipe;

import java.util.regex.Pattern;

/** Rows of a table that somebody typed with bars. */
final class TableRow {

    private static final Pattern RULE = Pattern.compile("[|\\s:-]+");
    private static final Pattern TABLE_HEAD = Pattern.compile(
            "(?i)(?:ingredients?|item|what|food)\\s*\\|\\s*(?:amounts?|quantity|how much|weight|measure).*");

    private TableRow() {}

    /** A row of a table as a line: cells parted by a bar, and nothing of its frame. */
    static String unframed(String line) {
        String plain = line.strip();
        if (!plain.startsWith("|")) {
            return line;
        }
        if (RULE.matcher(plain).matches()) {
            return "";
        }
        String cells = plain.replaceAll("^\\|\\s*|\\s*\\|$", "");
        return TABLE_HEAD.matcher(cells).matches() ? "Ingredients" : cells;
    }
}
