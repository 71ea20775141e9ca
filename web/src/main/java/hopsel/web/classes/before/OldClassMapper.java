package hopsel.web.classes.before;

import hopsel.web.classes.before.ClassRows.AttendeeAvoidRow;
import hopsel.web.classes.before.ClassRows.AttendeeRow;
import hopsel.web.classes.before.ClassRows.AttendeeServedRow;
import hopsel.web.classes.before.ClassRows.ClassRow;
import hopsel.web.classes.before.ClassRows.ComponentRow;
import hopsel.web.classes.before.ClassRows.DishRow;
import hopsel.web.classes.before.ClassRows.ItemAllergenRow;
import hopsel.web.classes.before.ClassRows.ItemNameRow;
import hopsel.web.classes.before.ClassRows.ItemNutrientRow;
import hopsel.web.classes.before.ClassRows.ItemPackRow;
import hopsel.web.classes.before.ClassRows.ItemPieceRow;
import hopsel.web.classes.before.ClassRows.ItemRow;
import hopsel.web.classes.before.ClassRows.ItemSourceRow;
import hopsel.web.classes.before.ClassRows.LineRow;
import hopsel.web.classes.before.ClassRows.PantryStockRow;
import hopsel.web.classes.before.ClassRows.PersonRow;
import hopsel.web.classes.before.ClassRows.PrepWindowRow;
import hopsel.web.classes.before.ClassRows.ResourceRow;
import hopsel.web.classes.before.ClassRows.SharedComponentRow;
import hopsel.web.classes.before.ClassRows.StepAfterRow;
import hopsel.web.classes.before.ClassRows.StepNeedRow;
import hopsel.web.classes.before.ClassRows.StepRow;
import hopsel.web.classes.before.ClassRows.StepUseRow;
import hopsel.web.classes.before.ClassRows.SubstitutionRow;

import org.apache.ibatis.annotations.Param;

import java.util.List;

/**
 * Reads the tables in which classes were kept before each became one document. Asked once, when they are turned into
 * documents.
 */
interface OldClassMapper {

    List<ClassRow> classes();

    List<PrepWindowRow> prepWindows(@Param("id") long id);

    List<PersonRow> persons(@Param("id") long id);

    List<ResourceRow> resources(@Param("id") long id);

    List<ItemRow> items(@Param("id") long id);

    List<ItemAllergenRow> itemAllergens(@Param("id") long id);

    List<ItemNameRow> itemNames(@Param("id") long id);

    List<ItemPieceRow> itemPieces(@Param("id") long id);

    List<ItemSourceRow> itemSources(@Param("id") long id);

    List<ItemPackRow> itemPacks(@Param("id") long id);

    List<ItemNutrientRow> itemNutrients(@Param("id") long id);

    List<DishRow> dishes(@Param("id") long id);

    List<ComponentRow> components(@Param("id") long id);

    List<LineRow> lines(@Param("id") long id);

    List<StepRow> steps(@Param("id") long id);

    List<StepNeedRow> stepNeeds(@Param("id") long id);

    List<StepAfterRow> stepAfters(@Param("id") long id);

    List<StepUseRow> stepUses(@Param("id") long id);

    List<SubstitutionRow> substitutions(@Param("id") long id);

    List<AttendeeRow> attendees(@Param("id") long id);

    List<AttendeeServedRow> attendeeServed(@Param("id") long id);

    List<AttendeeAvoidRow> attendeeAvoids(@Param("id") long id);

    List<PantryStockRow> pantryStocks(@Param("id") long id);

    List<SharedComponentRow> sharedComponents(@Param("id") long id);
}
