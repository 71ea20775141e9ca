package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.RefusedEditException;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

/** One thing that can be done to a dish. */
@FunctionalInterface
interface BenchAction {

    /**
     * The dish after it.
     *
     * @throws BadEntryException where a field cannot be taken
     * @throws RefusedEditException where the edit cannot be done
     */
    Change apply(Draft sheet, Entered in) throws BadEntryException, RefusedEditException;
}
