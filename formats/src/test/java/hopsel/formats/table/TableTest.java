package hopsel.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.List;
import java.util.Map;

class TableTest {

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+cmd", "-cmd|' /C calc'!A0", "@SUM(A1)", "\tx"})
    void whatASpreadsheetWouldCalculateIsWrittenAsText(String cell) {
        assertThat(Table.write(List.of(List.of(cell)))).contains("'" + cell);
    }

    @Test
    void numbersStayNumbersAndComesBackWhatWentOut() throws Exception {
        List<List<String>> rows = List.of(
                List.of("Item", "grams", "note"),
                List.of("Flour, \"strong\"", "-12.5", "=1"),
                List.of("żurek\nkiszony", "0.3", ""));
        String file = Table.write(rows);
        assertThat(file).startsWith("\uFEFF").contains(",-12.5,");
        assertThat(Table.read(file))
                .containsExactly(
                        Map.of("item", "Flour, \"strong\"", "grams", "-12.5", "note", "=1"),
                        Map.of("item", "żurek\nkiszony", "grams", "0.3", "note", ""));
    }

    @Test
    void semicolonsAndTabsAreTakenToo() throws Exception {
        assertThat(Table.read("item;grams\nrice;200")).containsExactly(Map.of("item", "rice", "grams", "200"));
        assertThat(Table.read("item\tgrams\nrice\t200\n\n")).containsExactly(Map.of("item", "rice", "grams", "200"));
    }
}
