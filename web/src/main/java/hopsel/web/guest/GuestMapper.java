package hopsel.web.guest;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Links and looks in the database. */
@Mapper
interface GuestMapper {

    void add(@Param("row") LinkRow row);

    Optional<LinkRow> link(@Param("digest") String digest);

    /** What was packed for somebody was packed for somebody else, or for nobody. */
    void packedFor(@Param("id") long id, @Param("before") String before, @Param("now") String now);

    void withdraw(@Param("id") long id, @Param("attendee") String attendee);

    List<String> live(@Param("id") long id, @Param("now") LocalDateTime now);

    /** Unless the same was written down since. */
    void look(@Param("id") long id, @Param("row") LookRow row, @Param("since") LocalDateTime since);

    List<LookRow> looks(@Param("id") long id, @Param("most") int most);

    record LinkRow(String digest, long classId, String attendeeId, LocalDateTime expiresAt, boolean withdrawn) {}

    record LookRow(String who, String what, LocalDateTime at) {}
}
