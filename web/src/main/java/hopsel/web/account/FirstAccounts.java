package hopsel.web.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

import java.util.Objects;

/** Makes the first accounts of an empty database, with the password that the start command hands over. */
@Component
class FirstAccounts implements ApplicationRunner {

    private final AccountMapper mapper;
    private final PasswordEncoder encoder;
    private final String password;

    FirstAccounts(AccountMapper mapper, PasswordEncoder encoder, @Value("${hopsel.first-password:}") String password) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.password = password;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!password.isBlank() && mapper.count() == 0) {
            mapper.insert(Account.of("host", "Host", encoded(), "HOST"));
            mapper.insert(Account.of("assistant", "Assistant", encoded(), "ASSISTANT"));
        }
    }

    private String encoded() {
        return Objects.requireNonNull(encoder.encode(password));
    }
}
