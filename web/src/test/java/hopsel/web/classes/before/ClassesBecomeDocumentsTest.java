package hopsel.web.classes.before;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.web.TestContext;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.InputStreamResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.init.ResourceDatabasePopulator;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;

import javax.sql.DataSource;

/** A database of an earlier version, with the demo classes, one of them renamed and with one more guest, opened by this one. */
class ClassesBecomeDocumentsTest {

    private static final String FILES = "hopsel/demo/";

    private final Catalogue catalogue = TestContext.bean(Catalogue.class);
    private final DataSource earlier = new DriverManagerDataSource(System.getenv("HOPSEL_DB_URL").replaceFirst("/hopsel$", "/hopsel_before"), System.getenv("HOPSEL_DB_USER"), System.getenv("HOPSEL_DB_PASSWORD"));
    private final JdbcTemplate database = new JdbcTemplate(earlier);

    private Flyway flyway(String target) {
        return Flyway.configure().dataSource(earlier).javaMigrations(new V20__ClassesBecomeDocuments()).target(target).load();
    }

    private CookingClass demo(String name) throws Exception {
        return ClassFile.read(new ClassPathResource(FILES + name + ".json").getContentAsByteArray(), catalogue);
    }

    private CookingClass migrated(long id) throws Exception {
        CookingClass alone = ClassFile.read(database.queryForObject("select document from cooking_class where id = ?", String.class, id).getBytes(StandardCharsets.UTF_8), catalogue);
        return alone.withAttendees(database.queryForList("select document from guest where class_id = ? order by position", String.class, id).stream().map(ClassFile::readAttendee).toList());
    }

    @Test
    void everyClassAndGuestIsThereAsItWas() throws Exception {
        flyway("18").migrate();
        try (GZIPInputStream rows = new GZIPInputStream(new ClassPathResource("hopsel/before/classes-as-rows.sql.gz").getInputStream())) {
            new ResourceDatabasePopulator(new InputStreamResource(rows)).execute(earlier);
        }
        flyway("latest").migrate();
        assertThat(migrated(1)).isEqualTo(demo("1-harbour-supper"));
        assertThat(migrated(3)).isEqualTo(demo("3-sago-recording"));
        assertThat(migrated(4)).isEqualTo(demo("4-flatbread-stream"));
        CookingClass changed = migrated(2);
        assertThat(changed.title()).isEqualTo("Laksa evening, renamed");
        assertThat(changed.dishes()).isEqualTo(demo("2-laksa-evening").dishes());
        assertThat(changed.attendees()).hasSize(9).last().satisfies(guest -> {
            assertThat(guest.name()).isEqualTo("Zelda Quist");
            assertThat(guest.avoids()).containsExactly("peanut");
        });
        List<Map<String, Object>> states = database.queryForList("select document from class_revision");
        assertThat(states).isNotEmpty().allSatisfy(state -> assertThat((String) state.get("document")).doesNotContain("Zelda"));
    }
}
