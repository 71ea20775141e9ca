package hopsel.web.guest;

import hopsel.formats.json.Json;
import hopsel.web.guest.RowsMapper.Cell;
import hopsel.web.guest.RowsMapper.Column;
import hopsel.web.guest.RowsMapper.Hanging;

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
            mapper.rows(from, mapper.columns(from.table()), id, guest).forEach(row -> add(rows, row));
        });
        return tables;
    }

    private static void add(ArrayNode rows, Map<String, String> row) {
        ObjectNode own = rows.addObject();
        row.forEach(own::put);
    }

    /** Puts rows back; columns that are no more are left out, those that are new hold what is usual. */
    void put(JsonNode tables) {
        tables.properties().forEach(table -> {
            List<Column> columns = mapper.columns(table.getKey());
            table.getValue().forEach(row -> mapper.put(table.getKey(), cells(columns, row)));
        });
    }

    private static List<Cell> cells(List<Column> columns, JsonNode row) {
        return columns.stream()
                .filter(column -> row.has(column.name()))
                .map(column -> new Cell(
                        column.name(), column.binary(), row.get(column.name()).asString("")))
                .toList();
    }
}
