package hopsel.web.frame;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Links that nobody can guess. Only a digest of each is ever kept, so that it can be shown once and not read back. */
public final class Secret {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 24;

    private Secret() {}

    /** 192 random bits as they stand in an address. */
    public static String fresh() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** What is kept of it: 64 hexadecimal digits. */
    public static String digest(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
