package hopsel.web.classes.before;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.dishfile.DishFile;
import hopsel.formats.eventfile.EventFile;
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
import java.util.Optional;
import java.util.zip.GZIPInputStream;

import javax.sql.DataSource;

/**
 * A database of an earlier version, with the demo classes, one of them renamed and with one more guest, opened by this
 * one.
 */
class ClassesBecomeDocumentsTest {

    private static final String FILES = "hopsel/before/classes/";

    private final Catalogue catalogue = TestContext.bean(Catalogue.class);
    private final DataSource earlier = new DriverManagerDataSource(
            System.getenv("HOPSEL_DB_URL").replaceFirst("/hopsel$", "/hopsel_before"),
            System.getenv("HOPSEL_DB_USER"),
            System.getenv("HOPSEL_DB_PASSWORD"));
    private final JdbcTemplate database = new JdbcTemplate(earlier);

    private Flyway flyway(String target) {
        return Flyway.configure()
                .dataSource(earlier)
                .cleanDisabled(false)
                .javaMigrations(
                        new V20__ClassesBecomeDocuments(),
                        new V23__DishesKnowTheirRecipe(),
                        new V25__EventsHaveTheirMembers(),
                        new V27__StationsHaveTheirEvents())
                .target(target)
                .load();
    }

    /** A class of the demo, without the recipes of its dishes: a database of an earlier version had none. */
    private CookingClass demo(String name) throws Exception {
        return unnamed(
                ClassFile.read(new ClassPathResource(FILES + name + ".json").getContentAsByteArray(), catalogue));
    }

    private static CookingClass unnamed(CookingClass cooking) {
        return cooking.with(cooking.dishes().stream()
                .map(dish -> dish.withRecipe(Optional.empty()))
                .toList());
    }

    private CookingClass migrated(long id) throws Exception {
        CookingClass alone = ClassFile.read(
                database.queryForObject("select document from cooking_class where id = ?", String.class, id)
                        .getBytes(StandardCharsets.UTF_8),
                catalogue);
        return unnamed(alone)
                .withAttendees(database
                        .queryForList(
                                "select document from guest where class_id = ? order by position", String.class, id)
                        .stream()
                        .map(ClassFile::readAttendee)
                        .toList());
    }

    private void fill(String name) throws Exception {
        try (GZIPInputStream rows = new GZIPInputStream(
                new ClassPathResource("hopsel/before/%s.sql.gz".formatted(name)).getInputStream())) {
            new ResourceDatabasePopulator(new InputStreamResource(rows)).execute(earlier);
        }
    }

    private List<String> column(String statement) {
        return database.queryForList(statement, String.class);
    }

    /**
     * The last state before guests held together: classes, states, runs, dishes, a guest who signed up, letters,
     * packing.
     */
    @Test
    void everythingOfTheVersionBeforeIsThere() throws Exception {
        flyway("21").clean();
        fill("guests-apart");
        List<String> counted = List.of(
                "cooking_class",
                "class_revision",
                "bench_dish",
                "bench_revision",
                "air_event",
                "air_run",
                "handout_edition",
                "packing_event",
                "pantry_movement",
                "tick_event",
                "guest_link",
                "attendee_detail");
        List<Long> before = counted.stream()
                .map(table -> database.queryForObject("select count(*) from " + table, Long.class))
                .toList();
        long guests = database.queryForObject("select count(*) from guest", Long.class)
                + database.queryForObject("select count(*) from waiting_guest", Long.class);
        flyway("latest").migrate();
        assertThat(counted.stream()
                        .map(table -> database.queryForObject("select count(*) from " + table, Long.class))
                        .toList())
                .isEqualTo(before);
        assertThat(database.queryForObject("select count(*) from guest", Long.class))
                .isEqualTo(guests);
        for (String document :
                column("select document from cooking_class union all select document from class_revision union all "
                        + "select cooking from air_run union all select document from handout_edition")) {
            CookingClass cooking = ClassFile.read(document.getBytes(StandardCharsets.UTF_8), catalogue);
            assertThat(cooking.dishes()).allMatch(dish -> dish.recipe().isPresent());
        }
        assertThat(column("select document from bench_revision"))
                .isNotEmpty()
                .allSatisfy(document -> assertThat(DishFile.check(document)).isEmpty());
        assertThat(column("select event from air_event"))
                .hasSizeGreaterThan(100)
                .allSatisfy(event -> assertThat(EventFile.read(event)).isNotNull());
        // The same dish in a class and in what it went on air with is the same recipe: what was learned is found again.
        String ofClass = "select json_value(document, '$.dishes[0].recipe.id') from cooking_class where id = 6";
        assertThat(column(ofClass))
                .isEqualTo(
                        column("select json_value(cooking, '$.dishes[0].recipe.id') from air_run where class_id = 6"))
                .doesNotContainNull();
    }

    @Test
    void everyClassAndGuestIsThereAsItWas() throws Exception {
        flyway("18").clean();
        flyway("18").migrate();
        fill("classes-as-rows");
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
        assertThat(states).isNotEmpty().allSatisfy(state -> assertThat((String) state.get("document"))
                .doesNotContain("Zelda"));
    }
}
