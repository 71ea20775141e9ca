package hopsel.web.account;

import hopsel.web.frame.Secret;

import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** The people who work here: who they are, what they may do, how they get in. */
@Component
class Staff {

    /** How long a link may be used. */
    static final Duration LINK_LASTS = Duration.ofDays(7);

    static final int SHORTEST_PASSWORD = 10;
    static final int LONGEST_PASSWORD = 200;

    private final AccountMapper mapper;
    private final PasswordEncoder encoder;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final Clock clock;

    Staff(
            AccountMapper mapper,
            PasswordEncoder encoder,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            Clock clock) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.sessions = sessions;
        this.clock = clock;
    }

    List<Account> all() {
        return mapper.all();
    }

    Optional<Account> find(String login) {
        return mapper.account(login);
    }

    /** Links that somebody still can use. */
    List<StaffLink> links() {
        return mapper.links(now());
    }

    /** A link by which somebody makes themselves an account; what stands in its address. */
    String invite(String name, StaffRole role, String who) {
        return link(name, role, null, who);
    }

    /** A link by which somebody chooses a new password. */
    String reset(Account account, String who) {
        return link(account.name(), StaffRole.valueOf(account.role()), account.login(), who);
    }

    private String link(String name, StaffRole role, @org.jspecify.annotations.Nullable String login, String who) {
        String secret = Secret.fresh();
        mapper.addLink(
                new StaffLink(Secret.digest(secret), login, role.name(), name, now(), who, now().plus(LINK_LASTS)));
        return secret;
    }

    void withdraw(String digest) {
        mapper.removeLink(digest);
    }

    Optional<StaffLink> link(String secret) {
        return mapper.link(Secret.digest(secret), now());
    }

    /**
     * Uses a link once: makes the account, or gives the one it is for another password.
     *
     * @return false where the link was used or is over meanwhile, or the login is taken
     */
    @Transactional
    boolean use(String secret, String login, String name, String password) {
        StaffLink link = link(secret).orElse(null);
        boolean taken = link != null && link.login() == null && find(login).isPresent();
        if (link == null || taken || mapper.useLink(link.digest(), now()) == 0) {
            return false;
        }
        if (link.login() == null) {
            mapper.insert(Account.of(login, name, encoded(password), link.role()));
        } else {
            mapper.password(link.login(), encoded(password));
            signOutEverywhere(link.login());
        }
        return true;
    }

    /**
     * Says what somebody may do, or that they may not sign in any more.
     *
     * @return false where nobody would be left who may do everything
     */
    @Transactional
    boolean role(String login, StaffRole role, boolean active) {
        List<String> hosts = mapper.lockHosts();
        boolean last = hosts.equals(List.of(login));
        if (last && (role != StaffRole.HOST || !active)) {
            return false;
        }
        mapper.role(login, role.name(), active);
        signOutEverywhere(login);
        return true;
    }

    boolean isPassword(Account account, String password) {
        return encoder.matches(password, account.passwordHash());
    }

    void password(String login, String password) {
        mapper.password(login, encoded(password));
    }

    void name(String login, String name) {
        mapper.name(login, name);
    }

    /** Takes away the second factor of somebody who lost their app. */
    void withoutFactor(String login) {
        mapper.factor(login, null, 0);
    }

    /** Every session of theirs ends, and no device is known any more. */
    void signOutEverywhere(String login) {
        sessions.findByPrincipalName(login).keySet().forEach(sessions::deleteById);
        mapper.forgetDevices(login);
    }

    private String encoded(String password) {
        return Objects.requireNonNull(encoder.encode(password));
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
