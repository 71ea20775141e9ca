package hopsel.web.account;

import hopsel.web.frame.Secret;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

/**
 * Slows down guessing: after a few failures whoever guesses has to wait. Counted in the database, so on all nodes
 * together, and counted before a guess is judged, so that many at once are no more than one after another.
 *
 * <p>A device on which somebody has signed in before is counted by itself: strangers who know a name cannot lock its
 * owner out.
 */
@Component
class SignInThrottle {

    private static final String DEVICE = "hopsel-device";
    private static final int MOST_FAILURES = 5;
    private static final Duration WAIT = Duration.ofMinutes(10);
    private static final Duration REMEMBERED = Duration.ofDays(365);
    private static final int LONGEST = 90;

    private final AccountMapper mapper;
    private final Clock clock;

    SignInThrottle(AccountMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Writes down an attempt before it is judged; whether it may be judged at all. */
    boolean attempt(String login, HttpServletRequest request) {
        String key = key(login, request);
        mapper.sweepFailures(now().minus(WAIT));
        mapper.insertFailure(key, now());
        return mapper.failures(key, now().minus(WAIT)) <= MOST_FAILURES;
    }

    /** The attempt was right: nothing is held against this device, and it is known from now on. */
    void succeeded(String login, HttpServletRequest request, HttpServletResponse response) {
        mapper.forgetFailures(key(login, request));
        if (device(login, request) == null) {
            String secret = Secret.fresh();
            mapper.insertDevice(Secret.digest(secret), cut(login), now());
            Cookie cookie = new Cookie(DEVICE, secret);
            cookie.setHttpOnly(true);
            cookie.setSecure(request.isSecure());
            cookie.setPath("/sign-in");
            cookie.setMaxAge((int) REMEMBERED.toSeconds());
            cookie.setAttribute("SameSite", "Lax");
            response.addCookie(cookie);
        }
    }

    private String key(String login, HttpServletRequest request) {
        String device = device(login, request);
        return cut(login) + " " + (device != null ? device : request.getRemoteAddr());
    }

    /** The digest of the device's secret, if somebody signed in with this login there; null otherwise. */
    private @Nullable String device(String login, HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, DEVICE);
        String digest = cookie == null ? null : Secret.digest(cookie.getValue());
        return digest != null && mapper.devices(digest, cut(login)) > 0 ? digest : null;
    }

    /** Whatever was typed, cut to what the column holds. */
    private static String cut(String login) {
        return login.length() <= LONGEST ? login : login.substring(0, LONGEST);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
