package hopsel.web.handout;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** What the host writes, editions and pictures in the database. */
@Mapper
interface HandoutMapper {

    Optional<WordsRow> words(@Param("id") long id);

    /** Only where there is none. */
    int insertWords(@Param("id") long id, @Param("document") String document);

    int updateWords(@Param("id") long id, @Param("version") int version, @Param("document") String document);

    /** Without their documents. */
    List<EditionRow> editions(@Param("id") long id);

    Optional<EditionRow> edition(@Param("id") long id, @Param("number") int number);

    void addEdition(@Param("row") EditionRow row);

    int advance(
            @Param("id") long id,
            @Param("number") int number,
            @Param("from") String from,
            @Param("to") String to,
            @Param("reviewedBy") @Nullable String reviewedBy,
            @Param("releasedAt") @Nullable LocalDateTime releasedAt);

    void rewriteEdition(
            @Param("id") long id,
            @Param("number") int number,
            @Param("document") String document,
            @Param("styles") String styles);

    List<SentRow> sent(@Param("id") long id);

    void putSent(@Param("id") long id, @Param("row") SentRow row);

    void addPicture(@Param("row") NewPicture row);

    Optional<PictureRow> picture(@Param("classId") long classId, @Param("id") long id);

    record WordsRow(int version, String document) {}

    record EditionRow(
            long classId,
            int number,
            String state,
            String document,
            String words,
            String styles,
            String note,
            String madeBy,
            LocalDateTime madeAt,
            @Nullable String reviewedBy,
            @Nullable LocalDateTime releasedAt) {}

    record SentRow(String attendeeId, int edition, LocalDateTime at) {}

    record PictureRow(int width, int height, byte[] jpeg) {}

    /** A picture that gets its number when it is kept. */
    final class NewPicture {

        private long id;
        private final long classId;
        private final int width;
        private final int height;
        private final byte[] jpeg;

        NewPicture(long classId, int width, int height, byte[] jpeg) {
            this.classId = classId;
            this.width = width;
            this.height = height;
            this.jpeg = jpeg;
        }

        public long getId() {
            return id;
        }

        public void setId(long number) {
            this.id = number;
        }

        public long getClassId() {
            return classId;
        }

        public int getWidth() {
            return width;
        }

        public int getHeight() {
            return height;
        }

        public byte[] getJpeg() {
            return jpeg;
        }
    }
}
