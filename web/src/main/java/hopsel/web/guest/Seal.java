package hopsel.web.guest;

import hopsel.web.frame.Secret;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.encrypt.Encryptors;
import org.springframework.stereotype.Component;

import java.util.Optional;

/**
 * Closes what may be read again only by the house itself: under a key that is kept outside the database, so that
 * neither a look into it nor a copy of it tells anything.
 */
@Component
class Seal {

    /** Of no matter for a key of 190 random bits, but asked for. */
    private static final String SALT = "5c0776e1b2a94f38";

    private final BytesEncryptor key;

    /** @param own the key of the house; blank: one that is forgotten when the application stops */
    Seal(@Value("${hopsel.seal-key:}") String own) {
        this.key = Encryptors.stronger(own.isBlank() ? Secret.fresh() : own, SALT);
    }

    byte[] close(byte[] open) {
        return key.encrypt(open);
    }

    /** What was closed; empty: it was under another key. */
    Optional<byte[]> open(byte[] closed) {
        try {
            return Optional.of(key.decrypt(closed));
        } catch (IllegalStateException e) {
            return Optional.empty();
        }
    }
}
