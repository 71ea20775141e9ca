package hopsel.web.tick;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;

/** Ticks in the database. */
@Mapper
interface TickMapper {

    /** The last of each key. */
    List<TickRow> now(@Param("id") long id, @Param("list") String list);

    /** Items whose label was read when something of them was weighed. */
    List<String> labelsReadAtStations(@Param("id") long id);

    /** Adds one; the same again changes nothing. */
    int add(
            @Param("id") long id,
            @Param("list") String list,
            @Param("row") TickRow row,
            @Param("client") String client);

    record TickRow(String itemKey, boolean done, String who, LocalDateTime at) {}
}
