package hopsel.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import hopsel.web.frame.Entered.BadEntryException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.util.Map;

/** Passwords that are taken, and those that anybody would try first. */
class PasswordsTest {

    private static BadEntryException refused(String password, String again) {
        return catchThrowableOfType(
                BadEntryException.class, () -> Passwords.read(Map.of("password", password, "again", again)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "password123",
                "1234567890",
                "qwertyuiop",
                "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa",
                "p@ssw0rd1234",
                "november2026"
            })
    void whatIsGuessedFirstIsRefused(String password) {
        assertThat(refused(password, password)).hasMessageContaining("first that anybody would try");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a short sentence is good",
                "salt and harbour",
                "seven limes and a quay",
                "2qe2loxse9sw",
                "Ärger mit Öl, immer"
            })
    void aSentenceOfOnesOwnIsTaken(String password) throws BadEntryException {
        assertThat(Passwords.read(Map.of("password", password, "again", password)))
                .isEqualTo(password);
    }

    @Test
    void tooShortTooLongAndNotTheSameIsSaidAtItsField() {
        assertThat(refused("nine lett", "nine lett").field()).isEqualTo("password");
        assertThat(refused("x".repeat(201), "x".repeat(201))).hasMessageContaining("longer than 200");
        assertThat(refused("seven limes and a quay", "seven limes and a quai").field())
                .isEqualTo("again");
    }
}
