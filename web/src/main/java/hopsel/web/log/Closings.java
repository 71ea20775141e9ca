package hopsel.web.log;

import hopsel.core.log.LeftOver;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.Guests;
import hopsel.web.provision.PantryClosing;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import java.util.Collection;
import java.util.List;
import java.util.Map;

/** What one press of "close" does, all of it or nothing: who was served, what is left, and the shelf. */
@Service
class Closings {

    private final Guests guests;
    private final ClosingStore store;
    private final PantryClosing pantry;

    Closings(Guests guests, ClosingStore store, PantryClosing pantry) {
        this.guests = guests;
        this.store = store;
        this.pantry = pantry;
    }

    /** What became of the shelf. */
    enum Shelf {
        SETTLED,
        SETTLED_BEFORE,
        CORRECTED
    }

    /** Closes a class, or corrects how it was closed. */
    @Transactional
    Shelf close(
            long id,
            PlannedClass planned,
            Map<String, ? extends Collection<String>> served,
            List<LeftOver> left,
            String who) {
        // Whoever presses at the same moment comes after, and corrects.
        guests.lock(id);
        boolean first = store.closed(id).isEmpty();
        List<LeftOver> before = first ? List.of() : store.left(id);
        store.close(id, served, left, who);
        pantry.keep(id, LeftOver.corrected(before, left, planned), who);
        if (!first) {
            return Shelf.CORRECTED;
        }
        return pantry.settle(id, who) ? Shelf.SETTLED : Shelf.SETTLED_BEFORE;
    }
}
