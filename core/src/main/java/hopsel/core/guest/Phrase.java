package hopsel.core.guest;

import hopsel.core.FactTable;
import hopsel.core.Few;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.recipe.ItemFinder;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.StringTokenizer;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What somebody says that they cannot have, in their own words: one thing, several (nuts and sesame), or a sentence
 * around them (a severe nut allergy).
 */
public final class Phrase {

    /** Words that people put around it, and that say nothing more. */
    private static final Set<String> AROUND = words("said-around.txt");

    /** Words by which people say that there is nothing. */
    private static final Set<String> NOTHING = words("said-nothing.txt");

    /** Words between two things. */
    private static final Set<String> BETWEEN = words("said-between.txt");

    private static final String BESIDE_WORDS = " \t.!?()\"“”:";
    /** Words of the longest name that is looked for inside a sentence. */
    private static final int LONGEST_NAME = 4;

    private static final int MOST_KEPT = 2_000;
    /** The same guests are asked about again and again. */
    private static final Few<Catalogue, Map<String, List<String>>> KNOWN = new Few<>(8);

    private Phrase() {}

    private static Set<String> words(String table) {
        return FactTable.rows(Phrase.class, table, 1).stream()
                .map(cells -> cells.get(0))
                .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * All of it that can be checked, as words of allergens, house rules, families and items, in the order in which it
     * was said. Whatever a sentence names is taken, whatever else it says: to leave out too much harms nobody.
     */
    public static List<String> known(String said, Catalogue catalogue) {
        Map<String, List<String>> kept = KNOWN.of(catalogue, any -> new ConcurrentHashMap<>());
        if (kept.size() > MOST_KEPT) {
            kept.clear();
        }
        return kept.computeIfAbsent(said, any -> told(said, catalogue));
    }

    private static List<String> told(String said, Catalogue catalogue) {
        List<String> all = exact(said, catalogue);
        return all.isEmpty()
                ? things(said).stream()
                        .flatMap(thing -> named(thing, catalogue).stream())
                        .distinct()
                        .toList()
                : all;
    }

    /** As {@link #known}, where nothing else is said; empty otherwise. */
    public static List<String> exact(String said, Catalogue catalogue) {
        List<String> whole = Avoided.meaning(meant(said, catalogue), catalogue);
        if (!whole.isEmpty()) {
            return whole;
        }
        List<List<String>> each =
                things(said).stream().map(thing -> exactly(thing, catalogue)).toList();
        return each.contains(List.<String>of())
                ? List.of()
                : each.stream().flatMap(List::stream).distinct().toList();
    }

    private static List<String> exactly(String thing, Catalogue catalogue) {
        String meant = meant(thing, catalogue);
        List<String> called = Avoided.meaning(meant, catalogue);
        return called.isEmpty() ? Avoided.inNames(meant, catalogue) : called;
    }

    /** Whether it says that there is nothing, or only what goes for everything here: none, no allergies, vegan. */
    public static boolean isNothing(String said) {
        String word = said.strip().toLowerCase(Locale.ROOT);
        List<String> left = split(word).stream()
                .filter(part -> !AROUND.contains(part) && !NOTHING.contains(part))
                .toList();
        return left.isEmpty() || NOTHING.contains(word);
    }

    /**
     * Whether what was said can be checked wholly: allergens, rules, or ingredients that are in no other. Tomato is in
     * tomato purée, too, and coconut in coconut milk, and in sauces that do not say so: whoever avoids those has to be
     * asked about, beside all that is refused for them.
     */
    public static boolean isWhole(String said, Catalogue catalogue) {
        if (!Avoided.meaning(meant(said, catalogue), catalogue).isEmpty()) {
            return isWholeThing(said, catalogue);
        }
        List<String> things = things(said);
        return !things.isEmpty() && things.stream().allMatch(thing -> isWholeThing(thing, catalogue));
    }

    private static boolean isWholeThing(String said, Catalogue catalogue) {
        String meant = meant(said, catalogue);
        if (Family.of(meant).isPresent()) {
            return false;
        }
        List<String> found = Avoided.meaning(meant, catalogue);
        Optional<Item> item = found.stream().findFirst().flatMap(catalogue::find);
        if (item.isEmpty()) {
            return !found.isEmpty() && found.stream().noneMatch(word -> Avoided.isOnlyAName(word, catalogue));
        }
        List<String> words = ItemFinder.words(meant);
        return catalogue.items().stream()
                .filter(other -> !other.id().equals(item.get().id()))
                .noneMatch(other -> Stream.concat(Stream.of(other.name()), other.practice().names().stream())
                        .anyMatch(name -> ItemFinder.words(name).containsAll(words)));
    }

    /** What was said, without what stands around it; as it was said where that alone is known. */
    private static String meant(String said, Catalogue catalogue) {
        String word = said.strip().toLowerCase(Locale.ROOT);
        return Avoided.meaning(word, catalogue).isEmpty()
                ? split(word).stream().filter(part -> !AROUND.contains(part)).collect(Collectors.joining(" "))
                : word;
    }

    private static List<String> split(String said) {
        return Collections.list(
                        new StringTokenizer(said.toLowerCase(Locale.ROOT).replace(",", " & "), BESIDE_WORDS))
                .stream()
                .map(String::valueOf)
                .toList();
    }

    /** The things of an enumeration. */
    private static List<String> things(String said) {
        List<String> all = new ArrayList<>();
        List<String> thing = new ArrayList<>();
        for (String word : split(said)) {
            if (BETWEEN.contains(word)) {
                all.add(String.join(" ", thing));
                thing.clear();
            } else {
                thing.add(word);
            }
        }
        all.add(String.join(" ", thing));
        return all.stream().filter(one -> !one.isEmpty()).toList();
    }

    /** What is named anywhere in a sentence, the longest name first. */
    private static List<String> named(String sentence, Catalogue catalogue) {
        List<String> words = split(sentence);
        List<String> all = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            int length = Math.min(LONGEST_NAME, words.size() - at);
            while (length > 0) {
                List<String> found = Avoided.meaning(String.join(" ", words.subList(at, at + length)), catalogue);
                if (!found.isEmpty()) {
                    all.addAll(found);
                    break;
                }
                length--;
            }
            at += Math.max(1, length);
        }
        return all;
    }
}
