package hopsel.web.classes;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Wishes;
import hopsel.web.classes.ClassMapper.NewClass;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;

/** Keeps classes in the database, each in one transaction. */
@Repository
public class ClassStore {

    /** The tables right below a class; everything else hangs on them and goes with them. */
    private static final List<String> PARTS = List.of("prep_window", "person", "resource", "item", "dish", "substitution",
            "attendee", "pantry_stock", "shared_component");
    private static final int ROWS_AT_ONCE = 500;

    private final ClassMapper mapper;
    private final StandingMapper standings;

    ClassStore(ClassMapper mapper, StandingMapper standings) {
        this.mapper = mapper;
        this.standings = standings;
    }

    /** Stores a new class. */
    @Transactional
    public long add(CookingClass cooking) {
        ClassToRows rows = new ClassToRows(cooking);
        NewClass row = new NewClass(rows.cooking(0, 1));
        mapper.insertClass(row);
        insertParts(row.id(), rows);
        return row.id();
    }

    /**
     * Puts a class in the place of a stored one.
     *
     * @param version the version that was looked at
     * @throws StaleClassException where it has been changed since, or is gone
     */
    @Transactional(rollbackFor = StaleClassException.class)
    public void replace(long id, int version, CookingClass cooking) throws StaleClassException {
        ClassToRows rows = new ClassToRows(cooking);
        if (mapper.updateClass(rows.cooking(id, version)) == 0) {
            throw new StaleClassException(id, version);
        }
        PARTS.forEach(table -> mapper.clear(table, id));
        insertParts(id, rows);
    }

    /**
     * Takes a class away.
     *
     * @param version the version that was looked at
     * @throws StaleClassException where it has been changed since, or is gone
     */
    @Transactional(rollbackFor = StaleClassException.class)
    public void remove(long id, int version) throws StaleClassException {
        if (mapper.deleteClass(id, version) == 0) {
            throw new StaleClassException(id, version);
        }
    }

    /** The version of a class, if it is there. */
    public Optional<Integer> version(long id) {
        return mapper.version(id);
    }

    /** The class of that number, all of one moment. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public Optional<StoredClass> find(long id) {
        return mapper.cooking(id).map(row -> {
            CookingClass cooking = RowsToClass.read(row, mapper);
            return new StoredClass(id, row.version(), cooking, wishes(id, cooking));
        });
    }

    /** Wishes for steps that are gone are as if they were never said. */
    private Wishes wishes(long id, CookingClass cooking) {
        Wishes all = standings.standing(id).map(StandingMapper.StandingRow::wishes).map(WishText::read).orElse(Wishes.NONE);
        Set<StepRef> steps = cooking.dishes().stream().flatMap(dish -> dish.steps().map(step -> new StepRef(dish.id(), step.id()))).collect(Collectors.toSet());
        return all.among(steps);
    }

    /** All classes by date: only their numbers and versions. */
    public List<Entry> entries() {
        return mapper.classes().stream().map(row -> new Entry(row.id(), row.version(), row.title())).toList();
    }

    /** Whether nothing was ever stored, or all of it taken away. */
    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    private void insertParts(long id, ClassToRows rows) {
        insert(id, rows.prepWindows(), mapper::insertPrepWindows);
        insert(id, rows.persons(), mapper::insertPersons);
        insert(id, rows.resources(), mapper::insertResources);
        insert(id, rows.items(), mapper::insertItems);
        insert(id, rows.itemAllergens(), mapper::insertItemAllergens);
        insert(id, rows.itemNames(), mapper::insertItemNames);
        insert(id, rows.itemPieces(), mapper::insertItemPieces);
        insert(id, rows.itemSources(), mapper::insertItemSources);
        insert(id, rows.itemPacks(), mapper::insertItemPacks);
        insert(id, rows.itemNutrients(), mapper::insertItemNutrients);
        insert(id, rows.dishes(), mapper::insertDishes);
        insert(id, rows.components(), mapper::insertComponents);
        insert(id, rows.lines(), mapper::insertLines);
        insert(id, rows.steps(), mapper::insertSteps);
        insert(id, rows.stepNeeds(), mapper::insertStepNeeds);
        insert(id, rows.stepAfters(), mapper::insertStepAfters);
        insert(id, rows.stepUses(), mapper::insertStepUses);
        insert(id, rows.substitutions(), mapper::insertSubstitutions);
        insert(id, rows.attendees(), mapper::insertAttendees);
        insert(id, rows.attendeeAvoids(), mapper::insertAttendeeAvoids);
        insert(id, rows.attendeeServed(), mapper::insertAttendeeServed);
        insert(id, rows.pantryStocks(), mapper::insertPantryStocks);
        insert(id, rows.sharedComponents(), mapper::insertSharedComponents);
    }

    private static <T> void insert(long id, List<T> rows, BiConsumer<Long, List<T>> statement) {
        for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
            statement.accept(id, rows.subList(from, Math.min(rows.size(), from + ROWS_AT_ONCE)));
        }
    }

    /**
     * A class by number.
     *
     * @param id      number
     * @param version current
     * @param title   as announced
     */
    public record Entry(long id, int version, String title) {
    }
}
