package hopsel.web.post;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.Optional;

/** For which day guests were reminded, and who does not want to be, in the database. */
@Mapper
interface ReminderMapper {

    void know(@Param("id") long id, @Param("attendee") String attendee);

    /** 1 where nobody has reminded them of that day, and they want to be reminded. */
    int claim(@Param("id") long id, @Param("attendee") String attendee, @Param("startsAt") LocalDateTime startsAt);

    void off(@Param("id") long id, @Param("attendee") String attendee, @Param("off") boolean off);

    Optional<Boolean> isOff(@Param("id") long id, @Param("attendee") String attendee);
}
