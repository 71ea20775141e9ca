package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.classes.Finding;
import hopsel.core.dish.RecipeState;
import hopsel.formats.dishfile.DishFile;
import hopsel.web.bench.BenchMapper.DishRow;
import hopsel.web.bench.BenchMapper.NewDish;
import hopsel.web.bench.BenchMapper.RevisionRow;
import hopsel.web.classes.UnreadableException;
import hopsel.web.frame.Bounded;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Keeps dishes on the bench with every state they were ever in. */
@Repository
public class BenchStore {

    private static final int LONGEST = 1000;

    private final BenchMapper mapper;
    private final Clock clock;
    /** Documents that were read already; a revision never changes, so nothing here can grow stale. */
    private final Map<Long, ReadSheet> read = Bounded.map();

    BenchStore(BenchMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * Nothing is stored that cannot be read back: it is read here, before anybody relies on it. Endless decimals end in
     * the file; from there on nothing may change.
     */
    private static String document(Draft sheet) {
        String document = DishFile.write(sheet);
        List<Finding> findings = DishFile.check(document);
        if (!findings.isEmpty()) {
            throw new UnreadableException(findings);
        }
        Draft again = DishFile.read(document);
        if (!DishFile.read(DishFile.write(again)).equals(again)) {
            throw new IllegalStateException("A dish reads back as another one.");
        }
        return document;
    }

    /** All dishes that can be read, by title. */
    public List<StoredDish> all() {
        return mapper.dishes().stream().flatMap(row -> readable(row).stream()).toList();
    }

    /** Dishes that cannot be read: they are listed by their title, and can be stepped back or deleted. */
    public List<BrokenDish> broken() {
        return mapper.dishes().stream()
                .filter(row -> readable(row).isEmpty())
                .map(row -> new BrokenDish(row.id(), row.version(), row.title(), row.parent() != null))
                .toList();
    }

    private Optional<StoredDish> readable(DishRow row) {
        try {
            return Optional.of(stored(row));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** A dish whose state cannot be read, and whether there is one before it. */
    public record BrokenDish(long id, int version, String title, boolean undo) {}

    /** A dish as it is now. */
    public Optional<StoredDish> find(long id) {
        return mapper.dish(id).flatMap(this::readable);
    }

    private StoredDish stored(DishRow row) {
        Draft sheet = read.compute(
                        row.id(),
                        (id, known) -> known != null && known.revision == row.revision()
                                ? known
                                : new ReadSheet(
                                        row.revision(),
                                        DishFile.read(row.document())
                                                .keptAs(new RecipeState(row.recipe(), row.revision()))))
                .sheet;
        return new StoredDish(
                row.id(),
                row.version(),
                row.revision(),
                row.parent() != null,
                mapper.child(row.id(), row.revision()).isPresent(),
                sheet);
    }

    /** The dish that a recipe is on the bench as. */
    public Optional<StoredDish> ofRecipe(String recipe) {
        return mapper.ofRecipe(recipe).flatMap(this::find);
    }

    /** A recipe as it was in one of its states. */
    public Optional<Draft> inState(RecipeState recipe) {
        return mapper.ofRecipe(recipe.id())
                .flatMap(id -> mapper.revision(id, recipe.state()))
                .filter(row -> DishFile.check(row.document()).isEmpty())
                .map(row -> DishFile.read(row.document()).keptAs(recipe));
    }

    /** Stores a new dish: under the recipe that it says it is, unless that is on the bench already. */
    @Transactional
    public long add(Draft sheet, String who, String what) {
        String recipe = sheet.dish()
                .recipe()
                .map(RecipeState::id)
                .filter(known -> mapper.ofRecipe(known).isEmpty())
                .orElseGet(() -> UUID.randomUUID().toString());
        NewDish row = new NewDish(recipe, cut(sheet.dish().title()));
        mapper.insertDish(row);
        mapper.insertRevision(row.id(), new RevisionRow(1, null, now(), who, cut(what), document(sheet)));
        return row.id();
    }

    /**
     * Stores the next state of a dish.
     *
     * @param version the version that was looked at
     * @throws StaleDishException where it has been changed since, or is gone
     */
    @Transactional(rollbackFor = StaleDishException.class)
    public void save(long id, int version, Draft sheet, String who, String what) throws StaleDishException {
        DishRow row = mapper.dish(id).orElseThrow(StaleDishException::new);
        int number = mapper.lastNumber(id) + 1;
        move(id, version, sheet.dish().title(), number);
        mapper.insertRevision(id, new RevisionRow(number, row.revision(), now(), who, cut(what), document(sheet)));
    }

    /** Stores what one action did, to its dish and to another with it: both or neither. */
    @Transactional(rollbackFor = StaleDishException.class)
    void save(long id, int version, Change change, String who) throws StaleDishException {
        save(id, version, change.sheet(), who, change.what());
        if (change.other().isPresent()) {
            Change.Other other = change.other().get();
            save(
                    other.dish().id(),
                    other.dish().version(),
                    other.sheet(),
                    who,
                    "gave a share to " + change.sheet().dish().title());
        }
    }

    /** Goes back to the state before; nothing happens where there is none. */
    @Transactional(rollbackFor = StaleDishException.class)
    public void undo(long id, int version) throws StaleDishException {
        DishRow row = mapper.dish(id).orElseThrow(StaleDishException::new);
        if (row.parent() != null) {
            goTo(id, version, row.parent());
        }
    }

    /** Goes on to the state that was last made on top of this one; nothing happens where there is none. */
    @Transactional(rollbackFor = StaleDishException.class)
    public void redo(long id, int version) throws StaleDishException {
        Optional<Integer> child = mapper.dish(id).flatMap(row -> mapper.child(id, row.revision()));
        if (child.isPresent()) {
            goTo(id, version, child.get());
        }
    }

    /** Goes to any state the dish was ever in. */
    @Transactional(rollbackFor = StaleDishException.class)
    public void goTo(long id, int version, int number) throws StaleDishException {
        RevisionRow revision = mapper.revision(id, number).orElseThrow(StaleDishException::new);
        if (!DishFile.check(revision.document()).isEmpty()) {
            throw new StaleDishException();
        }
        move(id, version, DishFile.read(revision.document()).dish().title(), number);
    }

    private void move(long id, int version, String title, int number) throws StaleDishException {
        if (mapper.moveDish(id, version, cut(title), number) == 0) {
            throw new StaleDishException();
        }
    }

    /** Takes a dish away with its history. */
    @Transactional(rollbackFor = StaleDishException.class)
    public void remove(long id, int version) throws StaleDishException {
        if (mapper.deleteDish(id, version) == 0) {
            throw new StaleDishException();
        }
    }

    /** What was done to a dish, newest first. */
    List<RevisionRow> history(long id) {
        return mapper.history(id);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private static String cut(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST);
    }

    /**
     * A dish as it is stored.
     *
     * @param id number
     * @param version counted up with every change
     * @param revision which of its states it stands at
     * @param undo whether there is a state before
     * @param redo whether a state was made on top of it
     * @param sheet the dish
     */
    public record StoredDish(long id, int version, int revision, boolean undo, boolean redo, Draft sheet) {}

    private record ReadSheet(int revision, Draft sheet) {}

    /** The dish was changed by somebody else, or is gone. */
    public static final class StaleDishException extends Exception {

        private static final long serialVersionUID = 1L;
    }
}
