package hopsel.core.recipe;

import hopsel.core.FactTable;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kitchen.PlaceKind;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the text of a step speaks of: appliances and ingredients. */
public final class Spoken {

    /** Items that a method names without meaning something from the shop. */
    private static final Set<String> COMMON = FactTable.rows(Spoken.class, "said-in-passing.txt", 1).stream()
            .map(cells -> cells.get(0))
            .collect(Collectors.toUnmodifiableSet());

    private static final Set<String> FOUND_WITH_STEP = Stream.of(
                    PlaceKind.OVEN, PlaceKind.STEAMER, PlaceKind.GRILL, PlaceKind.FRIDGE, PlaceKind.FREEZER)
            .map(PlaceKind::word)
            .collect(Collectors.toUnmodifiableSet());

    private static final int SHORTEST = 4;

    private Spoken() {}

    /** Kinds of appliance that a text asks for beyond an oven and a ring, which are found with the step. */
    public static List<String> appliances(String text) {
        return StepReader.places(text).stream()
                .filter(kind -> !FOUND_WITH_STEP.contains(kind))
                .toList();
    }

    /** Items that a text names by their whole name. */
    public static Set<Item> items(String text, Catalogue catalogue) {
        return named(text, catalogue).keySet();
    }

    /** Items that a text names, with what it calls each. */
    public static Map<Item, String> named(String text, Catalogue catalogue) {
        List<String> said = ItemFinder.words(Mentions.NO_FOOD.matcher(text).replaceAll(" "));
        ItemFinder finder = ItemFinder.of(catalogue);
        Map<Item, String> found = new LinkedHashMap<>();
        for (int from = 0; from < said.size(); from++) {
            for (int length = Math.min(3, said.size() - from); length > 0; length--) {
                List<String> run = said.subList(from, from + length);
                Optional<Item> item = finder.exactly(run);
                boolean plain = item.isPresent()
                        && !COMMON.contains(item.get().id())
                        && String.join(" ", run).length() >= SHORTEST;
                if (plain) {
                    found.putIfAbsent(item.get(), String.join(" ", run));
                }
                if (item.isPresent()) {
                    from += length - 1;
                    break;
                }
            }
        }
        return found;
    }

    /** Whether a thing can be called that, too: rice vermicelli are vermicelli. */
    public static boolean isCalled(String said, Item other) {
        return Stream.concat(Stream.of(other.name()), other.practice().names().stream())
                .anyMatch(name -> ItemFinder.words(name).containsAll(ItemFinder.words(said)));
    }

    /** Whether a line speaks of the same thing by a part of its name: corn for sweetcorn, beans for black beans. */
    public static boolean shares(Item item, Optional<Item> other, Optional<String> prep) {
        if (other.isEmpty()) {
            return false;
        }
        List<String> words = new ArrayList<>(ItemFinder.words(other.get().name()));
        other.get().practice().names().forEach(name -> words.addAll(ItemFinder.words(name)));
        prep.ifPresent(text -> words.addAll(ItemFinder.words(text)));
        return ItemFinder.words(item.name()).stream()
                .filter(word -> word.length() >= SHORTEST)
                .anyMatch(words::contains);
    }

    /** Whether a title names the item. */
    public static boolean names(Item item, String title) {
        List<String> words = ItemFinder.words(title);
        return ItemFinder.words(item.name()).stream()
                        .filter(word -> word.length() >= SHORTEST)
                        .anyMatch(words::contains)
                || item.practice().names().stream().anyMatch(name -> words.containsAll(ItemFinder.words(name)));
    }
}
