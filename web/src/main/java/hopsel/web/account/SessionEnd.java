package hopsel.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * Ends what somebody began too long ago, however busy they are: a device that was left signed in somewhere is not
 * signed in for ever.
 */
@Component
@Order(SessionEnd.ORDER)
class SessionEnd extends OncePerRequestFilter {

    /** Once there is a session, and just before anybody asks who it is, which is at -100. */
    static final int ORDER = -101;

    private final Clock clock;
    private final Duration longest;

    SessionEnd(Clock clock, @Value("${hopsel.session.longest}") Duration longest) {
        this.clock = clock;
        this.longest = longest;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null
                && Instant.ofEpochMilli(session.getCreationTime())
                        .isBefore(clock.instant().minus(longest))) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
