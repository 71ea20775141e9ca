package hopsel.core.mise;

import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What an ingredient does to board, knife and bowl, as a cook knows it. Read off the English words of its name; kitchen
 * practice, not measured.
 */
public enum Trait {
    /** Flours, ground spices, sugar, seeds: shares a bowl with its like, and leaves board and scale clean. */
    DRY("flour\\b|powder|starch|cornflour|arrowroot|salt|sugar|semolina|polenta|yeast|soda|bicarbonate|cream "
            + "of tartar|gum|husk|oats|seeds?|cumin|paprika|turmeric|pepper(?:corns?)?|"
            + "cinnamon|nutmeg|cloves?|cardamom|allspice|anise|fenugreek|caraway|nigella|sumac|za.?atar|"
            + "asafoetida|garam masala|cayenne|flakes|dried \\w+|ground "
            + "\\w+|rice|pearls?|lentils|quinoa|couscous|"
            + "bulgur|millet|breadcrumbs|panko|cocoa|nuts?|peanuts|almonds|cashews|walnuts|pecans|"
            + "hazelnuts|pistachios|coconut, desiccated|desiccated "
            + "coconut|agar|noodles|vermicelli|spaghetti|pasta|wakame|nori|kombu"),
    /** Runs: water, oil, milk, sauces. */
    LIQUID("water|oil|milk|drink|cream|juice|vinegar|wine|mirin|lager|beer|syrup|agave|sauce|aminos|passata|"
            + "stock|extract|molasses|honey|aquafaba|ketchup|paste|yogurt|mayo|puree|purée|coffee"),
    /** Earth on it, or juice that soils the board. */
    SOILS("potato|carrot|beetroot|celeriac|parsnip|turnip|radish|daikon|leek|mushroom|shiitake|portobello|"
            + "tomato|mango|plum|peach|berries|pineapple|pumpkin|squash|spinach|chard|ginger"),
    /** What comes after it tastes of it. */
    SMELLS("onion|shallot|garlic|leek|chives|chilli|jalapeno|jalapeño|asafoetida|kimchi|sauerkraut|galangal|"
            + "curry|durian|horseradish"),
    /** Colours board and hands. */
    STAINS("beetroot|turmeric|saffron|red cabbage|blueberr|pomegranate|tomato paste|curry "
            + "paste|raspberr|blackberr|cherr"),
    /** Turns brown once it is cut. */
    BROWNS("apple|pear|avocado|banana|aubergine|artichoke|celeriac|potato|parsnip|peach|quince|basil|mint"),
    /** Wilts once it is washed and cut. */
    WILTS("lettuce|rocket|coriander leaf|coriander leaves|fresh "
            + "coriander|parsley|basil|dill|mint|chives|spinach|cucumber|salad|spring onion|tarragon|leaf"),
    /** Raw garlic and onion: gets harsher while it waits, and what waits beside it takes it on. */
    PUNGENT("^(?:garlic|onion|red onion|shallot)s?\\b");

    private static final Pattern NOT_FRESH = Pattern.compile(
            "\\b(?:dried|powder|ground|flakes|granules|frozen|canned|can|jar|puree|purée|paste|sauce|seeds?|"
                    + "starch|flour|oil|extract|syrup|apple sauce)\\b");
    /** Minutes that something cut may wait before it browns or wilts. */
    private static final int BROWN_AFTER = 20;

    private static final int WILT_AFTER = 60;

    private final Pattern words;

    Trait(String words) {
        this.words = Pattern.compile(words.startsWith("^") ? words : "\\b(?:" + words + ")");
    }

    /** The traits of an item. */
    public static Set<Trait> of(Item item) {
        String name = item.name().toLowerCase(Locale.ROOT);
        Set<Trait> found = EnumSet.noneOf(Trait.class);
        for (Trait trait : values()) {
            if (trait.words.matcher(name).find()) {
                found.add(trait);
            }
        }
        if (item.is().filter(rule -> rule == HouseRule.OIL).isPresent()) {
            found.add(LIQUID);
        }
        if (found.contains(LIQUID)) {
            found.remove(DRY);
        }
        if (NOT_FRESH.matcher(name).find()) {
            found.removeAll(EnumSet.of(SOILS, BROWNS, WILTS, PUNGENT));
        }
        return found;
    }

    /** Minutes that something of these traits may wait once cut; no limit where it is the largest integer. */
    static int keepsCut(Set<Trait> traits) {
        if (traits.contains(BROWNS)) {
            return BROWN_AFTER;
        }
        if (traits.contains(WILTS)) {
            return WILT_AFTER;
        }
        return Integer.MAX_VALUE;
    }
}
