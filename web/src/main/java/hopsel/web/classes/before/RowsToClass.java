package hopsel.web.classes.before;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Menu;
import hopsel.core.classes.Provision;
import hopsel.core.classes.Shared;
import hopsel.core.classes.Slot;
import hopsel.core.classes.Style;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Nutrients;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.item.Practice;
import hopsel.core.item.PracticeBuilder;
import hopsel.core.item.Storage;
import hopsel.core.item.Substitution;
import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.kitchen.Room;
import hopsel.core.kitchen.Tool;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ToolReader;
import hopsel.formats.classfile.ClassFile;
import hopsel.web.classes.before.ClassRows.AttendeeAvoidRow;
import hopsel.web.classes.before.ClassRows.AttendeeServedRow;
import hopsel.web.classes.before.ClassRows.ClassRow;
import hopsel.web.classes.before.ClassRows.ItemAllergenRow;
import hopsel.web.classes.before.ClassRows.ItemNameRow;
import hopsel.web.classes.before.ClassRows.ItemNutrientRow;
import hopsel.web.classes.before.ClassRows.ItemPackRow;
import hopsel.web.classes.before.ClassRows.ItemPieceRow;
import hopsel.web.classes.before.ClassRows.ItemRow;
import hopsel.web.classes.before.ClassRows.ItemSourceRow;
import hopsel.web.classes.before.ClassRows.LineRow;
import hopsel.web.classes.before.ClassRows.StepRow;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Puts a class together from its rows. */
final class RowsToClass {

    private final ClassRow row;
    private final OldClassMapper mapper;

    private RowsToClass(ClassRow row, OldClassMapper mapper) {
        this.row = row;
        this.mapper = mapper;
    }

    static CookingClass read(ClassRow row, OldClassMapper mapper) {
        return new RowsToClass(row, mapper).cooking();
    }

    private CookingClass cooking() {
        Slot slot = new Slot(row.startsAt(), ZoneId.of(row.zone()), Minutes.of(row.airMinutes()));
        Kitchen kitchen = new Kitchen(prepWindows(), people(), resources(), room());
        Menu menu = new Menu(Measures.of(row.measures()).orElseThrow(), items(), dishes(), substitutions(), shared());
        return new CookingClass(
                row.title(),
                word(Style.values(), Style::word, row.style()),
                slot,
                kitchen,
                menu,
                attendees(),
                provision(),
                Tempo.USUAL);
    }

    private Room room() {
        return row.room() == null ? Room.UNKNOWN : ClassFile.readRoom(row.room());
    }

    private List<Shared> shared() {
        return mapper.sharedComponents(row.id()).stream()
                .map(shared -> new Shared(
                        new ComponentRef(shared.madeDishId(), shared.madeComponentId()),
                        new ComponentRef(shared.dishId(), shared.componentId())))
                .toList();
    }

    private List<PrepWindow> prepWindows() {
        return mapper.prepWindows(row.id()).stream()
                .map(window -> new PrepWindow(Minutes.of(window.fromMinutes()), Minutes.of(window.toMinutes())))
                .toList();
    }

    private List<Person> people() {
        return mapper.persons(row.id()).stream()
                .map(person -> new Person(person.id(), person.name(), word(Role.values(), Role::word, person.role())))
                .toList();
    }

    private List<Resource> resources() {
        return mapper.resources(row.id()).stream()
                .map(resource -> new Resource(
                        resource.id(),
                        resource.kind(),
                        resource.units(),
                        Minutes.of(resource.rinseMinutes()),
                        resource.heatPerMinute(),
                        resource.coolPerMinute(),
                        Optional.empty()))
                .toList();
    }

    private List<Item> items() {
        Map<String, List<ItemAllergenRow>> allergens = group(mapper.itemAllergens(row.id()), ItemAllergenRow::itemId);
        Map<String, List<ItemPackRow>> packs = group(mapper.itemPacks(row.id()), ItemPackRow::itemId);
        Map<String, List<ItemNutrientRow>> nutrients = group(mapper.itemNutrients(row.id()), ItemNutrientRow::itemId);
        Map<String, List<ItemNameRow>> names = group(mapper.itemNames(row.id()), ItemNameRow::itemId);
        Map<String, List<ItemPieceRow>> pieces = group(mapper.itemPieces(row.id()), ItemPieceRow::itemId);
        Map<String, List<ItemSourceRow>> sources = group(mapper.itemSources(row.id()), ItemSourceRow::itemId);
        return mapper.items(row.id()).stream()
                .map(item -> item(
                        item,
                        practice(
                                item,
                                names.getOrDefault(item.id(), List.of()),
                                pieces.getOrDefault(item.id(), List.of()),
                                sources.getOrDefault(item.id(), List.of())),
                        allergens.getOrDefault(item.id(), List.of()),
                        packs.getOrDefault(item.id(), List.of()),
                        nutrients.getOrDefault(item.id(), List.of())))
                .toList();
    }

