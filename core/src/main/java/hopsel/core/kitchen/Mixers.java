package hopsel.core.kitchen;

import java.util.Locale;
import java.util.Set;

/**
 * The family of machines that whirl food about: what was in one is in the next thing it makes, unless it is cleaned.
 */
public final class Mixers {

    /**
     * One of these is in the name of each of them, whatever a kitchen calls it: stand-mixer, stick-blender,
     * coffee-grinder.
     */
    private static final Set<String> FAMILY =
            Set.of("blender", "blitzer", "mixer", "processor", "grinder", "mill", "chopper", "juicer", "smoothie");

    private Mixers() {}

    /** Whether a kind of place, or a tool, is one of them. */
    public static boolean isOne(String name) {
        String low = name.toLowerCase(Locale.ROOT);
        return FAMILY.stream().anyMatch(low::contains);
    }
}
