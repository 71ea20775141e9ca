package hopsel.core.kitchen;

/**
 * Somebody who works in the class.
 *
 * @param id   unique in the class
 * @param name as said aloud
 * @param role host or assistant
 */
public record Person(String id, String name, Role role) {
}
