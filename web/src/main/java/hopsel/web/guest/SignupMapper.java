package hopsel.web.guest;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Signing up, what is known of attendees, rules of one's own and what was printed, in the database. */
@Mapper
interface SignupMapper {

    List<DetailRow> details(@Param("id") long id);

    void putDetail(@Param("id") long id, @Param("row") DetailRow row);

    void dropDetail(@Param("id") long id, @Param("attendee") String attendee);

    Optional<SignupRow> signup(@Param("id") long id);

    /** All but the link. */
    void putSignup(@Param("row") SignupRow row);

    void signupLink(@Param("id") long id, @Param("digest") @Nullable String digest);

    Optional<Long> signupOf(@Param("digest") String digest);

    void addNotice(@Param("id") long id, @Param("row") NoticeRow row);

    /** Those that no host has seen, the oldest first. */
    List<NoticeRow> notices(@Param("id") long id);

    void seen(@Param("id") long id, @Param("last") long last, @Param("who") String who, @Param("at") LocalDateTime at);

    List<RuleRow> rules();

    void putRule(@Param("row") RuleRow row);

    void dropRule(@Param("name") String name);

    List<MadeRow> made(@Param("id") long id);

    void putMade(@Param("id") long id, @Param("row") MadeRow row);

    record DetailRow(
            String attendeeId, String contact, String spice, String delivery, String equipment, String remark) {}

    record SignupRow(
            long classId,
            @Nullable String digest,
            @Nullable Integer places,
            @Nullable LocalDateTime closesAt,
            String joining) {}

    record NoticeRow(long id, String guestId, String said, LocalDateTime at) {}

    record RuleRow(String name, String words) {}

    record MadeRow(String attendeeId, String kind, String digest, String who, LocalDateTime at) {}
}
