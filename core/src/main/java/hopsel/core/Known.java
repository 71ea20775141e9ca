package hopsel.core;

import java.util.Map;

/** What is known to be there. */
public final class Known {

    private Known() {}

    /**
     * The value of a key that is in a map.
     *
     * @throws IllegalStateException where it is not, which whoever asks has ruled out
     */
    public static <K, V> V in(Map<? extends K, ? extends V> map, K key) {
        V value = map.get(key);
        if (value == null) {
            throw new IllegalStateException("[%s] is not known.".formatted(key));
        }
        return value;
    }
}
