package hopsel.web.account;

import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.InsufficientAuthenticationException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Objects;
import java.util.OptionalLong;

/** Everything behind a login; strict headers; tokens against forged requests. */
@Configuration
class SecurityConfiguration {

    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none'; "
            + "base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, AuthenticationManager throttled) throws Exception {
        return http.authenticationManager(throttled)
                .authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/sign-in",
                                "/css/**",
                                "/js/**",
                                "/img/**",
                                "/vendor/**",
                                "/schema/**",
                                "/shop/**",
                                "/guest/**",
                                "/join/**",
                                "/offline",
                                "/house/logo.png",
                                "/welcome/**",
                                "/calendar/**",
                                "/sw.js",
                                "/manifest.webmanifest",
                                "/health/live",
                                "/health/ready",
                                "/error")
                        .permitAll()
                        .requestMatchers("/health", "/health/**")
                        .denyAll()
                        // An assistant looks, ticks off and packs; changing things is the host's.
                        .requestMatchers(HttpMethod.POST, "/me/**")
                        .hasAnyRole(StaffRole.all())
                        .requestMatchers(
                                HttpMethod.POST, "/classes/*/ticks/*", "/classes/*/packing/**", "/scales/*", "/printer")
                        .hasAnyRole(StaffRole.names(StaffRole.HOST, StaffRole.ASSISTANT, StaffRole.PACKER))
                        .requestMatchers(HttpMethod.POST, "/classes/*/handouts/review")
                        .hasAnyRole(StaffRole.names(StaffRole.HOST, StaffRole.ASSISTANT, StaffRole.REVIEWER))
                        .requestMatchers(
                                HttpMethod.POST,
                                "/classes/*/air/events",
                                "/classes/*/air/pace",
                                "/classes/*/rehearsals")
                        .hasAnyRole(StaffRole.names(StaffRole.HOST, StaffRole.ASSISTANT))
                        // How to reach people, and everything about one of them, is for the host; whoever packs sees
                        // what is in a kit.
                        .requestMatchers(
                                "/classes/*/people",
                                "/classes/*/people.csv",
                                "/classes/*/people/**",
                                "/classes/*/menus",
                                "/lots",
                                "/post",
                                "/classes/*/air/close",
                                "/reports",
                                "/reports.csv",
                                "/house",
                                "/house/**")
                        .hasRole("HOST")
                        .requestMatchers(HttpMethod.POST)
                        .hasRole("HOST")
                        .anyRequest()
                        .hasAnyRole(StaffRole.all()))
                .formLogin(form -> form.loginPage("/sign-in")
                        .defaultSuccessUrl("/classes")
                        .failureHandler((request, response, problem) ->
                                response.sendRedirect(request.getContextPath() + "/sign-in?" + why(problem))))
                .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    private static String why(AuthenticationException problem) {
        if (problem instanceof LockedException) {
            return "wait";
        }
        return problem instanceof InsufficientAuthenticationException ? "code" : "wrong";
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    UserDetailsService accounts(AccountMapper mapper) {
        return login -> mapper.account(login)
                .map(account -> User.withUsername(account.login())
                        .password(account.passwordHash())
                        .roles(account.role())
                        .disabled(!account.active())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("No such account."));
    }

    @Bean
    AuthenticationManager throttled(
            UserDetailsService accounts,
            PasswordEncoder encoder,
            SignInThrottle throttle,
            AccountMapper mapper,
            SecondFactor factor,
            Clock clock) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accounts);
        provider.setPasswordEncoder(encoder);
        return request -> {
            String login = String.valueOf(request.getName());
            ServletRequestAttributes now = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
            if (!throttle.attempt(login, now.getRequest())) {
                throw new LockedException("Too many attempts.");
            }
            var signedIn = provider.authenticate(request);
            secured(mapper, factor, login, now.getRequest().getParameter("code"));
            mapper.signedIn(login, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
            throttle.succeeded(login, now.getRequest(), Objects.requireNonNull(now.getResponse()));
            return signedIn;
        };
    }

    /** Whoever has a second factor types its code, too; each code is taken once. */
    private static void secured(AccountMapper mapper, SecondFactor factor, String login, @Nullable String code) {
        Account account = mapper.account(login).orElseThrow();
        if (account.totp() == null) {
            return;
        }
        OptionalLong step = factor.step(account.totp(), code == null ? "" : code);
        if (step.isEmpty() || mapper.step(login, step.getAsLong()) == 0) {
            throw new InsufficientAuthenticationException("The code is missing or wrong.");
        }
    }
}
