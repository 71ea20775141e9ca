package hopsel.web.api;

import hopsel.web.frame.Secret;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.web.filter.OncePerRequestFilter;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

/** Only reading, only with a token, and without a session: a browser that is signed in opens nothing here. */
@Configuration
class ApiSecurity {

    private static final String BEARER = "Bearer ";

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, ApiTokenMapper tokens, Clock clock) throws Exception {
        return http.securityMatcher("/api/**")
                .csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .authorizeHttpRequests(requests -> requests.requestMatchers(HttpMethod.GET, "/api/openapi.json")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET)
                        .hasRole("API")
                        .anyRequest()
                        .denyAll())
                .exceptionHandling(problems ->
                        problems.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .addFilterBefore(new ByToken(tokens, clock), UsernamePasswordAuthenticationFilter.class)
                .build();
    }

    /** Reads the token of a request. */
    private static final class ByToken extends OncePerRequestFilter {

        private final ApiTokenMapper tokens;
        private final Clock clock;

        ByToken(ApiTokenMapper tokens, Clock clock) {
            this.tokens = tokens;
            this.clock = clock;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String said = request.getHeader(HttpHeaders.AUTHORIZATION);
            if (said != null && said.startsWith(BEARER) && isKnown(said.substring(BEARER.length()))) {
                SecurityContextHolder.getContext()
                        .setAuthentication(new UsernamePasswordAuthenticationToken(
                                "api", null, AuthorityUtils.createAuthorityList("ROLE_API")));
            }
            chain.doFilter(request, response);
        }

        private boolean isKnown(String token) {
            return tokens.use(Secret.digest(token), LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)) > 0;
        }
    }
}
