package hopsel.web.office;

import hopsel.web.plan.PlanDesk;
import hopsel.web.post.PostOffice;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.boot.SpringBootVersion;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.time.Duration;
import java.util.Optional;

import javax.sql.DataSource;

/** How the application itself is, for whoever looks after it. */
@Controller
class RunningController {

    private static final int SLOWEST = 10;
    private static final long MEGABYTE = 1_000_000;

    private final PlanDesk plans;
    private final PostOffice post;
    private final BackupController backups;
    private final Flyway migrations;
    private final JdbcTemplate database;

    RunningController(PlanDesk plans, PostOffice post, BackupController backups, Flyway migrations, DataSource source) {
        this.plans = plans;
        this.post = post;
        this.backups = backups;
        this.migrations = migrations;
        this.database = new JdbcTemplate(source);
    }

    /**
     * How much is used.
     *
     * @param memory megabytes in use
     * @param mostMemory megabytes that may be used
     * @param disk megabytes that are free where backups lie
     */
    record Space(long memory, long mostMemory, long disk) {}

    /** What runs here. */
    record Versions(String java, String spring, String database, String schema) {}

    @GetMapping("/house/running")
    String running(Model model) throws IOException {
        Runtime machine = Runtime.getRuntime();
        model.addAttribute(
                "space",
                new Space(
                        (machine.totalMemory() - machine.freeMemory()) / MEGABYTE,
                        machine.maxMemory() / MEGABYTE,
                        Files.getFileStore(backups.place()).getUsableSpace() / MEGABYTE));
        model.addAttribute(
                "versions",
                new Versions(
                        Runtime.version().toString(),
                        SpringBootVersion.getVersion(),
                        Optional.ofNullable(database.queryForObject("select version()", String.class))
                                .orElse("?"),
                        Optional.ofNullable(migrations.info().current())
                                .map(MigrationInfo::getVersion)
                                .map(Object::toString)
                                .orElse("?")));
        model.addAttribute("minutes", Math.max(1, up().toMinutes()));
        model.addAttribute("sessions", database.queryForObject("select count(*) from SPRING_SESSION", Integer.class));
        model.addAttribute("underWay", plans.underWay());
        model.addAttribute("slowest", plans.slowest(SLOWEST));
        model.addAttribute("waiting", post.waiting());
        model.addAttribute("returned", post.returned());
        backups.last().ifPresent(made -> model.addAttribute("backup", made));
        return "office/running";
    }

    private static Duration up() {
        return Duration.ofMillis(ManagementFactory.getRuntimeMXBean().getUptime());
    }
}
