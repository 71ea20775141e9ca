package hopsel.web.bench;

import hopsel.core.bench.Draft;

import java.util.List;

/**
 * What an action came to.
 *
 * @param sheet the dish afterwards
 * @param what for the history
 * @param told what the cook should know
 */
record Change(Draft sheet, String what, List<String> told) {

    /** There is nothing to tell that is not seen. */
    static Change done(Draft sheet, String what) {
        return new Change(sheet, what, List.of());
    }
}
