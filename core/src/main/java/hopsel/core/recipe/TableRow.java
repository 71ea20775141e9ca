package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Rows of a table that somebody typed with bars. */
final class TableRow {

    private static final Pattern RULE = Pattern.compile("[|\\s:-]+");
    private static final Pattern TABLE_HEAD = Pattern.compile(
            "(?i)(?:ingredients?|item|what|food)\\s*\\|\\s*(?:amounts?|quantity|how much|weight|measure).*");

    /** What stands over the columns of a table. */
    private static final Pattern FOOD =
            Pattern.compile("(?:ingredients?|items?|what|foods?|product|name)", Pattern.CASE_INSENSITIVE);

    private static final Pattern NUMBER = Pattern.compile(
            "(?:amounts?|quantit(?:y|ies)|qty\\.?|how much|weight|number|no\\.?)(?: \\(\\p{L}+\\))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PART =
            Pattern.compile("(?:components?|parts?|sections?|for|element)", Pattern.CASE_INSENSITIVE);
    private static final Pattern UNIT = Pattern.compile("(?:units?|measures?)", Pattern.CASE_INSENSITIVE);
    private static final Pattern CELLS = Pattern.compile("\\s*\\t\\s*|\\s*;\\s*|\\s*,\\s*|\\s+\\|\\s+");

    private TableRow() {}

    /** A table with a head, as out of a spreadsheet: each row as a line, its amount first. Other lines as they are. */
    static List<String> inOrder(List<String> lines) {
        List<String> all = new ArrayList<>();
        Optional<Head> head = Optional.empty();
        Optional<String> part = Optional.empty();
        for (String line : lines) {
            Optional<Head> begins = Head.of(line);
            if (begins.isPresent()) {
                head = begins;
                all.add("Ingredients");
                continue;
            }
            if (head.isPresent() && RULE.matcher(line).matches() && line.contains("-")) {
                continue;
            }
            Optional<String> of = head.flatMap(known -> known.partOf(line));
            if (of.isPresent() && !of.equals(part)) {
                all.add("");
                all.add(of.get() + ":");
            }
            part = of;
            Optional<String> row = head.flatMap(known -> known.row(line));
            if (head.isPresent() && row.isEmpty() && !line.isBlank()) {
                all.add("");
            }
            head = row.isPresent() ? head : Optional.empty();
            all.add(row.orElse(line));
        }
        return all;
    }

    /**
     * The head of a table.
     *
     * @param between what parts its columns
     * @param part the column of the components; -1: none
     * @param food the column of the names
     * @param number the column of the amounts
     * @param unit the column of their units; -1: none
     */
    private record Head(String between, int part, int food, int number, int unit) {

        static Optional<Head> of(String line) {
            Matcher first = CELLS.matcher(line);
            if (!first.find()) {
                return Optional.empty();
            }
            String between =
                    first.group().strip().isEmpty() ? "\t" : first.group().strip();
            List<String> cells = cells(line, between);
            Head head = new Head(
                    between, column(cells, PART), column(cells, FOOD), column(cells, NUMBER), column(cells, UNIT));
            return Optional.of(head).filter(known -> known.food >= 0 && known.number >= 0);
        }

        private static int column(List<String> cells, Pattern name) {
            return IntStream.range(0, cells.size())
                    .filter(at -> name.matcher(cells.get(at)).matches())
                    .findFirst()
                    .orElse(-1);
        }

        private static List<String> cells(String line, String between) {
            return Stream.of(line.split(Pattern.quote(between), -1))
                    .map(String::strip)
                    .toList();
        }

        /** The component of a row; empty where the table tells none. */
        Optional<String> partOf(String line) {
            List<String> cells = cells(line, between);
            return part < 0 || cells.size() <= Math.max(food, number)
                    ? Optional.empty()
                    : Optional.of(cells.get(part)).filter(cell -> !cell.isEmpty());
        }

        /** Empty: no row of this table. */
        Optional<String> row(String line) {
            List<String> cells = cells(line, between);
            if (cells.size() <= Math.max(food, number) || cells.get(food).isEmpty()) {
                return Optional.empty();
            }
            String amount = cells.get(number) + " " + (unit >= 0 && unit < cells.size() ? cells.get(unit) : "");
            String beside = IntStream.range(0, cells.size())
                    .filter(at -> at != part && at != food && at != number && at != unit)
                    .mapToObj(cells::get)
                    .filter(cell -> !cell.isEmpty())
                    .collect(Collectors.joining(", "));
            String named = amount.strip() + " " + cells.get(food);
            return Optional.of((beside.isEmpty() ? named : named + ", " + beside).strip());
        }
    }

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
