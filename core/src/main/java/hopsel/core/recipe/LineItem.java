package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ItemFinder.Match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Which item a line means, where more than its name says so: dried, canned, fresh, zest, what stands in brackets.
 *
 * @param finder finds items by name
 * @param unit what the amount is counted in
 * @param size which kind of piece
 * @param counted whether there is a number, and no measure
 * @param asides what else the line says
 * @param brackets what it says in brackets
 */
record LineItem(
        ItemFinder finder,
        Optional<Unit> unit,
        boolean counted,
        Optional<String> size,
        List<String> asides,
        List<String> brackets) {

    /** Only fresh herbs come like this. */
    private static final Set<String> FRESH = Set.of("sprig", "bunch", "handful");

    private static final Pattern DRIED =
            Pattern.compile("(?<!\\b(?:and|then|well) )\\b(?:dried|dehydrated)\\b", Pattern.CASE_INSENSITIVE);

    private static final Set<String> LENGTHS = Set.of("cm", "inch", "thumb", "knob");

    /** The item that the name of this line means; a fresh one for what is said to be dried is a guess. */
    Optional<Match> match(String name) {
        String all = name + " " + String.join(" ", asides) + " " + String.join(" ", brackets);
        return found(name).map(match -> DRIED.matcher(all).find() && isFresh(match.item()) ? match.guessed() : match);
    }

    private static boolean isFresh(Item item) {
        return !item.has(Trait.DRIED) && !item.has(Trait.DRY) && !item.has(Trait.LIQUID);
    }

    private Optional<Match> found(String name) {
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
        Optional<Match> kind = kind(name);
        if (kind.isPresent()) {
            return kind;
        }
        if (said.contains("zest") && !said.contains("juice")) {
            return finder.match(name + " zest").or(() -> finder.match(name));
        }
        Optional<Match> whole = whole(name).or(() -> asCounted(name));
        if (whole.isPresent()) {
            return whole;
        }
        if (size.filter(LENGTHS::contains).isPresent()) {
            // Nobody measures a powder in centimetres.
            Optional<Match> root = finder.match("fresh " + name)
                    .filter(match ->
                            match.exact() && match.item().practice().pieces().containsKey("cm"));
            if (root.isPresent()) {
                return root;
            }
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
     * {@code onions, red}; {@code beans, black, fermented}: which kind it is stands behind. What was done to it is no
     * kind; where one kind is found and another is not, it is a guess.
     */
    private Optional<Match> kind(String name) {
        List<String> kinds = asides.stream()
                .flatMap(aside -> Stream.of(aside.split("[,;]| - ")))
                .map(String::strip)
                .filter(said -> !said.isEmpty() && said.split(" ").length <= 2)
                .filter(said -> !said.startsWith("to ") && !said.startsWith("for "))
                .filter(said -> PrepWords.doneBefore(said).isEmpty()
                        && CutReader.of(Optional.of(said)).isEmpty())
                .toList();
        List<String> backwards = new ArrayList<>(kinds);
        Collections.reverse(backwards);
        Optional<Match> all = Stream.of(backwards, kinds)
                .flatMap(said -> named(String.join(" ", said), name).stream())
                .findFirst();
        return all.or(() -> kinds.stream()
                .flatMap(said -> named(said, name).stream()
                        .map(match -> areOnlyDescriptions(kinds, said) ? match : match.guessed()))
                .findFirst());
    }

    private static boolean areOnlyDescriptions(List<String> kinds, String but) {
        return kinds.stream()
                .filter(said -> !said.equals(but))
                .flatMap(said -> ItemFinder.words(said).stream())
                .allMatch(ItemFinder::isDescription);
    }

    private Optional<Match> named(String kind, String name) {
        return kind.isEmpty()
                ? Optional.empty()
                : finder.exactly(ItemFinder.words(kind + " " + name))
                        .filter(item -> !finder.find(name).equals(Optional.of(item)))
                        .map(item -> new Match(item, true));
    }

    /** Kabocha is a squash; a chestnut is no mushroom. */
    private static boolean isKindOf(Item item, String name) {
        List<String> words = ItemFinder.words(name);
        String kind = words.isEmpty() ? "" : words.get(words.size() - 1);
        return Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                .anyMatch(own -> ItemFinder.words(own).contains(kind));
    }

    /** {@code 1 stick cinnamon}: it is the stick, where what goes by the bare name has none. */
    private Optional<Match> asCounted(String name) {
        boolean strange = finder.find(name)
                .filter(item -> item.gramsPerPiece().isEmpty()
                        && size.map(item.practice().pieces()::get).isEmpty())
                .isPresent();
        return strange
                ? size.flatMap(kind -> finder.exactly(ItemFinder.words(name + " " + kind)))
                        .map(item -> new Match(item, true))
                : Optional.empty();
    }

    /** {@code 8 peppers} are counted: sweet ones, and not what is ground. */
    private Optional<Match> whole(String name) {
        boolean ground = finder.find(name)
                .filter(item -> item.has(Trait.SPICE) && item.gramsPerPiece().isEmpty())
                .isPresent();
        return counted && ground
                ? finder.match("sweet " + name)
                        .filter(match ->
                                match.exact() && match.item().gramsPerPiece().isPresent())
                : Optional.empty();
    }

    /**
     * {@code squash (kabocha)}, {@code oil (olive)}: what stands in brackets says which one; beside a name that nobody
     * knows, it is no more than a guess.
     */
    private Optional<Match> closer(String name) {
        Optional<Item> plain = finder.find(name);
        Stream<Item> kinds =
                brackets.stream().flatMap(inside -> finder.exactly(ItemFinder.words(inside + " " + name)).stream());
        Stream<Item> alone = brackets.stream()
                .flatMap(inside -> finder.exactly(ItemFinder.words(inside)).stream())
                .filter(item -> plain.isEmpty() || isKindOf(item, name));
        return Stream.concat(kinds, alone)
                .filter(item -> plain.isEmpty() || !plain.get().equals(item))
                .findFirst()
                .map(item -> new Match(item, plain.isPresent()));
    }
}
