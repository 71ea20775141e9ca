package hopsel.web.account;

import hopsel.web.frame.Entered.BadEntryException;

import java.util.Map;

/** What somebody typed as a new password, twice. */
final class Passwords {

    private Passwords() {}

    static String read(Map<String, String> fields) throws BadEntryException {
        String password = fields.getOrDefault("password", "");
        if (password.length() < Staff.SHORTEST_PASSWORD) {
            throw new BadEntryException(
                    "password",
                    "has %d letters. Take at least %d; a short sentence is good."
                            .formatted(password.length(), Staff.SHORTEST_PASSWORD));
        }
        if (password.length() > Staff.LONGEST_PASSWORD) {
            throw new BadEntryException(
                    "password", "is longer than %d letters. Shorten it.".formatted(Staff.LONGEST_PASSWORD));
        }
        if (!password.equals(fields.getOrDefault("again", ""))) {
            throw new BadEntryException("again", "is not the same password. Type it once more.");
        }
        return password;
    }
}