    private static Item item(
            ItemRow item,
            Practice practice,
            List<ItemAllergenRow> allergens,
            List<ItemPackRow> packs,
            List<ItemNutrientRow> nutrients) {
        return new Item(
                item.id(),
                item.name(),
                number(item.gramsPerMl()),
                number(item.gramsPerPiece()),
                number(item.gramsPerCan()),
                Decimals.plain(item.edibleShare()),
                allergens.stream()
                        .map(allergen -> Allergen.of(allergen.allergen()).orElseThrow())
                        .collect(Collectors.toCollection(LinkedHashSet::new)),
                word(Origin.values(), Origin::word, item.origin()),
                Optional.ofNullable(item.houseRule()).map(rule -> word(HouseRule.values(), HouseRule::word, rule)),
                Optional.ofNullable(item.storage()).map(storage -> word(Storage.values(), Storage::word, storage)),
                packs.stream().map(pack -> new Pack(pack.grams(), pack.price())).toList(),
                number(item.tolerance()),
                item.hasNutrients() ? Optional.of(nutrients(nutrients)) : Optional.empty(),
                practice,
                Optional.empty(),
                Set.of());
    }

    private static Practice practice(
            ItemRow item, List<ItemNameRow> names, List<ItemPieceRow> pieces, List<ItemSourceRow> sources) {
        Map<String, BigDecimal> sizes = new LinkedHashMap<>();
        pieces.forEach(piece -> sizes.put(piece.size(), Decimals.plain(piece.grams())));
        Map<String, Practice.Source> figures = new LinkedHashMap<>();
        sources.forEach(source ->
                figures.put(source.figure(), word(Practice.Source.values(), Practice.Source::word, source.source())));
        return PracticeBuilder.builder()
                .names(names.stream().map(ItemNameRow::name).toList())
                .pieces(sizes)
                .canNet(number(item.canNet()))
                .soaked(number(item.soaked()))
                .cooked(number(item.cooked()))
                .sources(figures)
                .build();
    }

    private static Nutrients nutrients(List<ItemNutrientRow> rows) {
        Map<String, BigDecimal> values = new LinkedHashMap<>();
        Nutrients.NAMES.forEach(name -> rows.stream()
                .filter(value -> value.name().equals(name))
                .forEach(value -> values.put(name, Decimals.plain(value.per100g()))));
        return new Nutrients(values);
    }

    private List<Dish> dishes() {
        Map<StepRef, List<IngredientLine>> lines = new LinkedHashMap<>();
        mapper.lines(row.id()).forEach(line -> add(lines, new StepRef(line.dishId(), line.componentId()), line(line)));
        Map<StepRef, List<Step>> steps = steps();
        Map<String, List<Component>> components = new LinkedHashMap<>();
        mapper.components(row.id()).forEach(component -> {
            StepRef place = new StepRef(component.dishId(), component.id());
            add(
                    components,
                    component.dishId(),
                    new Component(
                            component.id(),
                            component.title(),
                            lines.getOrDefault(place, List.of()),
                            steps.getOrDefault(place, List.of())));
        });
        return mapper.dishes(row.id()).stream()
                .map(dish -> new Dish(
                        dish.id(),
                        dish.title(),
                        Decimals.plain(dish.servings()),
                        components.getOrDefault(dish.id(), List.of())))
                .toList();
    }

    private static IngredientLine line(LineRow line) {
        Optional<Amount> amount = Optional.ofNullable(line.amountHigh())
                .map(high -> new Amount(
                        line.amountLow(), high, Unit.of(line.unit()).orElseThrow(), Optional.ofNullable(line.size())));
        return IngredientLine.of(line.id(), line.itemId(), amount)
                .withPrep(Optional.ofNullable(line.prep()))
                .withScaling(Scaling.of(line.scaling()).orElseThrow())
                .withOptional(line.isOptional())
                .withFrom(word(Source.values(), Source::word, line.source()));
    }

    private Map<StepRef, List<Step>> steps() {
        Map<StepRef, List<Need>> needs = new LinkedHashMap<>();
        mapper.stepNeeds(row.id())
                .forEach(need -> add(
                        needs,
                        new StepRef(need.dishId(), need.stepId()),
                        new Need(need.kind(), need.units(), number(need.celsius()), Decimals.plain(need.tolerance()))));
        Map<StepRef, List<After>> afters = new LinkedHashMap<>();
        mapper.stepAfters(row.id())
                .forEach(after -> add(
                        afters,
                        new StepRef(after.dishId(), after.stepId()),
                        new After(after.beforeId(), Minutes.of(after.leastMinutes()), minutes(after.withinMinutes()))));
        Map<StepRef, List<Use>> uses = new LinkedHashMap<>();
        mapper.stepUses(row.id())
                .forEach(use -> add(
                        uses,
                        new StepRef(use.dishId(), use.stepId()),
                        new Use(use.lineId(), Decimals.plain(use.share()))));
        Map<StepRef, List<Step>> steps = new LinkedHashMap<>();
        mapper.steps(row.id()).forEach(step -> {
            StepRef ref = new StepRef(step.dishId(), step.id());
            add(
                    steps,
                    new StepRef(step.dishId(), step.componentId()),
                    step(
                            step,
                            needs.getOrDefault(ref, List.of()),
                            afters.getOrDefault(ref, List.of()),
                            uses.getOrDefault(ref, List.of())));
        });
        return steps;
    }

