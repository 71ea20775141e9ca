package hopsel.web.log;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Classes that are over, in the database. */
@Mapper
interface ClosingMapper {

    Optional<ClosedRow> closed(@Param("id") long id);

    void close(@Param("id") long id, @Param("row") ClosedRow row);

    List<ServedRow> served(@Param("id") long id);

    void serve(@Param("id") long id, @Param("row") ServedRow row);

    void unserve(@Param("id") long id);

    List<LeftRow> left(@Param("id") long id);

    void leave(@Param("id") long id, @Param("row") LeftRow row);

    void unleave(@Param("id") long id);

    record ClosedRow(String closedBy, LocalDateTime closedAt) {}

    record ServedRow(String attendeeId, String dishId) {}

    record LeftRow(String dishId, BigDecimal portions, String went, @Nullable LocalDate useBy) {}
}
