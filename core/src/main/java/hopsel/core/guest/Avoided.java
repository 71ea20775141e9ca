package hopsel.core.guest;

import hopsel.core.FactTable;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.recipe.ItemFinder;

import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.StringTokenizer;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads what somebody avoids as people write it. */
public final class Avoided {

    /** What people say for the allergens of the law and for the rules of a house, and what they mean. */
    private static final Map<String, String> SAID = FactTable.rows(Avoided.class, "said.txt", 2).stream()
            .flatMap(cells -> FactTable.list(cells.get(0)).stream().map(word -> Map.entry(word, cells.get(1))))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    /**
     * Words that are in the names of things which have nothing to do with them: peanut butter and butter beans, flax
     * "egg", plum tomatoes.
     */
    private static final Set<String> IN_OTHER_NAMES = FactTable.rows(Avoided.class, "in-other-names.txt", 1).stream()
            .map(cells -> cells.get(0))
            .collect(Collectors.toSet());

    private static final Set<String> AROUND = FactTable.rows(Avoided.class, "said-around.txt", 1).stream()
            .map(cells -> cells.get(0))
            .collect(Collectors.toSet());

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

    /** Whether a word says one food and nothing else: no number of a list, and nothing that is in other names. */
    private static boolean isNameOfItsOwn(String word) {
        return word.length() >= SHORTEST
                && word.chars().allMatch(Character::isLetter)
                && !IN_OTHER_NAMES.contains(word);
    }

    /** Whether a word is in one of the names of an ingredient. */
    static boolean isNamed(Item item, String word) {
        String one = wordsOf(word).stream().findFirst().orElse(word);
        return Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                .anyMatch(name -> wordsOf(name).contains(one));
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
        SAID.forEach((said, means) -> Allergen.of(means).ifPresent(allergen -> all.put(said, allergen)));
        Arrays.stream(Allergen.values()).forEach(allergen -> all.put(allergen.word(), allergen));
        return all;
    }

    /**
     * Whether what was said can be checked wholly: an allergen, a rule, or an ingredient that is in no other. Tomato is
     * in tomato purée, too, and coconut in coconut milk, and in sauces that do not say so: whoever avoids those has to
     * be asked about, beside all that is refused for them.
     */
    public static boolean isWhole(String said, Catalogue catalogue) {
        String meant = meant(said, catalogue);
        if (Family.of(meant).isPresent()) {
            return false;
        }
        Optional<String> found = plain(meant, catalogue);
        Optional<Item> item = found.flatMap(catalogue::find);
        if (found.isEmpty() || item.isEmpty()) {
            return found.isPresent();
        }
        List<String> words = ItemFinder.words(meant);
        return catalogue.items().stream()
                .filter(other -> !other.id().equals(item.get().id()))
                .noneMatch(other -> Stream.concat(Stream.of(other.name()), other.practice().names().stream())
                        .anyMatch(name -> ItemFinder.words(name).containsAll(words)));
    }

    /** Whether a word is an allergen, the id of an item, or a house rule: something that can be checked. */
    public static boolean isKnown(String word, Catalogue catalogue) {
        return Allergen.of(word).isPresent()
                || catalogue.find(word).isPresent()
                || rule(word).isPresent()
                || Family.of(word).filter(family -> family.word().equals(word)).isPresent();
    }

    /**
     * The word of an allergen, a house rule or an item; empty where it is none that is known. Words that people put
     * around it and that say nothing more (nut allergy, allergic to nuts) are passed over.
     */
    public static Optional<String> find(String said, Catalogue catalogue) {
        return plain(meant(said, catalogue), catalogue);
    }

    /** What was said, without what stands around it; as it was said where that alone is known. */
    private static String meant(String said, Catalogue catalogue) {
        String word = said.strip().toLowerCase(Locale.ROOT);
        return plain(word, catalogue).isPresent()
                ? word
                : Collections.list(new StringTokenizer(word)).stream()
                        .map(String::valueOf)
                        .filter(part -> !AROUND.contains(part))
                        .collect(Collectors.joining(" "));
    }

    private static Optional<String> plain(String word, Catalogue catalogue) {
        return Allergen.of(word)
                .map(Allergen::word)
                .or(() -> rule(word).map(HouseRule::word))
                .or(() -> Optional.ofNullable(SAID.get(word)))
                .or(() -> Family.of(word).map(Family::word))
                .or(() -> catalogue.find(word).map(Item::id))
                .or(() -> catalogue.items().stream()
                        .filter(item -> item.name().toLowerCase(Locale.ROOT).equals(word)
                                || item.practice().names().stream().anyMatch(name -> name.toLowerCase(Locale.ROOT)
                                        .equals(word)))
                        .map(Item::id)
                        .findFirst());
    }
}
