package hopsel.web.classes;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.plan.Wishes;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.web.classes.StandingMapper.RevisionRow;
import hopsel.web.classes.StandingMapper.StandingRow;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/** Changes classes so that every change can be undone, and redone. */
@Component
public class ClassChanges {

    private static final int LONGEST = 1000;

    private final ClassStore store;
    private final StandingMapper mapper;
    private final Catalogue catalogue;
    private final Clock clock;

    ClassChanges(ClassStore store, StandingMapper mapper, Catalogue catalogue, Clock clock) {
        this.store = store;
        this.mapper = mapper;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /**
     * Puts a class in the place of a stored one, with what the host asks for. Who takes part stays as they are.
     *
     * @param version the version that was looked at
     * @throws StaleClassException where it has been changed since, or is gone
     */
    @Transactional(rollbackFor = StaleClassException.class)
    public void change(long id, int version, CookingClass next, Wishes wishes, String who, String what)
            throws StaleClassException {
        StoredClass now = store.find(id).orElseThrow(() -> new StaleClassException(id, version));
        if (now.version() != version) {
            throw new StaleClassException(id, version);
        }
        Optional<StandingRow> standing = mapper.standing(id);
        Integer parent = standing.map(StandingRow::revision).orElse(null);
        if (parent == null) {
            parent = 1;
            mapper.insertRevision(id, row(1, null, who, "as it came", now.cooking(), now.wishes()));
        }
        store.replace(id, version, next);
        int number = mapper.lastNumber(id) + 1;
        mapper.insertRevision(id, row(number, parent, who, what, next, wishes));
        mapper.stand(id, number, WishText.write(wishes));
    }

    private RevisionRow row(
            int number, @Nullable Integer parent, String who, String what, CookingClass cooking, Wishes wishes) {
        return new RevisionRow(
                number,
                parent,
                LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC),
                who,
                what.substring(0, Math.min(LONGEST, what.length())),
                ClassFile.write(cooking.withAttendees(List.of())),
                WishText.write(wishes));
    }

    /** Goes back to the state before; nothing happens where there is none. */
    @Transactional(rollbackFor = StaleClassException.class)
    public void undo(long id, int version) throws StaleClassException {
        Optional<Integer> parent =
                at(id).flatMap(number -> mapper.revision(id, number)).map(RevisionRow::parent);
        if (parent.isPresent()) {
            goTo(id, version, parent.get());
        }
    }

    /** Goes on to the state that was last made on top of this one; nothing happens where there is none. */
    @Transactional(rollbackFor = StaleClassException.class)
    public void redo(long id, int version) throws StaleClassException {
        Optional<Integer> child = at(id).flatMap(number -> mapper.child(id, number));
        if (child.isPresent()) {
            goTo(id, version, child.get());
        }
    }

    /** Goes to the newest state that can be read; false where there is none. */
    @Transactional
    public boolean stepBack(long id) {
        for (RevisionRow row : mapper.history(id)) {
            RevisionRow revision = mapper.revision(id, row.number()).orElseThrow();
            try {
                store.replace(
                        id,
                        store.version(id).orElseThrow(),
                        ClassFile.read(revision.document().getBytes(StandardCharsets.UTF_8), catalogue));
                mapper.stand(id, revision.number(), revision.wishes());
                return true;
            } catch (FaultyFileException | StaleClassException | UnreadableException e) {
                // That one is no better: the one before it.
                continue;
            }
        }
        return false;
    }

    private Optional<Integer> at(long id) {
        return mapper.standing(id).map(StandingRow::revision);
    }

    private void goTo(long id, int version, int number) throws StaleClassException {
        RevisionRow revision = mapper.revision(id, number).orElseThrow(() -> new StaleClassException(id, version));
        try {
            store.replace(id, version, ClassFile.read(revision.document().getBytes(StandardCharsets.UTF_8), catalogue));
        } catch (FaultyFileException e) {
            throw new IllegalStateException("Revision %d of class %d cannot be read.".formatted(number, id), e);
        }
        mapper.stand(id, number, revision.wishes());
    }

    /** What can be undone and redone; each with what it was. */
    public Steps steps(long id) {
        Optional<RevisionRow> here = at(id).flatMap(number -> mapper.revision(id, number));
        return new Steps(
                here.filter(row -> row.parent() != null).map(RevisionRow::what),
                here.flatMap(row -> mapper.child(id, row.number()))
                        .flatMap(child -> mapper.revision(id, child))
                        .map(RevisionRow::what));
    }

    /** What was done, newest first. */
    public List<Done> history(long id) {
        return mapper.history(id).stream()
                .map(row -> new Done(row.madeAt(), row.madeBy(), row.what()))
                .toList();
    }

    /** What undo would take back, and redo bring back. */
    public record Steps(Optional<String> undo, Optional<String> redo) {}

    /** A change, in universal time. */
    public record Done(LocalDateTime at, String who, String what) {}
}
