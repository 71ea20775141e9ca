package hopsel.core;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Scanner;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A table of kitchen practice, kept as text beside the code so that a cook can read it and argue with it: a row on each
 * line, its cells parted by bars. A line that begins with # is a remark.
 */
public final class FactTable {

    private FactTable() {}

    /**
     * The rows of a table.
     *
     * @param beside whose package the file lies in
     * @param cells that each row has
     */
    public static List<List<String>> rows(Class<?> beside, String file, int cells) {
        List<List<String>> rows = lines(beside, file).stream()
                .filter(line -> !line.isBlank())
                .map(FactTable::cells)
                .toList();
        rows.stream().filter(row -> row.size() != cells).findFirst().ifPresent(row -> {
            throw new IllegalStateException("%s: %d cells are wanted in %s".formatted(file, cells, row));
        });
        return rows;
    }

    /** What stands under each heading, the heading first; blank lines are only for the eye. */
    public static List<List<String>> blocks(Class<?> beside, String file, String head) {
        List<List<String>> blocks = new ArrayList<>();
        for (String line : lines(beside, file)) {
            if (line.startsWith(head)) {
                blocks.add(new ArrayList<>());
            }
            if (!line.isBlank()) {
                blocks.get(blocks.size() - 1).add(line);
            }
        }
        return blocks;
    }

    /** The cells of a row. */
    public static List<String> cells(String row) {
        return Arrays.stream(row.split("\\|", -1)).map(String::strip).toList();
    }

    /** The words of a cell, parted by commas; none where it is empty. */
    public static List<String> list(String cell) {
        return Arrays.stream(cell.split(","))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .toList();
    }

    /** The members of an enumeration that a cell names. */
    public static <E extends Enum<E>> Set<E> words(Class<E> type, String cell) {
        return list(cell).stream().map(word -> word(type, word)).collect(Collectors.toSet());
    }

    /** The member of an enumeration that a cell names. */
    public static <E extends Enum<E>> E word(Class<E> type, String word) {
        return Enum.valueOf(type, word.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    private static List<String> lines(Class<?> beside, String file) {
        try (Scanner text = new Scanner(Objects.requireNonNull(beside.getResourceAsStream(file), file), "UTF-8")) {
            List<String> lines = new ArrayList<>();
            while (text.hasNextLine()) {
                lines.add(text.nextLine());
            }
            return lines.stream().filter(line -> !line.startsWith("#")).toList();
        }
    }
}
