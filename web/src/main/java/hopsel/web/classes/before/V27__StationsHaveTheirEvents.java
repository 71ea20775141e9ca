package hopsel.web.classes.before;

import hopsel.core.Known;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.Portion;
import hopsel.formats.eventfile.StationFile;

import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.sql.Date;
import java.util.Map;
import java.util.Optional;

/** Writes everything that happened at the weighing stations with the members of its kind. */
@Component
public class V27__StationsHaveTheirEvents extends BaseJavaMigration {

    /** In the place of a name that was empty: it was about no kit, or no station. */
    private static final String NOBODY = "nobody";

    @Override
    public void migrate(Context context) {
        JdbcTemplate database = new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true));
        database.execute("alter table packing_event add column event longtext not null default ''");
        database.queryForList("select * from packing_event").forEach(row -> {
            String event = StationFile.write(event(row));
            StationFile.read(event);
            database.update(
                    "update packing_event set event = ? where class_id = ? and seq = ?",
                    event,
                    row.get("class_id"),
                    row.get("seq"));
        });
    }

    private static AtStation event(Map<String, Object> row) {
        String kit = text(row, "attendee_id");
        String station = text(row, "station");
        return switch (text(row, "kind")) {
            case "CLAIM" -> new Claim(kit, station);
            case "RELEASE" -> new Release(kit, station);
            case "WEIGH" -> new Weigh(kit, portion(row), (BigDecimal) Known.in(row, "grams"), lot(row), station);
            case "TAKE_OUT" -> new TakeOut(kit, portion(row), station);
            case "CLOSE" -> new Close(kit, station);
            case "REOPEN" -> new Reopen(kit, station);
            case "CLEAN" -> new Clean(station);
            default -> new ReadLabel(text(row, "item_id"), lot(row), station);
        };
    }

    private static Portion.Key portion(Map<String, Object> row) {
        return new Portion.Key(text(row, "dish"), text(row, "item_id"));
    }

    private static Lot lot(Map<String, Object> row) {
        return new Lot(
                (String) Known.in(row, "lot"),
                Optional.ofNullable((Date) row.get("use_by")).map(Date::toLocalDate));
    }

    private static String text(Map<String, Object> row, String column) {
        String text = (String) Known.in(row, column);
        return text.isEmpty() ? NOBODY : text;
    }
}
