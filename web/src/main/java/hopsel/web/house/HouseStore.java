package hopsel.web.house;

import hopsel.core.house.House;
import hopsel.web.house.HouseMapper.Row;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;

/** What is known of the house; what another node changed is known within a second. Templates call it {@code @house}. */
@Component("house")
public class HouseStore {

    private static final Duration FRESH = Duration.ofSeconds(1);

    private final HouseMapper mapper;
    private final Clock clock;
    private final LoadingCache<Integer, Optional<Row>> kept;

    HouseStore(HouseMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
        this.kept = Caffeine.newBuilder().expireAfterWrite(FRESH).build(id -> mapper.house());
    }

    /** The house as it is now. */
    public House now() {
        return row().map(Row::house).orElse(House.UNKNOWN);
    }

    /** Whether somebody has said anything of it. */
    public boolean isKnown() {
        return row().isPresent();
    }

    /** By which a picture of the house is told from the one before it; empty: there is none. */
    public Optional<String> logoName() {
        return row().map(Row::logoDigest);
    }

    /** The picture of the house, PNG. */
    public Optional<byte[]> logo() {
        return mapper.logo().map(HouseMapper.Logo::png);
    }

    /** Keeps what is said of it. */
    public void put(House house, String who) {
        mapper.put(Row.of(house), at(), who);
        kept.invalidateAll();
    }

    /**
     * Keeps a picture, or takes it away.
     *
     * @param png the picture; empty: none
     * @param name by which it is told from others
     */
    @Transactional
    public void putLogo(Optional<byte[]> png, Optional<String> name, String who) {
        if (mapper.house().isEmpty()) {
            mapper.put(Row.of(House.UNKNOWN), at(), who);
        }
        mapper.putLogo(png.orElse(null), name.orElse(null), at(), who);
        kept.invalidateAll();
    }

    private Optional<Row> row() {
        return kept.get(1);
    }

    private LocalDateTime at() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
