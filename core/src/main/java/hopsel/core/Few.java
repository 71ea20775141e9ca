package hopsel.core;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * The last few things that were worked out, for what is asked again and again. Nothing outside can tell whether one was
 * kept. Safe for threads.
 */
public final class Few<K, V> {

    private final Map<K, V> kept;

    /**
     * Keeps so many.
     *
     * @param most 1 or more; what was asked for longest ago goes first
     */
    public Few(int most) {
        this.kept = new LinkedHashMap<>(2 * most, 0.75f, true) {

            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The value of a key, made where it is not kept. Two who ask at once may both make it. */
    public V of(K key, Function<? super K, ? extends V> make) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = make.apply(key);
        synchronized (kept) {
            kept.put(key, made);
        }
        return made;
    }
}
