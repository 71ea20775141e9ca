package hopsel.web.house;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Kitchens in the database. */
@Mapper
interface VenueMapper {

    List<Row> all();

    Optional<Row> find(@Param("id") long id);

    void add(@Param("row") NewRow row, @Param("at") LocalDateTime at, @Param("who") String who);

    int change(@Param("row") Row row, @Param("at") LocalDateTime at, @Param("who") String who);

    void remove(@Param("id") long id);

    Optional<Long> ofClass(@Param("id") long classId);

    List<Long> classes(@Param("id") long venueId);

    void assign(@Param("classId") long classId, @Param("venueId") long venueId);

    record Row(long id, String name, String address, String zone, String document) {}

    /** A row that is to get its number. */
    final class NewRow {

        private long id;
        private final Row row;

        NewRow(Row row) {
            this.row = row;
        }

        public long getId() {
            return id;
        }

        public void setId(long id) {
            this.id = id;
        }

        public String getName() {
            return row.name;
        }

        public String getAddress() {
            return row.address;
        }

        public String getZone() {
            return row.zone;
        }

        public String getDocument() {
            return row.document;
        }
    }
}
