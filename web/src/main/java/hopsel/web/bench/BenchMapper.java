package hopsel.web.bench;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Reads and writes dishes on the bench; the statements are in the XML file of the same name. */
@Mapper
interface BenchMapper {

    List<DishRow> dishes();

    Optional<DishRow> dish(@Param("id") long id);

    Optional<Long> ofRecipe(@Param("recipe") String recipe);

    void insertDish(NewDish row);

    /** Moves a dish to a revision, if it still has the given version; answers how many rows that were. */
    int moveDish(
            @Param("id") long id,
            @Param("version") int version,
            @Param("title") String title,
            @Param("revision") int revision);

    int deleteDish(@Param("id") long id, @Param("version") int version);

    void insertRevision(@Param("dishId") long dishId, @Param("row") RevisionRow row);

    Optional<RevisionRow> revision(@Param("dishId") long dishId, @Param("number") int number);

    /** Without their documents, newest first. */
    List<RevisionRow> history(@Param("dishId") long dishId);

    int lastNumber(@Param("dishId") long dishId);

    /** The newest revision made on top of another. */
    Optional<Integer> child(@Param("dishId") long dishId, @Param("parent") int parent);

    /** A dish, with the document it stands at. */
    record DishRow(
            long id,
            String recipe,
            int version,
            String title,
            int revision,
            @Nullable Integer parent,
            String document) {}

    /** A state of a dish. */
    record RevisionRow(
            int number, @Nullable Integer parent, LocalDateTime madeAt, String madeBy, String what, String document) {}

    /** A dish to be inserted; the database fills in the id. */
    final class NewDish {

        private long id;
        private final String recipe;
        private final String title;

        NewDish(String recipe, String title) {
            this.recipe = recipe;
            this.title = title;
        }

        long id() {
            return id;
        }

        /** Called by the mapper. */
        public void setId(long id) {
            this.id = id;
        }

        /** Called by the mapper. */
        public String getRecipe() {
            return recipe;
        }

        /** Called by the mapper. */
        public String getTitle() {
            return title;
        }
    }
}
