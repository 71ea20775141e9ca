package hopsel.core.recipe;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Measures;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads ingredient lines as people write them.
 *
 * <pre>
 * line    = part-of? modifier* range? modifier* pack? unit? size? "of"? name ("," prep)*
 * part-of = ("juice" | "zest" …) "of"
 * pack    = "(" weight ")" | "x"? weight, before a can, a block or a jar
 * </pre>
 *
 * Takes {@code 1 ½ cups raw cashews, soaked}, {@code 1 (400 g) can black beans, drained}, {@code juice of half a
 * lemon}, {@code 200 g/7 oz flour}, {@code tamari or soy sauce}. A name that is not in the catalogue stays a name; a
 * number without a unit stays a number; nothing that was written is dropped.
 */
public final class LineReader {

    static final Pattern EACH = Pattern.compile("\\beach\\b", Pattern.CASE_INSENSITIVE);
    static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*•·▢□☐◦‣–—+]|\\[ ?\\])+\\s*(?=\\S)");
    static final Pattern TASTE = Pattern.compile(
            "\\b(?:to taste|as per (?:your )?taste|as needed|as required|to serve|for serving|for garnish|to "
                    + "garnish)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern KIND_BEHIND =
            Pattern.compile("(\\p{L}+)(?:, ?| - | \\()(\\p{L}[\\p{L} ]{2,20}?)(?:\\)[:,]?|,| -)? (\\d.*)");

    private static final Pattern BRACKETS = Pattern.compile("\\([^()]*\\)");

    private static final int MOST_KNOWN = 2000;

    private final ItemFinder finder;
    private final Weigher weigher;
    /** Lines that were read: whoever takes a text apart looks at each again and again. */
    private final Map<String, ReadLine> known = new ConcurrentHashMap<>();

    /** Reads with the names of a catalogue and the cups and spoons of a place. */
    public LineReader(Catalogue catalogue, Measures measures) {
        this.finder = ItemFinder.of(catalogue);
        this.weigher = new Weigher(measures);
    }

    /**
     * The line, parted where it names several foods and it is clear how much of each: none is said, or so much of each.
     * Otherwise the line as it stands.
     */
    public List<String> parted(String text) {
        return PartedLine.of(LineTidy.eachOfBoth(text), this);
    }

    Weigher weigher() {
        return weigher;
    }

    /** Words inside a sentence, of which most are no line at all: in English alone. */
    ReadLine inSentence(String words) {
        return new LineReading(words, finder, weigher).line();
    }

    /** The line, as far as it can be understood. */
    public ReadLine read(String text) {
        ReadLine before = known.get(text);
        if (before != null) {
            return before;
        }
        if (known.size() >= MOST_KNOWN) {
            known.clear();
        }
        ReadLine now = readNow(text);
        known.put(text, now);
        return now;
    }

    private ReadLine readNow(String text) {
        ReadLine read = inSentence(text);
        if (read.item().isPresent()) {
            return read.exact() ? read : inAnotherTongue(text).orElse(read);
        }
        Optional<ReadLine> turned = kindBehind(text);
        return turned.isPresent() || !read.foods().isEmpty()
                ? turned.orElse(read)
                : inAnotherTongue(text).orElse(read);
    }

    /** {@code Flour, buckwheat 180 g}: as a store list has it, the kind behind the thing. */
    private Optional<ReadLine> kindBehind(String text) {
        Matcher turned = KIND_BEHIND.matcher(text.strip());
        return turned.matches()
                ? Optional.of(inSentence(turned.group(3) + " " + turned.group(2) + " " + turned.group(1)))
                        .filter(read -> read.item().isPresent() && read.exact())
                        .map(read -> read.asWritten(text.strip()))
                : Optional.empty();
    }

    /** A line that says nothing in English may say something in another language. */
    private Optional<ReadLine> inAnotherTongue(String text) {
        Stream<String> glosses = Arrays.stream(Tongue.values())
                .map(tongue -> tongue.gloss(text))
                .filter(gloss -> !gloss.equals(Numbers.plain(text)));
        Optional<ReadLine> sure = glosses.filter(gloss ->
                        inSentence(BRACKETS.matcher(gloss).replaceAll("")).exact())
                .map(this::inSentence)
                .filter(read -> read.item().isPresent())
                .findFirst();
        return sure.map(read -> read.guessedFrom(text.strip()));
    }

    /** The food that goes by exactly this name. */
    Optional<Item> exactly(String name) {
        return finder.exactly(ItemFinder.words(name));
    }

    /** Whether a word of a text names something to eat, or a part of a dish. */
    boolean namesFood(String text) {
        return Stream.of(text.split("[^\\p{L}'-]+"))
                .anyMatch(word -> word.length() > 2 && (read(word).item().isPresent() || HeadingWords.isPart(word)));
    }
}
