package hopsel.web.account;

import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;

/**
 * Somebody who may sign in.
 *
 * @param login what they type
 * @param name what they are called
 * @param passwordHash with the name of the method in front
 * @param role of {@link StaffRole}
 * @param active whether they may sign in
 * @param totp the key of their second factor; null: they have none
 * @param totpPending a key that they have not tried yet
 * @param totpStep of the last code that was taken, so that none is taken twice
 * @param signedInAt UTC; null: never
 */
record Account(
        String login,
        String name,
        String passwordHash,
        String role,
        boolean active,
        @Nullable String totp,
        @Nullable String totpPending,
        long totpStep,
        @Nullable LocalDateTime signedInAt) {

    /** Somebody new. */
    static Account of(String login, String name, String passwordHash, String role) {
        return new Account(login, name, passwordHash, role, true, null, null, 0, null);
    }

    /** Whether a code is asked for beside the password. */
    public boolean secured() {
        return totp != null;
    }
}
