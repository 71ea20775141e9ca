package hopsel.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;

/** Codes of an app, by the test values of RFC 6238, appendix B, at six digits. */
class SecondFactorTest {

    private static final String KEY = "GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ";

    private static SecondFactor at(long second) {
        return new SecondFactor(Clock.fixed(Instant.ofEpochSecond(second), ZoneOffset.UTC));
    }

    @Test
    void aCodeIsRightInItsStepAndOneBesideItAndNowhereElse() {
        assertThat(at(59).step(KEY, "287082")).hasValue(1);
        assertThat(at(1_111_111_109).step(KEY, "081 804")).isPresent();
        assertThat(at(59 + 30).step(KEY, "287082")).as("a slow clock").hasValue(1);
        assertThat(at(59 + 61).step(KEY, "287082")).isEmpty();
        assertThat(at(59).step(KEY, "287083")).isEmpty();
        assertThat(at(59).step(KEY, "")).isEmpty();
    }

    @Test
    void everyKeyIsAnother() {
        assertThat(at(0).key()).hasSize(32).isNotEqualTo(at(0).key());
        assertThat(at(0).address("a b@c", KEY)).startsWith("otpauth://totp/Hopsel:a%20b%40c?secret=" + KEY);
    }
}
