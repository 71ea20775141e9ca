package hopsel.core.guest;

import hopsel.core.FactTable;
import hopsel.core.item.Allergen;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Foods that people avoid together, beyond the allergens of the law. What belongs to one is known by its traits, and,
 * to be on the careful side, by words in its name: a house's own garlic butter is garlic, too.
 *
 * @param word under which it is kept
 * @param said what people call it, too
 * @param traits each of which makes something belong to it
 * @param allergens each of which makes something belong to it
 * @param names words in a name that make something belong to it
 */
public record Family(String word, List<String> said, Set<Trait> traits, Set<Allergen> allergens, List<String> names) {

    private static final List<Family> ALL = FactTable.rows(Family.class, "families.txt", 5).stream()
            .map(Family::read)
            .toList();

    private static Family read(List<String> cells) {
        return new Family(
                cells.get(0),
                FactTable.list(cells.get(1)),
                FactTable.words(Trait.class, cells.get(2)),
                FactTable.words(Allergen.class, cells.get(3)),
                FactTable.list(cells.get(4)));
    }

    /** All of them. */
    public static List<Family> all() {
        return ALL;
    }

    /** The family that somebody speaks of, if it is one. */
    public static Optional<Family> of(String words) {
        String plain = words.strip().toLowerCase(Locale.ROOT);
        return ALL.stream()
                .filter(family -> family.word.equals(plain) || family.said.contains(plain))
                .findFirst();
    }

    /** Whether an ingredient belongs to it. */
    boolean holds(Item item) {
        return item.traits().stream().anyMatch(traits::contains)
                || item.allergens().stream().anyMatch(allergens::contains)
                || names.stream().anyMatch(name -> Avoided.isNamed(item, name));
    }
}
