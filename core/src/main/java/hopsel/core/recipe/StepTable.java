package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A table with a row for each part of a dish: what it is, what goes in, what is done or how long it takes. It is told
 * as lists under the names of the parts, and a method behind them.
 */
final class StepTable {

    private static final Pattern NAME = Pattern.compile(
            "(?:what|components?|parts?|elements?|sections?|dish|task|step name|item|name|stage)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LIST = Pattern.compile(
            "(?:ingredients?|what goes in|goes in|contains|foods?|you need|needs?)", Pattern.CASE_INSENSITIVE);
    private static final Pattern DOING = Pattern.compile(
            "(?:method|what to do|to do|do|action|how(?: to)?|instructions?|process|prep)", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIME =
            Pattern.compile("(?:times?|timing|minutes|mins?|how long|duration|heat)", Pattern.CASE_INSENSITIVE);
    private static final Pattern AMOUNT = Pattern.compile(
            "(?:amounts?|quantit(?:y|ies)|qty\\.?|how much|weight|number|no\\.?)(?: \\(.*\\))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern RULE = Pattern.compile("[|\\s:+-]+");

    /** What stands in another column is said beside the method. */
    private static final String BESIDE = "NB ";

    private StepTable() {}

    /** The lines, with such a table told; other lines as they are. */
    static List<String> told(List<String> lines) {
        for (int at = 0; at < lines.size(); at++) {
            Optional<Head> head = Head.of(lines.get(at));
            if (head.isPresent()) {
                List<String> all = new ArrayList<>(lines.subList(0, at));
                int end = at + 1;
                List<String> method = new ArrayList<>();
                all.addAll(List.of("", "Ingredients", ""));
                while (end < lines.size() && lines.get(end).contains("|")) {
                    String row = lines.get(end);
                    if (!RULE.matcher(row).matches()) {
                        head.get().tell(cells(row), all, method);
                    }
                    end++;
                }
                all.addAll(List.of("", "Method", ""));
                all.addAll(method);
                all.addAll(lines.subList(end, lines.size()));
                return method.isEmpty() ? lines : all;
            }
        }
        return lines;
    }

    private static List<String> cells(String line) {
        String inside = line.strip().replaceAll("^\\||\\|$", "");
        return Stream.of(inside.split("\\|", -1)).map(String::strip).toList();
    }

    /**
     * The head of the table.
     *
     * @param name column of the names
     * @param list column of what goes in
     * @param doing columns of what is done, and of how long, in their order
     */
    private record Head(int name, int list, List<Integer> doing) {

        static Optional<Head> of(String line) {
            List<String> cells = cells(line);
            int name = column(cells, NAME);
            int list = column(cells, LIST);
            List<Integer> doing = IntStream.range(0, cells.size())
                    .filter(at -> DOING.matcher(cells.get(at)).matches()
                            || TIME.matcher(cells.get(at)).matches())
                    .boxed()
                    .toList();
            // With a column of amounts each row is a line of a list.
            return column(cells, AMOUNT) >= 0 || name < 0 || list < 0 || name == list || doing.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Head(name, list, doing));
        }

        private static int column(List<String> cells, Pattern pattern) {
            return IntStream.range(0, cells.size())
                    .filter(at -> pattern.matcher(cells.get(at)).matches())
                    .findFirst()
                    .orElse(-1);
        }

        void tell(List<String> row, List<String> lists, List<String> method) {
            if (row.size() <= Math.max(name, list)) {
                method.add(BESIDE + String.join(" | ", row));
                return;
            }
            // A row without a name goes on with the part above it.
            String title = row.get(name);
            IntStream.range(0, row.size())
                    .filter(at -> at != name && at != list && !doing.contains(at))
                    .mapToObj(row::get)
                    .filter(cell -> !cell.matches("\\d*"))
                    .forEach(cell -> method.add(BESIDE + (title + " " + cell).strip()));
            List<String> done = doing.stream()
                    .filter(at -> at < row.size())
                    .map(row::get)
                    .filter(cell -> !cell.isEmpty())
                    .toList();
            List<String> entries = Stream.of(row.get(list).split("[,;]\\s+"))
                    .filter(entry -> !entry.isBlank())
                    .toList();
            if (!entries.isEmpty() && !title.isEmpty()) {
                lists.addAll(List.of("", title + ":"));
            }
            lists.addAll(entries);
            String doings = String.join(", ", done);
            doings = Stream.of(doings.split(",\\s+"))
                    .reduce((before, next) -> before
                            + (Techniques.begins(next.toLowerCase(Locale.ROOT))
                                    ? ". " + Lettering.capital(next)
                                    : ", " + next))
                    .orElse("");
            boolean said = Techniques.begins(doings.toLowerCase(Locale.ROOT));
            if (!done.isEmpty() && entries.isEmpty() && Techniques.begins(title.toLowerCase(Locale.ROOT))) {
                method.add(title + ", " + doings);
            } else if (!done.isEmpty()) {
                String doing = (said ? "" : "mix everything, ") + doings;
                String unnamed = said ? doings : BESIDE + doings;
                method.add(title.isEmpty() ? unnamed : title + ": " + doing);
            }
        }
    }
}
