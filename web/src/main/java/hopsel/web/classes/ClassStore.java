package hopsel.web.classes;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Recipes;
import hopsel.core.dish.Dish;
import hopsel.core.dish.StepRef;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.kitchen.Person;
import hopsel.core.plan.Wishes;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.web.classes.ClassMapper.ClassRow;
import hopsel.web.classes.ClassMapper.NewClass;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Keeps classes in the database, each as one document. Those who take part are rows of their own, see {@link Guests}; a
 * change of a class never touches them.
 */
@Repository
public class ClassStore {

    private final ClassMapper mapper;
    private final StandingMapper standings;
    private final Guests guests;
    private final Catalogue catalogue;

    ClassStore(ClassMapper mapper, StandingMapper standings, Guests guests, Catalogue catalogue) {
        this.mapper = mapper;
        this.standings = standings;
        this.guests = guests;
        this.catalogue = catalogue;
    }

    /**
     * Stores a new class, with those who take part in it.
     *
     * @throws UnreadableException where it could not be read again
     */
    @Transactional
    public long add(CookingClass cooking) {
        NewClass row = row(told(cooking, this::dishes));
        mapper.insertClass(row);
        guests.addAll(row.id(), cooking.attendees());
        return row.id();
    }

    /**
     * Puts a class in the place of a stored one; who takes part stays.
     *
     * @param version the version that was looked at
     * @throws StaleClassException where it has been changed since, or is gone
     * @throws UnreadableException where it could not be read again
     */
    @Transactional(rollbackFor = StaleClassException.class)
    public void replace(long id, int version, CookingClass cooking) throws StaleClassException {
        List<Dish> before =
                readable(id).map(stored -> stored.cooking().dishes()).orElse(List.of());
        if (mapper.updateClass(id, version, row(told(Recipes.kept(cooking, before), List::of))) == 0) {
            throw new StaleClassException(id, version);
        }
    }

    /** Every dish that is stored says which recipe it is. */
    private static CookingClass told(CookingClass cooking, Supplier<List<Dish>> known) {
        boolean told = cooking.dishes().stream().allMatch(dish -> dish.recipe().isPresent());
        return told
                ? cooking
                : Recipes.told(cooking, known.get(), () -> UUID.randomUUID().toString());
    }

    private List<Dish> dishes() {
        return entries().stream()
                .flatMap(entry -> readable(entry.id()).stream())
                .flatMap(stored -> stored.cooking().dishes().stream())
                .toList();
    }

