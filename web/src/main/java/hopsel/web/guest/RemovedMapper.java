package hopsel.web.guest;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Guests who were removed and can be put back. */
@Mapper
interface RemovedMapper {

    void add(@Param("id") long id, @Param("row") Row row);

    List<Row> of(@Param("id") long id, @Param("now") LocalDateTime now);

    /** One, which nobody else puts back until this transaction is over. */
    Optional<Row> one(@Param("id") long id, @Param("removed") long removed, @Param("now") LocalDateTime now);

    int drop(@Param("id") long id, @Param("removed") long removed);

    void dropAll(@Param("id") long id);

    void dropOver(@Param("now") LocalDateTime now);

    /** What is known of them, sealed, and until when they can be put back, in universal time. */
    record Row(long id, byte[] sealed, String who, LocalDateTime until) {}
}
