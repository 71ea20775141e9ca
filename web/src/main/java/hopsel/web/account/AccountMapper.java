package hopsel.web.account;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Reads and writes accounts and failed attempts; the statements are in the XML file of the same name. */
@Mapper
interface AccountMapper {

    Optional<Account> account(@Param("login") String login);

    void insert(@Param("account") Account account);

    List<Account> all();

    /** Logins of the hosts who may sign in; nobody else changes them until the transaction is over. */
    List<String> lockHosts();

    void role(@Param("login") String login, @Param("role") String role, @Param("active") boolean active);

    void password(@Param("login") String login, @Param("hash") String hash);

    void name(@Param("login") String login, @Param("name") String name);

    void signedIn(@Param("login") String login, @Param("at") LocalDateTime at);

    void pending(@Param("login") String login, @Param("key") @Nullable String key);

    void factor(@Param("login") String login, @Param("key") @Nullable String key, @Param("step") long step);

    /** Takes a code of that step once. */
    int step(@Param("login") String login, @Param("step") long step);

    void addLink(@Param("link") StaffLink link);

    Optional<StaffLink> link(@Param("digest") String digest, @Param("now") LocalDateTime now);

    List<StaffLink> links(@Param("now") LocalDateTime now);

    int useLink(@Param("digest") String digest, @Param("now") LocalDateTime now);

    void removeLink(@Param("digest") String digest);

    void forgetDevices(@Param("login") String login);

    long count();

    /** Failures of a login since a moment, UTC. */
    int failures(@Param("login") String login, @Param("since") LocalDateTime since);

    void insertFailure(@Param("login") String login, @Param("at") LocalDateTime at);

    void forgetFailures(@Param("login") String login);

    void insertDevice(@Param("digest") String digest, @Param("login") String login, @Param("at") LocalDateTime at);

    int devices(@Param("digest") String digest, @Param("login") String login);

    void sweepFailures(@Param("before") LocalDateTime before);
}
