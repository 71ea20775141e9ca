package hopsel.core.device;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * A simulated label printer: it prints one label after another, job after job, keeps what it was asked, and stands
 * still while it is jammed. What it has done follows from what happened to it and the time.
 */
public final class LabelPrinter {

    /** What happens to a printer. */
    public enum JobEvent {
        SENT,
        JAMMED,
        CLEARED,
        CANCELLED
    }

    /** Time for a label. */
    private static final Duration LABEL = Duration.ofMillis(1200);

    /**
     * Something that happened.
     *
     * @param job its number; 0 where it is about no job
     * @param labels of a job that was sent; 0 otherwise
     */
    public record Event(JobEvent kind, long job, int labels, Instant at) {}

    /** How a job stands. */
    public enum State {
        WAITING,
        PRINTING,
        STUCK,
        DONE,
        CANCELLED
    }

    /**
     * A job.
     *
     * @param printed labels that have come out
     */
    public record Job(long number, int labels, int printed, State state) {}

    private LabelPrinter() {}

    /** Whether it is jammed after these events. */
    public static boolean jammed(List<Event> events) {
        boolean jammed = false;
        for (Event event : events) {
            jammed = event.kind == JobEvent.JAMMED || jammed && event.kind != JobEvent.CLEARED;
        }
        return jammed;
    }

    /** The jobs at a moment, in the order in which they were sent. */
    public static List<Job> jobs(List<Event> events, Instant now) {
        List<Job> jobs = new ArrayList<>();
        boolean jammed = false;
        Instant until = events.isEmpty() ? now : events.get(0).at;
        Duration over = Duration.ZERO;
        for (int i = 0; i <= events.size(); i++) {
            Instant next = i < events.size() ? events.get(i).at : now;
            over = jammed ? over : run(jobs, over.plus(Duration.between(until, next)));
            until = next;
            if (i < events.size()) {
                Event event = events.get(i);
                jammed = event.kind == JobEvent.JAMMED || jammed && event.kind != JobEvent.CLEARED;
                happened(jobs, event);
            }
        }
        boolean stuck = jammed;
        List<Job> shown = new ArrayList<>();
        boolean first = true;
        for (Job job : jobs) {
            boolean open = job.state == State.WAITING;
            State printing = stuck ? State.STUCK : State.PRINTING;
            shown.add(open && first ? new Job(job.number, job.labels, job.printed, printing) : job);
            first &= !open;
        }
        return shown;
    }

    private static void happened(List<Job> jobs, Event event) {
        if (event.kind == JobEvent.SENT) {
            jobs.add(new Job(event.job, event.labels, 0, State.WAITING));
        } else if (event.kind == JobEvent.CANCELLED) {
            jobs.replaceAll(job -> job.number == event.job && job.state == State.WAITING
                    ? new Job(job.number, job.labels, job.printed, State.CANCELLED)
                    : job);
        }
    }

    /** Prints for so long; gives back the time that is over, which is none once there is nothing left to print. */
    private static Duration run(List<Job> jobs, Duration time) {
        Duration left = time;
        for (int i = 0; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            if (job.state == State.WAITING) {
                int more = (int) Math.min(job.labels - job.printed, left.dividedBy(LABEL));
                left = left.minus(LABEL.multipliedBy(more));
                int printed = job.printed + more;
                jobs.set(
                        i,
                        new Job(job.number, job.labels, printed, printed == job.labels ? State.DONE : State.WAITING));
                if (printed < job.labels) {
                    return left;
                }
            }
        }
        return Duration.ZERO;
    }
}
