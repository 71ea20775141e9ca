package hopsel.web.account;

/**
 * Somebody who may sign in.
 *
 * @param login what they type
 * @param name what they are called
 * @param passwordHash with the name of the method in front
 * @param role {@code HOST} or {@code ASSISTANT}
 */
record Account(String login, String name, String passwordHash, String role) {}
