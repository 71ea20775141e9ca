package hopsel.core.handout;

import hopsel.core.caution.Caution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the host writes for the handouts of a class, beside the recipes. Immutable.
 *
 * @param intro a welcome, in simple Markdown, or empty text
 * @param dishes by id of the dish
 * @param marks what kind of statement a sentence is, by the sentence
 */
public record HostWords(String intro, Map<String, DishWords> dishes, Map<String, Mark> marks) {

    /** Nothing written. */
    public static final HostWords NONE = new HostWords("", Map.of(), Map.of());

    /** What kind of statement it is. */
    public enum Claim {
        FACT,
        OPINION,
        EXPERIENCE
    }

    /**
     * The mark of a sentence.
     *
     * @param source of a fact; empty text otherwise
     */
    public record Mark(Claim kind, String source) {}

    /**
     * What was, or can be, different: on stage, or as it came to by taste.
     *
     * @param what the variant
     * @param why for whom or when, or empty text
     */
    public record Variant(String what, String why) {}

    /**
     * What is written about a dish.
     *
     * @param story in simple Markdown, or empty text
     * @param tips in simple Markdown, by id of the step
     * @param makeAhead what can be done before, or empty text
     * @param fridge days it keeps at or under 5 °C; empty: as the rules say
     * @param freezer weeks it keeps frozen, 0: not to be frozen; empty: as the rules say
     * @param reheat how it is warmed again, or empty text: as the rules say
     * @param variants in their order
     * @param cautions of the host's own
     * @param hidden cautions that are not shown, each with the reason
     * @param picture number of a picture; empty: none
     */
    public record DishWords(
            String story,
            Map<String, String> tips,
            String makeAhead,
            Optional<Integer> fridge,
            Optional<Integer> freezer,
            String reheat,
            List<Variant> variants,
            List<String> cautions,
            Map<Caution, String> hidden,
            Optional<Long> picture) {

        /** Nothing written. */
        public static final DishWords NONE = new DishWords(
                "",
                Map.of(),
                "",
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(),
                List.of(),
                Map.of(),
                Optional.empty());

        /** Keeps its own copies. */
        public DishWords {
            tips = ordered(tips);
            variants = List.copyOf(variants);
            cautions = List.copyOf(cautions);
            hidden = ordered(hidden);
        }
    }

    /** Keeps its own copies. */
    public HostWords {
        dishes = ordered(dishes);
        marks = ordered(marks);
    }

    private static <K, V> Map<K, V> ordered(Map<K, V> map) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(map));
    }

    /** What is written about a dish. */
    public DishWords dish(String id) {
        return dishes.getOrDefault(id, DishWords.NONE);
    }
}
