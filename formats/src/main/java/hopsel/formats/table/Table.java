package hopsel.formats.table;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Reads and writes tables that spreadsheets open without taking a text for a formula. */
public final class Table {

    private static final String BOM = "\uFEFF";
    private static final String RISKY = "=+-@\t\r";

    private Table() {}

    /** The rows as CSV in UTF-8 with a mark that spreadsheets know. */
    public static String write(List<List<String>> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(Table::harmless).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return BOM + out;
    }

    /** A text that a spreadsheet would calculate gets an apostrophe before it; a plain number does not. */
    static String harmless(String cell) {
        boolean number = cell.matches("-?\\d+(\\.\\d+)?");
        return !cell.isEmpty() && !number && RISKY.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    /** A quotation mark that is not closed, and the like, turn up while records are counted out. */
    private static List<CSVRecord> records(CSVFormat format, String text) throws IOException {
        try {
            return format.parse(new StringReader(text)).getRecords();
        } catch (IllegalStateException | IllegalArgumentException | UncheckedIOException e) {
            throw new IOException(e);
        }
    }

    /**
     * Rows by the names in the first line, lower case; commas, semicolons and tabs are told apart by that line.
     *
     * @throws IOException where it is no table
     */
    public static List<Map<String, String>> read(String text) throws IOException {
        String plain = text.startsWith(BOM) ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        char separator;
        if (head.contains(";")) {
            separator = ';';
        } else if (head.contains("\t")) {
            separator = '\t';
        } else {
            separator = ',';
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<Map<String, String>> rows = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (CSVRecord record : records(format, plain)) {
            if (names.isEmpty()) {
                record.forEach(name -> names.add(name.toLowerCase(Locale.ROOT)));
                continue;
            }
            Map<String, String> row = new LinkedHashMap<>();
            for (int i = 0; i < names.size(); i++) {
                String cell = i < record.size() ? record.get(i) : "";
                row.put(
                        names.get(i),
                        cell.startsWith("'") && cell.length() > 1 && RISKY.indexOf(cell.charAt(1)) >= 0
                                ? cell.substring(1)
                                : cell);
            }
            rows.add(row);
        }
        return rows;
    }
}
