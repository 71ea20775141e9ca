package hopsel.core.kitchen;

import hopsel.core.Copyable;

/**
 * Somebody who works in the class.
 *
 * @param id unique in the class
 * @param name as said aloud
 * @param role host or assistant
 */
@Copyable
public record Person(String id, String name, Role role) implements PersonBuilder.With {}
