package hopsel.web.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * While the database is away, every page says so, keeps what was typed, and comes back by itself; before anything else,
 * for sessions are in the database, too.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class OneMoment extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(OneMoment.class);
    private static final Set<String> NOT_SHOWN = Set.of("_csrf", "password", "again", "old", "code", "client", "press");
    private static final String AGAIN_IN = "5";
    private static final int DEEPEST = 12;

    private final ITemplateEngine pages;

    OneMoment(ITemplateEngine pages) {
        this.pages = pages;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException problem) {
            if (response.isCommitted() || !isAway(problem)) {
                throw problem;
            }
            LOG.warn("The database is away: {} {}", request.getMethod(), request.getServletPath());
            answer(request, response);
        }
    }

    /** Whether somewhere in its reasons stands that no connection can be had. */
    public static boolean isAway(Throwable problem) {
        Throwable cause = problem;
        for (int i = 0; cause != null && i < DEEPEST; i++) {
            if (cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLNonTransientConnectionException) {
                return true;
            }
            cause = cause.getCause();
        }
        return false;
    }

    private void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.resetBuffer();
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, AGAIN_IN);
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        String accepts = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        if (!accepts.contains(MediaType.TEXT_HTML_VALUE)) {
            return;
        }
        boolean read = "GET".equals(request.getMethod());
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("root", request.getContextPath());
        context.setVariable("read", read);
        context.setVariable("typed", read ? Map.of() : typed(request));
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        if (read) {
            response.setHeader("Refresh", AGAIN_IN);
        }
        response.getWriter().write(pages.process("frame/moment", context));
    }

    private static Map<String, String> typed(HttpServletRequest request) {
        Map<String, String> typed = new TreeMap<>();
        request.getParameterMap().forEach((field, values) -> {
            String text = String.join(
                    ", ",
                    Arrays.stream(values).filter(value -> !value.isBlank()).toList());
            if (!text.isEmpty() && !NOT_SHOWN.contains(field)) {
                typed.put(field, text);
            }
        });
        return typed;
    }
}
