package hopsel.web.classes;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Classes and those who take part, in the database; the statements are in the XML file of the same name. */
@Mapper
interface ClassMapper {

    List<EntryRow> classes();

    Optional<ClassRow> cooking(@Param("id") long id);

    Optional<StampRow> stamp(@Param("id") long id);

    long count();

    void insertClass(NewClass row);

    /** Counts the version up, if it still is the given one; answers how many rows that were. */
    int updateClass(@Param("id") long id, @Param("version") int version, @Param("row") NewClass row);

    /** Puts a class aside, if it still has the given version; answers how many rows that were. */
    int throwAway(@Param("id") long id, @Param("version") int version, @Param("at") LocalDateTime at);

    int bringBack(@Param("id") long id);

    /** Classes that were put aside, the last first. */
    List<RemovedRow> thrownAway();

    void sweep(@Param("before") LocalDateTime before);

    void deleteThrownAway(@Param("id") long id);

    record RemovedRow(long id, String title, LocalDateTime startsAt, LocalDateTime removedAt) {}

    /** Deletes a class, if it still has the given version; answers how many rows that were. */
    int deleteClass(@Param("id") long id, @Param("version") int version);

    /** The class; whoever asks for the same one waits until this transaction is over. */
    Optional<ClassRow> locked(@Param("id") long id);

    int countPlaced(@Param("id") long id);

    /** Whoever asks for the same class waits until this transaction is over. */
    Optional<Long> lock(@Param("id") long id);

    List<GuestRow> guests(@Param("id") long id);

    Optional<PlacedRow> guestOf(@Param("client") String client);

    void addGuest(
            @Param("id") long id,
            @Param("row") GuestRow row,
            @Param("client") @Nullable String client,
            @Param("waitingSince") @Nullable LocalDateTime waitingSince);

    /** Those who have no place yet, the longest first. */
    List<WaitingRow> waiting(@Param("id") long id);

    /** Gives somebody who waits a place, behind the others; answers how many rows that were. */
    int takeIn(@Param("id") long id, @Param("guest") String guest);

    int putGuest(@Param("id") long id, @Param("row") GuestRow row);

    void dropGuest(@Param("id") long id, @Param("guest") String guest);

    /** Counts up that somebody came, changed something or left. */
    void countGuests(@Param("id") long id);

    record EntryRow(long id, int version, int guests, String title) {}

    record StampRow(int version, int guests) {}

    record ClassRow(long id, int version, int guests, String title, String document) {}

    record GuestRow(long classId, String id, int position, int version, String document) {}

    record WaitingRow(String id, String document, LocalDateTime waitingSince) {}

    /** A guest of any class, who has a place or waits. */
    record PlacedRow(long classId, String id, int position, int version, String document, LocalDateTime waitingSince) {}

    /** A class to be stored; the database fills in the id of a new one. */
    final class NewClass {

        private long id;
        private final String title;
        private final LocalDateTime startsAt;
        private final String style;
        private final String zone;
        private final String document;

        NewClass(String title, String style, LocalDateTime startsAt, String zone, String document) {
            this.title = title;
            this.style = style;
            this.startsAt = startsAt;
            this.zone = zone;
            this.document = document;
        }

        long id() {
            return id;
        }

        /** Called by the mapper, as are those below. */
        public void setId(long id) {
            this.id = id;
        }

        public String getTitle() {
            return title;
        }

        public String getStyle() {
            return style;
        }

        public LocalDateTime getStartsAt() {
            return startsAt;
        }

        public String getZone() {
            return zone;
        }

        public String getDocument() {
            return document;
        }
    }
}
