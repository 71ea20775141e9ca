package hopsel.core.diet;

import hopsel.core.Few;
import hopsel.core.Known;
import hopsel.core.guest.Avoided;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.recipe.ItemFinder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Finds words of food in running text, and the allergens that they stand for: the names of every ingredient of a
 * catalogue, and what people call the allergens of the law. The longest name wins, so that coconut milk is no milk. It
 * says too much rather than too little.
 */
final class FoodWords {

    /** What is compared with a food, and is none. */
    private static final Set<String> SENSED =
            Set.of("smell", "taste", "look", "feel", "thick", "soft", "smooth", "shiny", "sticky", "texture", "spread");

    private static final Set<String> AFTER_A_VERB =
            Set.of("the", "them", "it", "in", "until", "till", "for", "gently", "lightly", "well");

    private static final Set<String> NO_FOOD_TO_WRAP_IN = Set.of("cling", "plastic");

    private static final Few<Catalogue, FoodWords> LAST = new Few<>(8);

    private final Map<List<String>, Set<Allergen>> phrases = new HashMap<>();
    private int longest;

    private FoodWords(Catalogue catalogue) {
        Avoided.said().forEach((said, allergen) -> know(said, Set.of(allergen)));
        for (Item item : catalogue.items()) {
            // What was guessed knows no better what its words mean: it must not hide another food in them.
            if (item.takenFor().isPresent()) {
                continue;
            }
            know(item.name(), item.allergens());
            item.practice().names().forEach(name -> know(name, item.allergens()));
        }
    }

    private void know(String name, Set<Allergen> allergens) {
        List<String> words = ItemFinder.words(name);
        if (!words.isEmpty()) {
            phrases.merge(words, allergens, (one, two) -> one.isEmpty() ? two : one);
            longest = Math.max(longest, words.size());
        }
    }

    /** The words of a catalogue; the last are kept, for a catalogue is asked again and again. */
    static FoodWords of(Catalogue catalogue) {
        return LAST.of(catalogue, FoodWords::new);
    }

    /** A food that a text names, and what is in it. */
    record Named(List<String> words, Set<Allergen> allergens) {}

    /** The foods with allergens that a text names; "nut-free" names none. */
    List<Named> in(String text) {
        List<String> said = ItemFinder.words(text);
        List<Named> named = new ArrayList<>();
        int at = 0;
        while (at < said.size()) {
            int length = length(said, at);
            List<String> words = said.subList(at, at + Math.max(1, length));
            boolean free = at + length < said.size() && said.get(at + length).equals("free");
            if (length > 0
                    && !free
                    && !isVerb(said, at, length)
                    && !isWrapping(said, at, length)
                    && !isCompared(said, at)
                    && !Known.in(phrases, words).isEmpty()) {
                named.add(new Named(List.copyOf(words), Known.in(phrases, words)));
            }
            at += Math.max(1, length);
        }
        return named;
    }

    /** "Toast the seeds" speaks of no bread, "serve on toast" does. */
    private static boolean isVerb(List<String> said, int at, int length) {
        return length == 1
                && said.get(at).equals("toast")
                && at + 1 < said.size()
                && (at == 0 || AFTER_A_VERB.contains(said.get(at + 1)));
    }

    /**
     * "Wrap it", "Wrap the dough" and "cling wrap" speak of no bread; "fill a large wrap" does, and whatever may be
     * either is heard.
     */
    private static boolean isWrapping(List<String> said, int at, int length) {
        if (length != 1 || !said.get(at).equals("wrap")) {
            return false;
        }
        String next = at + 1 < said.size() ? said.get(at + 1) : "";
        return at > 0 && NO_FOOD_TO_WRAP_IN.contains(said.get(at - 1))
                || next.equals("it")
                || next.equals("them")
                || at == 0 && AFTER_A_VERB.contains(next);
    }

    /**
     * Dough that smells of bread, or a paste that is soft like butter, holds neither; but "something crunchy like
     * peanuts" holds peanuts, and "some like sesame on it" speaks of sesame.
     */
    private static boolean isCompared(List<String> said, int at) {
        boolean sensed = at > 1 && SENSED.contains(said.get(at - 2));
        return sensed && (said.get(at - 1).equals("like") || said.get(at - 1).equals("of"));
    }

    private int length(List<String> said, int at) {
        for (int length = Math.min(longest, said.size() - at); length > 0; length--) {
            if (phrases.containsKey(said.subList(at, at + length))) {
                return length;
            }
        }
        return 0;
    }
}
