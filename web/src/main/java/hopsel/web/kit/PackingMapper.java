package hopsel.web.kit;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;

/** What happened at the weighing stations, in the database. */
@Mapper
interface PackingMapper {

    List<EventRow> events(@Param("id") long id);

    void add(@Param("id") long id, @Param("row") EventRow row);

    /** Every pack that anything was ever weighed from, the last first. */
    List<LotRow> lots();

    List<Long> classesOf(@Param("item") String item, @Param("lot") String lot);

    record EventRow(int seq, String event, String who, LocalDateTime at, String client) {}

    record LotRow(String itemId, String lot, @Nullable LocalDate useBy) {}
}
