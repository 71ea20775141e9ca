package hopsel.web.classes;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.item.Item;
import hopsel.core.kitchen.Room;
import hopsel.core.kitchen.Tool;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.formats.classfile.RoomFile;
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
import hopsel.web.classes.ClassRows.ResourceRow;
import hopsel.web.classes.ClassRows.SharedComponentRow;
import hopsel.web.classes.ClassRows.StepAfterRow;
import hopsel.web.classes.ClassRows.StepNeedRow;
import hopsel.web.classes.ClassRows.StepRow;
import hopsel.web.classes.ClassRows.StepUseRow;
import hopsel.web.classes.ClassRows.SubstitutionRow;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Lays a class out in rows. */
final class ClassToRows {

    private final CookingClass cooking;

    ClassToRows(CookingClass cooking) {
        this.cooking = cooking;
    }

    ClassRow cooking(long id, int version) {
        return new ClassRow(id, version, cooking.title(), cooking.style().word(), cooking.startsAt(), cooking.zone().getId(),
                cooking.airMinutes().value(), cooking.measures().word(), cooking.provision().demoServings(),
                cooking.provision().tastingPortions(), cooking.provision().tastingShare(), cooking.provision().sparePercent(), cooking.room().equals(Room.UNKNOWN) ? null : RoomFile.write(cooking.room()));
    }

    List<PrepWindowRow> prepWindows() {
        return rows(cooking.prepWindows(), (i, window) -> new PrepWindowRow(i, window.from().value(), window.to().value()));
    }

    List<PersonRow> persons() {
        return rows(cooking.people(), (i, person) -> new PersonRow(person.id(), i, person.name(), person.role().word()));
    }

    List<ResourceRow> resources() {
        return rows(cooking.resources(), (i, resource) -> new ResourceRow(resource.id(), i, resource.kind(), resource.units(),
                resource.rinse().value(), resource.heatPerMinute(), resource.coolPerMinute()));
    }

    List<ItemRow> items() {
        return rows(cooking.items(), (i, item) -> new ItemRow(item.id(), i, item.name(), or(item.gramsPerMl()),
                or(item.gramsPerPiece()), or(item.gramsPerCan()), item.edibleShare(), item.origin().word(),
                or(item.is().map(rule -> rule.word())), or(item.storage().map(storage -> storage.word())),
                or(item.tolerance()), item.nutrients().isPresent(), or(item.practice().canNet()), or(item.practice().soaked()),
                or(item.practice().cooked())));
    }

    List<ItemNameRow> itemNames() {
        return eachItem((item, rows) -> rows.addAll(rows(item.practice().names(), (i, name) -> new ItemNameRow(item.id(), i, name))));
    }

    List<ItemPieceRow> itemPieces() {
        return eachItem((item, rows) -> rows.addAll(rows(List.copyOf(item.practice().pieces().entrySet()),
                (i, piece) -> new ItemPieceRow(item.id(), i, piece.getKey(), piece.getValue()))));
    }

    List<ItemSourceRow> itemSources() {
        return eachItem((item, rows) -> rows.addAll(rows(List.copyOf(item.practice().sources().entrySet()),
                (i, source) -> new ItemSourceRow(item.id(), i, source.getKey(), source.getValue().word()))));
    }

    private <R> List<R> eachItem(BiConsumer<Item, List<R>> action) {
        List<R> rows = new ArrayList<>();
        cooking.items().forEach(item -> action.accept(item, rows));
        return rows;
    }

    List<ItemAllergenRow> itemAllergens() {
        return cooking.items().stream().flatMap(item -> item.allergenList().stream()
                .map(allergen -> new ItemAllergenRow(item.id(), allergen.word()))).toList();
    }

    List<ItemPackRow> itemPacks() {
        List<ItemPackRow> rows = new ArrayList<>();
        for (Item item : cooking.items()) {
            rows.addAll(rows(item.packs(), (i, pack) -> new ItemPackRow(item.id(), i, pack.grams(), pack.price())));
        }
        return rows;
    }

    List<ItemNutrientRow> itemNutrients() {
        List<ItemNutrientRow> rows = new ArrayList<>();
        cooking.items().forEach(item -> item.nutrients().ifPresent(nutrients -> nutrients.values()
                .forEach((name, value) -> rows.add(new ItemNutrientRow(item.id(), name, value)))));
        return rows;
    }

    List<DishRow> dishes() {
        return rows(cooking.dishes(), (i, dish) -> new DishRow(dish.id(), i, dish.title(), dish.servings()));
    }

    List<ComponentRow> components() {
        return cooking.dishes().stream().flatMap(dish -> rows(dish.components(),
                (i, component) -> new ComponentRow(dish.id(), component.id(), i, component.title())).stream()).toList();
    }

