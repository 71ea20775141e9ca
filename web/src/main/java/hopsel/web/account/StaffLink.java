package hopsel.web.account;

import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;

/**
 * A link that makes an account, or lets somebody choose a new password.
 *
 * @param digest of what stands in its address
 * @param login whose password; null: it makes an account
 * @param role of the account that it makes
 * @param name of whom it is for
 */
record StaffLink(
        String digest,
        @Nullable String login,
        String role,
        String name,
        LocalDateTime madeAt,
        String madeBy,
        LocalDateTime expiresAt) {}
