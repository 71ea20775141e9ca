package hopsel.core.recipe;

import hopsel.core.Few;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Finds the item that a name in a recipe speaks of.
 *
 * <p>The longest known name that ends where the name itself ends, descriptions left aside, wins. A name whose head is
 * not known is not guessed at, and a general word (oil, flour, milk) is not taken for an item if something unknown
 * stands before it: walnut oil is not just oil, and not everybody may eat it.
 */
public final class ItemFinder {

    /** One spelling of what is spelt in several ways. */
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}'&%/]+");

    private static final Map<String, String> SPELT = Map.of(
            "yog",
            "yogurt",
            "yoghurt",
            "yogurt",
            "yoghourt",
            "yogurt",
            "soya",
            "soy",
            "chili",
            "chilli",
            "chile",
            "chilli",
            "hoummus",
            "hummus",
            "marg",
            "margarine");

    private static final Set<String> DESCRIPTIONS = new HashSet<>(
            words("fresh freshly ripe raw organic large small medium baby big extra chopped diced minced sliced "
                    + "grated shredded crushed peeled cooked uncooked soaked drained rinsed roasted "
                    + "toasted unsalted salted low-sodium "
                    + "reduced-sodium finely coarsely roughly thinly thickly thick thin plain unsweetened "
                    + "sweetened pure good good-quality quality "
                    + "vegan plant-based dairy-free gluten-free frozen thawed warm cold hot boiling "
                    + "lukewarm leftover day-old packed heaped "
                    + "heaping level sifted whole halved quartered pitted seeded deseeded stoned trimmed "
                    + "washed squeezed juiced torn leaves cheeks "
                    + "leaf florets stalk stalks sprigs sprig cubes cube pieces piece chunks strips "
                    + "wedges rounds matchsticks ribbons halves slices "
                    + "crumbled mashed pureed puréed melted softened creamy smooth natural mild light "
                    + "fine coarse tinned canned jarred bottled "
                    + "store-bought shop-bought homemade favourite favorite optional extra-virgin virgin "
                    + "of the your some tender young "
                    + "cubed pressed patted dry dried ground blanched shelled soft free-range unbleached "
                    + "bought best local "
                    + "skin-on unpeeled clean cleaned very well heirloom filtered tap flavourless "
                    + "neutral-tasting instant quick-cook quick-cooking "
                    + "full-fat low-fat reduced-fat lite steamed boiled stale cored zested beaten flesh "
                    + "packet tub sheets root bulb heads cloves ears stems red green white yellow purple "
                    + "brown black unrefined refined"));

    /** Words that say too little by themselves. */
    private static final Set<String> GENERAL = Set.of(
            "oil",
            "vinegar",
            "flour",
            "milk",
            "butter",
            "cream",
            "cheese",
            "sauce",
            "paste",
            "stock",
            "broth",
            "sugar",
            "rice",
            "noodle",
            "bread",
            "yogurt",
            "yoghurt",
            "syrup",
            "jam",
            "mustard",
            "egg",
            "berry",
            "nut",
            "green",
            "pepper",
            "bean",
            "mayonnaise",
            "pasta",
            "chocolate",
            "juice",
            "powder",
            "salt",
            "mushroom",
            "curry paste",
            "wine",
            "vegetable stock");

    /** Colours tell things apart where they stand before a general word. */
    private static final Set<String> TELLING =
            Set.of("red", "green", "white", "yellow", "purple", "brown", "black", "dried", "dry");

    /** Mustard leaves are not mustard, celery root is not celery. */
    private static final Set<String> OTHER_PARTS = Set.of("leaf", "root", "flesh", "bulb", "sheet", "cream");

    /** Names that could be more than one thing: what is in it depends on which. */
    private static final Set<String> VAGUE = Set.of(
            "plant milk",
            "plant based milk",
            "non dairy milk",
            "nondairy milk",
            "dairy free milk",
            "vegan milk",
            "squash",
            "winter squash",
            "yeast",
            "noodles",
            "vermicelli",
            "noodle",
            "seaweed");

    private static final Set<String> PLANT_WORDS = Set.of("vegan", "plant", "based", "dairy", "free", "non");

    private static final Few<Catalogue, ItemFinder> LAST = new Few<>(8);

    private final Map<String, Item> byName = new HashMap<>();
    private int longest;

    /** Knows every name in the catalogue; a name given first is kept. */
    public ItemFinder(Catalogue catalogue) {
        for (Item item : catalogue.items()) {
            item.practice().names().forEach(name -> know(name, item));
        }
        catalogue.items().forEach(item -> know(item.name(), item));
    }

    private void know(String name, Item item) {
        List<String> words = words(name);
        byName.putIfAbsent(String.join(" ", words), item);
        longest = Math.max(longest, words.size());
    }

    /** The finder of a catalogue; the last few are kept, for a catalogue is asked again and again. */
    public static ItemFinder of(Catalogue catalogue) {
        return LAST.of(catalogue, ItemFinder::new);
    }

    /** The item that goes by exactly these words. */
    Optional<Item> exactly(List<String> words) {
        return Optional.ofNullable(byName.get(String.join(" ", words)));
    }

    /**
     * An item that a name may speak of.
     *
     * @param exact whether nothing was left aside but descriptions that do not change what is in it; otherwise it is a
     *     guess that somebody who knows has to confirm
     */
    record Match(Item item, boolean exact) {

        Match guessed() {
            return new Match(item, false);
        }
    }

    /** The item of that name, if it is known for sure enough. */
    public Optional<Item> find(String name) {
        return match(name).map(Match::item);
    }

    /** The item that a name may speak of, and whether that is more than a guess. */
    Optional<Match> match(String name) {
        List<String> words = new ArrayList<>(words(name));
        boolean part = false;
        while (!words.isEmpty()) {
            Optional<Match> match = endingHere(words);
            if (match.isPresent()) {
                boolean other = part && tells(match.get().item);
                return other ? match.map(Match::guessed) : match;
            }
            String last = words.get(words.size() - 1);
            if (!isDescription(last)) {
                return Optional.empty();
            }
            part |= OTHER_PARTS.contains(last);
            words.remove(words.size() - 1);
        }
        return Optional.empty();
    }

    /**
     * The item that somebody may have meant by a name that is not known: all words of one of its names stand in it, and
     * more of them than of any other's. Not where another item's name stands beside, for it would be lost, and its
     * allergen with it; nor by a general word alone. To be asked, never to be taken.
     */
    public Optional<Item> nearest(String name) {
        Set<String> said = Set.copyOf(words(name));
        int most = 0;
        Set<Item> best = new HashSet<>();
        for (Map.Entry<String, Item> known : byName.entrySet()) {
            Set<String> words = new HashSet<>(Arrays.asList(known.getKey().split(" ")));
            boolean telling = words.size() > 1 || !GENERAL.contains(known.getKey());
            if (telling && said.containsAll(words) && words.size() >= most) {
                if (words.size() > most) {
                    best.clear();
                }
                most = words.size();
                best.add(known.getValue());
            }
        }
        return best.stream()
                .filter(item -> best.size() == 1 && !leavesOut(said, item))
                .findFirst();
    }

    /** Whether words that none of an item's names has are the name of another one. */
    private boolean leavesOut(Set<String> said, Item item) {
        Set<String> left = new HashSet<>(said);
        byName.forEach((name, known) -> {
            if (known.equals(item)) {
                left.removeAll(words(name));
            }
        });
        return left.stream().anyMatch(byName::containsKey);
    }

    /** Whether it matters which one it is: what is in it differs, or something in it is an allergen. */
    private static boolean tells(Item item) {
        return !item.allergens().isEmpty() || item.origin() != Origin.PLANT;
    }

    private static boolean exact(Item item, List<String> before) {
        return before.stream().allMatch(word -> isDescription(word) && !(TELLING.contains(word) && tells(item)));
    }

    private Optional<Match> endingHere(List<String> words) {
        for (int length = Math.min(longest, words.size()); length > 0; length--) {
            int from = words.size() - length;
            String run = String.join(" ", words.subList(from, words.size()));
            Item item = byName.get(run);
            if (item != null && sure(run, item, words.subList(0, from))) {
                boolean exact = exact(item, words.subList(0, from)) && !VAGUE.contains(run);
                return Optional.of(new Match(item, exact));
            }
        }
        return Optional.empty();
    }

    private boolean sure(String run, Item item, List<String> before) {
        if (item.origin() != Origin.ANIMAL && namesAnAnimal(before)) {
            return false;
        }
        boolean careful = GENERAL.contains(run) || item.origin() == Origin.ANIMAL;
        return !careful
                || before.stream()
                        .allMatch(word -> isDescription(word)
                                && !TELLING.contains(word)
                                && !(item.origin() == Origin.ANIMAL && PLANT_WORDS.contains(word)));
    }

    /** {@code honey roasted peanuts}: never guessed to be the plant alone; but the milk of oats is no animal's. */
    private boolean namesAnAnimal(List<String> words) {
        if (words.stream().anyMatch(PLANT_WORDS::contains)) {
            return false;
        }
        for (int i = 0; i < words.size(); i++) {
            boolean ofAPlant = i > 0 && isPlant(byName.get(words.get(i - 1) + " " + words.get(i)));
            Item item = byName.get(words.get(i));
            if (item != null && item.origin() == Origin.ANIMAL && !ofAPlant) {
                return true;
            }
        }
        return false;
    }

    private static boolean isPlant(@Nullable Item item) {
        return item != null && item.origin() != Origin.ANIMAL;
    }

    /** Whether a word only says how something is: fresh, chopped, red. */
    public static boolean isDescription(String word) {
        return DESCRIPTIONS.contains(word) || word.matches("[\\d./x×%-]+");
    }

    /** The words of a name, in lower case and singular. */
    public static List<String> words(String name) {
        return Arrays.stream(BETWEEN_WORDS.split(name.toLowerCase(Locale.ROOT)))
                .filter(word -> !word.isEmpty())
                .map(ItemFinder::singular)
                .map(word -> SPELT.getOrDefault(word, word))
                .toList();
    }

    /** The singular of the plurals that kitchens use. */
    static String singular(String word) {
        if (word.equals("kiwis")) {
            return "kiwi";
        }
        if (word.length() < 4 || word.endsWith("ss") || word.endsWith("us") || word.endsWith("is")) {
            return word;
        }
        if (word.endsWith("leaves") || word.endsWith("loaves") || word.endsWith("halves")) {
            return word.substring(0, word.length() - 3) + "f";
        }
        if (word.endsWith("ies")) {
            return word.equals("cookies") ? "cookie" : word.substring(0, word.length() - 3) + "y";
        }
        if (word.endsWith("oes")
                || word.endsWith("shes")
                || word.endsWith("ches")
                || word.endsWith("sses")
                || word.endsWith("xes")) {
            return word.substring(0, word.length() - 2);
        }
        return word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
    }
}
