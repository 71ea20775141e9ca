package hopsel.core.guest;

import hopsel.core.FactTable;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.recipe.ItemFinder;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads what somebody avoids as people write it. */
public final class Avoided {

    /** What people say for the allergens of the law and for the rules of a house, and what they mean. */
    private static final Map<String, List<String>> SAID = FactTable.rows(Avoided.class, "said.txt", 2).stream()
            .flatMap(cells ->
                    FactTable.list(cells.get(0)).stream().map(word -> Map.entry(word, FactTable.list(cells.get(1)))))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    /**
     * Words that are in the names of things which have nothing to do with them: peanut butter and butter beans, flax
     * "egg", plum tomatoes.
     */
    private static final Set<String> IN_OTHER_NAMES = FactTable.rows(Avoided.class, "in-other-names.txt", 1).stream()
            .map(cells -> cells.get(0))
            .collect(Collectors.toSet());

    /** Words beside which a word means something else. */
    private static final Map<String, List<String>> NOT_BESIDE =
            FactTable.rows(Avoided.class, "not-beside.txt", 2).stream()
                    .collect(Collectors.toMap(cells -> cells.get(0), cells -> FactTable.list(cells.get(1))));

    private static final int SHORTEST = 3;
    /** The words of names, for the same names are asked for again and again. */
    private static final Map<String, Set<String>> WORDS = new ConcurrentHashMap<>();

    private static final int MOST_KEPT = 20_000;

    private Avoided() {}

    /**
     * Whether somebody who avoids this cannot have that: an allergen, a house rule, a family, or an ingredient, which
     * is in everything that bears its name, too.
     */
    public static boolean meets(Item item, String avoided) {
        if (Allergen.of(avoided).isPresent()) {
            return item.allergens().stream().anyMatch(own -> own.word().equals(avoided));
        }
        Optional<HouseRule> rule = rule(avoided);
        if (rule.isPresent()) {
            return item.falls(rule.get());
        }
        return item.id().equals(avoided)
                || Family.of(avoided)
                        .map(family -> family.holds(item))
                        .orElseGet(() -> isNameOfItsOwn(avoided) && isNamed(item, avoided));
    }

    private static Optional<HouseRule> rule(String word) {
        return Arrays.stream(HouseRule.values())
                .filter(rule -> rule.word().equals(word))
                .findFirst();
    }

    /**
     * Whether words say one food and nothing else: no number of a list, no "fresh" or "red", and nothing that is in
     * other names.
     */
    private static boolean isNameOfItsOwn(String words) {
        return words.length() >= SHORTEST
                && words.chars().allMatch(letter -> Character.isLetter(letter) || letter == ' ')
                && !IN_OTHER_NAMES.contains(words)
                && !ItemFinder.isDescription(words);
    }

    /** Whether a word, or all of several, are in one of the names of an ingredient. */
    static boolean isNamed(Item item, String words) {
        Set<String> all = wordsOf(words);
        return !all.isEmpty()
                && Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                        .map(Avoided::wordsOf)
                        .anyMatch(name -> name.containsAll(all) && !isOther(all, name));
    }

    /** Whether a word means something else in that name: a plum tomato is no plum. */
    private static boolean isOther(Set<String> words, Set<String> name) {
        return words.size() == 1
                && NOT_BESIDE.getOrDefault(words.iterator().next(), List.of()).stream()
                        .anyMatch(name::contains);
    }

    private static Set<String> wordsOf(String name) {
        if (WORDS.size() > MOST_KEPT) {
            WORDS.clear();
        }
        return WORDS.computeIfAbsent(name, any -> Set.copyOf(new HashSet<>(ItemFinder.words(any))));
    }

    /** What people call the allergens of the law, the law's own words among them. */
    public static Map<String, Allergen> said() {
        Map<String, Allergen> all = new HashMap<>();
        SAID.forEach((said, means) -> Allergen.of(means.get(0)).ifPresent(allergen -> all.put(said, allergen)));
        Arrays.stream(Allergen.values()).forEach(allergen -> all.put(allergen.word(), allergen));
        return all;
    }

    /**
     * Whether a word is an allergen, the id of an item, a family, a house rule, or in the names of items: something
     * that can be checked.
     */
    public static boolean isKnown(String word, Catalogue catalogue) {
        return Allergen.of(word).isPresent()
                || catalogue.find(word).isPresent()
                || rule(word).isPresent()
                || Family.of(word).filter(family -> family.word().equals(word)).isPresent()
                || isNameOfItsOwn(word) && catalogue.items().stream().anyMatch(item -> isNamed(item, word));
    }

    /** Whether a word is nothing but part of names, so that it may be in things that do not say so. */
    static boolean isOnlyAName(String word, Catalogue catalogue) {
        return Allergen.of(word).isEmpty()
                && rule(word).isEmpty()
                && Family.of(word).isEmpty()
                && catalogue.find(word).isEmpty();
    }

    /**
     * A word that no item is called by and that is in the names of some: sunflower, flax; empty where it is in none.
     */
    static List<String> inNames(String word, Catalogue catalogue) {
        String plain = String.join(" ", ItemFinder.words(word));
        return isNameOfItsOwn(plain) && catalogue.items().stream().anyMatch(item -> isNamed(item, plain))
                ? List.of(plain)
                : List.of();
    }

    /** What a word or a name stands for: words of allergens, house rules, families and items; empty where unknown. */
    static List<String> meaning(String word, Catalogue catalogue) {
        return SAID.containsKey(word)
                ? SAID.get(word)
                : one(word, catalogue).stream().toList();
    }

    private static Optional<String> one(String word, Catalogue catalogue) {
        return Allergen.of(word)
                .map(Allergen::word)
                .or(() -> rule(word).map(HouseRule::word))
                .or(() -> Family.of(word).map(Family::word))
                .or(() -> catalogue.find(word).map(Item::id))
                .or(() -> named(word, catalogue));
    }

    /** The item that is called so, or its name, where that is in the names of others, too: peas are in pea protein. */
    private static Optional<String> named(String word, Catalogue catalogue) {
        Set<String> words = Set.copyOf(ItemFinder.words(word));
        Optional<String> item = called(
                        catalogue, name -> name.toLowerCase(Locale.ROOT).equals(word))
                .or(() -> called(catalogue, name -> wordsOf(name).equals(words)));
        String plain = String.join(" ", ItemFinder.words(word));
        boolean shared = isNameOfItsOwn(plain)
                && catalogue.items().stream()
                                .filter(other -> isNamed(other, plain))
                                .limit(2)
                                .count()
                        > 1;
        return item.map(id -> shared ? plain : id);
    }

    private static Optional<String> called(Catalogue catalogue, Predicate<String> asSaid) {
        return catalogue.items().stream()
                .filter(item -> asSaid.test(item.name())
                        || item.practice().names().stream().anyMatch(asSaid))
                .map(Item::id)
                .findFirst();
    }
}
