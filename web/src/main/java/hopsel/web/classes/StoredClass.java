package hopsel.web.classes;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Wishes;

/**
 * A class with its place in the database.
 *
 * @param id number
 * @param stamp which state of it this is
 * @param cooking the class
 * @param wishes what the host asks of the planner
 */
public record StoredClass(long id, ClassStore.Stamp stamp, CookingClass cooking, Wishes wishes) {

    /** Counted up with every change of the class itself; a change has to name the one it was made from. */
    public int version() {
        return stamp.version();
    }
}
