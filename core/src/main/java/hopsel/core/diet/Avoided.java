package hopsel.core.diet;

import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Reads what somebody avoids as people write it. */
public final class Avoided {

    /** What people say for the allergens of the law's list. */
    private static final Map<String, Allergen> SAID = Map.ofEntries(Map.entry("wheat", Allergen.GLUTEN), Map.entry("coeliac", Allergen.GLUTEN), Map.entry("celiac", Allergen.GLUTEN), Map.entry("gluten free", Allergen.GLUTEN),
            Map.entry("nuts", Allergen.TREE_NUT), Map.entry("nut", Allergen.TREE_NUT), Map.entry("tree nuts", Allergen.TREE_NUT), Map.entry("peanuts", Allergen.PEANUT), Map.entry("soya", Allergen.SOY),
            Map.entry("soybeans", Allergen.SOY), Map.entry("dairy", Allergen.MILK), Map.entry("lactose", Allergen.MILK), Map.entry("eggs", Allergen.EGG), Map.entry("shellfish", Allergen.CRUSTACEANS),
            Map.entry("molluscs", Allergen.MOLLUSC), Map.entry("sesame seeds", Allergen.SESAME), Map.entry("sulphites", Allergen.SULPHITE), Map.entry("sulfites", Allergen.SULPHITE), Map.entry("lupine", Allergen.LUPIN));
    private static final Map<String, HouseRule> RULES = Map.of("salt", HouseRule.ADDED_SALT, "added salt", HouseRule.ADDED_SALT, "no oil", HouseRule.OIL, "oils", HouseRule.OIL,
            "wine", HouseRule.ALCOHOL, "no alcohol", HouseRule.ALCOHOL, "sprouts", HouseRule.RAW_SPROUTS, "raw sprouts", HouseRule.RAW_SPROUTS);

    private Avoided() {
    }

    /** The word of an allergen, a house rule or an item; empty where it is none that is known. */
    public static Optional<String> find(String said, Catalogue catalogue) {
        String word = said.strip().toLowerCase(Locale.ROOT);
        Optional<String> law = Allergen.of(word).or(() -> Optional.ofNullable(SAID.get(word))).map(Allergen::word);
        return law.or(() -> Arrays.stream(HouseRule.values()).filter(rule -> rule.word().equals(word)).findFirst().or(() -> Optional.ofNullable(RULES.get(word))).map(HouseRule::word))
                .or(() -> catalogue.find(word).map(Item::id))
                .or(() -> catalogue.items().stream().filter(item -> item.name().toLowerCase(Locale.ROOT).equals(word) || item.practice().names().stream().anyMatch(name -> name.toLowerCase(Locale.ROOT).equals(word)))
                        .map(Item::id).findFirst());
    }
}
