package hopsel.web.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import org.apache.commons.codec.binary.Base32;
import org.springframework.stereotype.Component;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.OptionalLong;

import javax.crypto.spec.SecretKeySpec;

/** Codes of an app as a second factor: RFC 6238, six digits, thirty seconds, one step either way for slow clocks. */
@Component
class SecondFactor {

    private static final int KEY_BYTES = 20;
    private static final int DIGITS = 6;
    private static final String NAME = "Hopsel";

    private final SecureRandom random = new SecureRandom();
    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
    private final Clock clock;

    SecondFactor(Clock clock) {
        this.clock = clock;
    }

    /** A new key, as apps take it. */
    String key() {
        byte[] key = new byte[KEY_BYTES];
        random.nextBytes(key);
        return new Base32().encodeToString(key);
    }

    /** The address that an app reads from a code. */
    String address(String login, String key) {
        return "otpauth://totp/%s:%s?secret=%s&issuer=%s"
                .formatted(
                        NAME, URLEncoder.encode(login, StandardCharsets.UTF_8).replace("+", "%20"), key, NAME);
    }

    /** The step of a code, if it is right now. */
    OptionalLong step(String key, String typed) {
        String code = typed.replace(" ", "");
        long now = clock.instant().getEpochSecond() / codes.getTimeStep().toSeconds();
        for (long step = now - 1; step <= now + 1; step++) {
            if (code.length() == DIGITS && MessageDigest.isEqual(bytes(at(key, step)), bytes(code))) {
                return OptionalLong.of(step);
            }
        }
        return OptionalLong.empty();
    }

    private String at(String key, long step) {
        try {
            Instant moment = Instant.ofEpochSecond(step * codes.getTimeStep().toSeconds());
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(key), codes.getAlgorithm()), moment);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("A key of a second factor is damaged.", e);
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
