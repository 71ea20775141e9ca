package hopsel.core.guest;

import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.recipe.ItemFinder;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads what somebody avoids as people write it. */
public final class Avoided {

    /** What people say for the allergens of the law's list. */
    private static final Map<String, Allergen> SAID = Map.ofEntries(
            Map.entry("wheat", Allergen.GLUTEN),
            Map.entry("coeliac", Allergen.GLUTEN),
            Map.entry("celiac", Allergen.GLUTEN),
            Map.entry("gluten free", Allergen.GLUTEN),
            Map.entry("nuts", Allergen.TREE_NUT),
            Map.entry("nut", Allergen.TREE_NUT),
            Map.entry("tree nuts", Allergen.TREE_NUT),
            Map.entry("peanuts", Allergen.PEANUT),
            Map.entry("soya", Allergen.SOY),
            Map.entry("soybeans", Allergen.SOY),
            Map.entry("dairy", Allergen.MILK),
            Map.entry("lactose", Allergen.MILK),
            Map.entry("eggs", Allergen.EGG),
            Map.entry("shellfish", Allergen.CRUSTACEANS),
            Map.entry("molluscs", Allergen.MOLLUSC),
            Map.entry("sesame seeds", Allergen.SESAME),
            Map.entry("sulphites", Allergen.SULPHITE),
            Map.entry("sulfites", Allergen.SULPHITE),
            Map.entry("lupine", Allergen.LUPIN));

    private static final Map<String, HouseRule> RULES = Map.of(
            "salt",
            HouseRule.ADDED_SALT,
            "added salt",
            HouseRule.ADDED_SALT,
            "no oil",
            HouseRule.OIL,
            "oils",
            HouseRule.OIL,
            "wine",
            HouseRule.ALCOHOL,
            "no alcohol",
            HouseRule.ALCOHOL,
            "sprouts",
            HouseRule.RAW_SPROUTS,
            "raw sprouts",
            HouseRule.RAW_SPROUTS);

    private Avoided() {}

    /** What people call the allergens of the law, the law's own words among them. */
    public static Map<String, Allergen> said() {
        Map<String, Allergen> all = new HashMap<>(SAID);
        Arrays.stream(Allergen.values()).forEach(allergen -> all.put(allergen.word(), allergen));
        return all;
    }

    /**
     * Whether what was said can be checked wholly: an allergen, a rule, or an ingredient that is in no other. Tomato is
     * in tomato purée, too, and coconut in coconut milk: whoever avoids those has to be asked about.
     */
    public static boolean isWhole(String said, Catalogue catalogue) {
        Optional<String> found = find(said, catalogue);
        Optional<Item> item = found.flatMap(catalogue::find);
        if (found.isEmpty() || item.isEmpty()) {
            return found.isPresent();
        }
        List<String> words = ItemFinder.words(said.strip());
        return catalogue.items().stream()
                .filter(other -> !other.id().equals(item.get().id()))
                .noneMatch(other -> Stream.concat(Stream.of(other.name()), other.practice().names().stream())
                        .anyMatch(name -> ItemFinder.words(name).containsAll(words)));
    }

    /** Whether a word is an allergen, the id of an item, or a house rule: something that can be checked. */
    public static boolean isKnown(String word, Catalogue catalogue) {
        return Allergen.of(word).isPresent()
                || catalogue.find(word).isPresent()
                || Arrays.stream(HouseRule.values())
                        .anyMatch(rule -> rule.word().equals(word));
    }

    /** The word of an allergen, a house rule or an item; empty where it is none that is known. */
    public static Optional<String> find(String said, Catalogue catalogue) {
        String word = said.strip().toLowerCase(Locale.ROOT);
        Optional<String> law =
                Allergen.of(word).or(() -> Optional.ofNullable(SAID.get(word))).map(Allergen::word);
        return law.or(() -> Arrays.stream(HouseRule.values())
                        .filter(rule -> rule.word().equals(word))
                        .findFirst()
                        .or(() -> Optional.ofNullable(RULES.get(word)))
                        .map(HouseRule::word))
                .or(() -> catalogue.find(word).map(Item::id))
                .or(() -> catalogue.items().stream()
                        .filter(item -> item.name().toLowerCase(Locale.ROOT).equals(word)
                                || item.practice().names().stream().anyMatch(name -> name.toLowerCase(Locale.ROOT)
                                        .equals(word)))
                        .map(Item::id)
                        .findFirst());
    }
}
