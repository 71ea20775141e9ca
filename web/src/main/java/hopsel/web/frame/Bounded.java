package hopsel.web.frame;

import com.github.benmanes.caffeine.cache.Caffeine;

import java.util.Map;

/** Memory with an end: what was not asked for longest is forgotten, and worked out again when it is asked for. */
public final class Bounded {

    /** Classes, runs or dishes of which something is remembered: more than a house has open at once. */
    private static final int MOST = 400;

    private Bounded() {}

    /** An empty map that never grows beyond what a house has open at once. */
    public static <K, V> Map<K, V> map() {
        return Caffeine.newBuilder().maximumSize(MOST).<K, V>build().asMap();
    }

    /**
     * An empty map from something that is held elsewhere, as itself and not as what equals it, and forgotten with it.
     */
    public static <K, V> Map<K, V> byIdentity() {
        return Caffeine.newBuilder().weakKeys().maximumSize(MOST).<K, V>build().asMap();
    }
}
