package hopsel.web.post;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Mail in the database. */
@Mapper
interface PostMapper {

    void add(@Param("row") MailRow row);

    List<MailRow> last(@Param("most") int most);

    /** Letters that no server has taken yet, the oldest first. */
    List<MailRow> waiting(@Param("now") LocalDateTime now);

    int countWaiting();

    int countReturned(@Param("since") LocalDateTime since);

    /** 1 where no other server is handing it over. */
    int claim(@Param("id") long id, @Param("now") LocalDateTime now, @Param("until") LocalDateTime until);

    void handedOver(@Param("id") long id, @Param("problem") String problem);

    int since(@Param("address") String address, @Param("since") LocalDateTime since);

    Optional<RuleRow> rule();

    void putRule(@Param("row") RuleRow row);

    record MailRow(
            long id,
            long classId,
            String attendeeId,
            String address,
            String subject,
            String body,
            LocalDateTime sentAt,
            LocalDateTime dueAt,
            boolean bounced,
            String problem,
            boolean handedOver,
            String unsubscribe) {}

    record RuleRow(String bounce, int delayMinutes) {}
}
