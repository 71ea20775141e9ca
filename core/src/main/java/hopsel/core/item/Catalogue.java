package hopsel.core.item;

import hopsel.core.Few;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Items by id. Immutable; iteration keeps the order in which they came. */
public final class Catalogue {

    private final Map<String, Item> items;
    /** What was asked for with which items of its own: the same catalogue for the same items. */
    private final Few<List<Item>, Catalogue> with = new Few<>(16);

    private Catalogue(Map<String, Item> items) {
        this.items = Collections.unmodifiableMap(items);
    }

    /** A catalogue of these items; a later one with the same id takes the place of an earlier one. */
    public static Catalogue of(Collection<Item> items) {
        Map<String, Item> byId = new LinkedHashMap<>();
        items.forEach(item -> byId.put(item.id(), item));
        return new Catalogue(byId);
    }

    /**
     * This catalogue with some items added or overridden. One of which only the name is known never hides one that is
     * known by its id or its name: it becomes that one, so that whoever adds it here mends every dish that asked for
     * it. One that says nothing of its traits has those of the one it stands for.
     */
    public Catalogue with(Collection<Item> own) {
        if (own.isEmpty()) {
            return this;
        }
        return with.of(List.copyOf(own), this::joined);
    }

    private Catalogue joined(List<Item> own) {
        Map<String, Item> byId = new LinkedHashMap<>(items);
        own.forEach(item -> byId.put(
                item.id(), item.isNameOnly() ? known(item).orElseGet(() -> withTraits(item)) : withTraits(item)));
        return new Catalogue(byId);
    }

    private Optional<Item> known(Item nameOnly) {
        return find(nameOnly.id()).or(() -> items.values().stream()
                .filter(item -> item.isCalled(nameOnly.name()))
                .findFirst()
                .map(item -> item.under(nameOnly.id())));
    }

    private Item withTraits(Item own) {
        if (!own.traits().isEmpty()) {
            return own;
        }
        return own.withTraits(find(own.id())
                .or(() -> own.takenFor().flatMap(this::find))
                .or(() -> namedIn(own.name()))
                .map(Item::traits)
                .orElse(Set.of()));
    }

    /**
     * The item whose name stands in another name, the longest of them: "Dried kidney beans from the market" are soaked
     * and boiled hard like the others. It says too much rather than too little.
     */
    private Optional<Item> namedIn(String name) {
        String plain = plain(name);
        Item longest = null;
        int length = 0;
        for (Item item : items.values()) {
            for (String known : names(item)) {
                if (known.length() > length && plain.contains(known)) {
                    longest = item;
                    length = known.length();
                }
            }
        }
        return Optional.ofNullable(longest);
    }

    private static List<String> names(Item item) {
        return Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                .map(Catalogue::plain)
                .toList();
    }

    /** In lower case, without commas and the like, with a space at either end so that only whole words are found. */
    private static String plain(String name) {
        StringBuilder plain = new StringBuilder(" ");
        for (char c : name.toLowerCase(Locale.ROOT).toCharArray()) {
            char kept = Character.isLetterOrDigit(c) ? c : ' ';
            if (kept != ' ' || plain.charAt(plain.length() - 1) != ' ') {
                plain.append(kept);
            }
        }
        return plain.toString().stripTrailing() + " ";
    }

    /** The item of that id, if there is one. */
    public Optional<Item> find(String id) {
        return Optional.ofNullable(items.get(id));
    }

    /**
     * The item of that id.
     *
     * @throws IllegalArgumentException if there is none: a class that was reviewed names only items that exist
     */
    public Item get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("There is no item [%s].".formatted(id)));
    }

    /** All items. */
    public Collection<Item> items() {
        return items.values();
    }
}
