package hopsel.web.classes;

import hopsel.core.classes.CookingClass;

/**
 * A class with its place in the database.
 *
 * @param id      number
 * @param version counted up with every change; a change has to name the one it was made from
 * @param cooking the class
 */
public record StoredClass(long id, int version, CookingClass cooking) {
}
