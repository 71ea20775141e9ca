package hopsel.web.bench;

import hopsel.core.bench.RefusedEditException;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Component;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Turns what was sent from the bench into edits of the core, by the name of the action. */
@Component
class BenchActions {

    private final Map<String, BenchAction> actions = new HashMap<>();

    BenchActions(List<ActionSet> sets) {
        sets.forEach(set -> actions.putAll(set.actions()));
    }

    /**
     * The dish after an action.
     *
     * @throws BadEntryException where a field cannot be taken
     * @throws RefusedEditException where the edit cannot be done
     */
    Change apply(StoredDish dish, String action, Map<String, String> fields)
            throws BadEntryException, RefusedEditException {
        BenchAction found = actions.get(action);
        if (found == null) {
            throw new RefusedEditException("There is nothing of that name to do here. Load the page again.");
        }
        try {
            return found.apply(dish.sheet(), new Entered(fields));
        } catch (IllegalArgumentException e) {
            throw new RefusedEditException(String.valueOf(e.getMessage()));
        }
    }
}
