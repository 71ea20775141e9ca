package hopsel.web.vote;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Ideas, votes and ratings in the database. */
@Mapper
interface VoteMapper {

    List<IdeaRow> ideas();

    void addIdea(@Param("row") IdeaRow row);

    void close(@Param("id") long id);

    List<CountRow> counts();

    Optional<Long> vote(@Param("id") long classId, @Param("attendee") String attendee);

    void putVote(
            @Param("id") long classId,
            @Param("attendee") String attendee,
            @Param("idea") long idea,
            @Param("at") LocalDateTime at);

    List<RatingRow> ratings(@Param("id") long classId);

    void putRating(@Param("id") long classId, @Param("row") RatingRow row);

    record IdeaRow(long id, String title, String dishes, boolean open, String madeBy) {}

    record CountRow(long ideaId, int votes) {}

    record RatingRow(String attendeeId, int stars, String remark, LocalDateTime at) {}
}
