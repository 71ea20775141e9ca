package hopsel.web.air;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** What happened on air, in the database. */
@Mapper
interface AirMapper {

    List<EventRow> events(@Param("id") long id, @Param("run") long run);

    /** Classes that were on air, the last first, each with what tells whether anything about it has changed. */
    List<EveningRow> evenings();

    long last(@Param("id") long id, @Param("run") long run);

    void add(@Param("id") long id, @Param("run") long run, @Param("row") EventRow row);

    Optional<RunRow> run(@Param("id") long id, @Param("run") long run);

    /** Rehearsals of a class, the last first. */
    List<RunRow> runs(@Param("id") long id);

    Optional<DocumentsRow> documents(@Param("id") long id, @Param("run") long run);

    void addRun(@Param("id") long id, @Param("row") RunRow row, @Param("documents") DocumentsRow documents);

    void putRun(@Param("id") long id, @Param("row") RunRow row, @Param("documents") DocumentsRow documents);

    void pace(
            @Param("id") long id,
            @Param("run") long run,
            @Param("since") LocalDateTime since,
            @Param("atMs") long atMs,
            @Param("speed") int speed);

    void forget(@Param("id") long id, @Param("run") long run);

    void forgetEvents(@Param("id") long id, @Param("run") long run);

    record EventRow(long seq, String event, LocalDateTime at, String who, String client) {}

    record RunRow(
            long run,
            long seed,
            String plays,
            LocalDateTime startAt,
            LocalDateTime since,
            long atMs,
            int speed,
            String madeBy,
            LocalDateTime madeAt) {}

    record EveningRow(long classId, long last, int version, LocalDateTime madeAt) {}

    record DocumentsRow(String cooking, String plan) {}
}
