package hopsel.web.classes;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Wishes;

/**
 * A class with its place in the database.
 *
 * @param id      number
 * @param version counted up with every change; a change has to name the one it was made from
 * @param cooking the class
 * @param wishes  what the host asks of the planner
 */
public record StoredClass(long id, int version, CookingClass cooking, Wishes wishes) {
}
