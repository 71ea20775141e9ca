package hopsel.web.account;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.time.LocalDateTime;
import java.util.Optional;

/** Reads and writes accounts and failed attempts; the statements are in the XML file of the same name. */
@Mapper
interface AccountMapper {

    Optional<Account> account(@Param("login") String login);

    void insert(@Param("account") Account account);

    long count();

    /** Failures of a login since a moment, UTC. */
    int failures(@Param("login") String login, @Param("since") LocalDateTime since);

    void insertFailure(@Param("login") String login, @Param("at") LocalDateTime at);

    void forgetFailures(@Param("login") String login);

    void insertDevice(@Param("digest") String digest, @Param("login") String login, @Param("at") LocalDateTime at);

    int devices(@Param("digest") String digest, @Param("login") String login);

    void sweepFailures(@Param("before") LocalDateTime before);
}
