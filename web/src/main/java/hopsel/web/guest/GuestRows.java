package hopsel.web.guest;

import hopsel.formats.json.Json;
import hopsel.web.guest.RowsMapper.Cell;
import hopsel.web.guest.RowsMapper.Column;
import hopsel.web.guest.RowsMapper.Hanging;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The row of a guest and every row that hangs on it, in whichever tables there are. */
@Component
class GuestRows {

    private static final Hanging OWN = new Hanging("guest", "id");

    private final RowsMapper mapper;

    GuestRows(RowsMapper mapper) {
        this.mapper = mapper;
    }

    /** All rows, by their table; the guest's own first. */
    ObjectNode of(long id, String guest) {
        ObjectNode tables = Json.object();
        List<Hanging> all = new ArrayList<>(List.of(OWN));
        all.addAll(mapper.hanging());
        all.forEach(from -> {
            ArrayNode rows = tables.putArray(from.table());
            List<Column> columns = mapper.columns(from.table());
            mapper.rows(from, columns, id, guest).forEach(row -> add(rows, columns, row));
        });
        return tables;
    }

    /** What is empty is written as such: it is empty again when it is put back. */
    private static void add(ArrayNode rows, List<Column> columns, Map<String, String> row) {
        ObjectNode own = rows.addObject();
        columns.forEach(column -> own.put(column.name(), row.get(column.name())));
    }

    /** Puts rows back; columns that are no more are left out, those that are new hold what is usual. */
    void put(JsonNode tables) {
        tables.properties().forEach(table -> {
            List<Column> columns = mapper.columns(table.getKey());
            table.getValue().forEach(row -> mapper.put(table.getKey(), cells(columns, row)));
        });
    }

    private static @Nullable String text(JsonNode value) {
        return value.isNull() ? null : value.asString("");
    }

    private static List<Cell> cells(List<Column> columns, JsonNode row) {
        return columns.stream()
                .filter(column -> row.has(column.name()))
                .map(column -> new Cell(column.name(), column.binary(), text(row.get(column.name()))))
                .toList();
    }
}
