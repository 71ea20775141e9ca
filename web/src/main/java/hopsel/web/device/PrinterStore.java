package hopsel.web.device;

import hopsel.core.device.LabelPrinter;
import hopsel.core.device.LabelPrinter.Event;
import hopsel.core.device.LabelPrinter.Job;
import hopsel.core.device.LabelPrinter.JobEvent;
import hopsel.web.device.DeviceMapper.PrinterRow;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;

/** The label printer: what it was asked to print, and how far it has come. */
@Repository
public class PrinterStore {

    private final DeviceMapper mapper;
    private final Clock clock;

    PrinterStore(DeviceMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A job and where its labels come from. */
    public record Shown(Job job, long classId, String sheet, String who, LocalDateTime at) {}

    /** Sends labels to it: a job of its own. */
    public void send(long classId, String sheet, int labels, String who) {
        long number = mapper.printer().stream().mapToLong(PrinterRow::job).max().orElse(0) + 1;
        add(JobEvent.SENT, classId, sheet, labels, number, who);
    }

    void add(JobEvent kind, long job, String who) {
        add(kind, null, "", 0, job, who);
    }

    private void add(JobEvent kind, @Nullable Long classId, String sheet, int labels, long job, String who) {
        mapper.addPrinter(new PrinterRow(
                0,
                kind.name(),
                classId,
                sheet,
                labels,
                job,
                who,
                LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)));
    }

    private List<Event> events() {
        return mapper.printer().stream()
                .map(row -> new Event(
                        JobEvent.valueOf(row.kind()),
                        row.job(),
                        row.labels(),
                        row.at().toInstant(ZoneOffset.UTC)))
                .toList();
    }

    boolean jammed() {
        return LabelPrinter.jammed(events());
    }

    /** Its jobs, the last first. */
    List<Shown> jobs() {
        List<PrinterRow> sent = mapper.printer().stream()
                .filter(row -> row.kind().equals(JobEvent.SENT.name()))
                .toList();
        List<Job> jobs = LabelPrinter.jobs(events(), clock.instant());
        return jobs.stream()
                .map(job -> sent.stream()
                        .filter(row -> row.job() == job.number())
                        .findFirst()
                        .map(row ->
                                new Shown(job, Objects.requireNonNull(row.classId()), row.sheet(), row.who(), row.at()))
                        .orElseThrow())
                .sorted((one, two) -> Long.compare(two.job.number(), one.job.number()))
                .toList();
    }
}
