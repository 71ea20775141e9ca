package hopsel.web.classes.before;

import hopsel.core.Known;
import hopsel.core.air.EarlierEvent;
import hopsel.core.air.Happened.Note;
import hopsel.formats.eventfile.EventFile;

import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

/** Writes every event of every run with the members of its kind. */
@Component
public class V25__EventsHaveTheirMembers extends BaseJavaMigration {

    @Override
    public void migrate(Context context) {
        JdbcTemplate database = new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true));
        database.queryForList("select class_id, run, seq, kind, activity, seconds, text from air_event")
                .forEach(row -> {
                    String event = event(
                            (String) Known.in(row, "kind"),
                            (String) Known.in(row, "activity"),
                            (int) Known.in(row, "seconds"),
                            (String) Known.in(row, "text"));
                    database.update(
                            "update air_event set event = ? where class_id = ? and run = ? and seq = ?",
                            event,
                            row.get("class_id"),
                            row.get("run"),
                            row.get("seq"));
                });
    }

    /** What can no longer happen is kept as a note, so that whoever looks for it finds it. */
    private static String event(String kind, String activity, int seconds, String text) {
        try {
            String event = EventFile.write(EarlierEvent.of(kind, activity, seconds, text));
            EventFile.read(event);
            return event;
        } catch (IllegalArgumentException e) {
            return EventFile.write(
                    new Note(activity, "%s %s".formatted(kind, text).strip()));
        }
    }
}
