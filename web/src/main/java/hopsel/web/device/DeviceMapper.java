package hopsel.web.device;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Devices in the database. */
@Mapper
interface DeviceMapper {

    Optional<ScaleRow> scale(@Param("station") String station);

    void putScale(@Param("row") ScaleRow row);

    List<PrinterRow> printer();

    void addPrinter(@Param("row") PrinterRow row);

    record ScaleRow(
            String station,
            BigDecimal loadGrams,
            BigDecimal wasGrams,
            BigDecimal zeroGrams,
            LocalDateTime changedAt,
            LocalDateTime zeroedAt,
            String fault) {}

    record PrinterRow(
            long id,
            String kind,
            @Nullable Long classId,
            String sheet,
            int labels,
            long job,
            String who,
            LocalDateTime at) {}
}
