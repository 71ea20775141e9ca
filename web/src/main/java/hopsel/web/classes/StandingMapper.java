package hopsel.web.classes;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * Reads and writes what was done to classes and how they are planned; the statements are in the XML file of the same
 * name.
 */
@Mapper
interface StandingMapper {

    Optional<StandingRow> standing(@Param("id") long id);

    void stand(@Param("id") long id, @Param("revision") Integer revision, @Param("wishes") String wishes);

    void insertRevision(@Param("id") long id, @Param("row") RevisionRow row);

    Optional<RevisionRow> revision(@Param("id") long id, @Param("number") int number);

    /** Without their documents, newest first. */
    List<RevisionRow> history(@Param("id") long id);

    int lastNumber(@Param("id") long id);

    /** The newest revision made on top of another. */
    Optional<Integer> child(@Param("id") long id, @Param("parent") int parent);

    Optional<PlanRow> plan(@Param("id") long id);

    void keepPlan(@Param("id") long id, @Param("row") PlanRow row);

    /** Where a class stands. */
    record StandingRow(@Nullable Integer revision, String wishes) {}

    /** A state of a class. */
    record RevisionRow(
            int number,
            @Nullable Integer parent,
            LocalDateTime madeAt,
            String madeBy,
            String what,
            String document,
            String wishes) {}

    /** A plan of a version, and the one before. */
    record PlanRow(int version, String document, boolean proven, int leastEnd, @Nullable String previous) {}
}
