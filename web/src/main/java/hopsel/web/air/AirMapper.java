package hopsel.web.air;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;

/** What happened on air, in the database. */
@Mapper
interface AirMapper {

    List<EventRow> events(@Param("id") long id);

    /** Classes that were on air, the last first. */
    List<Long> classes();

    long last(@Param("id") long id);

    void add(@Param("id") long id, @Param("row") EventRow row);

    record EventRow(long seq, String kind, String activity, LocalDateTime at, int seconds, String text, String who, String client) {
    }
}