    List<LineRow> lines() {
        List<LineRow> rows = new ArrayList<>();
        eachComponent((dish, component) -> rows.addAll(rows(component.ingredients(),
                (i, line) -> line(dish.id(), component.id(), i, line))));
        return rows;
    }

    private static LineRow line(String dish, String component, int position, IngredientLine line) {
        return new LineRow(dish, line.id(), component, position, line.item(), or(line.amount().map(Amount::low)),
                or(line.amount().map(Amount::high)), or(line.amount().map(amount -> amount.unit().word())),
                or(line.amount().flatMap(Amount::size)), or(line.prep()),
                line.scaling().word(), line.optional(), line.from().word());
    }

    List<StepRow> steps() {
        List<StepRow> rows = new ArrayList<>();
        eachComponent((dish, component) -> rows.addAll(rows(component.steps(),
                (i, step) -> step(dish.id(), component.id(), i, step))));
        return rows;
    }

    private static StepRow step(String dish, String component, int position, Step step) {
        return new StepRow(dish, step.id(), component, position, step.title(), or(step.text()), step.minutes().low().value(),
                step.minutes().likely().value(), step.minutes().high().value(), step.work().word(), step.show().word(),
                minutes(step.keeps()), minutes(step.swap()), minutes(step.checkEvery()), or(step.cue()), or(step.say()),
                or(step.noise()), step.tools().isEmpty() ? null : step.tools().stream().map(Tool::toString).collect(Collectors.joining("\n")));
    }

    List<StepNeedRow> stepNeeds() {
        List<StepNeedRow> rows = new ArrayList<>();
        eachStep((dish, step) -> rows.addAll(rows(step.needs(), (i, need) -> new StepNeedRow(dish.id(), step.id(), i,
                need.kind(), need.units(), or(need.celsius()), need.tolerance()))));
        return rows;
    }

    List<StepAfterRow> stepAfters() {
        List<StepAfterRow> rows = new ArrayList<>();
        eachStep((dish, step) -> rows.addAll(rows(step.after(), (i, after) -> new StepAfterRow(dish.id(), step.id(), i,
                after.step(), after.least().value(), minutes(after.within())))));
        return rows;
    }

    List<StepUseRow> stepUses() {
        List<StepUseRow> rows = new ArrayList<>();
        eachStep((dish, step) -> rows.addAll(rows(step.uses(), (i, use) -> new StepUseRow(dish.id(), step.id(), i,
                use.ingredient(), use.share()))));
        return rows;
    }

    List<SubstitutionRow> substitutions() {
        return rows(cooking.substitutions(), (i, substitution) -> new SubstitutionRow(i, substitution.replaced(),
                substitution.use(), substitution.ratio(), or(substitution.role()), or(substitution.note()),
                or(substitution.effect())));
    }

    List<AttendeeRow> attendees() {
        return rows(cooking.attendees(), (i, attendee) -> new AttendeeRow(attendee.id(), i, attendee.name(),
                attendee.servings(), or(attendee.zone().map(ZoneId::getId)), attendee.gets().word()));
    }

    List<AttendeeServedRow> attendeeServed() {
        return cooking.attendees().stream().flatMap(attendee -> attendee.served().entrySet().stream().map(entry -> new AttendeeServedRow(attendee.id(), entry.getKey(), entry.getValue()))).toList();
    }

    List<AttendeeAvoidRow> attendeeAvoids() {
        return cooking.attendees().stream().flatMap(attendee -> Stream.concat(
                rows(attendee.avoids(), (i, word) -> new AttendeeAvoidRow(attendee.id(), i, word, true)).stream(),
                rows(attendee.rather(), (i, word) -> new AttendeeAvoidRow(attendee.id(), attendee.avoids().size() + i, word, false)).stream())).toList();
    }

    List<SharedComponentRow> sharedComponents() {
        return rows(cooking.shared(), (i, shared) -> new SharedComponentRow(i, shared.made().dish(), shared.made().component(),
                shared.also().dish(), shared.also().component()));
    }

    List<PantryStockRow> pantryStocks() {
        return rows(cooking.provision().pantry(), (i, stock) -> new PantryStockRow(i, stock.item(), stock.grams()));
    }

    private void eachComponent(BiConsumer<Dish, Component> action) {
        cooking.dishes().forEach(dish -> dish.components().forEach(component -> action.accept(dish, component)));
    }

    private void eachStep(BiConsumer<Dish, Step> action) {
        cooking.dishes().forEach(dish -> dish.steps().forEach(step -> action.accept(dish, step)));
    }

    private static <T, R> List<R> rows(List<T> entries, BiFunction<Integer, T, R> row) {
        return IntStream.range(0, entries.size()).mapToObj(i -> row.apply(i, entries.get(i))).toList();
    }

    private static <T> T or(Optional<T> value) {
        return value.orElse(null);
    }

    private static BigDecimal minutes(Optional<Minutes> minutes) {
        return minutes.map(Minutes::value).orElse(null);
    }
}