    private static Step step(StepRow step, List<Need> needs, List<After> after, List<Use> uses) {
        StepMinutes length = new StepMinutes(
                Minutes.of(step.minutesLow()), Minutes.of(step.minutesLikely()), Minutes.of(step.minutesHigh()));
        return Step.of(step.id(), step.title(), length, word(Work.values(), Work::word, step.work()))
                .withText(Optional.ofNullable(step.instruction()))
                .withShow(word(Show.values(), Show::word, step.shown()))
                .withNeeds(needs)
                .withAfter(after)
                .withKeeps(minutes(step.keeps()))
                .withSwap(minutes(step.swapMinutes()))
                .withUses(uses)
                .withCheckEvery(minutes(step.checkEvery()))
                .withCue(Optional.ofNullable(step.cue()))
                .withSay(Optional.ofNullable(step.say()))
                .withNoise(Optional.ofNullable(step.noise()))
                .withTools(tools(step.tools()));
    }

    private static List<Tool> tools(String stored) {
        return stored == null
                ? List.of()
                : stored.lines().map(ToolReader::parse).toList();
    }

    private List<Substitution> substitutions() {
        return mapper.substitutions(row.id()).stream()
                .map(substitution -> new Substitution(
                        substitution.replaced(),
                        substitution.used(),
                        Decimals.plain(substitution.ratio()),
                        Optional.ofNullable(substitution.role()),
                        Optional.ofNullable(substitution.note()),
                        Optional.ofNullable(substitution.effect())))
                .toList();
    }

    private List<Attendee> attendees() {
        Map<String, List<AttendeeAvoidRow>> avoids =
                group(mapper.attendeeAvoids(row.id()), AttendeeAvoidRow::attendeeId);
        Map<String, List<AttendeeServedRow>> served =
                group(mapper.attendeeServed(row.id()), AttendeeServedRow::attendeeId);
        return mapper.attendees(row.id()).stream()
                .map(attendee -> new Attendee(
                                attendee.id(),
                                attendee.name(),
                                words(avoids, attendee.id(), true),
                                Decimals.plain(attendee.servings()),
                                Optional.ofNullable(attendee.zone()).map(ZoneId::of),
                                word(Attendee.Gets.values(), Attendee.Gets::word, attendee.gets()),
                                words(avoids, attendee.id(), false))
                        .withServed(served.getOrDefault(attendee.id(), List.of()).stream()
                                .collect(Collectors.toMap(AttendeeServedRow::itemId, AttendeeServedRow::useId))))
                .toList();
    }

    private static List<String> words(Map<String, List<AttendeeAvoidRow>> avoids, String attendee, boolean strict) {
        return avoids.getOrDefault(attendee, List.of()).stream()
                .filter(row -> row.strict() == strict)
                .map(AttendeeAvoidRow::word)
                .toList();
    }

    private Provision provision() {
        return new Provision(
                Decimals.plain(row.demoServings()),
                Decimals.plain(row.tastingPortions()),
                Decimals.plain(row.tastingShare()),
                Decimals.plain(row.sparePercent()),
                mapper.pantryStocks(row.id()).stream()
                        .map(stock -> new Provision.Stock(stock.itemId(), Decimals.plain(stock.grams())))
                        .toList(),
                false,
                Optional.empty(),
                Optional.empty());
    }

    private static <T> Map<String, List<T>> group(List<T> rows, Function<T, String> key) {
        return rows.stream().collect(Collectors.groupingBy(key));
    }

    private static <K, V> void add(Map<K, List<V>> map, K key, V value) {
        map.computeIfAbsent(key, any -> new ArrayList<>()).add(value);
    }

    private static <E> E word(E[] values, Function<E, String> word, String stored) {
        return Arrays.stream(values)
                .filter(value -> word.apply(value).equals(stored))
                .findFirst()
                .orElseThrow();
    }

    private static Optional<BigDecimal> number(BigDecimal stored) {
        return Optional.ofNullable(stored).map(Decimals::plain);
    }

    private static Optional<Minutes> minutes(BigDecimal stored) {
        return Optional.ofNullable(stored).map(Minutes::of);
    }
}
