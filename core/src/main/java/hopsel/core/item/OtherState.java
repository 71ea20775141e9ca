package hopsel.core.item;

import hopsel.core.FactTable;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** The same food as it is sold in another state. */
public enum OtherState {
    /** Cooked, in a can or a jar. */
    CANNED,
    /** From the freezer. */
    FROZEN;

    /** A row of the table: one food, the state, and what it is called when it is sold so. */
    private record Row(String item, OtherState state, String other) {}

    private static final List<Row> ROWS = FactTable.rows(OtherState.class, "other-states.txt", 3).stream()
            .map(cells -> new Row(cells.get(0), FactTable.word(OtherState.class, cells.get(1)), cells.get(2)))
            .toList();

    /** What an item is when it is sold in this state; empty where no table speaks. */
    public Optional<String> of(String item) {
        return rows(row -> row.item.equals(item)).stream().map(Row::other).findFirst();
    }

    /** What an item in this state was before it; empty where no table speaks, or where several foods end in it. */
    public Optional<String> from(String item) {
        List<Row> before = rows(row -> row.other.equals(item));
        return before.size() == 1 ? Optional.of(before.get(0).item) : Optional.empty();
    }

    private List<Row> rows(Predicate<Row> which) {
        return ROWS.stream().filter(row -> row.state == this && which.test(row)).toList();
    }
}