    /**
     * Nothing is stored that cannot be read back: it is read here, before anybody relies on it. Endless decimals end in
     * the file; from there on nothing may change.
     */
    private NewClass row(CookingClass cooking) {
        CookingClass alone = cooking.withAttendees(List.of());
        String document = ClassFile.write(alone);
        try {
            CookingClass again = ClassFile.read(document.getBytes(StandardCharsets.UTF_8), catalogue);
            if (!ClassFile.read(ClassFile.write(again).getBytes(StandardCharsets.UTF_8), catalogue)
                    .equals(again)) {
                throw new IllegalStateException("A class reads back as another one.");
            }
        } catch (FaultyFileException e) {
            throw new UnreadableException(e.findings());
        }
        return new NewClass(
                cooking.title(),
                cooking.style().word(),
                cooking.startsAt(),
                cooking.zone().getId(),
                document);
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

    /**
     * Puts a class aside: it is in no list and can be brought back, with all that hangs on it.
     *
     * @param at UTC
     * @throws StaleClassException where it has been changed since, or is gone
     */
    public void throwAway(long id, int version, LocalDateTime at) throws StaleClassException {
        if (mapper.throwAway(id, version, at) == 0) {
            throw new StaleClassException(id, version);
        }
    }

    /** Brings back a class that was put aside; whether it still was there. */
    public boolean bringBack(long id) {
        return mapper.bringBack(id) > 0;
    }

    /**
     * A class that was put aside.
     *
     * @param startsAt by its own clock
     * @param removedAt UTC
     */
    public record ThrownAway(long id, String title, LocalDateTime startsAt, LocalDateTime removedAt) {}

    /** Classes that were put aside after a moment, the last first; older ones are deleted for good. */
    public List<ThrownAway> thrownAway(LocalDateTime since) {
        List<ThrownAway> all = mapper.thrownAway().stream()
                .map(row -> new ThrownAway(row.id(), row.title(), row.startsAt(), row.removedAt()))
                .toList();
        if (all.stream().anyMatch(one -> one.removedAt.isBefore(since))) {
            mapper.sweep(since);
        }
        return all.stream().filter(one -> !one.removedAt.isBefore(since)).toList();
    }

    /** Deletes a class that was put aside, and all that hangs on it. */
    public void erase(long id) {
        mapper.deleteThrownAway(id);
    }

    /** The version of a class, if it is there. */
    public Optional<Integer> version(long id) {
        return stamp(id).map(Stamp::version);
    }

    /** The version of a class and of those who take part, if it is there. */
    public Optional<Stamp> stamp(long id) {
        return mapper.stamp(id).map(row -> new Stamp(row.version(), row.guests()));
    }

    /**
     * The class of that number, all of one moment.
     *
     * @throws BrokenClassException where what is stored cannot be read
     */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public Optional<StoredClass> find(long id) {
        return mapper.cooking(id).map(row -> {
            CookingClass alone = read(row);
            CookingClass cooking = alone.withAttendees(guests.of(id).stream()
                    .map(attendee -> known(attendee, alone))
                    .toList());
            return new StoredClass(id, new Stamp(row.version(), row.guests()), cooking, wishes(id, cooking));
        });
    }

    /**
     * The class without those who take part and without wishes, for whoever signs up; until this transaction is over,
     * nobody else signs up for it or changes who takes part.
     *
     * @throws BrokenClassException where what is stored cannot be read
     */
    public Optional<CookingClass> locked(long id) {
        return mapper.locked(id).map(this::read);
    }

    /** The same, for whoever goes through all of them: one that cannot be read is in nobody's way. */
    public Optional<StoredClass> readable(long id) {
        try {
            return find(id);
        } catch (BrokenClassException e) {
            return Optional.empty();
        }
    }

    private CookingClass read(ClassRow row) {
        try {
            return ClassFile.read(row.document().getBytes(StandardCharsets.UTF_8), catalogue);
        } catch (FaultyFileException e) {
            throw new BrokenClassException(row.id(), row.title(), e.findings());
        }
    }

    /**
     * What somebody avoids and this class does not know any more cannot be checked: they still avoid it, in their own
     * words.
     */
    private Attendee known(Attendee attendee, CookingClass cooking) {
        return attendee.knowing(cooking.catalogue(catalogue));
    }

    /** Wishes for steps that are gone are as if they were never said. */
    private Wishes wishes(long id, CookingClass cooking) {
        Wishes all = standings
                .standing(id)
                .map(StandingMapper.StandingRow::wishes)
                .map(WishText::read)
                .orElse(Wishes.NONE);
        Set<StepRef> steps = cooking.dishes().stream()
                .flatMap(dish -> dish.steps().map(step -> new StepRef(dish.id(), step.id())))
                .collect(Collectors.toSet());
        Set<String> people = cooking.people().stream().map(Person::id).collect(Collectors.toSet());
        return all.among(steps).amongPeople(people);
    }

    /** All classes by date: only their numbers and versions. */
    public List<Entry> entries() {
        return mapper.classes().stream()
                .map(row -> new Entry(row.id(), new Stamp(row.version(), row.guests()), row.title()))
                .toList();
    }

    /** Whether nothing was ever stored, or all of it taken away. */
    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    /**
     * What a class looked like: a change of the class counts the one up, a change of who takes part the other.
     *
     * @param version of the class
     * @param guests of those who take part
     */
    public record Stamp(int version, int guests) {}

    /**
     * A class by number.
     *
     * @param id number
     * @param stamp current
     * @param title as announced
     */
    public record Entry(long id, Stamp stamp, String title) {}
}
