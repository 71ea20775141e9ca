package hopsel.web.catalogue;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.BetterKnown;
import hopsel.core.item.Item;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;

import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An ingredient that was added to the catalogue mends every class that has a dish which asked for it, and what the
 * house says of an ingredient now goes before what a class took from it earlier: an allergen is never hidden by an
 * older copy.
 */
@Component
class KnownAtLast {

    private static final int TRIES = 5;

    private final ClassStore store;
    private final ClassChanges changes;

    KnownAtLast(ClassStore store, ClassChanges changes) {
        this.store = store;
        this.changes = changes;
    }

    /** Titles of classes that know an ingredient now, as sentences. */
    List<String> of(Item item) {
        List<String> mended = new ArrayList<>();
        for (ClassStore.Entry entry : store.entries()) {
            if (mend(entry.id(), item)) {
                mended.add("“%s” now has %s. Kits, labels and handouts are updated."
                        .formatted(entry.title(), item.name()));
            }
        }
        return mended;
    }

    private boolean mend(long id, Item item) {
        for (int i = 0; i < TRIES; i++) {
            Optional<StoredClass> stored = store.readable(id);
            Optional<CookingClass> wanted = stored.flatMap(own -> mended(own.cooking(), item));
            if (wanted.isEmpty()) {
                return false;
            }
            try {
                changes.change(
                        id,
                        stored.get().version(),
                        wanted.get(),
                        stored.get().wishes(),
                        "catalogue",
                        "“%s” is known now".formatted(item.name()));
                return true;
            } catch (StaleClassException e) {
                continue;
            }
        }
        return false;
    }

    private static Optional<CookingClass> mended(CookingClass cooking, Item item) {
        List<Item> items =
                cooking.items().stream().map(own -> BetterKnown.of(own, item)).toList();
        return items.equals(cooking.items()) ? Optional.empty() : Optional.of(cooking.bringing(items));
    }
}
