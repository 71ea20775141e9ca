package hopsel.web.classes;

import hopsel.web.classes.ClassRows.AttendeeAvoidRow;
import hopsel.web.classes.ClassRows.AttendeeRow;
import hopsel.web.classes.ClassRows.AttendeeServedRow;
import hopsel.web.classes.ClassRows.ClassRow;
import hopsel.web.classes.ClassRows.ComponentRow;
import hopsel.web.classes.ClassRows.DishRow;
import hopsel.web.classes.ClassRows.ItemAllergenRow;
import hopsel.web.classes.ClassRows.ItemNameRow;
import hopsel.web.classes.ClassRows.ItemNutrientRow;
import hopsel.web.classes.ClassRows.ItemPackRow;
import hopsel.web.classes.ClassRows.ItemPieceRow;
import hopsel.web.classes.ClassRows.ItemRow;
import hopsel.web.classes.ClassRows.ItemSourceRow;
import hopsel.web.classes.ClassRows.LineRow;
import hopsel.web.classes.ClassRows.PantryStockRow;
import hopsel.web.classes.ClassRows.PersonRow;
import hopsel.web.classes.ClassRows.PrepWindowRow;
import hopsel.web.classes.ClassRows.SharedComponentRow;
import hopsel.web.classes.ClassRows.ResourceRow;
import hopsel.web.classes.ClassRows.StepAfterRow;
import hopsel.web.classes.ClassRows.StepNeedRow;
import hopsel.web.classes.ClassRows.StepRow;
import hopsel.web.classes.ClassRows.StepUseRow;
import hopsel.web.classes.ClassRows.SubstitutionRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.util.List;
import java.util.Optional;

/** Reads and writes the tables of a class; the statements are in the XML file of the same name. */
@Mapper
interface ClassMapper {

    List<ClassRow> classes();

    Optional<ClassRow> cooking(@Param("id") long id);

    Optional<Integer> version(@Param("id") long id);

    long count();

    void insertClass(NewClass row);

    /** Counts the version up, if it still is the given one; answers how many rows that were. */
    int updateClass(@Param("row") ClassRow row);

    /** Deletes a class, if it still has the given version; answers how many rows that were. */
    int deleteClass(@Param("id") long id, @Param("version") int version);

    /** Takes away everything in a class but the class itself. */
    void clear(@Param("table") String table, @Param("id") long id);

    List<PrepWindowRow> prepWindows(@Param("id") long id);

    void insertPrepWindows(@Param("id") long id, @Param("rows") List<PrepWindowRow> rows);

    List<PersonRow> persons(@Param("id") long id);

    void insertPersons(@Param("id") long id, @Param("rows") List<PersonRow> rows);

    List<ResourceRow> resources(@Param("id") long id);

    void insertResources(@Param("id") long id, @Param("rows") List<ResourceRow> rows);

    List<ItemRow> items(@Param("id") long id);

    void insertItems(@Param("id") long id, @Param("rows") List<ItemRow> rows);

    List<ItemAllergenRow> itemAllergens(@Param("id") long id);

    void insertItemAllergens(@Param("id") long id, @Param("rows") List<ItemAllergenRow> rows);

    List<ItemNameRow> itemNames(@Param("id") long id);

    void insertItemNames(@Param("id") long id, @Param("rows") List<ItemNameRow> rows);

    List<ItemPieceRow> itemPieces(@Param("id") long id);

    void insertItemPieces(@Param("id") long id, @Param("rows") List<ItemPieceRow> rows);

    List<ItemSourceRow> itemSources(@Param("id") long id);

    void insertItemSources(@Param("id") long id, @Param("rows") List<ItemSourceRow> rows);

    List<ItemPackRow> itemPacks(@Param("id") long id);

    void insertItemPacks(@Param("id") long id, @Param("rows") List<ItemPackRow> rows);

    List<ItemNutrientRow> itemNutrients(@Param("id") long id);

    void insertItemNutrients(@Param("id") long id, @Param("rows") List<ItemNutrientRow> rows);

    List<DishRow> dishes(@Param("id") long id);

    void insertDishes(@Param("id") long id, @Param("rows") List<DishRow> rows);

    List<ComponentRow> components(@Param("id") long id);

    void insertComponents(@Param("id") long id, @Param("rows") List<ComponentRow> rows);

    List<LineRow> lines(@Param("id") long id);

    void insertLines(@Param("id") long id, @Param("rows") List<LineRow> rows);

    List<StepRow> steps(@Param("id") long id);

    void insertSteps(@Param("id") long id, @Param("rows") List<StepRow> rows);

    List<StepNeedRow> stepNeeds(@Param("id") long id);

    void insertStepNeeds(@Param("id") long id, @Param("rows") List<StepNeedRow> rows);

    List<StepAfterRow> stepAfters(@Param("id") long id);

    void insertStepAfters(@Param("id") long id, @Param("rows") List<StepAfterRow> rows);

    List<StepUseRow> stepUses(@Param("id") long id);

    void insertStepUses(@Param("id") long id, @Param("rows") List<StepUseRow> rows);

    List<SubstitutionRow> substitutions(@Param("id") long id);

    void insertSubstitutions(@Param("id") long id, @Param("rows") List<SubstitutionRow> rows);

    List<AttendeeRow> attendees(@Param("id") long id);

    void insertAttendees(@Param("id") long id, @Param("rows") List<AttendeeRow> rows);

    List<AttendeeServedRow> attendeeServed(@Param("id") long id);

    void insertAttendeeServed(@Param("id") long id, @Param("rows") List<AttendeeServedRow> rows);

    List<AttendeeAvoidRow> attendeeAvoids(@Param("id") long id);

    void insertAttendeeAvoids(@Param("id") long id, @Param("rows") List<AttendeeAvoidRow> rows);

    List<PantryStockRow> pantryStocks(@Param("id") long id);

    void insertPantryStocks(@Param("id") long id, @Param("rows") List<PantryStockRow> rows);

    List<SharedComponentRow> sharedComponents(@Param("id") long id);

    void insertSharedComponents(@Param("id") long id, @Param("rows") List<SharedComponentRow> rows);

    /** A class to be inserted; the database fills in the id. */
    final class NewClass {

        private long id;
        private final ClassRow row;

        NewClass(ClassRow row) {
            this.row = row;
        }

        long id() {
            return id;
        }

        /** Called by the mapper. */
        public void setId(long id) {
            this.id = id;
        }

        /** Called by the mapper. */
        public ClassRow getRow() {
            return row;
        }
    }
}
