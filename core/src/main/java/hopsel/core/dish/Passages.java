package hopsel.core.dish;

import hopsel.core.Copyable;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What stands in a recipe and is neither a line nor a step of the dish. Immutable.
 *
 * @param unread that nobody has placed yet: while there is any, nothing is said of what the dish is made without
 * @param aside that somebody looked at and laid aside; words of allergens in it are still looked for
 */
@Copyable
public record Passages(List<String> unread, List<String> aside) implements PassagesBuilder.With {

    /** Everything was placed. */
    public static final Passages NONE = new Passages(List.of(), List.of());

    /** Keeps its own copies. */
    public Passages {
        unread = List.copyOf(unread);
        aside = List.copyOf(aside);
    }

    /** Passages that nobody has placed yet. */
    public static Passages unread(List<String> passages) {
        return new Passages(passages, List.of());
    }

    /** These and others, each once. */
    public Passages and(Passages others) {
        return new Passages(
                Stream.concat(unread.stream(), others.unread.stream())
                        .distinct()
                        .toList(),
                Stream.concat(aside.stream(), others.aside.stream()).distinct().toList());
    }

    /** With one that was placed; once, where it stands there twice. */
    public Passages placed(String passage) {
        List<String> left = new ArrayList<>(unread);
        left.remove(passage);
        return new Passages(left, aside);
    }

    /** With one that somebody laid aside. */
    public Passages laidAside(String passage) {
        List<String> more = new ArrayList<>(aside);
        more.add(passage);
        return new Passages(placed(passage).unread, more);
    }
}
