package hopsel.web.account;

import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

/** Slows down guessing: after a few failures a login has to wait. Counted in the database, so on all nodes together. */
@Component
class SignInThrottle {

    private static final int MOST_FAILURES = 5;
    private static final Duration WAIT = Duration.ofMinutes(10);

    private final AccountMapper mapper;
    private final Clock clock;

    SignInThrottle(AccountMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    boolean mustWait(String login) {
        return mapper.failures(key(login), now().minus(WAIT)) >= MOST_FAILURES;
    }

    void failed(String login) {
        mapper.sweepFailures(now().minus(WAIT));
        mapper.insertFailure(key(login), now());
    }

    void succeeded(String login) {
        mapper.forgetFailures(key(login));
    }

    /** Whatever was typed, cut to what the column holds. */
    private static String key(String login) {
        return login.length() <= 100 ? login : login.substring(0, 100);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
