package hopsel.web.guest;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.util.List;
import java.util.Map;

/** Rows of whatever table hangs on the row of a guest, as text. */
@Mapper
interface RowsMapper {

    /** The tables that hang on a guest's row, and their column that names the guest. */
    List<Hanging> hanging();

    /** What of a table is written, and not worked out from the rest. */
    List<Column> columns(@Param("table") String table);

    List<Map<String, String>> rows(
            @Param("from") Hanging from,
            @Param("columns") List<Column> columns,
            @Param("id") long id,
            @Param("guest") String guest);

    /** Adds a row, unless what else it hangs on is gone. */
    void put(@Param("table") String table, @Param("cells") List<Cell> cells);

    record Hanging(String table, String guest) {}

    record Column(String name, boolean binary) {}

    /** What a column of a row holds; bytes are written in base 64. */
    record Cell(String name, boolean binary, @Nullable String text) {}
}
