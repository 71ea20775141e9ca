package hopsel.web.office;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;

/** Addresses of calendars in the database. */
@Mapper
interface CalendarMapper {

    void add(@Param("digest") String digest, @Param("at") LocalDateTime at, @Param("who") String who);

    int known(@Param("digest") String digest);

    int count();

    void removeAll();
}
