package hopsel.web.classes.before;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;
import hopsel.web.classes.before.ClassRows.ClassRow;

import org.apache.ibatis.mapping.Environment;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactoryBuilder;
import org.apache.ibatis.transaction.jdbc.JdbcTransactionFactory;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.util.List;

/**
 * Makes a document of every class and a row of every guest. Nothing is judged here: what an earlier version kept is
 * kept, and whoever opens it is told what is wrong with it.
 */
@Component
public class V20__ClassesBecomeDocuments extends BaseJavaMigration {

    @Override
    public void migrate(Context context) {
        Connection connection = context.getConnection();
        JdbcTemplate database = new JdbcTemplate(new SingleConnectionDataSource(connection, true));
        List<CookingClassRow> classes = read(connection);
        for (CookingClassRow row : classes) {
            database.update(
                    "update cooking_class set document = ? where id = ?",
                    ClassFile.write(row.cooking.withAttendees(List.of())),
                    row.id);
            List<Attendee> attendees = row.cooking.attendees();
            for (int i = 0; i < attendees.size(); i++) {
                database.update(
                        "insert into guest (class_id, id, position, version, document) values (?, ?, ?, 1, ?)",
                        row.id,
                        attendees.get(i).id(),
                        i,
                        Json.line(ClassFile.attendee(attendees.get(i))));
            }
        }
        // States that can be gone back to are about the class; who takes part is no part of them any more.
        database.query("select class_id, number, document from class_revision", rows -> {
            ObjectNode document =
                    (ObjectNode) Json.read(rows.getString("document").getBytes(StandardCharsets.UTF_8));
            document.putArray("attendees");
            database.update(
                    "update class_revision set document = ? where class_id = ? and number = ?",
                    Json.indented(document),
                    rows.getLong("class_id"),
                    rows.getInt("number"));
        });
    }

    private record CookingClassRow(long id, CookingClass cooking) {}

    private static List<CookingClassRow> read(Connection connection) {
        Configuration configuration = new Configuration(new Environment(
                "before", new JdbcTransactionFactory(), new SingleConnectionDataSource(connection, true)));
        configuration.setMapUnderscoreToCamelCase(true);
        configuration.setArgNameBasedConstructorAutoMapping(true);
        configuration.addMapper(OldClassMapper.class);
        // Not closed: that would close the connection, which belongs to the migration.
        SqlSession session = new SqlSessionFactoryBuilder().build(configuration).openSession(connection);
        OldClassMapper mapper = session.getMapper(OldClassMapper.class);
        return mapper.classes().stream()
                .map((ClassRow row) -> new CookingClassRow(row.id(), RowsToClass.read(row, mapper)))
                .toList();
    }
}
