package hopsel.web.api;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.time.LocalDateTime;
import java.util.List;

/** Tokens in the database. */
@Mapper
interface ApiTokenMapper {

    void add(
            @Param("digest") String digest,
            @Param("name") String name,
            @Param("at") LocalDateTime at,
            @Param("who") String who);

    List<Token> all();

    /** Notes that a token was used; answers how many rows that were, 0 for one that is not known. */
    int use(@Param("digest") String digest, @Param("at") LocalDateTime at);

    void remove(@Param("id") long id);

    /**
     * A token.
     *
     * @param usedAt UTC; null: never
     */
    record Token(long id, String name, LocalDateTime madeAt, String madeBy, @Nullable LocalDateTime usedAt) {}
}
