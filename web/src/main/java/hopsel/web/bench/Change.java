package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.web.bench.BenchStore.StoredDish;

import java.util.List;
import java.util.Optional;

/**
 * What an action came to.
 *
 * @param sheet the dish afterwards
 * @param what for the history
 * @param told what the cook should know
 * @param other what it did to another dish, which is kept with this one or not at all
 */
record Change(Draft sheet, String what, List<String> told, Optional<Other> other) {

    /** Of this dish alone. */
    Change(Draft sheet, String what, List<String> told) {
        this(sheet, what, told, Optional.empty());
    }

    /** There is nothing to tell that is not seen. */
    static Change done(Draft sheet, String what) {
        return new Change(sheet, what, List.of());
    }

    /**
     * Another dish that changed with it.
     *
     * @param dish as it was
     * @param sheet as it is now
     */
    record Other(StoredDish dish, Draft sheet) {}
}
