package hopsel.web.account;

import hopsel.web.frame.Entered.BadEntryException;

import me.gosimple.nbvcxz.Nbvcxz;

import java.util.Map;

/** What somebody typed as a new password, twice. */
final class Passwords {

    /**
     * Letters that are looked at: what is not guessed in these is not guessed, and longer ones take long to look at.
     */
    private static final int LOOKED_AT = 60;

    /** Bits below which five guesses in ten minutes might do in somebody's lifetime: some 300 million guesses. */
    private static final double LEAST_BITS = 28;

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
        if (isGuessed(password)) {
            throw new BadEntryException(
                    "password", "is one of the first that anybody would try. Take a short sentence of your own.");
        }
        if (!password.equals(fields.getOrDefault("again", ""))) {
            throw new BadEntryException("again", "is not the same password. Type it once more.");
        }
        return password;
    }

    /** Whether it is among those that leaked elsewhere, or made of them, of names, rows of keys, dates or repeats. */
    private static boolean isGuessed(String password) {
        String looked = password.substring(0, Math.min(password.length(), LOOKED_AT));
        return Guessing.GUESSING.estimate(looked).getEntropy() < LEAST_BITS;
    }

    /** Its word lists are read when the first password is chosen, not at the start. */
    private static final class Guessing {
        private static final Nbvcxz GUESSING = new Nbvcxz();
    }
}
