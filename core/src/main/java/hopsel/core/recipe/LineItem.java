package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ItemFinder.Match;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Which item a line means, where more than its name says so: dried, canned, fresh, zest, what stands in brackets.
 *
 * @param finder finds items by name
 * @param unit what the amount is counted in
 * @param size which kind of piece
 * @param asides what else the line says
 * @param brackets what it says in brackets
 */
record LineItem(
        ItemFinder finder, Optional<Unit> unit, Optional<String> size, List<String> asides, List<String> brackets) {

    /** Only fresh herbs come like this. */
    private static final Set<String> FRESH = Set.of("sprig", "bunch", "handful");

    /** The item that the name of this line means. */
    Optional<Match> match(String name) {
        boolean canned = unit.filter(Unit.CAN::equals).isPresent();
        String said = String.join(" ", asides).toLowerCase(Locale.ROOT);
        if (said.contains("dried") || said.contains("dry")) {
            Optional<Match> dried = finder.match("dried " + name);
            if (dried.isPresent()) {
                return dried;
            }
        }
        if (ItemFinder.words(said + " " + name).contains("soaked")) {
            Optional<Match> dried = finder.match("dried " + name);
            if (dried.isPresent()) {
                return dried;
            }
        }
        if (unit.filter(Unit.TSP::equals).isPresent()
                && finder.find(name).filter(leaf -> leaf.has(Trait.LEAF)).isPresent()
                && finder.find("ground " + name)
                        .filter(dry -> dry.has(Trait.SPICE))
                        .isPresent()) {
            return finder.match("ground " + name).map(Match::guessed);
        }
        Optional<Match> closer = closer(name);
        if (closer.isPresent()) {
            return closer;
        }
        if (said.contains("zest") && !said.contains("juice")) {
            return finder.match(name + " zest").or(() -> finder.match(name));
        }
        boolean fresh = size.filter(FRESH::contains).isPresent();
        if (fresh && finder.find("fresh " + name).isPresent()) {
            return finder.match("fresh " + name);
        }
        return canned
                ? finder.match("canned " + name).or(() -> finder.match(name))
                : finder.match(name).or(() -> finder.match(name.replaceFirst("(?i)^.*\\bof\\s+", ""))
                        .map(Match::guessed));
    }

    /**
     * {@code squash (kabocha)}, {@code oil (olive)}: what stands in brackets says which one; beside a name that nobody
     * knows, it is no more than a guess.
     */
    private Optional<Match> closer(String name) {
        Optional<Item> plain = finder.find(name);
        Stream<String> closer = brackets.stream().flatMap(inside -> Stream.of(inside + " " + name, inside));
        Stream<Item> found = closer.flatMap(words -> finder.exactly(ItemFinder.words(words)).stream());
        return found.filter(item -> plain.isEmpty() || !plain.get().equals(item))
                .findFirst()
                .map(item -> new Match(item, plain.isPresent()));
    }
}
