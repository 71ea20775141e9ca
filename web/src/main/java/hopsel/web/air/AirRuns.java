package hopsel.web.air;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Outcome;
import hopsel.core.plan.Plan;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.Pace;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.json.Json;
import hopsel.formats.planfile.PlanFile;
import hopsel.web.air.AirMapper.DocumentsRow;
import hopsel.web.air.AirMapper.RunRow;
import hopsel.web.air.AirStore.Run;
import hopsel.web.frame.Again;
import hopsel.web.frame.Bounded;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What each run of a class started from, and how fast the clock of a rehearsal goes. */
@Repository
class AirRuns {

    private static final int TRIES = 5;

    private final AirMapper mapper;
    private final Catalogue builtIn;
    private final Clock clock;
    private final Map<Run, Started> started = Bounded.map();

    AirRuns(AirMapper mapper, Catalogue builtIn, Clock clock) {
        this.mapper = mapper;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    /**
     * A rehearsal.
     *
     * @param seed of its evening
     * @param plays what is played by people; the rest is simulated
     * @param pace of its clock
     */
    public record Rehearsal(long number, long seed, Set<Role> plays, Pace pace, String madeBy, LocalDateTime madeAt) {

        Set<Role> simulated() {
            Set<Role> others = EnumSet.allOf(Role.class);
            others.removeAll(plays);
            return others;
        }
    }

    private record Started(LocalDateTime madeAt, PlannedClass planned) {}

    Optional<Rehearsal> rehearsal(Run run) {
        return run.isRehearsal() ? mapper.run(run.id(), run.number()).map(AirRuns::rehearsal) : Optional.empty();
    }

    /** Of a class, the last first. */
    List<Rehearsal> rehearsals(long id) {
        return mapper.runs(id).stream().map(AirRuns::rehearsal).toList();
    }

    private static Rehearsal rehearsal(RunRow row) {
        Set<Role> plays = row.plays().isEmpty()
                ? Set.of()
                : Arrays.stream(row.plays().split(",")).map(Role::valueOf).collect(Collectors.toSet());
        return new Rehearsal(
                row.run(),
                row.seed(),
                plays,
                new Pace(instant(row.startAt()), instant(row.since()), row.atMs(), row.speed()),
                row.madeBy(),
                row.madeAt());
    }

    private static Instant instant(LocalDateTime at) {
        return at.toInstant(ZoneOffset.UTC);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** The moment by the clock of a run, so many milliseconds ago by the real one. */
    Instant moment(Run run, Duration ago) {
        Instant real = clock.instant().minus(ago);
        return rehearsal(run).map(rehearsal -> rehearsal.pace.now(real)).orElse(real);
    }

    /**
     * The class and its plan as they were when a run started, with the guests that it has now; empty: it has not
     * started.
     */
    Optional<PlannedClass> planned(Run run, CookingClass now) {
        Optional<RunRow> row = mapper.run(run.id(), run.number());
        if (row.isEmpty()) {
            started.remove(run);
            return Optional.empty();
        }
        return Optional.of(started.compute(
                        run,
                        (key, known) -> known != null
                                        && known.madeAt.equals(row.get().madeAt())
                                        && known.planned.cooking().attendees().equals(now.attendees())
                                ? known
                                : read(run, row.get(), now))
                .planned);
    }

    private Started read(Run run, RunRow row, CookingClass now) {
        DocumentsRow documents = mapper.documents(run.id(), run.number()).orElseThrow();
        try {
            CookingClass cooking = ClassFile.read(documents.cooking().getBytes(StandardCharsets.UTF_8), builtIn)
                    .withAttendees(now.attendees());
            Plan plan = PlanFile.read(Json.read(documents.plan().getBytes(StandardCharsets.UTF_8)));
            return new Started(row.madeAt(), PlannedClass.of(cooking, builtIn, new Outcome(plan, false, 0)));
        } catch (FaultyFileException e) {
            throw new IllegalStateException("What class %d went on air with cannot be read.".formatted(run.id()), e);
        }
    }

    /** The evening goes on air as it is planned now. */
    void begin(Run run, PlannedClass planned, String who) {
        mapper.putRun(run.id(), new RunRow(0, 0, "HOST,ASSISTANT", now(), now(), 0, 1, who, now()), documents(planned));
    }

    private static DocumentsRow documents(PlannedClass planned) {
        return new DocumentsRow(
                ClassFile.write(planned.cooking().withAttendees(List.of())), Json.line(PlanFile.write(planned.plan())));
    }

    /** A new rehearsal; its clock goes at once. */
    Run rehearse(long id, PlannedClass planned, long seed, Set<Role> plays, int speed, String who) {
        String roles = plays.stream().sorted().map(Role::name).collect(Collectors.joining(","));
        String given = "Class %d is rehearsed by too many at once.".formatted(id);
        return Again.whileTaken(TRIES, given, () -> {
            long next = mapper.runs(id).stream().mapToLong(RunRow::run).max().orElse(0) + 1;
            RunRow row = new RunRow(next, seed, roles, now(), now(), 0, speed, who, now());
            mapper.addRun(id, row, documents(planned));
            return new Run(id, next);
        });
    }

    /** Lets the clock of a rehearsal run at another speed from now on; 0: it stands. */
    void pace(Run run, int speed) {
        rehearsal(run)
                .ifPresent(rehearsal ->
                        go(run, rehearsal.pace.at(Math.max(0, Math.min(Pace.FASTEST, speed)), clock.instant())));
    }

    /** A rehearsal that was left alone stands where somebody saw it last. */
    void standIfLeft(Run run, Rehearsal rehearsal, Instant seen) {
        Pace pace = rehearsal.pace.unlessLeft(seen, clock.instant());
        if (!pace.equals(rehearsal.pace)) {
            go(run, pace);
        }
    }

    private void go(Run run, Pace next) {
        mapper.pace(
                run.id(), run.number(), LocalDateTime.ofInstant(next.since(), ZoneOffset.UTC), next.at(), next.speed());
    }

    /** It did not go on air after all. */
    void forget(Run run) {
        mapper.forget(run.id(), run.number());
    }

    /** A rehearsal is thrown away. */
    @Transactional
    void remove(Run run) {
        if (run.isRehearsal()) {
            mapper.forgetEvents(run.id(), run.number());
            mapper.forget(run.id(), run.number());
        }
    }
}
