package hopsel.core.item;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What cooks know of an ingredient beyond what a plan needs: its other names, its sizes, how it swells. Immutable.
 *
 * @param names other names, such as cilantro for coriander leaves, in the order in which they are tried
 * @param pieces grams as bought of a piece of a size or kind: small, large, bunch, sprig, inch
 * @param canNet grams a usual can holds with its liquid
 * @param soaked grams after soaking for each gram dry, 1 or more
 * @param cooked grams cooked for each gram dry, 1 or more
 * @param width cm across of a piece, such as a bun or a wrapper
 * @param hotPerServing grams a serving above which most guests suffer: chillies and what is made of them
 * @param sources kind of source by name of the figure, as in the class file
 */
@Copyable
public record Practice(
        List<String> names,
        Map<String, BigDecimal> pieces,
        Optional<BigDecimal> canNet,
        Optional<BigDecimal> soaked,
        Optional<BigDecimal> cooked,
        Optional<BigDecimal> width,
        Optional<BigDecimal> hotPerServing,
        Map<String, Source> sources)
        implements PracticeBuilder.With {

    /** Nothing known. */
    public static final Practice NONE = PracticeBuilder.builder()
            .names(List.of())
            .pieces(Map.of())
            .sources(Map.of())
            .build();

    /** Keeps its own copies. */
    public Practice {
        names = List.copyOf(names);
        pieces = Collections.unmodifiableMap(new LinkedHashMap<>(pieces));
        sources = Collections.unmodifiableMap(new LinkedHashMap<>(sources));
    }

    /** Where a figure comes from. */
    public enum Source {
        /** Public tables of food composition, rounded. */
        TABLE("table"),
        /** Usual declarations on packs. */
        LABEL("label"),
        /** Kitchen practice; weigh your own where it matters. */
        PRACTICE("practice"),
        /** Weighed by the host. */
        WEIGHED("weighed"),
        /** Made up for the demonstration. */
        MADE_UP("made-up");

        private final String word;

        Source(String word) {
            this.word = word;
        }

        /** The word in class files. */
        public String word() {
            return word;
        }
    }
}
