package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Unfolds a text that was set in two columns, ingredients beside method: first all of the left one, then all of the
 * right. A column begins at the same place in several lines, behind a gap of three blanks or a tab.
 */
final class Columns {

    private static final int GAP = 3;
    private static final int LEAST_LINES = 3;

    private Columns() {}

    /** The lines one below the other; as they are where there is one column. */
    static List<String> unfold(List<String> lines) {
        Optional<Integer> column = column(lines);
        if (column.isEmpty()) {
            return lines;
        }
        int at = column.get();
        int first = first(lines, at);
        List<String> left = new ArrayList<>(lines.subList(0, first));
        List<String> right = new ArrayList<>();
        int last = last(lines, at);
        for (String line : lines.subList(first, last + 1)) {
            String plain = line.replace("\t", " ".repeat(GAP));
            boolean divided = plain.length() > at
                    && plain.substring(Math.max(0, at - 2), at).isBlank();
            left.add(divided ? plain.substring(0, at).stripTrailing() : leftOnly(plain, at));
            right.add(divided ? plain.substring(at) : rightOnly(plain, at));
        }
        // What stands under both columns is no more of the left one.
        return Stream.of(left, List.of(""), wrapped(right), lines.subList(last + 1, lines.size()))
                .flatMap(List::stream)
                .toList();
    }

    /** Numbered steps that were broken to fit the column are whole again. */
    private static List<String> wrapped(List<String> column) {
        if (column.stream().filter(LineLooks::isNumbered).count() < 2) {
            return column;
        }
        List<String> whole = new ArrayList<>();
        boolean numbered = false;
        for (String line : column) {
            boolean more = numbered && !line.isBlank() && !LineLooks.isNumbered(line);
            if (more) {
                whole.set(whole.size() - 1, whole.get(whole.size() - 1) + " " + line.strip());
            } else {
                whole.add(line);
            }
            numbered = more || LineLooks.isNumbered(line);
        }
        return whole;
    }

    private static String leftOnly(String line, int at) {
        return line.isBlank() || indent(line) < at - 1 ? line : "";
    }

    private static String rightOnly(String line, int at) {
        return line.isBlank() || indent(line) < at - 1 ? "" : line.strip();
    }

    private static int indent(String line) {
        return line.length() - line.stripLeading().length();
    }

    private static int first(List<String> lines, int at) {
        for (int i = 0; i < lines.size(); i++) {
            if (starts(lines.get(i)).contains(at)) {
                return i;
            }
        }
        return 0;
    }

    /** The last line that is divided, with what goes on under it in the right column. */
    private static int last(List<String> lines, int at) {
        int last = lines.size() - 1;
        while (last > 0 && !starts(lines.get(last)).contains(at) && indent(lines.get(last)) < at - 1) {
            last--;
        }
        boolean listed = LineLooks.startsWithAmount(lines.get(last).strip());
        while (listed
                && last + 1 < lines.size()
                && LineLooks.startsWithAmount(lines.get(last + 1).strip())) {
            // The left list may be the longer one.
            last++;
        }
        return last;
    }

    private static Optional<Integer> column(List<String> lines) {
        Map<Integer, Integer> votes = new HashMap<>();
        lines.forEach(line -> starts(line).forEach(at -> votes.merge(at, 1, Integer::sum)));
        return votes.entrySet().stream()
                .filter(vote -> vote.getValue() >= LEAST_LINES)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }

    /** Where something begins behind a gap. */
    private static List<Integer> starts(String line) {
        String plain = line.replace("\t", " ".repeat(GAP));
        List<Integer> found = new ArrayList<>();
        int blanks = 0;
        boolean begun = false;
        for (int i = 0; i < plain.length(); i++) {
            if (plain.charAt(i) == ' ') {
                blanks++;
                continue;
            }
            if (begun && blanks >= GAP) {
                found.add(i);
            }
            begun = true;
            blanks = 0;
        }
        return found;
    }
}
