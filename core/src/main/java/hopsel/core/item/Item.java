package hopsel.core.item;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * An ingredient. Immutable. What is empty is unknown.
 *
 * @param id            unique in the catalogue
 * @param name          as a cook says it
 * @param gramsPerMl    density
 * @param gramsPerPiece weight of a whole piece as bought
 * @param gramsPerCan   drained weight of a can
 * @param edibleShare   what is left after peeling and trimming, above 0 up to 1
 * @param allergens     of {@link Allergen}
 * @param origin        plant, animal, or to be checked
 * @param is            what a house rule calls it
 * @param storage       where it is kept
 * @param packs         sizes in which it is sold; empty: sold loose
 * @param tolerance     what a scale may be off for it, in grams
 * @param nutrients     typical values
 * @param practice      other names, sizes, how it swells
 */
public record Item(String id, String name, Optional<BigDecimal> gramsPerMl, Optional<BigDecimal> gramsPerPiece,
                   Optional<BigDecimal> gramsPerCan, BigDecimal edibleShare, Set<Allergen> allergens, Origin origin,
                   Optional<HouseRule> is, Optional<Storage> storage, List<Pack> packs,
                   Optional<BigDecimal> tolerance, Optional<Nutrients> nutrients, Practice practice) {

    /** The size that {@code gramsPerPiece} speaks of. */
    public static final String MEDIUM = "medium";

    /** Keeps its own copies. */
    public Item {
        allergens = Set.copyOf(allergens);
        packs = List.copyOf(packs);
    }

    /**
     * Grams of a whole piece as bought; empty where they are unknown.
     *
     * @param size small, large, bunch and the like; empty or medium: the usual one
     */
    public Optional<BigDecimal> gramsPerPiece(Optional<String> size) {
        Optional<BigDecimal> named = size.map(practice.pieces()::get);
        boolean usual = size.isEmpty() || size.get().equals(MEDIUM);
        return named.isPresent() || !usual ? named : gramsPerPiece;
    }

    /** The allergens in the order of the law's list. */
    public List<Allergen> allergenList() {
        return allergens.stream().sorted().toList();
    }
}
